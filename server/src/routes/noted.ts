import type { Router } from 'express';
import type { Database } from '../database/pool';
import { removeNoted, type NotedKind } from '../repositories/noted';
import type { Changes } from '../services/changes';
import { note } from '../services/note';
import { idFrom, parse } from './resource';

/** Adds to a thing's routes what is noted of it: `POST` an entry, `DELETE` one. */
export function notedRoutes<Entry extends { readonly id: string }>(
  router: Router,
  database: Database,
  kind: NotedKind<Entry>,
  find: (kitchenId: string, id: string) => Promise<{ readonly id: string }>,
  changes: Pick<Changes, 'tell'>,
): void {
  const { path, of, what } = kind;
  router.post(`/:id/${path}`, async (request, response) => {
    const entry = parse(kind.schema, request.body);
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const id = idFrom(request, 'id', of.what);
    response.json(await note(database, kind, kitchenId, id, entry));
    changes.tell(kitchenId, { what: 'noted', kind: path, id, entryId: entry.id, gone: false });
  });
  router.delete(`/:id/${path}/:entryId`, async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const { id } = await find(kitchenId, idFrom(request, 'id', of.what));
    const entryId = idFrom(request, 'entryId', what);
    await removeNoted(database, kind, kitchenId, id, entryId);
    response.status(204).end();
    changes.tell(kitchenId, { what: 'noted', kind: path, id, entryId, gone: true });
  });
}

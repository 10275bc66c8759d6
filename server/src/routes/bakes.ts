import { bakeSearchSchema, type BakeData } from '@hollow-moon/contract';
import { Router } from 'express';
import type { Database } from '../database/pool';
import { logPage } from '../repositories/log';
import { notedOf, READINGS, removeNoted, WOBBLES, type NotedKind } from '../repositories/noted';
import type { Keeper } from '../services/keep';
import { note } from '../services/note';
import { idFrom, parse, shown, type MustExist } from './resource';

/** The log by pages, a bake whole, and what is noted of it entry by entry. It is written like everything else. */
export function bakeRoutes(
  database: Database,
  keeper: Keeper<BakeData>,
  kitchenMustExist: MustExist,
): Router {
  const router = Router({ mergeParams: true });
  router.get('/', async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const page = await logPage(database, kitchenId, parse(bakeSearchSchema, request.query));
    if (page.bakes.length === 0) await kitchenMustExist(kitchenId);
    response.json(page);
  });
  router.get('/:id', async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const bake = await keeper.find(kitchenId, idFrom(request, 'id', 'bake'));
    response.json({ ...shown(bake), ...(await notedOf(database, kitchenId, bake.id)) });
  });
  const entryRoutes = <Entry extends { readonly id: string }>(
    path: string,
    kind: NotedKind<Entry>,
  ) => {
    router.post(`/:id/${path}`, async (request, response) => {
      const entry = parse(kind.schema, request.body);
      const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
      response.json(await note(database, kind, kitchenId, idFrom(request, 'id', 'bake'), entry));
    });
    router.delete(`/:id/${path}/:entryId`, async (request, response) => {
      const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
      const bake = await keeper.find(kitchenId, idFrom(request, 'id', 'bake'));
      await removeNoted(database, kind, kitchenId, bake.id, idFrom(request, 'entryId', kind.what));
      response.status(204).end();
    });
  };
  entryRoutes('readings', READINGS);
  entryRoutes('wobbles', WOBBLES);
  return router;
}

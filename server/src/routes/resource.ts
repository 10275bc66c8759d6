import { archivingSchema, idSchema, writeOf } from '@hollow-moon/contract';
import { Router, type Request } from 'express';
import type { z } from 'zod';
import { invalid, notFound, type ThingName } from '../errors';
import type { Stored } from '../repositories/table';
import type { Keeper } from '../services/keep';

/** Parses or refuses with the field's path. */
export function parse<T extends z.ZodType>(schema: T, value: unknown): z.infer<T> {
  const result = schema.safeParse(value);
  if (!result.success) throw invalid(result.error);
  return result.data;
}

/** An id from the address; one that cannot be ours is simply not there. */
export function idFrom(request: Request, name: string, what: ThingName): string {
  const result = idSchema.safeParse(request.params[name]);
  if (!result.success) throw notFound(what);
  return result.data.toLowerCase();
}

/** What is sent of a stored thing. */
export const shown = <Data>({ id, version, updatedAt, data }: Stored<Data>) => ({
  id,
  version,
  updatedAt,
  data,
});

/** Refuses where there is no such kitchen. Asked where an answer would be empty, so that others need no question for it. */
export type MustExist = (kitchenId: string) => Promise<void>;

/** GET list and GET one of a kitchen's things. */
export function readRoutes<Data>(
  keeper: Keeper<Data>,
  what: ThingName,
  kitchenMustExist: MustExist,
): Router {
  const router = Router({ mergeParams: true });
  router.get('/', async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const list = await keeper.list(kitchenId);
    if (list.length === 0) await kitchenMustExist(kitchenId);
    response.json(list.map(shown));
  });
  router.get('/:id', async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    response.json(shown(await keeper.find(kitchenId, idFrom(request, 'id', what))));
  });
  return router;
}

/** PUT one of a kitchen's things, and DELETE, which puts it away: a PUT brings it back. */
export function writeRoutes<Data extends { readonly archived: boolean }>(
  keeper: Keeper<Data>,
  what: ThingName,
  dataSchema: z.ZodType<Data>,
): Router {
  const router = Router({ mergeParams: true });
  const writeSchema = writeOf(dataSchema);
  router.put('/:id', async (request, response) => {
    const write = parse(writeSchema, request.body);
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    response.json(shown(await keeper.put(kitchenId, idFrom(request, 'id', what), write)));
  });
  router.delete('/:id', async (request, response) => {
    const write = parse(archivingSchema, request.body);
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const { id, data } = await keeper.find(kitchenId, idFrom(request, 'id', what));
    const away = { ...write, data: { ...data, archived: true } };
    response.json(shown(await keeper.put(kitchenId, id, away)));
  });
  return router;
}

import { idSchema, writeOf } from '@hollow-moon/contract';
import { Router, type Request } from 'express';
import type { z } from 'zod';
import { invalid, notFound } from '../errors';
import type { Stored } from '../repositories/table';
import type { Keeper } from '../services/keep';

/** Parses or refuses with the field's path. */
export function parse<T extends z.ZodType>(schema: T, value: unknown): z.infer<T> {
  const result = schema.safeParse(value);
  if (!result.success) throw invalid(result.error);
  return result.data;
}

/** An id from the address; one that cannot be ours is simply not there. */
export function idFrom(request: Request, name: string, what: string): string {
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

/** GET list, GET one and PUT one of a kitchen's things. */
export function resourceRoutes<Data, Search>(
  keeper: Keeper<Data, Search>,
  what: string,
  dataSchema: z.ZodType<Data>,
  searchSchema?: z.ZodType<Search>,
): Router {
  const router = Router({ mergeParams: true });
  const writeSchema = writeOf(dataSchema);
  const kitchenOf = (request: Request) => idFrom(request, 'kitchenId', 'kitchen');
  router.get('/', async (request, response) => {
    const search = searchSchema ? parse(searchSchema, request.query) : undefined;
    const list = await keeper.list(kitchenOf(request), search);
    response.json(list.map(shown));
  });
  router.get('/:id', async (request, response) => {
    response.json(shown(await keeper.find(kitchenOf(request), idFrom(request, 'id', what))));
  });
  router.put('/:id', async (request, response) => {
    const write = parse(writeSchema, request.body);
    const stored = await keeper.put(kitchenOf(request), idFrom(request, 'id', what), write);
    response.json(shown(stored));
  });
  return router;
}

import { bakeSearchSchema, type BakeData } from '@hollow-moon/contract';
import { Router } from 'express';
import type { Database } from '../database/pool';
import { notFound } from '../errors';
import { logPage } from '../repositories/log';
import {
  DEEDS,
  findNoted,
  notedOf,
  PICTURES,
  picturesOf,
  READINGS,
  WOBBLES,
} from '../repositories/noted';
import type { Changes } from '../services/changes';
import type { Keeper } from '../services/keep';
import { notedRoutes } from './noted';
import { idFrom, parse, shown, type MustExist } from './resource';

/** The log by pages, a bake whole, and what is noted of it entry by entry. It is written like everything else. */
export function bakeRoutes(
  database: Database,
  keeper: Keeper<BakeData>,
  kitchenMustExist: MustExist,
  changes: Pick<Changes, 'tell'>,
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
  router.get('/:id/pictures', async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const { id } = await keeper.find(kitchenId, idFrom(request, 'id', 'bake'));
    response.json(await picturesOf(database, kitchenId, id));
  });
  router.get('/:id/pictures/:entryId', async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const id = idFrom(request, 'id', 'bake');
    const entryId = idFrom(request, 'entryId', 'picture');
    const picture = await findNoted(database, PICTURES, kitchenId, id, entryId);
    if (!picture) throw notFound('picture');
    response.type('image/jpeg').send(Buffer.from(picture.jpeg, 'base64'));
  });
  notedRoutes(router, database, PICTURES, keeper.find, changes);
  notedRoutes(router, database, READINGS, keeper.find, changes);
  notedRoutes(router, database, WOBBLES, keeper.find, changes);
  notedRoutes(router, database, DEEDS, keeper.find, changes);
  return router;
}

import type { DayData } from '@hollow-moon/contract';
import { Router } from 'express';
import type { Database } from '../database/pool';
import { MARKS, marksOf, tookIn } from '../repositories/noted';
import type { Changes } from '../services/changes';
import type { Keeper } from '../services/keep';
import { notedRoutes } from './noted';
import { idFrom, readRoutes, type MustExist } from './resource';

/** Days as everything else is read, as calendars, and what was tapped on the tasks of one while it was worked. */
export function dayRoutes(
  database: Database,
  keeper: Keeper<DayData>,
  kitchenMustExist: MustExist,
  changes: Pick<Changes, 'tell'>,
  calendarOf: (kitchenId: string, id: string) => Promise<string>,
): Router {
  const router = readRoutes(keeper, 'day', kitchenMustExist);
  router.get('/:id/marks', async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const { id } = await keeper.find(kitchenId, idFrom(request, 'id', 'day'));
    response.json(await marksOf(database, kitchenId, id));
  });
  // A calendar that follows this address has every new plan in place of the old.
  router.get('/:id/calendar.ics', async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const text = await calendarOf(kitchenId, idFrom(request, 'id', 'day'));
    response.type('text/calendar').send(text);
  });
  notedRoutes(router, database, MARKS, keeper.find, changes);
  return router;
}

/** What the last tasks of each kind took in a kitchen. */
export function tookRoute(database: Database, kitchenMustExist: MustExist): Router {
  const router = Router({ mergeParams: true });
  router.get('/', async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const took = await tookIn(database, kitchenId);
    if (took.length === 0) await kitchenMustExist(kitchenId);
    response.json(took);
  });
  return router;
}

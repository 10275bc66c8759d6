import { ownIngredients } from '@hollow-moon/contract';
import { createHash } from 'node:crypto';
import QuickLRU from 'quick-lru';
import type { CalendarAsk } from '../calendar/worker';
import type { Database } from '../database/pool';
import { notFound } from '../errors';
import { days } from '../repositories/days';
import { ovens, pantry, vessels } from '../repositories/equipment';
import { formulas } from '../repositories/formulas';
import { kitchens } from '../repositories/kitchens';
import type { Run } from '../threads/threads';

/** Calendars of so many days are remembered; one is asked for again and again, by every calendar that follows it. */
const REMEMBERED = 50;

const byId = <Data>(all: readonly { readonly id: string; readonly data: Data }[]) =>
  Object.fromEntries(all.map(({ id, data }) => [id, data]));

/** Answers the calendar of a day: worked out once for what the book says, and remembered. */
export function createCalendars(
  database: Database,
  make: Run<CalendarAsk, string>,
  now: () => Date,
): (kitchenId: string, id: string) => Promise<string> {
  const remembered = new QuickLRU<string, Promise<string>>({ maxSize: REMEMBERED });
  return async (kitchenId, id) => {
    const [kitchen, day, all, tins, stoves, stock] = await Promise.all([
      kitchens.find(database, kitchenId, kitchenId),
      days.find(database, kitchenId, id),
      formulas.list(database, kitchenId),
      vessels.list(database, kitchenId),
      ovens.list(database, kitchenId),
      pantry.list(database, kitchenId),
    ]);
    if (!kitchen || !day) throw notFound('day');
    const book = {
      day: { id: day.id, version: day.version, updatedAt: day.updatedAt, data: day.data },
      kitchen: kitchen.data,
      formulas: byId(all),
      vessels: byId(tins),
      ovens: stoves.map(({ id: oven, data }) => ({ id: oven, data })),
      own: ownIngredients(stock),
    };
    const key = createHash('sha256').update(JSON.stringify(book)).digest('hex');
    const known = remembered.get(key);
    if (known) return known;
    const made = make({ ...book, now: now() });
    remembered.set(key, made);
    // What could not be made is asked for anew.
    made.catch(() => remembered.delete(key));
    return made;
  };
}

import type { Relief } from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import { v4 as uuid } from 'uuid';
import type { CookData } from '@hollow-moon/contract';
import type { EditDay } from './useDay';
import type { Planned } from './usePlan';
import { lasting } from './when';

const DAY_MIN = 1440;
/** Nothing of a day begins before, and nothing is wanted after, min from its midnight. */
const SOONEST_MIN = -2 * DAY_MIN;
const LATEST_MIN = 2 * DAY_MIN - 1;

/** Somebody who begins so much sooner, past midnight to the evening before; who works round the clock stays so. */
function sooner(cook: CookData, minutes: number): CookData {
  const { fromMin, toMin } = cook;
  if (toMin - fromMin + minutes > DAY_MIN) return cook;
  return fromMin >= minutes
    ? { ...cook, fromMin: fromMin - minutes }
    : { ...cook, fromMin: fromMin - minutes + DAY_MIN, toMin: toMin + DAY_MIN };
}

/** A way out in the cook's words, and what a tap on it does; an oven is not borrowed by a tap. */
export function reliefInWords(
  way: Relief,
  { session }: Pick<Planned, 'session'>,
  onEdit: EditDay,
): { readonly says: string; readonly take?: () => void } {
  const named = (bake: string) => session.wanted.find(({ id }) => id === bake)!.name;
  switch (way.kind) {
    case 'begin-sooner':
      return {
        says: say('day.way-begin-sooner', { minutes: lasting(way.minutes) }),
        take: () =>
          onEdit((day) => ({
            ...day,
            beginsMin: Math.max(SOONEST_MIN, day.beginsMin - way.minutes),
            people: day.people.map((cook) => sooner(cook, way.minutes)),
          })),
      };
    case 'stay-longer':
      return {
        says: say('day.way-stay-longer', { minutes: lasting(way.minutes) }),
        take: () =>
          onEdit((day) => ({
            ...day,
            people: day.people.map((cook) => ({
              ...cook,
              toMin: Math.min(2 * DAY_MIN, cook.fromMin + DAY_MIN, cook.toMin + way.minutes),
            })),
          })),
      };
    case 'serve-later':
      return {
        says: say('day.way-serve-later', {
          bake: named(way.bake),
          minutes: lasting(way.minutes),
        }),
        take: () =>
          onEdit((day) => ({
            ...day,
            wanted: day.wanted.map((each) =>
              each.id === way.bake
                ? { ...each, dueMin: Math.min(LATEST_MIN, each.dueMin + way.minutes) }
                : each,
            ),
          })),
      };
    case 'leave-out':
      return {
        says: say('day.way-leave-out', { bake: named(way.bake) }),
        take: () =>
          onEdit((day) => ({ ...day, wanted: day.wanted.filter(({ id }) => id !== way.bake) })),
      };
    case 'one-more-cook':
      return {
        says: say('day.way-one-more-cook'),
        take: () =>
          onEdit((day) => {
            const like = day.people.find(({ id }) => id === way.like);
            if (!like) return day;
            const name = say('day.new-person', { which: day.people.length + 1 });
            return { ...day, people: [...day.people, { ...like, id: uuid(), name }] };
          }),
      };
    case 'borrow-oven': {
      const oven = session.means.ovens.find(({ id }) => id === way.like)!.name;
      return { says: say('day.way-borrow-oven', { oven }) };
    }
  }
}

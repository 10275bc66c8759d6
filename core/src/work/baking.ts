import type { Family } from '../formula';
import { after, footprintOf, programmeKey, task, type Making } from './making';
import { AT_BEST_MIN, CHILL_MIN, CHOCOLATE_SETS_MIN, OUT_OF_THE_COLD_MIN } from './practice';
import { setByChocolate } from './plan';
import type { After, Task } from './task';

/** What follows once the filling is in: oven, cooling, and from when it may be cut. */
export interface Baked {
  readonly tasks: readonly Task[];
  readonly last: string;
  /** From the end of the last task to when it may be cut or finished, min, and what it does meanwhile. */
  readonly cut: After;
  /** From the end of the last task to when it is past its best, or has stood out too long. */
  readonly mostMin: number;
}

/** Filled, it goes into the oven within so long, min: a warm mix sooner. Common practice. */
const INTO_THE_OVEN_MIN = { warm: 20, cold: 45 } as const;
const WARM_C = 35;

/** Left in the shut oven with no word on how long, min. Common practice. */
const IN_THE_SHUT_OVEN_MIN = 60;

/** An hour in the room, then cold, where the way of cooling planned never lets it be cut, min. Common practice. */
const ROOM_FIRST_MIN = 60;

/** Before the knife where no cooling was followed: custard in a shell 2 h, in a pot 4, the rest as in `cooling`. Common practice, min. */
const BEFORE_CUTTING_MIN: Readonly<Partial<Record<Family, number>>> = {
  'puree-custard': 60,
  'syrup-nut': 120,
  'fruit-filling': 120,
  'nut-cream': 30,
  'batter-custard': 30,
  'fresh-cheese': 600,
};
const POT_MIN = 240;
const TART_MIN = 120;

/** A large custard with caramel is turned out after a night. Common practice: 12 h over a litre, 4 h for pots. */
const LARGE_MOULD_ML = 700;
const LARGE_MOULD_MIN = 720;

const isHeld = (place: string | undefined): boolean =>
  place === 'oven-shut' || place === 'oven-ajar';

/** Families that stay out of the fridge: dry, or eaten warm. Common practice. */
const KEEPS_OUT: ReadonlySet<Family> = new Set([
  'syrup-nut',
  'nut-cream',
  'fruit-filling',
  'batter-custard',
]);

/** From the pull to the knife, min: as the cooling was forecast, else as is usual. */
function beforeCuttingMin({ plan }: Making, family: Family): number {
  const { formula, build, computed } = plan;
  const under = build.parts.some(({ part }) => part.kind === 'caramel' && part.place === 'under');
  const eachMl = build.filling.whole.volumeMl / Math.max(1, formula.vesselCount);
  const least = under && eachMl > LARGE_MOULD_ML ? LARGE_MOULD_MIN : 0;
  const usual = BEFORE_CUTTING_MIN[family] ?? (formula.shell === 'none' ? POT_MIN : TART_MIN);
  return Math.max(least, computed.cutMin ?? usual);
}

/** The oven and what comes after it. `before` is what it waits for; `null` without a forecast of it. */
export function bakeTasks(making: Making, family: Family, before: readonly After[]): Baked | null {
  const { plan, vessels } = making;
  const { formula, computed, vessel } = plan;
  if (!computed.bake || formula.ovenId === null) return null;
  const { out, steps, mode = null } = formula.ovenUse;
  const heldMin = isHeld(out[0]?.place) ? (out[1]?.atMin ?? IN_THE_SHUT_OVEN_MIN) : 0;
  const { earliestMin, expectedMin, latestMin } = computed.bake;
  const byMinute = steps.filter(({ to }) => typeof to === 'number');
  const lastC = byMinute.at(-1)?.to;
  const pan = formula.bath;
  const bake = task(making, 'bake', 'bake', {
    station: 'oven',
    span: {
      earliestMin: earliestMin + heldMin,
      expectedMin: expectedMin + heldMin,
      latestMin: latestMin + heldMin,
    },
    from: 'computed',
    hands: [
      { at: 'start', offsetMin: 0, minutes: (pan ? 4 : 1) + Math.ceil(vessels / 6) },
      // The look at its window, and it comes out: before the hours in a shut oven.
      { at: 'end', offsetMin: heldMin, minutes: 2 + Math.ceil(vessels / 6) },
    ],
    after: before,
    rest: {
      oven: {
        ovenId: formula.ovenId,
        setC: formula.setC,
        endC: typeof lastC === 'number' ? lastC : formula.setC,
        programme: [
          programmeKey(formula.setC, steps, mode),
          ...(heldMin > 0 ? [`${heldMin}:off`] : []),
        ].join('/'),
        staged: steps.length > 0 || heldMin > 0,
        vessels,
        pieces: pan ? Math.ceil(vessels / (plan.perPan ?? vessels)) : vessels,
        ...(pan ? { lengthMm: pan.panLengthMm, breadthMm: pan.panBreadthMm } : footprintOf(vessel)),
      },
    },
  });
  const minutes = beforeCuttingMin(making, family);
  const planned = out.find(({ place }) => place === 'fridge')?.atMin;
  const fridgeMin =
    planned ??
    (computed.cutMin === undefined && !KEEPS_OUT.has(family)
      ? heldMin + ROOM_FIRST_MIN
      : undefined);
  if (fridgeMin === undefined) {
    const leastMin = Math.max(0, minutes - heldMin);
    return {
      tasks: [bake],
      last: bake.id,
      cut: after(bake.id, 'cool', [leastMin]),
      mostMin: KEEPS_OUT.has(family)
        ? leastMin + bestMin(family)
        : Math.max(leastMin, OUT_OF_THE_COLD_MIN - heldMin),
    };
  }
  const outMin = Math.max(0, fridgeMin - heldMin);
  const fridge = task(making, 'to-the-fridge', 'to-the-fridge', {
    after: [after(bake.id, 'cool', [outMin, outMin + 45])],
  });
  const chillMin = Math.max(
    computed.cutMin === undefined ? minutes : 0,
    minutes - heldMin - outMin,
  );
  return {
    tasks: [bake, fridge],
    last: fridge.id,
    cut: after(fridge.id, 'chill', [chillMin]),
    mostMin: chillMin + bestMin(family),
  };
}

/** What the cold sets, from where it is poured. */
export function setTasks(making: Making, family: Family, before: readonly After[]): Baked {
  const fill = fillTask(making, before);
  const chocolate = family === 'cold-set' && setByChocolate(making.plan.build);
  const setMin = chocolate ? CHOCOLATE_SETS_MIN : (CHILL_MIN[family] ?? POT_MIN);
  return {
    tasks: [fill],
    last: fill.id,
    cut: after(fill.id, 'set', [setMin], 'cold-and-set'),
    mostMin: setMin + bestMin(family),
  };
}

/** The filling goes in. */
export const fillTask = (making: Making, before: readonly After[]): Task =>
  task(making, 'fill', 'fill', { grams: making.plan.build.filling.totalG, after: before });

/** How soon after it was filled it is baked. */
export const intoTheOven = ({ plan }: Making, from: string): After =>
  after(
    from,
    'stand',
    [0, plan.formula.fillingStartC >= WARM_C ? INTO_THE_OVEN_MIN.warm : INTO_THE_OVEN_MIN.cold],
    plan.formula.bath ? 'bath-ready' : undefined,
  );

/** How long it is at its best from when it may be cut, min. */
export const bestMin = (family: Family): number => AT_BEST_MIN[family];

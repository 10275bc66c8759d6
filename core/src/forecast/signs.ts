import { lightnessAfter, SHADES, type Shade } from '../browning';
import { wobbleOf } from '../doneness';
import { succeed, type Result } from '../result';
import type { Course, Cup, Moment, Reaction } from '../thermal';
import { bakeUntil } from './bakeUntil';
import { topBrowningAlong } from './colouring';
import type { ForecastPlan } from './plan';
import { prepareTimed, type Prepared } from './prepare';
import type { OvenStep, Sign } from './programme';

/** A sign as a quantity that falls under a level: the share that still moves, or the lightness of top or rim. */
interface Seen {
  readonly of: 'moves' | 'top' | 'rim';
  readonly level: number;
}

/** Lightness from which a colour is no longer the one named. */
const past = (shade: Shade): number => SHADES.find(({ name }) => name === shade)!.downTo;

const SEEN: Readonly<Record<Sign, Seen>> = {
  // From memory: the outer two centimetres of 24 have set.
  'rim-set': { of: 'moves', level: 0.83 },
  'half-set': { of: 'moves', level: 0.5 },
  'shell-golden': { of: 'rim', level: past('straw') },
  'top-colours': { of: 'top', level: past('pale') },
};

/** Reads a sign's quantity off a bake as it goes on, moment by moment; nothing colours that is not there. */
function readerOf(prepared: Prepared, of: Seen['of']): (moment: Moment) => number {
  const { model, followRim, colouring } = prepared;
  if (of === 'moves') return (moment) => wobbleOf(model, moment).share;
  if (of === 'rim') {
    const lightness = followRim?.();
    return (moment) => lightness?.(model, moment) ?? Infinity;
  }
  let brown = 0;
  let before: Moment | undefined;
  return (moment) => {
    const since = before ? [before, moment] : [moment];
    brown += topBrowningAlong(model.mesh, colouring, since).at(-1)!;
    before = moment;
    return lightnessAfter(brown);
  };
}

/**
 * When a sign first shows after `fromS`, s; `undefined` when it does not within the longest bake. Of a filling
 * poured in two goes, from when all of it is in.
 */
function firstShows(prepared: Prepared, sign: Sign, fromS: number): number | undefined {
  const { of, level } = SEEN[sign];
  const read = readerOf(prepared, of);
  let before: { readonly timeS: number; readonly value: number } | undefined;
  let shownS: number | undefined;
  bakeUntil(prepared, (moment) => {
    const { timeS } = moment;
    const value = read(moment);
    if (timeS > fromS && value <= level) {
      const drop = before ? before.value - value : 0;
      shownS =
        before && drop > 0
          ? before.timeS + ((before.value - level) / drop) * (timeS - before.timeS)
          : timeS;
    }
    before = { timeS, value };
    return shownS !== undefined;
  });
  return shownS === undefined ? undefined : Math.max(fromS, shownS);
}

/** Steps of one programme are at least this far apart, min: a second. */
const APART_MIN = 1 / 60;

/**
 * Makes a plan ready, with each sign it waits for turned into the minute at which it is foreseen, one after the
 * other: what is done at a sign decides when the next one comes. A sign that never shows ends the steps and is
 * named in `neverShows`.
 */
export function prepare(plan: ForecastPlan, resolution = 1, setShiftK = 0): Result<Prepared> {
  const steps = plan.programme?.steps ?? [];
  const timed: OvenStep[] = [];
  const made = () =>
    prepareTimed(
      { ...plan, programme: { ...plan.programme, steps: timed } },
      resolution,
      setShiftK,
    );
  if (!steps.some(({ on }) => on)) return prepareTimed(plan, resolution, setShiftK);
  for (const step of steps) {
    const previousMin = timed.at(-1)?.atMin ?? 0;
    let { atMin } = step;
    if (step.on) {
      const prepared = made();
      if (!prepared.ok) return prepared;
      const atS = firstShows(prepared.value, step.on, previousMin * 60);
      if (atS === undefined) return succeed({ ...prepared.value, neverShows: step.on });
      atMin = atS / 60;
    }
    timed.push({ ...step, atMin: Math.max(atMin, previousMin + APART_MIN) });
  }
  return made();
}

/** A plan as the solver takes it: what is heated, what it meets, what sets and curdles in it. */
export interface BakeModel {
  readonly cup: Cup;
  readonly reactions: readonly Reaction[];
  readonly oven: Course;
  readonly out: (pulledAtS: number) => Course;
}

/** The very model a forecast of the plan computes; fails as `forecast` does. */
export function bakeModelOf(plan: ForecastPlan): Result<BakeModel> {
  const prepared = prepare(plan);
  if (!prepared.ok) return prepared;
  const { model, oven, out } = prepared.value;
  return succeed({ cup: model.cup, reactions: model.reactions, oven, out });
}

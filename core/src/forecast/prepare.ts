import { succeed, type Result } from '../result';
import type { OvenStep } from '../oven';
import type { Course, Cup, Reaction } from '../thermal';
import type { ForecastPlan } from './plan';
import { prepareTimed, type Prepared } from './prepared';
import { firstShows } from './signs';

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

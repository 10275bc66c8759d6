import { SPREAD_RESOLUTION, SPREAD_STEPS, SPREAD_TRIES, valueAt } from '../certainty';
import {
  followBake,
  placeOf,
  prepare,
  PROBE_PLACES,
  type ForecastPlan,
  type ProbeName,
} from '../forecast';
import { wobbleOf } from '../doneness';
import { succeed, type Result } from '../result';
import { offBy, type BakeShift } from './inputs';
import { runCourse, thermometerAt, type Model, type Moment } from '../thermal';

/** A bake is looked at every so often, s. */
export const LOOK_S = 60;

/** One run with its inputs off by `shift`, left in the oven: when it would be pulled, and what a probe reads on its way. */
export interface Trace {
  readonly shift: BakeShift;
  /** Earliest, best and latest pull, s; none where there is no window. */
  readonly window?: readonly [earliestS: number, bestS: number, latestS: number];
  /** At each look from the start on, °C. */
  readonly probeC: Readonly<Record<ProbeName, readonly number[]>>;
  /** How much of the width still moves at each look, 0 to 1. */
  readonly moving: readonly number[];
}

const PLACES = Object.keys(PROBE_PLACES) as ProbeName[];

/**
 * A plan's bake with its inputs off by `shift`, followed in the oven for `untilS` and on a coarser mesh than a forecast.
 * Fails as a forecast does.
 */
export function traceOf(plan: ForecastPlan, shift: BakeShift, untilS: number): Result<Trace> {
  const prepared = prepare(offBy(plan, shift), SPREAD_RESOLUTION, shift.setK);
  if (!prepared.ok) return prepared;
  const { model, oven, firstPour } = prepared.value;
  const { poured, baked, verdict } = followBake(prepared.value, SPREAD_TRIES, SPREAD_STEPS);
  const last = baked.at(-1)!;
  const stays = runCourse(model, last, oven, Math.max(untilS, last.timeS + 1), {
    ...SPREAD_STEPS,
    firstStepS: 60,
  });
  const parts: (readonly [Model, readonly Moment[]])[] = [
    ...(firstPour ? [[firstPour.model, poured] as const] : []),
    [model, [...baked, ...stays]],
  ];
  const looks = Array.from({ length: Math.floor(untilS / LOOK_S) + 1 }, (_, look) => look * LOOK_S);
  const seen = (look: (of: Model) => (moment: Moment) => number): number[] => {
    const history = parts.flatMap(([of, moments]) => {
      const at = look(of);
      return moments.map((moment) => [moment.timeS, at(moment)] as const);
    });
    return looks.map((timeS) => valueAt(history, timeS));
  };
  return succeed({
    shift,
    ...(verdict.kind === 'window'
      ? { window: [verdict.earliestS, verdict.bestS, verdict.latestS] as const }
      : {}),
    probeC: Object.fromEntries(
      PLACES.map((place) => [place, seen((of) => thermometerAt(of, placeOf(of, place)))]),
    ) as unknown as Trace['probeC'],
    moving: seen((of) => (moment) => wobbleOf(of, moment).share),
  });
}

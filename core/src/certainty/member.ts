import {
  followBake,
  filledToGap,
  levelOf,
  START_LIMITS_C,
  type ForecastPlan,
  prepare,
} from '../forecast';
import type { Shift } from './unsure';
import { centreOf, type Tries } from '../doneness';
import { succeed, type Result } from '../result';
import { later, runCourse, thermometerAt, type Model, type Moment } from '../thermal';

/** A forecast for the spread is made on this coarser mesh: a quarter of the work, half a degree off inside. */
export const SPREAD_RESOLUTION = 0.5;

/** The band is read every so often, s. */
const LOOK_S = 120;

/** One of many runs, and what it came to. */
export interface Member {
  /** Earliest, best and latest pull, s; `undefined` without a window. */
  readonly window: readonly [number, number, number] | undefined;
  /** When the middle would hold, window or not, s. */
  readonly setsAtS: number | undefined;
  /** Middle of the filling at each look, °C. */
  readonly centreC: readonly number[];
}

/** The plan with its inputs off by a draw; the level never past the rim, nor the mix out of its limits. */
export function shifted(plan: ForecastPlan, shift: Shift): ForecastPlan {
  const level = levelOf(plan);
  const gapMm = level.ok ? level.value.gapMm : plan.headspaceMm;
  return {
    ...filledToGap(plan, Math.max(0, gapMm - shift.depthMm)),
    oven: { ...plan.oven, offsetK: plan.oven.offsetK + shift.ovenK },
    fillingStartC: Math.min(
      START_LIMITS_C.most,
      Math.max(START_LIMITS_C.least, plan.fillingStartC + shift.startK),
    ),
  };
}

/** How long the band goes on after the pull, s. */
const DRAWN_OUT_S = 1800;

/** The looks of a history that is pulled at `pullS`, s. */
export const looksOf = (pullS: number): number[] =>
  Array.from(
    { length: Math.floor((pullS + DRAWN_OUT_S) / LOOK_S) + 1 },
    (_, index) => index * LOOK_S,
  );

/** Of a spread's run, steps may be longer: what they leave is far less than what is unsure. */
export const SPREAD_STEPS = { toleranceK: 3, longestStepS: 240 } as const;
export const SPREAD_TRIES: Tries = { first: 3, most: 7 };

/**
 * One run with its inputs off by `shift`, drawn for a pull at `pullS`: the window and the middle's
 * history of a forecast, and nothing else of it, on a coarser mesh. Fails as a forecast does.
 */
export function memberOf(plan: ForecastPlan, shift: Shift, pullS: number): Result<Member> {
  const prepared = prepare(shifted(plan, shift), SPREAD_RESOLUTION, shift.setK);
  if (!prepared.ok) return prepared;
  const { model, oven, out, firstPour } = prepared.value;
  const { poured, baked, verdict } = followBake(prepared.value, SPREAD_TRIES, SPREAD_STEPS);
  const before = baked.filter(({ timeS }, index) => index === 0 || timeS <= pullS);
  const from = before[before.length - 1]!;
  const rest = runCourse(model, from, oven, pullS, { ...SPREAD_STEPS, firstStepS: 60 });
  const pulled = rest[rest.length - 1] ?? from;
  const after = runCourse(model, pulled, later(out(pullS), pullS), pullS + DRAWN_OUT_S, {
    ...SPREAD_STEPS,
    firstStepS: 10,
  });
  const middleOf = (of: Model, moments: readonly Moment[]) => {
    const read = thermometerAt(of, centreOf(of));
    return moments.map((moment) => [moment.timeS, read(moment)] as const);
  };
  const history = [
    ...(firstPour ? middleOf(firstPour.model, poured) : []),
    ...middleOf(model, [...before, ...rest, ...after]),
  ];
  return succeed({
    window:
      verdict.kind === 'window' ? [verdict.earliestS, verdict.bestS, verdict.latestS] : undefined,
    setsAtS: verdict.kind === 'window' ? verdict.earliestS : verdict.setsAtS,
    centreC: looksOf(pullS).map((timeS) => valueAt(history, timeS)),
  });
}

/** Straight between the points of a history, clamped at its ends. */
export function valueAt(history: readonly (readonly [number, number])[], timeS: number): number {
  const after = history.findIndex(([at]) => at >= timeS);
  if (after <= 0) return history[after === 0 ? 0 : history.length - 1]![1];
  const [[a, low], [b, high]] = [history[after - 1]!, history[after]!];
  return low + ((timeS - a) / (b - a)) * (high - low);
}

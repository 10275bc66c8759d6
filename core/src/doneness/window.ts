import { runCourse, type Course, type Model, type Moment } from '../thermal';
import { coast, slowestColumn, type Outcome } from './coast';
import { curdledShare } from './wobble';

/** What has to be reached, after the coast, for a bake to have come out. Calibrated; docs/model.md. */
export const DONE = {
  /** Set fraction of the slowest column that holds together. */
  holds: 0.7,
  /** And that is set as well as it will be. */
  full: 0.9,
} as const;

/** When to take a bake out, in s since it went in. */
export interface PullWindow {
  readonly kind: 'window';
  readonly earliestS: number;
  readonly bestS: number;
  readonly latestS: number;
  /** False when nothing was found to go wrong by the end of the search. */
  readonly latestIsLimit: boolean;
}

/** Why there is no time at which the bake comes out. */
export interface NoWindow {
  readonly kind: 'no-window';
  readonly reason: 'curdles-before-it-sets' | 'does-not-set-in-time';
  /** When it sets all the same, if it does, s. */
  readonly setsAtS: number | undefined;
  /** When too much of it has curdled, if it has, s. */
  readonly curdlesAtS: number | undefined;
}

export type Verdict = PullWindow | NoWindow;

/** Set as well as it ever will be, as far as a pull is concerned. */
const ALL_SET = 0.985;

/** A filling that stays sound is followed so much longer than it took to set: its latest pull may lie there. */
const FOLLOWED_ON = 1.5;

/**
 * Watches one bake, its moments in order, for when there is nothing more to learn from it: all of it has
 * set, and too much of it is spoilt or has stayed sound long enough; or it is quite spoilt before that.
 */
export function learntEnough(model: Model, spoiltAtMost: number): (moment: Moment) => boolean {
  const quiteSpoilt = Math.min(0.95, spoiltAtMost + 0.35);
  let setS: number | undefined;
  return (moment) => {
    const spoilt = curdledShare(model, moment);
    if (spoilt > quiteSpoilt) return true;
    if (setS === undefined && slowestColumn(model, moment) > ALL_SET) setS = moment.timeS;
    if (setS === undefined) return false;
    return spoiltAtMost >= 1 || spoilt > spoiltAtMost || moment.timeS > FOLLOWED_ON * setS;
  };
}

/** The state at any time of a bake: that of the step before, carried on. */
export function momentAt(
  model: Model,
  moments: readonly Moment[],
  oven: Course,
  timeS: number,
): Moment {
  const index = moments.findIndex((moment) => moment.timeS >= timeS);
  if (index < 0) return moments[moments.length - 1]!;
  const restS = timeS - (moments[index - 1]?.timeS ?? 0);
  if (index === 0 || moments[index]!.timeS - timeS < 0.5) return moments[index]!;
  if (restS < 0.5) return moments[index - 1]!;
  const on = runCourse(model, moments[index - 1]!, oven, timeS, { firstStepS: restS });
  return on[on.length - 1]!;
}

/**
 * Outcomes of pulls spread over the time in which it matters, at least two `tries`; ascending, at least one. `out` gives the
 * way out of a pull, on the clock that starts with it.
 */
export function tryPulls(
  model: Model,
  moments: readonly Moment[],
  out: (pulledAtS: number) => Course,
  tries: number,
): Outcome[] {
  const started = moments.findIndex((moment) => slowestColumn(model, moment) > 0.03);
  const last = moments.length - 1;
  const first = started < 0 ? last : Math.max(0, started - 1);
  const picks = Array.from({ length: tries }, (_, index) =>
    Math.round(first + ((last - first) * index) / (tries - 1)),
  );
  return [...new Set(picks)].map((index) =>
    coast(model, moments[index]!, out(moments[index]!.timeS)),
  );
}

/** What a pull between two that were tried would come to, linear between them; clamped at the ends. */
export function outcomeAt(outcomes: readonly Outcome[], pullS: number): Outcome {
  const after = outcomes.findIndex((each) => each.pullS >= pullS);
  if (after <= 0) return outcomes[after === 0 ? 0 : outcomes.length - 1]!;
  const [low, high] = [outcomes[after - 1]!, outcomes[after]!];
  const weight = (pullS - low.pullS) / (high.pullS - low.pullS);
  const between = (quantity: (of: Outcome) => number) =>
    quantity(low) + weight * (quantity(high) - quantity(low));
  return {
    pullS,
    probeC: between((of) => of.probeC),
    peakC: between((of) => of.peakC),
    peakAfterS: between((of) => of.peakAfterS),
    setAtPull: between((of) => of.setAtPull),
    set: between((of) => of.set),
    curdled: between((of) => of.curdled),
  };
}

/** Logarithm of the exposure behind an extent: nearly a straight line in time, so it interpolates well. */
const logExposure = (extent: number): number =>
  Math.log(Math.max(1e-12, -Math.log(1 - Math.min(extent, 1 - 1e-12))));

/** First time at which a quantity of the outcomes passes a threshold; `undefined` when it does not. */
function crossing(
  outcomes: readonly Outcome[],
  quantity: (of: Outcome) => number,
  threshold: number,
): number | undefined {
  const target = logExposure(threshold);
  const first = outcomes.findIndex((each) => logExposure(quantity(each)) >= target);
  if (first < 0) return undefined;
  if (first === 0) return outcomes[0]!.pullS;
  const [before, after] = [outcomes[first - 1]!, outcomes[first]!];
  const [low, high] = [logExposure(quantity(before)), logExposure(quantity(after))];
  return before.pullS + ((target - low) / (high - low)) * (after.pullS - before.pullS);
}

/** Reads the window off the outcomes of {@link tryPulls}; `spoiltAtMost` is the share that may have curdled, 1 where no heat spoils it. */
export function windowOf(outcomes: readonly Outcome[], spoiltAtMost: number): Verdict {
  const setsAtS = crossing(outcomes, (of) => of.set, DONE.holds);
  const fullAtS = crossing(outcomes, (of) => of.set, DONE.full);
  const curdlesAtS = crossing(outcomes, (of) => of.curdled, spoiltAtMost);
  if (setsAtS === undefined) {
    const reason = curdlesAtS === undefined ? 'does-not-set-in-time' : 'curdles-before-it-sets';
    return { kind: 'no-window', reason, setsAtS, curdlesAtS };
  }
  if (curdlesAtS !== undefined && curdlesAtS <= setsAtS) {
    return { kind: 'no-window', reason: 'curdles-before-it-sets', setsAtS, curdlesAtS };
  }
  const latestS = curdlesAtS ?? outcomes[outcomes.length - 1]!.pullS;
  // Where no heat spoils it nothing is gained by trusting to the coast: it is done when it holds in the oven.
  const bestS =
    spoiltAtMost >= 1
      ? (crossing(outcomes, (of) => of.setAtPull, DONE.holds) ?? latestS)
      : Math.min(fullAtS ?? latestS, (setsAtS + latestS) / 2);
  return {
    kind: 'window',
    earliestS: setsAtS,
    bestS: Math.min(bestS, latestS),
    latestS,
    latestIsLimit: curdlesAtS !== undefined,
  };
}

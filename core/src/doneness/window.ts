import type { Model, Moment } from '../thermal';
import { slowestColumn, type Outcome } from './coast';
import { curdledShare } from './wobble';

/** What has to be reached, after the coast, for a bake to have come out. Calibrated; docs/model.md. */
export const DONE = {
  /** Set fraction of the slowest column that holds together. */
  holds: 0.55,
  /** And that is set as well as it will be. */
  full: 0.87,
  /** A knife put into it comes out clean, though it may still quiver. */
  clean: 0.82,
} as const;

/** What a bake has to come to. */
export interface Aim {
  /** Share of the filling that may be spoilt; 1 where no heat spoils it. */
  readonly spoiltAtMost: number;
  /** Best when a knife comes out clean in the oven, without trusting to the coast. */
  readonly toKnife: boolean;
  /** And its top is golden. */
  readonly toGold: boolean;
  /** Hotter than this the middle may not get, °C. */
  readonly middleAtMostC?: number | undefined;
}

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
const ALL_SET = 0.94;

/**
 * A filling that stays sound is followed so much longer than it took to set, and what no heat spoils so much longer
 * than until it was set and golden: its latest pull may lie there.
 */
const FOLLOWED_ON = { sound: 1.5, unspoilt: 1.3 } as const;

/**
 * Watches one bake, its moments in order, for when there is nothing more to learn from it: all of it has
 * set, it is `golden` where that is asked for, and too much of it is spoilt or has stayed sound long enough; or it
 * is quite spoilt before that.
 */
export function learntEnough(
  model: Model,
  { spoiltAtMost }: Aim,
  golden: (moment: Moment) => boolean = () => true,
): (moment: Moment) => boolean {
  const quiteSpoilt = Math.min(0.95, spoiltAtMost + 0.35);
  let setS: number | undefined;
  let doneS: number | undefined;
  return (moment) => {
    const spoilt = curdledShare(model, moment);
    const brown = golden(moment);
    if (spoilt > quiteSpoilt) return true;
    if (setS === undefined && slowestColumn(model, moment) > ALL_SET) setS = moment.timeS;
    if (setS === undefined) return false;
    if (spoiltAtMost < 1) {
      return spoilt > spoiltAtMost || moment.timeS > FOLLOWED_ON.sound * setS;
    }
    if (brown) doneS ??= moment.timeS;
    return doneS !== undefined && moment.timeS > FOLLOWED_ON.unspoilt * doneS;
  };
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

const soonest = (a: number | undefined, b: number | undefined): number | undefined =>
  a === undefined ? b : b === undefined ? a : Math.min(a, b);

/** First pull after which the middle gets hotter than a limit, straight between those tried. */
function hotterThan(outcomes: readonly Outcome[], limitC: number): number | undefined {
  const first = outcomes.findIndex(({ peakC }) => peakC > limitC);
  if (first <= 0) return outcomes[first]?.pullS;
  const [before, after] = [outcomes[first - 1]!, outcomes[first]!];
  const share = (limitC - before.peakC) / (after.peakC - before.peakC);
  return before.pullS + share * (after.pullS - before.pullS);
}

/** Narrower than this a window is none, s: nobody pulls to the half minute. */
const NARROWEST_S = 30;

/** When the top of a bake turns golden and dark, s; golden from the start and never dark, when not said. */
export interface Colours {
  readonly goldenS?: number;
  readonly darkS?: number;
}

/**
 * Reads the window off the outcomes of pulls, ascending, at least one. What no heat spoils and what is baked to colour is best once
 * a knife comes out clean and its top is golden, and can stay until that is dark; a top that stays pale, or is dark
 * before the rest is done, is not waited for.
 */
export function windowOf(
  outcomes: readonly Outcome[],
  { spoiltAtMost, toKnife, toGold, middleAtMostC = Infinity }: Aim,
  { goldenS = 0, darkS = Infinity }: Colours = {},
): Verdict {
  const setsAtS = crossing(outcomes, (of) => of.set, DONE.holds);
  const fullAtS = crossing(outcomes, (of) => of.set, DONE.full);
  const curdlesAtS = soonest(
    crossing(outcomes, (of) => of.curdled, spoiltAtMost),
    hotterThan(outcomes, middleAtMostC),
  );
  if (setsAtS === undefined) {
    const reason = curdlesAtS === undefined ? 'does-not-set-in-time' : 'curdles-before-it-sets';
    return { kind: 'no-window', reason, setsAtS, curdlesAtS };
  }
  if (curdlesAtS !== undefined && curdlesAtS < setsAtS + NARROWEST_S) {
    return { kind: 'no-window', reason: 'curdles-before-it-sets', setsAtS, curdlesAtS };
  }
  const followedS = outcomes[outcomes.length - 1]!.pullS;
  const cleanS = toKnife
    ? (crossing(outcomes, (of) => of.setAtPull, DONE.clean) ?? followedS)
    : undefined;
  const doneS = cleanS === undefined ? undefined : Math.max(cleanS, toGold ? goldenS : 0);
  const darkens = doneS !== undefined && toGold && darkS > doneS && darkS < followedS;
  const latestS = curdlesAtS ?? (darkens ? darkS : followedS);
  const bestS = doneS ?? Math.min(fullAtS ?? latestS, (setsAtS + latestS) / 2);
  return {
    kind: 'window',
    earliestS: setsAtS,
    bestS: Math.min(bestS, latestS),
    latestS,
    latestIsLimit: curdlesAtS !== undefined || darkens,
  };
}

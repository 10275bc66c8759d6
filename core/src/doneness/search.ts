import { runCourse, type Course, type Model, type Moment } from '../thermal';
import { coast, slowestColumn, type Outcome } from './coast';
import { windowOf, type Aim, type Colours, type Verdict } from './window';

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
  if (index === 0) return moments[0]!;
  // So near to a step's end that nothing has changed but the clock: a pull is in the oven up to its very time.
  if (moments[index]!.timeS - timeS < 0.5) return { ...moments[index]!, timeS };
  if (restS < 0.5) return { ...moments[index - 1]!, timeS };
  const on = runCourse(model, moments[index - 1]!, oven, timeS, { firstStepS: restS });
  return on[on.length - 1]!;
}

/** How hard a window is looked for: pulls tried at first, and at most. */
export interface Tries {
  readonly first: number;
  readonly most: number;
}

/** A bake that was followed in the oven, and what it is held against. */
export interface Followed {
  readonly model: Model;
  /** Its moments, ascending. */
  readonly moments: readonly Moment[];
  readonly oven: Course;
  /** The way out of a pull, on the clock that starts with it. */
  readonly out: (pulledAtS: number) => Course;
  readonly aim: Aim;
  readonly colours: Colours;
}

/** Pulls tried on both sides of an end of the window and no further apart than this, as a share of its time, say where it is. */
const CLOSE = 0.05;

/** A pull is tried no nearer than this to one that was, as a share of the gap: else one side of it would stay where it is. */
const INTO_THE_GAP = 0.2;

/** Moments at which pulls are tried at first: spread over the time in which it matters, fewer where that is short. */
function firstTries(model: Model, moments: readonly Moment[], tries: number): Moment[] {
  const started = moments.findIndex((moment) => slowestColumn(model, moment) > 0.03);
  const last = moments.length - 1;
  const first = started < 0 ? last : Math.max(0, started - 1);
  const picks = Array.from({ length: tries }, (_, index) =>
    Math.round(first + ((last - first) * index) / (tries - 1)),
  );
  return [...new Set(picks)].map((index) => moments[index]!);
}

/** The times, s, that a verdict stands on; its best too where that lies half-way, which it may not once more is known. */
const standsOn = (verdict: Verdict): number[] =>
  verdict.kind === 'window'
    ? [verdict.earliestS, verdict.bestS, ...(verdict.latestIsLimit ? [verdict.latestS] : [])]
    : [verdict.setsAtS, verdict.curdlesAtS].filter((timeS) => timeS !== undefined);

/** Where to try next to know a time better, and how wide the gap between the pulls about it is, as a share of it. */
function gapAt(outcomes: readonly Outcome[], timeS: number): { tryS: number; wide: number } {
  const after = outcomes.findIndex(({ pullS }) => pullS >= timeS);
  // Before the first that was tried, or past the last, there is nothing to learn.
  if (after <= 0) return { tryS: timeS, wide: 0 };
  const [low, high] = [outcomes[after - 1]!.pullS, outcomes[after]!.pullS];
  const least = INTO_THE_GAP * (high - low);
  return {
    tryS: Math.min(high - least, Math.max(low + least, timeS)),
    wide: (high - low) / timeS,
  };
}

/**
 * Finds the window of a bake: lets pulls spread over it coast, reads a window off their outcomes, and tries a pull in
 * the widest gap that it stands in, until all gaps are narrow or `most` were tried (`first` at least 2). What a pull comes
 * to is far from straight in time: by seven that were only spread out, windows came out up to 6 % off.
 */
export function searchWindow(
  { model, moments, oven, out, aim, colours }: Followed,
  { first, most }: Tries,
): { readonly verdict: Verdict; readonly outcomes: readonly Outcome[] } {
  const tryPull = (pulled: Moment): Outcome => coast(model, pulled, out(pulled.timeS));
  let outcomes = firstTries(model, moments, first).map(tryPull);
  for (;;) {
    const verdict = windowOf(outcomes, aim, colours);
    const [widest] = standsOn(verdict)
      .map((timeS) => gapAt(outcomes, timeS))
      .sort((a, b) => b.wide - a.wide);
    if (!widest || widest.wide < CLOSE || outcomes.length >= most) return { verdict, outcomes };
    const found = tryPull(momentAt(model, moments, oven, widest.tryS));
    outcomes = [...outcomes, found].sort((a, b) => a.pullS - b.pullS);
  }
}

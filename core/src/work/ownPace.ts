import type { Hands, Span, Task, Verb, WorkList } from './task';

/** What a task took in a kitchen, beside what is usual for as much of it. */
export interface Took {
  readonly verb: Verb;
  /** Minutes that are usual in the trade for it; more than 0. */
  readonly usualMin: number;
  /** Minutes from its beginning to its end, without its rests; more than 0. */
  readonly tookMin: number;
}

/** How a kitchen does one kind of work: `factor` times as long as is usual, by the last `times` of it. */
export interface OwnPace {
  readonly verb: Verb;
  readonly factor: number;
  readonly times: number;
}

/** A kitchen's pace lies between these; what a day may be planned with as well. */
export const PACE_LIMITS = { least: 0.25, most: 4 } as const;

/** So often a kind of work has to have been timed before anything is said of it, and so many of the last times count. */
export const TIMED = { least: 3, last: 20 } as const;

/**
 * Before anything was timed: how far kitchens lie apart, and one day from another in one kitchen, as standard deviations of
 * the logarithm of the time; and how late a tap comes, min. From memory.
 */
const BEFORE_TIMING = { kitchens: Math.log(1.5), days: 0.3, tapMin: 1.5 } as const;

/** A tap that was forgotten tells nothing: so much longer or shorter than usual is taken for one. */
const isMeant = ({ usualMin, tookMin }: Took): boolean => {
  const ratio = tookMin / usualMin;
  return ratio >= PACE_LIMITS.least && ratio <= PACE_LIMITS.most;
};

/**
 * How a kitchen does each kind of work, from what it took, the latest first. Each time tells the logarithm of the factor with
 * an uncertainty of its own, in which the tap counts for more the shorter the task; together with how far kitchens lie apart
 * they give its mean, so that a few times move it less than many. Kinds that were timed fewer than {@link TIMED}.least times
 * are left out. Source: the mean of a normal with known variances and a normal prior, as in A. Gelman et al., Bayesian Data
 * Analysis, 3rd ed., section 2.5.
 */
export function ownPaces(took: readonly Took[]): OwnPace[] {
  const byVerb = new Map<Verb, Took[]>();
  for (const each of took.filter(isMeant)) {
    const known = byVerb.get(each.verb) ?? [];
    if (known.length < TIMED.last) byVerb.set(each.verb, [...known, each]);
  }
  return [...byVerb].flatMap(([verb, times]) => {
    if (times.length < TIMED.least) return [];
    let weight = 1 / BEFORE_TIMING.kitchens ** 2;
    let sum = 0;
    for (const { usualMin, tookMin } of times) {
      const each = 1 / (BEFORE_TIMING.days ** 2 + (BEFORE_TIMING.tapMin / usualMin) ** 2);
      weight += each;
      sum += each * Math.log(tookMin / usualMin);
    }
    const factor = Math.round(Math.exp(sum / weight) * 100) / 100;
    return [{ verb, factor, times: times.length }];
  });
}

/** Hands are on it from its beginning to its end. */
const isThroughout = ({ hands, span }: Task): boolean =>
  hands.length === 1 && hands[0]!.minutes >= span.expectedMin;

/** Whether what a task takes is a matter of hands, and so of who does it: usual in the trade, and attended throughout. */
export const isPaced = (task: Task): boolean =>
  (task.from === 'usual' || task.from === 'kitchen') && isThroughout(task);

const scaled = (minutes: number, factor: number): number =>
  Math.max(1, Math.round(minutes * factor));

/** A list of work as a kitchen does it. What was worked out, what waits and what the cook said stay as they are. */
export function atOwnPace(work: WorkList, paces: readonly OwnPace[]): WorkList {
  if (paces.length === 0) return work;
  const tasks = work.tasks.map((task): Task => {
    const pace = paces.find(({ verb }) => verb === task.verb);
    if (!pace || task.from !== 'usual' || !isPaced(task)) return task;
    const span: Span = {
      earliestMin: scaled(task.span.earliestMin, pace.factor),
      expectedMin: scaled(task.span.expectedMin, pace.factor),
      latestMin: scaled(task.span.latestMin, pace.factor),
    };
    const hands: Hands[] = [{ at: 'start', offsetMin: 0, minutes: span.expectedMin }];
    return { ...task, span, hands, from: 'kitchen', usualMin: task.span.expectedMin };
  });
  return { ...work, tasks };
}

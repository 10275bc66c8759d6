import { momentAt, type Verdict } from '../doneness';
import { later, runCourse, type Course, type Moment } from '../thermal';
import type { PullChoice } from './plan';
import type { Prepared } from './prepared';
import type { FollowedBake } from './window';

/** How long the drawn history goes on after the pull, s. */
export const DRAWN_COOLING_S = 40 * 60;

/** The history that is drawn: in the oven to its pull, then for a while outside. */
export interface History {
  readonly pullS: number;
  readonly pulled: Moment;
  /** From when the whole of the filling is in; `pulled` among them. */
  readonly moments: readonly Moment[];
  /** The way it is cooled, on the clock of the bake. */
  readonly wayOut: Course;
  /** The bake at any time in the oven. */
  readonly at: (timeS: number) => Moment;
}

/** When the drawn history leaves the oven: the pull chosen, or without a window when it sets, or curdles, or the end. */
function pullIn(verdict: Verdict, choice: PullChoice, followedS: number): number {
  if (verdict.kind === 'window') return verdict[`${choice}S`];
  return verdict.setsAtS ?? verdict.curdlesAtS ?? followedS;
}

/** Carries a followed bake on past its pull. */
export function historyOf(
  { model, oven, out }: Prepared,
  { baked, verdict }: FollowedBake,
  choice: PullChoice,
): History {
  const at = (timeS: number): Moment => momentAt(model, baked, oven, timeS);
  const pullS = pullIn(verdict, choice, baked.at(-1)!.timeS);
  const pulled = at(pullS);
  const wayOut = later(out(pullS), pullS);
  const cooling = runCourse(model, pulled, wayOut, pullS + DRAWN_COOLING_S);
  const moments = [...baked.filter(({ timeS }) => timeS < pullS - 1), pulled, ...cooling];
  return { pullS, pulled, moments, wayOut, at };
}

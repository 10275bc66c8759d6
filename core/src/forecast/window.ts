import {
  learntEnough,
  searchWindow,
  type Colours,
  type Outcome,
  type Tries,
  type Verdict,
} from '../doneness';
import type { Moment, RunOptions } from '../thermal';
import { bakeUntil } from './bakeUntil';
import { topFollower } from './colouring';
import { LONGEST_BAKE_S, type Prepared } from './prepared';

/** A bake followed in the oven for as long as something can be learnt from it, and its window. */
export interface FollowedBake {
  /** The first pour, on its own mesh; empty where all is filled at once. */
  readonly poured: readonly Moment[];
  /** From when the whole of the filling is in. */
  readonly baked: readonly Moment[];
  readonly verdict: Verdict;
  /** What the pulls that were tried came to, ascending. */
  readonly outcomes: readonly Outcome[];
  /** When its top turned golden and dark. */
  readonly colours: Colours;
}

/** Follows a bake in the oven and searches its window. `onProgress` is called with 0 to 1 while it is followed. */
export function followBake(
  prepared: Prepared,
  tries: Tries,
  steps: Pick<RunOptions, 'toleranceK' | 'longestStepS'> = {},
  onProgress: (share: number) => void = () => undefined,
): FollowedBake {
  const { model, bakes, oven, out } = prepared;
  const top = topFollower(prepared);
  const enough = learntEnough(model, bakes, top.goldenBy);
  const watched = (moment: Moment): boolean => {
    onProgress(moment.timeS / LONGEST_BAKE_S);
    return enough(moment);
  };
  const { poured, moments: baked } = bakeUntil(prepared, watched, steps);
  onProgress(1);
  const colours = top.colours();
  const found = searchWindow({ model, moments: baked, oven, out, aim: bakes, colours }, tries);
  return { poured, baked, colours, ...found };
}

import { firstMoment, runCourse, type Moment, type RunOptions } from '../thermal';
import { LONGEST_BAKE_S, type Prepared } from './prepared';
import { pourOn } from './topUp';

/** A bake in the oven. */
export interface Baked {
  /** The first pour, on its own mesh, up to when it is topped up; empty where all is filled at once. */
  readonly poured: readonly Moment[];
  /** From when the whole of the filling is in. */
  readonly moments: readonly Moment[];
}

/** Follows a bake in the oven until `enough` is seen of it, or to the longest looked at. */
export function bakeUntil(
  { model, firstPour, oven }: Prepared,
  enough: (moment: Moment) => boolean,
  options: Pick<RunOptions, 'toleranceK' | 'longestStepS'> = {},
): Baked {
  if (!firstPour) {
    const start = firstMoment(model);
    return {
      poured: [],
      moments: [start, ...runCourse(model, start, oven, LONGEST_BAKE_S, { ...options, enough })],
    };
  }
  const start = firstMoment(firstPour.model);
  const poured = [start, ...runCourse(firstPour.model, start, oven, firstPour.untilS, options)];
  const filled = pourOn(firstPour.model, poured.at(-1)!, model, model.cup.startC);
  return {
    poured,
    moments: [filled, ...runCourse(model, filled, oven, LONGEST_BAKE_S, { ...options, enough })],
  };
}

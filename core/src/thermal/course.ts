import type { Surroundings } from './case';
import type { Model, Moment } from './model';
import { run, type RunOptions } from './run';

/** A stretch of a bake in surroundings that do not change. */
export interface Stretch {
  readonly around: Surroundings;
  /** When it ends, s; on the clock of its course. */
  readonly untilS: number;
}

/** Stretches one after another; the last goes on for as long as it is asked for. At least one. */
export type Course = readonly Stretch[];

/** Surroundings that never change. */
export const steady = (around: Surroundings): Course => [{ around, untilS: Infinity }];

/** A course that begins `byS` later on the clock. */
export const later = (course: Course, byS: number): Course =>
  course.map(({ around, untilS }) => ({ around, untilS: untilS + byS }));

/** What the course has a cup stand in just after `timeS`. */
export const aroundAt = (course: Course, timeS: number): Surroundings =>
  (course.find(({ untilS }) => untilS > timeS) ?? course[course.length - 1]!).around;

/**
 * Carries a cup along a course from one moment to `untilS`, as {@link run} does in one stretch; the
 * moments after each step, ends of stretches among them.
 */
export function runCourse(
  model: Model,
  from: Moment,
  course: Course,
  untilS: number,
  options: RunOptions = {},
): Moment[] {
  const moments: Moment[] = [];
  let latest = from;
  let stepS = options.firstStepS;
  for (const [index, stretch] of course.entries()) {
    const last = index === course.length - 1;
    const endS = last ? untilS : Math.min(stretch.untilS, untilS);
    if (endS <= latest.timeS + 1e-9) continue;
    const here = run(model, latest, stretch.around, endS, {
      ...options,
      ...(stepS === undefined ? {} : { firstStepS: stepS }),
    });
    moments.push(...here);
    const before = here[here.length - 2]?.timeS ?? latest.timeS;
    latest = here[here.length - 1]!;
    // Ended early: enough was learnt.
    if (latest.timeS < endS - 1e-9 || endS >= untilS) break;
    // The next stretch differs by little, or begins with what the error estimate allows.
    stepS = Math.max(1, (latest.timeS - before) / 2);
  }
  return moments;
}

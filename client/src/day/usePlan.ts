import { type DayData, type MarkData, type StoredDay } from '@hollow-moon/contract';
import { BEFORE_MIN, plannedDay, type PlannedDay } from '@hollow-moon/contract/planning';
import { type Problem } from '@hollow-moon/core';
import {
  checkPlan,
  measure,
  ranBy,
  replan,
  standings,
  withImplied,
  type Ran,
  type TaskStanding,
} from '@hollow-moon/core/planning';
import { useDeferredValue, useMemo } from 'react';
import type { KitchenBook } from '../book/book';
import { useMarks } from './useMarks';
import { useMinute } from './useMinute';
import { workedIn, type Works } from './useWorks';
import { exactMinuteOf } from './when';

/** A day as it is planned, and as it goes on. */
export interface Planned extends PlannedDay {
  /** Once something was tapped: the day as it was planned before, what has happened, and how each task stands. */
  readonly worked?: {
    readonly asked: Planned;
    readonly ran: ReadonlyMap<string, Ran>;
    readonly standings: ReadonlyMap<string, TaskStanding>;
  };
}

/** A plan of a day that is worked by. */
export type WorkedPlan = Planned & Required<Pick<Planned, 'worked'>>;

/** Plans a day from what is known of its work; a bake that fits no oven here is told. Some milliseconds. */
export function planned(
  day: DayData,
  works: Pick<Works, 'bakes'>,
  book: KitchenBook,
): { readonly planned: Planned } | { readonly problem: Problem } {
  const made = plannedDay(day, works.bakes, workedIn(book));
  return made.ok ? { planned: made.value } : { problem: made.problem };
}

/** The time is looked at at least so often, min. */
const LOOKED_AT_MIN = 1.5;

/** Nothing of a day goes on after that, min. */
const OVER_MIN = BEFORE_MIN + 2 * 1440;

type Found = ReturnType<typeof planned>;

/**
 * What was tapped, in its order and on the clock of a session, and the minute it is. In an hour that the clocks have twice a
 * tap is never before the one that it follows: what was done would be begun again.
 */
export function tapsBy(date: string, marks: readonly MarkData[], now: Date) {
  let beforeMin = -Infinity;
  const taps = marks
    .toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at))
    .map(({ task, kind, at, minutes, by }) => {
      beforeMin = Math.max(beforeMin, exactMinuteOf(date, new Date(at)));
      return {
        ...{ task, kind, atMin: beforeMin },
        ...(minutes === undefined ? {} : { minutes }),
        ...(by === undefined ? {} : { by }),
      };
    });
  // What has just been tapped is not in the future, though the minute has not been looked at since.
  const sinceMin = exactMinuteOf(date, now);
  const lastMin = Math.max(sinceMin, ...taps.map(({ atMin }) => atMin));
  return { taps, nowMin: Math.min(lastMin, sinceMin + LOOKED_AT_MIN, OVER_MIN) };
}

/** A day as it goes on from a moment, by what was tapped. */
function goingOn(asked: Planned, date: string, marks: readonly MarkData[], now: Date): WorkedPlan {
  const { taps, nowMin } = tapsBy(date, marks, now);
  const { model, plan, ran } = replan(asked, asked.way, taps, nowMin);
  return {
    session: model.session,
    model,
    way: asked.way,
    plan,
    measures: measure(model, plan),
    breaches: checkPlan(model, plan),
    worked: { asked, ran, standings: standings(asked.model, ran, nowMin) },
  };
}

/** A plan of a day at work, with how its tasks stand by what was tapped since it was worked out. */
export function asTapped(
  planned: WorkedPlan,
  date: string,
  marks: readonly MarkData[],
  now: Date,
): WorkedPlan {
  const { asked } = planned.worked;
  const { taps, nowMin } = tapsBy(date, marks, now);
  const ran = withImplied(asked.model, asked.plan, ranBy(taps));
  return {
    ...planned,
    worked: { asked, ran, standings: standings(asked.model, ran, nowMin) },
  };
}

/** The plan of a day; it follows every change of it at once, and once it is worked by, every tap and every minute. */
export function usePlan(
  { id, data }: Pick<StoredDay, 'id' | 'data'>,
  works: Works,
  book: KitchenBook,
  /** Also as it goes on from now where nothing was tapped yet. */
  atWork = false,
): Found {
  const asked = useMemo(() => planned(data, works, book), [data, works, book]);
  // A tap is shown first; the rest of the day follows it.
  const marks = useDeferredValue(useMarks(book.kitchen.id, id));
  const now = useMinute();
  const { date } = data;
  return useMemo(() => {
    const tapped = marks && (atWork || marks.length > 0) && works.done === works.all;
    return tapped && 'planned' in asked
      ? { planned: goingOn(asked.planned, date, marks, now) }
      : asked;
  }, [asked, marks, atWork, works.done, works.all, date, now]);
}

import type { DayData } from '@hollow-moon/contract';
import { BEFORE_MIN } from '@hollow-moon/contract/planning';
import { say } from '@hollow-moon/words';
import { useEffect, useState } from 'react';
import { REST_MS, useJob } from '../jobs';
import type { TaskOfDay } from './taskOfDay';
import { lasting } from './when';

/** What a task may be moved by from where it stands, min to either side, and how finely. */
export const MOVED_MIN = 180;
export const STEP_MIN = 5;

/** A day with a task put to a minute of its session. */
export const locked = (day: DayData, task: string, startMin: number): DayData => ({
  ...day,
  locks: [
    ...day.locks.filter((lock) => lock.task !== task),
    { task, startMin: startMin - BEFORE_MIN },
  ],
});

/** Whether a task stands where a cook has put it: what had begun when the day was planned anew is held there by that. */
export const isPutByHand = ({ locks, nowMin }: DayData, task: string): boolean =>
  locks.some((lock) => lock.task === task && (nowMin === null || lock.startMin > nowMin));

/** A value once it has stood for a moment. */
export function useRested(value: number): number {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const rest = setTimeout(() => setRested(value), REST_MS);
    return () => clearTimeout(rest);
  }, [value]);
  return rested;
}

/**
 * What it costs to begin a task at another time, in words; whether it can be done at all. Worked out beside the screen,
 * and not before the thumb rests: a day is large to put together.
 */
export function useCost(
  { placed, planned, day }: Omit<TaskOfDay, 'onEdit'>,
  startMin: number,
  resting: boolean,
) {
  const { session, plan, measures, way } = planned.worked?.asked ?? planned;
  const ask =
    startMin === placed.startMin || !resting
      ? undefined
      : {
          session: {
            ...session,
            locks: [
              ...(session.locks ?? []).filter(({ task }) => task !== placed.task),
              { task: placed.task, startMin },
            ],
          },
          before: day.way ? way : null,
          presence: day.presence,
        };
  const { answer, settled } = useJob('planned', ask, 'now', 0);
  if (!answer || !settled) return { possible: false, says: '' };
  const named = (bake: string) => session.wanted.find(({ id }) => id === bake)?.name ?? '';
  const left = answer.left.find((bake) => !plan.left.includes(bake));
  const late = answer.late.find(
    ({ bake, minutes }) => minutes > (plan.late.find((each) => each.bake === bake)?.minutes ?? 0),
  );
  if (left || late) {
    const why = left
      ? say('day.cannot-left', { bake: named(left) })
      : say('day.cannot-late', { bake: named(late!.bake) });
    return { possible: false, says: say('day.cannot', { why }) };
  }
  const more = answer.measures.presenceMin - measures.presenceMin;
  const minutes = lasting(Math.abs(more));
  const says =
    more === 0
      ? say('day.costs-nothing')
      : more > 0
        ? say('day.costs', { minutes })
        : say('day.saves', { minutes });
  return { possible: true, says };
}

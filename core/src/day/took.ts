import { isPaced, PACE_LIMITS, type Took } from '../work';
import type { Job } from './model';
import type { Ran } from './running';
import type { Minute } from './session';

/**
 * What a task took that is over at `endMin`, beside what is usual for as much of it; `undefined` where it tells nothing of the
 * kitchen's pace: nobody tapped its beginning, its minutes are no matter of hands, or a tap was plainly forgotten.
 */
export function tookOf(
  { task, minutes }: Pick<Job, 'task' | 'minutes'>,
  ran: Ran | undefined,
  endMin: Minute,
): Took | undefined {
  if (!isPaced(task) || ran?.begunMin === undefined || ran.implied) return undefined;
  const rests = ran.state === 'paused' ? endMin - ran.sinceMin! : 0;
  const tookMin = endMin - ran.begunMin - ran.restedMin - rests;
  const { expectedMin } = task.span;
  // What several bakes share takes longer than the task of one.
  const usualMin = (minutes / expectedMin) * (task.usualMin ?? expectedMin);
  const ratio = tookMin / usualMin;
  if (ratio < PACE_LIMITS.least || ratio > PACE_LIMITS.most) return undefined;
  return { verb: task.verb, usualMin, tookMin };
}

import type { Wait } from '../work';
import type { DayModel } from './model';
import { isOver, type Ran } from './running';
import type { Minute } from './session';

/** A wait that goes on between two tasks, and its clock. */
export interface Waiting {
  readonly from: string;
  readonly to: string;
  readonly wait: Wait;
  readonly sinceMin: Minute;
  /** It may be gone on with from then on, and should be by then. */
  readonly leastMin: Minute;
  readonly mostMin: Minute;
}

/** How a task stands while the day is worked. */
export interface TaskStanding {
  readonly task: string;
  readonly state: 'blocked' | 'waiting' | 'ready' | Ran['state'];
  readonly ran?: Ran;
  /** Tasks that have to be done before, and are not. */
  readonly blockedBy: readonly string[];
  /** From then on it can be begun, as far as what has gone before it says. */
  readonly fromMin?: Minute;
  /** What waits for it, by clocks that run. */
  readonly waits: readonly Waiting[];
}

/**
 * How every task of a day stands: over, running, ready to be begun, waiting for a clock, or for another task. `model` is the
 * day as it was asked, without what has happened.
 */
export function standings(
  model: DayModel,
  ran: ReadonlyMap<string, Ran>,
  nowMin: Minute,
): Map<string, TaskStanding> {
  return new Map(
    model.jobs.map(({ id }): [string, TaskStanding] => {
      const each = ran.get(id);
      if (each) return [id, { task: id, state: each.state, ran: each, blockedBy: [], waits: [] }];
      const before = model.before.get(id) ?? [];
      const blockedBy = [
        ...new Set(before.filter(({ from }) => !isOver(ran.get(from))).map(({ from }) => from)),
      ];
      const waits = before.flatMap(({ from, to, wait, leastMin, mostMin }) => {
        const over = ran.get(from);
        if (!isOver(over)) return [];
        const sinceMin = over!.sinceMin!;
        const clock = { leastMin: sinceMin + leastMin, mostMin: sinceMin + mostMin };
        return [{ from, to, wait, sinceMin, ...clock }];
      });
      if (blockedBy.length > 0) return [id, { task: id, state: 'blocked', blockedBy, waits }];
      const fromMin = Math.max(-Infinity, ...waits.map(({ leastMin }) => leastMin));
      const state = fromMin > nowMin ? 'waiting' : 'ready';
      return [id, { task: id, state, blockedBy, fromMin, waits }];
    }),
  );
}

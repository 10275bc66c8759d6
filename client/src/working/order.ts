import { expectedEnd, type Job, type Placed, type TaskStanding } from '@hollow-moon/core/planning';
import type { Planned } from '../day';
import { nextStage } from './stages';

/** A task of a day with all that a cook at work asks of it. Minutes are those of the session. */
export interface Row {
  readonly job: Job;
  readonly standing: TaskStanding;
  /** Where it stands in the plan as it goes on; a bake that has no place has none. */
  readonly placed: Placed | undefined;
  /** When what goes on is expected to be over; when what is ahead is to begin. */
  readonly atMin: number;
  /** It was to have begun, or to be over, by now. */
  readonly due: boolean;
  /** Something is to be done to it just now, while it goes on. */
  readonly wantsHand: boolean;
}

/** Tasks in the order in which they ask for somebody. */
export interface Rows {
  readonly going: readonly Row[];
  readonly ahead: readonly Row[];
  readonly over: readonly Row[];
}

const isGoing = ({ standing: { state } }: Row): boolean =>
  state === 'running' || state === 'paused';
const isOver = ({ standing: { state } }: Row): boolean => state === 'done' || state === 'skipped';

/** The tasks of a day as they stand at a minute: what goes on, what is ahead, what is over, each in its order of time. */
export function rowsOf(planned: Planned, nowMin: number): Rows {
  const { plan, worked } = planned;
  const model = worked?.asked.model ?? planned.model;
  const places = new Map(plan.placed.map((each) => [each.task, each]));
  const rows = model.jobs.flatMap((job): Row[] => {
    const standing = worked?.standings.get(job.id);
    if (!standing) return [];
    const placed = places.get(job.id);
    const { ran } = standing;
    const atMin =
      ran && (ran.state === 'running' || ran.state === 'paused')
        ? expectedEnd(ran, job, nowMin)
        : (ran?.sinceMin ?? placed?.startMin ?? Infinity);
    const stage = nextStage({ job, standing }, nowMin);
    const wantsHand = stage !== undefined && stage.dueMin <= nowMin;
    return [{ job, standing, placed, atMin, due: atMin <= nowMin, wantsHand }];
  });
  const byTime = (a: Row, b: Row) => a.atMin - b.atMin || a.job.id.localeCompare(b.job.id);
  return {
    going: rows.filter(isGoing).sort(byTime),
    ahead: rows.filter((row) => !isGoing(row) && !isOver(row)).sort(byTime),
    over: rows.filter(isOver).sort((a, b) => -byTime(a, b)),
  };
}

/** Whether a task is somebody's: by whoever began it, else by the plan; what nobody was given is everybody's. */
export function isOf({ standing, placed }: Row, person: string): boolean {
  if (person === '') return true;
  const { by } = standing.ran ?? {};
  if (by !== undefined) return by === person;
  return !placed || placed.people.length === 0 || placed.people.includes(person);
}

/** Somebody stays with it from beginning to end, so that nobody has to be called to it. */
export const isAttended = ({ busy, minutes }: Job): boolean =>
  busy.reduce((sum, each) => sum + each.minutes, 0) >= minutes;

/**
 * The one task a cook is shown first: what should be over, what wants a hand on its way, what should have begun, what hands are on, what comes next;
 * nothing once all is done.
 */
export function mostPressing({ going, ahead }: Rows, person: string): Row | undefined {
  const mine = going.filter((row) => isOf(row, person));
  const next = ahead.filter((row) => isOf(row, person) && row.standing.state !== 'blocked');
  return (
    mine.find(({ due }) => due) ??
    mine.find(({ wantsHand }) => wantsHand) ??
    next.find(({ due, standing }) => due && standing.state === 'ready') ??
    mine.find(({ job, standing }) => standing.state === 'running' && isAttended(job)) ??
    next[0] ??
    mine[0] ??
    ahead.find((row) => isOf(row, person))
  );
}

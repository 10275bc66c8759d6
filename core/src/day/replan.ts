import { construct, type Way } from './construct';
import { modelOf, type DayModel } from './model';
import { keeping } from './recreate';
import { pastOf, ranBy, withImplied, type Mark, type Ran } from './running';
import type { DayPlan, Minute, Session } from './session';

/** A day while it is worked: what was planned, what has happened, and how the rest goes on. */
export interface WorkedDay {
  /** As it was asked and planned before anything was begun. */
  readonly asked: { readonly model: DayModel; readonly plan: DayPlan };
  readonly ran: ReadonlyMap<string, Ran>;
  /** With what has happened where it happened, and the rest from now on. */
  readonly model: DayModel;
  readonly plan: DayPlan;
}

/**
 * Plans the rest of a day that has begun: what was tapped stands where it happened, what goes on is expected to end, and
 * everything else stays where `asked` has it, or moves by as little as it must. Some milliseconds, so that it follows each
 * tap and each minute. Nothing is begun before `nowMin`.
 */
export function replan(
  asked: WorkedDay['asked'],
  way: Way,
  marks: readonly Mark[],
  nowMin: Minute,
): WorkedDay {
  const ran = withImplied(asked.model, asked.plan, ranBy(marks));
  const { session } = asked.model;
  const past = pastOf(asked.model, asked.plan, ran, nowMin);
  const begun: Session = {
    ...session,
    fromMin: Math.max(session.fromMin, Math.floor(nowMin)),
    past,
    // What was put by hand to an hour that is gone was begun, or is late.
    locks: (session.locks ?? []).filter(
      ({ task, startMin }) => startMin >= nowMin && !ran.has(task),
    ),
  };
  const made = modelOf(begun);
  if (!made.ok) throw new RangeError(`a day that was planned fits no oven: ${made.problem.code}`);
  return {
    asked,
    ran,
    model: made.value,
    plan: construct(made.value, standingBy(asked.plan, way)),
  };
}

/**
 * Where all of a day is meant to stand: where its way keeps it, and the rest where the whole plan has it. The whole plan takes
 * what has happened to last as long as it should have, and so may have no room for what a way keeps right after it.
 */
function standingBy(asked: DayPlan, { order, keep = [] }: Way): Way {
  const kept = new Set(keep.map(({ task }) => task));
  const others = keeping(asked, order).keep!.filter(({ task }) => !kept.has(task));
  return { order, keep: [...keep, ...others] };
}

/**
 * A way by which all of a worked day is planned as `rest` has it: what has happened where it was planned, so that what came
 * late is still told, and everything else where it stands in `rest`.
 */
export function wayOnward(
  { asked, ran }: Pick<WorkedDay, 'asked' | 'ran'>,
  rest: DayPlan,
  order: Way['order'],
): Way {
  const planned = new Map(asked.plan.placed.map((each) => [each.task, each]));
  const placed = rest.placed.map((each) =>
    ran.has(each.task) ? (planned.get(each.task) ?? each) : each,
  );
  return keeping({ ...rest, placed }, order);
}

/** The plan by which a worked day goes on from now once all of it is planned by another way. */
export const goneOnBy = ({ asked, model }: Pick<WorkedDay, 'asked' | 'model'>, way: Way): DayPlan =>
  construct(model, standingBy(construct(asked.model, way), way));

import type { DayModel } from '../model';
import { between, hasValue, within, type Literal, type Variable, type Written } from './flatzinc';
import type { Aim } from './aim';
import type { Stretches } from './starts';

/** Somebody's stretches of work, each for itself. */
export const shiftsOf = ({ session }: DayModel) =>
  session.means.people.flatMap(({ id, hours }) =>
    hours.map(([fromMin, toMin]) => ({ person: id, fromMin, toMin })),
  );

/** Stretches of hands over all jobs. */
export const handsOf = ({ jobs }: DayModel) =>
  jobs.flatMap((job) => job.busy.map((busy, nth) => ({ job, nth, ...busy })));

export const loadsOf = ({ jobs }: DayModel) =>
  jobs.flatMap((job) => (job.oven ? [{ job, oven: job.oven }] : []));

/** One of some things by its number: only what it can be is ever asked. */
export interface Choice {
  readonly of: Variable;
  readonly can: readonly number[];
  /** Whether it is that one: nothing where it cannot be. */
  readonly is: ReadonlyMap<number, Literal>;
}

export function choiceOf(written: Written, can: readonly number[]): Choice {
  const of = within(
    written,
    can.map((each) => [each, each] as const),
  );
  const is = new Map<number, Literal>(
    can.map((each) => [each, can.length === 1 ? true : hasValue(written, of, each)]),
  );
  return { of, can, is };
}

/** A day in variables, with what its parts need of each other. */
export interface Stated {
  readonly model: DayModel;
  readonly aim: Aim;
  readonly written: Written;
  /** When each job starts. */
  readonly start: ReadonlyMap<string, Variable>;
  readonly starts: ReadonlyMap<string, Stretches>;
  readonly shifts: ReturnType<typeof shiftsOf>;
  /** Each stretch of hands, with the stretch of work it is done in; in the order of {@link handsOf}. */
  readonly hands: readonly (ReturnType<typeof handsOf>[number] & { readonly shift: Choice })[];
  /** The first stretch of hands of each job that has any. */
  readonly firstHand: ReadonlyMap<string, number>;
  /** When somebody comes in each stretch of work, how long they are there, and all of that together. */
  readonly come: readonly Variable[];
  readonly there: readonly Variable[];
  readonly presence: Variable;
}

/** The stretches of work, by number, in which a stretch of hands can be done. */
const whenManned = (
  { fromMin, minutes }: { readonly fromMin: number; readonly minutes: number },
  starts: Stretches,
  shifts: Stated['shifts'],
): number[] =>
  shifts.flatMap((shift, index) =>
    starts.some(
      ([from, to]) =>
        Math.max(from + fromMin, shift.fromMin) <= Math.min(to + fromMin, shift.toMin - minutes),
    )
      ? [index + 1]
      : [],
  );

/**
 * When a job starts. Where nobody is there is a hole in it, which is said twice in all, since hands have their hours: by the clock
 * that helps to find plans, by presence it only takes longer to read.
 */
const startIn = (written: Written, { by }: Aim, stretches: Stretches): Variable =>
  by === 'clock'
    ? within(written, stretches)
    : between(written, stretches[0]![0], stretches.at(-1)![1]);

/** The variables of a day; the job that nobody is there for where there is one. */
export function stated(
  model: DayModel,
  aim: Aim,
  written: Written,
  starts: ReadonlyMap<string, Stretches>,
): Stated | { readonly impossible: string } {
  const shifts = shiftsOf(model);
  const held = handsOf(model).map((hand) => ({
    hand,
    can: whenManned(hand, starts.get(hand.job.id)!, shifts),
  }));
  const unmanned = held.find(({ can }) => can.length === 0);
  if (unmanned) return { impossible: unmanned.hand.job.id };
  const start = new Map(model.jobs.map(({ id }) => [id, startIn(written, aim, starts.get(id)!)]));
  const hands = held.map(({ hand, can }) => ({ ...hand, shift: choiceOf(written, can) }));
  return {
    model,
    aim,
    written,
    start,
    starts,
    shifts,
    hands,
    firstHand: new Map(
      hands.flatMap(({ job, nth }, index) => (nth === 0 ? [[job.id, index] as const] : [])),
    ),
    come: shifts.map(({ fromMin, toMin }) => between(written, fromMin, toMin)),
    there: shifts.map(({ fromMin, toMin }) => between(written, 0, toMin - fromMin)),
    presence: between(written, aim.presence.least, aim.presence.most),
  };
}

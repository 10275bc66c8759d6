import { lateIn } from '../construct';
import type { DayModel } from '../model';
import type { DayPlan, Placed } from '../session';
import { handsOf, loadsOf, shiftsOf } from './parts';

/** What the program prints of a plan: for each task, stretch of hands and load in the order of the data. */
interface Answer {
  readonly start: unknown;
  readonly shift: unknown;
  readonly oven: unknown;
}

const isListOf = (value: unknown, length: number): value is readonly number[] =>
  Array.isArray(value) && value.length === length && value.every(Number.isInteger);

/** The plan that an answer stands for. Throws where the answer is not one to this model. */
export function planFrom(model: DayModel, answer: unknown): DayPlan {
  // A list of nothing is not told.
  const { start = [], shift = [], oven = [] } = answer as Partial<Answer>;
  const shifts = shiftsOf(model);
  const hands = handsOf(model);
  const loads = loadsOf(model);
  const { ovens } = model.session.means;
  if (
    !isListOf(start, model.jobs.length) ||
    !isListOf(shift, hands.length) ||
    !isListOf(oven, loads.length)
  ) {
    throw new RangeError('an answer to another day');
  }
  const placed = model.jobs.map(({ id, minutes }, index): Placed => {
    const load = loads.findIndex((each) => each.job.id === id);
    return {
      task: id,
      startMin: start[index]!,
      endMin: start[index]! + minutes,
      ...(load < 0 ? {} : { ovenId: ovens[oven[load]! - 1]!.id }),
      people: hands.flatMap((each, at) =>
        each.job.id === id ? [shifts[shift[at]! - 1]!.person] : [],
      ),
    };
  });
  placed.sort((a, b) => a.startMin - b.startMin || a.task.localeCompare(b.task));
  return { placed, late: lateIn(model, placed), left: [] };
}

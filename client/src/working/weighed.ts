import type { DayData } from '@hollow-moon/contract';
import { fetchedTogether, type Build, type Need, type WeighedLine } from '@hollow-moon/core';
import { vagueFor, weighedFor, type Job } from '@hollow-moon/core/planning';
import type { KitchenBook } from '../book/book';
import { buildOfWanted, type Works } from '../day';

/** What a job is about: each bake it is done for, with its build and its own task. */
function partsOf(job: Job, day: DayData, works: Works, book: KitchenBook) {
  return job.bakes.flatMap((bake) => {
    const wanted = day.wanted.find(({ id }) => id === bake);
    const work = works.bakes.find(({ id }) => id === bake)?.work;
    const build = wanted && buildOfWanted(wanted, book);
    const key = job.task.shared;
    const tasks = work?.tasks.filter((task) =>
      key === undefined ? task.id === job.task.id : task.shared === key,
    );
    return build && tasks ? tasks.map((task) => ({ task, build })) : [];
  });
}

/** What is weighed for a job, over all bakes it is done for. */
export const weighedForJob = (
  job: Job,
  day: DayData,
  works: Works,
  book: KitchenBook,
): readonly Need[] =>
  fetchedTogether(partsOf(job, day, works, book).map(({ task, build }) => weighedFor(task, build)));

/** What is added by eye in a job, and what has no known amount; what several bakes have in common once. */
export const vagueForJob = (
  job: Job,
  day: DayData,
  works: Works,
  book: KitchenBook,
): readonly WeighedLine[] => [
  ...new Map(
    partsOf(job, day, works, book)
      .flatMap(({ task, build }) => vagueFor(task, build))
      .map((each) => [each.line.id, each] as const),
  ).values(),
];

/** What of the main filling is kept back while it is made, g: it is called for at a later step. */
export const keptBackOf = ({ filling }: Pick<Build, 'filling'>): number =>
  filling.lines.reduce(
    (sum, { line, grams }) =>
      sum + (grams && line.amount > 0 ? ((line.heldBack ?? 0) / line.amount) * grams : 0),
    0,
  );

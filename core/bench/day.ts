/**
 * How long a plan of a day takes: the first plan, one that follows a finger, and a search; on invented sessions of 6, 12
 * and 20 bakes of eight or so tasks, over 36 hours, drawn with a fixed seed.
 */
import {
  checkPlan,
  construct,
  firstPlan,
  leastPresence,
  measure,
  modelOf,
  ranBy,
  replan,
  standings,
  type Mark,
} from '../src/day';
import { lookedFor, session } from './sessions';

const WEIGHTS = { presence: 0.9 };

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

function timed<T>(work: () => T, times: number): { readonly ms: number; readonly value: T } {
  let value = work();
  const ms = Array.from({ length: times }, () => {
    const from = performance.now();
    value = work();
    return performance.now() - from;
  });
  return { ms: median(ms), value };
}

for (const [bakes, cooks] of [
  [6, 1],
  [12, 1],
  [20, 3],
] as const) {
  const made = modelOf(session(bakes, cooks, bakes));
  if (!made.ok) throw new Error(made.problem.code);
  const model = made.value;
  const first = timed(() => firstPlan(model), 15);
  const again = timed(() => construct(model, first.value.way), 15);
  // Worked to the middle, everything done ten minutes late.
  const { plan, way } = first.value;
  const ends = plan.placed.map(({ endMin }) => endMin);
  const nowMin = (Math.min(...ends) + Math.max(...ends)) / 2;
  const marks = plan.placed.flatMap(({ task, endMin }): Mark[] =>
    endMin + 10 <= nowMin ? [{ task, kind: 'done', atMin: endMin + 10 }] : [],
  );
  const rest = timed(() => replan({ model, plan }, way, marks, nowMin), 15);
  const stand = timed(() => standings(model, ranBy(marks), nowMin), 15);
  const check = timed(() => checkPlan(rest.value.model, rest.value.plan), 15);
  const search = timed(() => lookedFor(model, WEIGHTS), 1);
  const [before, after] = [first.value, search.value].map(({ plan }) => measure(model, plan));
  const least = leastPresence(model);
  console.log(
    [
      `${bakes} bakes, ${cooks} cook${cooks > 1 ? 's' : ''}, ${model.jobs.length} tasks:`,
      `first plan ${first.ms.toFixed(1)} ms (median of 15),`,
      `one more ${again.ms.toFixed(1)} ms,`,
      `the rest after ${marks.length} taps ${rest.ms.toFixed(1)} ms, its check ${check.ms.toFixed(1)} ms, how tasks stand ${stand.ms.toFixed(2)} ms,`,
      `a better one looked for in ${(search.ms / 1000).toFixed(2)} s;`,
      `left ${before!.left} then ${after!.left}, late ${before!.lateMin} then ${after!.lateMin} min,`,
      `there ${before!.presenceMin} then ${after!.presenceMin} min, hands alone ${least}`,
    ].join(' '),
  );
}

/**
 * How long a plan of a day takes: the first plan, one that follows a finger, and a search; on invented sessions of 6, 12
 * and 20 bakes of eight or so tasks, over 36 hours, drawn with a fixed seed. Then what one bake more in the middle of a day
 * moves, and what a search for the rest makes of it.
 */
import {
  checkPlan,
  construct,
  firstPlan,
  keeping,
  leastPresence,
  measure,
  modelOf,
  ranBy,
  replan,
  standings,
  wayFor,
  wayOnward,
  type DayModel,
  type Mark,
  type Session,
  type Way,
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

function ready(session: Session): DayModel {
  const made = modelOf(session);
  if (!made.ok) throw new Error(made.problem.code);
  return made.value;
}

for (const [bakes, cooks] of [
  [6, 1],
  [12, 1],
  [20, 3],
] as const) {
  const model = ready(session(bakes, cooks, bakes));
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

/** The second night is five hours old, and all has gone as planned. */
const NOW_MIN = 1500;

/** One bake more where all others are kept, where all is planned anew, and once a search has looked at the rest. */
function oneMore(bakes: number, seed: number): void {
  const all = session(bakes + 1, 1, seed);
  const model = ready({ ...all, wanted: all.wanted.slice(0, bakes) });
  const { plan, way } = firstPlan(model, WEIGHTS);
  const marks = plan.placed.flatMap(({ task, startMin, endMin }): Mark[] =>
    startMin < NOW_MIN
      ? [
          { task, kind: 'begun', atMin: startMin },
          ...(endMin <= NOW_MIN ? [{ task, kind: 'done' as const, atMin: endMin }] : []),
        ]
      : [],
  );
  const before = replan({ model, plan }, way, marks, NOW_MIN);
  const more = ready(all);
  const withMore = (by: Way | undefined) => {
    const next = wayFor(more, by, WEIGHTS.presence);
    const asked = { model: more, plan: construct(more, next) };
    return { ...replan(asked, next, marks, NOW_MIN), way: next };
  };
  const stood = { stood: before.plan.placed };
  const told = ({ model: of, plan }: Pick<typeof before, 'model' | 'plan'>): string => {
    const { moved, left, lateMin } = measure({ ...of, session: { ...of.session, ...stood } }, plan);
    return `${moved} moved, ${left} left out, ${lateMin} min late`;
  };
  const kept = withMore(wayOnward(before, before.plan, way.order));
  const weighed = { ...kept.model, session: { ...kept.model.session, stood: kept.plan.placed } };
  const search = timed(
    () => lookedFor(weighed, WEIGHTS, { way: keeping(kept.plan, kept.way.order) }),
    1,
  );
  console.log(
    [
      `one more than ${bakes} bakes (seed ${seed}), ${before.plan.placed.length - before.ran.size} tasks ahead:`,
      `kept ${told(kept)}; anew ${told(withMore(undefined))};`,
      `looked for ${told({ model: weighed, plan: search.value.plan })}, in ${(search.ms / 1000).toFixed(2)} s`,
    ].join(' '),
  );
}

for (const bakes of [6, 12]) for (const seed of [1, 2, 3, 4]) oneMore(bakes, seed);

import solver from 'javascript-lp-solver';
import { lateIn } from './construct';
import { costOf, measure, WEIGHT, suffersOf, type DayWeights } from './measure';
import type { DayModel, Job } from './model';
import type { DayPlan, Placed } from './session';
import { changeMin } from './taken';

/** A linear programme in the form of npm `javascript-lp-solver`, as it is written down. */
interface Written {
  readonly constraints: Record<string, { min?: number; max?: number }>;
  readonly variables: Record<string, Record<string, number>>;
}

interface Held {
  readonly job: Job;
  readonly at: Placed;
}

/** One more row: the sum of what stands in `terms` lies from `min` to `max`. */
function row(
  { constraints, variables }: Written,
  terms: Readonly<Record<string, number>>,
  bounds: { readonly min?: number; readonly max?: number },
): void {
  const name = `r${Object.keys(constraints).length}`;
  constraints[name] = { ...bounds };
  for (const [variable, factor] of Object.entries(terms)) {
    const column = (variables[variable] ??= {});
    column[name] = (column[name] ?? 0) + factor;
  }
}

function costs({ variables }: Written, variable: string, each: number): void {
  const column = (variables[variable] ??= {});
  column['cost'] = (column['cost'] ?? 0) + each;
}

/** `to` starts at least so long after `from` starts. */
const follows = (written: Written, from: string, to: string, leastMin: number): void =>
  row(written, { [to]: 1, [from]: -1 }, { min: leastMin });

/** Waits between tasks, and how long each may be. */
function waits(written: Written, model: DayModel, byId: ReadonlyMap<string, Held>, each: number) {
  for (const { from, to, leastMin, mostMin, wait } of model.edges) {
    const [a, b] = [byId.get(from), byId.get(to)];
    if (!a || !b) continue;
    const least = a.job.minutes + leastMin;
    const most = a.job.minutes + mostMin;
    row(
      written,
      { [to]: 1, [from]: -1 },
      { min: least, ...(most < Infinity ? { max: most } : {}) },
    );
    costs(written, to, each * suffersOf(wait));
    costs(written, from, -each * suffersOf(wait));
  }
}

/** What is ready by its hour, and how far past its best it may be. */
function readiness(written: Written, model: DayModel, plan: DayPlan, origin: number): void {
  for (const [index, { bake, job, dueMin, leastMin, mostMin }] of model.dues.entries()) {
    if (!plan.placed.some(({ task }) => task === job)) continue;
    const due = dueMin + (plan.late.find((each) => each.bake === bake)?.minutes ?? 0) - origin;
    const { minutes } = model.byId.get(job)!;
    row(written, { [job]: 1 }, { max: due - leastMin - minutes });
    if (mostMin === Infinity) continue;
    const past = `past:${index}`;
    row(written, { [past]: 1, [job]: 1 }, { min: due - mostMin - minutes });
    costs(written, past, WEIGHT.pastBest);
  }
}

/** Everybody does what they do in the order they do it, within the hours they do it in; being there has its price. */
function hands(written: Written, model: DayModel, held: readonly Held[], o: number, each: number) {
  for (const { id, hours } of model.session.means.people) {
    const mine = held
      .flatMap(({ job, at }) =>
        job.busy.flatMap(({ fromMin, minutes }, index) =>
          at.people[index] === id
            ? [{ task: job.id, fromMin, minutes, startMin: at.startMin + fromMin }]
            : [],
        ),
      )
      .sort((a, b) => a.startMin - b.startMin);
    for (const [index, next] of mine.entries()) {
      const last = mine[index - 1];
      if (last && last.task !== next.task) {
        follows(written, last.task, next.task, last.fromMin + last.minutes - next.fromMin);
      }
    }
    for (const [from, to] of hours) {
      const here = mine.filter(({ startMin }) => startMin >= from && startMin < to);
      if (here.length === 0) continue;
      const [come, go] = [`come:${id}:${from}`, `go:${id}:${from}`];
      row(written, { [come]: 1 }, { min: from - o });
      row(written, { [go]: 1 }, { max: to - o });
      for (const { task, fromMin, minutes } of here) {
        row(written, { [task]: 1, [come]: -1 }, { min: -fromMin });
        row(written, { [go]: 1, [task]: -1 }, { min: fromMin + minutes });
      }
      costs(written, go, each);
      costs(written, come, -each);
    }
  }
}

/** Loads of an oven keep their order, and those that are in it together stay together. */
function ovens(written: Written, model: DayModel, held: readonly Held[]): void {
  const { means } = model.session;
  for (const oven of means.ovens) {
    const here = held
      .filter(({ at }) => at.ovenId === oven.id)
      .sort((a, b) => a.at.startMin - b.at.startMin);
    for (const [index, b] of here.entries()) {
      for (const a of here.slice(0, index)) {
        const [one, other] = [a.job.oven!.need, b.job.oven!.need];
        if (one.programme !== other.programme) {
          const change = changeMin(oven, one.endC, other.setC, means.roomC);
          follows(written, a.job.id, b.job.id, a.job.minutes + change);
        } else if (a.at.endMin <= b.at.startMin) {
          follows(written, a.job.id, b.job.id, a.job.minutes);
        } else if (one.staged) {
          row(written, { [b.job.id]: 1, [a.job.id]: -1 }, { min: 0, max: 0 });
        }
      }
    }
  }
}

/** What does not share a station does not begin to: what stood there together may, since it had room. */
function stations(written: Written, model: DayModel, held: readonly Held[]): void {
  const { rings, mixers } = model.session.means;
  for (const [station, there] of [
    ['hob', rings],
    ['mixer', mixers],
  ] as const) {
    const here = held.filter(({ job }) => job.task.station === station);
    if (here.length <= there) continue;
    for (const a of here) {
      for (const b of here) {
        if (a !== b && a.at.endMin <= b.at.startMin) {
          follows(written, a.job.id, b.job.id, a.job.minutes);
        }
      }
    }
  }
}

/**
 * The same plan at its best minutes: who does what, in which oven and in which order stays; when it is done moves to where
 * people are there for the shortest time and the least is waited for, by linear programming (npm `javascript-lp-solver`).
 * Since it is a matter of differences between starts alone, the best lies on whole minutes. Never dearer than the plan
 * it is given, in minutes; the plan itself where nothing is gained.
 */
export function polish(model: DayModel, plan: DayPlan, weights: DayWeights): DayPlan {
  const held = plan.placed.map((at) => ({ job: model.byId.get(at.task)!, at }));
  if (held.length === 0) return plan;
  const byId = new Map(held.map((each) => [each.job.id, each]));
  // Variables are counted from the first of everything, since none may be negative.
  const origin = Math.min(
    ...held.map(({ at }) => at.startMin),
    model.session.fromMin,
    ...model.session.means.people.flatMap(({ hours }) => hours.map(([from]) => from)),
  );
  const written: Written = { constraints: {}, variables: {} };
  for (const { job, at } of held) {
    // What has begun stays, and what was put by hand comes no later than where it stands.
    const least = job.past?.startMin ?? job.lockedMin ?? model.session.fromMin;
    const held = job.past !== undefined || job.lockedMin !== undefined;
    const bounds = { min: least - origin, ...(held ? { max: at.startMin - origin } : {}) };
    row(written, { [job.id]: 1 }, bounds);
  }
  waits(written, model, byId, WEIGHT.waited(weights));
  readiness(written, model, plan, origin);
  hands(written, model, held, origin, WEIGHT.presence(weights));
  ovens(written, model, held);
  stations(written, model, held);
  const solved = solver.Solve({
    optimize: 'cost',
    opType: 'min',
    ...written,
  }) as Readonly<Record<string, number | boolean>>;
  if (solved['feasible'] !== true) return plan;
  const placed = held.map(({ job, at }) => {
    // The solver leaves out what is nought.
    const startMin = origin + Math.round(Number(solved[job.id] ?? 0));
    return { ...at, startMin, endMin: startMin + (at.endMin - at.startMin) };
  });
  placed.sort((a, b) => a.startMin - b.startMin || a.task.localeCompare(b.task));
  const polished = {
    placed,
    late: lateIn(model, placed).filter(({ bake }) => !plan.left.includes(bake)),
    left: plan.left,
  };
  return costOf(measure(model, polished), weights) < costOf(measure(model, plan), weights)
    ? polished
    : plan;
}

import { changeOverMin } from '../oven';
import { finding } from '../result';
import type { DayModel, Job } from './model';
import type { Breach, DayPlan, Minute, Placed } from './session';

/**
 * Everything a plan has to keep, looked at from the plan alone and minute by minute: nothing of how it was found is
 * used here, so that a plan of whatever origin (built, searched for, dragged by hand, read from a file) is held to the
 * same. No breach is an empty list.
 */

interface Held {
  readonly job: Job;
  readonly at: Placed;
}

const breach = (code: string, tasks: readonly string[], values: Breach['values'] = {}): Breach => ({
  ...finding(code, values),
  tasks,
});

/** Each job once, as long as it may take, by a plan that knows no others. */
function placedOnce(model: DayModel, { placed, left }: DayPlan): Breach[] {
  const counts = new Map<string, number>();
  for (const { task } of placed) counts.set(task, (counts.get(task) ?? 0) + 1);
  const unknown = placed.filter(({ task }) => !model.byId.has(task));
  const wanted = model.jobs.filter(({ bakes }) => bakes.some((bake) => !left.includes(bake)));
  return [
    ...unknown.map(({ task }) => breach('day-breach.unknown', [task])),
    ...wanted
      .filter(({ id }) => !counts.has(id))
      .map(({ id }) => breach('day-breach.missing', [id])),
    ...[...counts]
      .filter(([, count]) => count > 1)
      .map(([task]) => breach('day-breach.twice', [task])),
  ];
}

const durations = (held: readonly Held[]): Breach[] =>
  held
    .filter(({ job, at }) => {
      // What has happened took as long as it took.
      if (job.past) return at.startMin !== job.past.startMin || at.endMin !== job.past.endMin;
      const minutes = at.endMin - at.startMin;
      // Several batches done as one last longer than one of them may.
      const most = Math.max(job.minutes, job.task.span.latestMin);
      return minutes < Math.min(job.minutes, job.task.span.earliestMin) || minutes > most;
    })
    .map(({ job }) => breach('day-breach.duration', [job.id]));

function orders(model: DayModel, byId: ReadonlyMap<string, Held>): Breach[] {
  return model.edges.flatMap(({ from, to, leastMin, mostMin }) => {
    const [a, b] = [byId.get(from), byId.get(to)];
    if (!a || !b) return [];
    const waits = b.at.startMin - a.at.endMin;
    if (waits < leastMin) return [breach('day-breach.too-soon', [from, to])];
    return waits > mostMin ? [breach('day-breach.too-late', [from, to])] : [];
  });
}

/** A stretch in which something is taken up, and of what. */
interface Use {
  readonly fromMin: Minute;
  readonly toMin: Minute;
  readonly amount: number;
  readonly task: string;
  /** It has begun: what happened at once is no fault of a plan. */
  readonly past: boolean;
}

/** Whether so much is there all the time; the first minute at which it is not is told by the tasks of it. */
function within(uses: readonly Use[], there: number, code: string): Breach[] {
  for (const { fromMin } of uses) {
    const now = uses.filter((each) => each.fromMin <= fromMin && each.toMin > fromMin);
    const planned = now.some(({ past }) => !past);
    if (planned && now.reduce((sum, { amount }) => sum + amount, 0) > there + 1e-6) {
      return [
        breach(
          code,
          now.map(({ task }) => task),
        ),
      ];
    }
  }
  return [];
}

function hands(model: DayModel, held: readonly Held[]): Breach[] {
  const found: Breach[] = [];
  const byPerson = new Map<string, Use[]>();
  for (const { job, at } of held) {
    job.busy.forEach((busy, index) => {
      const person = at.people[index];
      const fromMin = at.startMin + busy.fromMin;
      const toMin = fromMin + busy.minutes;
      const works = model.session.means.people.find(({ id }) => id === person);
      if (!works) {
        found.push(breach('day-breach.nobody', [job.id]));
        return;
      }
      if (!job.past && !works.hours.some(([from, to]) => from <= fromMin && toMin <= to)) {
        found.push(breach('day-breach.off-hours', [job.id], { person: works.name }));
      }
      byPerson.set(works.id, [
        ...(byPerson.get(works.id) ?? []),
        { fromMin, toMin, amount: 1, task: job.id, past: job.past !== undefined },
      ]);
    });
  }
  return [
    ...found,
    ...[...byPerson.values()].flatMap((uses) => within(uses, 1, 'day-breach.two-at-once')),
  ];
}

function stations(model: DayModel, held: readonly Held[]): Breach[] {
  const { means } = model.session;
  const at = (station: string): Use[] =>
    held
      .filter(({ job }) => job.task.station === station)
      .map(({ job, at: { startMin, endMin } }) => ({
        fromMin: startMin,
        toMin: endMin,
        amount: 1,
        task: job.id,
        past: job.past !== undefined,
      }));
  return [
    ...within(at('hob'), means.rings, 'day-breach.rings'),
    ...within(at('mixer'), means.mixers, 'day-breach.mixers'),
  ];
}

/** Two loads of one oven that overlap or follow each other too closely. */
function clash(model: DayModel, a: Held, b: Held): boolean {
  if (a.job.past && b.job.past) return false;
  const { ovens, roomC } = model.session.means;
  const oven = ovens.find(({ id }) => id === a.at.ovenId)!;
  const [first, second] = a.at.startMin <= b.at.startMin ? [a, b] : [b, a];
  const [one, other] = [first.job.oven!.need, second.job.oven!.need];
  if (one.programme === other.programme) {
    const apart = second.at.startMin >= first.at.endMin;
    return one.staged && !apart && first.at.startMin !== second.at.startMin;
  }
  const { kind, offsetK } = oven;
  const change = changeOverMin(kind, one.endC + offsetK, other.setC + offsetK, roomC);
  return second.at.startMin < first.at.endMin + change;
}

function ovens(model: DayModel, held: readonly Held[]): Breach[] {
  const loads = held.filter(({ job }) => job.oven);
  const nowhere = loads.filter(
    ({ job, at }) => !job.oven!.fits.some(({ ovenId }) => ovenId === at.ovenId),
  );
  return [
    ...nowhere.map(({ job }) => breach('day-breach.wrong-oven', [job.id])),
    ...model.session.means.ovens.flatMap(({ id, shelves }) => {
      const here = loads.filter((each) => each.at.ovenId === id && !nowhere.includes(each));
      const clashes = here.flatMap((a, index) =>
        here
          .slice(index + 1)
          .filter((b) => clash(model, a, b))
          .map((b) => breach('day-breach.oven-heat', [a.job.id, b.job.id])),
      );
      const uses = here.map(({ job, at }) => ({
        fromMin: at.startMin,
        toMin: at.endMin,
        amount: job.oven!.fits.find(({ ovenId }) => ovenId === id)!.shelves,
        task: job.id,
        past: job.past !== undefined,
      }));
      return [...clashes, ...within(uses, shelves, 'day-breach.shelves')];
    }),
  ];
}

/** What is not ready by its hour, further than the plan itself says. */
function served(
  model: DayModel,
  byId: ReadonlyMap<string, Held>,
  { late, left }: DayPlan,
): Breach[] {
  return model.dues.flatMap(({ bake, job, dueMin, leastMin }) => {
    const held = byId.get(job);
    if (!held || left.includes(bake)) return [];
    const said = late.find((each) => each.bake === bake)?.minutes ?? 0;
    return held.at.endMin + leastMin > dueMin + said ? [breach('day-breach.late', [job])] : [];
  });
}

/** All that a plan breaks of what its session asks; empty for a plan that can be worked by. */
export function checkPlan(model: DayModel, plan: DayPlan): Breach[] {
  const held = plan.placed.flatMap((at) => {
    const job = model.byId.get(at.task);
    return job ? [{ job, at }] : [];
  });
  const byId = new Map(held.map((each) => [each.job.id, each]));
  // What was put by hand may be what is done already.
  const early = held.filter(
    ({ job, at }) =>
      !job.past && job.lockedMin === undefined && at.startMin < model.session.fromMin,
  );
  const unlocked = held.filter(
    ({ job, at }) => job.lockedMin !== undefined && at.startMin !== job.lockedMin,
  );
  return [
    ...placedOnce(model, plan),
    ...early.map(({ job }) => breach('day-breach.too-early', [job.id])),
    ...unlocked.map(({ job }) => breach('day-breach.lock', [job.id])),
    ...durations(held),
    ...orders(model, byId),
    ...hands(model, held),
    ...stations(model, held),
    ...ovens(model, held),
    ...served(model, byId, plan),
  ];
}

import type { DayModel, Due, Job } from './model';
import type { DayPlan, Minute, Placed, Wanted } from './session';
import { give, latestSpot, nothingTaken, soonestSpot, take, type Spot, type Taken } from './taken';

/**
 * How a plan is built: which bakes are placed first, and how much sooner than it must each is ready. What stands in
 * `keep` is put where it stood, as far as that can still be; a plan of other origin is built again by it alone.
 */
export interface Way {
  readonly order: readonly string[];
  readonly soonerMin?: Readonly<Record<string, number>>;
  readonly keep?: readonly Kept[];
}

/** Where a task stood in a plan that is kept. */
export type Kept = Omit<Placed, 'endMin'>;

/** Tasks that start no later than a minute, whatever would let them. */
export type Latest = Readonly<Record<string, Minute>>;

/** A plan as it is built. */
interface Building {
  readonly model: DayModel;
  readonly taken: Taken;
  readonly spots: Map<string, Spot>;
  readonly kept: ReadonlyMap<string, Kept>;
  readonly latestMin: Latest;
}

/** Tried in turn where a bake cannot be ready by its hour, min late. */
const LATE_BY_MIN = [0, 15, 30, 45, 60, 90, 120, 180, 240, 360, 480, 720] as const;

/** How often what follows a task is moved up for its sake before a bake is given up. */
const MOVED_UP = 30;

const endOf = (building: Building, id: string): Minute =>
  building.spots.get(id)!.startMin + building.model.byId.get(id)!.minutes;

/** The latest and the soonest that a job may start for what follows it and for the table. */
function boundsOf(
  { model, spots }: Building,
  job: Job,
  dues: readonly Due[],
): { readonly hi: Minute; readonly lo: Minute } {
  let [hi, lo] = [Infinity, -Infinity];
  for (const { to, leastMin, mostMin } of model.after.get(job.id) ?? []) {
    const next = spots.get(to);
    if (!next) continue;
    hi = Math.min(hi, next.startMin - leastMin - job.minutes);
    lo = Math.max(lo, next.startMin - mostMin - job.minutes);
  }
  for (const { job: id, dueMin, leastMin } of dues) {
    if (id === job.id) hi = Math.min(hi, dueMin - leastMin - job.minutes);
  }
  return { hi, lo };
}

/** Jobs of a group from the last to the first, each after all that follow it: what keeps shortest has first choice. */
function backwards({ after }: DayModel, jobs: readonly Job[]): Job[] {
  const ids = new Set(jobs.map(({ id }) => id));
  const keepsMin = ({ id }: Job) =>
    Math.min(Infinity, ...(after.get(id) ?? []).map(({ mostMin }) => mostMin));
  const waiting = new Set(jobs);
  const done = new Set<string>();
  const ordered: Job[] = [];
  while (waiting.size > 0) {
    const free = [...waiting].filter(({ id }) =>
      (after.get(id) ?? []).every(({ to }) => !ids.has(to) || done.has(to)),
    );
    const next = free.reduce((first, each) => (keepsMin(each) < keepsMin(first) ? each : first));
    waiting.delete(next);
    done.add(next.id);
    ordered.push(next);
  }
  return ordered;
}

function undo({ model, taken, spots }: Building, jobs: readonly Job[]): void {
  for (const { id } of jobs) {
    const spot = spots.get(id);
    if (!spot) continue;
    give(taken, model.byId.get(id)!, spot);
    spots.delete(id);
  }
}

/**
 * Places a group of jobs from the last to the first, each as late as it can be. Where a job falls too far before what
 * follows it, that is moved up and the group is placed anew. False, with nothing placed, where it cannot be.
 */
function placeGroup(building: Building, jobs: readonly Job[], dues: readonly Due[]): boolean {
  const { model, taken, spots, kept } = building;
  const ordered = backwards(model, jobs);
  const inGroup = new Set(ordered.map(({ id }) => id));
  const capMin = new Map<string, Minute>();
  const capOf = (id: string) =>
    Math.min(capMin.get(id) ?? Infinity, building.latestMin[id] ?? Infinity);
  for (let tries = 0; tries < MOVED_UP; tries += 1) {
    let moved = false;
    for (const job of ordered) {
      const { hi, lo } = boundsOf(building, job, dues);
      const head = model.headMin.get(job.id)!;
      const held = kept.get(job.id);
      // What has become late moves what is kept by no more than it must.
      const heldMin = held ? Math.max(held.startMin, head) : Infinity;
      const latest = Math.min(hi, capOf(job.id), heldMin);
      const spot =
        latestSpot(taken, job, Math.min(latest, job.wishedMin ?? Infinity), head, held) ??
        (job.wishedMin === undefined ? undefined : soonestSpot(taken, job, latest, head, held));
      if (!spot) {
        undo(building, ordered);
        return false;
      }
      if (spot.startMin < lo) {
        for (const { to, mostMin } of model.after.get(job.id) ?? []) {
          const next = spots.get(to);
          const latest = spot.startMin + job.minutes + mostMin;
          if (!next || next.startMin <= latest) continue;
          if (!inGroup.has(to)) {
            undo(building, ordered);
            return false;
          }
          capMin.set(to, latest);
        }
        moved = true;
        break;
      }
      spots.set(job.id, spot);
      take(taken, job, spot);
    }
    if (!moved) return true;
    undo(building, ordered);
  }
  return false;
}

/** How late something is at the least that stands where it was kept, or as soon after as it can, min. */
const keptLate = ({ kept, model }: Building, dues: readonly Due[]): Minute =>
  Math.max(
    0,
    ...dues.flatMap(({ job, dueMin, leastMin }) => {
      const held = kept.get(job);
      if (!held) return [];
      const startMin = Math.max(held.startMin, model.headMin.get(job)!);
      return [startMin + model.byId.get(job)!.minutes + leastMin - dueMin];
    }),
  );

/** Places a group where it was kept, and says how late it is there; `undefined` where that cannot be, or nothing was kept. */
function placeKept(
  building: Building,
  jobs: readonly Job[],
  dues: readonly Due[],
): Minute | undefined {
  if (!jobs.some(({ id }) => building.kept.has(id))) return undefined;
  const late = keptLate(building, dues);
  const shifted = dues.map((due) => ({ ...due, dueMin: due.dueMin + late }));
  return placeGroup(building, jobs, shifted) ? late : undefined;
}

const forgetting = (building: Building): Building => ({ ...building, kept: new Map() });

/** How long a bake takes at the least, from what is done first to its last task. */
const lengthOf = ({ dues, headMin, byId }: DayModel, bake: string): Minute =>
  Math.max(
    0,
    ...dues
      .filter((due) => due.bake === bake)
      .map(({ job }) => headMin.get(job)! + byId.get(job)!.minutes),
  );

/**
 * Orders in which a plan is built when nothing else is said: first choice of the hours has what is due first; what is at
 * its best for the shortest time; what takes longest; what is due last.
 */
export function usualOrders(model: DayModel): string[][] {
  const long = new Map(model.session.wanted.map(({ id }) => [id, lengthOf(model, id)]));
  const sorted = (by: (a: Wanted, b: Wanted) => number) =>
    [...model.session.wanted].sort(by).map(({ id }) => id);
  const bestMin = ({ work }: Wanted) => Math.min(...work.ready.map(({ mostMin }) => mostMin));
  const longer = (a: Wanted, b: Wanted) => long.get(b.id)! - long.get(a.id)!;
  return [
    sorted((a, b) => a.dueMin - b.dueMin || longer(a, b)),
    sorted((a, b) => bestMin(a) - bestMin(b) || a.dueMin - b.dueMin),
    sorted((a, b) => longer(a, b) || a.dueMin - b.dueMin),
    sorted((a, b) => b.dueMin - a.dueMin || longer(a, b)),
  ];
}

/** What is still to be done for one bake alone. */
const jobsOfBake = ({ jobs }: DayModel, bake: string): Job[] =>
  jobs.filter(({ id, bakes, past }) => !past && bakes.includes(bake) && !id.startsWith('shared:'));

/** What several bakes share, each dough with all that belongs to it as a group of its own. */
function sharedGroups(jobs: readonly Job[]): Job[][] {
  const groups = new Map<string, Job[]>();
  for (const job of jobs) {
    if (job.past || !job.id.startsWith('shared:')) continue;
    const key = job.id.split(':').at(-1)!;
    groups.set(key, [...(groups.get(key) ?? []), job]);
  }
  return [...groups.values()];
}

/** The bake of a group that wants what is shared soonest. */
function soonestOf({ model, spots }: Building, group: readonly Job[], bakes: readonly string[]) {
  const ids = new Set(group.map(({ id }) => id));
  const wants = (bake: string) =>
    Math.min(
      Infinity,
      ...jobsOfBake(model, bake).flatMap(({ id }) =>
        (model.before.get(id) ?? []).some(({ from }) => ids.has(from)) && spots.has(id)
          ? [spots.get(id)!.startMin]
          : [],
      ),
    );
  return bakes.reduce((first, next) => (wants(next) < wants(first) ? next : first));
}

/**
 * Places what several bakes share before the first of them. Where there is no place for it, the bake that wants it
 * soonest is left out, until there is.
 */
function placeShared(
  building: Building,
  group: readonly Job[],
  late: Map<string, Minute>,
  left: string[],
): void {
  const { model } = building;
  const ids = new Set(group.map(({ id }) => id));
  const known = (bake: string) => late.get(bake) ?? 0;
  for (;;) {
    const bakes = [...new Set(group.flatMap((job) => job.bakes))].filter(
      (bake) => !left.includes(bake),
    );
    if (bakes.length === 0) return;
    // A dough that is wanted by itself has an hour of its own.
    const dues = model.dues
      .filter(({ job, bake }) => ids.has(job) && !left.includes(bake))
      .map((due) => ({ ...due, dueMin: due.dueMin + known(due.bake) }));
    const minutes =
      placeKept(building, group, dues) ??
      (dues.length > 0 ? LATE_BY_MIN : ([0] as const)).find((by) =>
        placeGroup(
          forgetting(building),
          group,
          dues.map((due) => ({ ...due, dueMin: due.dueMin + by })),
        ),
      );
    if (minutes !== undefined) {
      if (minutes > 0) {
        for (const { bake } of dues) late.set(bake, known(bake) + minutes);
      }
      return;
    }
    const out = soonestOf(building, group, bakes);
    undo(building, jobsOfBake(model, out));
    left.push(out);
  }
}

/** By how much each bake is late by where its tasks stand. */
export function lateIn(model: DayModel, placed: readonly Placed[]): DayPlan['late'] {
  const ends = new Map(placed.map(({ task, endMin }) => [task, endMin]));
  const late = new Map<string, Minute>();
  for (const { bake, job, dueMin, leastMin } of model.dues) {
    const minutes = (ends.get(job) ?? -Infinity) + leastMin - dueMin;
    if (minutes > (late.get(bake) ?? 0)) late.set(bake, minutes);
  }
  return [...late].map(([bake, minutes]) => ({ bake, minutes }));
}

/**
 * A plan built backwards from the hours of service: bake by bake, each task as late as what follows it, hands and ovens
 * let it, in the order of `way`. A bake that cannot be ready by its hour comes as little late as is found, or is left.
 * What is in `latestMin` starts no later than that.
 *
 * Instant: some milliseconds for a dozen bakes. Not the best there is, and not proved; every plan it gives keeps all
 * that {@link checkPlan} asks.
 */
export function construct(model: DayModel, way: Way, latestMin: Latest = {}): DayPlan {
  const building: Building = {
    model,
    taken: nothingTaken(model.session.means),
    spots: new Map(),
    kept: new Map(way.keep?.map((each) => [each.task, each])),
    latestMin,
  };
  for (const job of model.jobs) {
    if (!job.past) continue;
    const { startMin, ovenId, people } = job.past;
    const spot: Spot = { startMin, people, ...(ovenId === undefined ? {} : { ovenId }) };
    building.spots.set(job.id, spot);
    take(building.taken, job, spot);
  }
  // By how much what is placed may be late: what follows it in the order is held to that.
  const late = new Map<string, Minute>();
  const left: string[] = [];
  for (const bake of way.order) {
    const jobs = jobsOfBake(model, bake);
    const dues = model.dues.filter((due) => due.bake === bake);
    const sooner = way.soonerMin?.[bake] ?? 0;
    const minutes =
      placeKept(building, jobs, dues) ??
      [-sooner, ...LATE_BY_MIN].find((by) =>
        placeGroup(
          forgetting(building),
          jobs,
          dues.map((due) => ({ ...due, dueMin: due.dueMin + by })),
        ),
      );
    if (minutes === undefined) left.push(bake);
    else if (minutes > 0) late.set(bake, minutes);
  }
  for (const group of sharedGroups(model.jobs)) placeShared(building, group, late, left);
  const placed: Placed[] = [...building.spots].map(([task, spot]) => ({
    task,
    startMin: spot.startMin,
    endMin: endOf(building, task),
    ...(spot.ovenId ? { ovenId: spot.ovenId } : {}),
    people: spot.people,
  }));
  placed.sort((a, b) => a.startMin - b.startMin || a.task.localeCompare(b.task));
  return {
    placed,
    late: lateIn(model, placed).filter(({ bake }) => !left.includes(bake)),
    left,
  };
}

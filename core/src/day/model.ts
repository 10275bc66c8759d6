import { fail, succeed, type Result } from '../result';
import type { After, OvenNeed, Task, Wait, WorkList } from '../work';
import type { DayOven, Means, Minute, Past, Session, Wanted } from './session';

/** A stretch of hands, min from the start of its task. */
export interface Busy {
  readonly fromMin: number;
  readonly minutes: number;
}

/** What a load is to an oven. */
export interface Fit {
  readonly ovenId: string;
  /** What it takes of the shelves; a part of one counts as that part. */
  readonly shelves: number;
  readonly programme: string;
  readonly staged: boolean;
  readonly setC: number;
  readonly endC: number;
}

/** A task as a plan sees it: one of a bake, a part of a load, or one for several bakes. */
export interface Job {
  readonly id: string;
  readonly task: Task;
  /** The bakes it is done for. */
  readonly bakes: readonly string[];
  /** It lasts so long in a plan: what is expected. */
  readonly minutes: number;
  readonly busy: readonly Busy[];
  readonly oven?: {
    readonly need: OvenNeed;
    /** Ovens it can go into, and what it is to each. */
    readonly fits: readonly Fit[];
  };
  readonly lockedMin?: Minute;
  /** Where it stands for good, having begun. */
  readonly past?: Past;
  /** What has gone before it keeps until then: later it is past its best, but may have to be. */
  readonly wishedMin?: Minute;
}

/** One job after another: at least so long after its end, at most so long where it does not keep. */
export interface Edge {
  readonly from: string;
  readonly to: string;
  readonly leastMin: number;
  readonly mostMin: number;
  readonly wait: Wait;
}

/** What has to be done by an hour. */
export interface Due {
  readonly bake: string;
  readonly job: string;
  readonly dueMin: Minute;
  readonly leastMin: number;
  readonly mostMin: number;
}

/** A session made ready to be planned. */
export interface DayModel {
  readonly session: Session;
  readonly jobs: readonly Job[];
  readonly edges: readonly Edge[];
  readonly dues: readonly Due[];
  readonly byId: ReadonlyMap<string, Job>;
  readonly before: ReadonlyMap<string, readonly Edge[]>;
  readonly after: ReadonlyMap<string, readonly Edge[]>;
  /** The soonest a job can begin, were there ovens enough and everybody free in their hours. */
  readonly headMin: ReadonlyMap<string, Minute>;
}

/** How many pieces lie side by side on one shelf. */
export function piecesOnShelf(
  { lengthMm, breadthMm }: Pick<DayOven, 'lengthMm' | 'breadthMm'>,
  need: Pick<OvenNeed, 'lengthMm' | 'breadthMm'>,
): number {
  const laid = (along: number, across: number) =>
    Math.floor(lengthMm / along) * Math.floor(breadthMm / across);
  return Math.max(laid(need.lengthMm, need.breadthMm), laid(need.breadthMm, need.lengthMm));
}

/** Ovens that do as the one a bake was forecast in: of its kind, and as true to their dial, K. Common practice. */
const ALIKE_K = 3;

type Ovens = Pick<Means, 'ovens' | 'away'>;

/** The oven a need is meant for, and those that do as well. */
function ovensFor({ ovenId }: OvenNeed, { ovens, away = [] }: Ovens): readonly DayOven[] {
  const meant = [...ovens, ...away].find(({ id }) => id === ovenId);
  return ovens.filter(
    ({ kind, offsetK }) =>
      meant && kind === meant.kind && Math.abs(offsetK - meant.offsetK) < ALIKE_K,
  );
}

/** Ovens a need can be met in, with the pieces each takes at once. */
const roomFor = (need: OvenNeed, means: Ovens) =>
  ovensFor(need, means).flatMap((oven) => {
    const each = piecesOnShelf(oven, need);
    return each > 0 ? [{ ovenId: oven.id, each, most: each * oven.shelves }] : [];
  });

/**
 * Why the bakes of a list of work have no place in the ovens there are: the one they are meant for is not in use, and none is
 * like it; or it has no room for them. Nothing where all of them have.
 */
export function ovenTroubleOf(
  { tasks }: WorkList,
  means: Ovens,
): 'day.oven-away' | 'day.no-oven-fits' | undefined {
  const needs = tasks.flatMap(({ oven }) => oven ?? []);
  if (needs.some((need) => ovensFor(need, means).length === 0)) return 'day.oven-away';
  return needs.some((need) => roomFor(need, means).length === 0) ? 'day.no-oven-fits' : undefined;
}

/** Stretches of hands in a task; what would overlap, where it is short, is one. */
function busyOf({ hands, span: { expectedMin } }: Task, share: number): Busy[] {
  const stretches = hands
    .map(({ at, offsetMin, minutes }) => {
      const long = Math.min(expectedMin, Math.max(1, Math.round(minutes * share)));
      const from = at === 'start' ? offsetMin : expectedMin - offsetMin - long;
      return { fromMin: Math.min(expectedMin - long, Math.max(0, from)), minutes: long };
    })
    .sort((a, b) => a.fromMin - b.fromMin);
  return stretches.reduce<Busy[]>((kept, next) => {
    const last = kept.at(-1);
    if (!last || next.fromMin >= last.fromMin + last.minutes) return [...kept, next];
    const toMin = Math.max(last.fromMin + last.minutes, next.fromMin + next.minutes);
    return [...kept.slice(0, -1), { fromMin: last.fromMin, minutes: toMin - last.fromMin }];
  }, []);
}

/** The name of a task within a session: that of its bake and its own. */
export const jobId = (bake: string, task: string): string => `${bake}:${task}`;

/** A task as a job, or as several where it takes more of an oven than there is. */
function jobsOf(task: Task, { id: bake }: Wanted, session: Session): Result<readonly Job[]> {
  const id = jobId(bake, task.id);
  const job = {
    id,
    task,
    bakes: [bake],
    minutes: task.span.expectedMin,
    busy: busyOf(task, 1),
  };
  if (!task.oven) return succeed([job]);
  const need = task.oven;
  const room = roomFor(need, session.means);
  const most = Math.max(0, ...room.map((each) => each.most));
  if (most === 0) return fail('day.no-oven-fits', 'ovens');
  const loads = Math.ceil(need.pieces / most);
  const { programme, staged, setC, endC } = need;
  const heat = { programme, staged, setC, endC };
  return succeed(
    Array.from({ length: loads }, (_, index) => {
      const pieces = Math.ceil(need.pieces / loads);
      const share = pieces / need.pieces;
      return {
        ...job,
        id: loads === 1 ? id : `${id}#${index + 1}`,
        busy: busyOf(task, share),
        oven: {
          need: { ...need, pieces, vessels: Math.ceil(need.vessels * share) },
          fits: room.map(({ ovenId, each }) => ({ ...heat, ovenId, shelves: pieces / each })),
        },
      };
    }),
  );
}

/** What waits for an oven in several loads waits longer for the last of them, min for each before it. */
const LOADS_WAIT_MIN = 90;

/** The soonest from `at` on that somebody is there to begin a job; `at` itself where nobody ever is. */
function handsFrom({ busy }: Job, at: Minute, { people }: Session['means']): Minute {
  const [first] = busy;
  if (!first) return at;
  const starts = people.flatMap(({ hours }) =>
    hours.flatMap(([from, to]) => {
      const start = Math.max(from, at + first.fromMin);
      return start + first.minutes <= to ? [start - first.fromMin] : [];
    }),
  );
  return starts.length > 0 ? Math.max(at, Math.min(...starts)) : at;
}

/** The longest way to each job from what is done first, in hours at which somebody is there. */
function headsOf(jobs: readonly Job[], before: DayModel['before'], session: Session) {
  const heads = new Map<string, Minute>();
  const byId = new Map(jobs.map((job) => [job.id, job]));
  const headOf = (id: string): Minute => {
    const known = heads.get(id);
    if (known !== undefined) return known;
    const soonest = Math.max(
      session.fromMin,
      ...(before.get(id) ?? []).map(
        ({ from, leastMin }) => headOf(from) + byId.get(from)!.minutes + leastMin,
      ),
    );
    const job = byId.get(id)!;
    // What was put by hand, or is done already, begins when it does.
    const head = job.past?.startMin ?? job.lockedMin ?? handsFrom(job, soonest, session.means);
    heads.set(id, head);
    return head;
  };
  jobs.forEach(({ id }) => headOf(id));
  return heads;
}

const grouped = (edges: readonly Edge[], by: 'from' | 'to'): Map<string, Edge[]> => {
  const groups = new Map<string, Edge[]>();
  for (const edge of edges) groups.set(edge[by], [...(groups.get(edge[by]) ?? []), edge]);
  return groups;
};

/** Tasks of several bakes that are done as one: the first of them, for all, with the hands that all of it takes. */
function merged(jobs: readonly Job[]): { readonly jobs: Job[]; readonly as: Map<string, string> } {
  const as = new Map<string, string>();
  const byKey = new Map<string, Job>();
  const rest: Job[] = [];
  for (const job of jobs) {
    const key = job.task.shared;
    if (key === undefined) {
      rest.push(job);
      continue;
    }
    const id = `shared:${key}`;
    as.set(job.id, id);
    const known = byKey.get(key);
    if (!known) {
      byKey.set(key, { ...job, id });
      continue;
    }
    // Twice the dough is not twice the work: beginning and clearing up are done once.
    const grams = known.task.grams + job.task.grams;
    const more = job.task.span.expectedMin * MORE_OF_THE_SAME;
    const minutes = Math.round(known.minutes + more);
    byKey.set(key, {
      ...known,
      bakes: [...new Set([...known.bakes, ...job.bakes])],
      minutes,
      busy: [{ fromMin: 0, minutes }],
      task: { ...known.task, grams, vessels: known.task.vessels + job.task.vessels },
    });
  }
  return { jobs: [...byKey.values(), ...rest], as };
}

/** What another batch of the same adds to the first, in its time. Common practice. */
const MORE_OF_THE_SAME = 0.3;

/**
 * A session made ready: tasks of all bakes as jobs, loads that fit the ovens, what is shared done once, and the soonest
 * that each can begin. Fails where a bake fits into no oven there is.
 */
export function modelOf(session: Session): Result<DayModel> {
  const made: Job[] = [];
  const loads = new Map<string, readonly string[]>();
  for (const wanted of session.wanted) {
    for (const task of wanted.work.tasks) {
      const jobs = jobsOf(task, wanted, session);
      if (!jobs.ok) return jobs;
      made.push(...jobs.value);
      loads.set(
        jobId(wanted.id, task.id),
        jobs.value.map(({ id }) => id),
      );
    }
  }
  const { jobs: unlocked, as } = merged(made);
  const locks = new Map(session.locks?.map(({ task, startMin }) => [task, startMin]));
  const planned = unlocked.map((job) => {
    const lockedMin = locks.get(job.id);
    return lockedMin === undefined ? job : { ...job, lockedMin };
  });
  const named = (bake: string, task: string): string[] =>
    (loads.get(jobId(bake, task)) ?? []).map((id) => as.get(id) ?? id);
  const edgeOf = (bake: string, to: Task, each: After): Edge[] => {
    const [before, after] = [named(bake, each.task), named(bake, to.id)];
    // Load by load where both are made in as many; otherwise each waits for all before it.
    const paired = before.length === after.length;
    const wait = (after.length - 1) * LOADS_WAIT_MIN;
    return after.flatMap((job, index) =>
      (paired ? [before[index]!] : before).map((from) => ({
        from,
        to: job,
        leastMin: each.leastMin,
        mostMin: (each.mostMin ?? Infinity) + (paired ? 0 : wait),
        wait: each.wait,
      })),
    );
  };
  const ordered = unique(
    session.wanted.flatMap(({ id, work }) =>
      work.tasks.flatMap((task) => task.after.flatMap((each) => edgeOf(id, task, each))),
    ),
  );
  const dues = session.wanted.flatMap(({ id, dueMin, work }) =>
    work.ready.flatMap(({ task, leastMin, mostMin }) =>
      named(id, task).map((job) => ({ bake: id, job, dueMin, leastMin, mostMin })),
    ),
  );
  const { jobs, edges } = withPast(planned, ordered, session.past ?? []);
  const before = grouped(edges, 'to');
  return succeed({
    session,
    jobs,
    edges,
    dues,
    byId: new Map(jobs.map((job) => [job.id, job])),
    before,
    after: grouped(edges, 'from'),
    headMin: headsOf(jobs, before, session),
  });
}

/** A job that has begun: as long as it took or will take, its hands in the same parts of it. */
function asItWent(job: Job, past: Past): Job {
  const minutes = past.endMin - past.startMin;
  const share = job.minutes > 0 ? minutes / job.minutes : 0;
  const busy = job.busy.map((each) => ({
    fromMin: Math.round(each.fromMin * share),
    minutes: Math.round(each.minutes * share),
  }));
  const { lockedMin: _, ...rest } = job;
  return { ...rest, minutes, busy, past };
}

/**
 * Jobs and their order with what has happened: nothing is asked any more of the order in which it did, and what follows it
 * may come later than it keeps, where it must.
 */
function withPast(
  planned: readonly Job[],
  ordered: readonly Edge[],
  happened: readonly Past[],
): { readonly jobs: readonly Job[]; readonly edges: readonly Edge[] } {
  if (happened.length === 0) return { jobs: planned, edges: ordered };
  const past = new Map(happened.map((each) => [each.task, each]));
  const wishes = new Map<string, Minute>();
  const edges = ordered
    .filter(({ to }) => !past.has(to))
    .map((edge) => {
      const before = past.get(edge.from);
      if (!before || edge.mostMin === Infinity) return edge;
      const wished = before.endMin + edge.mostMin;
      wishes.set(edge.to, Math.min(wished, wishes.get(edge.to) ?? Infinity));
      return { ...edge, mostMin: Infinity };
    });
  const jobs = planned.map((job) => {
    const went = past.get(job.id);
    const wishedMin = wishes.get(job.id);
    if (went) return asItWent(job, went);
    return wishedMin === undefined ? job : { ...job, wishedMin };
  });
  return { jobs, edges };
}

/** Each pair once, with the longer of its least waits and the shorter of its most. */
function unique(edges: readonly Edge[]): Edge[] {
  const known = new Map<string, Edge>();
  for (const edge of edges) {
    const key = `${edge.from}>${edge.to}`;
    const same = known.get(key);
    known.set(
      key,
      same
        ? {
            ...edge,
            leastMin: Math.max(edge.leastMin, same.leastMin),
            mostMin: Math.min(edge.mostMin, same.mostMin),
          }
        : edge,
    );
  }
  return [...known.values()];
}

import type { DayModel, Job } from '../model';
import type { Minute } from '../session';
import type { Aim } from './aim';

/** Stretches of whole minutes, ends included, in order and apart. */
export type Stretches = readonly (readonly [from: Minute, to: Minute])[];

const ANY_TIME = [-Infinity, Infinity] as const;

/** What lies in one and in the other. */
function both(one: Stretches, other: Stretches): Stretches {
  const parts = one
    .flatMap(([from, to]) =>
      other.map(([first, last]) => [Math.max(from, first), Math.min(to, last)] as const),
    )
    .filter(([from, to]) => from <= to)
    .sort((a, b) => a[0] - b[0]);
  return parts.reduce<[Minute, Minute][]>((kept, [from, to]) => {
    const last = kept.at(-1);
    if (!last || from > last[1] + 1) return [...kept, [from, to]];
    last[1] = Math.max(last[1], to);
    return kept;
  }, []);
}

/** When a job can start for somebody to be there for each stretch of its hands. */
function whenManned({ busy }: Job, { session }: DayModel, within: Stretches): Stretches {
  const hours = session.means.people.flatMap((person) => person.hours);
  return busy.reduce<Stretches>(
    (starts, { fromMin, minutes }) =>
      both(
        starts,
        hours.map(([from, to]) => [from - fromMin, to - minutes - fromMin] as const),
      ),
    within,
  );
}

/**
 * The minutes at which each job can start at all, were there ovens and hands enough: within the hours of whoever is there,
 * after what goes before it and before what comes after, ready by its hour and not past its best by more than is
 * allowed, and near where it is told to begin. A job without any is what makes the day impossible: then the map ends there, with no stretches for that job.
 */
export function startsOf(
  model: DayModel,
  allowed: { readonly lateMin: Minute; readonly pastMin: Minute },
  near: NonNullable<Aim['near']> = new Map(),
): ReadonlyMap<string, Stretches> {
  const { session, jobs, edges, dues, byId } = model;
  const { lateMin, pastMin } = allowed;
  const endMin = Math.max(...dues.map(({ dueMin }) => dueMin)) + lateMin;
  const starts = new Map<string, Stretches>(
    jobs.map((job) => [
      job.id,
      job.lockedMin === undefined
        ? whenManned(
            job,
            model,
            both([[session.fromMin, endMin - job.minutes]], [near.get(job.id) ?? ANY_TIME]),
          )
        : [[job.lockedMin, job.lockedMin]],
    ]),
  );
  const cut = (id: string, from: Minute, to: Minute): boolean => {
    const known = starts.get(id)!;
    const next = both(known, [[Math.ceil(from), Math.floor(to)]]);
    starts.set(id, next);
    return (
      next.length !== known.length ||
      next.some(([a, b], i) => a !== known[i]![0] || b !== known[i]![1])
    );
  };
  for (const { job, dueMin, leastMin, mostMin } of dues) {
    const { minutes } = byId.get(job)!;
    cut(job, dueMin - mostMin - pastMin - minutes, dueMin + lateMin - leastMin - minutes);
  }
  for (let changed = true; changed;) {
    changed = false;
    for (const { from, to, leastMin, mostMin } of edges) {
      const { minutes } = byId.get(from)!;
      const first = starts.get(from)!;
      if (first.length === 0) return starts;
      const after = cut(
        to,
        first[0]![0] + minutes + leastMin,
        first.at(-1)![1] + minutes + mostMin,
      );
      const second = starts.get(to)!;
      if (second.length === 0) return starts;
      const before = cut(
        from,
        second[0]![0] - minutes - mostMin,
        second.at(-1)![1] - minutes - leastMin,
      );
      changed ||= after || before;
    }
  }
  return starts;
}

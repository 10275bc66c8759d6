import { changeOverMin } from '../oven';
import type { Fit, Job } from './model';
import type { DayOven, Means, Minute } from './session';

/** A stretch of time that is taken. */
type Stretch = readonly [from: Minute, to: Minute];

/** A load in an oven. */
export interface Load {
  readonly fromMin: Minute;
  readonly toMin: Minute;
  readonly fit: Fit;
}

/** Minutes from the end of one load to the start of another of another setting: the oven's own, and its door. */
const DOOR_MIN = 1;
export const changeMin = (oven: DayOven, fromC: number, toC: number, roomC: number): number =>
  Math.ceil(changeOverMin(oven.kind, fromC + oven.offsetK, toC + oven.offsetK, roomC)) + DOOR_MIN;

/** What is taken already, as a plan is built: changed in place by {@link take} and {@link give}. */
export interface Taken {
  readonly means: Means;
  readonly people: ReadonlyMap<string, Stretch[]>;
  readonly ovens: ReadonlyMap<string, Load[]>;
  readonly hob: Stretch[];
  readonly mixers: Stretch[];
}

export const nothingTaken = (means: Means): Taken => ({
  means,
  people: new Map(means.people.map(({ id }) => [id, []])),
  ovens: new Map(means.ovens.map(({ id }) => [id, []])),
  hob: [],
  mixers: [],
});

/** The latest start up to `hi` of something so long that a person can do; `-Infinity` for never. */
function latestFor(
  hours: readonly Stretch[],
  taken: readonly Stretch[],
  minutes: number,
  hi: Minute,
): Minute {
  let start = hi;
  for (;;) {
    const inside = hours.findLast(([from, to]) => from + minutes <= to && from <= start);
    if (!inside) return -Infinity;
    start = Math.min(start, inside[1] - minutes);
    const clash = taken.find(([from, to]) => from < start + minutes && to > start);
    if (!clash) return start;
    start = clash[0] - minutes;
  }
}

/** The latest start up to `hi` while fewer than `most` others go on. */
function latestAmong(taken: readonly Stretch[], most: number, minutes: number, hi: Minute): Minute {
  let start = hi;
  for (;;) {
    const over = taken.filter(([from, to]) => from < start + minutes && to > start);
    const busiest = Math.max(
      0,
      ...over.map(([from]) => over.filter((each) => each[0] <= from && each[1] > from).length),
    );
    if (busiest < most) return start;
    if (most === 0) return -Infinity;
    start = Math.min(...over.map(([from]) => from)) - minutes;
  }
}

/** The most shelves that loads take up at once from `start` on, each of them lasting beyond it. */
const fullest = (loads: readonly Load[], start: Minute): number =>
  Math.max(
    0,
    ...loads.map(({ fromMin }) => {
      const at = Math.max(fromMin, start);
      return loads
        .filter((each) => each.fromMin <= at && each.toMin > at)
        .reduce((sum, { fit }) => sum + fit.shelves, 0);
    }),
  );

/** The latest start up to `hi` of a load in an oven; `-Infinity` for never. */
function latestIn(
  oven: DayOven,
  taken: readonly Load[],
  fit: Fit,
  minutes: number,
  hi: Minute,
  roomC: number,
): Minute {
  if (fit.shelves > oven.shelves + 1e-9) return -Infinity;
  let start = hi;
  for (;;) {
    let next = start;
    const beside: Load[] = [];
    for (const load of taken) {
      const { fromMin, toMin, fit: other } = load;
      const same = other.programme === fit.programme;
      const after = toMin + (same ? 0 : changeMin(oven, other.endC, fit.setC, roomC));
      const before = fromMin - (same ? 0 : changeMin(oven, fit.endC, other.setC, roomC)) - minutes;
      if (start >= after || start <= before) continue;
      if (same && (!fit.staged || start === fromMin)) {
        beside.push(load);
        continue;
      }
      // What is turned on its way is shared only from the start.
      next = Math.min(next, same && fit.staged && start > fromMin ? fromMin : before);
    }
    if (fullest(beside, start) + fit.shelves > oven.shelves + 1e-9) {
      next = Math.min(next, Math.max(...beside.map(({ fromMin }) => fromMin)) - minutes);
    }
    if (next === start) return start;
    start = next;
  }
}

/** Where a job can stand. */
export interface Spot {
  readonly startMin: Minute;
  readonly ovenId?: string;
  readonly people: readonly string[];
}

/** The oven that takes a job latest, at most at `hi`; of two alike, the one it was in before. */
function ovenFor(
  taken: Taken,
  job: Job,
  hi: Minute,
  before: string | undefined,
): { startMin: Minute; ovenId?: string } {
  if (!job.oven) return { startMin: hi };
  let best: { startMin: Minute; ovenId?: string } = { startMin: -Infinity };
  for (const fit of job.oven.fits) {
    const { ovenId } = fit;
    const oven = taken.means.ovens.find(({ id }) => id === ovenId)!;
    const startMin = latestIn(
      oven,
      taken.ovens.get(ovenId)!,
      fit,
      job.minutes,
      hi,
      taken.means.roomC,
    );
    if (startMin > best.startMin || (startMin === best.startMin && ovenId === before)) {
      best = { startMin, ovenId };
    }
  }
  return best;
}

/** The person who can do a stretch of hands latest, at most at `hi`; of two alike, the one who did it before. */
function personFor(
  taken: Taken,
  minutes: number,
  hi: Minute,
  before: string | undefined,
): { startMin: Minute; id: string } {
  let best = { startMin: -Infinity, id: '' };
  for (const { id, hours } of taken.means.people) {
    const startMin = latestFor(hours, taken.people.get(id)!, minutes, hi);
    if (startMin > best.startMin || (startMin === best.startMin && id === before)) {
      best = { startMin, id };
    }
  }
  return best;
}

/**
 * The latest spot for a job that starts no later than `hi` and no sooner than `lo`, beside all that is taken, in the oven
 * and the hands of `before` where they serve as well; `undefined` where there is none.
 */
export function latestSpot(
  taken: Taken,
  job: Job,
  hi: Minute,
  lo: Minute,
  before?: Pick<Spot, 'ovenId' | 'people'>,
): Spot | undefined {
  let start = job.lockedMin === undefined ? hi : Math.min(hi, job.lockedMin);
  const least = job.lockedMin ?? lo;
  while (start >= least) {
    const oven = ovenFor(taken, job, start, before?.ovenId);
    let next = oven.startMin;
    if (job.task.station === 'hob') {
      next = Math.min(next, latestAmong(taken.hob, taken.means.rings, job.minutes, start));
    }
    if (job.task.station === 'mixer') {
      next = Math.min(next, latestAmong(taken.mixers, taken.means.mixers, job.minutes, start));
    }
    const people: string[] = [];
    for (const [index, { fromMin, minutes }] of job.busy.entries()) {
      const person = personFor(taken, minutes, start + fromMin, before?.people[index]);
      next = Math.min(next, person.startMin - fromMin);
      people.push(person.id);
    }
    if (next === start) {
      return { startMin: start, people, ...(oven.ovenId ? { ovenId: oven.ovenId } : {}) };
    }
    start = next;
  }
  return undefined;
}

/** How finely the soonest spot is looked for, min. */
const SOONEST_STEP_MIN = 5;

/**
 * A spot for a job that should have begun already: of those between `lo` and `hi`, the soonest to within five minutes;
 * `undefined` where there is none.
 */
export function soonestSpot(
  taken: Taken,
  job: Job,
  hi: Minute,
  lo: Minute,
  before?: Pick<Spot, 'ovenId' | 'people'>,
): Spot | undefined {
  // Without an end, the hours of people are one.
  const last = Math.min(
    hi,
    Math.max(lo, ...taken.means.people.flatMap(({ hours }) => hours.map(([, to]) => to))),
  );
  for (let at = lo; at < last; at += SOONEST_STEP_MIN) {
    const spot = latestSpot(taken, job, at, lo, before);
    if (spot) return spot;
  }
  return latestSpot(taken, job, last, lo, before);
}

const without = (list: Stretch[], from: Minute, to: Minute): void => {
  const index = list.findIndex((each) => each[0] === from && each[1] === to);
  if (index < 0) throw new RangeError('what was never taken cannot be given back');
  list.splice(index, 1);
};

/** Takes for a job what it needs at a spot. */
export function take(taken: Taken, job: Job, { startMin, ovenId, people }: Spot): void {
  const endMin = startMin + job.minutes;
  job.busy.forEach(({ fromMin, minutes }, index) => {
    taken.people.get(people[index]!)!.push([startMin + fromMin, startMin + fromMin + minutes]);
  });
  if (ovenId) {
    const fit = job.oven!.fits.find((each) => each.ovenId === ovenId)!;
    taken.ovens.get(ovenId)!.push({ fromMin: startMin, toMin: endMin, fit });
  }
  if (job.task.station === 'hob') taken.hob.push([startMin, endMin]);
  if (job.task.station === 'mixer') taken.mixers.push([startMin, endMin]);
}

/** Gives back what a job had taken at a spot. */
export function give(taken: Taken, job: Job, { startMin, ovenId, people }: Spot): void {
  const endMin = startMin + job.minutes;
  job.busy.forEach(({ fromMin, minutes }, index) => {
    without(taken.people.get(people[index]!)!, startMin + fromMin, startMin + fromMin + minutes);
  });
  if (ovenId) {
    const loads = taken.ovens.get(ovenId)!;
    const fit = job.oven!.fits.find((each) => each.ovenId === ovenId)!;
    loads.splice(
      loads.findIndex((each) => each.fit === fit && each.fromMin === startMin),
      1,
    );
  }
  if (job.task.station === 'hob') without(taken.hob, startMin, endMin);
  if (job.task.station === 'mixer') without(taken.mixers, startMin, endMin);
}

import QuickLRU from 'quick-lru';
import type { Answer, Ask, JobKind, Tell } from './jobs';

/** What is needed of a worker; tests give one without a thread. */
export interface JobWorker {
  readonly work: <K extends JobKind>(kind: K, ask: Ask<K>, tell?: Tell<K>) => Promise<Answer<K>>;
  readonly terminate: () => void;
}

/** Who waits for it: a thumb on a slider, a row of the list, a fold that was opened. In this order. */
export const PRIORITIES = ['now', 'list', 'fold'] as const;
export type Priority = (typeof PRIORITIES)[number];

export interface Wish<K extends JobKind = JobKind> {
  readonly priority?: Priority;
  /**
   * A slot holds one wish: a newer one takes the place of an older that has not begun, so that a slider never queues. The
   * answer to the older never comes.
   */
  readonly slot?: string;
  readonly tell?: Tell<K>;
}

export interface Asked<K extends JobKind> {
  readonly answer: Promise<Answer<K>>;
  /** Takes the wish back; a job that nobody else waits for is stopped with its worker. Its answer then never comes. */
  readonly withdraw: () => void;
}

export interface Pool {
  /** An answer that is remembered, or `undefined`. */
  readonly known: <K extends JobKind>(kind: K, ask: Ask<K>) => Answer<K> | undefined;
  readonly ask: <K extends JobKind>(kind: K, ask: Ask<K>, wish?: Wish<K>) => Asked<K>;
  /** Takes back what waits in a slot. */
  readonly clear: (slot: string) => void;
}

/** Answers remembered: enough for a kitchen's list and a few settings tried. */
const REMEMBERED = 60;

interface Waiter {
  readonly slot: string | undefined;
  readonly tell: Tell | undefined;
  readonly resolve: (answer: Answer<JobKind>) => void;
  readonly reject: (cause: Error) => void;
}

interface Job {
  readonly key: string;
  readonly kind: JobKind;
  readonly ask: Ask<JobKind>;
  priority: Priority;
  readonly waiters: Set<Waiter>;
}

interface Place {
  worker: JobWorker | undefined;
  running: Job | undefined;
}

const keyOf = (kind: JobKind, ask: Ask<JobKind>): string => `${kind} ${JSON.stringify(ask)}`;

const sooner = (a: Priority, b: Priority): Priority =>
  PRIORITIES.indexOf(a) <= PRIORITIES.indexOf(b) ? a : b;

interface Schedule {
  /** What is asked and not answered yet, running or not. */
  readonly open: () => readonly Job[];
  /** What has not begun. */
  readonly waiting: () => readonly Job[];
  readonly add: (job: Job) => void;
  /** Begins what may begin. */
  readonly next: () => void;
  /** Nobody waits for a job any more. */
  readonly drop: (job: Job) => void;
}

/** Which job runs in which worker; each is made when it is first needed, and made anew when it broke or was stopped. */
function createSchedule(
  createWorker: () => JobWorker,
  size: number,
  onAnswer: (job: Job, answer: Answer<JobKind>) => void,
): Schedule {
  const waiting: Job[] = [];
  const places: Place[] = Array.from({ length: size }, () => ({
    worker: undefined,
    running: undefined,
  }));

  const nextFor = (): Job | undefined => {
    const patient = places.filter(({ running }) => running && running.priority !== 'now').length;
    return PRIORITIES.flatMap((priority) =>
      // One place is for what is wanted now.
      priority === 'now' || patient < Math.max(1, size - 1)
        ? waiting.filter((job) => job.priority === priority)
        : [],
    )[0];
  };

  const stop = (place: Place) => {
    place.worker?.terminate();
    place.worker = undefined;
    place.running = undefined;
  };

  async function run(place: Place, job: Job): Promise<void> {
    try {
      place.worker ??= createWorker();
      const tell: Tell = (told) => job.waiters.forEach((waiter) => waiter.tell?.(told));
      const answer = await place.worker.work(job.kind, job.ask, tell);
      if (place.running !== job) return;
      place.running = undefined;
      onAnswer(job, answer);
      next();
      for (const { resolve } of job.waiters) resolve(answer);
    } catch (cause) {
      if (place.running !== job) return;
      stop(place);
      next();
      for (const { reject } of job.waiters) reject(cause as Error);
    }
  }

  function next(): void {
    for (const place of places) {
      if (place.running) continue;
      const job = nextFor();
      if (!job) return;
      waiting.splice(waiting.indexOf(job), 1);
      place.running = job;
      void run(place, job);
    }
  }

  const drop = (job: Job) => {
    const index = waiting.indexOf(job);
    if (index >= 0) waiting.splice(index, 1);
    const place = places.find(({ running }) => running === job);
    if (!place) return;
    stop(place);
    next();
  };

  return {
    open: () => [...waiting, ...places.flatMap(({ running }) => running ?? [])],
    waiting: () => [...waiting],
    add: (job) => waiting.push(job),
    next,
    drop,
  };
}

/**
 * Workers for what takes longer than a frame, made when first needed. What matters most goes first, within that first
 * come, first served; one place is kept for what is wanted now. The same asked twice is worked out once, and remembered.
 */
export function createPool(createWorker: () => JobWorker, size: number): Pool {
  const remembered = new QuickLRU<string, Answer<JobKind>>({ maxSize: REMEMBERED });
  const schedule = createSchedule(createWorker, size, ({ key }, answer) =>
    remembered.set(key, answer),
  );

  const clear = (slot: string) => {
    for (const job of schedule.waiting()) {
      for (const waiter of job.waiters) if (waiter.slot === slot) job.waiters.delete(waiter);
      if (job.waiters.size === 0) schedule.drop(job);
    }
  };

  function ask<K extends JobKind>(kind: K, ask: Ask<K>, wish: Wish<K> = {}): Asked<K> {
    const { priority = 'fold', slot, tell } = wish;
    const key = keyOf(kind, ask);
    const answered = remembered.get(key);
    if (slot !== undefined) clear(slot);
    if (answered) {
      return { answer: Promise.resolve(answered as Answer<K>), withdraw: () => undefined };
    }
    const same = schedule.open();
    const job = same.find((each) => each.key === key) ?? {
      ...{ key, kind, ask, priority },
      waiters: new Set<Waiter>(),
    };
    job.priority = sooner(job.priority, priority);
    const answer = new Promise<Answer<K>>((resolve, reject) => {
      // The answer to a job and what it tells are of its kind: jobs.worker.ts answers by the same table.
      job.waiters.add({ slot, tell: tell, resolve: resolve, reject });
    });
    const waiter = [...job.waiters].at(-1)!;
    if (!same.includes(job)) schedule.add(job);
    schedule.next();
    return {
      answer,
      withdraw: () => {
        job.waiters.delete(waiter);
        if (job.waiters.size === 0) schedule.drop(job);
      },
    };
  }

  return {
    known: <K extends JobKind>(kind: K, ask: Ask<K>) => remembered.get(keyOf(kind, ask)),
    clear,
    ask,
  };
}

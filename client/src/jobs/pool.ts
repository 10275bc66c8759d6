import type { Answer, Ask, FromJobWorker, JobKind, ToJobWorker } from './jobs';

/** What is needed of a worker; tests give one without a thread. */
export interface JobWorker {
  onmessage: ((event: { data: FromJobWorker }) => void) | null;
  onerror: ((event: unknown) => void) | null;
  postMessage: (message: ToJobWorker) => void;
  terminate: () => void;
}

interface Waiting {
  readonly id: number;
  readonly kind: JobKind;
  readonly ask: Ask<JobKind>;
  readonly resolve: (answer: Answer<JobKind>) => void;
  readonly reject: (cause: Error) => void;
}

interface Place {
  worker: JobWorker | undefined;
  running: Waiting | undefined;
}

export interface Asked<K extends JobKind> {
  readonly answer: Promise<Answer<K>>;
  /** Takes the job back; one under way is stopped with its worker. Its answer then never comes. */
  readonly withdraw: () => void;
}

export interface Pool {
  readonly ask: <K extends JobKind>(kind: K, ask: Ask<K>) => Asked<K>;
}

/** Workers for what takes longer than a frame, made when first needed; first come, first served. */
export function createPool(createWorker: () => JobWorker, size: number): Pool {
  const waiting: Waiting[] = [];
  const places: Place[] = Array.from({ length: size }, () => ({
    worker: undefined,
    running: undefined,
  }));
  let nextId = 0;

  const stop = (place: Place) => {
    place.worker?.terminate();
    place.worker = undefined;
    place.running = undefined;
  };

  function start(place: Place): JobWorker {
    const made = createWorker();
    made.onmessage = ({ data: { id, answer } }) => {
      const { running } = place;
      if (running?.id !== id) return;
      place.running = undefined;
      next();
      running.resolve(answer);
    };
    made.onerror = () => {
      const { running } = place;
      stop(place);
      next();
      running?.reject(new Error('The computation broke off.'));
    };
    return made;
  }

  function next(): void {
    for (const place of places) {
      if (place.running) continue;
      const job = waiting.shift();
      if (!job) return;
      place.running = job;
      place.worker ??= start(place);
      place.worker.postMessage({ id: job.id, kind: job.kind, ask: job.ask });
    }
  }

  return {
    ask(kind, ask) {
      const id = (nextId += 1);
      const answer = new Promise<Answer<typeof kind>>((resolve, reject) => {
        waiting.push({
          id,
          kind,
          ask,
          // The answer to a job is of its kind: jobs.worker.ts answers by the same table.
          resolve: resolve,
          reject,
        });
      });
      next();
      return {
        answer,
        withdraw: () => {
          const index = waiting.findIndex((each) => each.id === id);
          if (index >= 0) waiting.splice(index, 1);
          const place = places.find(({ running }) => running?.id === id);
          if (!place) return;
          stop(place);
          next();
        },
      };
    },
  };
}

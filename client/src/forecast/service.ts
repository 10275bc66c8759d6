import type { Forecast, ForecastPlan, Result } from '@hollow-moon/core';
import type { FromWorker, ToWorker } from './messages';

/** What is needed of a worker; tests give one without a thread. */
export interface ForecastWorker {
  onmessage: ((event: { data: FromWorker }) => void) | null;
  onerror: ((event: unknown) => void) | null;
  postMessage: (message: ToWorker) => void;
  terminate: () => void;
}

interface Job {
  readonly key: string;
  readonly plan: ForecastPlan;
  readonly onProgress: (share: number) => void;
  readonly onDone: (result: Result<Forecast>) => void;
}

export interface ForecastService {
  /**
   * Asks for a forecast in a slot. A slot holds one wish: a newer one replaces an older that has not
   * begun, so that a slider never queues. Answers known already come at once. Returns a way to
   * withdraw the wish; one under way is stopped with its worker.
   */
  readonly request: (slot: string, job: Omit<Job, 'key'>) => () => void;
}

/** Forecasts remembered: enough for a kitchen's list and a few settings tried. */
const REMEMBERED = 40;

const BROKE: Result<Forecast> = {
  ok: false,
  problem: {
    code: 'our-fault',
    message: 'The forecast broke off. Change something and try again.',
  },
};

/** Runs forecasts one after another on a worker made when first needed. */
export function createForecastService(createWorker: () => ForecastWorker): ForecastService {
  const known = new Map<string, Result<Forecast>>();
  const waiting = new Map<string, Job>();
  let running: { readonly slot: string; readonly id: number; readonly job: Job } | undefined;
  let worker: ForecastWorker | undefined;
  let nextId = 0;

  const finish = (result: Result<Forecast>) => {
    const done = running;
    running = undefined;
    done?.job.onDone(result);
    next();
  };

  const remember = (key: string, result: Result<Forecast>) => {
    known.set(key, result);
    const oldest = known.keys().next().value;
    if (known.size > REMEMBERED && oldest !== undefined) known.delete(oldest);
  };

  const start = (): ForecastWorker => {
    const made = createWorker();
    made.onmessage = ({ data }) => {
      if (!running || data.id !== running.id) return;
      if (data.kind === 'progress') running.job.onProgress(data.share);
      else {
        remember(running.job.key, data.result);
        finish(data.result);
      }
    };
    made.onerror = () => {
      made.terminate();
      worker = undefined;
      finish(BROKE);
    };
    return made;
  };

  function next(): void {
    if (running) return;
    // The newest wish first: what the cook has just opened goes before the rest of the list.
    const [slot, job] = [...waiting].at(-1) ?? [];
    if (slot === undefined || job === undefined) return;
    waiting.delete(slot);
    const answer = known.get(job.key);
    if (answer) {
      job.onDone(answer);
      next();
      return;
    }
    running = { slot, id: (nextId += 1), job };
    worker ??= start();
    worker.postMessage({ id: running.id, plan: job.plan });
  }

  return {
    request(slot, wish) {
      const job: Job = { ...wish, key: JSON.stringify(wish.plan) };
      const answer = known.get(job.key);
      if (answer) {
        waiting.delete(slot);
        job.onDone(answer);
        return () => undefined;
      }
      waiting.delete(slot);
      waiting.set(slot, job);
      next();
      return () => {
        if (waiting.get(slot) === job) waiting.delete(slot);
        if (running?.job !== job) return;
        worker?.terminate();
        worker = undefined;
        running = undefined;
        next();
      };
    },
  };
}

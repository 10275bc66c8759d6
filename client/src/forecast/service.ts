import type { Forecast, ForecastPlan, Result } from '@hollow-moon/core';
import type { FromWorker, ToWorker } from './messages';

/** What is needed of a worker; tests give one without a thread. */
export interface ForecastWorker {
  onmessage: ((event: { data: FromWorker }) => void) | null;
  onerror: ((event: unknown) => void) | null;
  postMessage: (message: ToWorker) => void;
  terminate: () => void;
}

interface Wish {
  readonly plan: ForecastPlan;
  /** Draft: on a coarse mesh, for a slider that is still moving. A finer answer known serves as well. */
  readonly draft?: boolean;
  readonly onProgress: (share: number) => void;
  readonly onDone: (result: Result<Forecast>, draft: boolean) => void;
}

interface Job extends Wish {
  readonly key: string;
}

export interface ForecastService {
  /**
   * Asks for a forecast in a slot. A slot holds one wish: a newer one replaces an older that has not
   * begun, so that a slider never queues. Answers known already come at once. Returns a way to
   * withdraw the wish; one under way is stopped with its worker.
   */
  readonly request: (slot: string, wish: Wish) => () => void;
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

/** The mesh of a draft: a quarter of the work, within a degree of converged (`npm run bench`). */
const DRAFT_RESOLUTION = 0.5;

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
    done?.job.onDone(result, done.job.draft === true);
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
      job.onDone(answer, job.draft === true);
      next();
      return;
    }
    running = { slot, id: (nextId += 1), job };
    worker ??= start();
    worker.postMessage({
      id: running.id,
      plan: job.plan,
      resolution: job.draft ? DRAFT_RESOLUTION : 1,
    });
  }

  return {
    request(slot, wish) {
      const fineKey = JSON.stringify(wish.plan);
      const job: Job = { ...wish, key: wish.draft ? `draft ${fineKey}` : fineKey };
      const fine = known.get(fineKey);
      const answer = fine ?? known.get(job.key);
      if (answer) {
        waiting.delete(slot);
        job.onDone(answer, !fine);
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

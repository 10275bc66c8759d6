import { Piscina } from 'piscina';
import { Refusal } from '../errors';

/** As many may wait as a kitchen asks for in a night; more are asked for by a fault, not by a cook. */
const MOST_WAITING = 40;

const busy = () => new Refusal(503, 'busy');

/** What threads do: an answer in its time, or a refusal where there is too much to do. */
export type Run<Ask, Answer> = (ask: Ask) => Promise<Answer>;

/**
 * Threads beside the server, so that a forecast never keeps the others of a kitchen waiting. `file` is the built worker;
 * what takes longer than `patienceMs` is given up.
 */
export function createThreads<Ask, Answer>(
  file: string,
  patienceMs: number,
): {
  readonly run: Run<Ask, Answer>;
  readonly close: () => Promise<void>;
} {
  const pool = new Piscina({
    filename: file,
    minThreads: 0,
    maxThreads: 2,
    idleTimeout: 30_000,
    maxQueue: MOST_WAITING,
  });
  return {
    async run(ask) {
      if (pool.queueSize >= MOST_WAITING) throw busy();
      try {
        return (await pool.run(ask, { signal: AbortSignal.timeout(patienceMs) })) as Answer;
      } catch (cause) {
        if ((cause as Error).name === 'AbortError') throw busy();
        throw cause;
      }
    },
    close: () => pool.destroy(),
  };
}

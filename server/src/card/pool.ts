import { Piscina } from 'piscina';
import { Refusal } from '../errors';
import type { CardAsk } from './worker';

/** Draws bench cards. */
export type DrawCards = (ask: CardAsk) => Promise<Uint8Array>;

/** As many cards may wait as a kitchen prints in a night; more are asked for by a fault, not by a cook. */
const MOST_WAITING = 40;
/** A card takes a part of a second; one that takes this long is given up, ms. */
const PATIENCE_MS = 20_000;

const busy = () => new Refusal(503, 'busy');

/**
 * Threads that draw cards, so that a forecast never keeps the others of a kitchen waiting. `file` is the built worker.
 */
export function createCardPool(
  file: string,
  patienceMs = PATIENCE_MS,
): {
  readonly draw: DrawCards;
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
    async draw(ask) {
      if (pool.queueSize >= MOST_WAITING) throw busy();
      try {
        return (await pool.run(ask, { signal: AbortSignal.timeout(patienceMs) })) as Uint8Array;
      } catch (cause) {
        if ((cause as Error).name === 'AbortError') throw busy();
        throw cause;
      }
    },
    close: () => pool.destroy(),
  };
}

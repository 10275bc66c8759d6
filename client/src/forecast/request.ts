import type { Forecast, ForecastPlan, Result } from '@hollow-moon/core';
import type { Pool, Priority } from '../jobs';

/** Who asks for a forecast, and what becomes of the answer. */
export interface ForecastWish {
  readonly plan: ForecastPlan;
  /** On a coarse mesh, for a slider that is still moving. A finer answer that is known serves as well. */
  readonly draft: boolean;
  readonly priority: Priority;
  readonly onProgress: (share: number) => void;
  readonly onDone: (result: Result<Forecast>, draft: boolean) => void;
}

const BROKE: Result<Forecast> = {
  ok: false,
  problem: {
    code: 'forecast.broke-off',
  },
};

/**
 * Asks for a forecast in a slot of the pool, where a newer wish takes the place of an older that waits. What is known is
 * answered at once. Returns a way to withdraw the wish; one under way is stopped with its worker.
 */
export function requestForecast(
  pool: Pool,
  slot: string,
  { plan, draft, priority, onProgress, onDone }: ForecastWish,
): () => void {
  const full = pool.known('forecast', { plan });
  const answer = full ?? (draft ? pool.known('draft', { plan }) : undefined);
  if (answer) {
    pool.clear(slot);
    onDone(answer, !full);
    return () => undefined;
  }
  const asked = pool.ask(
    draft ? 'draft' : 'forecast',
    { plan },
    { priority, slot, tell: onProgress },
  );
  asked.answer.then(
    (result) => onDone(result, draft),
    () => onDone(BROKE, draft),
  );
  return asked.withdraw;
}

import type { Forecast, ForecastPlan, Problem } from '@hollow-moon/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { createForecastService, type ForecastService } from './service';
import { createForecastWorker } from './worker';

let shared: ForecastService | undefined;
const service = (): ForecastService => (shared ??= createForecastService(createForecastWorker));

/** Past this a forecast counts as slow, ms: only then is its progress worth a line on the screen. */
const SLOW_MS = 600;

export interface ForecastState {
  /** The last one that came out; it stays while the next is computed, so that nothing flickers. */
  readonly forecast: Forecast | undefined;
  readonly problem: Problem | undefined;
  /** How far a slow one has come, 0 to 1; `undefined` while it is quick or done. */
  readonly progress: number | undefined;
  readonly cancel: () => void;
  /** Asks again for what was cancelled; `undefined` while there is nothing to ask again. */
  readonly again: (() => void) | undefined;
}

interface Answer {
  /** The plan it answers; `undefined` before the first. */
  readonly key: string | undefined;
  readonly forecast: Forecast | undefined;
  readonly problem: Problem | undefined;
}

/** The forecast of a plan, computed beside the screen. `slot` names who asks; `undefined` asks nothing. */
export function useForecast(slot: string, plan: ForecastPlan | undefined): ForecastState {
  const [answer, setAnswer] = useState<Answer>({
    key: undefined,
    forecast: undefined,
    problem: undefined,
  });
  const [progress, setProgress] = useState<{ key: string; share: number } | undefined>(undefined);
  const [cancelled, setCancelled] = useState<string | undefined>(undefined);
  const withdraw = useRef<() => void>(() => undefined);
  const key = plan && JSON.stringify(plan);
  const asked = key !== undefined && key !== cancelled;
  useEffect(() => {
    if (key === undefined || !asked) return;
    let wanted = true;
    const began = Date.now();
    withdraw.current = service().request(slot, {
      plan: JSON.parse(key) as ForecastPlan,
      onProgress: (share) => {
        if (wanted && Date.now() - began > SLOW_MS) setProgress({ key, share });
      },
      onDone: (result) => {
        if (!wanted) return;
        setAnswer(
          result.ok
            ? { key, forecast: result.value, problem: undefined }
            : { key, forecast: undefined, problem: result.problem },
        );
      },
    });
    return () => {
      // What is under way is let finish: a slider that moves on would otherwise restart the worker
      // at every step, and the result is remembered anyway.
      wanted = false;
    };
  }, [asked, key, slot]);
  const cancel = useCallback(() => {
    withdraw.current();
    setCancelled(key);
  }, [key]);
  const again = useCallback(() => setCancelled(undefined), []);
  return {
    forecast: answer.forecast,
    problem: answer.problem,
    progress: asked && answer.key !== key && progress?.key === key ? progress.share : undefined,
    cancel,
    again: key !== undefined && !asked ? again : undefined,
  };
}

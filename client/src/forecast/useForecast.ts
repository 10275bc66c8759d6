import type { Forecast, ForecastPlan, Problem } from '@hollow-moon/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { createForecastService, type ForecastService } from './service';
import { createForecastWorker } from './worker';

let shared: ForecastService | undefined;
const service = (): ForecastService => (shared ??= createForecastService(createForecastWorker));

export interface ForecastState {
  /** The last one that came out; it stays while the next is computed, so that nothing flickers. */
  readonly forecast: Forecast | undefined;
  readonly problem: Problem | undefined;
  readonly working: boolean;
  readonly progress: number;
  readonly cancel: () => void;
}

interface Answer {
  readonly forecast: Forecast | undefined;
  readonly problem: Problem | undefined;
}

/** The forecast of a plan, computed beside the screen. `slot` names who asks; `undefined` asks nothing. */
export function useForecast(slot: string, plan: ForecastPlan | undefined): ForecastState {
  const [answer, setAnswer] = useState<Answer>({ forecast: undefined, problem: undefined });
  const [progress, setProgress] = useState<number | undefined>(undefined);
  const withdraw = useRef<() => void>(() => undefined);
  const key = plan && JSON.stringify(plan);
  useEffect(() => {
    if (key === undefined) return;
    let wanted = true;
    setProgress(0);
    withdraw.current = service().request(slot, {
      plan: JSON.parse(key) as ForecastPlan,
      onProgress: (share) => wanted && setProgress(share),
      onDone: (result) => {
        if (!wanted) return;
        setProgress(undefined);
        setAnswer(
          result.ok
            ? { forecast: result.value, problem: undefined }
            : { forecast: undefined, problem: result.problem },
        );
      },
    });
    return () => {
      // What is under way is let finish: a slider that moves on would otherwise restart the worker
      // at every step, and the result is remembered anyway.
      wanted = false;
    };
  }, [key, slot]);
  const cancel = useCallback(() => {
    withdraw.current();
    setProgress(undefined);
  }, []);
  return { ...answer, working: progress !== undefined, progress: progress ?? 1, cancel };
}

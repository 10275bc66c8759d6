import type { Forecast, ForecastPlan, Problem } from '@hollow-moon/core';
import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import { pool, type Priority } from '../jobs';
import { createLive, type Live } from './live';
import { requestForecast } from './request';

/** Past this a forecast counts as slow, ms: only then is its progress worth a line on the screen. */
const SLOW_MS = 600;

/** A plan that stands this long is computed in full, ms; until then a draft follows the thumb. */
const REST_MS = 300;

export interface ForecastState {
  /** The same a moment sooner, for the picture that follows a slider. */
  readonly live: Live;
  /** The last one that came out; it stays while the next is computed, so that nothing flickers. */
  readonly forecast: Forecast | undefined;
  /** The plan that one, or that problem, answers; behind the plan on the bench while a slider moves. */
  readonly answered: ForecastPlan | undefined;
  /** Whether that one is the full answer to the plan as it stands: only such a one is baked by. */
  readonly settled: boolean;
  readonly problem: Problem | undefined;
  /** How far a slow one has come, 0 to 1; `undefined` while it is quick or done. */
  readonly progress: number | undefined;
  readonly cancel: () => void;
  /** Asks again for what was cancelled; `undefined` while there is nothing to ask again. */
  readonly again: (() => void) | undefined;
  /**
   * Sets the worker on a plan that is about to be drawn, so that both go on at once; the answer is
   * found when it is asked for.
   */
  readonly ahead: (plan: ForecastPlan) => void;
}

interface Answer {
  /** The plan it answers; `undefined` before the first. */
  readonly key: string | undefined;
  readonly plan: ForecastPlan | undefined;
  readonly draft: boolean;
  readonly forecast: Forecast | undefined;
  readonly problem: Problem | undefined;
}

const NO_ANSWER: Answer = {
  key: undefined,
  plan: undefined,
  draft: false,
  forecast: undefined,
  problem: undefined,
};

interface Asking {
  readonly slot: string;
  readonly priority: Priority;
  readonly live: Live;
  /** Whether any forecast has come out yet. */
  readonly begun: { current: boolean };
  /** How to withdraw what was asked last. */
  readonly withdraw: { current: () => void };
  readonly onProgress: (share: number) => void;
  readonly onAnswer: (answer: Answer) => void;
}

/** Asks for the forecast of a plan, in draft first where it follows another; returns how to stop listening. */
function askFor(
  key: string,
  { slot, priority, live, begun, withdraw, onProgress, onAnswer }: Asking,
): () => void {
  let wanted = true;
  let settled = false;
  const began = Date.now();
  const plan = JSON.parse(key) as ForecastPlan;
  const ask = (draft: boolean) => {
    withdraw.current = requestForecast(pool(), slot, {
      plan,
      draft,
      priority,
      onProgress: (share) => {
        if (wanted && Date.now() - began > SLOW_MS) onProgress(share);
      },
      onDone: (result, draft) => {
        // A draft that was slower than the full answer, on a thread of its own, says nothing more.
        if (!wanted || (draft && settled)) return;
        begun.current = true;
        settled = !draft;
        live.show(result.ok ? result.value : undefined, () =>
          startTransition(() =>
            onAnswer(
              result.ok
                ? { key, plan, draft, forecast: result.value, problem: undefined }
                : { key, plan, draft, forecast: undefined, problem: result.problem },
            ),
          ),
        );
      },
    });
  };
  // The first is worth waiting for; one that follows another is probably on its way to a third.
  const follows = begun.current;
  ask(follows);
  const rest = follows ? setTimeout(() => !settled && ask(false), REST_MS) : undefined;
  return () => {
    // What is under way is let finish: a slider that moves on would otherwise restart the worker
    // at every step, and the result is remembered anyway.
    wanted = false;
    clearTimeout(rest);
  };
}

/**
 * The forecast of a plan, computed beside the screen; `undefined` asks nothing. `slot` names who asks, `priority` how
 * soon it is wanted.
 */
export function useForecast(
  slot: string,
  plan: ForecastPlan | undefined,
  priority: Priority,
): ForecastState {
  const [answer, setAnswer] = useState(NO_ANSWER);
  const [live] = useState(createLive);
  const begun = useRef(false);
  const [progress, setProgress] = useState<{ key: string; share: number } | undefined>(undefined);
  const [cancelled, setCancelled] = useState<string | undefined>(undefined);
  const withdraw = useRef<() => void>(() => undefined);
  const key = plan && JSON.stringify(plan);
  const asked = key !== undefined && key !== cancelled;
  useEffect(() => {
    if (key === undefined || !asked) return;
    return askFor(key, {
      slot,
      priority,
      live,
      begun,
      withdraw,
      onProgress: (share) => setProgress({ key, share }),
      onAnswer: setAnswer,
    });
  }, [asked, key, live, priority, slot]);
  const cancel = useCallback(() => {
    withdraw.current();
    setCancelled(key);
  }, [key]);
  const ahead = useCallback(
    (plan: ForecastPlan) => {
      requestForecast(pool(), slot, {
        plan,
        draft: begun.current,
        priority,
        onProgress: () => undefined,
        onDone: () => undefined,
      });
    },
    [priority, slot],
  );
  const again = useCallback(() => setCancelled(undefined), []);
  return {
    live,
    forecast: answer.forecast,
    answered: answer.plan,
    settled: answer.key === key && !answer.draft,
    problem: answer.problem,
    progress: asked && answer.key !== key && progress?.key === key ? progress.share : undefined,
    cancel,
    ahead,
    again: key !== undefined && !asked ? again : undefined,
  };
}

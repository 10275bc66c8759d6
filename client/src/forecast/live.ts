import { useSyncExternalStore } from 'react';
import type { Forecast } from '@hollow-moon/core';

/**
 * The newest forecast, for the one picture that must follow a slider within a frame or two. All else
 * on the screen hears of it a moment later, in a transition.
 */
export interface Live {
  /**
   * Draws it, and goes on with `then` once it can be seen; at once where nobody looks. What has been
   * overtaken by a newer one does not go on.
   */
  readonly show: (forecast: Forecast | undefined, then: () => void) => void;
  readonly newest: () => Forecast | undefined;
  readonly subscribe: (onChange: () => void) => () => void;
}

export function createLive(): Live {
  let newest: Forecast | undefined;
  let turn = 0;
  const listeners = new Set<() => void>();
  return {
    show(forecast, then) {
      newest = forecast;
      const mine = (turn += 1);
      listeners.forEach((tell) => tell());
      if (listeners.size === 0 || document.hidden) then();
      // A task set in a frame's callback runs once that frame has been painted.
      else requestAnimationFrame(() => setTimeout(() => mine === turn && then()));
    },
    newest: () => newest,
    subscribe(onChange) {
      listeners.add(onChange);
      return () => listeners.delete(onChange);
    },
  };
}

/** The newest forecast, drawn at once; `otherwise` while there is none newer. */
export const useLive = ({ subscribe, newest }: Live, otherwise: Forecast): Forecast =>
  useSyncExternalStore(subscribe, newest) ?? otherwise;

import type { DayData } from '@hollow-moon/contract';
import { costOf, type Found, type Way } from '@hollow-moon/core/planning';
import { useCallback, useEffect, useRef, useState } from 'react';
import { pool } from '../jobs';
import type { Planned } from './usePlan';

/** A search goes on by so many tries at a time, each beginning with the best so far, and ends after so many rounds without a better one. */
const TRIES = 200;
const ROUNDS = 12;
const IN_VAIN = 4;

/** A search for a better plan: how far it has come, and what it has found. */
export interface Better {
  readonly running: boolean;
  readonly tried: number;
  /** Minutes of presence less than before it began, once it has ended. */
  readonly saved: number | undefined;
  readonly start: () => void;
  readonly stop: () => void;
}

/**
 * Looks for a better plan beside the screen. Each that is found is shown at once by `onTrial`; the last of them is kept by
 * `onKeep` when the search ends or is stopped. It ends by itself when the day is changed.
 */
export function useBetter(
  planned: Planned,
  day: DayData,
  onTrial: (way: Way | undefined) => void,
  onKeep: (way: Way) => void,
): Better {
  const [state, setState] = useState({
    running: false,
    tried: 0,
    saved: undefined as number | undefined,
  });
  const { presence } = day;
  const stopped = useRef<() => void>(() => undefined);
  const dropped = useRef<() => void>(() => undefined);
  // What is kept is put into the day as it is by then.
  const keep = useRef(onKeep);
  useEffect(() => {
    keep.current = onKeep;
  });
  const asked = JSON.stringify({ ...day, way: null });
  // A plan of what was asked before is no plan of what is asked now.
  useEffect(() => () => dropped.current(), [asked]);
  const start = useCallback(() => {
    const { session, way, measures } = planned;
    const before = costOf(measures, { presence });
    let best: Found | undefined;
    let tried = 0;
    let vain = 0;
    let over = false;
    let withdraw = () => undefined as void;
    const end = () => {
      if (over) return;
      over = true;
      withdraw();
      stopped.current = () => undefined;
      dropped.current = () => undefined;
      onTrial(undefined);
      const found = best && best.cost < before - 1e-9 ? best : undefined;
      if (found) keep.current(found.way);
      setState({ running: false, tried, saved: found ? before - found.cost : 0 });
    };
    stopped.current = end;
    dropped.current = () => {
      best = undefined;
      end();
      setState({ running: false, tried: 0, saved: undefined });
    };
    const round = (seed: number) => {
      const job = pool().ask('better', {
        session,
        from: best?.way ?? way,
        tries: TRIES,
        seed,
        presence,
      });
      withdraw = job.withdraw;
      job.answer.then((found) => {
        if (over) return;
        tried += TRIES;
        const better = found.cost < (best?.cost ?? before) - 1e-9;
        vain = better ? 0 : vain + 1;
        if (better) {
          best = found;
          onTrial(found.way);
        }
        setState({ running: true, tried, saved: undefined });
        if (seed >= ROUNDS || vain >= IN_VAIN) end();
        else round(seed + 1);
      }, end);
    };
    setState({ running: true, tried: 0, saved: undefined });
    round(1);
  }, [planned, presence, onTrial]);
  const stop = useCallback(() => stopped.current(), []);
  return { ...state, start, stop };
}

import {
  spreadOf,
  type ForecastPlan,
  type Member,
  type Spread,
  type Unsure,
} from '@hollow-moon/core';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { pool, THREADS } from './shared';

/** Runs of a spread, and how many of them a worker takes at a time. */
export const SPREAD_RUNS = 200;
const BATCH = 20;

export interface SpreadState {
  readonly spread: Spread | undefined;
  /** 0 to 1 while it is worked out. */
  readonly progress: number | undefined;
  readonly begin: () => void;
  readonly cancel: () => void;
}

/**
 * Many runs of a plan with its inputs off, in parallel, begun when asked for. What was worked out for
 * another plan is dropped.
 */
export function useSpread(
  plan: ForecastPlan | undefined,
  pullS: number | undefined,
  unsure: Unsure,
): SpreadState {
  const key = plan && pullS !== undefined ? JSON.stringify([plan, pullS, unsure]) : undefined;
  const [done, setDone] = useState<{ key: string; members: readonly Member[]; over: boolean }>();
  const withdraw = useRef<() => void>(() => undefined);
  // A plan that has changed has no use for the rest of the runs.
  useEffect(() => () => withdraw.current(), [key]);
  const begin = useCallback(() => {
    if (key === undefined) return;
    const [plan, pullS, unsure] = JSON.parse(key) as [ForecastPlan, number, Unsure];
    withdraw.current();
    let members: Member[] = [];
    let wanted = true;
    let first = 0;
    let open = 0;
    const takenBack: (() => void)[] = [];
    const nextBatch = () => {
      if (!wanted || first >= SPREAD_RUNS) return;
      const [from, to] = [first, Math.min(SPREAD_RUNS, first + BATCH)];
      first = to;
      open += 1;
      const asked = pool().ask('members', { plan, unsure, first: from, last: to, pullS });
      takenBack.push(asked.withdraw);
      asked.answer.then(
        (more) => {
          open -= 1;
          if (!wanted) return;
          members = [...members, ...more];
          setDone({ key, members, over: first >= SPREAD_RUNS && open === 0 });
          nextBatch();
        },
        () => {
          open -= 1;
          if (wanted) setDone({ key, members, over: true });
        },
      );
    };
    withdraw.current = () => {
      wanted = false;
      takenBack.forEach((take) => take());
    };
    setDone({ key, members: [], over: false });
    for (let worker = 0; worker < THREADS; worker += 1) nextBatch();
  }, [key]);
  const cancel = useCallback(() => {
    withdraw.current();
    setDone(undefined);
  }, []);
  const here = done?.key === key ? done : undefined;
  const over = here?.over ? here.members : undefined;
  const spread = useMemo(
    () => (over && over.length > 0 && pullS !== undefined ? spreadOf(over, pullS) : undefined),
    [over, pullS],
  );
  const progress = here && !here.over ? here.members.length / SPREAD_RUNS : undefined;
  return useMemo(() => ({ spread, progress, begin, cancel }), [spread, progress, begin, cancel]);
}

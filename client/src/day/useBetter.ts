import type { DayData } from '@hollow-moon/contract';
import {
  costOf,
  IN_VAIN,
  ROUNDS,
  settled,
  TRIES,
  type Found,
  type Known,
  type Way,
} from '@hollow-moon/core/planning';
import { useCallback, useEffect, useRef, useState } from 'react';
import { pool } from '../jobs';
import type { Planned } from './usePlan';

/** Where the search ends, the solver goes on from there for so long at the most, s. */
const PROVE_S = 60;

/** How far a search for a better plan has come. */
export interface Search {
  readonly doing: 'nothing' | 'looking' | 'proving';
  readonly tried: number;
  /** What the search was worth once it has ended; nothing while it has not. */
  readonly saved: number | undefined;
  /** What the solver knows by now, of what is asked now. */
  readonly known: Known | undefined;
  /** The solver could not be run. */
  readonly broke: boolean;
}

export interface Better extends Search {
  readonly start: () => void;
  readonly stop: () => void;
}

const IDLE: Search = {
  doing: 'nothing',
  tried: 0,
  saved: undefined,
  known: undefined,
  broke: false,
};

/** What a running search is given, and whom it tells. */
interface Hunt {
  readonly planned: Planned;
  readonly presence: number;
  readonly onState: (state: Partial<Search>) => void;
  readonly onBetter: (way: Way) => void;
}

/** A search that has been begun: its end, with the best that was found, comes once, by itself or when it is stopped. */
interface Hunting {
  readonly end: Promise<Found | undefined>;
  readonly stop: () => void;
}

function hunt({ planned, presence, onState, onBetter }: Hunt): Hunting {
  const { session, way, plan, measures } = planned;
  const before = costOf(measures, { presence });
  let best: Found = { way, plan, cost: before };
  let withdraw = () => undefined as void;
  let over = false;
  let end: () => void = () => undefined;
  const stopped = new Promise<undefined>((resolve) => {
    end = () => {
      over = true;
      withdraw();
      resolve(undefined);
    };
  });
  const consider = (found: Found): boolean => {
    const better = found.cost < best.cost - 1e-9;
    if (better) {
      best = found;
      onBetter(found.way);
    }
    return better;
  };
  /** The answer to a job, or nothing once the search is stopped. */
  const answerTo = <A>(job: { readonly answer: Promise<A>; readonly withdraw: () => void }) => {
    withdraw = job.withdraw;
    return Promise.race([job.answer, stopped]);
  };
  const look = async (): Promise<void> => {
    let vain = 0;
    for (let round = 1; round <= ROUNDS && vain < IN_VAIN && !over; round += 1) {
      const { way, tried } = best;
      const from = { way, ...(tried ? { tried } : {}) };
      const found = await answerTo(pool().ask('better', { session, from, round, presence }));
      if (!found) return;
      vain = consider(found) ? 0 : vain + 1;
      onState({ doing: 'looking', tried: round * TRIES });
    }
  };
  const prove = async (): Promise<void> => {
    const until = Date.now() + PROVE_S * 1000;
    let known: Known | undefined;
    onState({ doing: 'proving' });
    while (!over && !(known && settled(known)) && Date.now() < until) {
      const seconds = (until - Date.now()) / 1000;
      known = await answerTo(
        pool().ask('prove', { session, from: known ?? best, presence, seconds }),
      );
      if (!known) return;
      consider(known.best);
      onState({ known });
    }
  };
  const all = look()
    .then(prove)
    .catch(() => onState({ broke: true }));
  return {
    end: Promise.race([all, stopped]).then(() => (best.cost < before - 1e-9 ? best : undefined)),
    stop: end,
  };
}

/**
 * Looks for a better plan beside the screen and proves how far it is from the best. Each that is found is shown at once by
 * `onTrial`; the last of them is kept by `onKeep` when the search ends or is stopped. It ends by itself when the day is
 * changed.
 */
export function useBetter(
  planned: Planned,
  day: DayData,
  onTrial: (way: Way | undefined) => void,
  onKeep: (way: Way) => void,
): Better {
  const [state, setState] = useState<Search>(IDLE);
  const { presence } = day;
  const running = useRef<{ readonly drop: () => void; readonly stop: () => void } | undefined>(
    undefined,
  );
  // What is kept is put into the day as it is by then.
  const keep = useRef(onKeep);
  useEffect(() => {
    keep.current = onKeep;
  });
  const asked = JSON.stringify({ ...day, way: null });
  // A plan of what was asked before is no plan of what is asked now, and what was proved of it says nothing.
  useEffect(
    () => () => {
      running.current?.drop();
      setState(IDLE);
    },
    [asked],
  );
  const start = useCallback(() => {
    const before = costOf(planned.measures, { presence });
    let dropped = false;
    const hunting = hunt({
      planned,
      presence,
      onState: (next) => {
        if (!dropped) setState((was) => ({ ...was, ...next }));
      },
      onBetter: (way) => {
        if (!dropped) onTrial(way);
      },
    });
    running.current = {
      stop: hunting.stop,
      drop: () => {
        dropped = true;
        hunting.stop();
      },
    };
    setState({ ...IDLE, doing: 'looking' });
    void hunting.end.then((found) => {
      running.current = undefined;
      onTrial(undefined);
      if (dropped) return;
      if (found) keep.current(found.way);
      setState((was) => ({ ...was, doing: 'nothing', saved: found ? before - found.cost : 0 }));
    });
  }, [planned, presence, onTrial]);
  const stop = useCallback(() => running.current?.stop(), []);
  return { ...state, start, stop };
}

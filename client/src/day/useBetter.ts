import type { DayData } from '@hollow-moon/contract';
import {
  costOf,
  goneOnBy,
  IN_VAIN,
  keeping,
  measure,
  ROUNDS,
  TRIES,
  wayOnward,
  type Found,
  type Known,
  type Session,
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

/** A way to plan the whole day, and what the plan costs that comes of it. */
type Whole = Pick<Found, 'way' | 'cost'>;

/** What a search begins with, and what becomes of the day by a plan that it finds. */
interface Sought {
  readonly session: Session;
  readonly first: Found;
  readonly asWhole: (found: Found) => Whole;
}

/** Of a day that is planned all is looked for; of one that is worked the rest, and what moves has its price. */
function soughtOf(
  { session, way, plan, measures, model, worked }: Planned,
  presence: number,
): Sought {
  const weights = { presence };
  const cost = costOf(measures, weights);
  if (!worked) return { session, first: { way, plan, cost }, asWhole: (found) => found };
  const { asked, ran } = worked;
  const rest = { ...session, stood: plan.placed };
  return {
    session: rest,
    first: { way: keeping(plan, way.order), plan, cost },
    asWhole: (found) => {
      const whole = wayOnward({ asked, ran }, found.plan, found.way.order);
      const goesOn = goneOnBy({ asked, model }, whole);
      return { way: whole, cost: costOf(measure({ ...model, session: rest }, goesOn), weights) };
    },
  };
}

/** What a running search is given, and whom it tells. */
interface Hunt {
  readonly planned: Planned;
  readonly presence: number;
  readonly onState: (state: Partial<Search>) => void;
  readonly onBetter: (way: Way) => void;
}

/** A search that has been begun: its end, with the best that was found, comes once, by itself or when it is stopped. */
interface Hunting {
  readonly end: Promise<Whole | undefined>;
  readonly stop: () => void;
}

function hunt({ planned, presence, onState, onBetter }: Hunt): Hunting {
  const { session, first, asWhole } = soughtOf(planned, presence);
  let best = first;
  let whole: Whole | undefined;
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
    if (!better) return false;
    best = found;
    const next = asWhole(found);
    if (next.cost < (whole ?? first).cost - 1e-9) {
      whole = next;
      onBetter(next.way);
    }
    return true;
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
    onState({ doing: 'proving' });
    const heed = (known: Known): void => {
      if (over) return;
      consider(known.best);
      onState({ known });
    };
    const ask = { session, from: best, presence, seconds: PROVE_S };
    const known = await answerTo(pool().ask('prove', ask, { tell: heed }));
    if (known) heed(known);
  };
  // The solver knows nothing of what has happened.
  const all = look()
    .then(() => (planned.worked ? undefined : prove()))
    .catch(() => onState({ broke: true }));
  return {
    end: Promise.race([all, stopped]).then(() => whole),
    stop: end,
  };
}

/**
 * Looks for a better plan beside the screen and proves how far it is from the best. Each that is found is shown at once by
 * `onTrial`; the last of them is kept by `onKeep` when the search ends or is stopped. It ends by itself when the day is
 * changed, or something of it is tapped.
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
  const tapped = [...(planned.worked?.ran ?? [])].filter(([, { implied }]) => !implied);
  // A forecast that comes later, or of a formula that was changed, is another bake to plan.
  const bakes = planned.session.wanted.map(({ id, work }) => [
    id,
    work.tasks.map((task) => [task.id, task.span.expectedMin]),
  ]);
  const asked = JSON.stringify([{ ...day, way: null }, tapped, bakes]);
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

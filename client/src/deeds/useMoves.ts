import {
  asBaked,
  movesOf,
  type Forecast,
  type ForecastPlan,
  type OpenMove,
  type Trouble,
  type DialMarks,
} from '@hollow-moon/core';
import { useEffect, useMemo, useState } from 'react';
import { pool } from '../jobs';

/** A move, and the forecast with it made; none where there is none to be had. */
export interface Effect {
  readonly move: OpenMove;
  readonly forecast: Forecast | undefined;
}

export interface Moves {
  /** The bake left as it is. */
  readonly asItIs: Forecast | undefined;
  readonly effects: readonly Effect[];
}

interface Asked {
  readonly plan: ForecastPlan;
  readonly setShiftK: number;
}

/**
 * What can be done about a trouble of a bake, each with the forecast it leads to, worked out beside the screen; `undefined`
 * until all are there. What is asked stands still while it is worked out: the minute is that at which the trouble was named.
 */
export function useMoves(
  trouble: Trouble,
  asked: Asked | undefined,
  atS: number,
  degrees: DialMarks,
): { readonly moves: readonly OpenMove[]; readonly told: Moves | undefined } {
  const [first] = useState({ asked, atS });
  const moves = useMemo(
    () => (first.asked ? movesOf(trouble, first.asked.plan, first.atS, degrees) : []),
    [trouble, first, degrees],
  );
  const [told, setTold] = useState<Moves>();
  useEffect(() => {
    if (!first.asked || moves.length === 0) return;
    const { plan, setShiftK } = first.asked;
    const jobs = [plan, ...moves.map(({ deed }) => asBaked(plan, [deed]))].map((each) =>
      pool().ask('forecast', { plan: each, setShiftK }, { priority: 'now' }),
    );
    void Promise.all(jobs.map(({ answer }) => answer)).then(
      (answers) => {
        const [asItIs, ...made] = answers.map((answer) => (answer.ok ? answer.value : undefined));
        setTold({ asItIs, effects: moves.map((move, index) => ({ move, forecast: made[index] })) });
      },
      // A thread that broke: the move is offered all the same, and nothing is said of what it does.
      () =>
        setTold({
          asItIs: undefined,
          effects: moves.map((move) => ({ move, forecast: undefined })),
        }),
    );
    return () => jobs.forEach(({ withdraw }) => withdraw());
  }, [first, moves]);
  return { moves, told };
}

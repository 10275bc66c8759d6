import type { ForecastPlan } from '@hollow-moon/core';
import { useCallback, useMemo, useState } from 'react';
import { useJob } from '../jobs';
import { useWords } from '../design';
import { alternativesTo, type Alternative } from './alternatives';
import type { Compared } from './CompareFold';

/** What may be chosen: a way by its name, which follows the plan, or a plan frozen as it was. */
type Pick = string | Alternative;

const NONE: readonly Alternative[] = [];

/** The ways held against a plan, each with its forecast, worked out beside the screen. */
export function useCompared(plan: ForecastPlan | undefined): {
  readonly compared: readonly Compared[];
  readonly choose: (chosen: readonly Alternative[]) => void;
} {
  const temperature = useWords();
  const [picks, setPicks] = useState<readonly Pick[]>([]);
  const ways = useMemo((): readonly Alternative[] => {
    if (!plan || picks.length === 0) return NONE;
    const options = alternativesTo(plan, temperature);
    return picks.flatMap((pick) =>
      typeof pick === 'string' ? options.filter(({ id }) => id === pick) : [pick],
    );
  }, [plan, picks, temperature]);
  const [first, second] = ways;
  const firstState = useJob('forecast', first && { plan: first.plan });
  const secondState = useJob('forecast', second && { plan: second.plan });
  const [firstAnswer, secondAnswer] = [firstState.answer, secondState.answer];
  // Remembered, or the curves would be drawn anew with everything else.
  const compared = useMemo(
    () => [
      ...(first ? [{ alternative: first, answer: firstAnswer }] : []),
      ...(second ? [{ alternative: second, answer: secondAnswer }] : []),
    ],
    [first, second, firstAnswer, secondAnswer],
  );
  const choose = useCallback(
    (chosen: readonly Alternative[]) =>
      setPicks(chosen.map((each) => (each.id.startsWith('now/') ? each : each.id))),
    [],
  );
  return { compared, choose };
}

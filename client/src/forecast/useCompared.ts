import type { ForecastPlan } from '@hollow-moon/core';
import { useMemo, useState } from 'react';
import { useJob } from '../jobs';
import { useTemperature } from '../store/useTemperature';
import { alternativesTo, type Alternative } from './alternatives';
import type { Compared } from './CompareFold';

/** What may be chosen: a way by its name, which follows the plan, or a plan frozen as it was. */
type Pick = string | Alternative;

/** The ways held against a plan, each with its forecast, worked out beside the screen. */
export function useCompared(plan: ForecastPlan | undefined): {
  readonly compared: readonly Compared[];
  readonly choose: (chosen: readonly Alternative[]) => void;
} {
  const temperature = useTemperature();
  const [picks, setPicks] = useState<readonly Pick[]>([]);
  const ways = useMemo((): readonly Alternative[] => {
    if (!plan) return [];
    const options = alternativesTo(plan, temperature);
    return picks.flatMap((pick) =>
      typeof pick === 'string' ? options.filter(({ id }) => id === pick) : [pick],
    );
  }, [plan, picks, temperature]);
  const [first, second] = ways;
  const firstState = useJob('forecast', first && { plan: first.plan });
  const secondState = useJob('forecast', second && { plan: second.plan });
  return {
    compared: [
      ...(first ? [{ alternative: first, state: firstState }] : []),
      ...(second ? [{ alternative: second, state: secondState }] : []),
    ],
    choose: (chosen) =>
      setPicks(chosen.map((each) => (each.id.startsWith('now/') ? each : each.id))),
  };
}

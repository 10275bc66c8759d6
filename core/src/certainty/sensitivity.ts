import type { ForecastPlan } from '../forecast';
import { memberOf } from './member';
import { INPUTS, NO_SHIFT, type Shift, type Unsure } from './unsure';

/** What one input's uncertainty does to the moment the middle holds. */
export interface Matters {
  readonly input: keyof Unsure;
  /** Shift of the moment, s, for one standard uncertainty up and down. */
  readonly upS: number;
  readonly downS: number;
}

/** Ranks the inputs by what their uncertainty does to the time, most first; what cannot be told is left out. */
export function whatMatters(plan: ForecastPlan, unsure: Unsure, pullS: number): Matters[] {
  const at = (shift: Shift): number | undefined => {
    const made = memberOf(plan, shift, pullS);
    return made.ok ? made.value.setsAtS : undefined;
  };
  const middleS = at(NO_SHIFT);
  if (middleS === undefined) return [];
  return INPUTS.flatMap((input) => {
    const [up, down] = [unsure[input], -unsure[input]].map((by) =>
      at({ ...NO_SHIFT, [input]: by }),
    );
    if (up === undefined || down === undefined) return [];
    return [{ input, upS: up - middleS, downS: down - middleS }];
  }).sort((a, b) => Math.abs(b.upS) + Math.abs(b.downS) - Math.abs(a.upS) - Math.abs(a.downS));
}

import type { ForecastPlan } from '../forecast';

/** An oven is on its way for so long after it is set or opened for the bake, s. Common practice. */
const SETTLES_S = 900;

/**
 * What the air of a plan's oven is foreseen to have, °C, at a time since the bake went in; `undefined` while it is on its
 * way from one setting to the next, switched off, or turned on a sign whose minute nobody knows.
 */
export function steadyOvenC({
  setC,
  oven,
  programme,
}: ForecastPlan): (atS: number) => number | undefined {
  return (atS) => {
    let [to, sinceS]: [number | undefined, number] = [setC, 0];
    for (const step of programme?.steps ?? []) {
      if (step.atMin * 60 > atS) break;
      to = typeof step.to === 'number' && !step.on ? step.to : undefined;
      sinceS = step.atMin * 60;
    }
    return to === undefined || atS - sinceS < SETTLES_S ? undefined : to + oven.offsetK;
  };
}

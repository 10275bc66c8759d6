import type { Tenths } from '../certainty';
import { learn } from './learn';
import type { Reading } from './observe';
import type { Trace } from './trace';

/** When one vessel of a batch is best, against the batch as a whole. */
export interface VesselPull {
  /** From 1 on. */
  readonly vesselNo: number;
  /** So much later than the batch it is best, s; earlier where it is negative. */
  readonly laterS: Tenths;
}

/**
 * What was read in single vessels of a batch says of when each of those is best; of a vessel that nobody read by itself
 * there is nothing to say. Empty where the batch has no window.
 *
 * Some milliseconds for each vessel. Throws where there are too few traces.
 */
export function pullsByVessel(
  traces: readonly Trace[],
  readings: readonly Reading[],
  ovenC: (atS: number) => number | undefined,
): VesselPull[] {
  const numbers = new Set(readings.flatMap(({ vesselNo }) => vesselNo ?? []));
  const batch = numbers.size > 0 ? learn(traces, readings, ovenC).window?.[1][1] : undefined;
  if (batch === undefined) return [];
  return [...numbers]
    .sort((a, b) => a - b)
    .flatMap((vesselNo) => {
      const { window, believed } = learn(traces, readings, ovenC, vesselNo);
      const own = readings.some((each) => each.vesselNo === vesselNo && believed.includes(each.id));
      if (!window || !own) return [];
      const [low, best, high] = window[1];
      return [{ vesselNo, laterS: [low - batch, best - batch, high - batch] as const }];
    });
}

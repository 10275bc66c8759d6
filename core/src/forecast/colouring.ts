import { browningRatePerS } from '../browning';
import type { Mesh, Moment } from '../thermal';

/** Browning so far along a history, by moment, of a spot whose temperature `celsius` reads; 0 at the first. */
export function browningAlong(
  history: readonly Moment[],
  celsius: (moment: Moment) => number,
): number[] {
  let extent = 0;
  return history.map((moment, index) => {
    const before = history[index - 1];
    if (before) {
      const rates = browningRatePerS(celsius(before)) + browningRatePerS(celsius(moment));
      extent += ((moment.timeS - before.timeS) * rates) / 2;
    }
    return extent;
  });
}

/** The open surface half-way out, °C. */
export const topHalfwayC =
  ({ fillColumns }: Pick<Mesh, 'fillColumns'>) =>
  ({ surfaceC }: Moment): number =>
    surfaceC[Math.floor(fillColumns / 2)]!;

import { browningRatePerS } from '../browning';
import { topCell, type Mesh, type Model, type Moment } from '../thermal';

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

/** The upper edge of a shell's wall, °C: its outermost column at the level of the filling. */
export function shellRimC({ mesh }: Model, shellLayer: number): (moment: Moment) => number {
  const columns = Array.from({ length: mesh.columns }, (_, column) => column);
  const outermost = columns.filter((column) => mesh.layerOf[topCell(mesh, column)] === shellLayer);
  const column = outermost[outermost.length - 1]!;
  return ({ surfaceC }) => surfaceC[column]!;
}

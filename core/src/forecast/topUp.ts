import { topCell, type Cup, type Mesh, type Model, type Moment } from '../thermal';

/** A shell filled in part before it goes in, and to its level in the oven. */
export interface TopUp {
  /** Share of the filling that goes in first, 0 to 1. */
  readonly share: number;
  /** When the rest follows, min since it went in. */
  readonly atMin: number;
}

/** Common practice: the first pour is half to three quarters. */
export const TOP_UP_LIMITS = { leastShare: 0.3, mostShare: 0.95, mostMin: 60 } as const;

/** How long the door stands open for the rest to be poured, s. From memory. */
export const POURING_S = 30;

/** The cup with its filling only up to a lower level; nothing lies over it yet. */
export function filledTo(cup: Cup, depthM: number): Cup {
  const slope = (cup.topRadiusM - cup.bottomRadiusM) / cup.depthM;
  return {
    ...cup,
    depthM,
    topRadiusM: cup.bottomRadiusM + slope * depthM,
  };
}

/**
 * Mean of a column's values over a span of height, by how much of the old rows lies in it; `above` for what
 * lies over the old top. What is averaged so is neither made nor lost.
 */
function meanOver(
  { rowFaceM, baseRows, fillRows }: Mesh,
  [low, high]: readonly [number, number],
  value: (row: number) => number,
  above: number,
): number {
  let sum = 0;
  for (let row = baseRows; row < baseRows + fillRows; row += 1) {
    const overlap = Math.min(high, rowFaceM[row + 1]!) - Math.max(low, rowFaceM[row]!);
    if (overlap > 0) sum += overlap * value(row);
  }
  return (
    (sum + above * Math.max(0, high - Math.max(low, rowFaceM[baseRows + fillRows]!))) / (high - low)
  );
}

/**
 * The moment after the rest has been poured onto the first pour at `startC`: what was there keeps its heat
 * and its set by height, and the wall above it is as warm as at its rim. Both have the same columns and rows.
 */
export function pourOn(first: Model, moment: Moment, whole: Model, startC: number): Moment {
  const [from, to] = [first.mesh, whole.mesh];
  const { rows, baseRows, fillRows, fillColumns } = to;
  const temperatureC = Float64Array.from(moment.temperatureC);
  const extents = moment.extents.map((extent) => Float64Array.from(extent));
  for (let column = 0; column < to.columns; column += 1) {
    const old = (row: number) => moment.temperatureC[column * rows + row]!;
    const above = column < fillColumns ? startC : old(rows - 1);
    for (let row = 0; row < fillRows; row += 1) {
      const at = baseRows + row;
      const span = [to.rowFaceM[at]!, to.rowFaceM[at + 1]!] as const;
      temperatureC[column * rows + at] = meanOver(from, span, old, above);
      if (column >= fillColumns) continue;
      extents.forEach((extent, reaction) => {
        const was = moment.extents[reaction]!;
        extent[column * fillRows + row] = meanOver(
          from,
          span,
          (each) => was[column * fillRows + each - baseRows]!,
          0,
        );
      });
    }
  }
  return {
    ...moment,
    temperatureC,
    extents,
    boiledKgM3: new Float64Array(temperatureC.length),
    driedKgM2: new Float64Array(to.columns),
    surfaceC: Float64Array.from(
      { length: to.columns },
      (_, column) => temperatureC[topCell(to, column)]!,
    ),
  };
}

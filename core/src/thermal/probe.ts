import type { Model, Moment } from './model';

/** A place in the filling: share of the radius at that height, and height above its bottom, m. */
export interface Place {
  readonly radiusShare: number;
  readonly heightM: number;
}

/** Cells to read from along one direction, and their weights. */
interface Stencil {
  readonly first: number;
  readonly weights: readonly number[];
}

/** Points of the interpolation: a cubic, so that reading adds less error than the mesh has. */
const POINTS = 4;

/**
 * Lagrange weights for a value among ascending cell centres; past the outermost centre the value of
 * that cell. Source: Lagrange's formula, Abramowitz and Stegun 25.2.1.
 */
function stencilAt(centres: ArrayLike<number>, count: number, value: number): Stencil {
  if (value <= centres[0]!) return { first: 0, weights: [1] };
  if (value >= centres[count - 1]!) return { first: count - 1, weights: [1] };
  let above = 1;
  while (centres[above]! < value) above += 1;
  const points = Math.min(POINTS, count);
  const first = Math.min(Math.max(0, above - points / 2), count - points);
  const weights = Array.from({ length: points }, (_, own) => {
    let weight = 1;
    for (let other = 0; other < points; other += 1) {
      if (other === own) continue;
      const [here, there] = [centres[first + own]!, centres[first + other]!];
      weight *= (value - there) / (here - there);
    }
    return weight;
  });
  return { first, weights };
}

/**
 * Makes a reader of a field over the filling at one place, cubic between cell centres. `field` is by
 * cell of the mesh.
 */
export function readerAt(model: Model, place: Place): (field: ArrayLike<number>) => number {
  const { mesh, cup } = model;
  const { rows, baseRows, fillRows, fillColumns, centreRadiusM } = mesh;
  const upwards = stencilAt(
    mesh.rowCentreM.subarray(baseRows, baseRows + fillRows),
    fillRows,
    place.heightM,
  );
  const radius =
    place.radiusShare *
    (cup.bottomRadiusM + ((cup.topRadiusM - cup.bottomRadiusM) * place.heightM) / cup.depthM);
  const cells: number[] = [];
  const weights: number[] = [];
  upwards.weights.forEach((rowWeight, offset) => {
    const row = baseRows + upwards.first + offset;
    const centres = Float64Array.from(
      { length: fillColumns },
      (_, column) => centreRadiusM[column * rows + row]!,
    );
    const outwards = stencilAt(centres, fillColumns, radius);
    outwards.weights.forEach((columnWeight, step) => {
      cells.push((outwards.first + step) * rows + row);
      weights.push(rowWeight * columnWeight);
    });
  });
  return (field) => cells.reduce((sum, cell, index) => sum + weights[index]! * field[cell]!, 0);
}

/** Temperature at a place in a moment, °C. */
export const temperatureAt = (model: Model, moment: Moment, place: Place): number =>
  readerAt(model, place)(moment.temperatureC);

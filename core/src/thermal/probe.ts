import type { Model, Moment } from './model';

/** A place in the filling: share of the radius at that height, and height above its bottom, m. */
export interface Place {
  readonly radiusShare: number;
  readonly heightM: number;
}

/** Neighbours of `value` among ascending centres and the weight of the upper one; clamped at the ends. */
function bracket(
  centres: ArrayLike<number>,
  count: number,
  value: number,
): [number, number, number] {
  let upper = 0;
  while (upper < count && centres[upper]! < value) upper += 1;
  if (upper === 0) return [0, 0, 0];
  if (upper === count) return [count - 1, count - 1, 0];
  const low = centres[upper - 1]!;
  return [upper - 1, upper, (value - low) / (centres[upper]! - low)];
}

/**
 * Makes a reader of a field over the filling at one place, linear between cell centres (second
 * order, as the mesh). `field` is by cell of the mesh.
 */
export function readerAt(model: Model, place: Place): (field: ArrayLike<number>) => number {
  const { mesh, cup } = model;
  const { rows, baseRows, fillRows, fillColumns, centreRadiusM } = mesh;
  const rowCentres = mesh.rowCentreM.subarray(baseRows, baseRows + fillRows);
  const [below, above, upWeight] = bracket(rowCentres, fillRows, place.heightM);
  const radius =
    place.radiusShare *
    (cup.bottomRadiusM + ((cup.topRadiusM - cup.bottomRadiusM) * place.heightM) / cup.depthM);
  const alongRow = (row: number) => {
    const centres = Float64Array.from(
      { length: fillColumns },
      (_, column) => centreRadiusM[column * rows + baseRows + row]!,
    );
    const [inner, outer, weight] = bracket(centres, fillColumns, radius);
    const innerCell = inner * rows + baseRows + row;
    const outerCell = outer * rows + baseRows + row;
    return (field: ArrayLike<number>) =>
      field[innerCell]! * (1 - weight) + field[outerCell]! * weight;
  };
  const lower = alongRow(below);
  const upper = alongRow(above);
  return (field) => lower(field) * (1 - upWeight) + upper(field) * upWeight;
}

/** Temperature at a place in a moment, °C. */
export const temperatureAt = (model: Model, moment: Moment, place: Place): number =>
  readerAt(model, place)(moment.temperatureC);

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

/** A field over the filling, read at one place. */
export type Reader = (field: ArrayLike<number>, surface?: ArrayLike<number>) => number;

/** Where a value is read from, and how much of it. */
interface Share {
  readonly index: number;
  readonly weight: number;
}

/**
 * Makes a reader of a field over the filling at one place, cubic between cell centres. `field` is by
 * cell of the mesh. Given the field's values on the open surface, by column, it reads between the topmost
 * cells and the surface as well; without them a place up there reads the topmost cell.
 */
export function readerAt(model: Model, place: Place): Reader {
  const { mesh, cup } = model;
  const { rows, baseRows, fillRows, fillColumns, centreRadiusM } = mesh;
  const rowCentres = [...mesh.rowCentreM.subarray(baseRows, baseRows + fillRows)];
  const radius =
    place.radiusShare *
    (cup.bottomRadiusM + ((cup.topRadiusM - cup.bottomRadiusM) * place.heightM) / cup.depthM);
  const outwards = Array.from({ length: fillRows }, (_, row) =>
    stencilAt(
      Float64Array.from(
        { length: fillColumns },
        (__, column) => centreRadiusM[column * rows + baseRows + row]!,
      ),
      fillColumns,
      radius,
    ),
  );
  const spread = ({ first, weights }: Stencil, indexOf: (column: number) => number, by: number) =>
    weights.map((weight, step): Share => ({ index: indexOf(first + step), weight: weight * by }));
  const reading = (upwards: Stencil) => {
    const inside: Share[] = [];
    const onTop: Share[] = [];
    upwards.weights.forEach((by, offset) => {
      const row = upwards.first + offset;
      if (row < fillRows) {
        inside.push(...spread(outwards[row]!, (column) => column * rows + baseRows + row, by));
      } else onTop.push(...spread(outwards[fillRows - 1]!, (column) => column, by));
    });
    return { inside, onTop };
  };
  const sum = (shares: readonly Share[], of: ArrayLike<number>): number =>
    shares.reduce((total, { index, weight }) => total + weight * of[index]!, 0);

  const within = reading(stencilAt(rowCentres, fillRows, place.heightM));
  // What lies over the filling has the surface, not the filling.
  const open = baseRows + fillRows === rows;
  const upTo = reading(stencilAt([...rowCentres, cup.depthM], fillRows + 1, place.heightM));
  return (field, surface) =>
    surface && open
      ? sum(upTo.inside, field) + sum(upTo.onTop, surface)
      : sum(within.inside, field);
}

/** A reader of the temperature at a place, °C, in any moment of a run. */
export const thermometerAt = (
  model: Model,
  place: Place,
): ((moment: Pick<Moment, 'temperatureC' | 'surfaceC'>) => number) => {
  const read = readerAt(model, place);
  return ({ temperatureC, surfaceC }) => read(temperatureC, surfaceC);
};

/** Temperature at a place in a moment, °C. */
export const temperatureAt = (model: Model, moment: Moment, place: Place): number =>
  thermometerAt(model, place)(moment);

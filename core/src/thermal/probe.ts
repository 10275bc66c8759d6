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

/** And of one that reaches past the outermost centre, by half a cell at most: a cubic would swing there. */
const POINTS_BEYOND = 3;

/**
 * Lagrange weights for a value among ascending cell centres, or up to the edge of the outermost cells.
 * Source: Lagrange's formula, Abramowitz and Stegun 25.2.1.
 */
function stencilAt(centres: readonly number[], value: number): Stencil {
  const count = centres.length;
  const beyond = value < centres[0]! || value > centres[count - 1]!;
  const points = Math.min(beyond ? POINTS_BEYOND : POINTS, count);
  let above = 0;
  while (above < count && centres[above]! < value) above += 1;
  const first = Math.min(Math.max(0, above - Math.floor(points / 2)), count - points);
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

/** Where a value is read from, and how much of each: a weighted sum. */
interface Shares {
  readonly indices: readonly number[];
  readonly weights: readonly number[];
}

const sumOf = ({ indices, weights }: Shares, field: ArrayLike<number>): number => {
  let sum = 0;
  for (let share = 0; share < indices.length; share += 1) {
    sum += weights[share]! * field[indices[share]!]!;
  }
  return sum;
};

/**
 * Makes a reader of a field over the filling at one place, cubic between cell centres. `field` is by
 * cell of the mesh. Given the field's values on the open surface, by column, it reads between the topmost
 * cells and the surface as well; without them what is up there follows from the cells under it.
 */
export function readerAt(model: Model, place: Place): Reader {
  const { mesh, cup } = model;
  const { rows, baseRows, fillRows, fillColumns, centreRadiusM } = mesh;
  const radius =
    place.radiusShare *
    (cup.bottomRadiusM + ((cup.topRadiusM - cup.bottomRadiusM) * place.heightM) / cup.depthM);
  /** Row `fillRows` is the surface, whose columns lie over those of the topmost cells. */
  const alongRow = (row: number): Stencil => {
    const own = baseRows + Math.min(row, fillRows - 1);
    const centres = new Array<number>(fillColumns);
    for (let column = 0; column < fillColumns; column += 1) {
      centres[column] = centreRadiusM[column * rows + own]! ** 2;
    }
    // By the square of the radius, since nothing has a slope at the axis.
    return stencilAt(centres, radius ** 2);
  };
  const heights = Array.from(mesh.rowCentreM.subarray(baseRows, baseRows + fillRows));
  const reading = (upwards: Stencil): { readonly inside: Shares; readonly onTop: Shares } => {
    const inside = { indices: [] as number[], weights: [] as number[] };
    const onTop = { indices: [] as number[], weights: [] as number[] };
    upwards.weights.forEach((by, offset) => {
      const row = upwards.first + offset;
      const { first, weights } = alongRow(row);
      const shares = row < fillRows ? inside : onTop;
      weights.forEach((weight, step) => {
        const column = first + step;
        shares.indices.push(row < fillRows ? column * rows + baseRows + row : column);
        shares.weights.push(weight * by);
      });
    });
    return { inside, onTop };
  };

  const within = reading(stencilAt(heights, place.heightM));
  // What lies over the filling has the surface, not the filling.
  const open = baseRows + fillRows === rows;
  const upTo = open && reading(stencilAt([...heights, cup.depthM], place.heightM));
  return (field, surface) =>
    surface && upTo
      ? sumOf(upTo.inside, field) + sumOf(upTo.onTop, surface)
      : sumOf(within.inside, field);
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

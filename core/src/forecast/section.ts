import type { FieldShape, LayerShape } from './outcome';

/** A field of a forecast on an even grid over the half section, for drawing. */
export interface SectionGrid {
  readonly across: number;
  readonly down: number;
  /** Extent of the grid, m: from the axis outwards, and from under the shell to the surface. */
  readonly widthM: number;
  readonly bottomM: number;
  readonly topM: number;
  /** Row by row from the surface down, outwards in each row. */
  readonly values: Float64Array;
}

const thicknessOf = (layers: readonly LayerShape[]): number =>
  layers.reduce((sum, { thicknessM }) => sum + thicknessM, 0);

/** How far a section reaches, m: out to the shell's edge, down to its underside, up to what lies on top. */
export function extentOf({ fill, shellThicknessM, under, over }: FieldShape) {
  const slope = (fill.topRadiusM - fill.bottomRadiusM) / fill.depthM;
  return {
    widthM: fill.topRadiusM + shellThicknessM * Math.hypot(1, slope),
    bottomM: -thicknessOf(under) - shellThicknessM,
    topM: fill.depthM + thicknessOf(over),
  };
}

/** The filling alone, for drawing a field that only it has: neither shell nor what lies under and over it. */
export function fillingOf(shape: FieldShape): FieldShape {
  const { rows, fillColumns, fillRows, baseRows, radiusM, heightM } = shape;
  return {
    ...shape,
    columns: fillColumns,
    rows: fillRows,
    baseRows: 0,
    radiusM: Float32Array.from(
      { length: fillColumns * fillRows },
      (_, cell) => radiusM[Math.floor(cell / fillRows) * rows + baseRows + (cell % fillRows)]!,
    ),
    heightM: heightM.slice(baseRows, baseRows + fillRows),
    shellThicknessM: 0,
    under: [],
    over: [],
  };
}

/** The shape while the filling is only `levelM` deep, and nothing lies over it yet. */
export function shapeFilledTo(shape: FieldShape, levelM: number): FieldShape {
  const { fill, heightM, baseRows } = shape;
  const share = levelM / fill.depthM;
  const topRadiusM = fill.bottomRadiusM + (fill.topRadiusM - fill.bottomRadiusM) * share;
  return {
    ...shape,
    heightM: heightM.map((height, row) => (row < baseRows ? height : height * share)),
    fill: { ...fill, depthM: levelM, topRadiusM },
    over: [],
  };
}

/** Index below and weight above of `value` among ascending centres, clamped at both ends. */
function between(
  centres: (index: number) => number,
  count: number,
  value: number,
): [number, number] {
  if (value <= centres(0)) return [0, 0];
  if (value >= centres(count - 1)) return [count - 2, 1];
  let index = 0;
  while (centres(index + 1) < value) index += 1;
  return [index, (value - centres(index)) / (centres(index + 1) - centres(index))];
}

/**
 * Makes a reader of temperature fields on an even grid over filling and shell (the vessel's wall is
 * too thin to draw). The weights are worked out once, so that scrubbing through time is cheap. The grid is as
 * fine as the mesh has something to say, so that a draft is drawn in a third of the time.
 */
export function sectionReader(
  shape: FieldShape,
  across = Math.min(30, 2 * shape.columns),
  down = Math.min(15, shape.rows + 2),
): (temperatureC: ArrayLike<number>) => SectionGrid {
  const { columns, rows, radiusM, heightM } = shape;
  const { widthM, bottomM, topM } = extentOf(shape);
  const corners = new Int32Array(across * down * 4);
  const weights = new Float64Array(across * down * 4);
  for (let y = 0; y < down; y += 1) {
    const height = topM - ((topM - bottomM) * y) / (down - 1);
    const [row, up] = between((index) => heightM[index]!, rows, height);
    for (let x = 0; x < across; x += 1) {
      const radius = (widthM * x) / (across - 1);
      const point = (y * across + x) * 4;
      [row, row + 1].forEach((each, side) => {
        const [column, out] = between((index) => radiusM[index * rows + each]!, columns, radius);
        const rowWeight = side === 0 ? 1 - up : up;
        corners[point + 2 * side] = column * rows + each;
        weights[point + 2 * side] = rowWeight * (1 - out);
        corners[point + 2 * side + 1] = (column + 1) * rows + each;
        weights[point + 2 * side + 1] = rowWeight * out;
      });
    }
  }
  return (temperatureC) => {
    const values = new Float64Array(across * down);
    for (let point = 0; point < values.length; point += 1) {
      let sum = 0;
      for (let corner = 0; corner < 4; corner += 1) {
        sum += weights[point * 4 + corner]! * temperatureC[corners[point * 4 + corner]!]!;
      }
      values[point] = sum;
    }
    return { across, down, widthM, bottomM, topM, values };
  };
}

import type { Cup } from './case';

/**
 * The finite-volume mesh of a cup: columns outwards from the axis, rows upwards from the underside.
 * Cell (column, row) has the index column × rows + row. The arrays hold what the equations need.
 *
 * A sloped wall is followed by shifting each row's faces outwards with the wall. Heat that such a
 * sheared mesh would carry diagonally is left out, which is exact for straight walls and small for
 * the slopes of pie plates (docs/model.md).
 */
export interface Mesh {
  readonly columns: number;
  readonly rows: number;
  readonly fillColumns: number;
  /** First row of the filling, and the number of rows below it. */
  readonly baseRows: number;
  readonly fillRows: number;
  /** Layer of each cell: -1 for the filling, else an index into the cup's layers. */
  readonly layerOf: Int8Array;
  readonly volumeM3: Float64Array;
  /** Half widths of a cell, m. */
  readonly halfRadialM: Float64Array;
  readonly halfVerticalM: Float64Array;
  /** Area of the face towards the next column, or the outside for the last; m². */
  readonly outerAreaM2: Float64Array;
  /** Area of the face towards the row above, or the open top for the last; m². */
  readonly upperAreaM2: Float64Array;
  /** Area of the underside by column, m². */
  readonly baseAreaM2: Float64Array;
  /** Inner radius at each face of the top row, m (columns + 1). */
  readonly topFaceRadiusM: Float64Array;
  /** Cell centres: radius by cell, height above the filling's bottom by row, m. */
  readonly centreRadiusM: Float64Array;
  readonly rowCentreM: Float64Array;
  readonly rowFaceM: Float64Array;
}

/** Cells across radius and depth of the filling at resolution 1. */
export const FILL_CELLS = { radial: 9, vertical: 8 } as const;

/**
 * How much finer than even the cells are at the edges: 1 would leave those at the very edge no width. Of 0.5 to 0.8
 * tried in both directions, these leave the least error for their cells (npm run bench).
 */
const FINER = { rim: 0.7, ends: 0.3 } as const;

/** Faces from 0 to 1, finer towards 1 (the rim), by a smooth map so that the order of convergence holds. */
const towardsRim = (cells: number): number[] =>
  Array.from({ length: cells + 1 }, (_, face) => {
    const even = face / cells;
    return even + (FINER.rim * Math.sin(Math.PI * even)) / Math.PI;
  });

/** Faces from 0 to 1, finer at both ends (base and surface). */
const towardsBothEnds = (cells: number): number[] =>
  Array.from({ length: cells + 1 }, (_, face) => {
    const even = face / cells;
    return even - (FINER.ends * Math.sin(2 * Math.PI * even)) / (2 * Math.PI);
  });

const evenFaces = (cells: number): number[] =>
  Array.from({ length: cells + 1 }, (_, face) => face / cells);

/** How deep the layers are that lie only under the filling, inside of shell and vessel, m. */
export const insideUnderM = ({ layers }: Pick<Cup, 'layers'>): number =>
  layers.reduce(
    (sum, { baseThicknessM, wallThicknessM }) => sum + (wallThicknessM === 0 ? baseThicknessM : 0),
    0,
  );

/** Where the rows begin and end, and the layer of each (-1 for the filling). */
interface Rows {
  readonly faceM: readonly number[];
  readonly layer: readonly number[];
  readonly baseRows: number;
}

/** Rows from the underside up: the outermost layer first, then inwards, the filling, and what lies over it. */
function rowsOf({ layers, depthM }: Cup, fillRows: number, layerCells: readonly number[]): Rows {
  const faceM: number[] = [];
  const layer: number[] = [];
  let underside = -layers.reduce((sum, { baseThicknessM }) => sum + baseThicknessM, 0);
  for (let index = layers.length - 1; index >= 0; index -= 1) {
    const thickness = layers[index]!.baseThicknessM;
    if (thickness === 0) continue;
    for (const face of evenFaces(layerCells[index]!).slice(0, -1)) {
      faceM.push(underside + face * thickness);
      layer.push(index);
    }
    underside += thickness;
  }
  const baseRows = faceM.length;
  for (const face of towardsBothEnds(fillRows)) faceM.push(face * depthM);
  for (let row = 0; row < fillRows; row += 1) layer.push(-1);
  let upperside = depthM;
  layers.forEach(({ overThicknessM = 0 }, index) => {
    if (overThicknessM === 0) return;
    for (const face of evenFaces(layerCells[index]!).slice(1)) {
      faceM.push(upperside + face * overThicknessM);
      layer.push(index);
    }
    upperside += overThicknessM;
  });
  return { faceM, layer, baseRows };
}

/** How the columns lie: the radius of each face at a height over the filling's bottom, and the layer of each column. */
interface Columns {
  readonly layer: readonly number[];
  readonly faceRadiusM: (face: number, heightM: number) => number;
  /** How much longer a sloped wall is than its height. */
  readonly stretch: number;
  /** Under this height the wall is straight, m. */
  readonly insideBottomM: number;
}

/** Columns from the axis outwards: the filling scales with its radius at each height; layers keep their thickness. */
function columnsOf(cup: Cup, fillColumns: number, layerCells: readonly number[]): Columns {
  const insideBottomM = -insideUnderM(cup);
  const rimFaces = towardsRim(fillColumns);
  const slope = (cup.topRadiusM - cup.bottomRadiusM) / cup.depthM;
  const stretch = Math.hypot(1, slope);
  const layerOffsets: number[] = [];
  const layer: number[] = new Array<number>(fillColumns).fill(-1);
  let offset = 0;
  cup.layers.forEach(({ wallThicknessM }, index) => {
    if (wallThicknessM === 0) return;
    for (const face of evenFaces(layerCells[index]!).slice(1)) {
      layerOffsets.push(offset + face * wallThicknessM * stretch);
      layer.push(index);
    }
    offset += wallThicknessM * stretch;
  });
  const faceRadiusM = (face: number, heightM: number): number => {
    const inside = cup.bottomRadiusM + slope * Math.max(insideBottomM, heightM);
    return face <= fillColumns
      ? inside * rimFaces[face]!
      : inside + layerOffsets[face - fillColumns - 1]!;
  };
  return { layer, faceRadiusM, stretch, insideBottomM };
}

/**
 * Builds the mesh of a cup. `resolution` multiplies the cells in every direction (1 for daily use,
 * 2 and 4 to see what is left to gain); throws when the cup has no extent.
 */
export function buildMesh(cup: Cup, resolution = 1): Mesh {
  if (!(cup.depthM > 0 && cup.bottomRadiusM > 0 && cup.topRadiusM > 0)) {
    throw new RangeError('a cup needs a depth and a radius');
  }
  const scaled = (cells: number) => Math.max(1, Math.round(cells * resolution));
  const fillColumns = scaled(FILL_CELLS.radial);
  const fillRows = scaled(FILL_CELLS.vertical);
  const layerCells = cup.layers.map((layer) => scaled(layer.cells));
  const { faceM: rowFaces, layer: rowLayer, baseRows } = rowsOf(cup, fillRows, layerCells);
  const across = columnsOf(cup, fillColumns, layerCells);
  const { layer: columnLayer, faceRadiusM, stretch, insideBottomM } = across;
  const rows = rowFaces.length - 1;
  const columns = columnLayer.length;
  const annulus = (column: number, height: number): number =>
    Math.PI * (faceRadiusM(column + 1, height) ** 2 - faceRadiusM(column, height) ** 2);

  const cells = columns * rows;
  const mesh = {
    columns,
    rows,
    fillColumns,
    baseRows,
    fillRows,
    layerOf: new Int8Array(cells),
    volumeM3: new Float64Array(cells),
    halfRadialM: new Float64Array(cells),
    halfVerticalM: new Float64Array(cells),
    outerAreaM2: new Float64Array(cells),
    upperAreaM2: new Float64Array(cells),
    baseAreaM2: new Float64Array(columns),
    topFaceRadiusM: new Float64Array(columns + 1),
    centreRadiusM: new Float64Array(cells),
    rowCentreM: new Float64Array(rows),
    rowFaceM: Float64Array.from(rowFaces),
  };
  for (let row = 0; row < rows; row += 1) {
    mesh.rowCentreM[row] = (rowFaces[row]! + rowFaces[row + 1]!) / 2;
  }
  for (let column = 0; column < columns; column += 1) {
    mesh.baseAreaM2[column] = annulus(column, rowFaces[0]!);
    for (let row = 0; row < rows; row += 1) {
      const cell = column * rows + row;
      const [below, above] = [rowFaces[row]!, rowFaces[row + 1]!];
      const middle = (below + above) / 2;
      const height = above - below;
      const inner = faceRadiusM(column, middle);
      const outer = faceRadiusM(column + 1, middle);
      mesh.layerOf[cell] = Math.max(rowLayer[row]!, columnLayer[column]!);
      // Simpson's rule is exact: the section is a quadratic of the height.
      mesh.volumeM3[cell] =
        (height * (annulus(column, below) + 4 * annulus(column, middle) + annulus(column, above))) /
        6;
      mesh.halfRadialM[cell] = (outer - inner) / 2;
      mesh.halfVerticalM[cell] = height / 2;
      mesh.centreRadiusM[cell] = (inner + outer) / 2;
      const slant = column === columns - 1 && middle > insideBottomM ? stretch : 1;
      mesh.outerAreaM2[cell] = 2 * Math.PI * outer * height * slant;
      mesh.upperAreaM2[cell] = annulus(column, above);
    }
  }
  for (let face = 0; face <= columns; face += 1) {
    mesh.topFaceRadiusM[face] = faceRadiusM(face, cup.depthM);
  }
  return mesh;
}

import { iceConductivityWmK } from '../properties';
import {
  addOvenToWater,
  contactOf,
  dryPart,
  waterAt,
  waterNode,
  wetShares,
  type WaterNode,
} from './bath';
import type { Face, Surroundings } from './case';
import { factorBand } from './banded';
import { boilingIn, spendOnBoiling, type Boiling } from './boiling';
import { topCell, type Model, type Moment } from './model';
import type { CellProperties } from './properties';
import { balancedFrontC, balancedSurfaceC, noFlux, crustAfter, skinAfter } from './surface';
import { airIn, type OvenAir } from './vapour';

/**
 * The heat balance of every cell of a cup in given surroundings, in flat arrays: this is the inner
 * loop of the product. Boundary faces are listed top, then underside, then side.
 */
export interface Balance extends CellProperties, Boiling {
  readonly model: Model;
  readonly cells: number;
  readonly rows: number;
  /** Factor on conductivity while the filling is liquid. */
  readonly stirring: Float64Array;
  readonly conductivity: Float64Array;
  /** Conductance to the next column and to the row above, W/K; 0 at the outside. */
  readonly outwardWK: Float64Array;
  readonly upwardWK: Float64Array;
  /** Heat gained by each cell, W. */
  readonly gainW: Float64Array;
  readonly faces: readonly Face[];
  readonly faceCell: Int32Array;
  readonly faceAreaM2: Float64Array;
  /** The cell inward of a face's own; that cell itself where there is none. */
  readonly faceInnerCell: Int32Array;
  /** Half width of a face's cell towards it, m. */
  readonly faceHalfM: Float64Array;
  readonly faceWetness: Float64Array;
  /** Where a face evaporates: its surface, or the underside of its crust; and the outside of that. */
  readonly faceSurfaceC: Float64Array;
  readonly faceOutsideC: Float64Array;
  /** Resistance of a face's skin, m² s/kg, and of its crust, m² K/W; 0 without one. */
  readonly faceSkinM2SKg: Float64Array;
  readonly faceCrustM2KW: Float64Array;
  readonly faceEvaporationW: Float64Array;
  /** Growth of a face's loss with its cell's temperature, W/K. */
  readonly faceSlopeWK: Float64Array;
  /** What a bath takes from a face, W/(m² K) of the whole face; 0 where it is dry. */
  readonly faceBathWm2K: Float64Array;
  /** Growth of the bath's gain with a face's cell, and of that cell's with the bath, W/K. */
  readonly faceCouplingWK: Float64Array;
  /** The bath's temperature where it is kept. */
  readonly fixedWaterC: number;
  readonly water: WaterNode | undefined;
  /** The oven's vapour, where it follows what evaporates. */
  readonly air: OvenAir | undefined;
}

/** What a face is before anything has been computed of it. */
interface Outside {
  readonly face: Face;
  readonly cell: number;
  readonly innerCell: number;
  readonly areaM2: number;
  readonly halfM: number;
  readonly surfaceC: number;
  readonly bathWm2K: number;
}

/** The faces of a cup that stands in `around`: top, then underside, then side. */
function outsidesOf({ mesh }: Model, around: Surroundings, from: Moment): Outside[] {
  const { rows, columns } = mesh;
  const { top, base, side, bath } = around;
  const shares = bath ? wetShares(mesh, bath.levelM) : undefined;
  const bathWm2K = bath?.convectionWm2K ?? 0;
  const wetBase = bath && bath.levelM > 0 ? 1 : 0;
  const dryBase = dryPart(base, wetBase);
  const inward = (cell: number, by: number, has: boolean) => (has ? cell + by : cell);
  const overColumns = (of: (column: number) => Outside) =>
    Array.from({ length: columns }, (_, column) => of(column));
  return [
    ...overColumns((column) => {
      const cell = topCell(mesh, column);
      return {
        face: top,
        cell,
        innerCell: inward(cell, -1, rows > 1),
        areaM2: mesh.upperAreaM2[cell]!,
        halfM: mesh.halfVerticalM[cell]!,
        surfaceC: from.surfaceC[column]!,
        bathWm2K: 0,
      };
    }),
    ...overColumns((column) => {
      const cell = column * rows;
      return {
        face: dryBase,
        cell,
        innerCell: inward(cell, 1, rows > 1),
        areaM2: mesh.baseAreaM2[column]!,
        halfM: mesh.halfVerticalM[cell]!,
        surfaceC: from.temperatureC[cell]!,
        bathWm2K: wetBase * bathWm2K,
      };
    }),
    ...Array.from({ length: rows }, (_, row) => {
      const cell = (columns - 1) * rows + row;
      const wet = shares?.[row] ?? 0;
      return {
        face: dryPart(side, wet),
        cell,
        innerCell: inward(cell, -rows, columns > 1),
        areaM2: mesh.outerAreaM2[cell]!,
        halfM: mesh.halfRadialM[cell]!,
        surfaceC: from.temperatureC[cell]!,
        bathWm2K: wet * bathWm2K,
      };
    }),
  ];
}

/** How the faces of the filling's top dry: wet at first, then through a skin and a crust. */
function dryingTop({ mesh }: Model, { evaporation }: Face, from: Moment, faceCount: number) {
  const faceWetness = new Float64Array(faceCount);
  const faceSkinM2SKg = new Float64Array(faceCount);
  const faceCrustM2KW = new Float64Array(faceCount);
  for (let column = 0; evaporation && column < mesh.fillColumns; column += 1) {
    faceWetness[column] = evaporation.wetness;
    faceSkinM2SKg[column] = skinAfter(evaporation, from.driedKgM2[column]!);
    faceCrustM2KW[column] = crustAfter(evaporation, from.driedKgM2[column]!);
  }
  return { faceWetness, faceSkinM2SKg, faceCrustM2KW };
}

/** The faces in flat arrays. */
function facesIn(outsides: readonly Outside[]) {
  const count = outsides.length;
  const flat = {
    faces: outsides.map(({ face }) => face),
    faceCell: new Int32Array(count),
    faceInnerCell: new Int32Array(count),
    faceAreaM2: new Float64Array(count),
    faceHalfM: new Float64Array(count),
    faceSurfaceC: new Float64Array(count),
    faceBathWm2K: new Float64Array(count),
  };
  for (let face = 0; face < count; face += 1) {
    const outside = outsides[face]!;
    flat.faceCell[face] = outside.cell;
    flat.faceInnerCell[face] = outside.innerCell;
    flat.faceAreaM2[face] = outside.areaM2;
    flat.faceHalfM[face] = outside.halfM;
    flat.faceSurfaceC[face] = outside.surfaceC;
    flat.faceBathWm2K[face] = outside.bathWm2K;
  }
  return flat;
}

/** Sets up the balance of a cup that stands in `around`, in the state of `from`. */
export function createBalance(model: Model, around: Surroundings, from: Moment): Balance {
  const { rows, columns } = model.mesh;
  const cells = rows * columns;
  const air = airIn(around);
  const inAir = air?.around ?? around;
  const { top, bath } = inAir;
  const outsides = outsidesOf(model, inAir, from);
  const faceCount = outsides.length;
  const flat = facesIn(outsides);
  return {
    model,
    cells,
    rows,
    ...model.cells,
    stirring: new Float64Array(cells).fill(1),
    conductivity: new Float64Array(cells),
    outwardWK: new Float64Array(cells),
    upwardWK: new Float64Array(cells),
    gainW: new Float64Array(cells),
    ...boilingIn(model, from),
    ...flat,
    ...dryingTop(model, top, from, faceCount),
    faceOutsideC: flat.faceSurfaceC.slice(),
    faceEvaporationW: new Float64Array(faceCount),
    faceSlopeWK: new Float64Array(faceCount),
    faceCouplingWK: new Float64Array(faceCount),
    fixedWaterC: bath && 'fixedC' in bath.water ? bath.water.fixedC : 0,
    water: bath && waterNode(bath, waterAt(around, from)),
    air,
  };
}

/** Conductances between cells at the temperatures `t`: two half cells in series. */
export function updateConductances(of: Balance, t: Float64Array): void {
  const { cells, rows, conductivity, stirring, outwardWK, upwardWK, freezesC } = of;
  const { halfRadialM, halfVerticalM, outerAreaM2, upperAreaM2 } = of.model.mesh;
  const [k0, k1, k2] = of.k;
  for (let cell = 0; cell < cells; cell += 1) {
    const at = t[cell]!;
    conductivity[cell] = (k0[cell]! + at * (k1[cell]! + at * k2[cell]!)) * stirring[cell]!;
    if (at < freezesC[cell]!) conductivity[cell]! += iceConductivityWmK(of.freezing[cell]!, at);
  }
  for (let cell = 0; cell < cells - rows; cell += 1) {
    const here = conductivity[cell]!;
    const there = conductivity[cell + rows]!;
    outwardWK[cell] =
      (outerAreaM2[cell]! * here * there) /
      (halfRadialM[cell]! * there + halfRadialM[cell + rows]! * here);
  }
  for (let cell = 0; cell < cells - 1; cell += 1) {
    if ((cell + 1) % rows === 0) continue;
    const here = conductivity[cell]!;
    const there = conductivity[cell + 1]!;
    upwardWK[cell] =
      (upperAreaM2[cell]! * here * there) /
      (halfVerticalM[cell]! * there + halfVerticalM[cell + 1]! * here);
  }
}

/** What flows out towards a face through the inner side of its cell, W. */
function towardsFaceW(of: Balance, face: number, t: Float64Array): number {
  const { rows, upwardWK, outwardWK } = of;
  const cell = of.faceCell[face]!;
  const inner = of.faceInnerCell[face]!;
  if (inner === cell) return 0;
  const between =
    inner === cell - rows ? outwardWK[inner]! : upwardWK[inner < cell ? inner : cell]!;
  return between * (t[inner]! - t[cell]!);
}

const flux = noFlux();

/** Heat gained by each cell at the temperatures `t`; returns the sum through all faces less what boils off, W. */
export function updateGain(of: Balance, t: Float64Array): number {
  const { cells, rows, gainW, outwardWK, upwardWK, conductivity, faces } = of;
  gainW.fill(0);
  for (let cell = 0; cell < cells; cell += 1) {
    const here = t[cell]!;
    const out = cell + rows < cells ? outwardWK[cell]! * (here - t[cell + rows]!) : 0;
    if (out !== 0) gainW[cell + rows]! += out;
    const up = upwardWK[cell]! === 0 ? 0 : upwardWK[cell]! * (here - t[cell + 1]!);
    if (up !== 0) gainW[cell + 1]! += up;
    gainW[cell]! -= out + up;
  }
  const boiledW = spendOnBoiling(of, t, gainW);
  const { water, faceBathWm2K } = of;
  if (water) {
    water.gainW = 0;
    water.slopeWK = 0;
    addOvenToWater(water);
  }
  const waterC = water ? water.celsius : of.fixedWaterC;
  const contact = water ? contactOf(water) : 1;
  let receivedW = -boiledW;
  for (let face = 0; face < faces.length; face += 1) {
    const cell = of.faceCell[face]!;
    const areaM2 = of.faceAreaM2[face]!;
    // Through the cell's middle goes the parabola whose slope at its inner side is that of what flows there: a straight
    // line to the surface leaves out how the flow changes on the way, half a degree after five minutes.
    const halfWm2K = (4 * conductivity[cell]!) / (3 * of.faceHalfM[face]!);
    const cellC = t[cell]! - towardsFaceW(of, face, t) / (3 * areaM2 * halfWm2K);
    const bathWm2K = contact * faceBathWm2K[face]!;
    const crustM2KW = of.faceCrustM2KW[face]!;
    const surfaceC =
      crustM2KW > 0
        ? balancedFrontC(
            faces[face]!,
            of.faceWetness[face]!,
            cellC,
            halfWm2K,
            of.faceOutsideC[face]!,
            flux,
            of.faceSkinM2SKg[face]!,
            crustM2KW,
          )
        : balancedSurfaceC(
            faces[face]!,
            of.faceWetness[face]!,
            cellC,
            halfWm2K,
            of.faceSurfaceC[face]!,
            flux,
            of.faceSkinM2SKg[face],
            bathWm2K,
            waterC,
          );
    of.faceOutsideC[face] = flux.outsideC;
    const lossW = areaM2 * halfWm2K * (cellC - surfaceC);
    of.faceSurfaceC[face] = surfaceC;
    of.faceEvaporationW[face] = areaM2 * flux.evaporationWm2;
    of.faceSlopeWK[face] = (areaM2 * halfWm2K * flux.slopeWm2K) / (halfWm2K + flux.slopeWm2K);
    gainW[cell]! -= lossW;
    receivedW -= lossW;
    if (water && bathWm2K > 0) {
      const wetWK = areaM2 * bathWm2K;
      const share = halfWm2K / (halfWm2K + flux.slopeWm2K);
      of.faceCouplingWK[face] = wetWK * share;
      water.gainW += wetWK * (surfaceC - waterC);
      water.slopeWK += wetWK * (1 - bathWm2K / (halfWm2K + flux.slopeWm2K));
    }
  }
  return receivedW;
}

/**
 * Factors C + w K into `band`, with C the heat capacities and K the conductances and the slopes of
 * the boundary losses and of boiling; w in seconds.
 */
export function factorBalance(
  of: Balance,
  capacity: Float64Array,
  slopes: Float64Array,
  boiling: Float64Array,
  weightS: number,
  band: Float64Array,
): void {
  const { cells, rows, outwardWK, upwardWK } = of;
  const stride = rows + 1;
  band.fill(0);
  for (let cell = 0; cell < cells; cell += 1) {
    const diagonal = cell * stride;
    band[diagonal]! += capacity[cell]! + weightS * boiling[cell]!;
    if (cell + rows < cells) {
      const entry = weightS * outwardWK[cell]!;
      band[diagonal]! += entry;
      band[diagonal + rows * stride]! += entry;
      band[diagonal + rows]! -= entry;
    }
    if (upwardWK[cell]! !== 0) {
      const entry = weightS * upwardWK[cell]!;
      band[diagonal]! += entry;
      band[diagonal + stride]! += entry;
      band[diagonal + 1]! -= entry;
    }
  }
  for (let face = 0; face < of.faces.length; face += 1) {
    band[of.faceCell[face]! * stride]! += weightS * slopes[face]!;
  }
  factorBand(band, cells, rows);
}

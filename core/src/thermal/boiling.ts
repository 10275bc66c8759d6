import { evaporationHeatJkg } from '../properties';
import type { Model, Moment } from './model';
import type { CellProperties } from './properties';

/** Water that boils inside a cup, by cell, and what that takes away. */
export interface Boiling {
  /** Heat that each cell spends on steam, W/K past where its water boils. */
  readonly boilingWK: Float64Array;
  /** What each cell, and all of them, spend on boiling, W, at the last gain worked out. */
  readonly boilingW: Float64Array;
  readonly boiling: { spentW: number };
}

/**
 * Heat that boiling takes away, W/(m³ K) past the boiling point: so much that wet food stays within a few
 * degrees of it in any oven, and little enough for the solver's steps. The steam is taken to get out.
 */
const BOILING_WM3K = 5e5;

/** Share of a cell's water left under which it boils the less the drier it is. From memory. */
const BOILS_FREELY_FROM = 0.5;

/** The boiling of a cup in a moment. */
export function boilingIn({ mesh, cells }: Pick<Model, 'mesh' | 'cells'>, from: Moment): Boiling {
  const { volumeM3 } = mesh;
  const boilingWK = new Float64Array(volumeM3.length);
  for (let cell = 0; cell < boilingWK.length; cell += 1) {
    if (cells.boilsC[cell]! < Infinity) boilingWK[cell] = BOILING_WM3K * volumeM3[cell]!;
  }
  const found: Boiling = {
    boilingWK,
    boilingW: new Float64Array(volumeM3.length),
    boiling: { spentW: 0 },
  };
  boilLess(found, { mesh, cells }, from);
  return found;
}

/** Lets each cell spend less and less past its boiling point as its water runs out. */
export function boilLess(
  { boilingWK }: Boiling,
  { mesh, cells }: Pick<Model, 'mesh' | 'cells'>,
  at: Moment,
): void {
  const { volumeM3 } = mesh;
  for (let cell = 0; cell < boilingWK.length; cell += 1) {
    const boiled = at.boiledKgM3[cell]!;
    // What never boils stays at none.
    if (boiled === 0) continue;
    const left = 1 - boiled / cells.boilsOffKgM3[cell]!;
    const freely = Math.min(1, Math.max(0, left / BOILS_FREELY_FROM));
    boilingWK[cell] = BOILING_WM3K * volumeM3[cell]! * freely;
  }
}

/** Takes what boils at the temperatures `t` from the gain of each cell; returns the sum, W. */
export function spendOnBoiling(
  of: Boiling & Pick<CellProperties, 'boilsC'>,
  t: Float64Array,
  gainW: Float64Array,
): number {
  let sum = 0;
  of.boilingW.fill(0);
  for (let cell = 0; cell < gainW.length; cell += 1) {
    const pastK = t[cell]! - of.boilsC[cell]!;
    if (pastK <= 0) continue;
    const spentW = of.boilingWK[cell]! * pastK;
    gainW[cell]! -= spentW;
    of.boilingW[cell] = spentW;
    sum += spentW;
  }
  of.boiling.spentW = sum;
  return sum;
}

/** Growth of what each cell spends on boiling with its temperature, W/K, written into `slopes`. */
export function boilingSlopes(
  of: Boiling & Pick<CellProperties, 'boilsC'>,
  t: Float64Array,
  slopes: Float64Array,
): void {
  for (let cell = 0; cell < slopes.length; cell += 1) {
    slopes[cell] = t[cell]! > of.boilsC[cell]! ? of.boilingWK[cell]! : 0;
  }
}

/**
 * Water boiled off by each cell, kg/m³, after a step of `seconds` that began with `startW` spent by cell; the very
 * array of before where nothing boiled.
 */
export function boiledOver(
  of: Boiling,
  startW: Float64Array,
  model: Model,
  from: Moment,
  seconds: number,
): Float64Array {
  const { volumeM3 } = model.mesh;
  const perJ = (0.5 * seconds) / evaporationHeatJkg(100);
  let boiled: Float64Array | undefined;
  for (let cell = 0; cell < startW.length; cell += 1) {
    const spentW = startW[cell]! + of.boilingW[cell]!;
    if (spentW === 0) continue;
    boiled ??= from.boiledKgM3.slice();
    boiled[cell]! += (perJ * spentW) / volumeM3[cell]!;
  }
  return boiled ?? from.boiledKgM3;
}

/** No step is kept shorter than this for water that runs out: what is left by then cannot be weighed, s. */
const SHORTEST_TILL_DRY_S = 2;

/** The longest step, s, that takes no cell more than half of the water it has left, as it boiled the step before. */
export function untilDryS({ boilsOffKgM3 }: CellProperties, before: Moment, after: Moment): number {
  const seconds = after.timeS - before.timeS;
  let longestS = Infinity;
  for (let cell = 0; cell < after.boiledKgM3.length; cell += 1) {
    const perS = (after.boiledKgM3[cell]! - before.boiledKgM3[cell]!) / seconds;
    if (perS <= 0) continue;
    const left = boilsOffKgM3[cell]! - after.boiledKgM3[cell]!;
    longestS = Math.min(longestS, (0.5 * left) / perS);
  }
  return Math.max(SHORTEST_TILL_DRY_S, longestS);
}

import { evaporationHeatJkg } from '../properties';
import { materialOf, type Model, type Moment } from './model';

/** Water that boils inside a cup, by cell, and what that takes away. */
export interface Boiling {
  /** Where the water of each cell boils, °C, and the heat it then spends on steam, W/K past that. */
  readonly boilsC: Float64Array;
  readonly boilingWK: Float64Array;
  /** Water that each cell has to boil off, kg/m³; without end, infinity. */
  readonly boilsOffKgM3: Float64Array;
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
export function boilingIn(model: Model, from: Moment): Boiling {
  const { volumeM3 } = model.mesh;
  const materials = Array.from(volumeM3, (_, cell) => materialOf(model, cell));
  const found: Boiling = {
    boilsC: Float64Array.from(materials, ({ boilsC }) => boilsC ?? Infinity),
    boilingWK: Float64Array.from(materials, ({ boilsC }, cell) =>
      boilsC === undefined ? 0 : BOILING_WM3K * volumeM3[cell]!,
    ),
    boilsOffKgM3: Float64Array.from(materials, ({ waterKgM3 }) => waterKgM3 ?? Infinity),
    boilingW: new Float64Array(volumeM3.length),
    boiling: { spentW: 0 },
  };
  boilLess(found, model, from);
  return found;
}

/** Lets each cell spend less and less past its boiling point as its water runs out. */
export function boilLess({ boilingWK, boilsOffKgM3 }: Boiling, model: Model, at: Moment): void {
  const { volumeM3 } = model.mesh;
  for (let cell = 0; cell < boilingWK.length; cell += 1) {
    const boiled = at.boiledKgM3[cell]!;
    // What never boils stays at none.
    if (boiled === 0) continue;
    const left = 1 - boiled / boilsOffKgM3[cell]!;
    const freely = Math.min(1, Math.max(0, left / BOILS_FREELY_FROM));
    boilingWK[cell] = BOILING_WM3K * volumeM3[cell]! * freely;
  }
}

/** Takes what boils at the temperatures `t` from the gain of each cell; returns the sum, W. */
export function spendOnBoiling(of: Boiling, t: Float64Array, gainW: Float64Array): number {
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
export function boilingSlopes(of: Boiling, t: Float64Array, slopes: Float64Array): void {
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
    boiled ??= Float64Array.from(from.boiledKgM3);
    boiled[cell]! += (perJ * spentW) / volumeM3[cell]!;
  }
  return boiled ?? from.boiledKgM3;
}

/** No step is kept shorter than this for water that runs out: what is left by then cannot be weighed, s. */
const SHORTEST_TILL_DRY_S = 2;

/** The longest step, s, that takes no cell more than half of the water it has left, as it boiled the step before. */
export function untilDryS(of: Boiling, before: Moment, after: Moment): number {
  const seconds = after.timeS - before.timeS;
  let longestS = Infinity;
  for (let cell = 0; cell < after.boiledKgM3.length; cell += 1) {
    const perS = (after.boiledKgM3[cell]! - before.boiledKgM3[cell]!) / seconds;
    if (perS <= 0) continue;
    const left = of.boilsOffKgM3[cell]! - after.boiledKgM3[cell]!;
    longestS = Math.min(longestS, (0.5 * left) / perS);
  }
  return Math.max(SHORTEST_TILL_DRY_S, longestS);
}

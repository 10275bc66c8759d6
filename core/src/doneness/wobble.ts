import type { Model, Moment } from '../thermal';
import { CURDLING, SETTING } from './kinetics';

/** How the middle moves when the tray is nudged. */
export type Motion = 'as a liquid' | 'as a jelly' | 'barely' | 'not at all';

export interface Wobble {
  /** Width of the part that still moves; 0 when none does. */
  readonly diameterM: number;
  /** As a share of the filling's width at the surface. */
  readonly share: number;
  readonly motion: Motion;
}

/** Mean set fraction from which a column, warm as it is, no longer moves by itself. Calibrated; docs/model.md. */
export const STILL_FROM = 0.75;
const JELLY_FROM = 0.08;
const QUIET_FROM = 0.9;

/** Mean of an extent over the depth of each column of the filling, from the axis outwards. */
export function columnMeans(model: Model, extent: Float64Array): number[] {
  const { fillColumns, fillRows, baseRows, rows, volumeM3 } = model.mesh;
  return Array.from({ length: fillColumns }, (_, column) => {
    let sum = 0;
    let volume = 0;
    for (let row = 0; row < fillRows; row += 1) {
      const here = volumeM3[column * rows + baseRows + row]!;
      sum += here * extent[column * fillRows + row]!;
      volume += here;
    }
    return sum / volume;
  });
}

/** Centre radius of each column of the filling at its surface, m. */
const surfaceRadii = (model: Model): number[] =>
  Array.from(
    { length: model.mesh.fillColumns },
    (_, column) =>
      (model.mesh.topFaceRadiusM[column]! + model.mesh.topFaceRadiusM[column + 1]!) / 2,
  );

/** Radius in m of the part whose column mean lies under `threshold`, counted from the axis. */
export function radiusUnder(model: Model, extent: Float64Array, threshold: number): number {
  const means = columnMeans(model, extent);
  const radii = surfaceRadii(model);
  const rim = model.mesh.topFaceRadiusM[model.mesh.fillColumns]!;
  if (means[0]! >= threshold) return 0;
  const first = means.findIndex((mean) => mean >= threshold);
  if (first < 0) return rim;
  const [low, high] = [means[first - 1]!, means[first]!];
  const weight = (threshold - low) / (high - low);
  return radii[first - 1]! + weight * (radii[first]! - radii[first - 1]!);
}

/**
 * The wobble a cook would see in a moment of a bake: how wide the middle still moves, and how. A column
 * moves until three quarters of it have set.
 */
export function wobbleOf(model: Model, moment: Moment): Wobble {
  const extent = moment.extents[SETTING]!;
  const radius = radiusUnder(model, extent, STILL_FROM);
  const rim = model.mesh.topFaceRadiusM[model.mesh.fillColumns]!;
  const centre = columnMeans(model, extent)[0]!;
  const motion: Motion =
    centre < JELLY_FROM
      ? 'as a liquid'
      : centre < STILL_FROM
        ? 'as a jelly'
        : centre < QUIET_FROM
          ? 'barely'
          : 'not at all';
  return { diameterM: 2 * radius, share: radius / rim, motion };
}

/**
 * Extent of curdling at which a spot begins, and has quite become, grainy to the tongue. The ramp
 * between keeps the share smooth as the front passes from cell to cell. From memory.
 */
const GRAINY = { from: 0.3, to: 0.7 } as const;

/** Share of the filling, by volume, that has curdled; 0 where nothing can. */
export function curdledShare(model: Model, moment: Moment): number {
  const extent = moment.extents[CURDLING];
  if (!extent) return 0;
  const { fillColumns, fillRows, baseRows, rows, volumeM3 } = model.mesh;
  let sum = 0;
  let volume = 0;
  for (let column = 0; column < fillColumns; column += 1) {
    for (let row = 0; row < fillRows; row += 1) {
      const here = volumeM3[column * rows + baseRows + row]!;
      const grain = (extent[column * fillRows + row]! - GRAINY.from) / (GRAINY.to - GRAINY.from);
      sum += here * (grain < 0 ? 0 : grain > 1 ? 1 : grain);
      volume += here;
    }
  }
  return sum / volume;
}

/** Extent of curdling, over a column's depth, from which its ring is drawn as curdled. */
const CURDLED_RING_FROM = 0.4;

/** A filling seen from above as rings, each edge as a share of the radius at the surface. */
export interface Rings {
  /** Inside this it is still liquid. */
  readonly liquid: number;
  /** Inside this it still moves. */
  readonly moving: number;
  /** Outside this it has curdled; 1 when nothing has. */
  readonly curdledFrom: number;
}

/** The rings of a moment of a bake, by the means over the depth of each column. */
export function ringsOf(model: Model, moment: Moment): Rings {
  const rim = model.mesh.topFaceRadiusM[model.mesh.fillColumns]!;
  const setting = moment.extents[SETTING]!;
  const curdling = moment.extents[CURDLING];
  return {
    liquid: radiusUnder(model, setting, JELLY_FROM) / rim,
    moving: radiusUnder(model, setting, STILL_FROM) / rim,
    curdledFrom: curdling ? radiusUnder(model, curdling, CURDLED_RING_FROM) / rim : 1,
  };
}

import type { Model, Moment } from '../thermal';
import { CURDLING, SETTING } from './kinetics';

/** How the middle moves when the tray is nudged. */
export type Motion = 'liquid' | 'jelly' | 'barely' | 'still';

export interface Wobble {
  /** Width of the part that still moves; 0 when none does. */
  readonly diameterM: number;
  /** As a share of the filling's width at the surface. */
  readonly share: number;
  readonly motion: Motion;
}

/**
 * Extents between which a filling changes its face, drawn from above by the mean of a column and in a cut by the cell:
 * from `thickens` it is no longer liquid, from `holds`, warm as it is, it no longer moves by itself, and from `curdled`
 * of its own reaction it is drawn as curdled. Calibrated; docs/model.md.
 */
export const EDGES = { thickens: 0.08, holds: 0.86, curdled: 0.4 } as const;

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

/**
 * Radius of the part whose column mean lies under `threshold`, counted from the axis, as a share of the filling's;
 * straight between the middles of its columns.
 */
function shareUnder({ mesh }: Model, means: readonly number[], threshold: number): number {
  if (means[0]! >= threshold) return 0;
  const first = means.findIndex((mean) => mean >= threshold);
  if (first < 0) return 1;
  const { topFaceRadiusM, fillColumns } = mesh;
  const middle = (column: number) => (topFaceRadiusM[column]! + topFaceRadiusM[column + 1]!) / 2;
  const [low, high] = [means[first - 1]!, means[first]!];
  const weight = (threshold - low) / (high - low);
  const radius = middle(first - 1) + weight * (middle(first) - middle(first - 1));
  return radius / topFaceRadiusM[fillColumns]!;
}

/** A filling seen from above as rings, each edge as a share of the radius at the surface. */
export interface Rings {
  /** Inside this it is still liquid. */
  readonly liquid: number;
  /** Inside this it still moves. */
  readonly moving: number;
  /** Outside this it has curdled; 1 when nothing has. */
  readonly curdledFrom: number;
}

/**
 * What a cook sees from above in a moment of a bake: how wide the middle still moves and how, and its rings, all by
 * the means over the depth of each column. A just-set jelly still quivers, so
 * a column moves for a little while after a knife has begun to come out of it clean.
 */
export function seenFromAbove(
  model: Model,
  moment: Moment,
): { readonly wobble: Wobble; readonly rings: Rings } {
  const means = columnMeans(model, moment.extents[SETTING]!);
  const curdling = moment.extents[CURDLING];
  const centre = means[0]!;
  const moving = shareUnder(model, means, EDGES.holds);
  const motion: Motion =
    centre < EDGES.thickens
      ? 'liquid'
      : centre < EDGES.holds
        ? 'jelly'
        : centre < QUIET_FROM
          ? 'barely'
          : 'still';
  return {
    wobble: {
      diameterM: 2 * moving * model.mesh.topFaceRadiusM[model.mesh.fillColumns]!,
      share: moving,
      motion,
    },
    rings: {
      liquid: shareUnder(model, means, EDGES.thickens),
      moving,
      curdledFrom: curdling ? shareUnder(model, columnMeans(model, curdling), EDGES.curdled) : 1,
    },
  };
}

/** The wobble alone of {@link seenFromAbove}. */
export const wobbleOf = (model: Model, moment: Moment): Wobble =>
  seenFromAbove(model, moment).wobble;

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

import { outlineOf, type Outline, type Vessel } from './vessel';

/** The inside of a vessel as a solid that widens evenly from base to top, mm. */
export interface Inside {
  readonly outline: Outline;
  readonly baseLengthMm: number;
  readonly topLengthMm: number;
  readonly baseBreadthMm: number;
  readonly topBreadthMm: number;
  readonly heightMm: number;
  /** Diameter of what stands in the middle; 0 for nothing. */
  readonly tubeMm: number;
  readonly fluted: boolean;
}

const CUBIC_MM_PER_ML = 1000;

/** Flutes make a wall longer and take a little off what a tin holds. From memory: measured on one tin. */
const FLUTES = { wall: 1.15, volume: 0.97 } as const;

/** Height to width of a dish of which only the capacity is known. Common practice: a pot is about half as high as wide. */
const GUESSED_HEIGHT = 0.5;

/** Diameter of a straight round dish of that capacity and {@link GUESSED_HEIGHT}, mm. */
const guessedDiameterMm = (capacityMl: number): number =>
  Math.cbrt((4 * capacityMl * CUBIC_MM_PER_ML) / (Math.PI * GUESSED_HEIGHT));

/** The inside of a vessel. One known only by its capacity is taken for a straight round pot. */
export function insideOf(vessel: Vessel): Inside {
  const outline = outlineOf(vessel.kind);
  if (vessel.kind === 'capacity') {
    const wide = guessedDiameterMm(vessel.capacityMl ?? 0);
    return {
      outline,
      baseLengthMm: wide,
      topLengthMm: wide,
      baseBreadthMm: wide,
      topBreadthMm: wide,
      heightMm: wide * GUESSED_HEIGHT,
      tubeMm: 0,
      fluted: false,
    };
  }
  const { baseDiameterMm, topDiameterMm, heightMm } = vessel;
  const across =
    vessel.kind === 'rectangle' || vessel.kind === 'oval'
      ? (vessel.breadthMm ?? topDiameterMm)
      : topDiameterMm;
  return {
    outline,
    baseLengthMm: baseDiameterMm,
    topLengthMm: topDiameterMm,
    baseBreadthMm: across - (topDiameterMm - baseDiameterMm),
    topBreadthMm: across,
    heightMm,
    tubeMm: vessel.kind === 'tube' ? (vessel.tubeMm ?? 0) : 0,
    fluted: vessel.kind === 'fluted-tin',
  };
}

const at = (base: number, top: number, share: number): number => base + (top - base) * share;

/** Length and breadth at a height above the base, 0 to the height; mm. */
export function sizeAtMm(of: Inside, heightMm: number): readonly [length: number, breadth: number] {
  const share = heightMm / of.heightMm;
  return [at(of.baseLengthMm, of.topLengthMm, share), at(of.baseBreadthMm, of.topBreadthMm, share)];
}

/** Area of a level cut at a height, mm², without what stands in the middle. */
export function areaAtMm2(of: Inside, heightMm: number): number {
  const [length, breadth] = sizeAtMm(of, heightMm);
  const share = of.outline === 'rectangle' ? 1 : Math.PI / 4;
  const tube = (Math.PI / 4) * of.tubeMm * of.tubeMm;
  return (of.fluted ? FLUTES.volume : 1) * share * length * breadth - tube;
}

/**
 * Length of the outer wall at a height, mm. Source for an ellipse: Ramanujan's first approximation,
 * exact for a circle.
 */
export function perimeterAtMm(of: Inside, heightMm: number): number {
  const [length, breadth] = sizeAtMm(of, heightMm);
  if (of.outline === 'rectangle') return 2 * (length + breadth);
  const [a, b] = [length / 2, breadth / 2];
  return Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
}

/** Length of the wall measured along its slope, mm. */
export const slantMm = (of: Inside): number =>
  Math.hypot(of.heightMm, (of.topLengthMm - of.baseLengthMm) / 2);

/**
 * Volume in mL up to `depthMm` (0 to the height; throws outside). Simpson's rule over three level
 * cuts, which is exact for these solids.
 */
export function volumeMl(of: Inside, depthMm = of.heightMm): number {
  if (!(depthMm >= 0 && depthMm <= of.heightMm * (1 + 1e-9))) {
    throw new RangeError(`depth ${depthMm} mm lies outside a height of ${of.heightMm} mm`);
  }
  const cuts = areaAtMm2(of, 0) + 4 * areaAtMm2(of, depthMm / 2) + areaAtMm2(of, depthMm);
  return (cuts * depthMm) / 6 / CUBIC_MM_PER_ML;
}

/**
 * Depth in mm that `millilitres` reaches, or `undefined` when the vessel cannot hold so much.
 * By bisection on {@link volumeMl}, to a millionth of the height.
 */
export function depthOfMm(of: Inside, millilitres: number): number | undefined {
  if (millilitres > volumeMl(of)) return undefined;
  let low = 0;
  let high = of.heightMm;
  for (let halving = 0; halving < 40; halving += 1) {
    const middle = (low + high) / 2;
    if (volumeMl(of, middle) < millilitres) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Area of the wall, mm², what stands in the middle included: mean length of the wall by its slant. */
export const wallAreaMm2 = (of: Inside): number =>
  ((perimeterAtMm(of, 0) + perimeterAtMm(of, of.heightMm)) / 2) *
    slantMm(of) *
    (of.fluted ? FLUTES.wall : 1) +
  Math.PI * of.tubeMm * of.heightMm;

/** A round solid by its radii and height, mm: what the heat is computed in. */
export interface Round {
  readonly baseRadiusMm: number;
  readonly topRadiusMm: number;
  readonly heightMm: number;
}

/** Whether the heat in a vessel is that of a round one, and not merely like it. */
export const isTrulyRound = (of: Inside): boolean => of.outline === 'round' && of.tubeMm === 0;

/**
 * The round solid that heats most like this one from `fromMm` above its base up to `depthMm`: as deep,
 * with as much wall for its area (radius 2 × area / wall; a square's is half its side). Exact for a round
 * vessel; else an approximation that is poorer the longer or deeper the vessel is.
 */
export function roundLike(of: Inside, depthMm: number, fromMm = 0): Round {
  const radius = (heightMm: number) =>
    isTrulyRound(of)
      ? sizeAtMm(of, heightMm)[0] / 2
      : (2 * areaAtMm2(of, heightMm)) / (perimeterAtMm(of, heightMm) + Math.PI * of.tubeMm);
  return {
    baseRadiusMm: radius(fromMm),
    topRadiusMm: radius(depthMm),
    heightMm: depthMm - fromMm,
  };
}

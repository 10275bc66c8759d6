/** A cone cut off below and above, by its radii and height in mm. */
export interface Frustum {
  readonly baseRadiusMm: number;
  readonly topRadiusMm: number;
  readonly heightMm: number;
}

const CUBIC_MM_PER_ML = 1000;

/** Radius in mm at a height above the base, 0 to the frustum's height. */
export const radiusAtMm = (of: Frustum, heightMm: number): number =>
  of.baseRadiusMm + ((of.topRadiusMm - of.baseRadiusMm) * heightMm) / of.heightMm;

/** Length of the wall measured along its slope, mm. */
export const slantMm = (of: Frustum): number =>
  Math.hypot(of.heightMm, of.topRadiusMm - of.baseRadiusMm);

/**
 * Volume in mL up to `depthMm` (0 to the height; throws outside).
 * Source: π h (a² + ab + b²) / 3, the volume of a conical frustum.
 */
export function volumeMl(of: Frustum, depthMm = of.heightMm): number {
  if (!(depthMm >= 0 && depthMm <= of.heightMm * (1 + 1e-9))) {
    throw new RangeError(`depth ${depthMm} mm lies outside a height of ${of.heightMm} mm`);
  }
  const a = of.baseRadiusMm;
  const b = radiusAtMm(of, depthMm);
  return (Math.PI * depthMm * (a * a + a * b + b * b)) / 3 / CUBIC_MM_PER_ML;
}

/**
 * Depth in mm that `millilitres` reaches, or `undefined` when the frustum cannot hold so much.
 * By bisection on {@link volumeMl}, to a millionth of the height.
 */
export function depthOfMm(of: Frustum, millilitres: number): number | undefined {
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

/** Area of the sloping wall, mm². Source: π (a + b) s. */
export const wallAreaMm2 = (of: Frustum): number =>
  Math.PI * (of.baseRadiusMm + of.topRadiusMm) * slantMm(of);

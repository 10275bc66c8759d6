import { saturationPressurePa } from '../properties';

/**
 * Boiling point of a sucrose syrup at sea level by its sugar, mass share to °C.
 * Source: McGee, On Food and Cooking (2004), table of sugar concentration and boiling point, from
 * memory; plain water at 100 °C.
 */
export const SYRUP_BOILS: readonly (readonly [share: number, celsius: number])[] = [
  [0, 100],
  [0.4, 101],
  [0.5, 102],
  [0.6, 103],
  [0.7, 106],
  [0.8, 112],
  [0.9, 123],
  [0.95, 140],
  [0.97, 151],
  [0.982, 160],
  [0.995, 166],
  [0.996, 171],
];

/** Straight lines between the points of a rising table; clamped at its ends. */
function between(
  table: readonly (readonly [number, number])[],
  value: number,
  from: 0 | 1,
  to: 0 | 1,
): number {
  const after = table.findIndex((point) => point[from] >= value);
  if (after === 0) return table[0]![to];
  if (after < 0) return table[table.length - 1]![to];
  const [a, b] = [table[after - 1]!, table[after]!];
  return a[to] + ((value - a[from]) / (b[from] - a[from])) * (b[to] - a[to]);
}

/**
 * Boiling point of a sucrose syrup, °C at sea level. `share` of sugar by mass, 0 to 0.996, clamped.
 * Straight lines between the points of {@link SYRUP_BOILS}.
 */
export const syrupBoilsAtC = (share: number): number => between(SYRUP_BOILS, share, 0, 1);

/** Share of sugar, by mass, of a syrup that boils at `celsius` at sea level; 100 to 171 °C, clamped. */
export const syrupShareAtC = (celsius: number): number => between(SYRUP_BOILS, celsius, 1, 0);

/**
 * How active the water of a sucrose solution is, 0 to 1. `share` of sugar by mass, 0 to about 0.75
 * (too low beyond). Source: Norrish (1966), constant 6.47 for sucrose, from memory.
 */
export function waterActivityOfSyrup(share: number): number {
  const sugarMol = share / 342.3;
  const waterMol = (1 - share) / 18.015;
  const sugar = sugarMol / (sugarMol + waterMol);
  return (1 - sugar) * Math.exp(-6.47 * sugar * sugar);
}

/** Vapour pressure over a syrup, Pa; `share` as in {@link waterActivityOfSyrup}. */
export const syrupVapourPa = (share: number, celsius: number): number =>
  waterActivityOfSyrup(share) * saturationPressurePa(celsius);

/**
 * Grams of water that must boil off so that `sugarG` in `waterG` reach a boiling point; 0 when the
 * syrup is already past it. Grams not negative.
 */
export function waterToBoilOffG(sugarG: number, waterG: number, celsius: number): number {
  const share = syrupShareAtC(celsius);
  if (!(share > 0)) return 0;
  return Math.max(0, waterG - (sugarG * (1 - share)) / share);
}

/**
 * Millilitres in one of each unit of volume. `cup`, `tbsp` and `tsp` are the US customary ones;
 * other countries' cups are units of their own.
 * Source: NIST SP 811, appendix B.8 (US gallon 3.785 411 784 L and its parts); the metric cup of
 * 250 mL and the Australian spoon of 20 mL are common practice.
 */
export const MILLILITRES_PER = {
  ml: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  tsp: 4.92892159375,
  tbsp: 14.78676478125,
  'fl oz': 29.5735295625,
  cup: 236.5882365,
  quart: 946.352946,
  'metric cup': 250,
  'Australian tbsp': 20,
} as const;

export type VolumeUnit = keyof typeof MILLILITRES_PER;

/** Volume in mL of `amount` of a unit; any real number. Source: {@link MILLILITRES_PER}. */
export const toMillilitres = (amount: number, unit: VolumeUnit): number =>
  amount * MILLILITRES_PER[unit];

/** Amount of a unit in `millilitres`; any real number. Source: {@link MILLILITRES_PER}. */
export const fromMillilitres = (millilitres: number, unit: VolumeUnit): number =>
  millilitres / MILLILITRES_PER[unit];

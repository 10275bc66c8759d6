/**
 * Grams in one of each unit of mass.
 * Source: NIST SP 811, appendix B.8 (avoirdupois ounce 28.349 52 g, pound 453.592 37 g).
 */
export const GRAMS_PER = { g: 1, kg: 1000, mg: 0.001, oz: 28.349523125, lb: 453.59237 } as const;

export type MassUnit = keyof typeof GRAMS_PER;

/** Mass in grams of `amount` of a unit; any real number. Source: {@link GRAMS_PER}. */
export const toGrams = (amount: number, unit: MassUnit): number => amount * GRAMS_PER[unit];

/** Amount of a unit in `grams`; any real number. Source: {@link GRAMS_PER}. */
export const fromGrams = (grams: number, unit: MassUnit): number => grams / GRAMS_PER[unit];

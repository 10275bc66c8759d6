/** Millimetres in one of each unit of length. Source: NIST SP 811, appendix B.8 (inch 25.4 mm). */
export const MILLIMETRES_PER = { mm: 1, cm: 10, in: 25.4 } as const;

export type LengthUnit = keyof typeof MILLIMETRES_PER;

/** Length in mm of `amount` of a unit; any real number. Source: {@link MILLIMETRES_PER}. */
export const toMillimetres = (amount: number, unit: LengthUnit): number =>
  amount * MILLIMETRES_PER[unit];

/** Amount of a unit in `millimetres`; any real number. Source: {@link MILLIMETRES_PER}. */
export const fromMillimetres = (millimetres: number, unit: LengthUnit): number =>
  millimetres / MILLIMETRES_PER[unit];

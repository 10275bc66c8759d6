/** A quantity, named after its unit. Whoever says it chooses the cook's own unit, and how many digits. */
export type Quantity =
  | { readonly celsius: number }
  /** A difference between temperatures. */
  | { readonly kelvin: number }
  /** A time, said in minutes, or in hours where it is long. */
  | { readonly seconds: number }
  /** What an oven is set to, °C: said in degrees, or as a gas mark. */
  | { readonly ovenC: number }
  /** A weight; with `gramsPerMl` that of something a cook may measure with cups and spoons. */
  | { readonly grams: number; readonly gramsPerMl?: number }
  /** A small length, as a depth or a thickness, said in mm. */
  | { readonly millimetres: number }
  /** A large length in mm, as the width of a tin, said in cm. */
  | { readonly widthMm: number }
  /** An area in mm², said in cm². */
  | { readonly areaMm2: number }
  | { readonly millilitres: number }
  /** A share of one, said as a percentage; with so many digits after the point, or as many as are usual. */
  | { readonly share: number; readonly digits?: number }
  /** A ratio, with two digits. */
  | { readonly ratio: number };

/** What belongs to a finding: a figure, a name, a quantity, something else that was found, or several of them. */
export type Value = string | number | Quantity | Finding | readonly (string | Finding)[];

/**
 * What was found, as a stable code with what belongs to it. It holds no sentence: the room of words has one for every
 * code, in each language, and puts the quantities into the cook's own units.
 */
export interface Finding {
  readonly code: string;
  readonly values?: Readonly<Record<string, Value>>;
}

export const finding = (code: string, values?: Finding['values']): Finding =>
  values === undefined ? { code } : { code, values };

/** What went wrong in something a cook can mend. */
export interface Problem extends Finding {
  /** Where it is, as a dotted path into the input (`lines.2.amount`), when it has a place. */
  readonly path?: string;
}

/** A value, or the problem that kept it from being worked out. */
export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

export const succeed = <T>(value: T): Result<T> => ({ ok: true, value });

export const fail = (code: string, path?: string, values?: Finding['values']): Result<never> => ({
  ok: false,
  problem: { ...finding(code, values), ...(path === undefined ? {} : { path }) },
});

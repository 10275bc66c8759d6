import { Matrix, solve } from 'ml-matrix';
import { BAKE_INPUTS, type BakeShift, type BakeUnsure } from './inputs';

/**
 * What a few runs have in common, as a surface of the second degree over their inputs: good for as many draws as are
 * wanted, at once. Source: response surfaces, Box and Wilson, J. Royal Stat. Soc. B 13 (1951) 1.
 */
export interface Response {
  readonly at: (deviates: readonly number[]) => number;
  /** What the surface leaves of the runs, root mean square. */
  readonly residual: number;
}

/** A shift in standard uncertainties, in the order of {@link BAKE_INPUTS}. */
export const deviatesOf = (shift: BakeShift, unsure: BakeUnsure): number[] =>
  BAKE_INPUTS.map((input) => shift[input] / unsure[input]);

/** So many of the inputs bend the surface; the others only tilt it. */
const BENDING = 4;

/** 1, each deviate, and each product of two of those that bend it. */
function terms(deviates: readonly number[]): number[] {
  const bending = deviates.slice(0, BENDING);
  const products = bending.flatMap((a, index) => bending.slice(index).map((b) => a * b));
  return [1, ...deviates, ...products];
}

/** How many runs a surface wants at the least: twice its terms. */
export const LEAST_RUNS = 34;

/** The surface nearest to `values` at `deviates`, by least squares. At least {@link LEAST_RUNS} of them. */
export function responseOf(
  deviates: readonly (readonly number[])[],
  values: readonly number[],
): Response {
  if (deviates.length < LEAST_RUNS) throw new RangeError('too few runs for a surface');
  const rows = new Matrix(deviates.map(terms));
  const factors = solve(rows, Matrix.columnVector([...values]), true).to1DArray();
  const at = (of: readonly number[]): number =>
    terms(of).reduce((sum, term, index) => sum + term * factors[index]!, 0);
  const square = values.reduce((sum, value, run) => sum + (value - at(deviates[run]!)) ** 2, 0);
  return { at, residual: Math.sqrt(square / values.length) };
}

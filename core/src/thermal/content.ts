import { freezingCapacityJm3K, frozenOutJm3 } from '../properties';
import type { Balance } from './balance';

/** Heat content of a cell at `celsius`, J above 0 °C unfrozen. */
export function contentOf(of: Balance, cell: number, celsius: number): number {
  const unfrozenJ =
    celsius * (of.c[0][cell]! + celsius * (of.c[1][cell]! / 2 + (celsius * of.c[2][cell]!) / 3));
  if (!(celsius < of.freezesC[cell]!)) return unfrozenJ;
  return unfrozenJ - of.model.mesh.volumeM3[cell]! * frozenOutJm3(of.freezing[cell]!, celsius);
}

/** Heat capacity of a cell at `celsius`, J/K; that of ice forming among it. */
export function capacityOf(of: Balance, cell: number, celsius: number): number {
  const unfrozenJK = of.c[0][cell]! + celsius * (of.c[1][cell]! + celsius * of.c[2][cell]!);
  if (!(celsius < of.freezesC[cell]!)) return unfrozenJK;
  return (
    unfrozenJK + of.model.mesh.volumeM3[cell]! * freezingCapacityJm3K(of.freezing[cell]!, celsius)
  );
}

/** Under which a frozen cell's temperature is not looked for, °C. */
const COLDEST_C = -80;

/**
 * Temperature of a cell from its heat content, by Newton's method from a near guess, °C. Heat capacities change so
 * little that what is left after a correction is its square by a thousandth: one under 1e-4 leaves nothing. Below its
 * freezing point the content is convex, so that the method comes down on it from there without fail.
 */
export function temperatureFrom(
  of: Balance,
  cell: number,
  contentJ: number,
  guessC: number,
): number {
  const freezes = contentJ < of.freezesJ[cell]!;
  const freezesC = of.freezesC[cell]!;
  // A hair under it: at the point itself nothing has frozen.
  let celsius = freezes ? Math.min(guessC, freezesC - 1e-9) : Math.max(guessC, freezesC);
  const rounds = freezes ? 40 : 8;
  for (let round = 0; round < rounds; round += 1) {
    const change = (contentOf(of, cell, celsius) - contentJ) / capacityOf(of, cell, celsius);
    celsius -= change;
    if (freezes) celsius = Math.max(COLDEST_C, Math.min(celsius, freezesC - 1e-9));
    if (change < 1e-4 && change > -1e-4) break;
  }
  return celsius;
}

import type { Reaction } from './case';

/** Rate of a reaction at `celsius`, 1/s. */
export const rateAt = (of: Reaction, celsius: number): number =>
  of.ratePerS * Math.exp((Math.LN10 * (celsius - of.referenceC)) / of.zK);

/**
 * ∫ k dt over `seconds` in which the temperature goes in a straight line, so that k goes from `from`
 * to `to` (1/s) exponentially: their logarithmic mean. Exact.
 */
export function exposureFrom(from: number, to: number, seconds: number): number {
  const ratio = to / from;
  if (Math.abs(ratio - 1) < 1e-4) return ((from + to) / 2) * seconds;
  return (seconds * (to - from)) / Math.log(ratio);
}

/** What a reaction reaches in the end at `celsius`, 0 to 1. */
export const finalAt = ({ final }: Reaction, celsius: number): number =>
  final ? 1 / (1 + Math.exp((final.halfC - celsius) / final.widthK)) : 1;

/** Of the hotter end of a step, how much it counts in what can be reached over it: that is where the rate is. */
const HOTTER_COUNTS = 0.7;

/** What a reaction can reach over a step that went from one temperature to another, 0 to 1. */
export function finalOver(reaction: Reaction, fromC: number, toC: number): number {
  if (!reaction.final) return 1;
  const [cooler, hotter] = fromC < toC ? [fromC, toC] : [toC, fromC];
  return finalAt(reaction, cooler + HOTTER_COUNTS * (hotter - cooler));
}

/**
 * Extent after an exposure, from an extent of 0 to 1, towards what is reached in the end. What has happened is not
 * undone: it stands still where the end is behind it.
 */
export const advanceExtent = (extent: number, exposed: number, final = 1): number =>
  extent >= final ? extent : final - (final - extent) * Math.exp(-exposed);

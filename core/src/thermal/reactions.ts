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

/** Extent after an exposure, from an extent of 0 to 1. */
export const advanceExtent = (extent: number, exposed: number): number =>
  1 - (1 - extent) * Math.exp(-exposed);

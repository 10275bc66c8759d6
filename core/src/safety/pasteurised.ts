/**
 * Published time and temperature that pasteurise egg, one line each.
 * Source: US 9 CFR 590.570 (table I), from memory: whole egg 60 °C (140 °F) 3.5 min; sugared yolk
 * 63.3 °C (146 °F) 3.5 min or 62.2 °C (144 °F) 6.2 min. A sweet custard is held to the sugared yolk.
 */
export const PASTEURISED = {
  celsius: 63.3,
  seconds: 210,
  /** From the two lines of sugared yolk: (63.3 - 62.2) / log10(6.2 / 3.5). */
  zK: (63.3 - 62.2) / Math.log10(6.2 / 3.5),
} as const;

/** Hotter than this the published line is not extended any further, °C: it was measured on liquid egg. */
const COUNTED_TO_C = 70;

/** Colder than this nothing is counted, °C: an hour there comes to a fiftieth of a second of the hold. */
const COUNTED_FROM_C = 40;

/**
 * How many times the published hold a history at one place comes to: ∫ 10^((T - 63.3) / z) dt over
 * 3.5 min. `history` in s and °C, ascending; straight lines between its points are cut into steps of
 * at most 10 s.
 */
export function pasteurisedTimes(
  history: readonly (readonly [timeS: number, celsius: number])[],
): number {
  let seconds = 0;
  for (let index = 1; index < history.length; index += 1) {
    const [[fromS, fromC], [toS, toC]] = [history[index - 1]!, history[index]!];
    if (fromC < COUNTED_FROM_C && toC < COUNTED_FROM_C) continue;
    const parts = Math.max(1, Math.ceil((toS - fromS) / 10));
    for (let part = 0; part < parts; part += 1) {
      const celsius = fromC + ((toC - fromC) * (part + 0.5)) / parts;
      const counted = Math.min(COUNTED_TO_C, celsius);
      seconds += ((toS - fromS) / parts) * 10 ** ((counted - PASTEURISED.celsius) / PASTEURISED.zK);
    }
  }
  return seconds / PASTEURISED.seconds;
}

/** What the forecast says of safety: a caution, never a certificate. */
export interface Safety {
  /** Hottest that the coldest spot gets, °C. */
  readonly coldestPeakC: number;
  /** Times the published hold for sugared yolk, at the coldest spot. */
  readonly timesPublished: number;
}

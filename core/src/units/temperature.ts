import { fail, succeed, type Result } from '../result';

/** Zero Celsius in kelvin. Source: SI Brochure (BIPM, 9th ed.), 2.3.1. */
export const ZERO_CELSIUS_K = 273.15;

/** °F for a temperature in °C; any real number. Source: NIST SP 811, appendix B.8. */
export const celsiusToFahrenheit = (celsius: number): number => celsius * 1.8 + 32;

/** °C for a temperature in °F; any real number. Source: NIST SP 811, appendix B.8. */
export const fahrenheitToCelsius = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;

/** A difference of temperature in °F for one in °C (no offset). Source: NIST SP 811, appendix B.8. */
export const celsiusSpanToFahrenheit = (span: number): number => span * 1.8;

/** The marks printed on British gas ovens; ¼ and ½ lie below 1. */
export const GAS_MARKS = [0.25, 0.5, 1, 2, 3, 4, 5, 6, 7, 8, 9] as const;

/**
 * Oven temperature in °C for a British gas mark.
 *
 * Mark 1 is 275 °F and each mark adds 25 °F; ¼ and ½ are 225 and 250 °F. Range ¼ to 9.
 * Fails on any other mark. Source: common practice (printed tables differ by up to 5 °C).
 */
export function gasMarkToCelsius(mark: number): Result<number> {
  if (!GAS_MARKS.some((known) => known === mark)) {
    return fail('temperature.gas-mark');
  }
  const fahrenheit = mark === 0.25 ? 225 : mark === 0.5 ? 250 : 250 + 25 * mark;
  return succeed(fahrenheitToCelsius(fahrenheit));
}

/** The gas mark whose temperature lies nearest to `celsius`. Source: as {@link gasMarkToCelsius}. */
export function nearestGasMark(celsius: number): number {
  let best: number = GAS_MARKS[0];
  let bestGap = Infinity;
  for (const mark of GAS_MARKS) {
    const at = gasMarkToCelsius(mark);
    const gap = at.ok ? Math.abs(at.value - celsius) : Infinity;
    if (gap < bestGap) {
      best = mark;
      bestGap = gap;
    }
  }
  return best;
}

/** How far an oven may be from a gas mark and still be set to it, K: printed tables differ by as much. Source: common practice. */
export const GAS_MARK_WITHIN_K = 5;

/** The gas mark that means `celsius`; `undefined` between two marks, and beyond them. Source: as {@link gasMarkToCelsius}. */
export function gasMarkOf(celsius: number): number | undefined {
  const mark = nearestGasMark(celsius);
  const at = gasMarkToCelsius(mark);
  return at.ok && Math.abs(at.value - celsius) <= GAS_MARK_WITHIN_K ? mark : undefined;
}

/**
 * How much hotter a fan oven acts than a still one set alike, in K.
 * Source: from memory (common practice: 15 to 25). Used for the conversion a cook asks for on a
 * card; the forecast does not use it, it computes the two ovens from their heat transfer.
 */
export const FAN_ACTS_HOTTER_K = 20;

/** The still-oven setting that acts like a fan oven set to `fanC` (°C). See {@link FAN_ACTS_HOTTER_K}. */
export const fanToStillC = (fanC: number): number => fanC + FAN_ACTS_HOTTER_K;

/** What a dial is turned by, in degrees of its own. Common practice: ovens are set in fives. */
const DIAL_STEP = 5;

/** What the dial of an oven is marked in. */
export type DialMarks = 'C' | 'F' | 'gas';

/** The setting nearest to `celsius`, °C, that a dial has in its own degrees or marks. */
export function onDialC(celsius: number, degrees: DialMarks): number {
  const step = (value: number) => Math.round(value / DIAL_STEP) * DIAL_STEP;
  if (degrees === 'C') return step(celsius);
  if (degrees === 'F') return fahrenheitToCelsius(step(celsiusToFahrenheit(celsius)));
  const mark = gasMarkToCelsius(nearestGasMark(celsius));
  return mark.ok ? mark.value : celsius;
}

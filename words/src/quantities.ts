import {
  celsiusSpanToFahrenheit,
  celsiusToFahrenheit,
  fromGrams,
  fromMillilitres,
  fromMillimetres,
  GAS_MARKS,
  gasMarkOf,
  gasMarkToCelsius,
  nearestGasMark,
  type Quantity,
} from '@hollow-moon/core';
import { say } from './say';

/**
 * The units a cook may read and type in. With `gas` an oven is set by its mark, and all else is in °C; with `cups` what can
 * be measured is, and what cannot is in ounces.
 */
export const UNIT_CHOICES = {
  degrees: ['C', 'F', 'gas'],
  lengths: ['cm', 'in'],
  weights: ['g', 'oz', 'cups'],
} as const;

/** The units a cook reads and types in. */
export type Units = { readonly [K in keyof typeof UNIT_CHOICES]: (typeof UNIT_CHOICES)[K][number] };
export type Degrees = Units['degrees'];

/** The units everything is kept in. */
export const METRIC: Units = { degrees: 'C', lengths: 'cm', weights: 'g' };

/** The unit in which a cook types what is kept in another of its kind. */
export function unitFor(unit: string, { degrees, lengths, weights }: Units): string {
  if (unit === '°C') return degrees === 'F' ? '°F' : unit;
  if (unit === 'cm' || unit === 'mm') return lengths === 'in' ? 'in' : unit;
  if (unit === 'g') return weights === 'g' ? unit : 'oz';
  return unit === 'ml' && weights === 'cups' ? 'cup' : unit;
}

/** A figure and its unit, which never part at the end of a line. */
export const withUnit = (figure: string | number, unit: string): string => `${figure}\u00a0${unit}`;

/** Whole minutes of a time in seconds. */
export const minutes = (seconds: number): string => String(Math.round(seconds / 60));

/** A time as a cook says it: minutes under two hours, hours and minutes above. */
export function duration(seconds: number): string {
  const whole = Math.round(seconds / 60);
  if (whole < 120) return withUnit(whole, 'min');
  const rest = Math.round((whole % 60) / 5) * 5;
  const hours = Math.floor(whole / 60) + (rest === 60 ? 1 : 0);
  return rest === 0 || rest === 60
    ? withUnit(hours, 'h')
    : `${withUnit(hours, 'h')} ${withUnit(String(rest).padStart(2, '0'), 'min')}`;
}

/** A running clock: minutes and seconds, hours when there are any. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds));
  const [hours, rest] = [Math.floor(whole / 3600), whole % 3600];
  const two = (value: number) => String(value).padStart(2, '0');
  const tail = `${two(Math.floor(rest / 60))}:${two(rest % 60)}`;
  return hours > 0 ? `${hours}:${tail}` : tail;
}

/** Centimetres of a length in mm, to the half. */
export const centimetres = (millimetres: number): string => String(Math.round(millimetres / 5) / 2);

/** Grams as a cook weighs them: to the gram, above a kilo to five, tenths below ten. */
export function grams(value: number): string {
  if (value >= 1000) return String(Math.round(value / 5) * 5);
  return value < 10 ? String(Math.round(value * 10) / 10) : String(Math.round(value));
}

/** A share as a percentage, with a decimal below ten. */
export function percent(share: number): string {
  const value = share * 100;
  return value < 10 ? value.toFixed(1) : String(Math.round(value));
}

/** Temperatures in the cook's degrees. */
export interface TemperatureFormat {
  readonly unit: '°C' | '°F';
  /** Whole degrees, without the unit. */
  readonly degrees: (celsius: number) => string;
  /** A difference, without the unit. */
  readonly span: (kelvin: number) => string;
}

export const temperatureFormat = (degrees: Degrees): TemperatureFormat =>
  degrees === 'F'
    ? {
        unit: '°F',
        degrees: (celsius) => String(Math.round(celsiusToFahrenheit(celsius))),
        span: (kelvin) => String(Math.round(celsiusSpanToFahrenheit(kelvin))),
      }
    : {
        unit: '°C',
        degrees: (celsius) => String(Math.round(celsius)),
        span: (kelvin) => String(Math.round(kelvin)),
      };

const trimmed = (value: number, digits: number): string => String(Number(value.toFixed(digits)));

/** A number as a whole and a fraction of so many parts, in its lowest terms: "9 1/2". */
function inParts(value: number, parts: number): string {
  const all = Math.round(value * parts);
  const whole = Math.floor(all / parts);
  let [over, under] = [all - whole * parts, parts];
  if (over === 0) return String(whole);
  while (over % 2 === 0) [over, under] = [over / 2, under / 2];
  return whole === 0 ? `${over}/${under}` : `${whole}\u00a0${over}/${under}`;
}

/** Inches as a rule is marked: to the sixteenth below three, to the eighth above. */
function inches(millimetres: number): string {
  const value = fromMillimetres(Math.abs(millimetres), 'in');
  const shown = inParts(value, value < 3 ? 16 : 8);
  const sign = millimetres < 0 && shown !== '0' ? '-' : '';
  return sign + shown;
}

/** What is measured with a rule, a scale or a jug. */
export type Measurable = Exclude<
  Quantity,
  | { celsius: number }
  | { kelvin: number }
  | { ovenC: number }
  | { seconds: number }
  | { share: number }
  | { ratio: number }
>;

/** A figure and its unit, apart. */
export interface Measured {
  readonly value: string;
  readonly unit: string;
}

/** A weight in ounces, as a scale shows them, and pounds. */
function ounces(grams: number): Measured {
  const value = fromGrams(grams, 'oz');
  if (value < 15.95) return { value: trimmed(value, value < 1 ? 2 : 1), unit: 'oz' };
  const halves = Math.round(value * 2) / 2;
  const [pounds, rest] = [Math.floor(halves / 16), halves % 16];
  return rest === 0
    ? { value: String(pounds), unit: 'lb' }
    : { value: `${withUnit(pounds, 'lb')} ${trimmed(rest, 1)}`, unit: 'oz' };
}

/** Parts of a cup that there are measures for. */
const CUP_PARTS = [
  [0, ''],
  [1 / 4, '1/4'],
  [1 / 3, '1/3'],
  [1 / 2, '1/2'],
  [2 / 3, '2/3'],
  [3 / 4, '3/4'],
] as const;
/** From so many cups on nobody counts them: quarts to the quarter are within 3 %. */
const CUPS_COUNTED = 16;
/** How far measures may be off before another spoon is worth it, as a share. Source: common practice. */
const MEASURED_WITHIN = 0.03;

/** Millilitres with the US measures that come nearest; `undefined` for less than an eighth of a teaspoon. */
function measures(millilitres: number): Measured | undefined {
  const spoons = fromMillilitres(millilitres, 'tbsp');
  if (spoons < 0.9) {
    const eighths = Math.round(fromMillilitres(millilitres, 'tsp') * 8);
    return eighths < 1 ? undefined : { value: inParts(eighths / 8, 8), unit: 'tsp' };
  }
  // From here on there is a quarter of a cup in it, as nearly as is measured.
  if (spoons * (1 + MEASURED_WITHIN) < 4) return { value: inParts(spoons, 2), unit: 'tbsp' };
  const cups = fromMillilitres(millilitres, 'cup');
  if (cups >= CUPS_COUNTED) {
    const quarters = Math.round(fromMillilitres(millilitres, 'quart') * 4) / 4;
    return { value: inParts(quarters, 4), unit: say('counted.quart', { count: 2 }) };
  }
  const near = (1 + MEASURED_WITHIN) * cups;
  const whole = Math.floor(near);
  const [part, text] = CUP_PARTS.findLast(([each]) => whole + each <= near)!;
  const figure = [whole > 0 ? String(whole) : '', text].filter(Boolean).join('\u00a0');
  const unit = say('counted.cup', { count: whole + part > 1 ? 2 : 1 });
  const over = Math.round((spoons - (whole + part) * 16) * 2) / 2;
  return over > 0 && over / spoons > MEASURED_WITHIN / 2
    ? { value: `${withUnit(figure, unit)} + ${inParts(over, 2)}`, unit: 'tbsp' }
    : { value: figure, unit };
}

/** Units that a cook fills by the fraction. */
const FILLED: ReadonlySet<string> = new Set(['cup', 'tbsp', 'tsp']);
/** As near as a fraction typed with three decimals comes to itself. */
const FRACTION_WITHIN = 0.005;

/** An amount as it is written on a list: cups and spoons in the fractions there are measures for, "1 1/2"; all else as a figure. */
export function amountInWords(amount: number, unit: string): string {
  if (!FILLED.has(unit)) return trimmed(amount, 3);
  const whole = Math.floor(amount + FRACTION_WITHIN);
  const part = CUP_PARTS.find(([each]) => Math.abs(amount - whole - each) < FRACTION_WITHIN);
  if (part)
    return [whole > 0 || part[0] === 0 ? String(whole) : '', part[1]]
      .filter(Boolean)
      .join('\u00a0');
  const eighths = Math.round(amount * 8) / 8;
  return Math.abs(amount - eighths) < FRACTION_WITHIN ? inParts(eighths, 8) : trimmed(amount, 3);
}

/** A mark of a gas oven: "gas 4", "gas 1/2". */
export const gasInWords = (mark: number): string => say('unit.gas', { mark: inParts(mark, 4) });

/** The mark an oven is set to, or the marks a temperature lies between. */
function gasMark(celsius: number, { degrees, unit }: TemperatureFormat): string {
  const mark = gasMarkOf(celsius);
  if (mark !== undefined) return gasInWords(mark);
  const shown = withUnit(degrees(celsius), unit);
  const near = nearestGasMark(celsius);
  const at = gasMarkToCelsius(near);
  if (!at.ok) throw new RangeError(`There is no gas mark ${near}.`);
  const index = GAS_MARKS.findIndex((each) => each === near);
  const other = GAS_MARKS[index + (celsius > at.value ? 1 : -1)];
  if (other === undefined) {
    return say(index === 0 ? 'unit.below-gas' : 'unit.above-gas', {
      shown,
      mark: inParts(near, 4),
    });
  }
  const [low, high] = near < other ? [near, other] : [other, near];
  return say('unit.between-gas', { shown, low: inParts(low, 4), high: inParts(high, 4) });
}

/** A weight in the cook's units. */
function weighed(of: Extract<Quantity, { grams: number }>, weights: Units['weights']): Measured {
  if (weights === 'g') return { value: grams(of.grams), unit: 'g' };
  const measured =
    weights === 'cups' && of.gramsPerMl ? measures(of.grams / of.gramsPerMl) : undefined;
  return measured ?? ounces(of.grams);
}

/** From so many on a volume is told in litres. */
const MILLILITRES_COUNTED = 5000;

/** A length, weight or volume as a figure and its unit, in the cook's units. */
export function measuredIn(of: Measurable, { lengths, weights }: Units): Measured {
  if ('grams' in of) return weighed(of, weights);
  if ('millilitres' in of) {
    const cups = weights === 'cups' ? measures(of.millilitres) : undefined;
    if (cups) return cups;
    return of.millilitres < MILLILITRES_COUNTED
      ? { value: grams(of.millilitres), unit: 'ml' }
      : { value: trimmed(of.millilitres / 1000, 1), unit: 'l' };
  }
  if ('areaMm2' in of) {
    return lengths === 'in'
      ? { value: String(Math.round(of.areaMm2 / 25.4 ** 2)), unit: say('unit.square-inches') }
      : { value: String(Math.round(of.areaMm2 / 100)), unit: 'cm²' };
  }
  const millimetres = 'widthMm' in of ? of.widthMm : of.millimetres;
  if (lengths === 'in') return { value: inches(millimetres), unit: 'in' };
  return 'widthMm' in of
    ? { value: centimetres(millimetres), unit: 'cm' }
    : { value: trimmed(millimetres, millimetres < 10 ? 1 : 0), unit: 'mm' };
}

/** A quantity with its unit, as a cook reads it. */
export function quantityIn(of: Quantity, units: Units): string {
  const format = temperatureFormat(units.degrees);
  if ('celsius' in of) return withUnit(format.degrees(of.celsius), format.unit);
  if ('kelvin' in of) return withUnit(format.span(of.kelvin), format.unit);
  if ('ovenC' in of) {
    return units.degrees === 'gas'
      ? gasMark(of.ovenC, format)
      : withUnit(format.degrees(of.ovenC), format.unit);
  }
  if ('seconds' in of) return duration(of.seconds);
  if ('share' in of) {
    const shown =
      of.digits === undefined ? trimmed(of.share * 100, 1) : (of.share * 100).toFixed(of.digits);
    return withUnit(shown, '%');
  }
  if ('ratio' in of) return of.ratio.toFixed(2);
  const { value, unit } = measuredIn(of, units);
  return withUnit(value, unit);
}

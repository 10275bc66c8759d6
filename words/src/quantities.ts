import { celsiusSpanToFahrenheit, celsiusToFahrenheit, type Quantity } from '@hollow-moon/core';

/** Degrees a cook reads. */
export type Degrees = 'C' | 'F';

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

/** Centimetres of a length in mm: to the half below ten, whole above. */
export function centimetres(millimetres: number): string {
  const cm = millimetres / 10;
  return cm < 10 ? String(Math.round(cm * 2) / 2) : String(Math.round(cm));
}

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
  degrees === 'C'
    ? {
        unit: '°C',
        degrees: (celsius) => String(Math.round(celsius)),
        span: (kelvin) => String(Math.round(kelvin)),
      }
    : {
        unit: '°F',
        degrees: (celsius) => String(Math.round(celsiusToFahrenheit(celsius))),
        span: (kelvin) => String(Math.round(celsiusSpanToFahrenheit(kelvin))),
      };

const trimmed = (value: number, digits: number): string => String(Number(value.toFixed(digits)));

/** A quantity with its unit, as a cook reads it. */
export function quantityIn(of: Quantity, { degrees, span, unit }: TemperatureFormat): string {
  if ('celsius' in of) return withUnit(degrees(of.celsius), unit);
  if ('kelvin' in of) return withUnit(span(of.kelvin), unit);
  if ('seconds' in of) return duration(of.seconds);
  if ('grams' in of) return withUnit(grams(of.grams), 'g');
  if ('millimetres' in of)
    return withUnit(trimmed(of.millimetres, of.millimetres < 10 ? 1 : 0), 'mm');
  if ('millilitres' in of) return withUnit(grams(of.millilitres), 'ml');
  if ('share' in of) {
    const shown =
      of.digits === undefined ? trimmed(of.share * 100, 1) : (of.share * 100).toFixed(of.digits);
    return withUnit(shown, '%');
  }
  return of.ratio.toFixed(2);
}

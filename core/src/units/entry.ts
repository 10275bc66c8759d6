import { fail, succeed, type Result } from '../result';
import { MILLIMETRES_PER } from './length';
import { GRAMS_PER } from './mass';
import { parseDecimal } from './number';
import {
  celsiusToFahrenheit,
  fahrenheitToCelsius,
  gasMarkToCelsius,
  celsiusSpanToFahrenheit,
} from './temperature';
import { MILLILITRES_PER } from './volume';

/** Units of one kind, each with how many of the kind's own unit it is. */
const SCALES: readonly Readonly<Record<string, number>>[] = [
  { ...MILLIMETRES_PER, m: 1000 },
  GRAMS_PER,
  MILLILITRES_PER,
  { s: 1, min: 60, h: 3600 },
];

/** What cooks type for a unit. */
const SPELLINGS: Readonly<Record<string, string>> = {
  ...{ '"': 'in', '″': 'in', '”': 'in', inch: 'in', inches: 'in', centimetres: 'cm' },
  ...{ gr: 'g', gram: 'g', grams: 'g', kilo: 'kg', ounce: 'oz', ounces: 'oz', lbs: 'lb' },
  ...{ pound: 'lb', pounds: 'lb', litre: 'l', litres: 'l', cups: 'cup', tbs: 'tbsp' },
  ...{ sec: 's', secs: 's', mins: 'min', minutes: 'min' },
  ...{ minute: 'min', hour: 'h', hours: 'h', hr: 'h' },
  ...{ c: '°C', '°c': '°C', 'º c': '°C', ºc: '°C', celsius: '°C' },
  ...{ f: '°F', '°f': '°F', ºf: '°F', fahrenheit: '°F' },
};

const FRACTIONS: Readonly<Record<string, number>> = {
  ...{ '½': 1 / 2, '⅓': 1 / 3, '⅔': 2 / 3, '¼': 1 / 4, '¾': 3 / 4 },
  ...{ '⅛': 1 / 8, '⅜': 3 / 8, '⅝': 5 / 8, '⅞': 7 / 8 },
};

/** The number at the front of a text, with its fraction, and what follows it. */
function numberIn(text: string): { readonly value: Result<number>; readonly rest: string } {
  const mixed = /^([+-]?)(?:(\d+)(?:\s+|\s*-\s*))?(\d{1,3})\s*[/⁄]\s*(\d{1,3})(?!\d)/.exec(text);
  if (mixed && Number(mixed[4]) > 0) {
    const value = Number(mixed[2] ?? 0) + Number(mixed[3]) / Number(mixed[4]);
    return {
      value: succeed(mixed[1] === '-' ? -value : value),
      rest: text.slice(mixed[0].length).trim(),
    };
  }
  const sign = /^(\d*)\s*([½⅓⅔¼¾⅛⅜⅝⅞])/.exec(text);
  if (sign) {
    return {
      value: succeed(Number(sign[1] || 0) + FRACTIONS[sign[2]!]!),
      rest: text.slice(sign[0].length).trim(),
    };
  }
  const plain = /^[+-]?[\d.,\s\u00a0\u2009\u202f]+/.exec(text)?.[0] ?? text;
  return { value: parseDecimal(plain), rest: text.slice(plain.length).trim() };
}

const spelt = (unit: string): string => {
  const plain = unit.toLowerCase().replace(/\.$/, '');
  return SPELLINGS[plain] ?? plain;
};

/** A temperature brought from one scale to another; of a `difference` only the size of the degree counts. */
function temperature(value: number, from: string, to: string, difference: boolean): number {
  if (from === to) return value;
  if (difference) {
    const perKelvin = celsiusSpanToFahrenheit(1);
    return to === '°F' ? value * perKelvin : value / perKelvin;
  }
  return to === '°F' ? celsiusToFahrenheit(value) : fahrenheitToCelsius(value);
}

/** What was typed into a field: its number in the field's unit, and the unit that was typed, if one was. */
export interface Entry {
  readonly value: number;
  readonly typedUnit: string | undefined;
}

const isDegrees = (unit: string | undefined): unit is string => unit === '°C' || unit === '°F';

/**
 * Reads what a cook types into a field for a number: decimals, fractions ("1 1/2", "½") and, whatever unit the field is
 * in, another of the same kind: "9 in" in a field of cm, "6 oz" in one of g, "350F" or "gas 3" in one of °C. `unit` is the
 * field's own; where it has none, a unit of mass or volume is told back and not converted. Fails with a message for the
 * field. Sources: as each unit's.
 */
export function parseEntry(
  text: string,
  unit?: string,
  { difference = false }: { readonly difference?: boolean } = {},
): Result<Entry> {
  const gas = /^gas(?:\s*mark)?\s*(.+)$/i.exec(text.trim());
  if (gas && isDegrees(unit)) {
    const mark = numberIn(gas[1]!).value;
    const celsius = mark.ok ? gasMarkToCelsius(mark.value) : mark;
    return celsius.ok
      ? succeed({ value: temperature(celsius.value, '°C', unit, false), typedUnit: 'gas' })
      : celsius;
  }
  const { value, rest } = numberIn(text.trim());
  if (!value.ok) return value;
  if (rest === '') return succeed({ value: value.value, typedUnit: undefined });
  const typed = spelt(rest);
  if (typed === unit || rest === unit) return succeed({ value: value.value, typedUnit: typed });
  if (isDegrees(unit) && isDegrees(typed)) {
    return succeed({
      value: temperature(value.value, typed, unit, difference),
      typedUnit: typed,
    });
  }
  const scale = SCALES.find((each) => typed in each && (unit === undefined || unit in each));
  if (!scale) return fail('number.unreadable', undefined, { text: text.trim() });
  return succeed({
    value: unit === undefined ? value.value : (value.value * scale[typed]!) / scale[unit]!,
    typedUnit: typed,
  });
}

/** The unit in which a cook of the other habit types the same thing: inches for centimetres, ounces for grams. */
export const OTHER_UNIT: Readonly<Record<string, string>> = {
  cm: 'in',
  mm: 'in',
  g: 'oz',
  ml: 'cup',
  '°C': '°F',
  '°F': '°C',
};

/** `value` of one unit in another of its kind; NaN where they are of two kinds. Sources: as each unit's. */
export function inUnit(
  value: number,
  from: string,
  to: string,
  { difference = false }: { readonly difference?: boolean } = {},
): number {
  if (from === to) return value;
  if (isDegrees(from) && isDegrees(to)) return temperature(value, from, to, difference);
  const scale = SCALES.find((each) => from in each && to in each);
  return scale ? (value * scale[from]!) / scale[to]! : Number.NaN;
}

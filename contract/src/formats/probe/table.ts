import { fail, succeed, type Result } from '@hollow-moon/core';
import Papa from 'papaparse';
import {
  guessNumbers,
  guessPair,
  kindOf,
  numberIn,
  rangeOf,
  READ_TIME,
  type Guess,
  type TimeKind,
} from './times';

/** A record longer than this is not of a bake, characters. */
const RECORD_LIMIT = 8_000_000;

/** The units a probe may write. */
export const PROBE_UNITS = ['°C', '°F'] as const;
export type ProbeUnit = (typeof PROBE_UNITS)[number];

/** How a table is read: where its times and its temperatures stand, and what they are. */
export interface ProbeReading {
  readonly timeColumn: number;
  readonly time: TimeKind;
  readonly heatColumn: number;
  readonly unit: ProbeUnit;
}

/** A probe's file as a table, before anything is made of it. */
export interface ProbeTable {
  /** A name for each column: as it is headed, or empty. */
  readonly names: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** The columns that could be temperatures. */
  readonly channels: readonly number[];
  /** How it seems to be meant. */
  readonly reading: ProbeReading;
  /** What of that only the cook can know. */
  readonly doubts: readonly ('time' | 'heatColumn' | 'unit')[];
}

const TIME_WORDS = /time|zeit|hora|heure|temps|sec|min|date|clock|uhr/i;
const HEAT_WORDS =
  /temp(?!s\b)|probe|core|kern|centre|center|°\s*[cf]|celsius|fahrenheit|[ck]anal|channel/i;
/** What else a logger writes down. */
const OTHER_WORDS = /batter|humid|feucht|index|^no\.?$|^nr\.?$|^#$|signal|rssi/i;

/** The cells of a text: by whatever separates them, spaces too. */
function cellsOf(text: string): readonly (readonly string[])[] {
  const whole = text.replace(/^\uFEFF/, '').trim();
  const { data } = Papa.parse<string[]>(whole, {
    skipEmptyLines: 'greedy',
    delimitersToGuess: ['\t', ';', ',', '|'],
  });
  const wide = data.filter((row) => row.length >= 2);
  if (wide.length >= 2) return wide;
  return whole
    .split(/\r?\n/)
    .map((line) =>
      line
        .trim()
        .replace(/^(\d{4}-\d{2}-\d{2}) (?=\d)/, '$1T')
        .split(/\s+/),
    )
    .filter((row) => row.length >= 2);
}

const isIndex = (cells: readonly string[]): boolean =>
  cells.length > 3 &&
  cells.every((cell, index) => numberIn(cell) === (numberIn(cells[0]!) ?? Number.NaN) + index);

/** By what the column is called, by its first cells, or, to be asked, by what a bake can be. */
function guessUnit(name: string, cells: readonly string[]): Guess<ProbeUnit> {
  if (/°?\s*F\b|fahrenheit/i.test(name) || cells.some((cell) => /F\s*$/i.test(cell)))
    return { value: '°F', sure: true };
  if (/°?\s*C\b|celsius/i.test(name) || cells.some((cell) => /C\s*$/i.test(cell)))
    return { value: '°C', sure: true };
  const degrees = cells.flatMap((cell) => numberIn(cell) ?? []);
  // The middle of a filling does not pass 125 °C; in °F it does, and so does an oven.
  if (rangeOf(degrees)[1] > 125) return { value: '°F', sure: false };
  // From 60 on it may be a kitchen's 68 °F, or a filling poured hot.
  return { value: '°C', sure: (degrees[0] ?? 0) < 60 };
}

function guessTime(name: string, cells: readonly string[], kind: TimeKind): Guess<TimeKind> {
  if (kind === 'hours-minutes') return guessPair(name, cells);
  return kind === 'seconds' ? guessNumbers(name, cells) : { value: kind, sure: true };
}

/**
 * The table in a probe's file: two columns or more with any delimiter, decimal point or comma, behind whatever stands
 * before it; with how it seems to be meant, and what of that is to be asked. Fails with what to do where there are no times
 * and temperatures in it.
 */
export function probeTable(text: string): Result<ProbeTable> {
  if (text.length > RECORD_LIMIT) {
    return fail('file.too-large', undefined, { most: RECORD_LIMIT / 1000 });
  }
  const wide = cellsOf(text);
  const readable = (cell: string) => kindOf([cell]) !== undefined;
  const candidate = wide.findIndex((row) => row.filter(readable).length >= 2);
  if (candidate < 0) return fail('file.no-readings');
  const below = wide.slice(candidate);
  const columns = Math.max(...below.slice(0, 50).map((row) => row.length));
  const kinds = Array.from({ length: columns }, (_, index) =>
    kindOf(below.map((row) => row[index] ?? '')),
  );
  // A heading may have numbers in it too, as channels have: readings begin where each column is what it is below.
  const first = below.findIndex((row) =>
    kinds.every((kind, index) => !kind || READ_TIME[kind](row[index] ?? '') !== undefined),
  );
  const firstReading = candidate + Math.max(0, first);
  const header = firstReading > 0 ? wide[firstReading - 1]! : [];
  const rows = wide.slice(firstReading);
  const names = Array.from({ length: columns }, (_, index) => header[index]?.trim() ?? '');
  const column = (index: number) => rows.map((row) => row[index] ?? '');
  const clocked = kinds.findIndex((kind) => kind !== undefined && kind !== 'seconds');
  const named = names.findIndex((name, index) => TIME_WORDS.test(name) && kinds[index]);
  const timeColumn = clocked >= 0 ? clocked : Math.max(0, named);
  const timeKind = kinds[timeColumn];
  const channels = names.flatMap((name, index) =>
    index !== timeColumn &&
    kinds[index] === 'seconds' &&
    !OTHER_WORDS.test(name) &&
    !isIndex(column(index))
      ? [index]
      : [],
  );
  if (timeKind === undefined || channels.length === 0) return fail('file.no-columns');
  const heated = channels.filter((index) => HEAT_WORDS.test(names[index]!));
  const heatColumn = heated[0] ?? channels[0]!;
  const time = guessTime(names[timeColumn]!, column(timeColumn), timeKind);
  const unit = guessUnit(names[heatColumn]!, column(heatColumn));
  return succeed({
    names,
    rows,
    channels,
    reading: { timeColumn, time: time.value, heatColumn, unit: unit.value },
    doubts: [
      ...(time.sure ? [] : (['time'] as const)),
      ...(heated.length === 1 || channels.length === 1 ? [] : (['heatColumn'] as const)),
      ...(unit.sure ? [] : (['unit'] as const)),
    ],
  });
}

import { fahrenheitToCelsius, fail, succeed, type Result } from '@hollow-moon/core';
import Papa from 'papaparse';

/** A probe's history as it was recorded: seconds since its first reading, and °C. */
export interface ProbeRecord {
  readonly points: readonly (readonly [timeS: number, celsius: number])[];
  /** What was made of the file, for the cook to check. */
  readonly understood: {
    /** As they are headed; empty without a heading. */
    readonly columns: readonly [time: string, temperature: string];
    readonly unit: '°C' | '°F';
    readonly time: 'seconds' | 'minutes' | 'clock' | 'dates';
    readonly skipped: number;
  };
}

/** A record longer than this is not of a bake, characters. */
const RECORD_LIMIT = 2_000_000;
const MOST_POINTS = 20_000;

const DAY_S = 24 * 3600;

/** A number with a decimal point or comma, and whatever unit behind it. */
function numberIn(text: string): number | undefined {
  const match = /^\s*([+-]?\d+(?:[.,]\d+)?)\s*(?:°?\s*[CF]|s|sec|min|m)?\s*$/i.exec(text);
  return match ? Number(match[1]!.replace(',', '.')) : undefined;
}

/** Seconds of a clock time `h:mm`, `h:mm:ss` (with fraction), or `m:ss` where the hour would be too much. */
function clockIn(text: string): number | undefined {
  const match = /(?:^|[\sT])(\d{1,3}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?\s*(am|pm)?/i.exec(text);
  if (!match) return undefined;
  const [, first, second, third, half] = match;
  if (third === undefined && half === undefined && !/[\sT]/.test(text.trim())) {
    return Number(first) * 3600 + Number(second) * 60;
  }
  let hours = Number(first);
  if (half?.toLowerCase() === 'pm' && hours < 12) hours += 12;
  if (half?.toLowerCase() === 'am' && hours === 12) hours = 0;
  return hours * 3600 + Number(second) * 60 + Number((third ?? '0').replace(',', '.'));
}

/** Seconds of an ISO date with a time; local when it names no zone, since only differences count. */
function dateIn(text: string): number | undefined {
  if (!/^\s*\d{4}-\d{2}-\d{2}[T ]\d{1,2}:\d{2}/.test(text)) return undefined;
  const parsed = Date.parse(text.trim().replace(' ', 'T'));
  return Number.isNaN(parsed) ? undefined : parsed / 1000;
}

const TIME_WORDS = /time|zeit|hora|heure|temps|sec|min|date|clock|uhr/i;
const HEAT_WORDS =
  /temp|probe|core|kern|centre|center|°\s*[cf]|celsius|fahrenheit|[ck]anal|channel/i;

type TimeKind = ProbeRecord['understood']['time'];

const READERS: readonly (readonly [TimeKind, (text: string) => number | undefined])[] = [
  ['dates', dateIn],
  ['clock', clockIn],
  ['seconds', numberIn],
];

/** Which reader takes most of a column. */
function timeReader(cells: readonly string[]): (typeof READERS)[number] | undefined {
  const takes = READERS.map(
    (reader) => [reader, cells.filter((cell) => reader[1](cell) !== undefined).length] as const,
  );
  const [best, count] = takes.reduce((most, each) => (each[1] > most[1] ? each : most));
  return count >= cells.length / 2 ? best : undefined;
}

type Reading = readonly [time: number, degrees: number];

/** Where in a file the readings stand. */
interface Table {
  readonly rows: readonly (readonly string[])[];
  readonly time: {
    readonly column: number;
    readonly name: string;
    readonly reader: (typeof READERS)[number];
  };
  readonly heat: { readonly column: number; readonly name: string };
}

/** Finds the first row of readings, and which columns are time and temperature: by their kind, then by their name. */
function tableIn(wide: readonly (readonly string[])[]): Result<Table> {
  const isReading = (row: readonly string[]) =>
    row.filter((cell) => READERS.some(([, read]) => read(cell) !== undefined)).length >= 2;
  const firstReading = wide.findIndex(isReading);
  if (firstReading < 0) return fail('file.no-readings');
  const header = firstReading > 0 ? wide[firstReading - 1]! : [];
  const rows = wide.slice(firstReading);
  const columns = Math.max(...rows.slice(0, 50).map((row) => row.length));
  const column = (index: number) => rows.map((row) => row[index] ?? '');
  const readers = Array.from({ length: columns }, (_, index) => timeReader(column(index)));
  const named = (words: RegExp, not: number) =>
    header.findIndex((name, index) => index !== not && words.test(name) && readers[index]);
  const clocked = readers.findIndex((reader) => reader && reader[0] !== 'seconds');
  const byName = named(TIME_WORDS, -1);
  const timeColumn = clocked >= 0 ? clocked : byName >= 0 ? byName : 0;
  const heatByName = named(HEAT_WORDS, timeColumn);
  const heatColumn =
    heatByName >= 0
      ? heatByName
      : readers.findIndex((reader, index) => index !== timeColumn && reader?.[0] === 'seconds');
  const reader = readers[timeColumn];
  if (!reader || heatColumn < 0) return fail('file.no-columns');
  return succeed({
    rows,
    time: { column: timeColumn, name: header[timeColumn] ?? '', reader },
    heat: { column: heatColumn, name: header[heatColumn] ?? '' },
  });
}

/** By what the column is called, by its first cells, or by what a bake can be. */
const isFahrenheit = (name: string, cells: readonly string[], raw: readonly Reading[]): boolean =>
  /°?\s*F\b|fahrenheit/i.test(name) ||
  cells.some((cell) => /F\s*$/i.test(cell)) ||
  // The middle of a filling does not pass 125 °C; in °F it does.
  (!/°?\s*C\b|celsius/i.test(name) && Math.max(...raw.map(([, degrees]) => degrees)) > 125);

/** By what the column is called, or because its numbers are too small for the seconds of a bake. */
function isInMinutes(name: string, raw: readonly Reading[]): boolean {
  const length = raw[raw.length - 1]![0] - raw[0]![0];
  return (
    /min/i.test(name) ||
    (!/sec|\bs\b|\(s\)/i.test(name) && length / raw.length <= 1 && length <= 300)
  );
}

/** A clock that falls back has passed midnight. */
function overMidnight(raw: readonly Reading[]): Reading[] {
  let days = 0;
  let before = -Infinity;
  return raw.map(([time, degrees]) => {
    if (time + days < before - DAY_S / 2) days += DAY_S;
    before = time + days;
    return [before, degrees];
  });
}

/**
 * Reads a probe's record from text: two columns or more, time and temperature, with any delimiter,
 * decimal point or comma, °C or °F, and seconds, minutes, clock times (over midnight too) or dates.
 * What the unit is follows from the header, else from what a bake can be. Fails with what to do where
 * nothing of the kind is found. Rows that cannot be read are skipped and counted.
 */
export function readProbeRecord(text: string): Result<ProbeRecord> {
  if (text.length > RECORD_LIMIT) {
    return fail('file.too-large', undefined, { most: RECORD_LIMIT / 1000 });
  }
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: ['\t', ';', ',', '|'],
  });
  const table = tableIn(data.filter((row) => row.length >= 2));
  if (!table.ok) return table;
  const { rows, time, heat } = table.value;
  const [kind, readTime] = time.reader;
  const raw = rows.flatMap((row): readonly Reading[] => {
    const at = readTime(row[time.column] ?? '');
    const degrees = numberIn(row[heat.column] ?? '');
    return at === undefined || degrees === undefined ? [] : [[at, degrees]];
  });
  if (raw.length < 2) return fail('file.too-few-readings');
  if (raw.length > MOST_POINTS)
    return fail('file.too-many-readings', undefined, { most: MOST_POINTS });
  const cells = rows.slice(0, 5).map((row) => row[heat.column] ?? '');
  const fahrenheit = isFahrenheit(heat.name, cells, raw);
  const minutes = kind === 'seconds' && isInMinutes(time.name, raw);
  const inOrder = kind === 'clock' ? overMidnight(raw) : raw;
  const startS = inOrder[0]![0];
  const points = inOrder
    .map(
      ([at, degrees]) =>
        [
          (at - startS) * (minutes ? 60 : 1),
          fahrenheit ? fahrenheitToCelsius(degrees) : degrees,
        ] as const,
    )
    .sort((a, b) => a[0] - b[0]);
  return succeed({
    points,
    understood: {
      columns: [time.name, heat.name],
      unit: fahrenheit ? '°F' : '°C',
      time: minutes ? 'minutes' : kind,
      skipped: rows.length - raw.length,
    },
  });
}

/** How the times of a record are written. */
export const TIME_KINDS = [
  'seconds',
  'minutes',
  'hours-minutes',
  'minutes-seconds',
  'clock',
  'dates',
  'epoch',
] as const;
export type TimeKind = (typeof TIME_KINDS)[number];

const DAY_S = 24 * 3600;

/** A number with a decimal point or comma, and whatever unit behind it. */
export function numberIn(text: string): number | undefined {
  const match = /^\s*([+-]?\d+(?:[.,]\d+)?)\s*(?:°?\s*[CF]|s|sec|min|m)?\s*$/i.exec(text);
  return match ? Number(match[1]!.replace(',', '.')) : undefined;
}

/** Seconds of a clock `h:mm:ss` (with fraction) or `h:mm am`, on whatever day. */
function clockIn(text: string): number | undefined {
  const match = /(?:^|[\sT])(\d{1,2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?\s*(am|pm)?/i.exec(text);
  if (!match) return undefined;
  const [, first, second, third, half] = match;
  if (third === undefined && half === undefined && !/[\sT]/.test(text.trim())) return undefined;
  let hours = Number(first);
  if (half?.toLowerCase() === 'pm' && hours < 12) hours += 12;
  if (half?.toLowerCase() === 'am' && hours === 12) hours = 0;
  return hours * 3600 + Number(second) * 60 + Number((third ?? '0').replace(',', '.'));
}

/** The two figures of `12:30` or `12:30.5`, which may be hours and minutes, or minutes and seconds. */
function pairIn(text: string): readonly [number, number] | undefined {
  const match = /^\s*(\d{1,3}):(\d{2}(?:[.,]\d+)?)\s*$/.exec(text);
  return match ? [Number(match[1]), Number(match[2]!.replace(',', '.'))] : undefined;
}

/** Seconds of an ISO date with a time; local when it names no zone, since only differences count. */
function dateIn(text: string): number | undefined {
  if (!/^\s*\d{4}-\d{2}-\d{2}[T ]\d{1,2}:\d{2}/.test(text)) return undefined;
  const parsed = Date.parse(text.trim().replace(' ', 'T'));
  return Number.isNaN(parsed) ? undefined : parsed / 1000;
}

/** Unix time: seconds since 1970 from the year 2001 on, or thousandths of them. */
function epochIn(text: string): number | undefined {
  const number = /^\s*\d{10,13}(?:[.,]\d+)?\s*$/.test(text) ? numberIn(text) : undefined;
  if (number === undefined) return undefined;
  return number >= 1e12 ? number / 1000 : number;
}

const pair = (first: number, second: number) => (text: string) => {
  const found = pairIn(text);
  return found && found[0] * first + found[1] * second;
};

/** Seconds of a time, by how it is written; `undefined` where it is not written so. */
export const READ_TIME: Readonly<Record<TimeKind, (text: string) => number | undefined>> = {
  seconds: numberIn,
  minutes: (text) => {
    const minutes = numberIn(text);
    return minutes === undefined ? undefined : minutes * 60;
  },
  'hours-minutes': pair(3600, 60),
  'minutes-seconds': pair(60, 1),
  clock: clockIn,
  dates: dateIn,
  epoch: epochIn,
};

/** The least and the greatest of some numbers. */
export const rangeOf = (numbers: readonly number[]): readonly [least: number, most: number] =>
  numbers.reduce<readonly [number, number]>(
    ([least, most], each) => [Math.min(least, each), Math.max(most, each)],
    [Infinity, -Infinity],
  );

/** Kinds to try, from the one that says most of itself. */
const BY_FORM: readonly TimeKind[] = ['dates', 'clock', 'hours-minutes', 'epoch', 'seconds'];

/** So many cells tell what a column is. */
const SAMPLE = 500;

/** The kind that reads most of a column; `undefined` where none reads half of it. */
export function kindOf(column: readonly string[]): TimeKind | undefined {
  const cells = column.slice(0, SAMPLE);
  const takes = BY_FORM.map(
    (kind) => [kind, cells.filter((cell) => READ_TIME[kind](cell) !== undefined).length] as const,
  );
  const [best, count] = takes.reduce((most, each) => (each[1] > most[1] ? each : most));
  return count > 0 && count >= cells.length / 2 ? best : undefined;
}

/** A bake is seldom recorded for longer than this, or for less, s. Common practice. */
const LONG_S = 8 * 3600;
const SHORT_S = 240;

/** A guess, and whether nothing else could be meant. */
export interface Guess<T> {
  readonly value: T;
  readonly sure: boolean;
}

/** Whether `12:30` is hours and minutes or minutes and seconds: by its heading, its fraction, or what a bake can take. */
export function guessPair(name: string, cells: readonly string[]): Guess<TimeKind> {
  if (/m+:s+/i.test(name)) return { value: 'minutes-seconds', sure: true };
  if (/h+:m+/i.test(name)) return { value: 'hours-minutes', sure: true };
  if (cells.some((cell) => /:\d{2}[.,]\d/.test(cell)))
    return { value: 'minutes-seconds', sure: true };
  const times = cells.flatMap((cell) => READ_TIME['hours-minutes'](cell) ?? []);
  const [first, last] = rangeOf(times);
  if (last >= DAY_S || last - first > LONG_S) return { value: 'minutes-seconds', sure: true };
  // A clock that begins in the morning or the afternoon is not one that was started with the bake.
  return { value: 'hours-minutes', sure: first >= 3600 || (last - first) / 60 < SHORT_S };
}

/** Whether plain numbers are seconds or minutes: by their heading, or by what a bake can take. */
export function guessNumbers(name: string, cells: readonly string[]): Guess<TimeKind> {
  if (/min/i.test(name)) return { value: 'minutes', sure: true };
  if (/sec|\bs\b|\(s\)/i.test(name)) return { value: 'seconds', sure: true };
  const times = cells.flatMap((cell) => numberIn(cell) ?? []);
  const [first, last] = rangeOf(times);
  const length = last - first;
  if (length > LONG_S / 60) return { value: 'seconds', sure: true };
  return length >= SHORT_S
    ? { value: 'seconds', sure: false }
    : { value: length / times.length <= 1 ? 'minutes' : 'seconds', sure: false };
}

/** Times that run backwards and over midnight, as those of one bake in the order it went. */
export function inOrder<T extends readonly [time: number, ...rest: unknown[]]>(
  readings: readonly T[],
  kind: TimeKind,
): readonly (readonly [time: number, reading: T])[] {
  const ofADay = kind === 'clock' || kind === 'hours-minutes';
  const falls = readings.slice(1).filter(([time], index) => {
    const step = time - readings[index]![0];
    // On a clock a step of more than half a day is one back over midnight.
    return (ofADay && Math.abs(step) > DAY_S / 2 ? -step : step) < 0;
  });
  const newestFirst = falls.length > (readings.length - 1) / 2;
  let [days, before] = [0, -Infinity];
  return (newestFirst ? [...readings].reverse() : readings)
    .map((reading) => {
      // A clock that falls back by half a day has passed midnight.
      if (ofADay) {
        if (reading[0] + days < before - DAY_S / 2) days += DAY_S;
        before = reading[0] + days;
      }
      return [reading[0] + days, reading] as const;
    })
    .sort((a, b) => a[0] - b[0]);
}

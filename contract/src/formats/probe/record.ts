import { fahrenheitToCelsius, fail, succeed, type Result } from '@hollow-moon/core';
import type { ProbeReading, ProbeTable } from './table';
import { inOrder, numberIn, READ_TIME } from './times';

/** A probe's history as it was recorded: seconds since its first reading, and °C. */
export interface ProbeRecord {
  readonly points: readonly (readonly [timeS: number, celsius: number])[];
  /** How many readings there are, of which at most {@link MOST_POINTS} are kept. */
  readonly readings: number;
  /** Rows that could not be read. */
  readonly skipped: number;
}

/** Readings kept of a record: more would not be seen on a curve. */
const MOST_POINTS = 3000;
/** A reading every second for a day and more. */
const MOST_READINGS = 100_000;

/**
 * What a probe recorded, by how its table is read: times of any kind (over midnight, and with the newest first), °C or °F.
 * Rows that cannot be read so are skipped and counted; of more readings than a curve can show, every n-th is kept. Fails with what to do
 * where fewer than two rows can be read.
 */
export function probeRecord(
  { rows }: Pick<ProbeTable, 'rows'>,
  { timeColumn, time, heatColumn, unit }: ProbeReading,
): Result<ProbeRecord> {
  const readTime = READ_TIME[time];
  const raw = rows.flatMap((row): readonly (readonly [time: number, degrees: number])[] => {
    const at = readTime(row[timeColumn] ?? '');
    const degrees = numberIn(row[heatColumn] ?? '');
    return at === undefined || degrees === undefined ? [] : [[at, degrees]];
  });
  if (raw.length < 2) return fail('file.too-few-readings');
  if (raw.length > MOST_READINGS) {
    return fail('file.too-many-readings', undefined, { most: MOST_READINGS });
  }
  const ordered = inOrder(raw, time);
  const startS = ordered[0]![0];
  const every = Math.ceil(ordered.length / MOST_POINTS);
  return succeed({
    points: ordered
      .filter((_, index) => index % every === 0)
      .map(([at, [, degrees]]) => [
        at - startS,
        unit === '°F' ? fahrenheitToCelsius(degrees) : degrees,
      ]),
    readings: raw.length,
    skipped: rows.length - raw.length,
  });
}

import type { DeviceReading, Reading } from '@hollow-moon/contract';

/** What of a channel was read last, and when this device heard it, ms. */
export interface LastRead {
  readonly celsius: number;
  readonly heardMs: number;
}

/** Nothing for so long is a gap: it is said, and nothing is noted of it, ms. */
export const GAP_MS = 15_000;

/**
 * A channel is noted by itself so often, s. Readings closer together share their errors (lag, drift, where the tip sits)
 * and would say more than they know.
 */
export const NOTE_EVERY_S = 300;

/** What was read last with one more reading. */
export const heardNow = (
  last: ReadonlyMap<string, LastRead>,
  { channel, celsius }: DeviceReading,
  heardMs: number,
): ReadonlyMap<string, LastRead> => new Map(last).set(channel, { celsius, heardMs });

/** Where a channel's tip is: a place of the bake, or nowhere that is noted. */
export type Places = Readonly<Record<string, Reading['place'] | 'none'>>;

/** Readings that are to be noted now: of each placed channel that is heard, where nothing of its place was noted for a while. */
export function toNote(
  last: ReadonlyMap<string, LastRead>,
  places: Places,
  noted: readonly Pick<Reading, 'atS' | 'place'>[],
  atS: number,
  nowMs: number,
): Omit<Reading, 'id'>[] {
  return [...last].flatMap(([channel, { celsius, heardMs }]) => {
    const place = places[channel] ?? 'none';
    if (place === 'none' || nowMs - heardMs > GAP_MS) return [];
    const before = Math.max(
      -Infinity,
      ...noted.filter((each) => each.place === place).map((each) => each.atS),
    );
    return atS - before >= NOTE_EVERY_S
      ? [{ atS: Math.round(atS), place, celsius: Math.round(celsius * 10) / 10 }]
      : [];
  });
}

/** What a channel most likely is, by its name: "centre", "rim", "oven"; the first of a device that says nothing is the middle. */
export function likelyPlace(name: string, index: number): Reading['place'] | 'none' {
  const said = name.toLowerCase();
  if (/oven|air/.test(said)) return 'oven';
  if (/rim|edge|wall/.test(said)) return 'rim';
  if (/half/.test(said)) return 'halfRadius';
  if (/cent|middle|core/.test(said)) return 'centre';
  if (/pan|bath/.test(said)) return 'pan';
  return index === 0 ? 'centre' : 'none';
}

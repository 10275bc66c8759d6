import type { BakeData, Reading } from '@hollow-moon/contract';

/** Time s, temperature in the middle °C, share of the width that moves. */
type Point = readonly [timeS: number, centreC: number, share: number];

const points = (curve: BakeData['foreseen']['curve']): Point[] =>
  curve.map(([timeS, , , centreC, share]) => [timeS, centreC, share]);

/** A row of points at a time; `undefined` before the first and after the last. */
function between(row: readonly Point[], timeS: number): Point | undefined {
  const next = row.findIndex(([s]) => s >= timeS);
  if (next < 0) return undefined;
  const b = row[next]!;
  const a = row[next - 1];
  if (!a) return b[0] === timeS ? b : undefined;
  const weight = (timeS - a[0]) / (b[0] - a[0]);
  return [timeS, a[1] + weight * (b[1] - a[1]), a[2] + weight * (b[2] - a[2])];
}

/** The forecast for as long as it stays in the oven: up to the planned pull, and on as if nobody pulled it. */
function inOven({ foreseen: { curve, stays, pullS } }: BakeData): Point[] {
  const all = points(curve);
  const atPull = between(all, pullS);
  return [
    ...all.filter(([timeS]) => timeS < pullS),
    ...(atPull ? [atPull] : []),
    ...points(stays).filter(([timeS]) => timeS > pullS),
  ];
}

/**
 * What the forecast has for a time of a bake, in the oven for as long as it really is and cooling from then on;
 * `undefined` where the forecast does not reach that far.
 */
export function foreseenAt(
  data: BakeData,
  timeS: number,
): { readonly centreC: number; readonly share: number } | undefined {
  const { curve, pullS } = data.foreseen;
  const pulledS =
    data.pulledAt === null
      ? Infinity
      : (Date.parse(data.pulledAt) - Date.parse(data.startedAt)) / 1000;
  const stays = inOven(data);
  const told = (point: Point | undefined) =>
    point && { centreC: point[1], share: Math.min(1, Math.max(0, point[2])) };
  if (timeS <= pulledS) return told(between(stays, timeS));
  // Out of the oven it cools as it was foreseen to, from what it really had.
  const all = points(curve);
  const [left, planned, then] = [
    between(stays, pulledS),
    between(all, pullS),
    between(all, pullS + timeS - pulledS),
  ];
  if (!left || !planned || !then) return undefined;
  return told([timeS, left[1] + then[1] - planned[1], left[2] + then[2] - planned[2]]);
}

/** So far from the forecast a reading says that the bake goes another way, K: a probe and a forecast together are unsure of about as much. Common practice. */
const FAR_K = 4;

/** How a bake stands to its forecast, by what was read last. */
export interface Gap {
  readonly atS: number;
  readonly celsius: number;
  /** Read less foreseen, K. */
  readonly gapK: number;
  /** How far the bake is behind its forecast, s; less than 0 where it is ahead. */
  readonly behindS: number;
}

/**
 * How far the last reading in the middle, taken in the oven, is from the forecast for its own minute; `undefined` where
 * nothing was read or the two agree.
 */
export function gapOf(data: BakeData, readings: readonly Reading[]): Gap | undefined {
  const pulledS =
    data.pulledAt === null
      ? Infinity
      : (Date.parse(data.pulledAt) - Date.parse(data.startedAt)) / 1000;
  const last = readings
    .filter(({ place, atS }) => place === 'centre' && atS <= pulledS)
    .reduce<Reading | undefined>((a, b) => (a && a.atS > b.atS ? a : b), undefined);
  if (!last) return undefined;
  const row = inOven(data);
  const foreseen = between(row, Math.min(last.atS, row.at(-1)?.[0] ?? 0));
  if (!foreseen) return undefined;
  const gapK = last.celsius - foreseen[1];
  if (Math.abs(gapK) < FAR_K) return undefined;
  // The minute at which the forecast has what was read: the filling warms all the way.
  const after = row.findIndex(([, centreC]) => centreC >= last.celsius);
  const [b, a] = [row[after], row[after - 1]];
  const thenS =
    after < 0
      ? row.at(-1)![0]
      : !a || b![1] === a[1]
        ? b![0]
        : a[0] + ((last.celsius - a[1]) / (b![1] - a[1])) * (b![0] - a[0]);
  return { atS: last.atS, celsius: last.celsius, gapK, behindS: last.atS - thenS };
}

/**
 * Whether a gap is worth telling: a bake that is past its window although it is behind its forecast, `phase` being that of the
 * window moved by what it is behind, needs no longer, and would be told to be pulled and to wait at once.
 */
export const isTold = ({ gapK }: Pick<Gap, 'gapK'>, phase: string): boolean =>
  gapK > 0 || phase !== 'past';

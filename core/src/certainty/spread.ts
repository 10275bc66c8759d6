import { looksOf, type Member } from './member';

/** Low, middle and high of many: a tenth lies under the first, a tenth over the last. */
export type Tenths = readonly [low: number, middle: number, high: number];

/** What many runs come to. */
export interface Spread {
  readonly runs: number;
  /** Runs that have a window. */
  readonly withWindow: number;
  readonly earliestS: Tenths | undefined;
  readonly bestS: Tenths | undefined;
  readonly latestS: Tenths | undefined;
  /** Where most of the runs are within their window at once, s, and the share of all runs that are. */
  readonly safest: { readonly timeS: number; readonly share: number } | undefined;
  /** Middle of the filling, by look: s, then the tenths, °C. */
  readonly band: readonly (readonly [timeS: number, lowC: number, highC: number])[];
}

/** Quantile of values, straight between ranks; `values` not empty. */
export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  const position = share * (sorted.length - 1);
  const below = Math.floor(position);
  const above = Math.min(sorted.length - 1, below + 1);
  return sorted[below]! + (position - below) * (sorted[above]! - sorted[below]!);
}

const tenths = (values: readonly number[]): Tenths | undefined =>
  values.length === 0
    ? undefined
    : [quantile(values, 0.1), quantile(values, 0.5), quantile(values, 0.9)];

/** Puts the members of a spread together. */
export function spreadOf(members: readonly Member[], pullS: number): Spread {
  const windows = members.flatMap(({ window }) => (window ? [window] : []));
  const edges = (index: 0 | 1 | 2) => tenths(windows.map((window) => window[index]));
  // The most windows overlap somewhere just after one of them has opened.
  const safest = windows
    .map(([timeS]) => ({
      timeS,
      share: windows.filter(([from, , to]) => from <= timeS && to >= timeS).length / members.length,
    }))
    .reduce<{ timeS: number; share: number } | undefined>(
      (most, each) => (most === undefined || each.share > most.share ? each : most),
      undefined,
    );
  return {
    runs: members.length,
    withWindow: windows.length,
    earliestS: edges(0),
    bestS: edges(1),
    latestS: edges(2),
    safest,
    band: looksOf(pullS).map((timeS, look) => {
      const at = members.map(({ centreC }) => centreC[look]!);
      return [timeS, quantile(at, 0.1), quantile(at, 0.9)] as const;
    }),
  };
}

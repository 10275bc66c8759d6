import { centreOf, learntEnough, searchWindow, type Tries } from '../doneness';
import { succeed, type Result } from '../result';
import { later, runCourse, thermometerAt, type Model, type Moment } from '../thermal';
import { filledToGap, levelOf } from './level';
import { START_LIMITS_C, type ForecastPlan } from './plan';
import { bakeUntil } from './bakeUntil';
import { topFollower } from './colouring';
import { prepare } from './signs';

/** How unsure the inputs of a forecast are: standard uncertainties. */
export interface Unsure {
  /** What the oven really reaches, K. */
  readonly ovenK: number;
  /** The filling as it goes in, K. */
  readonly startK: number;
  /** How deep it is filled, mm. */
  readonly depthMm: number;
  /** The setting temperature, K. */
  readonly setK: number;
}

/**
 * What a careful kitchen knows its oven, its mix and its levels by: an oven checked with a thermometer,
 * a mix that was probed, a level seen by eye. From memory.
 */
export const USUAL_UNSURE: Unsure = { ovenK: 5, startK: 3, depthMm: 1, setK: 1.5 };

/** What is shifted, in the order of a draw. */
export const UNSURE_NAMES = {
  ovenK: 'what the oven really reaches',
  startK: 'how warm the filling goes in',
  depthMm: 'how deep it is filled',
  setK: 'where this formula sets',
} as const satisfies Record<keyof Unsure, string>;

const INPUTS = Object.keys(UNSURE_NAMES) as (keyof Unsure)[];

/** A forecast for the spread is made on this coarser mesh: a quarter of the work, half a degree off inside. */
const SPREAD_RESOLUTION = 0.5;

/** The band is read every so often, s. */
const LOOK_S = 120;

/** One draw: how far each input is off, in its own unit. */
export type Shift = Readonly<Record<keyof Unsure, number>>;

const NO_SHIFT: Shift = { ovenK: 0, startK: 0, depthMm: 0, setK: 0 };

/** Van der Corput's sequence in a prime base. Source: Halton, Numer. Math. 2 (1960) 84. */
function halton(index: number, base: number): number {
  let [value, share] = [0, 1 / base];
  for (let rest = index; rest > 0; rest = Math.floor(rest / base), share /= base) {
    value += share * (rest % base);
  }
  return value;
}

/**
 * Standard normal deviate of a probability over 0 and under 1, to 4.5e-4.
 * Source: Abramowitz and Stegun 26.2.23.
 */
export function normalDeviate(probability: number): number {
  const tail = Math.min(probability, 1 - probability);
  const t = Math.sqrt(-2 * Math.log(tail));
  const z =
    t -
    (2.515517 + t * (0.802853 + t * 0.010328)) /
      (1 + t * (1.432788 + t * (0.189269 + t * 0.001308)));
  return probability < 0.5 ? -z : z;
}

const BASES = [2, 3, 5, 7];

/** Past this many standard uncertainties nothing is drawn: a kitchen would have noticed. */
const WIDEST = 2.5;

/**
 * The draws from `first` (0 and up) to before `last`, the same each time: a low-discrepancy sequence
 * over the four inputs, each normal. Any two ranges may be computed apart.
 */
export const shiftsFrom = (unsure: Unsure, first: number, last: number): Shift[] =>
  Array.from({ length: Math.max(0, last - first) }, (_, offset) => {
    const deviate = (input: number) => {
      const z = normalDeviate(halton(first + offset + 1, BASES[input]!));
      return Math.max(-WIDEST, Math.min(WIDEST, z));
    };
    return Object.fromEntries(
      INPUTS.map((name, input) => [name, unsure[name] * deviate(input)]),
    ) as unknown as Shift;
  });

/** One of many runs, and what it came to. */
export interface Member {
  /** Earliest, best and latest pull, s; `undefined` without a window. */
  readonly window: readonly [number, number, number] | undefined;
  /** When the middle would hold, window or not, s. */
  readonly setsAtS: number | undefined;
  /** Middle of the filling at each look, °C. */
  readonly centreC: readonly number[];
}

/** The plan with its inputs off by a draw; the level never past the rim, nor the mix out of its limits. */
function shifted(plan: ForecastPlan, shift: Shift): ForecastPlan {
  const level = levelOf(plan);
  const gapMm = level.ok ? level.value.gapMm : plan.headspaceMm;
  return {
    ...filledToGap(plan, Math.max(0, gapMm - shift.depthMm)),
    oven: { ...plan.oven, offsetK: plan.oven.offsetK + shift.ovenK },
    fillingStartC: Math.min(
      START_LIMITS_C.most,
      Math.max(START_LIMITS_C.least, plan.fillingStartC + shift.startK),
    ),
  };
}

/** How long the band goes on after the pull, s. */
const DRAWN_OUT_S = 1800;

/** The looks of a history that is pulled at `pullS`, s. */
export const looksOf = (pullS: number): number[] =>
  Array.from(
    { length: Math.floor((pullS + DRAWN_OUT_S) / LOOK_S) + 1 },
    (_, index) => index * LOOK_S,
  );

/** Of a spread's run, steps may be longer: what they leave is far less than what is unsure. */
const SPREAD_STEPS = { toleranceK: 3, longestStepS: 240 } as const;
const SPREAD_TRIES: Tries = { first: 3, most: 7 };

/**
 * One run with its inputs off by `shift`, drawn for a pull at `pullS`: the window and the middle's
 * history of a forecast, and nothing else of it, on a coarser mesh. Fails as a forecast does.
 */
export function memberOf(plan: ForecastPlan, shift: Shift, pullS: number): Result<Member> {
  const prepared = prepare(shifted(plan, shift), SPREAD_RESOLUTION, shift.setK);
  if (!prepared.ok) return prepared;
  const { model, bakes, oven, out, firstPour } = prepared.value;
  const top = topFollower(prepared.value);
  const enough = learntEnough(model, bakes, top.goldenBy);
  const { poured, moments: baked } = bakeUntil(prepared.value, enough, SPREAD_STEPS);
  const { verdict } = searchWindow(
    { model, moments: baked, oven, out, aim: bakes, colours: top.colours() },
    SPREAD_TRIES,
  );
  const before = baked.filter(({ timeS }, index) => index === 0 || timeS <= pullS);
  const from = before[before.length - 1]!;
  const rest = runCourse(model, from, oven, pullS, { ...SPREAD_STEPS, firstStepS: 60 });
  const pulled = rest[rest.length - 1] ?? from;
  const after = runCourse(model, pulled, later(out(pullS), pullS), pullS + DRAWN_OUT_S, {
    ...SPREAD_STEPS,
    firstStepS: 10,
  });
  const middleOf = (of: Model, moments: readonly Moment[]) => {
    const read = thermometerAt(of, centreOf(of));
    return moments.map((moment) => [moment.timeS, read(moment)] as const);
  };
  const history = [
    ...(firstPour ? middleOf(firstPour.model, poured) : []),
    ...middleOf(model, [...before, ...rest, ...after]),
  ];
  return succeed({
    window:
      verdict.kind === 'window' ? [verdict.earliestS, verdict.bestS, verdict.latestS] : undefined,
    setsAtS: verdict.kind === 'window' ? verdict.earliestS : verdict.setsAtS,
    centreC: looksOf(pullS).map((timeS) => valueAt(history, timeS)),
  });
}

/** Straight between the points of a history, clamped at its ends. */
function valueAt(history: readonly (readonly [number, number])[], timeS: number): number {
  const after = history.findIndex(([at]) => at >= timeS);
  if (after <= 0) return history[after === 0 ? 0 : history.length - 1]![1];
  const [[a, low], [b, high]] = [history[after - 1]!, history[after]!];
  return low + ((timeS - a) / (b - a)) * (high - low);
}

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

/** What one input's uncertainty does to the moment the middle holds. */
export interface Matters {
  readonly input: keyof Unsure;
  /** Shift of the moment, s, for one standard uncertainty up and down. */
  readonly upS: number;
  readonly downS: number;
}

/** Ranks the inputs by what their uncertainty does to the time, most first; what cannot be told is left out. */
export function whatMatters(plan: ForecastPlan, unsure: Unsure, pullS: number): Matters[] {
  const at = (shift: Shift): number | undefined => {
    const made = memberOf(plan, shift, pullS);
    return made.ok ? made.value.setsAtS : undefined;
  };
  const middleS = at(NO_SHIFT);
  if (middleS === undefined) return [];
  return INPUTS.flatMap((input) => {
    const [up, down] = [unsure[input], -unsure[input]].map((by) =>
      at({ ...NO_SHIFT, [input]: by }),
    );
    if (up === undefined || down === undefined) return [];
    return [{ input, upS: up - middleS, downS: down - middleS }];
  }).sort((a, b) => Math.abs(b.upS) + Math.abs(b.downS) - Math.abs(a.upS) - Math.abs(a.downS));
}

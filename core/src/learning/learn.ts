import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { INPUTS, shiftsFrom, type Shift, type Tenths, type Unsure } from '../certainty';
import type { ProbeName } from '../forecast';
import { deviatesOf, LEAST_RUNS, responseOf, type Response } from './response';
import { LOOK_S, type Trace } from './trace';

/**
 * How unsure a bake's inputs are before anything is read of it: wider than a careful kitchen's, since what is read is to
 * tell. Standard uncertainties, from memory.
 */
export const BEFORE_READING: Unsure = { ovenK: 10, startK: 4, depthMm: 1.5, setK: 1.5 };

/** So many runs are traced. */
export const TRACES = 60;

/** What was read of a bake, and when since it went in: a temperature, or how much of the width moves, 0 to 1. */
export type Reading = { readonly id: string; readonly atS: number } & (
  | { readonly place: ProbeName | 'oven'; readonly celsius: number }
  | { readonly place: 'wobble'; readonly share: number }
);

/** A reading that was not believed. */
export interface Doubted {
  readonly id: string;
  /** It fits nothing, as it is; or it fits, had it been read in °F and entered in °C, or the other way round. */
  readonly why: 'unlikely' | 'fahrenheit' | 'celsius';
}

/** What the readings of a bake say of it. */
export interface Learnt {
  /** How far its inputs are off, most likely, and how unsure that is still; in their own units. */
  readonly shift: Shift;
  readonly unsure: Unsure;
  /** Earliest, best and latest pull as they stand now, s; none where too few of the runs have a window. */
  readonly window: readonly [earliest: Tenths, best: Tenths, latest: Tenths] | undefined;
  readonly believed: readonly string[];
  readonly doubted: readonly Doubted[];
}

/**
 * What a reading may be off by, K: the instrument and where its tip really is. A rim is steep. An oven's thermometer hangs
 * where it hangs. A width that moves is seen to a tenth or so. From memory.
 */
const OFF: Readonly<Record<Reading['place'], number>> = {
  centre: 1.2,
  halfRadius: 2,
  rim: 4,
  oven: 6,
  wobble: 0.1,
};
/** What the model itself may be off by, for so long in the same way, s: two readings a minute apart say little more than one. */
const MODEL: Readonly<Record<Reading['place'], number>> = {
  centre: 1,
  halfRadius: 1,
  rim: 1,
  oven: 0,
  wobble: 0.08,
};
const ALIKE_S = 600;

/** A reading so many standard deviations from all that was thought possible is questioned. */
const DOUBT_AT = 4;

const DRAWS = 4000;
/** Where fewer draws than this carry the weight, they are drawn anew nearer to where it is. */
const ENOUGH = 200;
const ROUNDS = 4;
/** Drawn a little wider than the last round says, so that its edges are seen. */
const WIDER = 1.3;

/** Draws from a standard normal distribution in four dimensions, the same each time. */
const STANDARD: readonly (readonly number[])[] = shiftsFrom(
  { ovenK: 1, startK: 1, depthMm: 1, setK: 1 },
  0,
  DRAWS,
).map((shift) => INPUTS.map((input) => shift[input]));

const sum = (values: readonly number[]): number => values.reduce((all, each) => all + each, 0);
const squares = (values: readonly number[]): number => sum(values.map((each) => each * each));

/** A reading as it is weighed: its value, the same as a function of the inputs, and what either may be off by. */
interface Observation {
  readonly reading: Reading;
  readonly value: number;
  readonly response: Pick<Response, 'at' | 'residual'>;
  readonly off: number;
  readonly modelOff: number;
}

type Observed = Omit<Observation, 'reading'>;

const surfaceOf = (traces: readonly Trace[], unsure: Unsure, values: readonly number[]) =>
  responseOf(
    traces.map(({ shift }) => deviatesOf(shift, unsure)),
    values,
  );

/** A temperature in the filling; `undefined` where the traces do not reach so far. */
function temperature(
  traces: readonly Trace[],
  { atS, place, celsius }: Reading & { readonly place: ProbeName },
  unsure: Unsure,
): Observed | undefined {
  const look = atS / LOOK_S;
  const [before, weight] = [Math.floor(look), look - Math.floor(look)];
  if (atS < 0 || before + 1 >= traces[0]!.probeC[place].length) return undefined;
  const values = traces.map(({ probeC: { [place]: row } }) => {
    const [a, b] = [row[before]!, row[before + 1]!];
    return a + weight * (b - a);
  });
  const response = surfaceOf(traces, unsure, values);
  return { value: celsius, response, off: OFF[place], modelOff: MODEL[place] };
}

/** When the width that moves falls to a share for the first time, s; `undefined` where a trace does not reach so far. */
function fallsTo({ moving }: Trace, share: number): number | undefined {
  const look = moving.findIndex((each) => each <= share);
  if (look <= 0) return undefined;
  const [a, b] = [moving[look - 1]!, moving[look]!];
  return (look - 1 + (a - share) / (a - b)) * LOOK_S;
}

/** Widths nearer than this to all or nothing say only that it is not yet, or no longer. */
const MOVES = { least: 0.08, most: 0.92 } as const;

/**
 * A width that moves, as the time at which it is that wide: the width itself is all for long and then nothing, and no smooth
 * surface.
 */
function width(
  traces: readonly Trace[],
  { atS, share }: Reading & { readonly place: 'wobble' },
  unsure: Unsure,
): Observed | undefined {
  if (share < MOVES.least || share > MOVES.most) return undefined;
  const falling = traces.flatMap((trace) => {
    const [sooner, then, later] = [share + 0.05, share, share - 0.05].map((at) =>
      fallsTo(trace, at),
    );
    return sooner !== undefined && then !== undefined && later !== undefined
      ? [{ trace, then, perShareS: (later - sooner) / 0.1 }]
      : [];
  });
  if (falling.length < LEAST_RUNS) return undefined;
  const perShareS = sum(falling.map((each) => each.perShareS)) / falling.length;
  return {
    value: atS,
    response: surfaceOf(
      falling.map(({ trace }) => trace),
      unsure,
      falling.map(({ then }) => then),
    ),
    off: OFF.wobble * perShareS,
    modelOff: MODEL.wobble * perShareS,
  };
}

function observed(
  traces: readonly Trace[],
  reading: Reading,
  ovenC: (atS: number) => number | undefined,
  unsure: Unsure,
): Observed | undefined {
  if (reading.place === 'wobble') return width(traces, reading, unsure);
  if (reading.place !== 'oven')
    return temperature(traces, { ...reading, place: reading.place }, unsure);
  const set = ovenC(reading.atS);
  if (set === undefined) return undefined;
  const at = ([ovenZ = 0]: readonly number[]) => set + ovenZ * unsure.ovenK;
  return {
    value: reading.celsius,
    response: { at, residual: 0 },
    off: OFF.oven,
    modelOff: MODEL.oven,
  };
}

/** What readings may be off by together: each by itself, and the model by much the same for some minutes. */
function covariance(observations: readonly Observation[]): Matrix {
  return new Matrix(
    observations.map((a, i) =>
      observations.map((b, j) => {
        const apartS = Math.abs(a.reading.atS - b.reading.atS);
        const alike =
          a.reading.place === b.reading.place
            ? a.modelOff * b.modelOff * Math.exp(-apartS / ALIKE_S)
            : 0;
        return alike + (i === j ? a.off ** 2 + a.response.residual ** 2 : 0);
      }),
    ),
  );
}

/** Whether a reading is beyond all that was thought possible, and whether it is so because it is in °F. */
function doubtOf({
  reading,
  value,
  response,
  off,
  modelOff,
}: Observation): Doubted['why'] | undefined {
  const values = STANDARD.slice(0, 500).map((draw) => response.at(draw));
  const mean = sum(values) / values.length;
  const variance = squares(values.map((each) => each - mean)) / values.length;
  const far = DOUBT_AT * Math.sqrt(variance + off ** 2 + modelOff ** 2 + response.residual ** 2);
  if (Math.abs(value - mean) <= far) return undefined;
  if (reading.place === 'wobble') return 'unlikely';
  const fits = (celsius: number) => Math.abs(celsius - mean) <= far;
  if (fits((value - 32) / 1.8)) return 'fahrenheit';
  return fits(1.8 * value + 32) ? 'celsius' : 'unlikely';
}

interface Weighted {
  readonly draws: readonly (readonly number[])[];
  readonly weights: readonly number[];
}

/** Weights that add up to one, from logarithms. */
function weightsFrom(logs: readonly number[]): number[] {
  const most = Math.max(...logs);
  const raw = logs.map((log) => Math.exp(log - most));
  const all = sum(raw);
  return raw.map((each) => each / all);
}

/** Mean and covariance of weighted draws. */
function momentsOf({ draws, weights }: Weighted) {
  const mean = INPUTS.map((_, input) => sum(draws.map((draw, at) => weights[at]! * draw[input]!)));
  const off = draws.map((draw) => draw.map((each, input) => each - mean[input]!));
  const spread = INPUTS.map((_, i) =>
    INPUTS.map((__, j) => sum(off.map((each, at) => weights[at]! * (each[i]! * each[j]!)))),
  );
  return { mean, spread };
}

/**
 * Draws of the inputs, weighted by how well they agree with what was read. Where few carry the weight they are drawn anew
 * from a normal distribution like the weighted ones, and weighed by how they were drawn. Source: population Monte Carlo,
 * Cappé and others, J. Comput. Graph. Stat. 13 (2004) 907.
 */
function agreeing(observations: readonly Observation[]): Weighted {
  const precision = new CholeskyDecomposition(covariance(observations));
  const likelihood = (draw: readonly number[]): number => {
    const off = Matrix.columnVector(
      observations.map(({ value, response }) => value - response.at(draw)),
    );
    return -0.5 * off.transpose().mmul(precision.solve(off)).get(0, 0);
  };
  let draws = STANDARD;
  // How probable a draw was, but for a constant: the inputs' own distribution at first.
  let drawn = (_: readonly number[], at: number) => -0.5 * squares(STANDARD[at]!);
  for (let round = 1; ; round += 1) {
    const logs = draws.map((draw, at) => likelihood(draw) - 0.5 * squares(draw) - drawn(draw, at));
    const weights = weightsFrom(logs);
    if (round === ROUNDS || 1 / squares(weights) >= ENOUGH) return { draws, weights };
    const { mean, spread } = momentsOf({ draws, weights });
    const wide = new Matrix(
      spread.map((row, i) => row.map((each, j) => WIDER ** 2 * each + (i === j ? 1e-4 : 0))),
    );
    const lower = new CholeskyDecomposition(wide).lowerTriangularMatrix;
    draws = STANDARD.map((draw) => {
      const turned = lower.mmul(Matrix.columnVector([...draw])).to1DArray();
      return turned.map((each, input) => each + mean[input]!);
    });
    drawn = (_, at) => -0.5 * squares(STANDARD[at]!);
  }
}

/** The value that a share of the weight lies under. */
function weightedQuantile(
  values: readonly number[],
  weights: readonly number[],
  share: number,
): number {
  const order = values.map((_, index) => index).sort((a, b) => values[a]! - values[b]!);
  let under = 0;
  for (const index of order) {
    under += weights[index]!;
    if (under >= share) return values[index]!;
  }
  return values[order.at(-1)!]!;
}

function windowOf(
  traces: readonly Trace[],
  unsure: Unsure,
  { draws, weights }: Weighted,
): Learnt['window'] {
  const open = traces.flatMap(({ shift, window }) =>
    window ? [{ deviates: deviatesOf(shift, unsure), window }] : [],
  );
  if (open.length < LEAST_RUNS) return undefined;
  const edge = (index: 0 | 1 | 2): Tenths => {
    const response = responseOf(
      open.map(({ deviates }) => deviates),
      open.map(({ window }) => window[index]),
    );
    const values = draws.map((draw) => response.at(draw));
    const at = (share: number) => weightedQuantile(values, weights, share);
    return [at(0.1), at(0.5), at(0.9)];
  };
  return [edge(0), edge(1), edge(2)];
}

/**
 * What readings say of a bake: its traces (runs with their inputs off by what is unsure, {@link TRACES} of them or so) are
 * weighed by how well they agree with what was read. `ovenC` is what the air of the oven is foreseen to have at a time,
 * `undefined` while it is on its way from one setting to the next. A reading that fits nothing is questioned, not believed.
 *
 * Some milliseconds. Throws where there are too few traces.
 */
export function learn(
  traces: readonly Trace[],
  readings: readonly Reading[],
  ovenC: (atS: number) => number | undefined,
  unsure: Unsure = BEFORE_READING,
): Learnt {
  const observations = readings.flatMap((reading): Observation[] => {
    const found = observed(traces, reading, ovenC, unsure);
    return found ? [{ reading, ...found }] : [];
  });
  const doubted = observations.flatMap((observation): Doubted[] => {
    const why = doubtOf(observation);
    return why ? [{ id: observation.reading.id, why }] : [];
  });
  const believed = observations.filter(
    ({ reading }) => !doubted.some(({ id }) => id === reading.id),
  );
  const agreed: Weighted =
    believed.length > 0
      ? agreeing(believed)
      : { draws: STANDARD, weights: STANDARD.map(() => 1 / DRAWS) };
  const { mean, spread } = momentsOf(agreed);
  const each = (value: (input: number) => number) =>
    Object.fromEntries(
      INPUTS.map((name, input) => [name, unsure[name] * value(input)]),
    ) as unknown as Shift;
  return {
    shift: each((input) => mean[input]!),
    unsure: each((input) => Math.sqrt(spread[input]![input]!)),
    window: windowOf(traces, unsure, agreed),
    believed: believed.map(({ reading }) => reading.id),
    doubted,
  };
}

import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { Tenths } from '../certainty';
import { DRAWS, squares, STANDARD, sum } from './draws';
import { BAKE_INPUTS, BEFORE_READING, type BakeShift, type BakeUnsure } from './inputs';
import {
  covariance,
  doubtOf,
  observe,
  type Doubted,
  type Observation,
  type Reading,
} from './observe';
import { deviatesOf, LEAST_RUNS, responseOf } from './response';
import type { Trace } from './trace';

/** So many runs are traced. */
export const TRACES = 72;

/** What the readings of a bake say of it. */
export interface Learnt {
  /** How far its inputs are off, most likely, and how unsure that is still; in their own units. */
  readonly shift: BakeShift;
  readonly unsure: BakeUnsure;
  /** Earliest, best and latest pull as they stand now, s; none where too few of the runs have a window. */
  readonly window: readonly [earliest: Tenths, best: Tenths, latest: Tenths] | undefined;
  readonly believed: readonly string[];
  readonly doubted: readonly Doubted[];
}

/** Where fewer draws than this carry the weight, they are drawn anew nearer to where it is. */
const ENOUGH = 200;
const ROUNDS = 4;
/** Drawn a little wider than the last round says, so that its edges are seen. */
const WIDER = 1.3;

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
  const mean = BAKE_INPUTS.map((_, input) =>
    sum(draws.map((draw, at) => weights[at]! * draw[input]!)),
  );
  const off = draws.map((draw) => draw.map((each, input) => each - mean[input]!));
  const spread = BAKE_INPUTS.map((_, i) =>
    BAKE_INPUTS.map((__, j) => sum(off.map((each, at) => weights[at]! * (each[i]! * each[j]!)))),
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
  unsure: BakeUnsure,
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
 * Of several vessels it is about the batch as a whole, or about the one with the number `vesselNo`, from 1 on: what was read
 * in another says less of it, by as much as two vessels differ. A reading that names none is of all alike.
 *
 * Some milliseconds. Throws where there are too few traces.
 */
export function learn(
  traces: readonly Trace[],
  readings: readonly Reading[],
  ovenC: (atS: number) => number | undefined,
  vesselNo?: number,
): Learnt {
  const unsure = BEFORE_READING;
  const observations = readings.flatMap((reading): Observation[] => {
    const found = observe(traces, reading, ovenC, unsure, vesselNo);
    return found ? [found] : [];
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
      BAKE_INPUTS.map((name, input) => [name, unsure[name] * value(input)]),
    ) as unknown as BakeShift;
  return {
    shift: each((input) => mean[input]!),
    unsure: each((input) => Math.sqrt(spread[input]![input]!)),
    window: windowOf(traces, unsure, agreed),
    believed: believed.map(({ reading }) => reading.id),
    doubted,
  };
}

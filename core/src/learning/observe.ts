import { Matrix } from 'ml-matrix';
import { drawsOf } from '../certainty';
import type { ProbeName } from '../forecast';
import { squares, STANDARD, sum } from './draws';
import { BAKE_INPUTS, type BakeUnsure } from './inputs';
import { deviatesOf, LEAST_RUNS, responseOf, type Response } from './response';
import { LOOK_S, type Trace } from './trace';

/** What was read of a bake, and when since it went in: a temperature, or how much of the width moves, 0 to 1. */
export type Reading = {
  readonly id: string;
  readonly atS: number;
  /** In which of several vessels, where that was said. */
  readonly vesselNo?: number;
} & (
  | { readonly place: ProbeName | 'oven'; readonly celsius: number }
  | { readonly place: 'wobble'; readonly share: number }
);

/** A reading that was not believed. */
export interface Doubted {
  readonly id: string;
  /** It fits nothing, as it is; or it fits, had it been read in °F and entered in °C, or the other way round. */
  readonly why: 'unlikely' | 'fahrenheit' | 'celsius';
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

/**
 * How far one vessel of a batch is from the batch as a whole: its place in the oven, and how full it is. Standard
 * uncertainties, from memory; that the back of an oven is some degrees hotter than its front is common practice.
 */
export const BETWEEN_VESSELS: BakeUnsure = {
  ovenK: 4,
  startK: 0.5,
  depthMm: 0.7,
  setK: 0,
  transferShare: 0.06,
  dryingShare: 0.1,
};
/** So many draws say how far that moves what is read. */
const VESSEL_DRAWS = 200;

/** So many draws say what was thought possible. */
const PRIOR_DRAWS = 500;

/** A reading as it is weighed: its value, the same as a function of the inputs, and what either may be off by. */
export interface Observation {
  readonly reading: Reading;
  readonly value: number;
  readonly response: Pick<Response, 'at' | 'residual'>;
  readonly off: number;
  readonly modelOff: number;
  /** How far another vessel's reading may be from this one's, draw by draw; nothing of a reading of this one. */
  readonly elsewhere: readonly number[] | undefined;
}

type Observed = Omit<Observation, 'reading' | 'elsewhere'>;

const surfaceOf = (traces: readonly Trace[], unsure: BakeUnsure, values: readonly number[]) =>
  responseOf(
    traces.map(({ shift }) => deviatesOf(shift, unsure)),
    values,
  );

/** A temperature in the filling; `undefined` where the traces do not reach so far. */
function temperature(
  traces: readonly Trace[],
  { atS, place, celsius }: Reading & { readonly place: ProbeName },
  unsure: BakeUnsure,
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
  unsure: BakeUnsure,
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
  unsure: BakeUnsure,
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

const BETWEEN_DRAWS = drawsOf(BAKE_INPUTS, BETWEEN_VESSELS, 0, VESSEL_DRAWS);

/** What two vessels of one batch read differs by, draw by draw about its mean. */
function betweenVessels({ at }: Pick<Response, 'at'>, unsure: BakeUnsure): number[] {
  const values = BETWEEN_DRAWS.map((shift) => at(deviatesOf(shift, unsure)));
  const mean = sum(values) / values.length;
  return values.map((each) => each - mean);
}

/** What two readings of one other vessel have in common, and of one reading its variance. */
const sharedBy = (a: readonly number[], b: readonly number[]): number =>
  sum(a.map((each, draw) => each * b[draw]!)) / a.length;

/**
 * A reading as what is known of the bake would have it; `undefined` where that says nothing of it. In another vessel than
 * `vesselNo` it is off by as much as two vessels differ.
 */
export function observe(
  traces: readonly Trace[],
  reading: Reading,
  ovenC: (atS: number) => number | undefined,
  unsure: BakeUnsure,
  vesselNo: number | undefined,
): Observation | undefined {
  const found = observed(traces, reading, ovenC, unsure);
  if (!found) return undefined;
  const here = reading.vesselNo === undefined || reading.vesselNo === vesselNo;
  const elsewhere = here ? undefined : betweenVessels(found.response, unsure);
  return { reading, ...found, elsewhere };
}

/**
 * What readings may be off by together: each by itself, the model by much the same for some minutes, and all of another
 * vessel by where that stands.
 */
export function covariance(observations: readonly Observation[]): Matrix {
  return new Matrix(
    observations.map((a, i) =>
      observations.map((b, j) => {
        const apartS = Math.abs(a.reading.atS - b.reading.atS);
        const alike =
          a.reading.place === b.reading.place
            ? a.modelOff * b.modelOff * Math.exp(-apartS / ALIKE_S)
            : 0;
        const elsewhere =
          a.elsewhere && b.elsewhere && a.reading.vesselNo === b.reading.vesselNo
            ? sharedBy(a.elsewhere, b.elsewhere)
            : 0;
        return alike + elsewhere + (i === j ? a.off ** 2 + a.response.residual ** 2 : 0);
      }),
    ),
  );
}

/** Whether a reading is beyond all that was thought possible, and whether it is so because it is in °F. */
export function doubtOf({
  reading,
  value,
  response,
  off,
  modelOff,
  elsewhere,
}: Observation): Doubted['why'] | undefined {
  const values = STANDARD.slice(0, PRIOR_DRAWS).map((draw) => response.at(draw));
  const mean = sum(values) / values.length;
  const variance = squares(values.map((each) => each - mean)) / values.length;
  const between = elsewhere ? sharedBy(elsewhere, elsewhere) : 0;
  const far =
    DOUBT_AT * Math.sqrt(variance + off ** 2 + modelOff ** 2 + response.residual ** 2 + between);
  if (Math.abs(value - mean) <= far) return undefined;
  if (reading.place === 'wobble') return 'unlikely';
  const fits = (celsius: number) => Math.abs(celsius - mean) <= far;
  if (fits((value - 32) / 1.8)) return 'fahrenheit';
  return fits(1.8 * value + 32) ? 'celsius' : 'unlikely';
}

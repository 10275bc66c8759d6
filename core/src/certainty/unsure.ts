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
export const INPUTS: readonly (keyof Unsure)[] = ['ovenK', 'startK', 'depthMm', 'setK'];

/** One draw: how far each input is off, in its own unit. */
export type Shift = Readonly<Record<keyof Unsure, number>>;

export const NO_SHIFT: Shift = { ovenK: 0, startK: 0, depthMm: 0, setK: 0 };

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

const BASES = [2, 3, 5, 7, 11, 13];

/** Past this many standard uncertainties nothing is drawn: a kitchen would have noticed. */
const WIDEST = 2.5;

/**
 * The draws from `first` (0 and up) to before `last`, the same each time: a low-discrepancy sequence
 * over up to six inputs, each normal with its standard uncertainty. Any two ranges may be computed apart.
 */
export const drawsOf = <Input extends string>(
  inputs: readonly Input[],
  unsure: Readonly<Record<Input, number>>,
  first: number,
  last: number,
): Readonly<Record<Input, number>>[] =>
  Array.from({ length: Math.max(0, last - first) }, (_, offset) => {
    const deviate = (input: number) => {
      const z = normalDeviate(halton(first + offset + 1, BASES[input]!));
      return Math.max(-WIDEST, Math.min(WIDEST, z));
    };
    return Object.fromEntries(
      inputs.map((name, input) => [name, unsure[name] * deviate(input)]),
    ) as unknown as Readonly<Record<Input, number>>;
  });

/** {@link drawsOf} the inputs of a forecast. */
export const shiftsFrom = (unsure: Unsure, first: number, last: number): Shift[] =>
  drawsOf(INPUTS, unsure, first, last);

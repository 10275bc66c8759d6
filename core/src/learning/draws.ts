import { drawsOf } from '../certainty';
import { BAKE_INPUTS } from './inputs';

/** Draws of the inputs that readings are weighed with. */
export const DRAWS = 4000;

/** Draws from a standard normal distribution in as many dimensions as there are inputs, the same each time. */
export const STANDARD: readonly (readonly number[])[] = drawsOf(
  BAKE_INPUTS,
  { ovenK: 1, startK: 1, depthMm: 1, setK: 1, transferShare: 1, dryingShare: 1 },
  0,
  DRAWS,
).map((shift) => BAKE_INPUTS.map((input) => shift[input]));

export const sum = (values: readonly number[]): number =>
  values.reduce((all, each) => all + each, 0);
export const squares = (values: readonly number[]): number =>
  sum(values.map((each) => each * each));

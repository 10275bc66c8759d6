import { INPUTS, shiftsFrom } from '../certainty';

/** Draws of the inputs that readings are weighed with. */
export const DRAWS = 4000;

/** Draws from a standard normal distribution in four dimensions, the same each time. */
export const STANDARD: readonly (readonly number[])[] = shiftsFrom(
  { ovenK: 1, startK: 1, depthMm: 1, setK: 1 },
  0,
  DRAWS,
).map((shift) => INPUTS.map((input) => shift[input]));

export const sum = (values: readonly number[]): number =>
  values.reduce((all, each) => all + each, 0);
export const squares = (values: readonly number[]): number =>
  sum(values.map((each) => each * each));

/**
 * How many examples a property is tried on: as many as the test asks for, times what the environment variable
 * HOLLOW_MOON_DRAWS says. The whole test run draws few; somebody who changes a planner draws many.
 *
 * @throws RangeError where the variable is no number above nothing.
 */
export function draws(count: number): number {
  const times = Number(process.env.HOLLOW_MOON_DRAWS ?? 1);
  if (!(times > 0)) throw new RangeError('HOLLOW_MOON_DRAWS has to be a number above 0');
  return Math.ceil(count * times);
}

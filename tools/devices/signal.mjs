// What a probe and an oven make of the truth: pure functions of time, so that the same seed says the same.

/** Numbers from 0 to 1 that are the same for the same seed. Source: mulberry32, a public-domain generator, from memory. */
export function randomFrom(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** A normal deviate. Source: Box and Muller, Annals of Mathematical Statistics 29 (1958). */
const normal = (random) =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** What is read between the times of a table; its ends hold before and after. */
export function between(points, timeS) {
  const after = points.findIndex(([at]) => at >= timeS);
  if (after < 0) return points.at(-1)[1];
  if (after === 0) return points[0][1];
  const [[t0, y0], [t1, y1]] = [points[after - 1], points[after]];
  return y0 + ((y1 - y0) * (timeS - t0)) / (t1 - t0);
}

/**
 * A probe that follows the truth with a lag (s, first order), a noise (K), a drift (K in an hour) and drop-outs (a share of
 * all readings, in stretches of `gapS`). Called with rising times, s; answers °C, or nothing in a drop-out.
 */
export function probeOf(truth, { lagS, noiseK, driftKPerH, gapShare, gapS, seed }) {
  const random = randomFrom(seed);
  let last;
  let gapUntilS = -Infinity;
  return (timeS) => {
    const real = truth(timeS);
    const share = last === undefined || lagS === 0 ? 1 : 1 - Math.exp(-(timeS - last.timeS) / lagS);
    const celsius = last === undefined ? real : last.celsius + share * (real - last.celsius);
    const stepS = last === undefined ? 0 : timeS - last.timeS;
    last = { timeS, celsius };
    const noise = noiseK * normal(random);
    if (timeS >= gapUntilS && random() < (gapShare * stepS) / gapS) gapUntilS = timeS + gapS;
    if (timeS < gapUntilS) return undefined;
    return celsius + noise + (driftKPerH * timeS) / 3600;
  };
}

/** An oven's air about its setting, °C: up while it heats, down while it does not, once in `everyS`. */
export const cyclingOven =
  ({ setC, swingK, everyS }) =>
  (timeS) =>
    setC + swingK * Math.sin((2 * Math.PI * timeS) / everyS);

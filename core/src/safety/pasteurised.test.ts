/** The published holds for egg, as this application counts them. */
import { forecast } from '../forecast';
import { TART } from '../testing/bakes';
import { PASTEURISED, pasteurisedTimes } from './pasteurised';

describe('pasteurisation', () => {
  // Source: US 9 CFR 590.570, sugared yolk: 63.3 °C for 3.5 min or 62.2 °C for 6.2 min (from memory).
  it('counts both published lines as one hold', () => {
    expect(
      pasteurisedTimes([
        [0, 63.3],
        [210, 63.3],
      ]),
    ).toBeCloseTo(1, 3);
    expect(
      pasteurisedTimes([
        [0, 62.2],
        [372, 62.2],
      ]),
    ).toBeCloseTo(1, 1);
  });

  it('counts a ramp as its integral, and nothing past 70 °C more than at 70', () => {
    const ramp = pasteurisedTimes([
      [0, 55],
      [600, 65],
    ]);
    const { zK, celsius, seconds } = PASTEURISED;
    // ∫ 10^((55 + t/60 - 63.3) / z) dt, in closed form.
    const closed =
      ((60 * zK) / Math.LN10) * (10 ** ((65 - celsius) / zK) - 10 ** ((55 - celsius) / zK));
    expect(ramp).toBeCloseTo(closed / seconds, 2);
    expect(
      pasteurisedTimes([
        [0, 85],
        [60, 85],
      ]),
    ).toBeCloseTo(
      pasteurisedTimes([
        [0, 70],
        [60, 70],
      ]),
      6,
    );
  });

  it('is met many times over in the middle of a baked custard', () => {
    const result = forecast(TART);
    if (!result.ok) throw new Error(result.problem.code);
    const { safety } = result.value;
    expect(safety.timesPublished).toBeGreaterThan(10);
    expect(safety.coldestPeakC).toBeGreaterThan(72);
  });

  // By hand: z = 1.1 / lg(6.2 / 3.5) = 4.4297 K. 210 s at 60 °C count 10^(-3.3 / 4.4297) = 0.1799 of the hold.
  it('counts what is cooler for less, by the slope of the two lines', () => {
    expect(PASTEURISED.zK).toBeCloseTo(4.4297, 3);
    expect(
      pasteurisedTimes([
        [0, 60],
        [210, 60],
      ]),
    ).toBeCloseTo(0.1799, 3);
  });

  it('counts nothing under 40 °C, and a line that crosses it', () => {
    const held = (fromC: number, toC: number) =>
      pasteurisedTimes([
        [0, fromC],
        [3600, toC],
      ]);
    expect(held(39.9, 39.9)).toBe(0);
    expect(held(39, 64)).toBeGreaterThan(0.5);
    expect(held(64, 39)).toBeCloseTo(held(39, 64), 9);
    expect(pasteurisedTimes([[0, 70]])).toBe(0);
  });

  // One line of an hour comes to the same as its hundred pieces: it is cut small enough by itself.
  it('does not depend on how often it was read', () => {
    const at = (timeS: number) => [timeS, 45 + timeS / 180] as const;
    const often = Array.from({ length: 101 }, (_, index) => at(index * 36));
    expect(pasteurisedTimes([at(0), at(3600)])).toBeCloseTo(pasteurisedTimes(often), 3);
  });
});

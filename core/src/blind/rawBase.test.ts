/** A raw base under its filling, summed up by hand from histories made up for it. */
import { browningRatePerS, lightnessAfter, shadeOf } from '../browning';
import { setRatePerS, USUAL_DOUGH } from '../dough';
import type { Frame } from '../forecast';
import { rawBaseOf } from './rawBase';

/** Frames of a base, its face under the filling and the one on the tin, °C. */
const frames = (...of: readonly (readonly [timeS: number, inside: number, outside: number])[]) =>
  of.map(([timeS, ...baseC]) => ({ timeS, baseC }) as unknown as Frame);
const baseOf = (history: readonly Frame[], pullS = 10_000) =>
  rawBaseOf(history, pullS, USUAL_DOUGH)!;
const rate = setRatePerS(USUAL_DOUGH);
const browns = (celsius: number) => browningRatePerS(celsius, 0.93);
/** How long at a heat sets it so far. */
const secondsTo = (set: number, celsius: number) => -Math.log(1 - set) / rate(celsius);

it('sets each face by its own heat, as long as it lasts', () => {
  const { setInside, setOutside } = baseOf(frames([0, 75, 95], [40, 75, 95], [100, 75, 95]));
  expect(setInside).toBeCloseTo(1 - Math.exp(-100 * rate(75)), 12);
  expect(setOutside).toBeCloseTo(1 - Math.exp(-100 * rate(95)), 12);
  expect(setOutside).toBeGreaterThan(setInside);
});

it('takes the mean of the rates between two looks', () => {
  const { setInside, setOutside } = baseOf(frames([0, 60, 70], [50, 80, 100]));
  expect(setInside).toBeCloseTo(1 - Math.exp((-50 * (rate(60) + rate(80))) / 2), 12);
  expect(setOutside).toBeCloseTo(1 - Math.exp((-50 * (rate(70) + rate(100))) / 2), 12);
});

it('colours its underside by the heat of the tin', () => {
  const { shade } = baseOf(frames([0, 95, 150], [1800, 95, 190]));
  expect(shade).toBe(shadeOf(lightnessAfter((1800 * (browns(150) + browns(190))) / 2)));
  expect(shade).not.toBe('raw');
});

it('counts to the pull and a second over, and no further', () => {
  const history = frames([0, 75, 75], [60, 75, 75], [120, 75, 75]);
  const after = (pullS: number) => baseOf(history, pullS).setInside;
  expect(after(119)).toBeCloseTo(1 - Math.exp(-120 * rate(75)), 12);
  expect(after(118.9)).toBeCloseTo(1 - Math.exp(-60 * rate(75)), 12);
});

it('is raw where either face has not set by nine tenths, else pale or baked by its colour', () => {
  const verdict = (inside: number, outside: number, seconds: number) =>
    baseOf(frames([0, inside, outside], [seconds, inside, outside])).verdict;
  const [almost, enough] = [secondsTo(0.899, 80), secondsTo(0.901, 80)];
  expect(verdict(80, 80, almost)).toBe('raw');
  expect(verdict(80, 80, enough)).toBe('pale');
  // Cold under its filling it is raw, however dark below.
  expect(verdict(20, 200, 3600)).toBe('raw');
  expect(verdict(200, 20, 3600)).toBe('raw');
  expect(verdict(95, 190, 3600)).toBe('baked');
});

it('is nothing where no shell was followed', () => {
  const [first, second] = frames([0, 75, 75], [60, 75, 75]);
  const bare = { ...second!, baseC: undefined } as unknown as Frame;
  expect(rawBaseOf([first!, bare], 100, USUAL_DOUGH)).toBeUndefined();
  expect(rawBaseOf([bare, second!], 100, USUAL_DOUGH)).toBeUndefined();
});

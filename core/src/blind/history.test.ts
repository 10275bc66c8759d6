/** The history of a blind bake against itself: when it is looked at, what it begins with, and what its moments are read off. */
import { lightnessOf } from '../browning';
import { SHELL } from '../testing/bakes';
import { forecastBlind } from './blind';
import type { BlindPlan, BlindStage } from './blindPlan';
import type { BlindForecast, BlindFrame } from './outcome';

const stage = (minutes: number, setC: number, weighted = false): BlindStage => ({
  ...{ minutes, setC, weighted },
  outOfRing: false,
});
const made = (change: Partial<BlindPlan> = {}): BlindForecast => {
  const result = forecastBlind({ ...SHELL, weights: 'ceramic', docked: false, ...change });
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};

// Worked in steps of four seconds: 150 s are 37 of them.
it('is looked at every twenty seconds, and at the end of each stage', () => {
  const { frames, endS } = made({ stages: [stage(2.5, 190, true), stage(1, 190)] });
  expect(frames.map(({ timeS }) => timeS)).toEqual([
    ...[0, 20, 40, 60, 80, 100, 120, 140, 148],
    ...[160, 180, 200, 208],
  ]);
  expect(endS).toBe(208);
  expect(frames.map((frame) => frame.stage)).toEqual([0, 0, 0, 0, 0, 0, 0, 0, 0, 1, 1, 1, 1]);
});

it('begins as cold as it went in, and frozen with its ice counted as cold', () => {
  const begins = (start: BlindPlan['start']) =>
    made({ start, stages: [stage(1, 190)] }).frames[0]!.places.base.insideC;
  expect(begins('room')).toBe(20);
  expect(begins('chilled')).toBe(4);
  // By hand: seven tenths of its water, 334 kJ/kg, over the heat of its solids and its water.
  const { water, solidsJkgK } = SHELL.dough;
  const iceK = (0.7 * 334_000 * water) / (solidsJkgK * (1 - water) + 4180 * water);
  expect(begins('frozen')).toBeCloseTo(-18 - iceK, 9);
  expect(iceK).toBeGreaterThan(10);
});

it('meets what the oven really gives', () => {
  const stages = (setC: number) => [stage(10, setC, true), stage(10, setC)];
  const oven = (offsetK: number) => ({ ...SHELL.oven, offsetK });
  const hotter = made({ oven: oven(10), stages: stages(190) });
  expect(hotter.frames).toEqual(made({ oven: oven(0), stages: stages(200) }).frames);
  expect(hotter.frames).not.toEqual(made({ oven: oven(0), stages: stages(190) }).frames);
});

it('has no weights where there are none, whatever its stages say', () => {
  const none = { weights: 'none', docked: true } as const;
  expect(made({ ...none, stages: [stage(15, 190, true)] }).frames).toEqual(
    made({ ...none, stages: [stage(15, 190)] }).frames,
  );
});

it('feels which weights lie on it', () => {
  const inside = (['ceramic', 'sugar', 'beans', 'rice'] as const).map(
    (weights) =>
      made({ weights, stages: [stage(30, 190, true)] }).frames.at(30)!.places.base.insideC,
  );
  expect(new Set(inside).size).toBe(4);
});

describe('its moments', () => {
  const stages = [stage(20, 200, true), stage(40, 200)];
  const { frames, moments } = made({ stages });
  const first = (holds: (places: BlindFrame['places']) => boolean) =>
    frames.find(({ timeS, places }) => timeS > 0 && holds(places))?.timeS;
  const aimed = lightnessOf(SHELL.target);

  it('are the first look at which each holds', () => {
    expect(moments).toEqual({
      standsS: first(({ wall }) => wall.setMean >= 0.9),
      baseSetS: first(({ base }) => base.set >= 0.95),
      baseDryS: first(({ base }) => base.activity <= 0.5),
      baseColourS: first(({ base }) => base.lightness <= aimed),
      rimColourS: first(({ rim }) => rim.lightness <= aimed),
      rimDarkS: first(({ rim }) => rim.lightness <= 44),
    });
    const { rimDarkS, ...reached } = moments;
    for (const atS of Object.values(reached)) expect(atS).toBeGreaterThan(0);
    expect(rimDarkS).toBeGreaterThan(moments.rimColourS!);
  });

  it('come in their order: it stands, sets, dries and colours', () => {
    const { standsS, baseSetS, baseDryS, baseColourS } = moments;
    expect(standsS).toBeLessThan(baseDryS!);
    expect(baseSetS).toBeLessThan(baseDryS!);
    expect(baseSetS).toBeLessThan(baseColourS!);
  });

  it('are none where the bake is over before', () => {
    expect(Object.values(made({ stages: [stage(2, 190, true)] }).moments)).toEqual(
      Array(6).fill(undefined),
    );
  });
});

describe('what is advised', () => {
  it('is weights until the walls stand, to the full minute', () => {
    const { moments } = made({ stages: [stage(60, 190, true)] });
    const { advised } = made({ stages: [stage(20, 190, true), stage(15, 190)] });
    expect(advised!.weightedMin).toBe(Math.ceil(moments.standsS! / 60));
    expect(advised!.bareMin).toBeGreaterThan(5);
  });

  it('is no weights where none go in, and bare until it has its colour', () => {
    const bare = made({ weights: 'none', docked: true, stages: [stage(60, 180)] });
    const { baseColourS, baseDryS } = bare.moments;
    expect(bare.advised!.weightedMin).toBe(0);
    expect(bare.advised!.bareMin).toBe(Math.round(Math.max(baseColourS!, baseDryS!) / 60));
    const unweighted = made({ stages: [stage(60, 180)] });
    expect(unweighted.advised).toEqual(bare.advised);
  });

  it('is nothing where it would not take colour in two hours', () => {
    expect(made({ stages: [stage(20, 105, true), stage(20, 105)] }).advised).toBeUndefined();
    expect(made({ stages: [stage(20, 190, true), stage(20, 105)] }).advised).toBeUndefined();
  });
});

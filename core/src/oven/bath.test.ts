/** A bath's water, surface and pan, by pen; and what of it the solver is told. */
import { standardPressurePa } from '../properties';
import type { Vessel } from '../vessel';
import { bathIn, bathSize, type BathPlan } from './bath';

/** Round dishes of glass, whose wall is 5 mm. */
const dish = (baseDiameterMm: number, topDiameterMm: number): Vessel => ({
  name: 'Dish',
  kind: 'ring',
  baseDiameterMm,
  topDiameterMm,
  heightMm: 50,
  lipMm: 0,
  material: 'glass',
});
const STRAIGHT = dish(80, 80);
const PLAN: BathPlan = {
  panLengthMm: 380,
  panBreadthMm: 280,
  levelMm: 22,
  waterC: 90,
  vessels: 6,
};
const sized = (plan: Partial<BathPlan>, vessel = STRAIGHT) => {
  const size = bathSize({ ...PLAN, ...plan }, vessel);
  if (!size.ok) throw new Error(size.problem.code);
  return size.value;
};
const refused = (plan: Partial<BathPlan>, vessel = STRAIGHT) => {
  const size = bathSize({ ...PLAN, ...plan }, vessel);
  return size.ok ? undefined : size.problem;
};

describe('the size of a bath', () => {
  // 380 × 280 = 106,400 mm²; six rounds of 90 mm outside, 6 × 6361.7 = 38,170 mm²; over 22 mm 1501 ml. The pan meets its
  // base and its sides as far as the water comes up: 106,400 + 2 × 660 × 22 = 135,440 mm².
  it('is the pan less the vessels, times the depth', () => {
    const { waterMl, surfaceM2, panM2 } = sized({});
    expect(waterMl).toBeCloseTo(((106_400 - 6 * Math.PI * 45 ** 2) * 22) / 1000, 6);
    expect(waterMl).toBeCloseTo(1501, 0);
    expect(surfaceM2).toBeCloseTo(0.06823, 5);
    expect(panM2).toBeCloseTo(0.13544, 8);
  });

  // 60 mm at the base and 100 at the top of 50 mm: at 11 mm, half of the depth, 68.8; at 22 mm 77.6; each 10 mm wider outside.
  it('goes by what stands in the water of a dish that widens', () => {
    const { waterMl, surfaceM2 } = sized({ vessels: 4 }, dish(60, 100));
    expect(waterMl).toBeCloseTo(((106_400 - 4 * Math.PI * 39.4 ** 2) * 22) / 1000, 6);
    expect(surfaceM2).toBeCloseTo((106_400 - 4 * Math.PI * 43.8 ** 2) / 1e6, 8);
  });

  // By their widest, 110 mm outside, 9503.3 mm² each: ten are 95,033 and go into 95 % of 106,400; eleven, 104,536, do not.
  it('takes as many as stand side by side at their widest', () => {
    expect(refused({ vessels: 10 }, dish(60, 100))).toBeUndefined();
    expect(refused({ vessels: 11 }, dish(60, 100))).toEqual({
      code: 'bath.pan-too-small',
      path: 'bath.panLengthMm',
      values: {
        vessels: 11,
        take: { areaMm2: expect.closeTo(11 * Math.PI * 55 ** 2, 6) },
        has: { areaMm2: 106_400 },
      },
    });
  });

  it.each([
    ['a pan too short', { panLengthMm: 79.9, vessels: 0 }, 'bath.pan'],
    ['a pan too narrow', { panBreadthMm: 79.9, vessels: 0 }, 'bath.pan'],
    ['a pan over a square metre', { panLengthMm: 1001, panBreadthMm: 1000 }, 'bath.pan'],
    ['water that hardly wets', { levelMm: 2.9 }, 'bath.level'],
    ['water within 2 mm of the rim', { levelMm: 48.1 }, 'bath.level'],
  ])('is refused for %s', (_, plan, code) => {
    expect(refused(plan)?.code).toBe(code);
  });

  it.each([
    ['a pan as small as pans are', { panLengthMm: 80, panBreadthMm: 80, vessels: 0 }],
    ['a pan of a square metre', { panLengthMm: 1000, panBreadthMm: 1000 }],
    ['3 mm of water', { levelMm: 3 }],
    ['water 2 mm under the rim', { levelMm: 48 }],
  ])('is taken for %s', (_, plan) => {
    expect(refused(plan)).toBeUndefined();
  });

  it('says how far the water may come up: 2 mm under a rim of 50', () => {
    expect(refused({ levelMm: 49 })).toEqual({
      code: 'bath.level',
      path: 'bath.levelMm',
      values: { most: { millimetres: 48 } },
    });
  });
});

describe('a bath as the solver takes it', () => {
  const AIR = { topWm2K: 20, baseWm2K: 12 };
  const told = (plan: Partial<BathPlan> = {}) =>
    bathIn(
      { ...PLAN, ...plan },
      { waterMl: 1500, surfaceM2: 0.07, panM2: 0.13 },
      AIR,
      { airC: 150, radiantC: 140, exchange: (emissivity) => emissivity / 2, vapourPa: 3000 },
      1500,
    );

  // Under the rim of a pan 0.45 of the oven's convection is left: 9 of 20; water radiates by 0.95, its pan by 0.4, halved here.
  it('has its water, its surface and its pan', () => {
    expect(told()).toEqual({
      levelM: 0.022,
      convectionWm2K: 300,
      water: {
        massKg: 1.5,
        startC: 90,
        vessels: 6,
        surfaceM2: 0.07,
        surface: {
          convectionWm2K: 9,
          airC: 150,
          emissivity: 0.475,
          radiantC: 140,
          evaporation: {
            wetness: 1,
            skinKgM2: Number.MAX_VALUE,
            vapourPressurePa: 3000,
            airPressurePa: standardPressurePa(1500),
          },
        },
        panM2: 0.13,
        pan: { convectionWm2K: 12, airC: 150, emissivity: 0.2, radiantC: 140 },
      },
    });
  });

  it('gives its heat through a bag of air six times as slowly', () => {
    expect(told({ wrapped: true }).convectionWm2K).toBe(50);
    expect(told({ wrapped: false }).convectionWm2K).toBe(300);
  });
});

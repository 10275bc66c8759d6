/** Baths as cooks make them. Facts of the trade: common practice. */
import type { Vessel } from '../vessel';
import { bathSize, forecast, type BathPlan, type Forecast, type ForecastPlan } from './index';

const dish: Vessel = {
  name: 'Dish',
  kind: 'ramekin',
  baseDiameterMm: 89,
  topDiameterMm: 89,
  heightMm: 50,
  lipMm: 0,
  material: 'bright-tin',
};
const pan: BathPlan = {
  panLengthMm: 350,
  panBreadthMm: 250,
  levelMm: 25,
  waterC: 90,
  vessels: 6,
};

describe('the size of a bath', () => {
  // Source: common practice: a 35 × 25 cm pan, six dishes 9 cm wide and 5 high, half-way: 1.2 L; half a
  // litre comes up 1 cm.
  it('is what cooks pour', () => {
    const half = bathSize(pan, dish);
    expect(half.ok && half.value.waterMl / 1000).toBeCloseTo(1.2, 1);
    const low = bathSize({ ...pan, levelMm: 10 }, dish);
    expect(low.ok && low.value.waterMl / 1000).toBeCloseTo(0.5, 1);
  });

  it('is refused when it cannot be', () => {
    const code = (over: Partial<BathPlan>) => {
      const size = bathSize({ ...pan, ...over }, dish);
      return size.ok ? '' : size.problem.code;
    };
    expect(code({ vessels: 16 })).toBe('pan-too-small');
    expect(code({ levelMm: 49 })).toBe('bath-level');
    expect(code({ levelMm: 1 })).toBe('bath-level');
    expect(code({ panBreadthMm: 20 })).toBe('pan');
  });
});

const lines = Object.entries({ cream: 520, milk: 180, 'egg-yolk': 142, sugar: 80 }).map(
  ([ingredientId, amount]) => ({ id: ingredientId, ingredientId, amount, unit: 'g' as const }),
);
const planned = (over: Partial<ForecastPlan>): Forecast => {
  const result = forecast({
    lines,
    eggGrade: 'EU M',
    family: 'baked-custard',
    shell: 'none',
    vessel: { ...dish, baseDiameterMm: 80, topDiameterMm: 86, heightMm: 45, material: 'ceramic' },
    shellThicknessMm: 0,
    headspaceMm: 6,
    oven: { kind: 'still', offsetK: 0 },
    setC: 150,
    fillingStartC: 45,
    roomC: 22,
    altitudeM: 0,
    bath: { ...pan, panLengthMm: 380, panBreadthMm: 280, levelMm: 22 },
    ...over,
  });
  if (!result.ok) throw new Error(result.problem.message);
  return result.value;
};

describe('pots in a bath', () => {
  // Source: common practice: in a 150 to 165 °C oven the water settles near 80 to 88 °C and does not simmer.
  // (The oven's humidity is calibrated to this; what follows is not.)
  it.each([150, 165])('stand in water that settles and does not simmer, at %d °C', (setC) => {
    const { bath } = planned({ setC, fillingStartC: 20 });
    expect(bath!.atPullC).toBeGreaterThan(79);
    expect(bath!.atPullC).toBeLessThan(89);
    expect(bath!.simmersAtS).toBeUndefined();
    expect(bath!.leftMl).toBeLessThan(bath!.waterMl);
  });

  it('have a window where the same pots in a dry oven have none', () => {
    expect(planned({}).verdict.kind).toBe('window');
    const { bath: _bath, ...dry } = planned({
      bath: undefined,
    });
    expect(dry.verdict.kind).toBe('no-window');
  });

  it('take longer in cold water, and with a cold filling', () => {
    const best = (of: Forecast) => (of.verdict.kind === 'window' ? of.verdict.best.timeS : NaN);
    const usual = best(planned({}));
    const coldWater = planned({
      bath: { ...pan, panLengthMm: 380, panBreadthMm: 280, levelMm: 22, waterC: 15 },
    });
    expect(best(coldWater)).toBeGreaterThan(1.4 * usual);
    expect(best(planned({ fillingStartC: 10 }))).toBeGreaterThan(1.2 * usual);
  });

  it('keep their rim further from curdling the higher the water', () => {
    const rimAtPull = (levelMm: number) => {
      const found = planned({ bath: { ...pan, panLengthMm: 380, panBreadthMm: 280, levelMm } });
      return found.frames.find((frame) => frame.timeS >= found.pullS)!.probeC.rim;
    };
    expect(rimAtPull(34)).toBeLessThan(rimAtPull(14));
  });

  it('close their energy balance, and carry the water’s temperature as long as they stand in it', () => {
    const found = planned({});
    expect(Math.abs(found.energyResidual)).toBeLessThan(1e-3);
    const inOven = found.frames.filter((frame) => frame.inOven && frame.timeS > 0);
    expect(inOven.every((frame) => frame.waterC !== undefined)).toBe(true);
    expect(found.frames.at(-1)!.waterC).toBeUndefined();
    expect(found.cautions.join(' ')).toMatch(/Pour the water at the oven/);
  });
});

/** Puff and fall. Source: ideal gas beside saturated vapour; vapour pressures of IAPWS-IF97, from steam tables. */
import { codesOf } from '../testing/findings';
import { listOf, PIE, POT, TART } from '../testing/bakes';
import { forecast } from './forecast';
import { type ForecastPlan } from './plan';
import { growthOf } from './rise';

const bubble = { activity: 1, airPressurePa: 101_325, pouredC: 20 };

describe('a bubble', () => {
  // Steam tables: 2.339 kPa at 20 °C, 47.41 at 80 °C. (353.15 / 293.15) (98.986 / 53.915) = 2.212.
  it('grows by the law of gases beside its steam', () => {
    expect(growthOf(20, bubble)).toBeCloseTo(1, 9);
    expect(growthOf(80, bubble)).toBeCloseTo(2.212, 2);
  });

  it('breaks near boiling, and grows less where sugar holds the water', () => {
    expect(growthOf(99.9, bubble)).toBe(5);
    expect(growthOf(120, bubble)).toBe(5);
    expect(growthOf(85, { ...bubble, activity: 0.8 })).toBeLessThan(growthOf(85, bubble));
  });

  it('grows more on a mountain', () => {
    expect(growthOf(80, { ...bubble, airPressurePa: 80_000 })).toBeGreaterThan(
      growthOf(80, bubble),
    );
  });
});

describe('the puff of a bake', () => {
  const made = (plan: ForecastPlan) => {
    const result = forecast(plan);
    if (!result.ok) throw new Error(result.problem.code);
    return result.value;
  };
  const { fillingG: _batch, ...fullTin } = PIE;
  const batter: ForecastPlan = {
    ...fullTin,
    family: 'batter-custard',
    lines: listOf({ milk: 300, cream: 200, egg: 250, sugar: 100, 'wheat-flour': 40 }),
    shell: 'none',
    shellThicknessMm: 0,
    setC: 190,
  };

  // Common practice: a batter custard puffs and falls by some millimetres; a pot in its bath stays level.
  it('is some millimetres for a batter, and not seen in a pot', () => {
    const puffed = made(batter);
    expect(puffed.riseMm).toBeGreaterThan(2);
    expect(puffed.riseMm).toBeLessThan(15);
    expect(puffed.cautions).toContainEqual({
      code: 'forecast.puffs-over',
      values: { by: { millimetres: Math.round(puffed.riseMm) } },
    });
    const pot = made({
      ...POT,
      bath: { panLengthMm: 380, panBreadthMm: 280, levelMm: 22, waterC: 85, vessels: 6 },
    });
    expect(pot.riseMm).toBeLessThan(1);
    expect(pot.cautions.map(({ code }) => code).join(' ')).not.toMatch(/puffs/);
    expect(made(TART).riseMm).toBeLessThan(1);
  });

  it('is warned of where the rim is too near', () => {
    const tight = codesOf(made({ ...batter, headspaceMm: 1 }).cautions);
    expect(tight).toContain('forecast.puffs-over');
    const roomy = codesOf(made({ ...batter, headspaceMm: 18 }).cautions);
    expect(roomy).not.toContain('forecast.puffs-over');
  });

  it('grows with the heat past the pull', () => {
    const late = made({ ...batter, pull: 'latest' });
    expect(late.riseMm).toBeGreaterThan(made({ ...batter, pull: 'earliest' }).riseMm);
  });
});

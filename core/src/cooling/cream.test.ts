import { analyse } from '../formula';
import { coolCream, creamDepthMm, type CreamPlan } from './cream';

const plan: CreamPlan = {
  analysis: analyse(
    Object.entries({ milk: 1000, 'egg-yolk': 120, sugar: 200, cornflour: 60 }).map(
      ([ingredientId, amount]) => ({ id: ingredientId, ingredientId, amount, unit: 'g' as const }),
    ),
    'EU M',
  ),
  family: 'starch-cream',
  massG: 1300,
  vessel: { kind: 'tray', lengthMm: 300, breadthMm: 200 },
  film: true,
  startC: 95,
  out: [{ atMin: 0, place: 'fridge' }],
  roomC: 22,
  altitudeM: 0,
};
const cooled = (change: Partial<CreamPlan> = {}) => {
  const result = coolCream({ ...plan, ...change });
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};
const BOWL = { kind: 'bowl', diameterMm: 180 } as const;

describe('cooling a stirred cream', () => {
  it('stands as deep as its mass says', () => {
    expect(creamDepthMm(plan)).toBeCloseTo(1300 / plan.analysis.whole.densityGMl / 60, 6);
  });

  // Common practice, and why the Food Code asks for shallow pans: a tray is cold in time, a deep bowl is not.
  it('a shallow tray in the fridge keeps the published limits, a deep bowl does not', () => {
    const tray = cooled();
    expect([tray.keepsFirst, tray.keepsCold]).toEqual([true, true]);
    const bowl = cooled({ vessel: BOWL });
    expect(bowl.keepsFirst && bowl.keepsCold).toBe(false);
  });

  it('ice is faster than the fridge, and without film it cools faster and dries', () => {
    const first = (change: Partial<CreamPlan>) => cooled(change).under.firstS!;
    const fridge = first({});
    expect(first({ out: [{ atMin: 0, place: 'ice-bath' }] })).toBeLessThan(fridge);
    expect(first({ film: false })).toBeLessThan(fridge);
  });

  // Source: lumped capacity (Incropera 5.1) bounds it: a sheet cools slower than a lump of the same loss.
  it('is no faster than a lump with the same surface', () => {
    const { points } = cooled({ out: [{ atMin: 0, place: 'rack' }] });
    const depthM = creamDepthMm(plan) / 1000;
    const areaPerVolume = 2 / depthM + 2 / 0.12;
    // 6 W/(m² K) of air and at the most 7 of radiation at 95 °C.
    const rate = (13 * areaPerVolume) / 3.9e6;
    for (const [timeS, , centre] of points) {
      expect(centre).toBeGreaterThan(22 + 73 * Math.exp(-rate * timeS) - 2);
    }
  });

  it('refuses a smear and a vat, and says what to take', () => {
    const thin = coolCream({ ...plan, massG: 150 });
    expect(thin.ok ? '' : thin.problem.code).toBe('cooling.too-shallow');
    const deep = coolCream({ ...plan, massG: 30_000 });
    expect(deep.ok ? '' : deep.problem.code).toBe('cooling.too-deep');
  });
});

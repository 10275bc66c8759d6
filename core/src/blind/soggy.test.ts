import { doughActivity, solveTridiagonal, waterOnDryAt } from '../dough';
import { SOFT_FROM, soggyClock, type SoggyPlan } from './soggy';

const base: SoggyPlan = {
  thicknessMm: 3,
  baseActivity: 0.3,
  fillingActivity: 0.97,
  seal: 'none',
  keptC: 20,
};
const softH = (change: Partial<SoggyPlan> = {}) =>
  (soggyClock({ ...base, ...change }).softS ?? Infinity) / 3600;

describe('the soggy clock', () => {
  // Common practice: unsealed under a wet filling a base is soft within the day; sealed it holds longer.
  it('unsealed it is soft within the day, and later in the fridge', () => {
    expect(softH()).toBeGreaterThan(2);
    expect(softH()).toBeLessThan(12);
    expect(softH({ keptC: 4 })).toBeGreaterThan(1.5 * softH());
  });

  it('seals stand in the order cooks give them', () => {
    const order = (['none', 'jam', 'egg-wash', 'cocoa-butter', 'chocolate'] as const).map((seal) =>
      softH({ seal }),
    );
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(softH({ seal: 'chocolate' })).toBeGreaterThan(24);
  });

  it('a drier filling and a thicker base hold longer; a damp base is soft at once', () => {
    expect(softH({ fillingActivity: 0.8 })).toBeGreaterThan(softH());
    expect(softH({ thicknessMm: 5 })).toBeGreaterThan(2 * softH());
    expect(softH({ baseActivity: 0.7 })).toBe(0);
    expect(softH({ fillingActivity: 0.5 })).toBe(Infinity);
  });

  // Source: Crank, The Mathematics of Diffusion (1975), eq. 4.17: a plane sheet with one face closed.
  it('agrees with the series for a sheet, within 0.01 of water activity', () => {
    const thicknessM = 0.003;
    const diffusivity = 3e-11;
    const [from, to] = [waterOnDryAt(0.3), waterOnDryAt(0.97)];
    /** Water at a share of the way from the closed face to the filling. */
    const waterAt = (share: number, seconds: number): number => {
      let left = 0;
      for (let n = 0; n < 80; n += 1) {
        const odd = 2 * n + 1;
        const decay = Math.exp(
          (-diffusivity * (odd * Math.PI) ** 2 * seconds) / (4 * thicknessM ** 2),
        );
        left +=
          ((n % 2 === 0 ? 4 : -4) / (Math.PI * odd)) *
          decay *
          Math.cos((odd * Math.PI * share) / 2);
      }
      return to + (from - to) * left;
    };
    const { hourly } = soggyClock(base);
    for (const hours of [1, 2, 4, 6]) {
      const shares = Array.from({ length: 200 }, (_, index) => (index + 0.5) / 200);
      const mean =
        shares.reduce((sum, share) => sum + doughActivity(waterAt(share, hours * 3600)), 0) / 200;
      expect(Math.abs(hourly[hours]! - mean)).toBeLessThan(0.01);
    }
  });
});

describe('the isotherm', () => {
  it('is its own inverse and rises', () => {
    for (const activity of [0.1, 0.3, 0.5, 0.7, 0.9]) {
      expect(doughActivity(waterOnDryAt(activity))).toBeCloseTo(activity, 9);
    }
    expect(doughActivity(0)).toBe(0);
  });

  // From memory: biscuits are crisp to about 6 to 8 % of water on dry matter.
  it('gives crisp biscuits the water they have', () => {
    expect(waterOnDryAt(0.5)).toBeGreaterThan(0.05);
    expect(waterOnDryAt(0.5)).toBeLessThan(0.09);
  });
});

describe('the solver of a line of layers', () => {
  it('solves a system whose answer is known', () => {
    // (2 -1; -1 2 -1; -1 2) x = (1 0 1) has x = (1 1 1).
    const right = Float64Array.of(1, 0, 1);
    solveTridiagonal(
      Float64Array.of(0, -1, -1),
      Float64Array.of(2, 2, 2),
      Float64Array.of(-1, -1, 0),
      right,
    );
    [...right].forEach((x) => expect(x).toBeCloseTo(1, 12));
  });
});

describe('the clock itself', () => {
  const plan = {
    ...{ thicknessMm: 3, baseActivity: 0.2, fillingActivity: 0.95 },
    ...{ seal: 'none' as const, keptC: 20 },
  };

  // Arrhenius by hand: exp(30 000 / 8.314 × (1 / 277.15 - 1 / 293.15)) = 2.03 times slower at 4 °C; time goes with it.
  it('goes as much slower in the cold as water does', () => {
    const [warm, cold] = [soggyClock(plan), soggyClock({ ...plan, keptC: 4 })];
    expect(cold.softS! / warm.softS!).toBeGreaterThan(1.95);
    expect(cold.softS! / warm.softS!).toBeLessThan(2.11);
  });

  // Fick: the time goes with the square of the thickness where nothing seals it.
  it('goes with the square of the thickness', () => {
    const [thin, thick] = [soggyClock(plan), soggyClock({ ...plan, thicknessMm: 6 })];
    expect(thick.softS! / thin.softS!).toBeGreaterThan(3.8);
    expect(thick.softS! / thin.softS!).toBeLessThan(4.2);
  });

  it('is less crisp first, then soft, and is followed for six hours more', () => {
    const { lessCrispS, softS, hourly } = soggyClock(plan);
    expect(lessCrispS!).toBeGreaterThan(0);
    expect(softS!).toBeGreaterThan(lessCrispS!);
    const at = (seconds: number) => hourly[Math.floor(seconds / 3600)]!;
    expect(at(softS!)).toBeLessThanOrEqual(SOFT_FROM);
    expect(hourly[Math.ceil(softS! / 3600)]).toBeGreaterThanOrEqual(SOFT_FROM);
    expect(hourly).toHaveLength(Math.floor((softS! + 6 * 3600 + 300) / 3600) + 1);
    expect([...hourly].sort((a, b) => a - b)).toEqual(hourly);
  });

  it('is followed for five days where it outlasts them, hour by hour', () => {
    const { softS, lessCrispS, hourly } = soggyClock({ ...plan, fillingActivity: 0.25 });
    expect([lessCrispS, softS]).toEqual([undefined, undefined]);
    expect(hourly).toHaveLength(5 * 24 + 1);
  });

  it('is soft from the start where it is filled soft', () => {
    const { softS, lessCrispS } = soggyClock({ ...plan, baseActivity: 0.8 });
    expect([lessCrispS, softS]).toEqual([0, 0]);
  });
});

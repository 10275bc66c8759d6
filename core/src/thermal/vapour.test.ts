/** The oven's air against a bisection of its balance and a case worked by hand. */
import { settledVapourPa } from './vapour';
import { type AirChange } from './case';

const air: AirChange = { leakKgS: 1e-3, roomPa: 1300, mostPa: 90_000, cups: 1 };
const P = 101_325;

/** Excess of what leaves over what evaporates, kg/s, written out once more. */
const excess = (pa: number, sources: Parameters<typeof settledVapourPa>[2], of = air): number => {
  const x = (p: number) => (0.62195 * p) / (P - p);
  return (
    of.leakKgS * (x(pa) - x(of.roomPa)) -
    sources.reduce((sum, { areaM2, kgM2S, pa: own, skinM2SKg }) => {
      const free = kgM2S * Math.log((P - pa) / (P - own));
      const m =
        skinM2SKg > 0 && free > 0
          ? (Math.sqrt(1 + 4 * skinM2SKg * free) - 1) / (2 * skinM2SKg)
          : free;
      return sum + areaM2 * m;
    }, 0)
  );
};

describe('the vapour of an oven', () => {
  it('is the room’s where nothing evaporates', () => {
    expect(settledVapourPa(air, P, [], 20_000)).toBeCloseTo(1300, 0);
  });

  // Worked by hand: 0.1 g/s into 1 g/s of dry air that brought 8.08 g/kg make 108.1 g/kg, which is
  // 0.1081 / (0.6220 + 0.1081) of the air's pressure, 15.0 kPa. A surface that gives just that at 15.0 kPa: kgM2S of
  // 1e-4 / ln((101.3 - 15.0) / (101.3 - 47.4)) on a square metre at 80 °C.
  it('carries away what a bath gives', () => {
    const kgM2S = 1e-4 / Math.log((P - 15_000) / (P - 47_400));
    const found = settledVapourPa(air, P, [{ areaM2: 1, kgM2S, pa: 47_400, skinM2SKg: 0 }], 1300);
    expect(Math.abs(found / 15_000 - 1)).toBeLessThan(0.01);
  });

  it.each([
    [{ areaM2: 0.05, kgM2S: 4e-3, pa: 31_000, skinM2SKg: 900 }, 0.8e-3],
    [{ areaM2: 0.4, kgM2S: 8e-3, pa: 70_000, skinM2SKg: 0 }, 2e-3],
    [{ areaM2: 0.1, kgM2S: 5e-3, pa: 600, skinM2SKg: 0 }, 1e-3],
  ])('settles where bisection finds it: %j in %d kg/s', (source, leakKgS) => {
    const of = { ...air, leakKgS };
    let [low, high] = [0, 90_000];
    for (let round = 0; round < 60; round += 1) {
      const middle = (low + high) / 2;
      if (excess(middle, [source], of) > 0) high = middle;
      else low = middle;
    }
    expect(Math.abs(settledVapourPa(of, P, [source], 5000) - low)).toBeLessThan(1);
  });

  it('never holds more than its air can', () => {
    const wet = [{ areaM2: 2, kgM2S: 1e-2, pa: 80_000, skinM2SKg: 0 }];
    expect(settledVapourPa({ ...air, mostPa: 2300 }, P, wet, 1300)).toBeLessThanOrEqual(2300);
  });
});

/** Freezing in the solver: against the closed solution of a freezing front, and by its energy balance. */
import { iceConductivityWmK } from '../properties';
import { buildModel, firstMoment } from './model';
import { run } from './run';
import { temperatureAt } from './probe';
import { type Cup, type Face, type Material, type Surroundings } from './case';

const closed: Face = { convectionWm2K: 0, airC: 0, emissivity: 0, radiantC: 0 };

/** Water that freezes almost at one temperature. */
const WATER: Material = {
  name: 'water',
  conductivityWmK: [0.571, 0, 0],
  heatCapacityJm3K: [4.18e6, 0, 0],
  freezes: { fromC: -0.005, waterKgM3: 1000 },
};
const cup: Cup = {
  material: WATER,
  depthM: 0.05,
  bottomRadiusM: 0.04,
  topRadiusM: 0.04,
  startC: 0,
  layers: [],
};
const SURFACE = -15;
const cold: Surroundings = {
  top: { ...closed, convectionWm2K: 1e5, airC: SURFACE, radiantC: SURFACE },
  side: closed,
  base: closed,
};

/** Error function by its series; x to about 2. */
const erf = (x: number): number => {
  let [term, sum] = [x, x];
  for (let n = 1; n < 40; n += 1) {
    term *= (-x * x) / n;
    sum += term / (2 * n + 1);
  }
  return (2 / Math.sqrt(Math.PI)) * sum;
};

describe('a freezing front', () => {
  // Source: Neumann's solution, Carslaw and Jaeger, Conduction of Heat in Solids (2nd ed.), 11.2, for a liquid at its
  // freezing point: λ exp(λ²) erf λ = St / √π, the front at 2 λ √(α t), heat taken out 2 k ΔT √(t / (π α)) / erf λ.
  // Ice at the mean of its temperatures; 2060 J/(kg K) and 333.4 kJ/kg.
  const conductivity = 0.571 + iceConductivityWmK(WATER.freezes!, SURFACE / 2);
  const capacityJm3K = 1000 * 2060;
  const stefan = (2060 * -SURFACE) / 333_400;
  const diffusivity = conductivity / capacityJm3K;
  let [low, high] = [0, 2];
  for (let halving = 0; halving < 60; halving += 1) {
    const middle = (low + high) / 2;
    if (middle * Math.exp(middle ** 2) * erf(middle) < stefan / Math.sqrt(Math.PI)) low = middle;
    else high = middle;
  }
  const lambda = (low + high) / 2;
  const model = buildModel(cup, [], 3);
  const seconds = 3600;
  const after = run(model, firstMoment(model), cold, seconds, { toleranceK: 0.2 }).at(-1)!;

  // A front lies anywhere in its cell, so that the error only halves with the cells: 8, 4, 3 and 1.5 % at 1, 2, 3 and 6
  // times as many.
  it('takes out the heat of the closed solution', () => {
    const perM2 =
      (2 * conductivity * -SURFACE * Math.sqrt(seconds / (Math.PI * diffusivity))) / erf(lambda);
    const found = -after.energy.storedJ / (Math.PI * 0.04 ** 2);
    expect(Math.abs(found / perM2 - 1)).toBeLessThan(0.035);
  });

  it('stands where the closed solution puts it', () => {
    const frontM = 2 * lambda * Math.sqrt(diffusivity * seconds);
    const at = (depthM: number) =>
      temperatureAt(model, after, { radiusShare: 0, heightM: 0.05 - depthM });
    expect(at(frontM - 0.001)).toBeLessThan(-0.2);
    expect(at(frontM + 0.001)).toBeGreaterThan(-0.05);
    // Straight but for the heat that the ice itself gives up: half-way to the front, by the error functions.
    const half = SURFACE * (1 - erf(lambda / 2) / erf(lambda));
    expect(Math.abs(at(frontM / 2) - half)).toBeLessThan(0.6);
  });

  it('closes its energy, and does not depend on the steps', () => {
    expect(after.energy.receivedJ / after.energy.storedJ).toBeCloseTo(1, 6);
    const coarse = run(model, firstMoment(model), cold, seconds, { toleranceK: 4 }).at(-1)!;
    expect(coarse.energy.receivedJ / coarse.energy.storedJ).toBeCloseTo(1, 6);
    expect(Math.abs(coarse.energy.storedJ / after.energy.storedJ - 1)).toBeLessThan(0.005);
  });
});

it('thaws as it froze: the same heat back, and nothing left of the ice', () => {
  const model = buildModel({ ...cup, depthM: 0.01, startC: 5 });
  const warm: Surroundings = { ...cold, top: { ...cold.top, airC: 5, radiantC: 5 } };
  const frozen = run(model, firstMoment(model), cold, 3600, { toleranceK: 1 }).at(-1)!;
  expect(Math.max(...frozen.temperatureC)).toBeLessThan(-10);
  const back = run(model, frozen, warm, 4 * 3600, { toleranceK: 1 }).at(-1)!;
  expect(Math.max(...back.temperatureC)).toBeCloseTo(5, 1);
  expect(Math.abs(back.energy.storedJ)).toBeLessThan(0.001 * Math.abs(frozen.energy.storedJ));
});

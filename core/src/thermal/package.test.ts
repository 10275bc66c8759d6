/**
 * The solver against a general-purpose ODE package of the registry on the same discretised equations.
 * Two codes with nothing in common but the balance of a cell.
 */
import { solveByPackage } from '../../bench/odeReference';
import { inOven } from '../oven';
import { fillingMaterial, layersAround } from '../materials';
import { analyse } from '../formula';
import { buildModel, firstMoment } from './model';
import { run } from './run';
import { type Cup, type Surroundings } from './case';

const analysis = analyse(
  [
    { id: 'a', ingredientId: 'cream', amount: 500, unit: 'g' },
    { id: 'b', ingredientId: 'egg', amount: 200, unit: 'g' },
    { id: 'c', ingredientId: 'sugar', amount: 80, unit: 'g' },
  ],
  'EU M',
);
const cup: Cup = {
  material: fillingMaterial(analysis, true),
  depthM: 0.04,
  bottomRadiusM: 0.04,
  topRadiusM: 0.042,
  startC: 20,
  layers: layersAround('none', 0, 'ceramic', 20),
};
const { airChange: _follows, ...dry } = inOven('still', { airC: 160, wallsC: 160 }, 'ceramic', 0, {
  // A skin that never forms: the rate depends on the surface's temperature alone.
  drying: { activity: 0.97, waterKgM3: 1e9 },
});
const inWater: Surroundings = {
  ...dry,
  bath: { levelM: 0.02, convectionWm2K: 300, water: { fixedC: 82 } },
};

describe('against a general-purpose ODE package', () => {
  it.each([
    ['in a dry oven', dry],
    ['in a bath', inWater],
  ])('%s, with radiation and evaporation: within 0.02 °C in every cell', (_, around) => {
    const model = buildModel(cup, [], 0.6);
    const found = run(model, firstMoment(model), around, 1500, {
      toleranceK: 0.01,
      longestStepS: 5,
    }).at(-1)!;
    const { temperatureC } = solveByPackage(model, around, 1500, 1e-5);
    const worst = Math.max(
      ...temperatureC.map((value, cell) => Math.abs(value - found.temperatureC[cell]!)),
    );
    expect(worst).toBeLessThan(0.02);
    expect(Math.max(...temperatureC)).toBeGreaterThan(70);
  });
});

import type { Analysis } from '../formula';
import {
  boilingPointC,
  foodProperties,
  freezableWater,
  freezingPointC,
  waterActivity,
} from '../properties';
import type { Material } from '../thermal';

/** Volume expansion of a watery food at 40 to 70 °C, 1/K. Source: water, from memory. */
const EXPANSION_PER_K = 5e-4;

/**
 * Viscosity of a custard mix at 40 to 60 °C, from its solids: about 2 mPa s for milk, 12 for
 * whipping cream. Source: from memory; the stirring depends on its cube root only.
 */
const viscosityPaS = (solids: number): number => 1e-3 * Math.exp(6 * solids);

/** With less water than this, by mass, nothing is held at the boiling point, and nothing freezes. From memory. */
const LEAST_WATER = 0.1;

/** Reference temperature for the density of a warm mixture, °C. */
const WARM_C = 50;

/**
 * The filling as a material of the thermal model, from the formula's composition. A thick one, a
 * purée, paste or cheese, does not stir itself. Its water boils at the air's pressure, the later the more is
 * dissolved in it; without a pressure it does not. What is nearly dry or fat has none to boil or to freeze.
 */
export function fillingMaterial(
  analysis: Analysis,
  thick = false,
  airPressurePa?: number,
): Material {
  const { composition } = analysis.whole;
  const food = foodProperties(composition, WARM_C);
  const [c0, c1, c2] = food.heatCapacityJkgK;
  const density = food.densityKgM3;
  const wet = composition.water > LEAST_WATER;
  return {
    name: 'filling',
    conductivityWmK: food.conductivityWmK,
    heatCapacityJm3K: [density * c0, density * c1, density * c2],
    ...(wet
      ? {
          freezes: {
            fromC: freezingPointC(analysis.composition),
            waterKgM3: density * freezableWater(composition),
          },
        }
      : {}),
    ...(airPressurePa === undefined || !wet
      ? {}
      : {
          boilsC: boilingPointC(airPressurePa / waterActivity(analysis.composition)),
          waterKgM3: density * composition.water,
        }),
    ...(thick
      ? {}
      : {
          liquid: {
            densityKgM3: density,
            viscosityPaS: viscosityPaS(analysis.share.solids),
            expansionPerK: EXPANSION_PER_K,
          },
        }),
  };
}

import { evaluate } from '../properties';
import type { Balance } from './balance';
import type { Material } from './case';
import type { Moment } from './model';
import { advanceExtent, rateAt } from './reactions';

const GRAVITY = 9.80665;

/**
 * How many times better than by conduction a liquid layer carries heat when one of its sides is
 * `differenceK` warmer than another, at a mean `celsius`. `lengthM` is its depth. Never under 1.
 *
 * Nu = 0.069 Ra^⅓ Pr^0.074. Source: Globe and Dropkin, J. Heat Transfer 81 (1959) 24, layers heated
 * from below, Ra 3×10⁵ to 7×10⁹; used here for heating from the side too, and below its range down
 * to where it meets conduction, which is good to a factor of about 1.5.
 */
export function stirringFactor(
  material: Material,
  lengthM: number,
  differenceK: number,
  celsius: number,
): number {
  const { liquid } = material;
  if (!liquid || differenceK <= 0) return 1;
  const conductivity = evaluate(material.conductivityWmK, celsius);
  const diffusivity = conductivity / evaluate(material.heatCapacityJm3K, celsius);
  const kinematicViscosity = liquid.viscosityPaS / liquid.densityKgM3;
  const rayleigh =
    (GRAVITY * liquid.expansionPerK * differenceK * lengthM ** 3) /
    (kinematicViscosity * diffusivity);
  const prandtl = kinematicViscosity / diffusivity;
  return Math.max(1, 0.069 * Math.cbrt(rayleigh) * prandtl ** 0.074);
}

/**
 * Set fraction at which the stirring has fallen to 1/e: a custard thickens a hundredfold while only
 * the first few per cent of its protein has joined up. From memory.
 */
export const STIRRING_STOPS_AT = 0.05;

/** Mean temperatures of the filling that drive its stirring, °C. */
function drivingTemperatures(of: Balance, t: Float64Array) {
  const { fillColumns, fillRows, baseRows, rows, volumeM3 } = of.model.mesh;
  let [below, belowM3, above, aboveM3, beside, besideM3, all, allM3] = [0, 0, 0, 0, 0, 0, 0, 0];
  for (let column = 0; column < fillColumns; column += 1) {
    for (let row = 0; row < fillRows; row += 1) {
      const cell = column * rows + baseRows + row;
      const volume = volumeM3[cell]!;
      const heat = volume * t[cell]!;
      all += heat;
      allM3 += volume;
      if (row === 0) {
        below += heat;
        belowM3 += volume;
      }
      if (row === fillRows - 1) {
        above += heat;
        aboveM3 += volume;
      }
      if (column === fillColumns - 1) {
        beside += heat;
        besideM3 += volume;
      }
    }
  }
  return {
    below: below / belowM3,
    above: above / aboveM3,
    beside: beside / besideM3,
    mean: all / allM3,
  };
}

/**
 * Sets how much better than by conduction each cell of the filling carries heat in the step that
 * begins at a moment and is `stepS` long. Warm liquid below or at the side rises; warm liquid on top
 * stays where it is. What has gelled is taken as it will be half-way through the step, which keeps the
 * method of second order while the gel sets in.
 */
export function updateStirring(of: Balance, at: Moment, stepS: number): void {
  const { cup, mesh, reactions } = of.model;
  const [gelling] = reactions;
  if (!cup.material.liquid || !gelling) return;
  const { below, above, beside, mean } = drivingTemperatures(of, at.temperatureC);
  const difference = Math.max(below - above, beside - mean, 0);
  const factor = stirringFactor(cup.material, cup.depthM, difference, mean);
  const gelled = at.extents[0]!;
  for (let column = 0; column < mesh.fillColumns; column += 1) {
    for (let row = 0; row < mesh.fillRows; row += 1) {
      const cell = column * mesh.rows + mesh.baseRows + row;
      const extent = gelled[column * mesh.fillRows + row]!;
      const rate = rateAt(gelling, at.temperatureC[cell]!);
      const halfway = advanceExtent(extent, (rate * stepS) / 2);
      of.stirring[cell] = 1 + (factor - 1) * Math.exp(-halfway / STIRRING_STOPS_AT);
    }
  }
}

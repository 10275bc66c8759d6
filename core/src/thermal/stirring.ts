import { evaluate } from '../properties';
import type { Balance } from './balance';
import type { Material } from './case';
import type { Model, Moment } from './model';
import { advanceExtent, finalAt, rateAt } from './reactions';

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

/** Past this set fraction nothing moves, and what a step adds to it does not matter: it counts as all gelled. */
const GELLED = 0.5;
const ALL_GELLED = Math.exp(-1 / STIRRING_STOPS_AT);

/** What drives the stirring of what is still liquid. */
interface Drive {
  /** How much warmer than the rest its warm sides are, K; 0 when nothing rises. */
  readonly differenceK: number;
  /** Mean temperature of the liquid, °C. */
  readonly celsius: number;
  readonly depthM: number;
}

/**
 * Where the liquid is warmed: along the vessel, or along the gel that has grown from it. `liquid` is by
 * cell of the mesh, 1 to nearly 0. A cell counts as a side of the liquid by as much less as its neighbour
 * is liquid, so that the drive changes smoothly while the gel grows.
 */
function driveOf({ cup, mesh }: Model, liquid: Float64Array, t: Float64Array): Drive {
  const { fillColumns, fillRows, baseRows, rows, volumeM3 } = mesh;
  let [below, belowM3, above, aboveM3, beside, besideM3] = [0, 0, 0, 0, 0, 0];
  let [heat, liquidM3, fillingM3] = [0, 0, 0];
  for (let column = 0; column < fillColumns; column += 1) {
    for (let row = 0; row < fillRows; row += 1) {
      const cell = column * rows + baseRows + row;
      const here = liquid[cell]!;
      const volume = volumeM3[cell]! * here;
      const celsius = t[cell]!;
      fillingM3 += volumeM3[cell]!;
      liquidM3 += volume;
      heat += volume * celsius;
      const under = volume * (row === 0 ? 1 : Math.max(0, here - liquid[cell - 1]!));
      below += under * celsius;
      belowM3 += under;
      const over = volume * (row === fillRows - 1 ? 1 : Math.max(0, here - liquid[cell + 1]!));
      above += over * celsius;
      aboveM3 += over;
      const out =
        volume * (column === fillColumns - 1 ? 1 : Math.max(0, here - liquid[cell + rows]!));
      beside += out * celsius;
      besideM3 += out;
    }
  }
  const celsius = heat / liquidM3;
  return {
    differenceK: Math.max(below / belowM3 - above / aboveM3, beside / besideM3 - celsius, 0),
    celsius,
    depthM: (cup.depthM * liquidM3) / fillingM3,
  };
}

/**
 * Sets how much better than by conduction each cell of the filling carries heat in the step that
 * begins at a moment and is `stepS` long. Warm liquid below or at the side rises; warm liquid on top
 * stays where it is; gel does not move, and the liquid left meets its front instead of the hot wall. What has
 * gelled is taken as it will be half-way through the step, which keeps the method of second order while
 * the gel sets in.
 */
export function updateStirring(of: Balance, at: Moment, stepS: number): void {
  const { model, stirring } = of;
  const { fillColumns, fillRows, baseRows, rows } = model.mesh;
  const { material } = model.cup;
  const [gelling] = model.reactions;
  if (!material.liquid || !gelling) return;
  const gelled = at.extents[0]!;
  let moves = false;
  for (let column = 0; column < fillColumns; column += 1) {
    for (let row = 0; row < fillRows; row += 1) {
      const cell = column * rows + baseRows + row;
      const extent = gelled[column * fillRows + row]!;
      if (extent > GELLED) {
        stirring[cell] = ALL_GELLED;
        continue;
      }
      moves = true;
      const celsius = at.temperatureC[cell]!;
      const exposed = (rateAt(gelling, celsius) * stepS) / 2;
      const halfway = advanceExtent(extent, exposed, finalAt(gelling, celsius));
      stirring[cell] = Math.exp(-halfway / STIRRING_STOPS_AT);
    }
  }
  if (!moves) {
    stirring.fill(1);
    return;
  }
  const { differenceK, celsius, depthM } = driveOf(model, stirring, at.temperatureC);
  const factor = stirringFactor(material, depthM, differenceK, celsius);
  for (let column = 0; column < fillColumns; column += 1) {
    for (let row = 0; row < fillRows; row += 1) {
      const cell = column * rows + baseRows + row;
      stirring[cell] = 1 + (factor - 1) * stirring[cell]!;
    }
  }
}

import { evaporationHeatJkg, saturationPressurePa } from '../properties';
import { ZERO_CELSIUS_K } from '../units';
import type { Evaporation, Face } from './case';

/** Stefan-Boltzmann constant, W/(m² K⁴). Source: CODATA 2018. */
export const STEFAN_BOLTZMANN = 5.670374419e-8;

/** Heat capacity of air, J/(kg K); molar masses of water and air, kg/mol. Source: from memory. */
const AIR_HEAT_CAPACITY = 1010;
const WATER_TO_AIR_MOLAR_MASS = 18.015 / 28.965;
/** Lewis number of water vapour in air to the power 2/3. Source: from memory, Le about 0.85. */
const LEWIS_POWER = 0.9;

/** Saturation pressure from a table of the IAPWS equation, 0 to 130 °C each 0.5 °C: read often. */
const TABLE_STEP_C = 0.5;
const TABLE_TOP_C = 130;
const SATURATION_TABLE = Float64Array.from({ length: TABLE_TOP_C / TABLE_STEP_C + 2 }, (_, index) =>
  saturationPressurePa(index * TABLE_STEP_C),
);

/** Share of boiling pressure past which the vapour formula is continued by its tangent. */
const NEAR_BOILING = 0.97;

/** Heat leaving a surface, and of what kind; reused by the caller, since this is the inner loop. */
export interface SurfaceFlux {
  /** W/m², leaving. */
  lossWm2: number;
  /** Of which evaporation, W/m². */
  evaporationWm2: number;
  /** Growth of the loss with the surface temperature, W/(m² K). */
  slopeWm2K: number;
}

/**
 * Share of the fully wet evaporation rate once `driedKgM2` of water has left a surface. What dries
 * leaves a skin, through which the next water has to diffuse: its resistance grows in proportion.
 */
export const wetnessAfter = (of: Evaporation, driedKgM2: number): number =>
  of.wetness / (1 + driedKgM2 / of.skinKgM2);

/**
 * Adds evaporation from a surface to `flux`.
 *
 * m = w h / (cp Le^⅔) (Mw/Ma) ln((P - p∞) / (P - ps)), in kg/(m² s): the Lewis analogy with the wind
 * of the vapour itself (Stefan flow), which lets the rate grow without bound at boiling and so caps
 * the surface there. Source: Bird, Stewart and Lightfoot, Transport Phenomena (2002), 19.4, 22.8.
 * A transfer coefficient that is given is used as it is: m = w k (ps - p∞). ps is the surface's,
 * water activity times that of water.
 */
function addEvaporation(
  of: Evaporation,
  wetness: number,
  convectionWm2K: number,
  surfaceC: number,
  flux: SurfaceFlux,
): void {
  const clampedC = surfaceC < 0 ? 0 : surfaceC > TABLE_TOP_C ? TABLE_TOP_C : surfaceC;
  const position = clampedC / TABLE_STEP_C;
  const index = Math.floor(position);
  const activity = of.activity ?? 1;
  const below = activity * SATURATION_TABLE[index]!;
  const step = activity * SATURATION_TABLE[index + 1]! - below;
  const saturationPa = below + (position - index) * step;
  if (of.transferKgM2SPa !== undefined) {
    const heatPerPa = wetness * of.transferKgM2SPa * evaporationHeatJkg(clampedC);
    const loss = heatPerPa * (saturationPa - of.vapourPressurePa);
    flux.evaporationWm2 = loss;
    flux.lossWm2 += loss;
    flux.slopeWm2K += (heatPerPa * step) / TABLE_STEP_C;
    return;
  }
  const rate =
    (wetness * convectionWm2K * WATER_TO_AIR_MOLAR_MASS) / (AIR_HEAT_CAPACITY * LEWIS_POWER);
  const heatRate = rate * evaporationHeatJkg(clampedC);
  const capPa = NEAR_BOILING * of.airPressurePa;
  const gapPa = of.airPressurePa - (saturationPa < capPa ? saturationPa : capPa);
  const beyond = saturationPa < capPa ? 0 : (saturationPa - capPa) / gapPa;
  const loss = heatRate * (Math.log((of.airPressurePa - of.vapourPressurePa) / gapPa) + beyond);
  flux.evaporationWm2 = loss;
  flux.lossWm2 += loss;
  flux.slopeWm2K += (heatRate * step) / TABLE_STEP_C / gapPa;
}

/** Heat leaving a surface at `surfaceC` towards a face's surroundings, written into `flux`. */
export function surfaceLoss(
  face: Face,
  surfaceC: number,
  wetness: number,
  flux: SurfaceFlux,
): void {
  flux.lossWm2 = face.convectionWm2K * (surfaceC - face.airC);
  flux.slopeWm2K = face.convectionWm2K;
  flux.evaporationWm2 = 0;
  if (face.emissivity > 0) {
    const surfaceK = surfaceC + ZERO_CELSIUS_K;
    const radiantK = face.radiantC + ZERO_CELSIUS_K;
    const factor = face.emissivity * STEFAN_BOLTZMANN;
    const cubeK = surfaceK * surfaceK * surfaceK;
    flux.lossWm2 += factor * (cubeK * surfaceK - radiantK * radiantK * radiantK * radiantK);
    flux.slopeWm2K += 4 * factor * cubeK;
  }
  if (wetness > 0 && face.evaporation) {
    addEvaporation(face.evaporation, wetness, face.convectionWm2K, surfaceC, flux);
  }
}

/**
 * Surface temperature at which conduction through the outer half of a cell (W/(m² K)) balances what
 * the surface gives up, by Newton's method from `guessC`; `flux` is left at that surface. The loss
 * grows with temperature everywhere, so this converges from anywhere; it stops within 0.1 mK.
 * `bathWm2K` is what a bath at `waterC` takes as well, W/(m² K) of the whole face.
 */
export function balancedSurfaceC(
  face: Face,
  wetness: number,
  cellC: number,
  halfWm2K: number,
  guessC: number,
  flux: SurfaceFlux,
  bathWm2K = 0,
  waterC = 0,
): number {
  let surfaceC = guessC;
  for (let round = 0; round < 40; round += 1) {
    surfaceLoss(face, surfaceC, wetness, flux);
    if (bathWm2K > 0) {
      flux.lossWm2 += bathWm2K * (surfaceC - waterC);
      flux.slopeWm2K += bathWm2K;
    }
    const excess = flux.lossWm2 - halfWm2K * (cellC - surfaceC);
    const change = excess / (flux.slopeWm2K + halfWm2K);
    // A long step could leave the range of the vapour table: take it in parts.
    surfaceC -= change > 30 ? 30 : change < -30 ? -30 : change;
    if (change < 1e-4 && change > -1e-4) break;
  }
  return surfaceC;
}

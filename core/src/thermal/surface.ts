import { evaporationHeatJkg, saturationPressurePa } from '../properties';
import { ZERO_CELSIUS_K } from '../units';
import type { Evaporation, Face } from './case';

/** Stefan-Boltzmann constant, W/(m² K⁴). Source: CODATA 2018. */
export const STEFAN_BOLTZMANN = 5.670374419e-8;

/** Heat capacity of air, J/(kg K); molar masses of water and air, kg/mol. Source: from memory. */
const AIR_HEAT_CAPACITY = 1010;
export const WATER_TO_AIR_MOLAR_MASS = 18.015 / 28.965;
/** Lewis number of water vapour in air to the power 2/3. Source: from memory, Le about 0.85. */
const LEWIS_POWER = 0.9;

/** Saturation pressure from a table of the IAPWS equation, 0 to 130 °C each 0.5 °C: read often. */
const TABLE_STEP_C = 0.5;
const TABLE_TOP_C = 130;
/** By {@link TABLE_STEP_C}, Pa. */
const SATURATION_TABLE = Float64Array.from({ length: TABLE_TOP_C / TABLE_STEP_C + 2 }, (_, index) =>
  saturationPressurePa(index * TABLE_STEP_C),
);

/** Saturation pressure of water from the table, Pa; held at its ends. */
export function tabulatedSaturationPa(celsius: number): number {
  const clampedC = celsius < 0 ? 0 : celsius > TABLE_TOP_C ? TABLE_TOP_C : celsius;
  const position = clampedC / TABLE_STEP_C;
  const index = Math.floor(position);
  const below = SATURATION_TABLE[index]!;
  return below + (position - index) * (SATURATION_TABLE[index + 1]! - below);
}

/** Share of boiling pressure past which the vapour formula is continued by its tangent. */
const NEAR_BOILING = 0.97;

/** Water that a wet surface gives off at a heat transfer, kg/(m² s) for each e-fold of the vapour's pressure gap. */
export const transferKgM2S = (convectionWm2K: number): number =>
  (convectionWm2K * WATER_TO_AIR_MOLAR_MASS) / (AIR_HEAT_CAPACITY * LEWIS_POWER);

/** Heat leaving a surface, and of what kind; reused by the caller, since this is the inner loop. */
export interface SurfaceFlux {
  /** W/m², leaving. */
  lossWm2: number;
  /** Of which evaporation, W/m². */
  evaporationWm2: number;
  /** Growth of the loss with the surface temperature, W/(m² K). */
  slopeWm2K: number;
  /** Outside of the crust, where there is one; else the surface itself, °C. */
  outsideC: number;
}

/** A flux to be written into. */
export const noFlux = (): SurfaceFlux => ({
  lossWm2: 0,
  evaporationWm2: 0,
  slopeWm2K: 0,
  outsideC: 0,
});

/** The rate at which a skin is read, kg/(m² s): that of a custard's top in a dry oven, 0.85 kW/m². From memory. */
export const SKIN_READ_AT_KG_M2S = 3.6e-4;

/**
 * Resistance of the skin once `driedKgM2` of water has left a surface, m² s/kg: the rate falls from e to m with
 * m (1 + skin m) = e. Water has to follow from below; where it leaves at m after M has left, the surface is
 * drier than the rest by (1.5 M m / D)^½ (quadratic profile in a half-space, the integral method of Goodman, from
 * memory), and the share of it that is open falls with the square of that. So fast drying forms a skin, and steam
 * keeps it moist. None where water has been gained.
 */
export const skinAfter = ({ skinKgM2 }: Evaporation, driedKgM2: number): number =>
  Math.max(0, driedKgM2) / (skinKgM2 * SKIN_READ_AT_KG_M2S);

/** Thermal resistance of the crust once `driedKgM2` of water has left a surface, m² K/W; none where it has gained. */
export const crustAfter = (
  { crustPerLoss = 0, crustFromKgM2 = 0 }: Evaporation,
  driedKgM2: number,
): number => crustPerLoss * Math.max(0, driedKgM2 - crustFromKgM2);

/** What a skin leaves of a rate, kg/(m² s): m of m (1 + skin m) = e; condensation passes. */
export const throughSkin = (freeKgM2S: number, skinM2SKg: number): number =>
  freeKgM2S <= 0 || skinM2SKg === 0
    ? freeKgM2S
    : (2 * freeKgM2S) / (1 + Math.sqrt(1 + 4 * skinM2SKg * freeKgM2S));

/**
 * Adds evaporation from a surface, of a wetness and under a skin, to `flux`.
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
  skinM2SKg: number,
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
  const rate = wetness * transferKgM2S(convectionWm2K);
  const heatJkg = evaporationHeatJkg(clampedC);
  const capPa = NEAR_BOILING * of.airPressurePa;
  const gapPa = of.airPressurePa - (saturationPa < capPa ? saturationPa : capPa);
  const beyond = saturationPa < capPa ? 0 : (saturationPa - capPa) / gapPa;
  const free = rate * (Math.log((of.airPressurePa - of.vapourPressurePa) / gapPa) + beyond);
  const damped = free > 0 ? Math.sqrt(1 + 4 * skinM2SKg * free) : 1;
  const loss = heatJkg * throughSkin(free, skinM2SKg);
  flux.evaporationWm2 = loss;
  flux.lossWm2 += loss;
  flux.slopeWm2K += (heatJkg * rate * step) / TABLE_STEP_C / gapPa / damped;
}

/** Heat leaving a surface at `surfaceC` towards a face's surroundings, written into `flux`. */
export function surfaceLoss(
  face: Face,
  surfaceC: number,
  wetness: number,
  flux: SurfaceFlux,
  skinM2SKg = 0,
): void {
  dryLoss(face, surfaceC, flux);
  if (wetness > 0 && face.evaporation) {
    addEvaporation(face.evaporation, wetness, skinM2SKg, face.convectionWm2K, surfaceC, flux);
  }
}

/** Heat that leaves a dry surface by convection and radiation, written into `flux`. */
function dryLoss(face: Face, surfaceC: number, flux: SurfaceFlux): void {
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
  skinM2SKg = 0,
  bathWm2K = 0,
  waterC = 0,
): number {
  let surfaceC = guessC;
  for (let round = 0; round < 40; round += 1) {
    surfaceLoss(face, surfaceC, wetness, flux, skinM2SKg);
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
  flux.outsideC = surfaceC;
  return surfaceC;
}

/**
 * The same for a surface under a dry crust of `crustM2KW`: the oven meets the outside of the crust, water evaporates
 * at its underside, whose temperature is returned; `flux.outsideC` is that of the outside, from `guessC`, and the
 * slope is that of the whole with the underside. A receding front, quasi-steady: the crust holds no heat of its own.
 * Source of the picture: receding evaporation fronts of crusts in baking and frying, from memory.
 */
export function balancedFrontC(
  face: Face,
  wetness: number,
  cellC: number,
  halfWm2K: number,
  guessC: number,
  flux: SurfaceFlux,
  skinM2SKg: number,
  crustM2KW: number,
): number {
  let outsideC = guessC;
  let frontC = outsideC;
  for (let round = 0; round < 40; round += 1) {
    dryLoss(face, outsideC, flux);
    const dryWm2 = flux.lossWm2;
    const widens = 1 + crustM2KW * flux.slopeWm2K;
    const drySlope = flux.slopeWm2K / widens;
    // What comes in at the outside passes through the crust.
    frontC = outsideC + crustM2KW * dryWm2;
    flux.slopeWm2K = 0;
    if (wetness > 0 && face.evaporation) {
      addEvaporation(face.evaporation, wetness, skinM2SKg, face.convectionWm2K, frontC, flux);
    }
    const excess = flux.lossWm2 - halfWm2K * (cellC - frontC);
    flux.slopeWm2K += drySlope;
    const change = excess / (flux.slopeWm2K + halfWm2K) / widens;
    outsideC -= change > 30 ? 30 : change < -30 ? -30 : change;
    if (change < 1e-4 && change > -1e-4) break;
  }
  flux.outsideC = outsideC;
  return frontC;
}

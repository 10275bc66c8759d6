import type { Composition } from '../ingredients';
import { waterActivity } from './activity';

/** Heat given up by water that turns to ice at 0 °C, J/kg. Source: IAPWS, 333.4 kJ/kg, from memory. */
export const FUSION_JKG = 333_400;

/** Heat capacity of liquid water near 0 °C and of ice near -10 °C, J/(kg K). Source: as Choi-Okos in food.ts. */
const WATER_JKGK = 4180;
const ICE_JKGK = 2060;
/** Densities, kg/m³, and conductivity of liquid water near 0 °C, W/(m K). From memory. */
const ICE_KGM3 = 917;
const WATER_KGM3 = 1000;
const WATER_WMK = 0.571;

/** Water bound by a kilo of protein, which never freezes, kg. Source: ASHRAE Refrigeration 2018, 19.2, 0.4. */
const BOUND_BY_PROTEIN = 0.4;

/** What in a material freezes. */
export interface Freezing {
  /** Where the first ice forms, °C; under 0. */
  readonly fromC: number;
  /** Water that can freeze, kg/m³. */
  readonly waterKgM3: number;
}

/**
 * Where the first ice forms, °C, from what is dissolved in the water: RT₀²/(Mw L) ln a, -103 K for each e-fold of
 * water activity. Milk's salts are not counted: 0.2 K too high for it. Range: down to about -10 °C. Source: the
 * ideal freezing-point depression, any physical chemistry.
 */
export function freezingPointC(of: Composition): number {
  const kelvin = 273.15;
  const perLog = (8.314_46 * kelvin ** 2) / (0.018_015 * FUSION_JKG);
  return perLog * Math.log(waterActivity(of));
}

/** Mass fraction of a food that is water and can freeze, 0 to 1. Source: {@link BOUND_BY_PROTEIN}. */
export function freezableWater(of: Composition): number {
  const protein =
    of.eggWhiteProtein + of.eggYolkProtein + of.milkProtein + of.wheatProtein + of.otherProtein;
  return Math.max(0, of.water - BOUND_BY_PROTEIN * protein);
}

/**
 * Share of the water that can freeze which is ice at `celsius`, 0 to 1: 1 - fromC / celsius, an ideal solution
 * that grows stronger as its water leaves it. Source: ASHRAE Refrigeration 2018, 19.2, eq. 5.
 */
export const iceShare = ({ fromC }: Freezing, celsius: number): number =>
  celsius < fromC ? 1 - fromC / celsius : 0;

/**
 * Heat content that ice has less than the same water unfrozen, J/m³, at `celsius` under `fromC`: fusion, and the
 * smaller heat capacity of what has frozen on the way. Exact for the share above.
 */
export function frozenOutJm3({ fromC, waterKgM3 }: Freezing, celsius: number): number {
  const capacityK = fromC - celsius - fromC * Math.log(fromC / celsius);
  return waterKgM3 * (FUSION_JKG * (1 - fromC / celsius) - (WATER_JKGK - ICE_JKGK) * capacityK);
}

/** How that content falls with temperature, J/(m³ K): what freezing adds to the heat capacity. */
export function freezingCapacityJm3K({ fromC, waterKgM3 }: Freezing, celsius: number): number {
  return (
    waterKgM3 *
    ((-FUSION_JKG * fromC) / celsius ** 2 - (WATER_JKGK - ICE_JKGK) * (1 - fromC / celsius))
  );
}

/**
 * What its ice adds to the conductivity of a food at `celsius`, W/(m K): by its share of the volume, to which it adds in
 * growing, as the other constituents. Source: Choi and Okos (1986), ice, -40 to 0 °C; from memory.
 */
export function iceConductivityWmK(of: Freezing, celsius: number): number {
  const ice = 2.2196 + celsius * (-6.2489e-3 + celsius * 1.0154e-4);
  const iceKgM3 = of.waterKgM3 * iceShare(of, celsius);
  const volume = iceKgM3 / ICE_KGM3 / (1 + iceKgM3 * (1 / ICE_KGM3 - 1 / WATER_KGM3));
  return volume * (ice - WATER_WMK);
}

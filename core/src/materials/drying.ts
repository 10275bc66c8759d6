import type { Analysis } from '../formula';
import { standardPressurePa, waterActivity } from '../properties';
import type { Evaporation } from '../thermal';

/** How an open surface dries. */
export interface Drying {
  /** Water activity, 0 to 1. */
  readonly activity: number;
  /** Water in what lies under it, kg/m³: what has to leave before it is a dry crust. */
  readonly waterKgM3: number;
  /** Of a filling's wet surface, how much is open, 0 to 1; all of it when not said. */
  readonly share?: number;
}

/** A custard's, where nothing else is known. */
export const WATERY: Drying = { activity: 1, waterKgM3: 700 };

/**
 * Share of the fully wet rate at which a filling's surface begins to dry: fat and the still air below
 * the rim hold some back. Calibrated: a fully wet surface would hold the top near 60 °C and never let
 * it set, none at all would let it boil; docs/model.md has the evidence.
 */
export const SURFACE_WETNESS = 0.4;

/**
 * How a gel dries: the water lost, kg/m², by which a skin has halved the rate, and the depth of all its water, m,
 * that is lost before the water under it no longer keeps up and a dry crust begins (a gel of 1e-9 m²/s that loses
 * 0.35 g/(m² s) is dry at its surface after 0.6 to 0.8 mm of it, by the same integral method as the skin). What can be
 * lost before either grows with the square of the water there is. The skin calibrated, the depth from memory.
 */
const GEL = { waterKgM3: 700, skinKgM2: 0.5, depthM: 7e-4 } as const;

/** A dry crust is full of pores, W/(m K): as that of bread, 0.06 to 0.08. From memory. */
const CRUST_WMK = 0.07;

/** How far what a surface may lose exceeds that of the gel. */
const besideGel = ({ waterKgM3 }: Pick<Drying, 'waterKgM3'>): number =>
  (waterKgM3 / GEL.waterKgM3) ** 2;

/** Water lost from where on a surface has a crust, kg/m². */
export const crustFromKgM2 = (drying: Pick<Drying, 'waterKgM3'>): number =>
  GEL.depthM * GEL.waterKgM3 * besideGel(drying);

/** The evaporation of a surface that dries so, `wetness` of it left open, in air of that vapour pressure. */
export const evaporationOf = (
  { activity, waterKgM3, share = 1 }: Drying,
  wetness: number,
  vapourPressurePa: number,
  altitudeM: number,
): Evaporation => ({
  wetness: SURFACE_WETNESS * wetness * share,
  skinKgM2: GEL.skinKgM2 * besideGel({ waterKgM3 }),
  activity,
  crustPerLoss: 1 / (CRUST_WMK * waterKgM3),
  crustFromKgM2: crustFromKgM2({ waterKgM3 }),
  vapourPressurePa,
  airPressurePa: standardPressurePa(altitudeM),
});

/** How the surface of a list dries. */
export const dryingOfList = ({ composition, whole }: Analysis): Drying => ({
  activity: waterActivity(composition),
  waterKgM3: Math.max(1, 1000 * whole.densityGMl * whole.composition.water),
});

import { saturationPressurePa, standardPressurePa } from '../properties';
import type { Evaporation, Face, Surroundings } from '../thermal';
import { bathIn, BATH_VAPOUR_PA, type BathPlan, type BathSize } from './bath';
import type { VesselMaterial } from '../vessel';
import { WALLS } from './materials';

export type OvenKind = 'still' | 'fan' | 'deck';

export const OVEN_KINDS: readonly OvenKind[] = ['still', 'fan', 'deck'];

export const OVEN_KIND_NAMES: Readonly<Record<OvenKind, string>> = {
  still: 'Still',
  fan: 'Fan',
  deck: 'Deck',
};

/** An oven as the kitchen knows it. */
export interface Oven {
  readonly name: string;
  readonly kind: OvenKind;
  /** What it really reaches less what it is set to, K; learned from a thermometer. */
  readonly offsetK: number;
  /** How far its thermostat lets it swing to either side, K. */
  readonly swingK: number;
}

/** Settings a kitchen oven has, °C. Common practice. */
export const OVEN_LIMITS_C = { least: 50, most: 300 } as const;

interface OvenAir {
  readonly topWm2K: number;
  readonly sideWm2K: number;
  /** Under a tin on a rack, or in contact with the deck. */
  readonly baseWm2K: number;
}

/**
 * Heat transfer to a vessel, W/(m² K), without radiation. Sources: free convection at 100 to 150 K
 * difference (Incropera 9.6: 5 to 9), forced convection at 1 to 2 m/s (15 to 25); contact of tin
 * and stone, calibrated. All from memory and listed as calibrated in docs/model.md.
 */
export const AIR: Readonly<Record<OvenKind, OvenAir>> = {
  still: { topWm2K: 7, sideWm2K: 7, baseWm2K: 7 },
  fan: { topWm2K: 18, sideWm2K: 18, baseWm2K: 15 },
  deck: { topWm2K: 6, sideWm2K: 6, baseWm2K: 25 },
};

/**
 * Share of the fully wet rate at which a filling's surface begins to dry: fat and the air lying below
 * the rim hold some back. Calibrated: a fully wet surface would hold the top near 60 °C and never let
 * it set, none at all would let it boil; docs/model.md has the evidence.
 */
export const SURFACE_WETNESS = 0.5;

/**
 * How an open surface dries: its water activity (0 to 1), the loss at which a skin halves the rate, and how
 * much of a filling's wet surface there is of it, 0 to 1; all of it when not said.
 */
export interface Drying {
  readonly activity: number;
  readonly skinKgM2: number;
  readonly share?: number;
}

/** The evaporation of a surface that dries so, `wetness` of it left open, in air of that vapour pressure. */
export const evaporationOf = (
  { activity, skinKgM2, share = 1 }: Drying,
  wetness: number,
  vapourPressurePa: number,
  altitudeM: number,
): Evaporation => ({
  wetness: SURFACE_WETNESS * wetness * share,
  skinKgM2,
  activity,
  vapourPressurePa,
  airPressurePa: standardPressurePa(altitudeM),
});

const DRIES: Drying = { activity: 1, skinKgM2: 0.4 };

/**
 * How much more has to leave a surface before a skin halves its rate, where a bath fills the oven with steam:
 * custards in a bath keep a moist top, and hardly skin over (common practice). Calibrated with the minutes of
 * pots of 250 ml, in a fan oven; docs/model.md.
 */
const MOIST_SKIN = 3.5;

/** Water vapour in a closed oven with custards in it, Pa. From memory. */
const OVEN_VAPOUR_PA = 4000;

/** Water vapour in an oven, Pa: once it has cooled with its door shut or ajar, no more than its air can hold. */
const vapourIn = (airC: number, withBath: boolean): number =>
  Math.min(withBath ? BATH_VAPOUR_PA : OVEN_VAPOUR_PA, saturationPressurePa(Math.max(0, airC)));

export const FOOD_EMISSIVITY = 0.95;

/**
 * What a wall above the water still meets of the oven: the pan and the neighbouring vessels, as warm as
 * itself, hide most of the hot walls, and the air between them hardly moves. From memory, an estimate of
 * the view over a pan's rim.
 */
const IN_THE_PAN = { convection: 0.5, radiation: 0.3 } as const;

/** What a vessel stands on, or above. */
export const STANDINGS = ['rack', 'cold-tray', 'hot-tray', 'shielded'] as const;
export type Standing = (typeof STANDINGS)[number];

export const STANDING_NAMES: Readonly<Record<Standing, string>> = {
  rack: 'Rack',
  'cold-tray': 'Tray',
  'hot-tray': 'Hot tray',
  shielded: 'Tray a rack below',
};

/** Contact with hot stone or metal, W/(m² K). Calibrated with the deck above. */
const HOT_CONTACT_WM2K = 22;

/**
 * What the underside still meets of the oven, as shares of its convection and radiation: a tray put in
 * cold hides the floor, one heated with the oven gives by contact what a deck does, one on the rack
 * below hides half. From memory.
 */
const UNDER: Readonly<
  Record<
    Standing,
    { readonly convection: number; readonly radiation: number; readonly leastWm2K: number }
  >
> = {
  rack: { convection: 1, radiation: 1, leastWm2K: 0 },
  'cold-tray': { convection: 1, radiation: 0.4, leastWm2K: 0 },
  'hot-tray': { convection: 1, radiation: 0.4, leastWm2K: HOT_CONTACT_WM2K },
  shielded: { convection: 0.8, radiation: 0.5, leastWm2K: 0 },
};

/** What a loose foil leaves of convection, radiation and evaporation at the top. From memory. */
const UNDER_FOIL = { convection: 0.5, radiation: 0.1, wetness: 0.15 } as const;

/** How a vessel stands in the oven. */
export interface InOven {
  readonly bath?: { readonly plan: BathPlan; readonly size: BathSize };
  readonly standing?: Standing;
  /** A foil loosely over the top. */
  readonly foil?: boolean;
  /** How what is open to the air dries; as water when not said. */
  readonly drying?: Drying;
}

/** What a vessel meets in an oven whose air and walls really are as given, °C. */
export function inOven(
  kind: OvenKind,
  { airC, wallsC }: { readonly airC: number; readonly wallsC: number },
  vessel: VesselMaterial,
  altitudeM: number,
  { bath, standing = 'rack', foil = false, drying = DRIES }: InOven = {},
): Surroundings {
  const air = AIR[kind];
  const face = (convectionWm2K: number, emissivity: number): Face => ({
    convectionWm2K,
    airC,
    emissivity,
    radiantC: wallsC,
  });
  const outside = WALLS[vessel].emissivity;
  const under = UNDER[standing];
  const vapourPa = vapourIn(airC, bath !== undefined);
  const over = foil ? UNDER_FOIL : { convection: 1, radiation: 1, wetness: 1 };
  return {
    top: {
      ...face(air.topWm2K * over.convection, FOOD_EMISSIVITY * over.radiation),
      evaporation: evaporationOf(
        bath ? { ...drying, skinKgM2: MOIST_SKIN * drying.skinKgM2 } : drying,
        over.wetness,
        vapourPa,
        altitudeM,
      ),
    },
    side: bath
      ? face(air.sideWm2K * IN_THE_PAN.convection, outside * IN_THE_PAN.radiation)
      : face(air.sideWm2K, outside),
    base: face(
      Math.max(under.leastWm2K, air.baseWm2K * under.convection),
      outside * under.radiation,
    ),
    ...(bath
      ? { bath: bathIn(bath.plan, bath.size, air, { airC, wallsC, vapourPa }, altitudeM) }
      : {}),
  };
}

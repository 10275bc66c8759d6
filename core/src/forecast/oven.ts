import { standardPressurePa } from '../properties';
import type { Face, Surroundings } from '../thermal';
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
const AIR: Readonly<Record<OvenKind, OvenAir>> = {
  still: { topWm2K: 7, sideWm2K: 7, baseWm2K: 7 },
  fan: { topWm2K: 18, sideWm2K: 18, baseWm2K: 15 },
  deck: { topWm2K: 6, sideWm2K: 6, baseWm2K: 25 },
};

/** Free convection to a room, W/(m² K). Source: Incropera 9.6, from memory. */
const ROOM_WM2K = { top: 6, side: 6, base: 4 } as const;

/**
 * How a custard's surface dries: the share of the fully wet rate it starts with (fat and the air
 * lying below the rim hold some back) and the water lost by which its skin has halved that again.
 * Calibrated: a fully wet surface would hold the top near 60 °C and never let it set, none at all
 * would let it boil; docs/model.md has the evidence.
 */
export const SURFACE_DRYING = { wetness: 0.5, skinKgM2: 0.4 } as const;

/** Water vapour in a closed oven with custards in it, and in a kitchen; Pa. From memory. */
const OVEN_VAPOUR_PA = 4000;
const ROOM_VAPOUR_PA = 1200;

const FOOD_EMISSIVITY = 0.95;

/**
 * What a wall above the water still meets of the oven: the pan and the neighbouring vessels, as warm as
 * itself, hide most of the hot walls, and the air between them hardly moves. From memory, an estimate of
 * the view over a pan's rim.
 */
const IN_THE_PAN = { convection: 0.5, radiation: 0.3 } as const;

/** What a vessel meets in an oven that really stands at `ovenC`. */
export function inOven(
  kind: OvenKind,
  ovenC: number,
  vessel: VesselMaterial,
  altitudeM: number,
  bath?: { readonly plan: BathPlan; readonly size: BathSize },
): Surroundings {
  const air = AIR[kind];
  const face = (convectionWm2K: number, emissivity: number): Face => ({
    convectionWm2K,
    airC: ovenC,
    emissivity,
    radiantC: ovenC,
  });
  const outside = WALLS[vessel].emissivity;
  return {
    top: {
      ...face(air.topWm2K, FOOD_EMISSIVITY),
      evaporation: {
        ...SURFACE_DRYING,
        vapourPressurePa: bath ? BATH_VAPOUR_PA : OVEN_VAPOUR_PA,
        airPressurePa: standardPressurePa(altitudeM),
      },
    },
    side: bath
      ? face(air.sideWm2K * IN_THE_PAN.convection, outside * IN_THE_PAN.radiation)
      : face(air.sideWm2K, outside),
    base: face(air.baseWm2K, outside),
    ...(bath ? { bath: bathIn(bath.plan, bath.size, air, ovenC, altitudeM) } : {}),
  };
}

/** What a vessel meets on a rack in the kitchen. */
export function onRack(roomC: number, vessel: VesselMaterial, altitudeM: number): Surroundings {
  const face = (convectionWm2K: number, emissivity: number): Face => ({
    convectionWm2K,
    airC: roomC,
    emissivity,
    radiantC: roomC,
  });
  const outside = WALLS[vessel].emissivity;
  return {
    top: {
      ...face(ROOM_WM2K.top, FOOD_EMISSIVITY),
      evaporation: {
        ...SURFACE_DRYING,
        vapourPressurePa: ROOM_VAPOUR_PA,
        airPressurePa: standardPressurePa(altitudeM),
      },
    },
    side: face(ROOM_WM2K.side, outside),
    base: face(ROOM_WM2K.base, outside),
  };
}

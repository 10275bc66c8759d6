import type { Face, Surroundings } from '../thermal';
import { bathIn, UNDER_THE_RIM, type BathPlan, type BathSize } from './bath';
import { evaporationOf, WATERY, type Drying } from '../materials';
import { WALLS, type VesselMaterial } from '../vessel';
import type { OvenKind } from './kinds';
import { UNDER, type Standing } from './standing';
import { airChangeOf, exchangeIn, radiantIn } from './enclosure';

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
  fan: { topWm2K: 14.5, sideWm2K: 17.5, baseWm2K: 17.5 },
  deck: { topWm2K: 6, sideWm2K: 6, baseWm2K: 25 },
};

export const FOOD_EMISSIVITY = 0.95;

/**
 * What a wall above the water still meets of the oven's radiation: neighbouring vessels, as warm as itself, hide most
 * of the hot lining, the pan's rim a part of it. And what a top under that rim meets of the convection. From memory,
 * estimates of the view over a pan's rim.
 */
const IN_THE_PAN = { alone: 0.6, amongOthers: 0.3, topConvection: 0.75 } as const;

/** What a loose foil leaves of convection, radiation and evaporation at the top. From memory. */
const UNDER_FOIL = { convection: 0.5, radiation: 0.1, wetness: 0.15 } as const;

/** How a vessel stands in the oven. */
export interface InOven {
  readonly bath?: { readonly plan: BathPlan; readonly size: BathSize };
  readonly standing?: Standing;
  /** A foil loosely over the top. */
  readonly foil?: boolean;
  /** How what is open to the air dries; as a watery filling when not said. */
  readonly drying?: Drying;
  /** What stands in the oven; this vessel alone when not said. */
  readonly load?: { readonly vessels: number; readonly areaM2: number };
  /** Of the kitchen, °C; 22 when not said. */
  readonly roomC?: number;
  /** The door stands ajar. */
  readonly ajar?: boolean;
  /** Of the heat that goes over from the air of its kind, what does; all of it when not said. */
  readonly transfer?: number;
}

/** Outside of a vessel of which nothing is said, m². */
const USUAL_LOAD = { vessels: 1, areaM2: 0.12 } as const;

/** What a vessel meets in an oven whose air and walls really are as given, °C. */
export function inOven(
  kind: OvenKind,
  { airC, wallsC }: { readonly airC: number; readonly wallsC: number },
  vessel: VesselMaterial,
  altitudeM: number,
  {
    bath,
    standing = 'rack',
    foil = false,
    drying = WATERY,
    load = USUAL_LOAD,
    roomC = 22,
    ajar = false,
    transfer = 1,
  }: InOven = {},
): Surroundings {
  const of = AIR[kind];
  const air: OvenAir = {
    topWm2K: transfer * of.topWm2K,
    sideWm2K: transfer * of.sideWm2K,
    baseWm2K: transfer * of.baseWm2K,
  };
  const loadM2 = load.vessels * load.areaM2;
  const radiantC = radiantIn(kind, wallsC, roomC);
  const face = (convectionWm2K: number, emissivity: number, seen = 1): Face => ({
    convectionWm2K,
    airC,
    emissivity: seen * exchangeIn(kind, emissivity, loadM2),
    radiantC,
  });
  const outside = WALLS[vessel].emissivity;
  const under = UNDER[standing];
  const airChange = airChangeOf(kind, { airC, ajar }, load.vessels);
  const { roomPa } = airChange;
  const over = foil ? UNDER_FOIL : { convection: 1, radiation: 1, wetness: 1 };
  return {
    top: {
      ...face(
        air.topWm2K * over.convection * (bath ? IN_THE_PAN.topConvection : 1),
        FOOD_EMISSIVITY,
        over.radiation,
      ),
      evaporation: evaporationOf(drying, over.wetness, roomPa, altitudeM),
    },
    side: bath
      ? face(
          air.sideWm2K * UNDER_THE_RIM,
          outside,
          bath.plan.vessels > 1 ? IN_THE_PAN.amongOthers : IN_THE_PAN.alone,
        )
      : face(air.sideWm2K, outside),
    base: face(
      Math.max(under.leastWm2K, air.baseWm2K * under.convection),
      outside,
      under.radiation,
    ),
    airChange,
    ...(bath
      ? {
          bath: bathIn(
            bath.plan,
            bath.size,
            air,
            { airC, radiantC, exchange: (of) => exchangeIn(kind, of, loadM2), vapourPa: roomPa },
            altitudeM,
          ),
        }
      : {}),
  };
}

import { standardPressurePa } from '../properties';
import { fail, succeed, type Result } from '../result';
import type { Bath, Face } from '../thermal';
import { areaAtMm2, insideOf, type Vessel, WALLS } from '../vessel';

/** A pan of water in which the vessels stand. */
export interface BathPlan {
  readonly panLengthMm: number;
  readonly panBreadthMm: number;
  /** How far the water comes up the vessels. */
  readonly levelMm: number;
  /** As it is poured, °C. */
  readonly waterC: number;
  /** How many vessels stand in it. */
  readonly vessels: number;
  /** Each in a bag or foil, as what has a loose base has to be. */
  readonly wrapped?: boolean;
}

/** Between hot water and a vessel, W/(m² K): free convection in water (Incropera 9, 200 to 600). From memory. */
const WATER_WM2K = 300;

/**
 * The same through a bag or foil: half a millimetre of air is left under it (0.028 W/(m K) of still air). From
 * memory.
 */
const WRAPPED_WM2K = 50;

/** A roasting pan outside: its convection is the oven's, its metal neither bright nor black. From memory. */
const PAN_EMISSIVITY = 0.4;

const WATER_EMISSIVITY = 0.95;

/**
 * Of the oven's convection, what is left between vessels under the rim of a pan, where the air is stiller: heat and
 * vapour alike. Calibrated: a bath at 150 to 165 °C settles at 80 to 88 °C, as cooks find; docs/model.md.
 */
export const UNDER_THE_RIM = 0.45;

/** Outside area of one vessel at a height, mm²: its inside and a wall round it. */
function footprintMm2(vessel: Vessel, heightMm: number): number {
  const inside = insideOf(vessel);
  const area = areaAtMm2(inside, Math.min(heightMm, inside.heightMm));
  const wallMm = WALLS[vessel.material].thicknessM * 1000;
  // A strip of the wall's thickness round an area of that size; exact for a round vessel.
  return (Math.sqrt(area) + Math.sqrt(Math.PI) * wallMm) ** 2;
}

/** How much water a bath takes, what is open of it, and what the pan meets. */
export interface BathSize {
  readonly waterMl: number;
  readonly surfaceM2: number;
  readonly panM2: number;
}

/**
 * The size of a bath: litres = (pan area - vessels' footprint) × depth (common practice). Fails when the
 * vessels do not fit into the pan, the pan is no pan, or the water would run over the rim.
 */
export function bathSize(plan: BathPlan, vessel: Vessel): Result<BathSize> {
  const { panLengthMm, panBreadthMm, levelMm, vessels } = plan;
  const areaMm2 = panLengthMm * panBreadthMm;
  if (!(panLengthMm >= 80 && panBreadthMm >= 80 && areaMm2 <= 1e6)) {
    return fail('bath.pan', 'bath.panLengthMm');
  }
  const inside = insideOf(vessel);
  if (!(levelMm >= 3 && levelMm <= inside.heightMm - 2)) {
    return fail('bath.level', 'bath.levelMm', {
      most: { millimetres: Math.floor(inside.heightMm - 2) },
    });
  }
  const widestMm2 = footprintMm2(vessel, inside.heightMm) * vessels;
  if (widestMm2 > 0.95 * areaMm2) {
    return fail('bath.pan-too-small', 'bath.panLengthMm', {
      vessels,
      take: { areaMm2: widestMm2 },
      has: { areaMm2 },
    });
  }
  const standMm2 = footprintMm2(vessel, levelMm / 2) * vessels;
  return succeed({
    waterMl: ((areaMm2 - standMm2) * levelMm) / 1000,
    surfaceM2: (areaMm2 - footprintMm2(vessel, levelMm) * vessels) / 1e6,
    panM2: (areaMm2 + 2 * (panLengthMm + panBreadthMm) * levelMm) / 1e6,
  });
}

/** The bath as the solver takes it, in an oven with air, walls and vapour as given and air as at `altitudeM`. */
export function bathIn(
  plan: BathPlan,
  size: BathSize,
  air: { readonly topWm2K: number; readonly baseWm2K: number },
  {
    airC,
    radiantC,
    exchange,
    vapourPa,
  }: {
    readonly airC: number;
    readonly radiantC: number;
    readonly exchange: (emissivity: number) => number;
    readonly vapourPa: number;
  },
  altitudeM: number,
): Bath {
  const face = (convectionWm2K: number, emissivity: number): Face => ({
    convectionWm2K,
    airC,
    emissivity: exchange(emissivity),
    radiantC,
  });
  return {
    levelM: plan.levelMm / 1000,
    convectionWm2K: plan.wrapped ? WRAPPED_WM2K : WATER_WM2K,
    water: {
      massKg: size.waterMl / 1000,
      startC: plan.waterC,
      vessels: plan.vessels,
      surfaceM2: size.surfaceM2,
      surface: {
        ...face(UNDER_THE_RIM * air.topWm2K, WATER_EMISSIVITY),
        evaporation: {
          wetness: 1,
          skinKgM2: Number.MAX_VALUE,
          vapourPressurePa: vapourPa,
          airPressurePa: standardPressurePa(altitudeM),
        },
      },
      panM2: size.panM2,
      pan: face(air.baseWm2K, PAN_EMISSIVITY),
    },
  };
}

/** What a forecast says of its bath. */
export interface BathForecast {
  readonly waterMl: number;
  /** At the pull. */
  readonly atPullC: number;
  readonly hottestC: number;
  /** When it comes within 2 K of boiling, s; `undefined` when it does not. */
  readonly simmersAtS: number | undefined;
  /** When the pan runs dry in patches, s; `undefined` when it does not before the pull. */
  readonly driesAtS: number | undefined;
  readonly leftMl: number;
}

/** A bath that comes this near to boiling simmers, K. From memory. */
export const SIMMERS_WITHIN_K = 2;

import type { AirChange, Evaporation, Face, Surroundings } from './case';
import { throughSkin, WATER_TO_AIR_MOLAR_MASS } from './surface';

type Written<T> = { -readonly [K in keyof T]: T[K] };

/** An oven's air whose vapour follows what evaporates into it. */
export interface OvenAir {
  readonly change: AirChange;
  /** The surroundings with their vapour pressures written anew at each step. */
  readonly around: Surroundings;
  readonly evaporations: readonly Written<Evaporation>[];
  vapourPa: number;
}

const ownEvaporation = (face: Face): Face =>
  face.evaporation ? { ...face, evaporation: { ...face.evaporation } } : face;

/** Makes surroundings ready to have their vapour followed; `undefined` where it is given. */
export function airIn(around: Surroundings): OvenAir | undefined {
  const { airChange, bath } = around;
  if (!airChange) return undefined;
  const top = ownEvaporation(around.top);
  const own =
    bath && !('fixedC' in bath.water)
      ? { ...bath, water: { ...bath.water, surface: ownEvaporation(bath.water.surface) } }
      : bath;
  const surface = own && !('fixedC' in own.water) ? own.water.surface : undefined;
  return {
    change: airChange,
    around: { ...around, top, ...(own ? { bath: own } : {}) },
    evaporations: [top, surface].flatMap((face) => (face?.evaporation ? [face.evaporation] : [])),
    vapourPa: airChange.roomPa,
  };
}

/** A surface that gives off vapour: its area, kg/(m² s) for each e-fold of the gap, its own vapour pressure and skin. */
export interface Source {
  readonly areaM2: number;
  readonly kgM2S: number;
  readonly pa: number;
  readonly skinM2SKg: number;
}

/**
 * The vapour pressure, Pa, at which what evaporates leaves with the air that leaks through: leak (X(p) - X(room)) =
 * sum of area m, m through the skin of kgM2S ln((P - p) / (P - pa)), X the water to dry air. Quasi-steady: an oven's air changes within a minute.
 * Between nothing and `mostPa`; by Newton's method within a bracket. Source: mass balance of a stirred volume.
 */
export function settledVapourPa(
  { leakKgS, roomPa, mostPa }: AirChange,
  airPressurePa: number,
  sources: readonly Source[],
  guessPa: number,
): number {
  const ratio = (pa: number) => (WATER_TO_AIR_MOLAR_MASS * pa) / (airPressurePa - pa);
  const top = Math.min(mostPa, 0.97 * airPressurePa);
  let [low, high] = [0, top];
  let pa = Math.min(Math.max(guessPa, low), high);
  for (let round = 0; round < 40; round += 1) {
    const gap = airPressurePa - pa;
    let excess = leakKgS * (ratio(pa) - ratio(roomPa));
    let slope = (leakKgS * WATER_TO_AIR_MOLAR_MASS * airPressurePa) / (gap * gap);
    for (const { areaM2, kgM2S, pa: own, skinM2SKg } of sources) {
      const held = Math.max(0.02 * airPressurePa, airPressurePa - own);
      const free = kgM2S * Math.log(gap / held);
      excess -= areaM2 * throughSkin(free, skinM2SKg);
      // Steeper than it is under a skin, which only takes a round more.
      slope += (areaM2 * kgM2S) / gap;
    }
    if (excess > 0) high = pa;
    else low = pa;
    const next = pa - excess / slope;
    const kept = next > low && next < high ? next : (low + high) / 2;
    if (Math.abs(kept - pa) < 0.5) return kept;
    pa = kept;
  }
  return pa;
}

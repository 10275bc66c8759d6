import { ROOM_VAPOUR_PA, saturationPressurePa } from '../properties';
import type { AirChange } from '../thermal';
import { ZERO_CELSIUS_K } from '../units';
import type { OvenKind } from './kinds';

/** An oven as an enclosure: what radiates in it, and how its air is changed. */
interface Enclosure {
  /** Lining, m², and its emissivity. */
  readonly liningM2: number;
  readonly liningEmissivity: number;
  /** Of what a load sees, the share that is the door's glass, and of the oven's excess over the room what the inner pane has. */
  readonly doorView: number;
  readonly paneKeeps: number;
  /** Of the heater's power, what reaches the lining without passing through the air, and W/(m² K) from air to lining. */
  readonly heatsLining: number;
  readonly liningWm2K: number;
  /** Dry air that leaks through with the door shut, kg/s. */
  readonly leakKgS: number;
}

/**
 * Sizes of a domestic oven of 60 l and of a small deck; emissivities of dark enamel and of stone; double-glazed
 * doors whose inner pane stands well below the lining; elements under the floor and roof of a still oven, behind the
 * fan in the other. From memory; leakage, and what the heater gives the lining, calibrated; docs/model.md.
 */
const ENCLOSURES: Readonly<Record<OvenKind, Enclosure>> = {
  still: {
    liningM2: 0.95,
    liningEmissivity: 0.85,
    doorView: 0.16,
    paneKeeps: 0.75,
    heatsLining: 0.85,
    liningWm2K: 8,
    leakKgS: 0.95e-3,
  },
  fan: {
    liningM2: 0.95,
    liningEmissivity: 0.85,
    doorView: 0.16,
    paneKeeps: 0.75,
    heatsLining: 0.85,
    liningWm2K: 17,
    leakKgS: 1.8e-3,
  },
  deck: {
    liningM2: 1.6,
    liningEmissivity: 0.9,
    doorView: 0.08,
    paneKeeps: 0.75,
    heatsLining: 1,
    liningWm2K: 8,
    leakKgS: 0.8e-3,
  },
};

/** How much cooler the lining is than the air that has to warm it, K, where it passes on `heatW`. */
export function liningDeficitK(kind: OvenKind, heatW: number): number {
  const { heatsLining, liningWm2K, liningM2 } = ENCLOSURES[kind];
  return ((1 - heatsLining) * heatW) / (liningWm2K * liningM2);
}

/** The temperature at which a black enclosure would radiate as lining and door do together, °C. */
export function radiantIn(kind: OvenKind, liningC: number, roomC: number): number {
  const { doorView, paneKeeps } = ENCLOSURES[kind];
  const paneC = roomC + paneKeeps * (liningC - roomC);
  const [lining, pane] = [liningC + ZERO_CELSIUS_K, paneC + ZERO_CELSIUS_K];
  const fourth = (1 - doorView) * lining ** 4 + doorView * pane ** 4;
  return fourth ** 0.25 - ZERO_CELSIUS_K;
}

/**
 * Emissivity by which a load exchanges heat with the lining round it: 1 / (1/ε + (A/A lining)(1/ε lining - 1)),
 * `loadM2` the outside of all that stands in the oven. Source: two grey surfaces, one enclosing the other,
 * Incropera, Fundamentals of Heat and Mass Transfer, table 13.3.
 */
export function exchangeIn(kind: OvenKind, emissivity: number, loadM2: number): number {
  if (emissivity <= 0) return 0;
  const { liningM2, liningEmissivity } = ENCLOSURES[kind];
  return 1 / (1 / emissivity + (loadM2 / liningM2) * (1 / liningEmissivity - 1));
}

/** How much more air passes through an oven whose door stands ajar. From memory. */
const AJAR_LEAKS = 10;

/** The exchange of an oven's air with the room; `airC` bounds the vapour it can hold. */
export const airChangeOf = (
  kind: OvenKind,
  { airC, ajar }: { readonly airC: number; readonly ajar: boolean },
  cups: number,
): AirChange => ({
  leakKgS: ENCLOSURES[kind].leakKgS * (ajar ? AJAR_LEAKS : 1),
  roomPa: ROOM_VAPOUR_PA,
  mostPa: saturationPressurePa(Math.max(0, Math.min(airC, 99))),
  cups,
});

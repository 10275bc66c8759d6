import type { Finding } from '../result';
import type { Shade } from '../browning';

/** Places of a shell that are followed. */
export const SHELL_PLACES = ['base', 'wall', 'rim'] as const;
export type ShellPlace = (typeof SHELL_PLACES)[number];

/** A place of the shell in a moment. */
export interface PlaceNow {
  /** Face towards the inside, face towards the tin, °C. */
  readonly insideC: number;
  readonly outsideC: number;
  /** Water, kg for each kg of what is there. */
  readonly water: number;
  readonly activity: number;
  /** How far it has set, 0 to 1: the layer furthest behind, and the mean over its depth. */
  readonly set: number;
  readonly setMean: number;
  /** Lightness of the face that is seen, L*. */
  readonly lightness: number;
}

export interface BlindFrame {
  readonly timeS: number;
  readonly stage: number;
  readonly places: Readonly<Record<ShellPlace, PlaceNow>>;
}

/** When something has come about, s; `undefined` when it has not by the end. */
export interface BlindMoments {
  /** The walls stand by themselves: weights may come out. */
  readonly standsS: number | undefined;
  readonly baseSetS: number | undefined;
  /** The base is dry enough to be crisp. */
  readonly baseDryS: number | undefined;
  /** The base has reached the colour aimed for, and the rim has. */
  readonly baseColourS: number | undefined;
  readonly rimColourS: number | undefined;
  /** The rim turns dark. */
  readonly rimDarkS: number | undefined;
}

/** Something that is likely to go wrong with an empty shell: what, why and what to do. */
export interface BlindRisk {
  readonly what: 'puffs' | 'slumps' | 'shrinks' | 'raw-base' | 'burnt-rim' | 'soft-base';
  readonly says: Finding;
}

export interface BlindForecast {
  readonly frames: readonly BlindFrame[];
  readonly endS: number;
  readonly moments: BlindMoments;
  readonly baseShade: Shade;
  readonly rimShade: Shade;
  /** For the shell, g. */
  readonly waterLostG: number;
  readonly risks: readonly BlindRisk[];
  /** At the end, of the base: for the soggy clock. */
  readonly baseWater: number;
  readonly baseActivity: number;
  /**
   * Minutes that would do: weights out when the walls stand, then bare to the colour, at the settings
   * of the plan's first and last stage. `undefined` where the colour is not reached in two hours.
   */
  readonly advised: { readonly weightedMin: number; readonly bareMin: number } | undefined;
}

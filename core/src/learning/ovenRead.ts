import { OFFSET_LIMITS_K } from '../oven';
import { BEFORE_READING } from './inputs';
import type { Learnt } from './learn';

/** Readings have settled an input where they leave less than this share of what was unsure of it. */
export const SETTLED = 0.8;

/** What the readings of a bake say its oven really runs by. */
export interface OvenRead {
  /** What it reaches less what it is set to, to the whole K, within what ovens may be off by. */
  readonly offsetK: number;
  /** The standard uncertainty that is left of it, K. */
  readonly unsureK: number;
}

/**
 * What an oven runs by, as a bake's readings have it. `offsetK` is what the bake was forecast with: what was learnt is how
 * far it was off that. `undefined` where the readings leave the oven nearly as unsure as it was. One bake moves it only as
 * far as its readings weigh against `BEFORE_READING`, so that bake after bake can be taken over, each starting from the last.
 */
export function ovenRead({ shift, unsure }: Learnt, offsetK: number): OvenRead | undefined {
  if (unsure.ovenK >= SETTLED * BEFORE_READING.ovenK) return undefined;
  const { least, most } = OFFSET_LIMITS_K;
  return {
    offsetK: Math.min(most, Math.max(least, Math.round(offsetK + shift.ovenK))),
    unsureK: unsure.ovenK,
  };
}

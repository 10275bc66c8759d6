import type { ColdRoom } from '../../work';
import { WEIGHT } from '../measure';
import type { Minute } from '../session';

/** What is asked of the solver: what it is to make less, from where, and in which steps. */
export interface Aim {
  readonly at: 'trouble' | 'presence';
  /** It is counted by so many minutes at once: fewer steps to the best, and a bound as coarse as they are. */
  readonly stepMin: number;
  /** No plan with more of either is wanted. */
  readonly presence: { readonly least: Minute; readonly most: Minute };
  readonly most: { readonly lateMin: Minute; readonly pastMin: Minute; readonly trouble: number };
  /** Vessels in each cold room at once. */
  readonly places: Readonly<Record<ColdRoom, number>>;
  /** They are counted only when one of these tasks comes in; whenever any does where nothing is told. */
  readonly crowded?: readonly string[];
  /** Where the tasks may begin, of those that may not begin anywhere. */
  readonly near?: ReadonlyMap<string, readonly [from: Minute, to: Minute]>;
  /**
   * Hands are said to be there by the clock alone, which is the sooner read and finds more in a long day, or by what has been
   * spent there as well, which shows much sooner what cannot be. The plans are the same.
   */
  readonly by: 'clock' | 'presence';
}

/** Lateness and being past its best, in one figure. */
export const LATE_WEIGHT = WEIGHT.late / WEIGHT.pastBest;

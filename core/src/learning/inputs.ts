import { drawsOf, INPUTS, shifted, type Unsure } from '../certainty';
import type { ForecastPlan } from '../forecast';

/** How unsure a bake's inputs are while it is read: those of a forecast, and what only a bake itself can tell. */
export interface BakeUnsure extends Unsure {
  /** How much more heat goes over from the oven's air than its kind gives, as a share. */
  readonly transferShare: number;
  /** How much more water leaves the open top, as a share. */
  readonly dryingShare: number;
}

/** What readings weigh, in the order of a draw: first what is seen in the curve of a bake, then what is hardly. */
export const BAKE_INPUTS: readonly (keyof BakeUnsure)[] = [
  ...INPUTS,
  'transferShare',
  'dryingShare',
];

/** How far each input is off, in its own unit. */
export type BakeShift = Readonly<Record<keyof BakeUnsure, number>>;

/**
 * How unsure a bake's inputs are before anything is read of it: wider than a careful kitchen's, since what is read is to
 * tell. Standard uncertainties, from memory; coefficients of free and forced convection in ovens are known to a sixth or so.
 */
export const BEFORE_READING: BakeUnsure = {
  ovenK: 10,
  startK: 4,
  depthMm: 1.5,
  setK: 1.5,
  transferShare: 0.15,
  dryingShare: 0.25,
};

/** The draws from `first` to before `last` of what is unsure before anything is read. */
export const bakeShifts = (first: number, last: number): BakeShift[] =>
  drawsOf(BAKE_INPUTS, BEFORE_READING, first, last);

/** A plan with its inputs off by a draw. What it sets at is no part of a plan: that is `shift.setK`. */
export function offBy(plan: ForecastPlan, shift: BakeShift): ForecastPlan {
  const moved = shifted(plan, shift);
  const { transferShare = 0 } = moved.oven;
  return {
    ...moved,
    oven: { ...moved.oven, transferShare: transferShare + shift.transferShare },
    dryingShare: (moved.dryingShare ?? 0) + shift.dryingShare,
  };
}

import { BODIES } from '../oven';
import type { DayModel } from './model';
import { OFF_AFTER_MIN, programmeOfOven, type OvenStretchOfDay } from './reading';
import type { DayOven, DayPlan } from './session';

const J_PER_KWH = 3.6e6;

/** What an oven takes from the mains over a plan. */
export interface OvenEnergy {
  readonly ovenId: string;
  readonly kWh: number;
}

/** What an oven takes over its stretches of a day, J. */
function joulesOf(oven: DayOven, stretches: readonly OvenStretchOfDay[], roomC: number): number {
  const { powerW, lossWK } = BODIES[oven.kind];
  const heldW = (setC: number) => lossWK * Math.max(0, setC + oven.offsetK - roomC);
  const seconds = (fromMin: number, toMin: number) => 60 * Math.max(0, toMin - fromMin);
  let joules = 0;
  let before: OvenStretchOfDay | undefined;
  for (const stretch of stretches) {
    const { kind, fromMin, toMin, setC } = stretch;
    // Between two loads it stays at its heat, or is switched off where the next is long in coming.
    const nextMin = kind === 'load' ? fromMin : toMin;
    if (before && nextMin - before.toMin <= OFF_AFTER_MIN) {
      joules += heldW(before.setC) * seconds(before.toMin, fromMin);
    }
    if (kind === 'heating') joules += powerW * seconds(fromMin, toMin);
    if (kind === 'load') joules += heldW(setC) * seconds(fromMin, toMin);
    before = stretch;
  }
  return joules;
}

/**
 * What each oven that is used takes from the mains, kWh: full power while it heats, and what its walls lose while it stands
 * at a heat; nothing while it cools with its door open. What the bakes themselves take up is left out: about a tenth more
 * for a tart. From the bodies of {@link BODIES}, from memory (docs/model.md): to a fifth or so.
 */
export const energyOf = (model: DayModel, plan: DayPlan): OvenEnergy[] =>
  model.session.means.ovens.flatMap((oven) => {
    const stretches = programmeOfOven(model, plan, oven);
    const joules = joulesOf(oven, stretches, model.session.means.roomC);
    return stretches.length > 0 ? [{ ovenId: oven.id, kWh: joules / J_PER_KWH }] : [];
  });

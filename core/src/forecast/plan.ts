import type { Line, PartKind, ShellKind } from '../formula';
import type { EggGrade, Ingredient } from '../ingredients';
import { fail, succeed, type Result } from '../result';
import type { Vessel } from '../vessel';
import type { BathPlan } from './bath';
import { OVEN_LIMITS_C, type OvenKind } from './oven';

/** Everything a forecast of one bake depends on. */
export interface ForecastPlan {
  readonly lines: readonly Line[];
  /** The kitchen's own ingredients among them; the catalogue's need no saying. */
  readonly own?: readonly Ingredient[];
  readonly eggGrade: EggGrade;
  readonly family: PartKind;
  readonly shell: ShellKind;
  readonly vessel: Vessel;
  /** 0 without a shell. */
  readonly shellThicknessMm: number;
  readonly headspaceMm: number;
  /** What already lies in the vessel under the filling, mL. */
  readonly takenMl?: number;
  readonly oven: { readonly kind: OvenKind; readonly offsetK: number };
  /** Water round the vessels; none is a dry oven. */
  readonly bath?: BathPlan;
  /** What the oven is set to, °C. */
  readonly setC: number;
  readonly fillingStartC: number;
  readonly roomC: number;
  readonly altitudeM: number;
  /** At which edge of its window the drawn history leaves the oven; the best when not said. */
  readonly pull?: PullChoice;
}

export type PullChoice = 'earliest' | 'best' | 'latest';

/** Temperatures between which a filling is poured, °C. Common practice. */
export const START_LIMITS_C = { least: 0, most: 75 } as const;
export const ROOM_LIMITS_C = { least: -5, most: 50 } as const;
export const ALTITUDE_LIMITS_M = { least: -400, most: 5000 } as const;

const outside = (value: number, limits: { readonly least: number; readonly most: number }) =>
  !(value >= limits.least && value <= limits.most);

/** Whether oven, filling, room and altitude are such as kitchens have; else what is not, at its field. */
export function checkConditions(plan: ForecastPlan): Result<true> {
  if (outside(plan.setC, OVEN_LIMITS_C)) {
    return fail(
      'oven-setting',
      `Set the oven between ${OVEN_LIMITS_C.least} and ${OVEN_LIMITS_C.most} °C.`,
      'setC',
    );
  }
  if (outside(plan.oven.offsetK, { least: -60, most: 60 })) {
    return fail('oven-offset', 'An oven that is more than 60 °C off wants mending first.', 'oven');
  }
  if (outside(plan.fillingStartC, START_LIMITS_C)) {
    return fail(
      'filling-start',
      `Pour the filling between ${START_LIMITS_C.least} and ${START_LIMITS_C.most} °C.`,
      'fillingStartC',
    );
  }
  if (outside(plan.roomC, ROOM_LIMITS_C)) {
    return fail('room', 'The kitchen must be between -5 and 50 °C.', 'roomC');
  }
  if (outside(plan.altitudeM, ALTITUDE_LIMITS_M)) {
    return fail('altitude', 'The altitude must be between -400 and 5000 m.', 'altitudeM');
  }
  return succeed(true);
}

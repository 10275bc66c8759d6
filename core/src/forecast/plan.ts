import type { TargetShade } from '../browning';
import type { Line, PartKind, ShellKind } from '../formula';
import type { EggGrade, Ingredient } from '../ingredients';
import { fail, succeed, type Result } from '../result';
import type { Vessel } from '../vessel';
import {
  type BathPlan,
  OVEN_LIMITS_C,
  type Standing,
  type OvenKind,
  type OutStep,
  type OvenProgramme,
} from '../oven';
import { TOP_UP_LIMITS, type TopUp } from './topUp';
import type { PlannedLayer } from './layers';

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
  /** The shell goes in raw, under its filling. */
  readonly rawShell?: boolean;
  /** The colour a shell that was baked before goes in with; golden when not said. */
  readonly shellShade?: TargetShade;
  /** The gap to the rim that is wanted, mm. */
  readonly headspaceMm: number;
  /** Filling in one vessel as it was mixed, g; as much as leaves the gap when not said. */
  readonly fillingG?: number;
  /** What goes in under and over the filling, from the base up. */
  readonly laid?: readonly PlannedLayer[];
  /** Part of the filling is poured in the oven. */
  readonly topUp?: TopUp;
  readonly oven: { readonly kind: OvenKind; readonly offsetK: number };
  /** Water round the vessels; none is a dry oven. */
  readonly bath?: BathPlan;
  /** What the oven is set to when the bake goes in, °C. */
  readonly setC: number;
  /** What is done to it from then on; a hot and steady oven when not said. */
  readonly programme?: OvenProgramme;
  /** How many vessels like this one are in the oven; one when not said. */
  readonly inOven?: number;
  readonly standing?: Standing;
  /** A foil loosely over the top. */
  readonly foil?: boolean;
  /** Where it goes once it is out, step by step; a rack when not said. */
  readonly out?: readonly OutStep[];
  readonly fillingStartC: number;
  readonly roomC: number;
  readonly altitudeM: number;
  /** At which edge of its window the drawn history leaves the oven; the best when not said. */
  readonly pull?: PullChoice;
}

export type PullChoice = 'earliest' | 'best' | 'latest';

/** Temperatures between which a filling is poured, °C: hot cream on yolks gives up to 92. Common practice. */
export const START_LIMITS_C = { least: 0, most: 92 } as const;
export const ROOM_LIMITS_C = { least: -5, most: 50 } as const;
export const ALTITUDE_LIMITS_M = { least: -400, most: 5000 } as const;

const outside = (value: number, limits: { readonly least: number; readonly most: number }) =>
  !(value >= limits.least && value <= limits.most);

/** The hottest a programme sets the oven, °C. */
export const hottestSetC = ({
  setC,
  programme,
}: Pick<ForecastPlan, 'setC' | 'programme'>): number =>
  Math.max(setC, ...(programme?.steps ?? []).map(({ to }) => (typeof to === 'number' ? to : 0)));

const ascending = (minutes: readonly number[]): boolean =>
  minutes.every((at, index) => index === 0 || at > minutes[index - 1]!);

function checkProgramme({ programme = {}, out }: ForecastPlan): Result<true> {
  const { steps = [], doors = [], entersAtC, swingK = 0 } = programme;
  if (!ascending([0, ...steps.flatMap(({ atMin, on }) => (on ? [] : [atMin]))])) {
    return fail(
      'steps',
      'Put the oven’s steps in order, the first after 0 min.',
      'programme.steps',
    );
  }
  // What is still being typed arrives as no number at all, and is not taken for an oven switched off.
  if (
    steps.some(({ to }) => to !== 'off-shut' && to !== 'off-ajar' && outside(to, OVEN_LIMITS_C))
  ) {
    return fail(
      'steps',
      `Set each step between ${OVEN_LIMITS_C.least} and ${OVEN_LIMITS_C.most} °C.`,
      'programme.steps',
    );
  }
  if (
    doors.some(
      ({ atMin, forS }) => !(Number.isFinite(atMin) && atMin >= 0 && forS >= 1 && forS <= 600),
    )
  ) {
    return fail('doors', 'A door stands open for 1 s to 10 min.', 'programme.doors');
  }
  if (entersAtC !== undefined && outside(entersAtC, { least: 10, most: OVEN_LIMITS_C.most })) {
    return fail(
      'enters',
      'The oven stands between 10 and 300 °C when it goes in.',
      'programme.entersAtC',
    );
  }
  if (outside(swingK, { least: 0, most: 40 })) {
    return fail('swing', 'A thermostat swings by 0 to 40 °C.', 'oven');
  }
  if (out && (out[0]?.atMin !== 0 || !ascending(out.map(({ atMin }) => atMin)))) {
    return fail('out', 'Put the places it cools in in order, the first at 0 min.', 'out');
  }
  return succeed(true);
}

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
  if (plan.fillingG !== undefined && !(plan.fillingG > 0)) {
    return fail('filling-none', 'There is no filling on the list yet.', 'lines');
  }
  if (outside(plan.altitudeM, ALTITUDE_LIMITS_M)) {
    return fail('altitude', 'The altitude must be between -400 and 5000 m.', 'altitudeM');
  }
  const { topUp } = plan;
  if (
    topUp &&
    (outside(topUp.share, { least: TOP_UP_LIMITS.leastShare, most: TOP_UP_LIMITS.mostShare }) ||
      outside(topUp.atMin, { least: 1, most: TOP_UP_LIMITS.mostMin }))
  ) {
    return fail(
      'top-up',
      'Pour 30 to 95 % of the filling first, and the rest within the hour.',
      'topUp',
    );
  }
  if (topUp && plan.laid?.some(({ place }) => place === 'over')) {
    return fail(
      'top-up',
      'A topping lies on the whole of the filling: pour it all at once, or put the topping on later.',
      'topUp',
    );
  }
  return checkProgramme(plan);
}

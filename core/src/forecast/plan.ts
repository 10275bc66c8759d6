import type { TargetShade } from '../browning';
import type { Line, PartKind, ShellKind } from '../formula';
import type { EggGrade, Ingredient } from '../ingredients';
import { fail, succeed, type Result } from '../result';
import type { Vessel } from '../vessel';
import {
  type BathPlan,
  OFFSET_LIMITS_K,
  OVEN_LIMITS_C,
  SWING_LIMITS_K,
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
  readonly oven: {
    readonly kind: OvenKind;
    readonly offsetK: number;
    /** By what share more heat goes over from its air than its kind gives; none more when not said. Over -1. */
    readonly transferShare?: number;
  };
  /** By what share more water leaves its open top than its filling gives; none more when not said. Over -1. */
  readonly dryingShare?: number;
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

/** How warm an oven may stand when a bake goes in, °C: hardly warmer than the kitchen, to as hot as it gets. */
const ENTERS_LIMITS_C = { least: 10, most: OVEN_LIMITS_C.most } as const;

/** Two limits of a temperature, to be said. */
const betweenC = ({ least, most }: { readonly least: number; readonly most: number }) => ({
  least: { celsius: least },
  most: { celsius: most },
});

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
    return fail('forecast.steps-order', 'programme.steps');
  }
  // What is still being typed arrives as no number at all, and is not taken for an oven switched off.
  if (
    steps.some(({ to }) => to !== 'off-shut' && to !== 'off-ajar' && outside(to, OVEN_LIMITS_C))
  ) {
    return fail('forecast.step-heat', 'programme.steps', betweenC(OVEN_LIMITS_C));
  }
  if (
    doors.some(
      ({ atMin, forS }) => !(Number.isFinite(atMin) && atMin >= 0 && forS >= 1 && forS <= 600),
    )
  ) {
    return fail('forecast.doors', 'programme.doors');
  }
  if (entersAtC !== undefined && outside(entersAtC, ENTERS_LIMITS_C)) {
    return fail('forecast.enters', 'programme.entersAtC', betweenC(ENTERS_LIMITS_C));
  }
  if (outside(swingK, SWING_LIMITS_K)) {
    return fail('forecast.swing', 'oven', {
      least: { kelvin: SWING_LIMITS_K.least },
      most: { kelvin: SWING_LIMITS_K.most },
    });
  }
  if (out && (out[0]?.atMin !== 0 || !ascending(out.map(({ atMin }) => atMin)))) {
    return fail('forecast.out-order', 'out');
  }
  return succeed(true);
}

/** Whether oven, filling, room and altitude are such as kitchens have; else what is not, at its field. */
export function checkConditions(plan: ForecastPlan): Result<true> {
  if (outside(plan.setC, OVEN_LIMITS_C)) {
    return fail('forecast.oven-setting', 'setC', betweenC(OVEN_LIMITS_C));
  }
  if (outside(plan.oven.offsetK, OFFSET_LIMITS_K)) {
    return fail('forecast.oven-offset', 'oven', { most: { kelvin: OFFSET_LIMITS_K.most } });
  }
  if (outside(plan.fillingStartC, START_LIMITS_C)) {
    return fail('forecast.filling-start', 'fillingStartC', betweenC(START_LIMITS_C));
  }
  if (outside(plan.roomC, ROOM_LIMITS_C)) {
    return fail('forecast.room', 'roomC', betweenC(ROOM_LIMITS_C));
  }
  if (plan.fillingG !== undefined && !(plan.fillingG > 0)) {
    return fail('forecast.no-filling', 'lines');
  }
  if (outside(plan.altitudeM, ALTITUDE_LIMITS_M)) {
    return fail('forecast.altitude', 'altitudeM', ALTITUDE_LIMITS_M);
  }
  const { topUp } = plan;
  if (
    topUp &&
    (outside(topUp.share, { least: TOP_UP_LIMITS.leastShare, most: TOP_UP_LIMITS.mostShare }) ||
      outside(topUp.atMin, { least: 1, most: TOP_UP_LIMITS.mostMin }))
  ) {
    return fail('forecast.top-up', 'topUp', {
      least: { share: TOP_UP_LIMITS.leastShare },
      most: { share: TOP_UP_LIMITS.mostShare },
    });
  }
  if (topUp && plan.laid?.some(({ place }) => place === 'over')) {
    return fail('forecast.top-up-under-topping', 'topUp');
  }
  return checkProgramme(plan);
}

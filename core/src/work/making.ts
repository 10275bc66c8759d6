import type { OvenKind } from '../oven';
import { finding } from '../result';
import type { Vessel } from '../vessel';
import { paceMin } from './practice';
import type { WorkPlan } from './plan';
import type { After, Gate, Hands, Span, Station, Task, Verb, Wait } from './task';

/** What every rule is given: what is made, in how many vessels, how large. */
export interface Making {
  readonly plan: WorkPlan;
  readonly vessels: number;
  /** Across one vessel, mm. */
  readonly widthMm: number;
}

/** Width taken where nothing says what it is made in, mm. */
const USUAL_WIDTH_MM = 240;

export const makingOf = (plan: WorkPlan): Making => ({
  plan,
  vessels: plan.formula.vesselCount,
  widthMm: plan.vessel?.topDiameterMm ?? USUAL_WIDTH_MM,
});

/** The same number three times: what takes as long as it takes. */
export const just = (minutes: number): Span => ({
  earliestMin: minutes,
  expectedMin: minutes,
  latestMin: minutes,
});

export const after = (
  task: string,
  wait: Wait,
  [leastMin, mostMin]: readonly [number, number?],
  gate?: Gate,
): After => ({
  task,
  wait,
  leastMin: Math.round(leastMin),
  ...(mostMin === undefined ? {} : { mostMin: Math.round(mostMin) }),
  ...(gate ? { gate } : {}),
});

/** What a rule says of a task beside its verb; the rest is usual. */
interface Given {
  readonly of?: string;
  readonly what?: string;
  readonly grams?: number;
  readonly vessels?: number;
  readonly station?: Station;
  /** Of the whole task; the minutes of hands where nothing is said. */
  readonly minutes?: number;
  readonly span?: Span;
  readonly from?: Task['from'];
  readonly hands?: readonly Hands[];
  readonly after?: readonly After[];
  readonly rest?: Pick<Task, 'oven' | 'shared' | 'stages'>;
}

/** Signs that end a task, and hazards that go with it, by verb; common practice. */
const SIGNS: Partial<Readonly<Record<Verb, string>>> = {
  'mix-dough': 'work-sign.mix-dough',
  'roll-and-line': 'work-sign.roll-and-line',
  'blind-bake': 'work-sign.blind-bake',
  'cook-caramel': 'work-sign.cook-caramel',
  'warm-dairy': 'work-sign.warm-dairy',
  'cream-nuts': 'work-sign.cream-nuts',
  bake: 'work-sign.bake',
  glaze: 'work-sign.glaze',
};
const HAZARDS: Partial<Readonly<Record<Verb, string>>> = {
  'mix-dough': 'work-hazard.mix-dough',
  'blind-bake': 'work-hazard.blind-bake',
  'cook-caramel': 'work-hazard.cook-caramel',
  coat: 'work-hazard.coat',
  'warm-dairy': 'work-hazard.warm-dairy',
  'cook-cream': 'work-hazard.cook-cream',
  bake: 'work-hazard.bake',
  'turn-out': 'work-hazard.turn-out',
  meringue: 'work-hazard.meringue',
};

/** A task by its verb; where nothing else is said, hands are on it from beginning to end, as long as is usual. */
export function task(making: Making, id: string, verb: Verb, given: Given): Task {
  const { vessels = making.vessels, grams = 0, of = 'filling', what = '' } = given;
  const busy = paceMin(verb, { vessels, widthMm: making.widthMm, grams });
  const span = given.span ?? just(given.minutes ?? busy);
  const [sign, hazard] = [SIGNS[verb], HAZARDS[verb]];
  return {
    id,
    verb,
    of,
    what,
    vessels,
    grams,
    station: given.station ?? 'bench',
    span,
    from: given.from ?? 'usual',
    hands: given.hands ?? [{ at: 'start', offsetMin: 0, minutes: span.expectedMin }],
    after: given.after ?? [],
    ...(sign ? { sign: finding(sign) } : {}),
    ...(hazard ? { hazard: finding(hazard) } : {}),
    ...given.rest,
  };
}

/** A shelf is asked for a vessel with its rim and a finger's room on either side, mm. Common practice. */
const AROUND_MM = 20;

/** What one vessel takes of a shelf, mm. */
export const footprintOf = (
  vessel: Vessel | undefined,
): { readonly lengthMm: number; readonly breadthMm: number } => {
  const across = vessel?.topDiameterMm ?? USUAL_WIDTH_MM;
  const rim = 2 * (vessel?.lipMm ?? 0) + AROUND_MM;
  return { lengthMm: across + rim, breadthMm: (vessel?.breadthMm ?? across) + rim };
};

/** What has the same name may be in one oven at once; where nothing is turned on the way it ends with the heat. */
export const programmeKey = (
  setC: number,
  steps: readonly { readonly atMin: number; readonly to: number | string }[],
  mode: OvenKind | null,
): string =>
  [mode ?? '', Math.round(setC), ...steps.map(({ atMin, to }) => `${atMin}:${to}`)].join('/');

import type { OvenKind } from '../oven';
import type { Finding } from '../result';
import type { WorkList } from '../work';

/** Minutes since the midnight that a session counts from: two nights before the day that is planned. */
export type Minute = number;

/** Somebody who works, and when: stretches in order, none over another. */
export interface Person {
  readonly id: string;
  readonly name: string;
  readonly hours: readonly (readonly [from: Minute, to: Minute])[];
}

/** An oven as the plan sees it. */
export interface DayOven {
  readonly id: string;
  readonly name: string;
  readonly kind: OvenKind;
  /** What it really reaches less what it is set to, K. */
  readonly offsetK: number;
  readonly shelves: number;
  /** Of one shelf, mm. */
  readonly lengthMm: number;
  readonly breadthMm: number;
}

/** What a kitchen has to work with. */
export interface Means {
  readonly people: readonly Person[];
  readonly ovens: readonly DayOven[];
  /** Ovens that are put away: another like it does for what was meant for one of them. */
  readonly away?: readonly DayOven[];
  readonly rings: number;
  readonly mixers: number;
  /** Vessels that stand in the fridge side by side. */
  readonly fridgePlaces: number;
  /** And in the freezer, beside what is always there. */
  readonly freezerPlaces: number;
  readonly roomC: number;
}

/** A bake that is wanted: what has to be done for it, and by when. */
export interface Wanted {
  readonly id: string;
  readonly name: string;
  readonly dueMin: Minute;
  readonly work: WorkList;
  /** No nuts in it: such bakes come first where a mixer is shared. */
  readonly nutFree?: boolean;
}

/** What the cook has said of a task by hand: it begins then. */
export interface Lock {
  readonly task: string;
  readonly startMin: Minute;
}

/** What has been begun, or is over: it stands where it stood, and only what follows can still be planned. */
export interface Past {
  readonly task: string;
  readonly startMin: Minute;
  /** When it ended; of what still goes on, when it is expected to. */
  readonly endMin: Minute;
  readonly ovenId?: string;
  /** Whose hands it had or has, one for each stretch of hands. */
  readonly people: readonly string[];
}

/** All that a plan of a day is made from. */
export interface Session {
  readonly wanted: readonly Wanted[];
  readonly means: Means;
  /** Nothing begins before. */
  readonly fromMin: Minute;
  /** The hours before this have gone: nothing can be begun sooner than then, whatever would help. */
  readonly goneMin?: Minute;
  readonly locks?: readonly Lock[];
  readonly past?: readonly Past[];
  /** Of a day that is worked: where tasks stood before a better plan is looked for. What leaves its place has its price. */
  readonly stood?: readonly Pick<Placed, 'task' | 'startMin'>[];
}

/** Where one task stands in a plan: when, at which oven, in whose hands, one person for each stretch of hands. */
export interface Placed {
  readonly task: string;
  readonly startMin: Minute;
  readonly endMin: Minute;
  readonly ovenId?: string;
  readonly people: readonly string[];
}

/** A plan: a place for every task, and by how much each bake comes late. */
export interface DayPlan {
  readonly placed: readonly Placed[];
  /** Bakes that are ready after their hour, min; bakes that no place was found for. */
  readonly late: readonly { readonly bake: string; readonly minutes: number }[];
  readonly left: readonly string[];
}

/** What a plan breaks, and where. */
export interface Breach extends Finding {
  readonly tasks: readonly string[];
}

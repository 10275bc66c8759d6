import type {
  BakeCase,
  BakeCaseResult,
  BlindForecast,
  BlindPlan,
  Forecast,
  ForecastPlan,
  Matters,
  Member,
  Remedy,
  Result,
  Unsure,
} from '@hollow-moon/core';
import type { Trace } from '@hollow-moon/core/learning';
import type {
  Begun,
  DayPlan,
  Found,
  Known,
  Measures,
  Relief,
  Session,
  Way,
} from '@hollow-moon/core/planning';

/** What is computed beside the screen: what is asked, and the answer. */
export interface Jobs {
  /** On a coarse mesh and without the hours after the oven, for a slider that is still moving. */
  readonly draft: {
    readonly ask: { readonly plan: ForecastPlan };
    readonly answer: Result<Forecast>;
  };
  /** With its setting temperature off by so much, where that was learnt, K. */
  readonly forecast: {
    readonly ask: { readonly plan: ForecastPlan; readonly setShiftK?: number };
    readonly answer: Result<Forecast>;
  };
  readonly blind: {
    readonly ask: { readonly plan: BlindPlan };
    readonly answer: Result<BlindForecast>;
  };
  /** The draws from `first` to before `last`. */
  readonly members: {
    readonly ask: {
      readonly plan: ForecastPlan;
      readonly unsure: Unsure;
      readonly first: number;
      readonly last: number;
      readonly pullS: number;
    };
    readonly answer: readonly Member[];
  };
  /** The same draws for a bake that runs, left in the oven for so long. */
  readonly traces: {
    readonly ask: {
      readonly plan: ForecastPlan;
      readonly first: number;
      readonly last: number;
      readonly untilS: number;
    };
    readonly answer: readonly Trace[];
  };
  readonly matters: {
    readonly ask: { readonly plan: ForecastPlan; readonly unsure: Unsure; readonly pullS: number };
    readonly answer: readonly Matters[];
  };
  readonly remedies: {
    readonly ask: { readonly plan: ForecastPlan };
    readonly answer: readonly Remedy[];
  };
  /** A round of the search for a better plan, from the best so far on. */
  readonly better: {
    readonly ask: {
      readonly session: Session;
      readonly from: Begun;
      readonly round: number;
      readonly presence: number;
    };
    readonly answer: Found;
  };
  /** Improving and proving a plan by the solver, for so long at the most: what is known is told as it comes. */
  readonly prove: {
    readonly ask: {
      readonly session: Session;
      readonly from: Found;
      readonly presence: number;
      readonly seconds: number;
    };
    readonly answer: Known;
  };
  /** The smallest changes with which a day can be had. */
  readonly reliefs: {
    readonly ask: { readonly session: Session };
    readonly answer: readonly Relief[];
  };
  /** A day with something changed, planned as it was before; none where it is no day. */
  readonly planned: {
    readonly ask: {
      readonly session: Session;
      /** The way it was planned by; none where it is to be found anew. */
      readonly before: Way | null;
      readonly presence: number;
    };
    readonly answer:
      (Pick<DayPlan, 'late' | 'left'> & { readonly measures: Measures; readonly way: Way }) | null;
  };
  readonly case: { readonly ask: { readonly data: BakeCase }; readonly answer: BakeCaseResult };
}

export type JobKind = keyof Jobs;
export type Ask<K extends JobKind> = Jobs[K]['ask'];
export type Answer<K extends JobKind> = Jobs[K]['answer'];

/** What a job tells before its answer: how far it has come, 0 to 1, or what is known by then. */
export type Told<K extends JobKind> = K extends 'prove' ? Known : number;
export type Tell<K extends JobKind = JobKind> = (told: Told<K>) => void;

/** What a thread does: any job of the table, at once or in its time. */
export type Work = <K extends JobKind>(
  kind: K,
  ask: Ask<K>,
  tell?: Tell<K>,
) => Answer<K> | Promise<Answer<K>>;

import type {
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
import type { BakeCase, BakeCaseResult } from '@hollow-moon/contract';

/** What is computed beside the screen besides the forecast of the bench: what is asked, and the answer. */
export interface Jobs {
  readonly blind: {
    readonly ask: { readonly plan: BlindPlan };
    readonly answer: Result<BlindForecast>;
  };
  readonly forecast: {
    readonly ask: { readonly plan: ForecastPlan };
    readonly answer: Result<Forecast>;
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
  readonly matters: {
    readonly ask: { readonly plan: ForecastPlan; readonly unsure: Unsure; readonly pullS: number };
    readonly answer: readonly Matters[];
  };
  readonly remedies: {
    readonly ask: { readonly plan: ForecastPlan };
    readonly answer: readonly Remedy[];
  };
  readonly case: { readonly ask: { readonly data: BakeCase }; readonly answer: BakeCaseResult };
}

export type JobKind = keyof Jobs;
export type Ask<K extends JobKind> = Jobs[K]['ask'];
export type Answer<K extends JobKind> = Jobs[K]['answer'];

export interface ToJobWorker {
  readonly id: number;
  readonly kind: JobKind;
  readonly ask: Ask<JobKind>;
}
export interface FromJobWorker {
  readonly id: number;
  readonly answer: Answer<JobKind>;
}

import type { Forecast, ForecastPlan, Result } from '@hollow-moon/core';

export interface ToWorker {
  readonly id: number;
  readonly plan: ForecastPlan;
  /** Cells of the mesh, as a multiple of those of daily use. */
  readonly resolution: number;
}

export type FromWorker =
  | { readonly kind: 'progress'; readonly id: number; readonly share: number }
  | { readonly kind: 'done'; readonly id: number; readonly result: Result<Forecast> };

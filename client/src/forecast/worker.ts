import type { ForecastWorker } from './service';

/** The thread that computes forecasts. Metro turns the address, a literal, into a chunk of its own. */
export const createForecastWorker = (): ForecastWorker =>
  new Worker(new URL('./forecast.worker.ts', window.location.href)) as unknown as ForecastWorker;

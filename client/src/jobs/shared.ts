import { createPool, type Pool } from './pool';
import { createJobWorker } from './worker';

/** Two for what takes its time, as many cores as a small machine has to spare, and one that is kept for the thumb. */
export const THREADS = 2;

let shared: Pool | undefined;
/** The pool of the application. */
export const pool = (): Pool => (shared ??= createPool(createJobWorker, THREADS + 1));

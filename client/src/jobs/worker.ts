import type { JobWorker } from './pool';

/** A thread for jobs. Metro turns the address, a literal, into a chunk of its own. */
export const createJobWorker = (): JobWorker =>
  new Worker(new URL('./jobs.worker.ts', window.location.href)) as unknown as JobWorker;

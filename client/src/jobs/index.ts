export type { Pool, Priority } from './pool';
export { pool, THREADS } from './shared';
export { REST_MS, useJob } from './useJob';
export { SPREAD_RUNS, useSpread, type SpreadState } from './useSpread';

export { useJob } from './useJob';
export { SPREAD_RUNS, useSpread, type SpreadState } from './useSpread';

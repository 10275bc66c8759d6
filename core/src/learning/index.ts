export * from './learn';
export * from './ovenRead';
export { LEAST_RUNS as LEAST_TRACES } from './response';
export { steadyOvenC } from './steadyOven';
export { LOOK_S, traceOf, type Trace } from './trace';

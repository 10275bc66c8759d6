export * from './learn';
export { LOOK_S, traceOf, type Trace } from './trace';

export { BEFORE_READING, bakeShifts, offBy, type BakeShift, type BakeUnsure } from './inputs';
export * from './learn';
export { BETWEEN_VESSELS, type Doubted, type Reading } from './observe';
export * from './ovenRead';
export { LEAST_RUNS as LEAST_TRACES } from './response';
export { steadyOvenC } from './steadyOven';
export { LOOK_S, traceOf, type Trace } from './trace';
export { pullsByVessel, type VesselPull } from './vessels';

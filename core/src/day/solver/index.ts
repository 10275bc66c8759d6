export { type Aim } from './aim';
export {
  solverIn,
  type Ended,
  type Run,
  type Solver,
  type SolverFiles,
  type SolverMessage,
  type SolverThread,
} from './engine';
export { programOf } from './program';
export { gapOf, knownBy, settled, type Known } from './known';
export { prove, type Proving } from './prove';

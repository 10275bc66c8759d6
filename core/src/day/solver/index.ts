export { dataOf, type Aim } from './data';
export {
  solverIn,
  type Ended,
  type Run,
  type Solver,
  type SolverFiles,
  type SolverMessage,
  type SolverThread,
} from './engine';
export { DAY_PROGRAM } from './program';
export { gapOf, knownBy, proveOn, settled, type Known, type Proving } from './prove';

export * from './case';
export * from './mesh';
export * from './probe';
export * from './reactions';
export * from './model';
export * from './run';
export * from './stirring';
export { surfaceLoss, STEFAN_BOLTZMANN, type SurfaceFlux } from './surface';
export { wetShares } from './bath';

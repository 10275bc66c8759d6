export * from './coast';
export * from './kinetics';
export * from './window';
export * from './wobble';

export * from './coast';
export * from './kinetics';
export * from './search';
export * from './window';
export * from './wobble';

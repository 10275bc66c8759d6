export * from './disc';
export * from './headspace';
export * from './level';
export * from './shell';

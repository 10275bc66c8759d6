export * from './dough';
export * from './headspace';
export * from './level';
export * from './shell';

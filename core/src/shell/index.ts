export * from './dough';
export * from './headspace';
export * from './shell';

export * from './drying';
export * from './filling';
export * from './shell';

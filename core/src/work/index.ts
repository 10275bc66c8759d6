export * from './changes';
export * from './elapsed';
export * from './ownPace';
export * from './plan';
export { OUT_OF_THE_COLD_MIN } from './practice';
export * from './task';
export * from './weighed';
export { workOf } from './work';

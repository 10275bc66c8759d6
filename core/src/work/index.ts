export * from './elapsed';
export * from './plan';
export { PACES, paceMin } from './practice';
export * from './task';
export { workOf } from './work';

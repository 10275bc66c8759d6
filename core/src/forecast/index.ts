export * from './bath';
export * from './forecast';
export * from './oven';
export * from './plan';
export * from './section';
export * from './still';
export { WALLS } from './materials';

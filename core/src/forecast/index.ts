export * from './forecast';
export * from './oven';
export * from './section';
export { WALLS } from './materials';

export * from './forecast';
export * from './oven';
export { WALLS } from './materials';

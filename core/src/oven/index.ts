export * from './bath';
export { exchangeIn, radiantIn } from './enclosure';
export * from './kinds';
export * from './places';
export * from './programme';
export * from './standing';
export * from './surroundings';

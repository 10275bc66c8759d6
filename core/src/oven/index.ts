export * from './bath';
export * from './changeOver';
export { exchangeIn, radiantIn } from './enclosure';
export * from './kinds';
export * from './places';
export {
  BODIES,
  SIGNS,
  ovenStretches,
  liningAtRestC,
  type DoorOpening,
  type OvenLoad,
  type OvenProgramme,
  type OvenStep,
  type OvenStretch,
  type Sign,
} from './programme';
export * from './shelves';
export * from './standing';
export * from './surroundings';

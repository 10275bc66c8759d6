import { say } from '@hollow-moon/words';

/** Where a probe can be, by name. */
export const PLACE_NAMES = {
  centre: say('bake.centre'),
  halfRadius: say('bake.half-way'),
  rim: say('bake.rim'),
  oven: say('bake.oven'),
  pan: say('bake.pan'),
} as const;
export type PlaceName = keyof typeof PLACE_NAMES;

/** What is read of the oven or of a pan is of no vessel. */
export const isOfVessel = (place: PlaceName): boolean => place !== 'oven' && place !== 'pan';

import type { StoredBake } from '@hollow-moon/contract';

/** What was read in the middle. */
export const centreReadings = ({ readings }: StoredBake) =>
  readings.filter(({ place }) => place === 'centre');

import type { Problem } from '../result';
import type { Frustum } from './frustum';
import type { Vessel } from './vessel';

/** Smallest and largest inside measures accepted, mm. Common practice: thimble to wedding tier. */
export const VESSEL_LIMITS_MM = {
  diameter: { least: 30, most: 600 },
  height: { least: 5, most: 200 },
  lip: { least: 0, most: 40 },
} as const;

/** The inside of a vessel as a solid. */
export const insideOf = (vessel: Vessel): Frustum => ({
  baseRadiusMm: vessel.baseDiameterMm / 2,
  topRadiusMm: vessel.topDiameterMm / 2,
  heightMm: vessel.heightMm,
});

/** What is wrong with a vessel's measures, each at its field; empty when nothing is. */
export function checkVessel(vessel: Vessel): Problem[] {
  const problems: Problem[] = [];
  const within = (
    field: 'baseDiameterMm' | 'topDiameterMm' | 'heightMm' | 'lipMm',
    { least, most }: { readonly least: number; readonly most: number },
    what: string,
  ) => {
    const value = vessel[field];
    if (!(value >= least && value <= most)) {
      problems.push({
        code: 'measure-out-of-range',
        message: `The ${what} must lie between ${least / 10} and ${most / 10} cm.`,
        path: field,
      });
    }
  };
  within('baseDiameterMm', VESSEL_LIMITS_MM.diameter, 'base diameter');
  within('topDiameterMm', VESSEL_LIMITS_MM.diameter, 'top diameter');
  within('heightMm', VESSEL_LIMITS_MM.height, 'height');
  within('lipMm', VESSEL_LIMITS_MM.lip, 'rim');
  if (vessel.topDiameterMm < vessel.baseDiameterMm) {
    problems.push({
      code: 'narrower-above',
      message: 'The top cannot be narrower than the base.',
      path: 'topDiameterMm',
    });
  }
  return problems;
}

import type { Problem } from '../result';
import type { Vessel } from './vessel';

/** Smallest and largest inside measures accepted, mm and mL. Common practice: thimble to wedding tier. */
export const VESSEL_LIMITS_MM = {
  diameter: { least: 30, most: 600 },
  height: { least: 5, most: 200 },
  lip: { least: 0, most: 40 },
  tube: { least: 10, most: 300 },
} as const;
export const CAPACITY_LIMITS_ML = { least: 20, most: 20_000 } as const;

/** What is wrong with a vessel's measures, each at its field; empty when nothing is. */
export function checkVessel(vessel: Vessel): Problem[] {
  const problems: Problem[] = [];
  const say = (path: keyof Vessel, code: string, message: string) =>
    problems.push({ code, message, path });
  if (vessel.kind === 'capacity') {
    const { least, most } = CAPACITY_LIMITS_ML;
    if (!(
      vessel.capacityMl !== undefined &&
      vessel.capacityMl >= least &&
      vessel.capacityMl <= most
    )) {
      say(
        'capacityMl',
        'measure-out-of-range',
        `Say what it holds to the brim, from ${least} ml to ${most / 1000} litres.`,
      );
    }
    return problems;
  }
  const within = (
    field: 'baseDiameterMm' | 'topDiameterMm' | 'heightMm' | 'lipMm' | 'breadthMm' | 'tubeMm',
    { least, most }: { readonly least: number; readonly most: number },
    what: string,
  ) => {
    const value = vessel[field];
    if (!(value !== undefined && value >= least && value <= most)) {
      say(
        field,
        'measure-out-of-range',
        `The ${what} must lie between ${least / 10} and ${most / 10} cm.`,
      );
    }
  };
  const { diameter, height, lip, tube } = VESSEL_LIMITS_MM;
  const across = vessel.kind === 'rectangle' || vessel.kind === 'oval';
  within('baseDiameterMm', diameter, across ? 'length of the base' : 'base diameter');
  within('topDiameterMm', diameter, across ? 'length at the top' : 'top diameter');
  within('heightMm', height, 'height');
  within('lipMm', lip, 'rim');
  if (across) within('breadthMm', diameter, 'breadth');
  if (vessel.kind === 'tube') within('tubeMm', tube, 'tube');
  if (vessel.topDiameterMm < vessel.baseDiameterMm) {
    say('topDiameterMm', 'narrower-above', 'The top cannot be narrower than the base.');
  }
  if (problems.length > 0) return problems;
  const taperMm = vessel.topDiameterMm - vessel.baseDiameterMm;
  if (across && vessel.breadthMm! - taperMm < diameter.least) {
    say('breadthMm', 'too-narrow', 'So narrow and so sloped, its base would have no breadth.');
  }
  if (vessel.kind === 'tube' && vessel.tubeMm! > vessel.baseDiameterMm - diameter.least) {
    say('tubeMm', 'tube-too-wide', 'The tube leaves no room between itself and the wall.');
  }
  return problems;
}

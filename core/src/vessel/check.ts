import { finding, type Finding, type Problem } from '../result';
import type { Vessel } from './vessel';

/** Smallest and largest inside measures accepted, mm and mL. Common practice: thimble to wedding tier. */
export const VESSEL_LIMITS_MM = {
  diameter: { least: 30, most: 600 },
  height: { least: 5, most: 200 },
  lip: { least: 0, most: 40 },
  tube: { least: 10, most: 300 },
} as const;
export const CAPACITY_LIMITS_ML = { least: 20, most: 20_000 } as const;

/** What is measured of a vessel, as a cook calls it. */
type MeasureName =
  | 'base-length'
  | 'base-diameter'
  | 'top-length'
  | 'top-diameter'
  | 'height'
  | 'lip'
  | 'breadth'
  | 'tube';

/** What is wrong with a vessel's measures, each at its field; empty when nothing is. */
export function checkVessel(vessel: Vessel): Problem[] {
  const problems: Problem[] = [];
  const mark = (path: keyof Vessel, code: string, values?: Finding['values']) =>
    problems.push({ ...finding(code, values), path });
  if (vessel.kind === 'capacity') {
    const { least, most } = CAPACITY_LIMITS_ML;
    if (!(
      vessel.capacityMl !== undefined &&
      vessel.capacityMl >= least &&
      vessel.capacityMl <= most
    )) {
      mark('capacityMl', 'vessel.capacity', {
        least: { millilitres: least },
        most: { millilitres: most },
      });
    }
    return problems;
  }
  const within = (
    field: 'baseDiameterMm' | 'topDiameterMm' | 'heightMm' | 'lipMm' | 'breadthMm' | 'tubeMm',
    { least, most }: { readonly least: number; readonly most: number },
    what: MeasureName,
  ) => {
    const value = vessel[field];
    if (!(value !== undefined && value >= least && value <= most)) {
      mark(field, 'vessel.measure', {
        what: finding(`vessel.${what}`),
        least: { widthMm: least },
        most: { widthMm: most },
      });
    }
  };
  const { diameter, height, lip, tube } = VESSEL_LIMITS_MM;
  const across = vessel.kind === 'rectangle' || vessel.kind === 'oval';
  within('baseDiameterMm', diameter, across ? 'base-length' : 'base-diameter');
  within('topDiameterMm', diameter, across ? 'top-length' : 'top-diameter');
  within('heightMm', height, 'height');
  within('lipMm', lip, 'lip');
  if (across) within('breadthMm', diameter, 'breadth');
  if (vessel.kind === 'tube') within('tubeMm', tube, 'tube');
  if (vessel.topDiameterMm < vessel.baseDiameterMm) {
    mark('topDiameterMm', 'vessel.narrower-above');
  }
  if (problems.length > 0) return problems;
  const taperMm = vessel.topDiameterMm - vessel.baseDiameterMm;
  if (across && vessel.breadthMm! - taperMm < diameter.least) {
    mark('breadthMm', 'vessel.too-narrow');
  }
  if (vessel.kind === 'tube' && vessel.tubeMm! > vessel.baseDiameterMm - diameter.least) {
    mark('tubeMm', 'vessel.tube-too-wide');
  }
  return problems;
}

import type { Analysis, PartKind } from '../formula';
import { fail, succeed, type Result } from '../result';
import { buildModel, firstMoment, thermometerAt, type Cup } from '../thermal';
import { dryingOfList, fillingMaterial, layersAround } from '../materials';
import { coolingOf, type CoolingForecast } from './cooling';
import { courseOut, onRack, type OutStep } from '../oven';

/** What a stirred cream is poured into to cool. */
export type CreamVessel =
  | { readonly kind: 'tray'; readonly lengthMm: number; readonly breadthMm: number }
  | { readonly kind: 'bowl'; readonly diameterMm: number };

export interface CreamPlan {
  readonly analysis: Analysis;
  readonly family: PartKind;
  readonly massG: number;
  readonly vessel: CreamVessel;
  /** Film or paper on the surface: nothing evaporates, and no skin forms. */
  readonly film: boolean;
  readonly startC: number;
  readonly out: readonly OutStep[];
  readonly roomC: number;
  readonly altitudeM: number;
}

/** Between a film on a shallow tray and a bowl filled to the brim, mm. Common practice. */
const DEPTH_MM = { least: 4, most: 200 } as const;

/** The depth that a cream stands at, mm. A bowl is taken for a straight pot. */
export function creamDepthMm({ analysis, massG, vessel }: CreamPlan): number {
  const areaMm2 =
    vessel.kind === 'tray'
      ? vessel.lengthMm * vessel.breadthMm
      : (Math.PI / 4) * vessel.diameterMm ** 2;
  return (massG / analysis.whole.densityGMl / areaMm2) * 1000;
}

/**
 * Cools a cream that was cooked on the stove, in a shallow tray or a deep bowl, against the published
 * limits. It does not stir itself: what has thickened carries heat by conduction. A tray is computed as
 * the round one with as much wall for its area. Fails where it would be a smear or run over.
 */
export function coolCream(plan: CreamPlan): Result<CoolingForecast> {
  const { analysis, vessel, roomC, altitudeM, film } = plan;
  const depthMm = creamDepthMm(plan);
  if (!(depthMm >= DEPTH_MM.least && depthMm <= DEPTH_MM.most)) {
    return depthMm < DEPTH_MM.least
      ? fail('cooling.too-shallow', 'vessel', { depth: { millimetres: depthMm } })
      : fail('cooling.too-deep', 'vessel', { depth: { millimetres: depthMm } });
  }
  const radiusM =
    (vessel.kind === 'tray'
      ? (vessel.lengthMm * vessel.breadthMm) / (vessel.lengthMm + vessel.breadthMm)
      : vessel.diameterMm / 2) / 1000;
  const cup: Cup = {
    material: fillingMaterial(analysis, true),
    depthM: depthMm / 1000,
    bottomRadiusM: radiusM,
    topRadiusM: radiusM,
    startC: plan.startC,
    layers: layersAround('none', 0, 'bright-tin', roomC),
  };
  const model = buildModel(cup);
  const outside = {
    roomC,
    altitudeM,
    vessel: 'bright-tin' as const,
    drying: dryingOfList(analysis),
    film,
  };
  const course = courseOut(plan.out, {
    ...outside,
    bath: undefined,
    iceLevelM: 0.8 * cup.depthM,
    // There is no oven to be left in: it stands in the room instead.
    coolingOven: () => [{ around: onRack(outside), untilS: Infinity }],
  });
  const read = thermometerAt(model, { radiusShare: 0, heightM: cup.depthM / 2 });
  return succeed(
    coolingOf(model, firstMoment(model), course, read, {
      family: plan.family,
      shell: false,
      roomC,
    }),
  );
}

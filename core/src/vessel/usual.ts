import type { Vessel, VesselKind } from './vessel';

/** The measures of a vessel, mm and mL. */
export type VesselMeasures = Pick<
  Vessel,
  'baseDiameterMm' | 'topDiameterMm' | 'heightMm' | 'lipMm' | 'breadthMm' | 'tubeMm' | 'capacityMl'
>;

const round = (base: number, top: number, height: number, lip = 0): VesselMeasures => ({
  baseDiameterMm: base,
  topDiameterMm: top,
  heightMm: height,
  lipMm: lip,
});

/**
 * The inside measures such a vessel often has, to begin from where the cook has not measured theirs yet; within the limits
 * of every vessel. Source: common practice (sizes that are sold).
 */
export const USUAL_MEASURES: Readonly<Record<VesselKind, VesselMeasures>> = {
  'straight-tin': round(240, 240, 30),
  'fluted-tin': round(230, 240, 25),
  ring: round(200, 200, 45),
  tartlet: round(80, 80, 20),
  'pie-plate': round(180, 230, 35, 15),
  springform: round(230, 230, 70),
  ramekin: round(80, 85, 45),
  charlotte: round(150, 180, 90),
  tube: { ...round(200, 220, 80), tubeMm: 60 },
  square: round(200, 200, 50),
  rectangle: { ...round(350, 350, 25), breadthMm: 110 },
  oval: { ...round(220, 260, 50), breadthMm: 150 },
  capacity: { ...round(240, 240, 30), capacityMl: 120 },
};

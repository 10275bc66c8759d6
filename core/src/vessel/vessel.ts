/** What a vessel is made of; decides how it takes up and passes on heat. */
export type VesselMaterial = 'bright-tin' | 'dark-tin' | 'glass' | 'ceramic';

export const VESSEL_MATERIALS: readonly VesselMaterial[] = [
  'bright-tin',
  'dark-tin',
  'glass',
  'ceramic',
];

export const MATERIAL_NAMES: Readonly<Record<VesselMaterial, string>> = {
  'bright-tin': 'Bright tin',
  'dark-tin': 'Dark tin',
  glass: 'Glass',
  ceramic: 'Ceramic',
};

export type VesselKind = 'straight-tin' | 'pie-plate' | 'ramekin';

export const VESSEL_KINDS: readonly VesselKind[] = ['straight-tin', 'pie-plate', 'ramekin'];

export const VESSEL_KIND_NAMES: Readonly<Record<VesselKind, string>> = {
  'straight-tin': 'Straight tin or ring',
  'pie-plate': 'Sloped pie plate',
  ramekin: 'Ramekin or pot',
};

/**
 * A round vessel by its inside measures, mm. All three kinds are the same solid, a cone cut off
 * below and above; a straight tin has both diameters alike.
 */
export interface Vessel {
  readonly name: string;
  readonly kind: VesselKind;
  readonly baseDiameterMm: number;
  readonly topDiameterMm: number;
  /** Vertical inside height. */
  readonly heightMm: number;
  /** Flat rim outside the wall on which dough can rest; 0 for a tin that is trimmed flush. */
  readonly lipMm: number;
  readonly material: VesselMaterial;
}

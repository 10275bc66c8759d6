/** What a vessel is made of; decides how it takes up and passes on heat. */
export type VesselMaterial = 'bright-tin' | 'dark-tin' | 'glass' | 'ceramic';

export const VESSEL_MATERIALS: readonly VesselMaterial[] = [
  'bright-tin',
  'dark-tin',
  'glass',
  'ceramic',
];

/** How a vessel looks from above. */
export type Outline = 'round' | 'rectangle' | 'oval';

/** Every kind of vessel with its outline. */
const KINDS = {
  'straight-tin': 'round',
  'fluted-tin': 'round',
  ring: 'round',
  tartlet: 'round',
  'pie-plate': 'round',
  springform: 'round',
  ramekin: 'round',
  charlotte: 'round',
  tube: 'round',
  square: 'rectangle',
  rectangle: 'rectangle',
  oval: 'oval',
  capacity: 'round',
} as const satisfies Record<string, Outline>;

export type VesselKind = keyof typeof KINDS;

export const VESSEL_KINDS = Object.keys(KINDS) as readonly VesselKind[];

export const outlineOf = (kind: VesselKind): Outline => KINDS[kind];

/** A vessel by its inside measures, mm. */
export interface Vessel {
  readonly name: string;
  readonly kind: VesselKind;
  /** Of one that is not round: its length. */
  readonly baseDiameterMm: number;
  readonly topDiameterMm: number;
  /** Vertical inside height. */
  readonly heightMm: number;
  /** Flat rim outside the wall on which dough can rest; 0 for a tin that is trimmed flush. */
  readonly lipMm: number;
  readonly material: VesselMaterial;
  /** Across, at the top, of an oval or rectangular one; it tapers as the length does. */
  readonly breadthMm?: number | undefined;
  /** Outside diameter of the tube in the middle of a tube mould. */
  readonly tubeMm?: number | undefined;
  /** Of a dish known only by what it holds to the brim, mL. */
  readonly capacityMl?: number | undefined;
  /** Whether the base comes out: it leaks in a bath, and must be carried from below. */
  readonly looseBase?: boolean | undefined;
}

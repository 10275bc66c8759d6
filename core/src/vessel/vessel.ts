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

/** How a vessel looks from above. */
export type Outline = 'round' | 'rectangle' | 'oval';

/** Every kind of vessel: what a cook calls it, and its outline. */
const KINDS = {
  'straight-tin': { name: 'Straight tin', outline: 'round' },
  'fluted-tin': { name: 'Fluted tin', outline: 'round' },
  ring: { name: 'Ring', outline: 'round' },
  tartlet: { name: 'Tartlet tin or ring', outline: 'round' },
  'pie-plate': { name: 'Sloped pie plate', outline: 'round' },
  springform: { name: 'Springform', outline: 'round' },
  ramekin: { name: 'Ramekin or pot', outline: 'round' },
  charlotte: { name: 'Charlotte mould', outline: 'round' },
  tube: { name: 'Tube mould', outline: 'round' },
  square: { name: 'Square tin or frame', outline: 'rectangle' },
  rectangle: { name: 'Rectangular tin or frame', outline: 'rectangle' },
  oval: { name: 'Oval dish', outline: 'oval' },
  capacity: { name: 'Dish known by what it holds', outline: 'round' },
} as const satisfies Record<string, { readonly name: string; readonly outline: Outline }>;

export type VesselKind = keyof typeof KINDS;

export const VESSEL_KINDS = Object.keys(KINDS) as readonly VesselKind[];

export const VESSEL_KIND_NAMES = Object.fromEntries(
  VESSEL_KINDS.map((kind) => [kind, KINDS[kind].name]),
) as Readonly<Record<VesselKind, string>>;

export const outlineOf = (kind: VesselKind): Outline => KINDS[kind].outline;

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

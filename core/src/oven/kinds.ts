export type OvenKind = 'still' | 'fan' | 'deck';

export const OVEN_KINDS: readonly OvenKind[] = ['still', 'fan', 'deck'];

/** Room in an oven: so many shelves, each so long and so deep, mm. */
export interface Shelves {
  readonly count: number;
  readonly lengthMm: number;
  readonly breadthMm: number;
}

/** An oven as the kitchen knows it. */
export interface Oven {
  readonly name: string;
  readonly kind: OvenKind;
  /** What it really reaches less what it is set to, K; learned from a thermometer. */
  readonly offsetK: number;
  /** How far its thermostat lets it swing to either side, K. */
  readonly swingK: number;
  /** The room in it; as is usual for its kind where nobody has measured it. */
  readonly shelves?: Shelves | undefined;
}

/** Settings a kitchen oven has, °C. Common practice. */
export const OVEN_LIMITS_C = { least: 50, most: 300 } as const;

/** How far off an oven may be before it needs repair, and how far its thermostat may swing, K. Common practice. */
export const OFFSET_LIMITS_K = { least: -60, most: 60 } as const;
export const SWING_LIMITS_K = { least: 0, most: 40 } as const;

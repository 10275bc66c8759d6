import { isFamily, type Family, type PartKind } from '../formula';

/** The gap a filling wants to the rim, and why. */
export interface Headspace {
  readonly mm: number;
  /** Share of the depth that it swells by in the oven. */
  readonly swells: number;
  readonly why: string;
}

const STILL = 'It hardly rises and settles a little.';

/**
 * By family. Common practice: starchless still custard hardly rises, airy, whole-egg, floury and fruit
 * mixes do; the millimetres and shares from memory.
 */
export const HEADSPACE: Readonly<Record<Family, Headspace>> = {
  'baked-custard': { mm: 3, swells: 0.03, why: STILL },
  'purée-custard': { mm: 5, swells: 0.08, why: 'It puffs at the rim and settles as it cools.' },
  'fresh-cheese': { mm: 6, swells: 0.1, why: 'It swells late and falls back; air makes it worse.' },
  'batter-custard': { mm: 12, swells: 0.3, why: 'Flour and whole egg make it climb.' },
  'syrup-nut': { mm: 6, swells: 0.15, why: 'It boils up at the rim before it sets.' },
  'nut-cream': { mm: 8, swells: 0.3, why: 'It rises by a third: fill two thirds.' },
  'fruit-filling': { mm: 8, swells: 0.1, why: 'It bubbles up at the rim before it thickens.' },
  'starch-cream': { mm: 2, swells: 0, why: 'It is set when it goes in.' },
  'starch-pudding': { mm: 2, swells: 0, why: 'It is set when it goes in.' },
  curd: { mm: 2, swells: 0, why: 'It is thick when it goes in.' },
  'cold-set': { mm: 2, swells: 0, why: 'It does not rise.' },
};

/** Why a filling's level is wrong for its family; `undefined` when it is not. `depthMm` of filling over 0. */
export function levelWarning(
  family: PartKind,
  depthMm: number,
  headspaceMm: number,
): string | undefined {
  if (!isFamily(family)) return undefined;
  const { swells, why } = HEADSPACE[family];
  const risesMm = swells * depthMm;
  if (headspaceMm + 0.5 < risesMm) {
    return `Leave ${Math.ceil(risesMm)} mm to the rim. ${why}`;
  }
  // Source: common practice: a 1 cm gap is a fault in a deep tart.
  if (headspaceMm > Math.max(10, risesMm + 6)) {
    return `${Math.round(headspaceMm)} mm is a deep gap: the tart looks half empty, and its bare wall browns.`;
  }
  return undefined;
}

/** How much wider than the mould the plate for turning out must be, mm. Common practice. */
export const PLATE_BEYOND_MM = 25;

import { finding, type Finding } from '../result';
import { isFamily, type Family, type PartKind } from '../formula';

/** The gap a filling wants to the rim. */
export interface Headspace {
  readonly mm: number;
  /** Share of the depth that it swells by in the oven. */
  readonly swells: number;
}

/**
 * By family. Common practice: starchless still custard hardly rises, airy, whole-egg, floury and fruit
 * mixes do; the millimetres and shares from memory.
 */
export const HEADSPACE: Readonly<Record<Family, Headspace>> = {
  'baked-custard': { mm: 3, swells: 0.03 },
  'puree-custard': { mm: 5, swells: 0.08 },
  'fresh-cheese': { mm: 6, swells: 0.1 },
  'batter-custard': { mm: 12, swells: 0.3 },
  'syrup-nut': { mm: 6, swells: 0.15 },
  'nut-cream': { mm: 8, swells: 0.3 },
  'fruit-filling': { mm: 8, swells: 0.1 },
  'starch-cream': { mm: 2, swells: 0 },
  'starch-pudding': { mm: 2, swells: 0 },
  curd: { mm: 2, swells: 0 },
  'cold-set': { mm: 2, swells: 0 },
};

/** Why a filling's level is wrong for its family; `undefined` when it is not. `depthMm` of filling over 0. */
export function levelWarning(
  family: PartKind,
  depthMm: number,
  headspaceMm: number,
): Finding | undefined {
  if (!isFamily(family)) return undefined;
  const { swells } = HEADSPACE[family];
  const risesMm = swells * depthMm;
  if (headspaceMm + 0.5 < risesMm) {
    return finding('shell.leave-more-room', {
      gap: { millimetres: Math.ceil(risesMm) },
      why: finding(`headspace.${family}`),
    });
  }
  // Source: common practice: a 1 cm gap is a fault in a deep tart.
  if (headspaceMm > Math.max(10, risesMm + 6)) {
    return finding('shell.deep-gap', { gap: { millimetres: Math.round(headspaceMm) } });
  }
  return undefined;
}

/** How much wider than the mould the plate for turning out must be, mm. Common practice. */
export const PLATE_BEYOND_MM = 25;

import type { OvenKind, Shelves } from './kinds';

/** What an oven of a kind has where nobody has measured it. Common practice: a domestic oven of 60 l, a small deck. */
export const USUAL_SHELVES: Readonly<Record<OvenKind, Shelves>> = {
  still: { count: 1, lengthMm: 450, breadthMm: 360 },
  fan: { count: 3, lengthMm: 450, breadthMm: 360 },
  deck: { count: 1, lengthMm: 900, breadthMm: 600 },
};

/** Shelves as kitchens have them. */
export const SHELF_LIMITS = {
  count: { least: 1, most: 20 },
  sideMm: { least: 200, most: 2500 },
} as const;

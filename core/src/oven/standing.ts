/** What a vessel stands on, or above. */
export const STANDINGS = ['rack', 'cold-tray', 'hot-tray', 'shielded'] as const;
export type Standing = (typeof STANDINGS)[number];

/** Contact with hot stone or metal, W/(m² K). Calibrated with the deck above. */
const HOT_CONTACT_WM2K = 22;

/**
 * What the underside still meets of the oven, as shares of its convection and radiation: a tray put in
 * cold hides the floor, one heated with the oven gives by contact what a deck does, one on the rack
 * below hides half. From memory.
 */
export const UNDER: Readonly<
  Record<
    Standing,
    { readonly convection: number; readonly radiation: number; readonly leastWm2K: number }
  >
> = {
  rack: { convection: 1, radiation: 1, leastWm2K: 0 },
  'cold-tray': { convection: 1, radiation: 0.4, leastWm2K: 0 },
  'hot-tray': { convection: 1, radiation: 0.4, leastWm2K: HOT_CONTACT_WM2K },
  shielded: { convection: 0.8, radiation: 0.5, leastWm2K: 0 },
};

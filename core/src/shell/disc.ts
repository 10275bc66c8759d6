import { fail, succeed, type Result } from '../result';
import { areaAtMm2, insideOf, perimeterAtMm, slantMm, wallAreaMm2, type Vessel } from '../vessel';

/** Density of raw tart dough, g/cm³. Source: from memory. */
export const DOUGH_DENSITY_G_CM3 = 1.2;

/** How far the disc is rolled past rim and wall for trimming, mm over the whole diameter. Common practice. */
export const TRIM_ALLOWANCE_MM = 20;

/** Thickness of a rolled lining, mm. Common practice: 3, from 2.5 to 4.5; past 8 nobody lines a tin. */
export const SHELL_THICKNESS_MM = { usual: 3, least: 1, most: 8 } as const;

/** The dough for one vessel. */
export interface DoughDisc {
  /** Diameter of a disc, or length of a sheet. */
  readonly diameterMm: number;
  /** Across: as the diameter for a disc. */
  readonly breadthMm: number;
  readonly thicknessMm: number;
  /** The whole disc as rolled. */
  readonly massG: number;
  /** What lines the tin once trimmed. */
  readonly liningG: number;
}

const CUBIC_MM_PER_CM3 = 1000;

const massOf = (areaMm2: number, thicknessMm: number): number =>
  (areaMm2 * thicknessMm * DOUGH_DENSITY_G_CM3) / CUBIC_MM_PER_CM3;

const discAreaMm2 = (diameterMm: number): number => (Math.PI / 4) * diameterMm * diameterMm;

/** Mass in g of a dough disc. Source: area × thickness × {@link DOUGH_DENSITY_G_CM3}. */
export const discMassG = (diameterMm: number, thicknessMm: number): number =>
  massOf(discAreaMm2(diameterMm), thicknessMm);

/**
 * The disc or sheet to roll for a vessel: base + 2 × wall (along its slope) + 2 × lip + trimming
 * allowance. `thicknessMm` over 0. Source: common practice.
 */
export function doughDisc(vessel: Vessel, thicknessMm: number): DoughDisc {
  const inside = insideOf(vessel);
  const beyondMm = 2 * slantMm(inside) + 2 * vessel.lipMm + TRIM_ALLOWANCE_MM;
  const diameterMm = inside.baseLengthMm + beyondMm;
  const breadthMm = inside.baseBreadthMm + beyondMm;
  const sheetMm2 = (inside.outline === 'rectangle' ? 1 : Math.PI / 4) * diameterMm * breadthMm;
  const lipMm2 =
    perimeterAtMm(inside, inside.heightMm) * vessel.lipMm +
    (inside.outline === 'rectangle' ? 4 : Math.PI) * vessel.lipMm ** 2;
  const liningMm2 = areaAtMm2(inside, 0) + wallAreaMm2(inside) + lipMm2;
  return {
    diameterMm,
    breadthMm,
    thicknessMm,
    massG: massOf(sheetMm2, thicknessMm),
    liningG: massOf(liningMm2, thicknessMm),
  };
}

/** Two of a disc's three: the third follows. */
export type DiscWanted =
  | { readonly massG: number; readonly diameterMm: number }
  | { readonly massG: number; readonly thicknessMm: number }
  | { readonly diameterMm: number; readonly thicknessMm: number };

export interface Disc {
  readonly massG: number;
  readonly diameterMm: number;
  readonly thicknessMm: number;
}

/** The third of a disc's diameter, thickness and mass from the other two; all over 0. */
export function discFrom(wanted: DiscWanted): Disc {
  if (!('massG' in wanted)) {
    return { ...wanted, massG: discMassG(wanted.diameterMm, wanted.thicknessMm) };
  }
  const volumeMm3 = (wanted.massG / DOUGH_DENSITY_G_CM3) * CUBIC_MM_PER_CM3;
  return 'diameterMm' in wanted
    ? { ...wanted, thicknessMm: volumeMm3 / discAreaMm2(wanted.diameterMm) }
    : { ...wanted, diameterMm: Math.sqrt((4 * volumeMm3) / (Math.PI * wanted.thicknessMm)) };
}

/**
 * Whether `massG` of dough gives a disc of that width and thickness. Within a tenth it does; beyond,
 * it fails with the thickness it does give and the dough it would take ("14 in at 8 mm from 350 g").
 */
export function checkDisc({ massG, diameterMm, thicknessMm }: Disc): Result<Disc> {
  const given = discFrom({ massG, diameterMm });
  if (Math.abs(given.thicknessMm / thicknessMm - 1) <= 0.1) return succeed(given);
  const neededG = Math.round(discMassG(diameterMm, thicknessMm));
  return fail('shell.disc-impossible', 'shellThicknessMm', {
    dough: { grams: massG },
    across: { millimetres: diameterMm },
    gives: { millimetres: Number(given.thicknessMm.toFixed(1)) },
    wanted: { millimetres: thicknessMm },
    takes: { grams: neededG },
  });
}

/** Share of a sheet that becomes discs when they are cut from it; scraps are rolled once more. From memory. */
const CUT_SHARE = 0.75;

/** Up to this width discs are cut from one sheet, mm; wider ones are rolled one by one. Common practice. */
const CUT_UP_TO_MM = 150;

/** How many discs a batch of dough gives. */
export interface Discs {
  /** From fresh dough. */
  readonly fresh: number;
  /** From scraps rolled once more: tougher, they shrink a little. */
  readonly rerolled: number;
  readonly leftG: number;
}

/**
 * Discs from `batchG` of dough. Small ones are cut from a sheet, of which three quarters become discs,
 * and the scraps are rolled once more; large ones are rolled one by one, and nothing of their
 * trimmings is counted on. Sources: with the constants.
 */
export function discsFrom(batchG: number, disc: DoughDisc): Discs {
  if (!(batchG > 0) || !(disc.massG > 0))
    return { fresh: 0, rerolled: 0, leftG: Math.max(0, batchG) };
  const cut = Math.max(disc.diameterMm, disc.breadthMm) <= CUT_UP_TO_MM;
  const share = cut ? CUT_SHARE : 1;
  const fresh = Math.floor((batchG * share) / disc.massG);
  const scrapsG = batchG - fresh * disc.massG;
  const rerolled = cut ? Math.floor((scrapsG * share) / disc.massG) : 0;
  return { fresh, rerolled, leftG: scrapsG - rerolled * disc.massG };
}

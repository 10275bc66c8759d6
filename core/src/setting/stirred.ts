import type { Analysis } from '../formula';
import { YOLK_SHARE } from '../ingredients';
import { gramsOf, over, thickeningG } from './amounts';
import { bandWarning, type Band, type BySign, type Firmness } from './verdict';

/**
 * Share of starch in the mixture from which a boiled cream reaches a class. Source: common practice
 * (3.5 to 5.5 % holds a slice); spoonable from memory.
 */
export const STARCH_FIRMNESS = { spoonable: 0.02, sliceable: 0.035, gluey: 0.06 } as const;

/** Sugar in sugar and water above which starch swells late and sets softer. Source: from memory. */
const STARCH_HINDERED = 0.4;

/** What must be reached for starch to swell fully and the yolk's amylase to be destroyed, °C. */
const BOILED_C = 95;

function starchFirmness(share: number): Firmness {
  if (share >= STARCH_FIRMNESS.sliceable) return 'sliceable';
  return share >= STARCH_FIRMNESS.spoonable ? 'spoonable' : 'pourable';
}

const given = (warnings: readonly (string | undefined)[]): string[] =>
  warnings.filter((each): each is string => each !== undefined);

/**
 * Judges a cream thickened on the stove by starch, with egg or without. Flour counts half. Sources:
 * common practice for bands and treatment; McGee, On Food and Cooking (2004), from memory, for the
 * yolk's amylase. Never throws.
 */
export function judgeStarchCream(analysis: Analysis, withEgg: boolean): BySign {
  const share = over(thickeningG(analysis), analysis.mixtureG);
  const band: Band = {
    name: 'Starch',
    value: share,
    shownAs: 'share',
    least: STARCH_FIRMNESS.sliceable,
    most: withEgg ? 0.055 : 0.065,
  };
  const firmness = starchFirmness(share ?? 0);
  const yolk = analysis.eggG.yolk + analysis.eggG.whole > 0;
  const { sugar, water } = analysis.share;
  const sugarInWater = over(sugar, sugar + water) ?? 0;
  const cold = 'Wet the starch cold first: dry starch in hot liquid lumps for ever.';
  return {
    kind: 'by-sign',
    setBy: yolk ? 'starch, then egg' : 'starch',
    endC: { from: BOILED_C },
    treatment: yolk
      ? `${cold} Bring it to bubbles that plop and hold them 1 to 2 min.`
      : `${cold} Bring it to a full boil, stirring, and pour.`,
    fails: yolk
      ? 'Stopped under the boil it is thick at night and thin by morning: an enzyme of the yolk eats the starch until heat destroys it.'
      : 'Stopped early it tastes of raw starch and weeps; beaten when cold it goes thin and stays so.',
    firmness,
    firmnessWhy: `Starch is ${((share ?? 0) * 100).toFixed(1)} % of the mix, flour counted half. From 3.5 % a slice holds, from 6 % it is gluey.`,
    bands: [band],
    warnings: given([
      firmness === 'pourable'
        ? 'Add starch: as it stands it thickens but does not hold.'
        : bandWarning(band),
      !withEgg && yolk
        ? 'There is egg on the list: call it a stirred starch cream, and hold the boil.'
        : undefined,
      sugarInWater > STARCH_HINDERED
        ? 'Add part of the sugar after the boil: so much of it keeps starch from swelling.'
        : undefined,
      withEgg && !yolk ? 'There is no egg on the list: this is a starch pudding.' : undefined,
    ]),
    source: 'common practice; McGee (2004), from memory',
  };
}

/** Fat share from which a chilled curd cuts as a cream set by its butter. From memory. */
const CURD_SLICEABLE_FAT = 0.2;

/**
 * Judges a curd. Bands for a yolk curd without starch: common practice (yolk : juice 0.44, 0.35 to
 * 0.6; sugar about 20 %, fat about 15 %, their widths from memory). Never throws.
 */
export function judgeCurd(analysis: Analysis): BySign {
  const juiceG = gramsOf(analysis, (each) => each.role === 'liquid');
  const eggG = analysis.eggG.whole + analysis.eggG.yolk + analysis.eggG.white;
  const starch = thickeningG(analysis) > 0;
  const bands: Band[] = [
    {
      // Whole eggs count by the yolk in them.
      name: 'Yolk to juice',
      value: over(analysis.eggG.yolk + YOLK_SHARE * analysis.eggG.whole, juiceG),
      shownAs: 'ratio',
      least: starch ? 0.1 : 0.35,
      most: 0.6,
    },
    {
      name: 'Added sugar',
      value: analysis.share.addedSugar,
      shownAs: 'share',
      least: 0.14,
      most: 0.28,
    },
    {
      name: 'Butter',
      value: analysis.share.addedFat,
      shownAs: 'share',
      least: 0.08,
      most: 0.32,
    },
  ];
  const butter = analysis.share.fat >= CURD_SLICEABLE_FAT;
  const holds = eggG > 0 || starch;
  return {
    kind: 'by-sign',
    setBy: starch ? 'egg with acid and sugar, and starch' : 'egg with acid and sugar',
    endC: starch ? { from: BOILED_C } : { from: 77, to: 82 },
    treatment: starch
      ? 'Bring it to bubbles, stirring: the starch keeps the egg from scrambling.'
      : 'Stir over gentle heat until it coats a spoon, then off at once. Butter goes in at 35 to 40 °C, soft, if it is to be a cream.',
    fails: starch
      ? 'Stopped early it is thin by morning.'
      : 'Past 85 °C the egg pulls into strands. Butter that goes in hot splits into a pool of oil, cold into beads.',
    firmness: !holds ? 'pourable' : butter ? 'sliceable' : 'spoonable',
    firmnessWhy: butter
      ? `Fat is ${(analysis.share.fat * 100).toFixed(0)} %: chilled, the butter carries the slice.`
      : 'There is little butter to harden: it is spread or spooned, or needs gelatine to be cut.',
    bands,
    warnings: given([
      holds ? undefined : 'Add egg or starch: nothing here thickens it.',
      analysis.composition.acid < 0.004 && holds
        ? 'Little acid: it tastes flat and sets later than a sharp curd.'
        : undefined,
      ...bands.map(bandWarning),
    ]),
    source: 'common practice; widths of the bands from memory',
  };
}

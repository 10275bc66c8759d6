import type { Analysis } from '../formula';
import { YOLK_SHARE } from '../ingredients';
import { gramsOf, over, thickeningG } from './amounts';
import { finding } from '../result';
import { bandWarning, warningsOf, type Band, type BySign, type Firmness } from './verdict';

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

/**
 * Judges a cream thickened on the stove by starch, with egg or without. Flour counts half. Sources:
 * common practice for bands and treatment; McGee, On Food and Cooking (2004), from memory, for the
 * yolk's amylase. Never throws.
 */
export function judgeStarchCream(analysis: Analysis, withEgg: boolean): BySign {
  const share = over(thickeningG(analysis), analysis.mixtureG);
  const band: Band = {
    name: 'starch',
    value: share,
    shownAs: 'share',
    least: STARCH_FIRMNESS.sliceable,
    most: withEgg ? 0.055 : 0.065,
  };
  const firmness = starchFirmness(share ?? 0);
  const yolk = analysis.eggG.yolk + analysis.eggG.whole > 0;
  const { sugar, water } = analysis.share;
  const sugarInWater = over(sugar, sugar + water) ?? 0;
  return {
    kind: 'by-sign',
    setBy: finding(yolk ? 'setting.starch.set-by-egg' : 'setting.starch.set-by'),
    endC: { from: BOILED_C },
    treatment: finding(yolk ? 'setting.starch.treatment-egg' : 'setting.starch.treatment'),
    fails: finding(yolk ? 'setting.starch.fails-egg' : 'setting.starch.fails'),
    firmness,
    firmnessWhy: finding('setting.starch.firmness', {
      starch: { share: share ?? 0 },
      sliceable: { share: STARCH_FIRMNESS.sliceable },
      gluey: { share: STARCH_FIRMNESS.gluey },
    }),
    bands: [band],
    warnings: warningsOf(
      [],
      [
        firmness === 'pourable' ? finding('setting.starch.too-little') : bandWarning(band),
        !withEgg && yolk ? finding('setting.starch.has-egg') : undefined,
        sugarInWater > STARCH_HINDERED ? finding('setting.starch.sugar-hinders') : undefined,
        withEgg && !yolk ? finding('setting.starch.no-egg') : undefined,
      ],
    ),
    source: finding('source.practice-mcgee'),
  };
}

/** Fat share from which a chilled curd cuts as a cream set by its butter. From memory. */
const CURD_SLICEABLE_FAT = 0.2;

/** Acid, by mass, under which a curd tastes flat. From memory. */
const LITTLE_ACID = 0.004;

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
      name: 'yolk-to-juice',
      value: over(analysis.eggG.yolk + YOLK_SHARE * analysis.eggG.whole, juiceG),
      shownAs: 'ratio',
      least: starch ? 0.1 : 0.35,
      most: 0.6,
    },
    {
      name: 'sugar-added',
      value: analysis.share.addedSugar,
      shownAs: 'share',
      least: 0.14,
      most: 0.28,
    },
    {
      name: 'butter',
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
    setBy: finding(starch ? 'setting.curd.set-by-starch' : 'setting.curd.set-by'),
    endC: starch ? { from: BOILED_C } : { from: 77, to: 82 },
    treatment: finding(starch ? 'setting.curd.treatment-starch' : 'setting.curd.treatment'),
    fails: finding(starch ? 'setting.curd.fails-starch' : 'setting.curd.fails'),
    firmness: !holds ? 'pourable' : butter ? 'sliceable' : 'spoonable',
    firmnessWhy: butter
      ? finding('setting.curd.sliced', { fat: { share: analysis.share.fat, digits: 0 } })
      : finding('setting.curd.spread'),
    bands,
    warnings: warningsOf(bands, [
      holds ? undefined : finding('setting.curd.nothing-thickens'),
      analysis.composition.acid < LITTLE_ACID && holds
        ? finding('setting.curd.little-acid')
        : undefined,
    ]),
    source: finding('source.practice-partly-memory'),
  };
}

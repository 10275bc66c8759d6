import type { Analysis } from '../formula';
import { gramsOf, isFlour, over, thickeningG } from './amounts';
import { finding, type Finding } from '../result';
import { warningsOf, type Band, type BandName, type BySign, type Firmness } from './verdict';

const eggG = ({ eggG: { whole, yolk, white } }: Analysis): number => whole + yolk + white;

/** Without egg a filling that egg should set stays as it was poured. */
const noEgg = (analysis: Analysis): Finding | undefined =>
  eggG(analysis) > 0 ? undefined : finding('setting.no-egg');

const orPourable = (analysis: Analysis, firmness: Firmness): Firmness =>
  eggG(analysis) > 0 ? firmness : 'pourable';

/** Egg and share of white in it from which a purée stands turned out. From memory, as of whole-egg custards. */
const STANDS = { egg: 0.09, white: 0.33 } as const;

function standsAlone({ share, composition }: Analysis): boolean {
  const { eggWhiteProtein, eggYolkProtein } = composition;
  const white = over(eggWhiteProtein, eggWhiteProtein + eggYolkProtein) ?? 0;
  return share.egg >= STANDS.egg && white >= STANDS.white;
}

/** Judges a fruit batter custard. Source: common practice (section and bands). Never throws. */
export function judgeBatter(analysis: Analysis): BySign {
  const bands: Band[] = [
    {
      name: 'egg-to-liquid',
      value: analysis.eggToLiquid,
      shownAs: 'ratio',
      least: 0.4,
      most: 0.6,
    },
    {
      name: 'flour',
      value: over(gramsOf(analysis, isFlour), analysis.mixtureG),
      shownAs: 'share',
      least: 0.02,
      most: 0.05,
    },
    {
      name: 'sugar-added',
      value: analysis.share.addedSugar,
      shownAs: 'share',
      least: 0.06,
      most: 0.2,
    },
  ];
  return {
    kind: 'by-sign',
    setBy: finding('setting.batter.set-by'),
    endC: { from: 80 },
    treatment: finding('setting.batter.treatment'),
    fails: finding('setting.batter.fails'),
    firmness: orPourable(analysis, 'sliceable'),
    firmnessWhy: finding('setting.batter.firmness'),
    bands,
    warnings: warningsOf(bands, [noEgg(analysis)]),
    source: finding('source.practice'),
  };
}

/** Judges a vegetable-purée custard. Source: common practice. Never throws. */
export function judgePuree(analysis: Analysis): BySign {
  const bands: Band[] = [
    { name: 'egg', value: analysis.share.egg, shownAs: 'share', least: 0.07, most: 0.12 },
    {
      name: 'sugar-added',
      value: analysis.share.addedSugar,
      shownAs: 'share',
      least: 0.08,
      most: 0.29,
    },
  ];
  const pureeG = gramsOf(analysis, (each) => each.role === 'puree');
  return {
    kind: 'by-sign',
    setBy: finding('setting.puree.set-by'),
    endC: { from: 79, to: 82 },
    treatment: finding('setting.puree.treatment'),
    fails: finding('setting.puree.fails'),
    firmness: orPourable(analysis, standsAlone(analysis) ? 'unmouldable' : 'sliceable'),
    firmnessWhy: finding(standsAlone(analysis) ? 'setting.puree.stands' : 'setting.puree.sliced'),
    bands,
    warnings: warningsOf(bands, [
      noEgg(analysis),
      pureeG > 0 ? undefined : finding('setting.puree.none'),
    ]),
    source: finding('source.practice-partly-memory'),
  };
}

/** Judges a baked fresh-cheese filling. Source: common practice. Never throws. */
export function judgeCheese(analysis: Analysis): BySign {
  const bands: Band[] = [
    { name: 'egg', value: analysis.share.egg, shownAs: 'share', least: 0.1, most: 0.25 },
    {
      name: 'sugar-added',
      value: analysis.share.addedSugar,
      shownAs: 'share',
      least: 0.1,
      most: 0.28,
    },
  ];
  return {
    kind: 'by-sign',
    setBy: finding('setting.cheese.set-by'),
    endC: { from: 65, to: 71 },
    treatment: finding('setting.cheese.treatment'),
    fails: finding('setting.cheese.fails'),
    firmness: orPourable(analysis, 'unmouldable'),
    firmnessWhy: finding('setting.cheese.firmness'),
    bands,
    warnings: warningsOf(bands, [noEgg(analysis)]),
    source: finding('source.practice-partly-memory'),
  };
}

/** Judges a syrup and nut filling; shares are without the nuts. Source: common practice. Never throws. */
export function judgeSyrup(analysis: Analysis): BySign {
  const bands: Band[] = [
    {
      name: 'sugar-and-syrup',
      value: analysis.share.addedSugar,
      shownAs: 'share',
      least: 0.6,
      most: 0.7,
    },
    { name: 'egg', value: analysis.share.egg, shownAs: 'share', least: 0.2, most: 0.3 },
    {
      name: 'butter-or-other-fat',
      value: analysis.share.addedFat,
      shownAs: 'share',
      least: 0.06,
      most: 0.14,
    },
  ];
  return {
    kind: 'by-sign',
    setBy: finding('setting.syrup-nut.set-by'),
    endC: { from: 93, to: 96 },
    treatment: finding('setting.syrup-nut.treatment'),
    fails: finding('setting.syrup-nut.fails'),
    firmness: orPourable(analysis, 'sliceable'),
    firmnessWhy: finding('setting.syrup-nut.firmness'),
    bands,
    warnings: warningsOf(bands, [noEgg(analysis)]),
    source: finding('source.practice-partly-memory'),
  };
}

/** Share of milk from a pastry cream up to which a nut cream still bakes to a crumb: about a third of cream. From memory. */
const MOST_FOLDED_IN = 0.25;

/** Judges a nut cream by its four parts. Sources: common practice; bands from memory. Never throws. */
export function judgeNutCream(analysis: Analysis): BySign {
  const nutG = gramsOf(analysis, (each) => each.role === 'nut');
  const butterG = gramsOf(analysis, (each) => each.role === 'fat');
  const sugarG = gramsOf(analysis, (each) => each.role === 'sugar');
  const flourG = gramsOf(analysis, (each) => each.role === 'starch');
  // Milk on the list is that of a pastry cream folded in.
  const milkG = gramsOf(analysis, (each) => each.role === 'liquid');
  const allG = nutG + butterG + sugarG + flourG + milkG + eggG(analysis);
  const part = (name: BandName, grams: number, least: number, most: number): Band => ({
    name,
    value: over(grams, allG),
    shownAs: 'share',
    least,
    most,
  });
  const bands = [
    part('nuts', nutG, 0.2, 0.4),
    part('butter', butterG, 0.15, 0.32),
    part('sugar', sugarG, 0.15, 0.32),
    part('egg', eggG(analysis), 0.15, 0.32),
    part('flour', flourG, 0, 0.12),
    ...(milkG > 0 ? [part('milk-folded-in', milkG, 0, MOST_FOLDED_IN)] : []),
  ];
  return {
    kind: 'by-sign',
    setBy: finding('setting.nut-cream.set-by'),
    endC: { from: 90 },
    treatment: finding(
      milkG > 0 ? 'setting.nut-cream.treatment-folded' : 'setting.nut-cream.treatment',
    ),
    fails: finding('setting.nut-cream.fails'),
    firmness: orPourable(analysis, 'sliceable'),
    firmnessWhy: finding('setting.nut-cream.firmness'),
    bands,
    warnings: warningsOf(bands, [
      noEgg(analysis),
      nutG > 0 ? undefined : finding('setting.nut-cream.none'),
    ]),
    source: finding('source.practice-partly-memory'),
  };
}

/**
 * Judges a fruit filling that thickens in the oven: fruit with soured cream and flour, or under a crumb. The
 * starch is flour's weight and twice that of pure starches, of all that is in it. Sources: common practice for
 * treatment and sign; the band from memory. Never throws.
 */
export function judgeFruitFilling(analysis: Analysis): BySign {
  const fruitG = gramsOf(analysis, ({ role }) => role === 'fruit');
  const thickened = over(thickeningG(analysis), analysis.whole.grams);
  const bands: Band[] = [
    { name: 'thickener', value: thickened, shownAs: 'share', least: 0.01, most: 0.04 },
  ];
  const none = (thickened ?? 0) <= 0 && eggG(analysis) <= 0;
  return {
    kind: 'by-sign',
    setBy: finding(eggG(analysis) > 0 ? 'setting.fruit.set-by-egg' : 'setting.fruit.set-by'),
    endC: { from: 80 },
    treatment: finding('setting.fruit.treatment'),
    fails: finding('setting.fruit.fails'),
    firmness: none ? 'spoonable' : 'sliceable',
    firmnessWhy: finding(none ? 'setting.fruit.spooned' : 'setting.fruit.sliced'),
    bands,
    warnings: warningsOf(bands, [
      fruitG > 0 ? undefined : finding('setting.fruit.none'),
      none ? finding('setting.fruit.nothing-thickens') : undefined,
    ]),
    source: finding('source.practice-partly-memory'),
  };
}

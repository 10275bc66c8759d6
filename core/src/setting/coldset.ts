import type { Analysis } from '../formula';
import { gramsOf, over } from './amounts';
import { finding } from '../result';
import { judgeGanache } from './ganache';
import { warningsOf, type Band, type BySign, type Firmness, type NotJudged } from './verdict';

/** Bloom strength to which gelatines are brought for comparison, g. */
export const REFERENCE_BLOOM = 200;

/**
 * Mass fraction of 200-bloom gelatine, and of agar, from which a class is reached. From memory: six
 * 2 g leaves a litre (1.2 %) hold a slice, half as much trembles on a spoon.
 */
export const GEL_FIRMNESS = {
  gelatine: { spoonable: 0.005, sliceable: 0.009, unmouldable: 0.014, rubbery: 0.025 },
  agar: { spoonable: 0.0015, sliceable: 0.003, unmouldable: 0.005, rubbery: 0.012 },
} as const;

/**
 * Grams of 200-bloom gelatine as strong as `grams` of another: mass × √(bloom / 200). Bloom from 50
 * to 300. Source: from memory, the rule of gelatine makers.
 */
export const asReferenceGelatineG = (grams: number, bloom: number): number =>
  grams * Math.sqrt(bloom / REFERENCE_BLOOM);

function classOf(share: number, from: (typeof GEL_FIRMNESS)['gelatine' | 'agar']): Firmness {
  if (share >= from.unmouldable) return 'unmouldable';
  if (share >= from.sliceable) return 'sliceable';
  return share >= from.spoonable ? 'spoonable' : 'pourable';
}

/** Alcohol by mass from which gelatine is noticeably weaker. From memory. */
const STRONG_ALCOHOL = 0.08;

/** Names of what is on the list and keeps gelatine from setting when raw. */
const enzymesIn = (analysis: Analysis): string[] =>
  analysis.lines.flatMap(({ ingredient, grams }) =>
    grams && ingredient?.hazard === 'enzyme' ? [ingredient.name] : [],
  );

/** Judges a layer set cold by gelatine or agar, or by chocolate where there is neither. Sources: beside each constant. Never throws. */
export function judgeColdSet(analysis: Analysis): BySign | NotJudged {
  const gelatineG = analysis.lines.reduce(
    (sum, { ingredient, grams }) =>
      ingredient?.bloom && grams ? sum + asReferenceGelatineG(grams, ingredient.bloom) : sum,
    0,
  );
  const agarG = gramsOf(analysis, (each) => each.id === 'agar');
  if (gelatineG <= 0 && agarG <= 0) {
    return (
      judgeGanache(analysis) ?? {
        kind: 'not-judged',
        reason: finding('setting.cold.nothing-sets'),
      }
    );
  }
  const agar = gelatineG <= 0;
  const from = agar ? GEL_FIRMNESS.agar : GEL_FIRMNESS.gelatine;
  const share = over(agar ? agarG : gelatineG, analysis.mixtureG) ?? 0;
  const band: Band = {
    name: agar ? 'agar' : 'gelatine',
    value: share,
    shownAs: 'share',
    least: from.spoonable,
    most: from.rubbery,
  };
  const enzymes = agar ? [] : enzymesIn(analysis);
  const rawEgg = analysis.eggG.whole + analysis.eggG.white + analysis.eggG.yolk > 0;
  return {
    kind: 'by-sign',
    setBy: finding(agar ? 'setting.agar.set-by' : 'setting.gelatine.set-by'),
    endC: undefined,
    treatment: finding(agar ? 'setting.agar.treatment' : 'setting.gelatine.treatment'),
    fails: finding(agar ? 'setting.agar.fails' : 'setting.gelatine.fails'),
    firmness: enzymes.length > 0 ? 'pourable' : classOf(share, from),
    firmnessWhy: finding('setting.cold.firmness', {
      share: { share, digits: 2 },
      sliceable: { share: from.sliceable, digits: 1 },
      unmouldable: { share: from.unmouldable, digits: 1 },
    }),
    bands: [band],
    warnings: warningsOf(
      [band],
      [
        enzymes.length > 0 ? finding('setting.cold.raw-fruit', { fruit: enzymes }) : undefined,
        analysis.composition.alcohol > STRONG_ALCOHOL ? finding('setting.cold.alcohol') : undefined,
        rawEgg ? finding('setting.cold.raw-egg') : undefined,
      ],
    ),
    source: finding('source.practice-partly-memory'),
  };
}

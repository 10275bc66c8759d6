import type { Analysis } from '../formula';
import { findIngredient } from '../ingredients/catalogue';
import { gramsOf, over } from './amounts';
import { bandWarning, type Band, type BySign, type Firmness, type NotJudged } from './verdict';

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
    ingredient && grams && ingredient.hazard === findIngredient('pineapple')?.hazard
      ? [ingredient.name.toLowerCase()]
      : [],
  );

/** Judges a layer set cold by gelatine or agar. Sources: beside each constant. Never throws. */
export function judgeColdSet(analysis: Analysis): BySign | NotJudged {
  const gelatineG = analysis.lines.reduce(
    (sum, { ingredient, grams }) =>
      ingredient?.bloom && grams ? sum + asReferenceGelatineG(grams, ingredient.bloom) : sum,
    0,
  );
  const agarG = gramsOf(analysis, (each) => each.id === 'agar');
  if (gelatineG <= 0 && agarG <= 0) {
    return {
      kind: 'not-judged',
      reason: 'Not judged yet: there is no gelatine and no agar on the list to set it.',
    };
  }
  const agar = gelatineG <= 0;
  const from = agar ? GEL_FIRMNESS.agar : GEL_FIRMNESS.gelatine;
  const share = over(agar ? agarG : gelatineG, analysis.mixtureG) ?? 0;
  const band: Band = {
    name: agar ? 'Agar' : 'Gelatine, as 200 bloom',
    value: share,
    shownAs: 'share',
    least: from.spoonable,
    most: from.rubbery,
  };
  const enzymes = agar ? [] : enzymesIn(analysis);
  const rawEgg = analysis.eggG.whole + analysis.eggG.white + analysis.eggG.yolk > 0;
  return {
    kind: 'by-sign',
    setBy: agar ? 'agar' : 'gelatine',
    endC: undefined,
    treatment: agar
      ? 'Boil the agar in the liquid for two minutes. It sets on cooling, near 35 °C, within the hour.'
      : 'Bloom it in cold water, melt it at 50 to 60 °C, never boil it; set cold, 4 h at the least and 8 h to be cut.',
    fails: agar
      ? 'Unboiled it never sets; stirred while it sets it turns to grains. It does not melt in the mouth.'
      : 'Boiled, unbloomed or under raw pineapple, kiwi, papaya or fig it does not set. It melts from 25 to 30 °C: keep it cold.',
    firmness: enzymes.length > 0 ? 'pourable' : classOf(share, from),
    firmnessWhy: `${(share * 100).toFixed(2)} % of the mix. From ${(from.sliceable * 100).toFixed(1)} % it is cut, from ${(from.unmouldable * 100).toFixed(1)} % it stands alone.`,
    bands: [band],
    warnings: [
      enzymes.length > 0
        ? `Boil the ${enzymes.join(' and ')} first: raw, it keeps gelatine from setting.`
        : undefined,
      analysis.composition.alcohol > STRONG_ALCOHOL
        ? 'Add a third more gelatine: so much alcohol weakens it.'
        : undefined,
      rawEgg
        ? 'Use pasteurised egg, or heat it with the liquid: nothing here is baked.'
        : undefined,
      bandWarning(band),
    ].filter((each): each is string => each !== undefined),
    source: 'common practice; shares and the bloom rule from memory',
  };
}

import type { Analysis } from '../formula';
import { gramsOf, isFlour, over, thickeningG } from './amounts';
import { bandWarning, type Band, type BySign, type Firmness } from './verdict';

const given = (bands: readonly Band[], more: readonly (string | undefined)[] = []): string[] =>
  [...more, ...bands.map(bandWarning)].filter((each): each is string => each !== undefined);

const eggG = ({ eggG: { whole, yolk, white } }: Analysis): number => whole + yolk + white;

/** Without egg a filling that egg should set stays as it was poured. */
const noEgg = (analysis: Analysis): string | undefined =>
  eggG(analysis) > 0 ? undefined : 'Add egg: nothing on the list sets it.';

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
      name: 'Egg to liquid',
      value: analysis.eggToLiquid,
      shownAs: 'ratio',
      least: 0.4,
      most: 0.6,
    },
    {
      name: 'Flour',
      value: over(gramsOf(analysis, isFlour), analysis.mixtureG),
      shownAs: 'share',
      least: 0.02,
      most: 0.05,
    },
    {
      name: 'Added sugar',
      value: analysis.share.addedSugar,
      shownAs: 'share',
      least: 0.06,
      most: 0.2,
    },
  ];
  return {
    kind: 'by-sign',
    setBy: 'egg, with a little flour',
    endC: { from: 80 },
    treatment:
      'Rest the mix cold, sieve it over the fruit, bake hot without a bath until it has risen and the middle no longer gives.',
    fails:
      'Too little egg or wet fruit leaves the middle runny; more flour than 5 % makes a cake of it. It rises and falls: leave room.',
    firmness: orPourable(analysis, 'sliceable'),
    firmnessWhy: 'Whole egg and flour hold a slice between the fruit, warm or cold.',
    bands,
    warnings: given(bands, [noEgg(analysis)]),
    source: 'common practice',
  };
}

/** Judges a vegetable-purée custard. Source: common practice. Never throws. */
export function judgePuree(analysis: Analysis): BySign {
  const bands: Band[] = [
    { name: 'Egg', value: analysis.share.egg, shownAs: 'share', least: 0.07, most: 0.12 },
    {
      name: 'Added sugar',
      value: analysis.share.addedSugar,
      shownAs: 'share',
      least: 0.08,
      most: 0.29,
    },
  ];
  const pureeG = gramsOf(analysis, (each) => each.role === 'purée');
  return {
    kind: 'by-sign',
    setBy: 'egg protein in the purée',
    endC: { from: 79, to: 82 },
    treatment:
      'Weigh the purée, not the roots. Bake until the rim is puffed and a hand’s width in the middle still moves; cool at least an hour before cutting.',
    fails:
      'Past 90 °C in the middle it weeps, and cracks as it cools; wet purée makes it sink. A raw shell under it needs a hot start.',
    firmness: orPourable(analysis, standsAlone(analysis) ? 'unmouldable' : 'sliceable'),
    firmnessWhy: standsAlone(analysis)
      ? 'Egg and white enough to be turned out once it is cold; the purée’s fibre and starch help.'
      : 'The purée’s own fibre and starch help the egg: it cuts clean once cold.',
    bands,
    warnings: given(bands, [
      noEgg(analysis),
      pureeG > 0 ? undefined : 'There is no purée on the list: this is a plain custard.',
    ]),
    source: 'common practice; lower band of sugar from memory',
  };
}

/** Judges a baked fresh-cheese filling. Source: common practice. Never throws. */
export function judgeCheese(analysis: Analysis): BySign {
  const bands: Band[] = [
    { name: 'Egg', value: analysis.share.egg, shownAs: 'share', least: 0.1, most: 0.25 },
    {
      name: 'Added sugar',
      value: analysis.share.addedSugar,
      shownAs: 'share',
      least: 0.1,
      most: 0.28,
    },
  ];
  return {
    kind: 'by-sign',
    setBy: 'egg and milk protein',
    endC: { from: 65, to: 71 },
    treatment:
      'All at room temperature, eggs last, no air. Bake slowly, in a bath if it is deep; leave it in the shut oven, then the room, then the night in the fridge.',
    fails:
      'Air and speed puff it and it cracks as it falls; past 77 °C in the middle it is grainy. A side that sticks tears it: free the rim while warm.',
    firmness: orPourable(analysis, 'unmouldable'),
    firmnessWhy:
      'It reads loose in the oven at 65 to 71 °C, sets as it cools overnight and then stands out of its ring.',
    bands,
    warnings: given(bands, [noEgg(analysis)]),
    source: 'common practice; bands and 77 °C from memory',
  };
}

/** Judges a syrup and nut filling; shares are without the nuts. Source: common practice. Never throws. */
export function judgeSyrup(analysis: Analysis): BySign {
  const bands: Band[] = [
    {
      name: 'Sugar and syrup',
      value: analysis.share.addedSugar,
      shownAs: 'share',
      least: 0.6,
      most: 0.7,
    },
    { name: 'Egg', value: analysis.share.egg, shownAs: 'share', least: 0.2, most: 0.3 },
    {
      name: 'Butter or other fat',
      value: analysis.share.addedFat,
      shownAs: 'share',
      least: 0.06,
      most: 0.14,
    },
  ];
  return {
    kind: 'by-sign',
    setBy: 'egg in concentrated sugar',
    endC: { from: 93, to: 96 },
    treatment:
      'Bake until the middle quivers as one body and reads 93 to 96 °C. Let it stand two hours before cutting.',
    fails:
      'Pulled at a custard’s temperature it stays syrup: so much sugar moves the set up by ten degrees and more. Butter left in lumps erupts.',
    firmness: orPourable(analysis, 'sliceable'),
    firmnessWhy: 'The egg sets the syrup to a soft jelly; the nuts carry it.',
    bands,
    warnings: given(bands, [noEgg(analysis)]),
    source: 'common practice; widths of the bands from memory',
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
  const part = (name: string, grams: number, least: number, most: number): Band => ({
    name,
    value: over(grams, allG),
    shownAs: 'share',
    least,
    most,
  });
  const bands = [
    part('Nuts', nutG, 0.2, 0.4),
    part('Butter', butterG, 0.15, 0.32),
    part('Sugar', sugarG, 0.15, 0.32),
    part('Egg', eggG(analysis), 0.15, 0.32),
    part('Flour', flourG, 0, 0.12),
    ...(milkG > 0 ? [part('Milk of a cream folded in', milkG, 0, MOST_FOLDED_IN)] : []),
  ];
  return {
    kind: 'by-sign',
    setBy: 'egg and flour in a paste of butter, sugar and nuts',
    endC: { from: 90 },
    treatment: `All at 20 °C, one egg at a time, mixed and not whipped. ${milkG > 0 ? 'Boil and cool the pastry cream, fold it in last. ' : ''}Fill two thirds; bake until golden, springing back, 90 °C and over in the middle.`,
    fails:
      'Cold eggs split it, melted butter makes it greasy. Whipped, it rises over the rim and sinks; under wet fruit a raw line is left.',
    firmness: orPourable(analysis, 'sliceable'),
    firmnessWhy: 'It bakes to a close crumb that cuts warm or cold.',
    bands,
    warnings: given(bands, [
      noEgg(analysis),
      nutG > 0 ? undefined : 'There are no nuts on the list yet.',
    ]),
    source: 'common practice; bands from memory',
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
    { name: 'Thickener', value: thickened, shownAs: 'share', least: 0.01, most: 0.04 },
  ];
  const none = (thickened ?? 0) <= 0 && eggG(analysis) <= 0;
  return {
    kind: 'by-sign',
    setBy: eggG(analysis) > 0 ? 'starch and egg' : 'starch',
    endC: { from: 80 },
    treatment:
      'Mix and fill at once, before the fruit draws juice. Bake until a knife goes through the fruit softly, the rim bubbles thickly and the top is golden.',
    fails:
      'Thin bubbles mean the starch has not thickened yet. Mixed ahead or cut hot it runs: let it cool for two hours.',
    firmness: none ? 'spoonable' : 'sliceable',
    firmnessWhy: none
      ? 'Nothing thickens the juice: it is spooned.'
      : 'Starch binds the juice as it boils and holds a slice once cold.',
    bands,
    warnings: given(bands, [
      fruitG > 0 ? undefined : 'There is no fruit on the list yet.',
      none
        ? 'Add flour or starch, or spoon it from its dish: nothing thickens the juice.'
        : undefined,
    ]),
    source: 'common practice; band from memory',
  };
}

import type { Analysis, FinishKind } from '../formula';
import { syrupShareAtC, waterToBoilOffG } from '../sugar';
import { gramsOf, over } from './amounts';
import { bandWarning, type Band, type Made } from './verdict';

const sugarsG = (of: Analysis) => gramsOf(of, (each) => each.role === 'sugar');
const waterG = (of: Analysis) => gramsOf(of, (each) => each.id === 'water');
const warned = (bands: readonly Band[], more: readonly (string | undefined)[]): string[] =>
  [...more, ...bands.map(bandWarning)].filter((each): each is string => each !== undefined);

/** A verdict of something that has no firmness of its own. */
const plain = (
  verdict: Omit<Made, 'kind' | 'bands' | 'warnings'> & {
    readonly bands?: readonly Band[];
    readonly remarks?: readonly (string | undefined)[];
  },
): Made => {
  const { bands = [], remarks = [], ...rest } = verdict;
  return {
    kind: 'made',
    ...rest,
    bands,
    warnings: warned(bands, remarks),
  };
};

/** Water to sugar by mass: a quarter to a third by volume, of sugar at 0.845 g/ml. Common practice. */
const CARAMEL_WATER = [0.25 / 0.845, 0.34 / 0.845] as const;
const HOT_SUGAR =
  'Hot sugar burns deep: heavy pan, mitts, a bowl of ice water near, nobody tastes.';

function judgeCaramel(analysis: Analysis): Made {
  const sugarG = sugarsG(analysis);
  const water = waterG(analysis);
  const dry = water === 0;
  const fat = analysis.share.fat > 0.03;
  return plain({
    setBy: 'sugar cooked until it browns',
    endC: { from: 166, to: 174 },
    treatment: dry
      ? `Melt it dry in a third at a time, stirring. Off at amber: a heavy pan cooks on by 5 to 10 °C. ${HOT_SUGAR}`
      : `Boil off the water, ${Math.round(waterToBoilOffG(sugarG, water, 160))} g of it, swirling, never stirring. Off at amber: a heavy pan cooks on by 5 to 10 °C. ${HOT_SUGAR}`,
    fails:
      'Stirred or splashed it crystallises; a drop of lemon or a spoon of glucose guards against it. Past 185 °C it is bitter. On a humid day it turns sticky within hours.',
    bands: dry
      ? []
      : [
          {
            name: 'Water to sugar',
            value: over(water, sugarG),
            shownAs: 'ratio',
            least: CARAMEL_WATER[0],
            most: CARAMEL_WATER[1],
          },
        ],
    remarks: [
      sugarG > 0 ? undefined : 'Add sugar: there is none on the list to brown.',
      fat
        ? 'Add cream or butter warm and off the heat, a little at a time: it foams up.'
        : undefined,
    ],
    source: 'common practice',
  });
}

function judgeSyrup(analysis: Analysis): Made {
  return plain({
    setBy: 'sugar in water',
    endC: { from: 100 },
    treatment:
      'Bring it to a boil until it is clear. Fruit poaches in it under the boil, about 20 min.',
    fails:
      'Weak, it draws the sugar out of the fruit; strong, it draws the water out and the fruit shrivels.',
    bands: [
      {
        name: 'Sugar to water',
        value: over(sugarsG(analysis), waterG(analysis)),
        shownAs: 'ratio',
        least: 0.2,
        most: 0.25,
      },
    ],
    source: 'common practice (200 to 250 g a litre)',
  });
}

function judgePraline(analysis: Analysis): Made {
  return plain({
    setBy: 'caramel round nuts',
    endC: { from: 166, to: 174 },
    treatment: `Toast the nuts, stir them into amber caramel, pour thin on an oiled sheet. ${HOT_SUGAR}`,
    fails: 'It drinks the air’s water: break it just before it is used, or keep it dry and shut.',
    bands: [
      {
        name: 'Nuts to sugar',
        value: over(
          gramsOf(analysis, (each) => each.role === 'nut'),
          sugarsG(analysis),
        ),
        shownAs: 'ratio',
        least: 0.7,
        most: 1.5,
      },
    ],
    source: 'common practice (about 1 : 1); its width from memory',
  });
}

const MERINGUES = {
  'meringue-raw': {
    endC: undefined,
    treatment:
      'Whisk to soft peaks, then the sugar by the spoon until it is glossy. Brown it at once; use it the same day.',
    fails: 'It weeps on a cold filling and within hours; undissolved sugar beads.',
    caution:
      'Use pasteurised white: raw white is not for the young, the old, the pregnant or the ill.',
    bands: [1, 2] as const,
  },
  'meringue-swiss': {
    endC: { from: 55, to: 70 },
    treatment:
      'Whisk white and sugar over warm water until the sugar has melted, then off it until cold and stiff.',
    fails: 'Too hot it cooks to threads. Under 71 °C the white is not made safe.',
    caution:
      'Take it to 71 °C, or use pasteurised white: at less the egg is still raw. Local codes come first.',
    bands: [1.5, 2.2] as const,
  },
  'meringue-italian': {
    endC: { from: 118, to: 121 },
    treatment: `Boil the syrup to 118 to 121 °C and pour it in a thread onto soft-peaked white, whisking until cool. ${HOT_SUGAR}`,
    fails:
      'Syrup on the whisk sets to threads of glass. Under 115 °C the foam stays soft and weeps.',
    caution: undefined,
    bands: [1.5, 2.2] as const,
  },
} as const;

function judgeMeringue(analysis: Analysis, kind: keyof typeof MERINGUES): Made {
  const { endC, treatment, fails, caution, bands } = MERINGUES[kind];
  const whiteG = analysis.eggG.white;
  const syrup = kind === 'meringue-italian';
  return plain({
    setBy: 'egg white beaten with sugar',
    endC,
    treatment,
    fails,
    bands: [
      {
        name: 'Sugar to white',
        value: over(sugarsG(analysis), whiteG),
        shownAs: 'ratio',
        least: bands[0],
        most: bands[1],
      },
    ],
    remarks: [
      whiteG > 0 ? undefined : 'Add egg white: there is none on the list to beat.',
      analysis.eggG.yolk > 0 || analysis.share.fat > 0.02
        ? 'Keep yolk and fat out: a trace keeps the white from rising.'
        : undefined,
      syrup && waterG(analysis) <= 0
        ? 'Add water to boil the syrup with: about a third of the sugar.'
        : undefined,
      caution,
    ],
    source: 'common practice; Swiss temperatures and widths from memory',
  });
}

/** Fat from which cream whips and stands. Common practice. */
const WHIPS_FROM = 0.3;

function judgeWhippedCream(analysis: Analysis): Made {
  const setting = gramsOf(analysis, (each) => each.bloom !== undefined) > 0;
  return plain({
    setBy: 'cold fat round air',
    endC: { from: 2, to: 6 },
    treatment: `Bowl and cream cold. Stop at soft peaks for folding, firmer for piping. ${setting ? 'Gelatine goes in melted and no hotter than the hand.' : 'Whip it late: it holds two to four hours.'}`,
    fails:
      'Warm it will not stand; whipped on it turns to butter. It weeps overnight unless it is stabilised.',
    bands: [
      { name: 'Fat', value: analysis.share.fat, shownAs: 'share', least: WHIPS_FROM, most: 0.42 },
      {
        name: 'Added sugar',
        value: analysis.share.addedSugar,
        shownAs: 'share',
        least: 0.03,
        most: 0.16,
      },
    ],
    source: 'common practice; sugar from memory',
  });
}

function judgeGlaze(analysis: Analysis): Made {
  return plain({
    setBy: 'pectin of a jam, or gelatine',
    endC: { from: 60, to: 90 },
    treatment:
      'Warm jam and water until it runs, strain, brush on while hot, over fruit that is dry and cold.',
    fails: 'Thin it runs off and wets the shell; thick it tears the fruit. It dulls after a day.',
    bands: [
      {
        name: 'Water to jam',
        value: over(
          waterG(analysis) +
            gramsOf(analysis, (each) => each.role === 'liquid' && each.id !== 'water'),
          sugarsG(analysis),
        ),
        shownAs: 'ratio',
        least: 0.08,
        most: 0.8,
      },
    ],
    source: 'common practice (1 : 1 by volume, or two spoons to the jam)',
  });
}

const NOTED = {
  seal: {
    setBy: 'a film the wet does not pass',
    treatment:
      'Brush it thin over the warm, baked base; egg wash goes back in for 2 to 3 min. Cold-set fillings go in once it is firm.',
    fails: 'Egg wash darkens faster than dough. Chocolate cracks if the shell bends.',
  },
  'fruit-and-nuts': {
    setBy: 'nothing: it lies in the filling',
    treatment:
      'Drain wet fruit, warm cold fruit to the room. Nuts laid first float up; lay them even.',
    fails: 'Juice wets the base and loosens the set round it.',
  },
  'other-part': {
    setBy: 'not judged',
    treatment: 'Weighed, counted and costed with the rest.',
    fails: 'Nothing is foreseen of it.',
  },
} as const;

/** Judges what is made beside the filling, by its kind. Never throws. Sources: with each. */
export function judgeFinish(analysis: Analysis, kind: FinishKind): Made {
  switch (kind) {
    case 'caramel':
      return judgeCaramel(analysis);
    case 'syrup':
      return judgeSyrup(analysis);
    case 'praline':
      return judgePraline(analysis);
    case 'meringue-raw':
    case 'meringue-swiss':
    case 'meringue-italian':
      return judgeMeringue(analysis, kind);
    case 'whipped-cream':
      return judgeWhippedCream(analysis);
    case 'glaze':
      return judgeGlaze(analysis);
    case 'seal':
    case 'fruit-and-nuts':
    case 'other-part':
      return plain({ ...NOTED[kind], endC: undefined, source: 'common practice' });
  }
}

/** What is left of a caramel once its water is gone, grams; the browning itself loses little. */
export const caramelYieldG = (analysis: Analysis): number => {
  const dryG = analysis.mixtureG - analysis.mixtureG * analysis.share.water;
  return dryG / syrupShareAtC(166);
};

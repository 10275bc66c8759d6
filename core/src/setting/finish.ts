import type { Analysis, FinishKind } from '../formula';
import { waterToBoilOffG } from '../sugar';
import { gramsOf, over } from './amounts';
import { finding, type Finding } from '../result';
import { warningsOf, type Made } from './verdict';

const sugarsG = (of: Analysis) => gramsOf(of, (each) => each.role === 'sugar');
const waterG = (of: Analysis) => gramsOf(of, (each) => each.id === 'water');

/** A verdict of something that has no firmness of its own. */
const plain = (
  verdict: Omit<Made, 'kind' | 'bands' | 'warnings'> & {
    readonly bands?: Made['bands'];
    readonly remarks?: readonly (Finding | undefined)[];
  },
): Made => {
  const { bands = [], remarks = [], ...rest } = verdict;
  return {
    kind: 'made',
    ...rest,
    bands,
    warnings: warningsOf(bands, remarks),
  };
};

/** Water to sugar by mass: a quarter to a third by volume, of sugar at 0.845 g/ml. Common practice. */
const CARAMEL_WATER = [0.25 / 0.845, 0.34 / 0.845] as const;

function judgeCaramel(analysis: Analysis): Made {
  const sugarG = sugarsG(analysis);
  const water = waterG(analysis);
  const dry = water === 0;
  const fat = analysis.share.fat > 0.03;
  return plain({
    setBy: finding('setting.caramel.set-by'),
    endC: { from: 166, to: 174 },
    treatment: dry
      ? finding('setting.caramel.dry')
      : finding('setting.caramel.wet', {
          water: { grams: waterToBoilOffG(sugarG, water, 160) },
        }),
    fails: finding('setting.caramel.fails'),
    bands: dry
      ? []
      : [
          {
            name: 'water-to-sugar',
            value: over(water, sugarG),
            shownAs: 'ratio',
            least: CARAMEL_WATER[0],
            most: CARAMEL_WATER[1],
          },
        ],
    remarks: [
      sugarG > 0 ? undefined : finding('setting.caramel.no-sugar'),
      fat ? finding('setting.caramel.fat-foams') : undefined,
    ],
    source: finding('source.practice'),
  });
}

function judgeSyrup(analysis: Analysis): Made {
  return plain({
    setBy: finding('setting.syrup.set-by'),
    endC: { from: 100 },
    treatment: finding('setting.syrup.treatment'),
    fails: finding('setting.syrup.fails'),
    bands: [
      {
        name: 'sugar-to-water',
        value: over(sugarsG(analysis), waterG(analysis)),
        shownAs: 'ratio',
        least: 0.2,
        most: 0.25,
      },
    ],
    source: finding('source.practice'),
  });
}

function judgePraline(analysis: Analysis): Made {
  return plain({
    setBy: finding('setting.praline.set-by'),
    endC: { from: 166, to: 174 },
    treatment: finding('setting.praline.treatment'),
    fails: finding('setting.praline.fails'),
    bands: [
      {
        name: 'nuts-to-sugar',
        value: over(
          gramsOf(analysis, (each) => each.role === 'nut'),
          sugarsG(analysis),
        ),
        shownAs: 'ratio',
        least: 0.7,
        most: 1.5,
      },
    ],
    source: finding('source.practice-partly-memory'),
  });
}

/** Where each is done, °C, and its sugar to white. */
const MERINGUES = {
  'meringue-raw': { endC: undefined, caution: 'setting.meringue-raw.caution', bands: [1, 2] },
  'meringue-swiss': {
    endC: { from: 55, to: 70 },
    caution: 'setting.meringue-swiss.caution',
    bands: [1.5, 2.2],
  },
  'meringue-italian': { endC: { from: 118, to: 121 }, caution: undefined, bands: [1.5, 2.2] },
} as const;

function judgeMeringue(analysis: Analysis, kind: keyof typeof MERINGUES): Made {
  const { endC, caution, bands } = MERINGUES[kind];
  const whiteG = analysis.eggG.white;
  const syrup = kind === 'meringue-italian';
  return plain({
    setBy: finding('setting.meringue.set-by'),
    endC,
    treatment: finding(`setting.${kind}.treatment`),
    fails: finding(`setting.${kind}.fails`),
    bands: [
      {
        name: 'sugar-to-white',
        value: over(sugarsG(analysis), whiteG),
        shownAs: 'ratio',
        least: bands[0],
        most: bands[1],
      },
    ],
    remarks: [
      whiteG > 0 ? undefined : finding('setting.meringue.no-white'),
      analysis.eggG.yolk > 0 || analysis.share.fat > 0.02
        ? finding('setting.meringue.fat')
        : undefined,
      syrup && waterG(analysis) <= 0 ? finding('setting.meringue.no-water') : undefined,
      caution && finding(caution),
    ],
    source: finding('source.practice-partly-memory'),
  });
}

/** Fat from which cream whips and stands. Common practice. */
const WHIPS_FROM = 0.3;

function judgeWhippedCream(analysis: Analysis): Made {
  const setting = gramsOf(analysis, (each) => each.bloom !== undefined) > 0;
  return plain({
    setBy: finding('setting.whipped.set-by'),
    endC: { from: 2, to: 6 },
    treatment: finding(
      setting ? 'setting.whipped.treatment-gelatine' : 'setting.whipped.treatment',
    ),
    fails: finding('setting.whipped.fails'),
    bands: [
      { name: 'fat', value: analysis.share.fat, shownAs: 'share', least: WHIPS_FROM, most: 0.42 },
      {
        name: 'sugar-added',
        value: analysis.share.addedSugar,
        shownAs: 'share',
        least: 0.03,
        most: 0.16,
      },
    ],
    source: finding('source.practice-partly-memory'),
  });
}

function judgeGlaze(analysis: Analysis): Made {
  return plain({
    setBy: finding('setting.glaze.set-by'),
    endC: { from: 60, to: 90 },
    treatment: finding('setting.glaze.treatment'),
    fails: finding('setting.glaze.fails'),
    bands: [
      {
        name: 'water-to-jam',
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
    source: finding('source.practice'),
  });
}

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
      return plain({
        setBy: finding(`setting.${kind}.set-by`),
        treatment: finding(`setting.${kind}.treatment`),
        fails: finding(`setting.${kind}.fails`),
        endC: undefined,
        source: finding('source.practice'),
      });
  }
}

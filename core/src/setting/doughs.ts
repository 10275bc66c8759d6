import type { Analysis } from '../formula';
import { gramsOf, isFlour, over } from './amounts';
import { finding } from '../result';
import { warningsOf, type Band, type BandName, type Made } from './verdict';

/** Biscuits for crumb are the entries of the catalogue named so. */
const isCrumb = ({ id }: { readonly id: string }): boolean =>
  /-biscuits$|^sponge-fingers$/.test(id);

/** What a dough is made of, each as a share of its flour (baker's percent / 100). */
function onFlour(of: Analysis) {
  const flourG = gramsOf(of, isFlour);
  const waterG = of.lines.reduce(
    (sum, { ingredient, grams }) =>
      ingredient && grams && (ingredient.role === 'liquid' || ingredient.role === 'egg')
        ? sum + grams * ingredient.composition.water
        : sum,
    0,
  );
  return {
    flourG,
    fat: over(
      gramsOf(of, (each) => each.role === 'fat'),
      flourG,
    ),
    sugar: over(
      gramsOf(of, (each) => each.role === 'sugar'),
      flourG,
    ),
    water: over(waterG, flourG),
  };
}

const band = (
  name: BandName,
  value: number | undefined,
  [least, most]: readonly [number, number],
): Band => ({ name, value, shownAs: 'share', least, most });

/** Baker's shares from which a sweet dough's walls are likely to slump or shrink. From memory. */
const SHRINKS = { water: 0.3, leanFat: 0.4 } as const;

/**
 * Judges a dough on its flour. Bands: flaky dough water 32 % weighed up to 49 % by spoon, butter 66 %
 * or shortening 57 %, pressed shortbread butter 90 % (common practice); the rest from memory. Water is
 * that of eggs and liquids, without the butter's own. Never throws.
 */
export function judgeDough(
  analysis: Analysis,
  kind: 'sweet-dough' | 'pie-dough' | 'pressed-dough',
): Made {
  const { flourG, fat, sugar, water } = onFlour(analysis);
  const bands: Record<typeof kind, Band[]> = {
    'sweet-dough': [
      band('fat-on-flour', fat, [0.4, 0.75]),
      band('sugar-on-flour', sugar, [0.2, 0.6]),
      band('water-on-flour', water, [0.08, 0.3]),
    ],
    'pie-dough': [
      band('fat-on-flour', fat, [0.5, 0.8]),
      band('water-on-flour', water, [0.28, 0.5]),
    ],
    'pressed-dough': [
      band('fat-on-flour', fat, [0.6, 1]),
      band('sugar-on-flour', sugar, [0.2, 0.6]),
    ],
  };
  const pie = kind === 'pie-dough';
  const shrinks =
    !pie && ((water ?? 0) > SHRINKS.water || (fat !== undefined && fat < SHRINKS.leanFat));
  return {
    kind: 'made',
    setBy: finding(pie ? 'setting.dough.set-by-layers' : 'setting.dough.set-by-fat'),
    endC: undefined,
    treatment: finding(`setting.${kind}.treatment`),
    fails: finding(`setting.${kind}.fails`),
    bands: bands[kind],
    warnings: warningsOf(bands[kind], [
      flourG > 0 ? undefined : finding('setting.dough.no-flour'),
      shrinks && flourG > 0 ? finding('setting.dough.shrinks') : undefined,
    ]),
    source: finding('source.practice-partly-memory'),
  };
}

/** Fat to crumb: 1 : 4 with egg (common practice), 1 : 2 without (from memory), and their widths (from memory). */
export const CRUMB_FAT = { withEgg: [0.2, 0.35], plain: [0.35, 0.6] } as const;

/** Judges a shell of pressed crumbs. Never throws. */
export function judgeCrumb(analysis: Analysis): Made {
  const crumbG = gramsOf(analysis, isCrumb);
  const fatG = gramsOf(analysis, (each) => each.role === 'fat');
  const egg = analysis.eggG.whole + analysis.eggG.white + analysis.eggG.yolk > 0;
  const bands = [
    band('fat-on-crumbs', over(fatG, crumbG), egg ? CRUMB_FAT.withEgg : CRUMB_FAT.plain),
  ];
  return {
    kind: 'made',
    setBy: finding(egg ? 'setting.crumb.set-by-egg' : 'setting.crumb.set-by'),
    endC: undefined,
    treatment: finding(egg ? 'setting.crumb.treatment-egg' : 'setting.crumb.treatment'),
    fails: finding('setting.crumb.fails'),
    bands,
    warnings: warningsOf(bands, [crumbG > 0 ? undefined : finding('setting.crumb.none')]),
    source: finding('source.practice-partly-memory'),
  };
}

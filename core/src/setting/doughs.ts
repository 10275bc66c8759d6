import type { Analysis } from '../formula';
import { gramsOf, isFlour, over } from './amounts';
import { bandWarning, type Band, type Made } from './verdict';

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
  name: string,
  value: number | undefined,
  [least, most]: readonly [number, number],
): Band => ({ name, value, shownAs: 'share', least, most });

const NO_FLOUR = 'Add flour: there is none on the list to make a dough of.';

const warningsOf = (bands: readonly Band[], more: readonly (string | undefined)[] = []): string[] =>
  [...more, ...bands.map(bandWarning)].filter((each): each is string => each !== undefined);

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
      band('Fat on flour', fat, [0.4, 0.75]),
      band('Sugar on flour', sugar, [0.2, 0.6]),
      band('Water on flour', water, [0.08, 0.3]),
    ],
    'pie-dough': [
      band('Fat on flour', fat, [0.5, 0.8]),
      band('Water on flour', water, [0.28, 0.5]),
    ],
    'pressed-dough': [
      band('Fat on flour', fat, [0.6, 1]),
      band('Sugar on flour', sugar, [0.2, 0.6]),
    ],
  };
  const pie = kind === 'pie-dough';
  const pressed = kind === 'pressed-dough';
  const shrinks =
    !pie && ((water ?? 0) > SHRINKS.water || (fat !== undefined && fat < SHRINKS.leanFat));
  return {
    kind: 'made',
    setBy: pie ? 'layers of fat in wet flour' : 'fat that keeps the flour short',
    endC: undefined,
    treatment: pressed
      ? 'Press it in soft and even, 5 to 6 mm. Chill 15 min; it may bake without weights.'
      : pie
        ? 'Keep the fat cold and in lumps. Rest the disc 30 to 60 min, the lined tin 15 min; weigh it down and do not dock it under a poured filling.'
        : 'Rest the disc 30 to 60 min, the lined tin 10 to 20 min until the walls are hard. Dock it or weigh it down; never dock it under a poured filling.',
    fails: pie
      ? 'Warm fat melts into the flour: it bakes hard and flat. Much water or much kneading, and it shrinks.'
      : pressed
        ? 'Pressed thick in the corner it stays raw there.'
        : 'Stretched, warm or wet, it shrinks down the wall. Without weights or holes the base puffs.',
    bands: bands[kind],
    warnings: warningsOf(bands[kind], [
      flourG > 0 ? undefined : NO_FLOUR,
      shrinks && flourG > 0
        ? 'Rest it longer and leave the lip proud: with so much water or so little fat it will shrink.'
        : undefined,
    ]),
    source: 'common practice; bands of sweet doughs from memory',
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
    band('Fat on crumbs', over(fatG, crumbG), egg ? CRUMB_FAT.withEgg : CRUMB_FAT.plain),
  ];
  return {
    kind: 'made',
    setBy: egg ? 'fat and egg' : 'fat that hardens in the cold',
    endC: undefined,
    treatment: `Grind fine, stir in the melted fat, press with a flat glass. ${egg ? 'Bake 10 min at 175 °C to set the egg.' : 'Bake 8 to 10 min at 170 °C, or chill an hour unbaked.'} Squeeze a handful: it must hold.`,
    fails:
      'Dry or coarse it falls as sand at the first cut; with too much fat it slides down the wall.',
    bands,
    warnings: warningsOf(bands, [
      crumbG > 0 ? undefined : 'Add biscuits: there are no crumbs on the list.',
    ]),
    source: 'common practice; without egg, and the widths, from memory',
  };
}

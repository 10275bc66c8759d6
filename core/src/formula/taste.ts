import { finding, type Finding } from '../result';
import type { Ingredient } from '../ingredients';
import type { Analysis } from './analysis';

/** One side of how a mixture tastes: a figure, and its class. */
export interface Taste {
  readonly value: number;
  readonly word: Finding;
}

/** Classes by where they begin, lowest first. */
type Classes = readonly (readonly [from: number, code: string])[];

const wordFor = (value: number, classes: Classes): Finding =>
  finding(classes.findLast(([from]) => value >= from)?.[1] ?? classes[0]![1]);

/**
 * Sweetness of a gram of sugar, sucrose being 1: lactose of dairy 0.2, the glucose, fructose and
 * maltose of syrups and fruit together 0.8. From memory.
 */
const SWEETNESS = { sucrose: 1, dairySugars: 0.2, otherSugars: 0.8 } as const;

const SWEET: Classes = [
  [0, 'taste.sweet.hardly'],
  [8, 'taste.sweet.gently'],
  [14, 'taste.sweet.plain'],
  [22, 'taste.sweet.very'],
];
const FATTY: Classes = [
  [0, 'taste.fat.lean'],
  [5, 'taste.fat.light'],
  [11, 'taste.fat.creamy'],
  [20, 'taste.fat.rich'],
  [32, 'taste.fat.heavy'],
];
/** By acid, g of citric in 100 g: a rough class of pH, since a mixture's buffers are not known. */
const SHARP: Classes = [
  [0, 'taste.acid.mild'],
  [0.15, 'taste.acid.faint'],
  [0.6, 'taste.acid.sour'],
  [1.6, 'taste.acid.sharp'],
];
const SPIRITED: Classes = [
  [0, 'taste.alcohol.none'],
  [0.3, 'taste.alcohol.trace'],
  [1.5, 'taste.alcohol.tastes'],
  [6, 'taste.alcohol.strong'],
];

const isDairy = ({ allergens }: Ingredient): boolean => allergens.includes('milk');

/**
 * How a mixture will taste: sweetness as g of sucrose in 100 g that taste alike, fat, acid (as citric)
 * and alcohol as g in 100 g. Classes and the sweetness of sugars: from memory. Never throws; an empty
 * mixture has no taste and gives `undefined`.
 */
export function tasteOf(analysis: Analysis):
  | {
      readonly sweetness: Taste;
      readonly fat: Taste;
      readonly acid: Taste;
      readonly alcohol: Taste;
    }
  | undefined {
  const { mixtureG, composition, lines } = analysis;
  if (!(mixtureG > 0)) return undefined;
  const dairySugarsG = lines.reduce(
    (sum, { ingredient, grams }) =>
      ingredient && grams && isDairy(ingredient)
        ? sum + grams * ingredient.composition.otherSugars
        : sum,
    0,
  );
  const otherG = Math.max(0, composition.otherSugars * mixtureG - dairySugarsG);
  const sweet =
    (100 *
      (SWEETNESS.sucrose * composition.sucrose * mixtureG +
        SWEETNESS.dairySugars * dairySugarsG +
        SWEETNESS.otherSugars * otherG)) /
    mixtureG;
  const of = (value: number, classes: Classes): Taste => ({ value, word: wordFor(value, classes) });
  return {
    sweetness: of(sweet, SWEET),
    fat: of(100 * composition.fat, FATTY),
    acid: of(100 * composition.acid, SHARP),
    alcohol: of(100 * composition.alcohol, SPIRITED),
  };
}

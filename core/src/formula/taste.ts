import type { Ingredient } from '../ingredients';
import type { Analysis } from './analysis';

/** One side of how a mixture tastes: a figure, and the word for its class. */
export interface Taste {
  readonly value: number;
  readonly word: string;
}

/** Classes by where they begin, lowest first. */
type Classes = readonly (readonly [from: number, word: string])[];

const wordFor = (value: number, classes: Classes): string =>
  classes.findLast(([from]) => value >= from)?.[1] ?? classes[0]![1];

/**
 * Sweetness of a gram of sugar, sucrose being 1: lactose of dairy 0.2, the glucose, fructose and
 * maltose of syrups and fruit together 0.8. From memory.
 */
const SWEETNESS = { sucrose: 1, dairySugars: 0.2, otherSugars: 0.8 } as const;

const SWEET: Classes = [
  [0, 'hardly sweet'],
  [8, 'gently sweet'],
  [14, 'sweet'],
  [22, 'very sweet'],
];
const FATTY: Classes = [
  [0, 'lean'],
  [5, 'light'],
  [11, 'creamy'],
  [20, 'rich'],
  [32, 'heavy'],
];
/** By acid, g of citric in 100 g: a rough class of pH, since a mixture's buffers are not known. */
const SHARP: Classes = [
  [0, 'mild, about pH 6 to 7'],
  [0.15, 'faintly sour, about pH 4.5 to 6'],
  [0.6, 'sour, about pH 3.5 to 4.5'],
  [1.6, 'sharp, under about pH 3.5'],
];
const SPIRITED: Classes = [
  [0, 'none'],
  [0.3, 'a trace'],
  [1.5, 'tastes of it'],
  [6, 'strong: it also weakens a gelatine set'],
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

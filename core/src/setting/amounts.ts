import type { Analysis } from '../formula';
import type { Ingredient } from '../ingredients';

/** Grams of the lines whose ingredient is wanted; lines with a problem count for nothing. */
export const gramsOf = (of: Analysis, wanted: (ingredient: Ingredient) => boolean): number =>
  of.lines.reduce(
    (sum, { ingredient, grams }) => (ingredient && grams && wanted(ingredient) ? sum + grams : sum),
    0,
  );

/** A quotient, or `undefined` where there is nothing to divide by. */
export const over = (part: number, whole: number): number | undefined =>
  whole > 0 ? part / whole : undefined;

/** Protein share above which a starchy ingredient is a flour and not a pure starch. */
const FLOUR_PROTEIN = 0.03;

export const isFlour = ({ role, composition }: Ingredient): boolean =>
  role === 'starch' && composition.wheatProtein + composition.otherProtein > FLOUR_PROTEIN;

/** Flour thickens about half as well as the pure starch in its place. Source: common practice. */
const FLOUR_STRENGTH = 0.5;

/** Grams of pure starch that would thicken as the starches and flours on the list do. */
export const thickeningG = (of: Analysis): number =>
  gramsOf(of, (each) => each.role === 'starch' && !isFlour(each)) +
  FLOUR_STRENGTH * gramsOf(of, isFlour);

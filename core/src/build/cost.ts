import { findIngredient, type FindIngredient } from '../ingredients/catalogue';
import { type EggGrade } from '../ingredients';
import { lineGrams, type LineUnit } from '../formula';

/** What an ingredient is bought at: so much for so many of a unit. */
export interface Price {
  readonly ingredientId: string;
  readonly price: number;
  readonly amount: number;
  readonly unit: LineUnit;
}

/** Money for a gram of what is priced, or `undefined` where the price does not come to a weight. */
export function pricePerG(
  price: Price,
  grade: EggGrade,
  find: FindIngredient = findIngredient,
): number | undefined {
  const grams = lineGrams(price, grade, find);
  return grams.ok && grams.value > 0 && price.price >= 0 ? price.price / grams.value : undefined;
}

/** A list of prices as money for a gram, by ingredient. Prices that come to no weight are left out. */
export const pricesPerG = (
  prices: readonly Price[],
  grade: EggGrade,
  find: FindIngredient = findIngredient,
): ReadonlyMap<string, number> =>
  new Map(
    prices.flatMap((price) => {
      const perG = pricePerG(price, grade, find);
      return perG === undefined ? [] : [[price.ingredientId, perG] as const];
    }),
  );

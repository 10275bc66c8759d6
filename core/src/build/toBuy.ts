import { lineGrams } from '../formula';
import type { EggGrade } from '../ingredients';
import { findIngredient, type FindIngredient } from '../ingredients/catalogue';
import type { Price } from './cost';
import type { Need } from './shopping';

/** What something is sold in: so much of a unit, what that weighs, g (over 0), and what it costs. */
export interface Pack {
  readonly amount: number;
  readonly unit: Price['unit'];
  readonly grams: number;
  readonly price: number;
}

/** Packs by ingredient, from what each was priced at; what comes to no weight is left out. */
export const packsOf = (
  prices: readonly Price[],
  grade: EggGrade,
  find: FindIngredient = findIngredient,
): ReadonlyMap<string, Pack> =>
  new Map(
    prices.flatMap(({ ingredientId, amount, unit, price }) => {
      const grams = lineGrams({ ingredientId, amount, unit }, grade, find);
      return grams.ok && grams.value > 0
        ? [[ingredientId, { amount, unit, price, grams: grams.value }] as const]
        : [];
    }),
  );

/** What is still to be bought of something. */
export interface Purchase {
  readonly need: Need;
  readonly inHandG: number;
  /** 0 where there is enough. */
  readonly buyG: number;
  /** What it is sold in, and how many of these make it up; `undefined` where nobody has said. */
  readonly pack: Pack | undefined;
  readonly packs: number | undefined;
}

/** So little more than whole packs is a rounding, not another pack. */
const HAIR = 1e-6;

/** How many packs of a size make up an amount, both in the same unit; 0 for nothing. */
export const packsFor = (amount: number, ofEach: number): number =>
  Math.max(0, Math.ceil(amount / ofEach - HAIR));

/**
 * What is still to be bought of what is needed, in whole packs where it is known how it is sold. `inHandG` is what is there
 * already, g by ingredient, each 0 and up; what is there and not needed counts for nothing.
 */
export const toBuy = (
  needs: readonly Need[],
  inHandG: Readonly<Record<string, number>>,
  packs: ReadonlyMap<string, Pack>,
): Purchase[] =>
  needs.map((need) => {
    const { id } = need.ingredient;
    const have = inHandG[id] ?? 0;
    const buyG = Math.max(0, need.grams - have);
    const pack = packs.get(id);
    return { need, inHandG: have, buyG, pack, packs: pack && packsFor(buyG, pack.grams) };
  });

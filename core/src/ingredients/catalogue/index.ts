import type { Ingredient } from '../ingredient';
import { EGGS } from './eggs';
import { DAIRY } from './dairy';
import { SUGARS } from './sugars';
import { FLOURS } from './flours';
import { FATS } from './fats';
import { NUTS } from './nuts';
import { FRUIT } from './fruit';
import { JUICES } from './juices';
import { VEGETABLES } from './vegetables';
import { CHOCOLATE } from './chocolate';
import { SETTING } from './setting';
import { BISCUITS } from './biscuits';
import { FLAVOURS } from './flavours';
import { SPIRITS } from './spirits';
import { CHOCOLATES } from './chocolates';
import { BOTTLES } from './bottles';
import { SPICES } from './spices';
import { PRESERVES } from './preserves';
import { ORCHARD } from './orchard';
import { SEEDS_AND_SPREADS } from './seeds';
import { GRAINS } from './grains';
import { SWEETENERS } from './sweeteners';
import { CHEESE_AND_LIKE } from './cheese';

/** Shelves of the catalogue, in the order a cook walks along them. */
export const CATALOGUE: readonly Ingredient[] = [
  ...EGGS,
  ...DAIRY,
  ...CHEESE_AND_LIKE,
  ...SUGARS,
  ...SWEETENERS,
  ...FLOURS,
  ...GRAINS,
  ...FATS,
  ...NUTS,
  ...SEEDS_AND_SPREADS,
  ...FRUIT,
  ...PRESERVES,
  ...ORCHARD,
  ...JUICES,
  ...VEGETABLES,
  ...CHOCOLATE,
  ...CHOCOLATES,
  ...SETTING,
  ...BISCUITS,
  ...FLAVOURS,
  ...SPICES,
  ...SPIRITS,
  ...BOTTLES,
];

const BY_ID: ReadonlyMap<string, Ingredient> = new Map(CATALOGUE.map((each) => [each.id, each]));

/** Finds an ingredient by its id, or `undefined`. */
export type FindIngredient = (id: string) => Ingredient | undefined;

/** The catalogue's ingredient of that id, or `undefined`. */
export const findIngredient: FindIngredient = (id) => BY_ID.get(id);

/** Finds in a kitchen's own ingredients first: they add to the catalogue and correct it. */
export function findAmong(own: readonly Ingredient[]): FindIngredient {
  if (own.length === 0) return findIngredient;
  const first = new Map(own.map((each) => [each.id, each]));
  return (id) => first.get(id) ?? BY_ID.get(id);
}

/** The catalogue with a kitchen's own ingredients in it. */
export const catalogueWith = (own: readonly Ingredient[]): readonly Ingredient[] => {
  const replaced = new Set(own.map((each) => each.id));
  return [...own, ...CATALOGUE.filter((each) => !replaced.has(each.id))];
};

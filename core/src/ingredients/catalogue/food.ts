import { per100g, type Component } from '../composition';
import type { Diet, Ingredient, Role } from '../ingredient';

/** Where a value comes from when nothing else is said. */
const TYPICAL = 'USDA FoodData Central typical values, from memory';
export const LABEL = 'typical label values, common practice';

type Extras = Partial<
  Pick<
    Ingredient,
    'eggPart' | 'gramsPerPiece' | 'pieceName' | 'bloom' | 'allergens' | 'diet' | 'hazard' | 'source'
  >
>;

const dietOf = (allergens: Ingredient['allergens']): Diet =>
  allergens.some((each) => each === 'egg' || each === 'milk') ? 'vegetarian' : 'vegan';

/** One entry of the catalogue. `grams` per 100 g of edible part; water is what remains where a table rounds. */
export function food(
  id: string,
  name: string,
  role: Role,
  gramsPerMl: number,
  grams: Partial<Record<Component, number>>,
  extras: Extras = {},
): Ingredient {
  const { allergens = [], source = TYPICAL } = extras;
  return {
    id,
    name,
    role,
    composition: per100g(grams),
    gramsPerMl,
    ...extras,
    allergens,
    diet: extras.diet ?? dietOf(allergens),
    source,
  };
}

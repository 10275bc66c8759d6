import type { Family } from './kinds';
import type { LineUnit } from './line';

/** A list to begin from: an ingredient, how much, in what. */
export type StartLine = readonly [ingredientId: string, amount: number, unit: LineUnit];

/**
 * A plain filling of each family for a tart tin of 24 cm, to begin from. Amounts as kitchens commonly have them: common
 * practice; none is anybody's recipe.
 */
export const STARTS: Readonly<Record<Family, readonly StartLine[]>> = {
  'baked-custard': [
    ['cream', 500, 'g'],
    ['milk', 200, 'g'],
    ['egg-yolk', 8, 'piece'],
    ['sugar', 100, 'g'],
    ['salt', 1, 'g'],
  ],
  'batter-custard': [
    ['milk', 400, 'g'],
    ['egg', 4, 'piece'],
    ['sugar', 100, 'g'],
    ['wheat-flour', 80, 'g'],
    ['butter', 30, 'g'],
  ],
  'puree-custard': [
    ['pumpkin-puree', 425, 'g'],
    ['cream', 250, 'g'],
    ['egg', 3, 'piece'],
    ['brown-sugar', 120, 'g'],
    ['cinnamon', 3, 'g'],
  ],
  'fresh-cheese': [
    ['fresh-cream-cheese', 500, 'g'],
    ['soured-cream', 150, 'g'],
    ['egg', 3, 'piece'],
    ['sugar', 130, 'g'],
    ['cornflour', 15, 'g'],
  ],
  'syrup-nut': [
    ['pecans', 200, 'g'],
    ['corn-syrup', 240, 'g'],
    ['brown-sugar', 150, 'g'],
    ['egg', 3, 'piece'],
    ['butter', 60, 'g'],
  ],
  'starch-cream': [
    ['milk', 500, 'g'],
    ['egg-yolk', 5, 'piece'],
    ['sugar', 110, 'g'],
    ['cornflour', 45, 'g'],
    ['butter', 40, 'g'],
  ],
  'starch-pudding': [
    ['milk', 500, 'g'],
    ['sugar', 80, 'g'],
    ['cornflour', 45, 'g'],
    ['vanilla-extract', 5, 'g'],
  ],
  curd: [
    ['lemon-juice', 160, 'g'],
    ['sugar', 180, 'g'],
    ['egg', 3, 'piece'],
    ['egg-yolk', 3, 'piece'],
    ['butter', 150, 'g'],
  ],
  'nut-cream': [
    ['butter', 125, 'g'],
    ['sugar', 125, 'g'],
    ['egg', 2, 'piece'],
    ['ground-almonds', 125, 'g'],
    ['wheat-flour', 20, 'g'],
  ],
  'fruit-filling': [
    ['apples', 800, 'g'],
    ['sugar', 110, 'g'],
    ['cornflour', 25, 'g'],
    ['lemon-juice', 20, 'g'],
  ],
  'cold-set': [
    ['cream', 400, 'g'],
    ['milk', 200, 'g'],
    ['sugar', 80, 'g'],
    ['gelatine-leaf', 4, 'piece'],
  ],
};

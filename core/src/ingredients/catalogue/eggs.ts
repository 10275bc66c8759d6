import { food } from './food';
import type { Ingredient } from '../ingredient';

/** Eggs by part. */
export const EGGS: readonly Ingredient[] = [
  food(
    'egg',
    'Whole egg',
    'egg',
    1.03,
    {
      water: 76.2,
      eggWhiteProtein: 7.1,
      eggYolkProtein: 5.5,
      fat: 9.5,
      otherSugars: 0.4,
      otherCarbohydrate: 0.2,
      ash: 1.1,
    },
    { eggPart: 'whole', pieceName: 'egg', allergens: ['egg'] },
  ),
  food(
    'egg-yolk',
    'Egg yolk',
    'egg',
    1.03,
    {
      water: 52.3,
      eggYolkProtein: 15.9,
      fat: 26.5,
      otherSugars: 0.6,
      otherCarbohydrate: 3,
      ash: 1.7,
    },
    { eggPart: 'yolk', pieceName: 'yolk', allergens: ['egg'] },
  ),
  food(
    'egg-white',
    'Egg white',
    'egg',
    1.035,
    { water: 87.6, eggWhiteProtein: 10.9, fat: 0.2, otherSugars: 0.7, ash: 0.6 },
    { eggPart: 'white', pieceName: 'white', allergens: ['egg'] },
  ),
  food(
    'pasteurised-yolk',
    'Pasteurised yolk',
    'egg',
    1.03,
    {
      water: 52.5,
      eggYolkProtein: 15.7,
      fat: 26.3,
      otherSugars: 0.6,
      otherCarbohydrate: 3.2,
      ash: 1.7,
    },
    { eggPart: 'yolk', pieceName: 'yolk', allergens: ['egg'] },
  ),
  food(
    'pasteurised-white',
    'Pasteurised white',
    'egg',
    1.035,
    { water: 87.7, eggWhiteProtein: 10.8, fat: 0.2, otherSugars: 0.7, ash: 0.6 },
    { eggPart: 'white', pieceName: 'white', allergens: ['egg'] },
  ),
  food(
    'pasteurised-egg',
    'Pasteurised whole egg',
    'egg',
    1.03,
    {
      water: 76.2,
      eggWhiteProtein: 7,
      eggYolkProtein: 5.5,
      fat: 9.6,
      otherSugars: 0.4,
      otherCarbohydrate: 0.2,
      ash: 1.1,
    },
    { eggPart: 'whole', pieceName: 'egg', allergens: ['egg'] },
  ),
];

import { food } from './food';
import type { Ingredient } from '../ingredient';

/** Vegetable purées. */
export const VEGETABLES: readonly Ingredient[] = [
  food('parsnip-puree', 'Roast parsnip purée', 'puree', 1.02, {
    water: 79.5,
    otherProtein: 1.5,
    fat: 0.4,
    sucrose: 4,
    otherSugars: 1.5,
    starch: 7.7,
    fibre: 4.2,
    ash: 1.2,
  }),
  food('pumpkin-puree', 'Pumpkin purée', 'puree', 1.03, {
    water: 90,
    otherProtein: 1.1,
    fat: 0.3,
    sucrose: 1.8,
    otherSugars: 1.6,
    starch: 1.5,
    fibre: 2.9,
    ash: 0.8,
  }),
  food('squash-puree', 'Roast squash purée', 'puree', 1.05, {
    water: 85.5,
    otherProtein: 1.2,
    fat: 0.2,
    sucrose: 2.8,
    otherSugars: 2.4,
    starch: 4.1,
    fibre: 2.9,
    ash: 0.9,
  }),
  food('sweet-potato-puree', 'Sweet-potato purée', 'puree', 1.07, {
    water: 76.5,
    otherProtein: 1.7,
    fat: 0.2,
    sucrose: 3.6,
    otherSugars: 4.2,
    starch: 9,
    fibre: 3.4,
    ash: 1.4,
  }),
  food('carrot-puree', 'Carrot purée', 'puree', 1.03, {
    water: 89,
    otherProtein: 0.8,
    fat: 0.2,
    sucrose: 2.9,
    otherSugars: 2,
    starch: 0.8,
    otherCarbohydrate: 0.5,
    fibre: 3,
    ash: 0.8,
  }),
];

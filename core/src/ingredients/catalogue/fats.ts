import { food, LABEL } from './food';
import type { Ingredient } from '../ingredient';

/** Butter, fats and oils. */
export const FATS: readonly Ingredient[] = [
  food(
    'butter',
    'Butter, unsalted',
    'fat',
    0.96,
    { water: 16.9, milkProtein: 0.9, fat: 81.5, otherSugars: 0.5, ash: 0.2 },
    { pieceName: 'stick', gramsPerPiece: 113.4, allergens: ['milk'] },
  ),
  food(
    'salted-butter',
    'Salted butter',
    'fat',
    0.96,
    { water: 15.9, milkProtein: 0.9, fat: 81.1, otherSugars: 0.1, ash: 2 },
    { allergens: ['milk'], pieceName: 'stick', gramsPerPiece: 113.4 },
  ),
  food(
    'ghee',
    'Clarified butter',
    'fat',
    0.91,
    { water: 0.2, milkProtein: 0.2, fat: 99.6 },
    { allergens: ['milk'] },
  ),
  food('shortening', 'Vegetable shortening', 'fat', 0.81, { fat: 100 }),
  food(
    'margarine',
    'Margarine, 80 %',
    'fat',
    0.96,
    { water: 17.4, otherProtein: 0.2, fat: 80.6, otherSugars: 0.1, ash: 1.7 },
    { source: LABEL },
  ),
  food('lard', 'Lard', 'fat', 0.87, { fat: 100 }, { diet: 'neither' }),
  food('coconut-oil', 'Coconut oil', 'fat', 0.92, { fat: 100 }),
  food('sunflower-oil', 'Sunflower oil', 'fat', 0.92, { fat: 100 }),
  food('olive-oil', 'Olive oil', 'fat', 0.915, { fat: 100 }),
  food('cocoa-butter', 'Cocoa butter', 'fat', 0.9, { fat: 100 }),
];

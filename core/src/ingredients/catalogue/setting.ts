import { food } from './food';
import type { Ingredient } from '../ingredient';

/** What sets without an egg. */
export const SETTING: readonly Ingredient[] = [
  food(
    'gelatine-leaf',
    'Gelatine leaf, gold (200 bloom)',
    'other',
    0.6,
    { water: 12, otherProtein: 86, ash: 2 },
    { pieceName: 'leaf', gramsPerPiece: 2, bloom: 200, diet: 'neither' },
  ),
  food(
    'gelatine-leaf-silver',
    'Gelatine leaf, silver (160 bloom)',
    'other',
    0.6,
    { water: 12, otherProtein: 86, ash: 2 },
    { pieceName: 'leaf', gramsPerPiece: 2.5, bloom: 160, diet: 'neither' },
  ),
  food(
    'gelatine-powder',
    'Gelatine powder (225 bloom)',
    'other',
    0.66,
    { water: 12, otherProtein: 86, ash: 2 },
    { pieceName: 'sachet', gramsPerPiece: 7, bloom: 225, diet: 'neither' },
  ),
  food(
    'fish-gelatine',
    'Fish gelatine (200 bloom)',
    'other',
    0.66,
    { water: 12, otherProtein: 86, ash: 2 },
    { bloom: 200, diet: 'neither' },
  ),
  food('agar', 'Agar powder', 'other', 0.5, {
    water: 9,
    otherProtein: 2,
    fat: 0.2,
    otherCarbohydrate: 4,
    fibre: 81,
    ash: 3.8,
  }),
  food('pectin', 'Pectin, citrus', 'other', 0.55, { water: 9, otherSugars: 30, fibre: 59, ash: 2 }),
  food(
    'gelatine-leaf-bronze',
    'Gelatine leaf, bronze (140 bloom)',
    'other',
    0.6,
    { water: 12, otherProtein: 86, ash: 2 },
    { pieceName: 'leaf', gramsPerPiece: 3.3, bloom: 140, diet: 'neither' },
  ),
];

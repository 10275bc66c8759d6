import { food } from './food';
import { ALCOHOL } from './hazards';
import type { Ingredient } from '../ingredient';

/** Wine and spirits. */
export const SPIRITS: readonly Ingredient[] = [
  food(
    'rye-whisky',
    'Grain spirit, 40 % by volume',
    'liquid',
    0.95,
    { water: 66.6, alcohol: 33.4 },
    { hazard: ALCOHOL },
  ),
  food('rum', 'Dark rum, 40 %', 'other', 0.95, { water: 66.6, alcohol: 33.4 }, { hazard: ALCOHOL }),
  food(
    'brandy',
    'Brandy, 40 %',
    'other',
    0.95,
    { water: 66.4, alcohol: 33.4, otherSugars: 0.2 },
    { hazard: ALCOHOL },
  ),
  food(
    'cherry-spirit',
    'Cherry spirit, 42 %',
    'other',
    0.95,
    { water: 64.8, alcohol: 35.2 },
    { hazard: ALCOHOL },
  ),
  food(
    'orange-liqueur',
    'Orange liqueur, 40 %',
    'other',
    1.03,
    { water: 42, alcohol: 31, sucrose: 27 },
    { hazard: ALCOHOL },
  ),
  food(
    'coffee-liqueur',
    'Coffee liqueur, 25 %',
    'other',
    1.13,
    { water: 36, alcohol: 18, sucrose: 44, otherCarbohydrate: 1.5, ash: 0.5 },
    { hazard: ALCOHOL },
  ),
  food(
    'fortified-wine',
    'Sweet fortified wine',
    'other',
    1.03,
    { water: 72, alcohol: 15.3, otherSugars: 12, acid: 0.4, ash: 0.3 },
    { hazard: ALCOHOL, allergens: ['sulphites'] },
  ),
  food(
    'white-wine',
    'White wine',
    'liquid',
    0.99,
    { water: 86.9, alcohol: 10.4, otherSugars: 1, otherCarbohydrate: 0.9, acid: 0.6, ash: 0.2 },
    { hazard: ALCOHOL, allergens: ['sulphites'] },
  ),
  food(
    'cider',
    'Dry cider',
    'liquid',
    1,
    { water: 93.5, alcohol: 3.8, otherSugars: 2, acid: 0.5, ash: 0.2 },
    { hazard: ALCOHOL, allergens: ['sulphites'] },
  ),
];

import type { PantryData } from '@hollow-moon/contract';
import type { LineUnit } from '@hollow-moon/core';
import { demoId } from './kitchen';

type Priced = readonly [ingredientId: string, price: number, amount: number, unit: LineUnit];

/** What Lantern Row pays: all of it invented. */
const PRICES: readonly Priced[] = [
  ['apricot-jam', 5.6, 1, 'kg'],
  ['barley-syrup', 6.4, 1, 'kg'],
  ['bay-leaf', 3.2, 50, 'g'],
  ['bergamot-juice', 14, 1, 'l'],
  ['brown-sugar', 2.1, 1, 'kg'],
  ['buckwheat', 4.8, 1, 'kg'],
  ['butter', 9.8, 1, 'kg'],
  ['cornflour', 2.9, 1, 'kg'],
  ['cream', 5.2, 1, 'l'],
  ['egg', 8.4, 30, 'piece'],
  ['figs', 7.5, 1, 'kg'],
  ['gelatine-leaf', 4.5, 50, 'piece'],
  ['ginger-biscuits', 6.2, 1, 'kg'],
  ['gooseberries', 5.2, 1, 'kg'],
  ['grapes', 4.4, 1, 'kg'],
  ['greengages', 4.9, 1, 'kg'],
  ['ground-hazelnuts', 15.5, 1, 'kg'],
  ['hazelnuts', 14.2, 1, 'kg'],
  ['honey', 11, 1, 'kg'],
  ['icing-sugar', 1.9, 1, 'kg'],
  ['lemon-zest', 0.45, 1, 'piece'],
  ['malted-milk-powder', 12, 1, 'kg'],
  ['milk', 1.15, 1, 'l'],
  ['nutmeg', 4.1, 100, 'g'],
  ['parsnip-puree', 3.4, 1, 'kg'],
  ['passion-fruit-juice', 17, 1, 'l'],
  ['plums', 3.6, 1, 'kg'],
  ['rice-toasted', 2.6, 1, 'kg'],
  ['ricotta', 6.9, 1, 'kg'],
  ['rolled-oats', 1.8, 1, 'kg'],
  ['rye-flour', 1.4, 1, 'kg'],
  ['salt', 0.6, 1, 'kg'],
  ['sea-buckthorn-juice', 16, 1, 'l'],
  ['sesame', 7.4, 1, 'kg'],
  ['soured-cream', 4.3, 1, 'kg'],
  ['sugar', 1.3, 1, 'kg'],
  ['tea-leaves', 38, 1, 'kg'],
  ['wheat-flour', 1.05, 1, 'kg'],
];

/** Prices, and one cream that is fatter than the catalogue's. */
export const demoPantry: Readonly<Record<string, PantryData>> = {
  ...Object.fromEntries(
    PRICES.map(([ingredientId, price, amount, unit], index) => [
      demoId(6, index + 1),
      { ingredientId, price: { price, amount, unit }, own: null, archived: false },
    ]),
  ),
  [demoId(6, 100)]: {
    ingredientId: 'own-landing-cream',
    price: { price: 7.1, amount: 1, unit: 'l' },
    own: {
      name: 'Landing farm cream, 44 %',
      like: 'double-cream',
      label: { water: 50.4, fat: 44, sugars: 2.6, starch: 0, protein: 1.7, alcohol: 0 },
      gramsPerMl: 0.99,
      gramsPerPiece: null,
      allergens: ['milk'],
      diet: 'vegetarian',
    },
    archived: false,
  },
};

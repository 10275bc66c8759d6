/** What is bought for a day, by pen. */
import { findIngredient } from '../ingredients';
import type { Need } from './shopping';
import { packsFor, packsOf, toBuy } from './toBuy';

const need = (id: string, grams: number): Need => {
  const ingredient = findIngredient(id);
  if (!ingredient) throw new RangeError(`there is no ${id}`);
  return { ingredient, grams, heldBackG: 0, uses: 1 };
};

const PACKS = packsOf(
  [
    { ingredientId: 'sugar', price: 2.4, amount: 500, unit: 'g' },
    { ingredientId: 'milk', price: 1.1, amount: 1, unit: 'l' },
    { ingredientId: 'egg', price: 3.6, amount: 12, unit: 'piece' },
    { ingredientId: 'moonlight', price: 1, amount: 1, unit: 'g' },
  ],
  'EU M',
);

describe('what is still to be bought', () => {
  // 1300 g are needed and 250 g are there: 1050 g in packs of 500 g are three.
  it('is what is needed less what is there, in whole packs', () => {
    const [sugar] = toBuy([need('sugar', 1300)], { sugar: 250 }, PACKS);
    expect(sugar).toMatchObject({ inHandG: 250, buyG: 1050, packs: 3, pack: { price: 2.4 } });
  });

  it('is nothing where there is enough, and not less', () => {
    const [sugar] = toBuy([need('sugar', 200)], { sugar: 250, butter: 900 }, PACKS);
    expect(sugar).toMatchObject({ inHandG: 250, buyG: 0, packs: 0 });
  });

  it('has no packs where nobody has said how it is sold', () => {
    const [butter] = toBuy([need('butter', 600)], {}, PACKS);
    expect(butter).toMatchObject({ inHandG: 0, buyG: 600, pack: undefined, packs: undefined });
  });

  // A litre of milk weighs 1030 g (the catalogue's density): 2060 g are two litres, a gram more is three.
  it('counts what is sold by volume by its weight', () => {
    const packs = (grams: number) => toBuy([need('milk', grams)], {}, PACKS)[0]!.packs;
    expect([packs(2060), packs(2061)]).toEqual([2, 3]);
  });
});

it('takes a rounding for no pack of its own', () => {
  expect([
    packsFor(0, 500),
    packsFor(500 + 1e-7, 500),
    packsFor(501, 500),
    packsFor(1, 500),
  ]).toEqual([0, 1, 2, 1]);
});

it('leaves out what comes to no weight', () => {
  expect([...PACKS.keys()]).toEqual(['sugar', 'milk', 'egg']);
});

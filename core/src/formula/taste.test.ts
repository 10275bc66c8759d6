import { analyse } from './analysis';
import { tasteOf } from './taste';
import { type Line } from './line';

const taste = (grams: Record<string, number>) =>
  tasteOf(
    analyse(
      Object.entries(grams).map(([ingredientId, amount]): Line => ({
        id: ingredientId,
        ingredientId,
        amount,
        unit: 'g',
      })),
      'EU M',
    ),
  )!;

describe('how a mixture tastes', () => {
  // Classes from memory; the order of these four is common knowledge.
  it('orders fillings as a cook would', () => {
    const custard = taste({ cream: 500, 'egg-yolk': 100, sugar: 70 });
    const curd = taste({ 'lemon-juice': 180, 'egg-yolk': 107, sugar: 120, butter: 80 });
    const syrup = taste({ 'corn-syrup': 300, sugar: 200, egg: 150, butter: 60 });
    const milk = taste({ milk: 600, egg: 200, sugar: 80 });
    expect(curd.acid.value).toBeGreaterThan(custard.acid.value);
    expect(curd.acid.word.code).toMatch(/sour|sharp/);
    expect(custard.acid.word.code).toBe('taste.acid.mild');
    expect(syrup.sweetness.word.code).toBe('taste.sweet.very');
    expect(milk.fat.value).toBeLessThan(custard.fat.value);
    expect(custard.fat.word.code).toBe('taste.fat.rich');
  });

  // Worked by hand: 100 g of sugar in 1000 g of water: 9.1 g in 100 g; lactose hardly sweetens.
  it('counts sugars by how sweet they are', () => {
    expect(taste({ water: 1000, sugar: 100 }).sweetness.value).toBeCloseTo(9.1, 1);
    expect(taste({ milk: 1000 }).sweetness.value).toBeLessThan(1.2);
    expect(taste({ water: 900, brandy: 100 }).alcohol.word.code).toBe('taste.alcohol.tastes');
  });

  it('has no taste when there is nothing', () => {
    expect(tasteOf(analyse([], 'EU M'))).toBeUndefined();
  });
});

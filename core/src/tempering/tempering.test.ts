import { analyse, type Line } from '../formula';
import { findIngredient } from '../ingredients/catalogue';
import { per100g } from '../ingredients';
import { joinedC, joiningOf, liquidForC, mixC, restS, sidesOf, type Warm } from './tempering';

const line = (ingredientId: string, amount: number): Line => ({
  id: ingredientId,
  ingredientId,
  amount,
  unit: 'g',
});
const custard = analyse([line('cream', 700), line('sugar', 110), line('egg-yolk', 100)], 'EU M');
const sides = sidesOf(custard, 'liquid')!;

describe('joining', () => {
  // Source: common practice, worked with heat capacities 3.2, 1.25 and 2.8 kJ/(kg K): 700 g of cream with
  // 110 g of sugar at 90 °C and 100 g of yolk at 5 give 81 °C; with the cream at 70, 63 °C.
  it.each([
    [90, 81],
    [70, 63],
  ])('cream at %d °C comes to %d °C', (hotC, mixedC) => {
    expect(Math.abs(mixC(sides, hotC, 5) - mixedC)).toBeLessThan(1);
  });

  // Source: first law: equal masses of the same meet half-way (heat capacity of water varies by 0.5 %).
  it('of equal waters is half-way', () => {
    const water = { composition: per100g({ water: 100 }), grams: 200 };
    expect(
      joinedC([
        { ...water, celsius: 20 },
        { ...water, celsius: 80 },
      ]),
    ).toBeCloseTo(50, 0);
    expect(() => joinedC([])).toThrow(RangeError);
  });

  // Worked by hand with Choi and Okos: water at 20 °C 4.129 kJ/(kg K), fat at 80 °C 2.071: (4.129 × 20 + 2.071 × 80) / 6.200.
  it('of equal water and fat is nearer the water', () => {
    const of = (composition: Warm['composition'], celsius: number): Warm => ({
      ...{ composition, grams: 100, celsius },
    });
    const [water, fat] = [of(per100g({ water: 100 }), 20), of(per100g({ fat: 100 }), 80)];
    expect(joinedC([water, fat])).toBeCloseTo(40.04, 1);
    expect(joinedC([water, { ...fat, grams: 0 }])).toBeCloseTo(20, 9);
  });

  it('puts the sugar where it waits, and butter with neither', () => {
    const rich = analyse(
      [line('cream', 700), line('sugar', 110), line('egg-yolk', 100), line('butter', 90)],
      'EU M',
    );
    const grams = (sugarWith: 'liquid' | 'egg') => {
      const { hot, cold } = sidesOf(rich, sugarWith)!;
      return [hot.grams, cold.grams];
    };
    expect(grams('liquid')).toEqual([810, 100]);
    expect(grams('egg')).toEqual([700, 210]);
  });

  it('is a little cooler with the sugar among the eggs', () => {
    const withEgg = sidesOf(custard, 'egg')!;
    expect(mixC(withEgg, 90, 5)).toBeLessThan(mixC(sides, 90, 5));
  });

  it('is turned round to the liquid that is wanted', () => {
    const liquidC = liquidForC(sides, 68, 5);
    expect(mixC(sides, liquidC, 5)).toBeCloseTo(68, 6);
  });

  it('needs both an egg and a liquid', () => {
    expect(sidesOf(analyse([line('milk', 100)], 'EU M'), 'liquid')).toBeUndefined();
    expect(sidesOf(analyse([line('egg', 100), line('sugar', 50)], 'EU M'), 'egg')).toBeUndefined();
  });

  it.each([
    [60, 'safe'],
    [69, 'safe'],
    [69.1, 'thickens'],
    [76, 'thickens'],
    [76.1, 'scrambles'],
    [81, 'scrambles'],
  ] as const)('at %d °C, of a mix that sets at 79, %s', (mixedC, joining) => {
    expect(joiningOf(mixedC, 79)).toBe(joining);
  });
});

describe('resting', () => {
  // Source: common practice: resting dairy 2 to 15 min before it meets the egg.
  it('takes minutes, as cooks find', () => {
    const seconds = restS(sides.hot, 90, 75, 22)!;
    expect(seconds / 60).toBeGreaterThan(2);
    expect(seconds / 60).toBeLessThan(15);
  });

  // Source: Newton's law of cooling for a body without evaporation is slower than one with; and less
  // liquid in the same pan cools sooner.
  it('is quicker for less, and over at once where there is nothing to wait for', () => {
    const half = { ...sides.hot, grams: sides.hot.grams / 2 };
    expect(restS(half, 90, 75, 22)!).toBeLessThan(restS(sides.hot, 90, 75, 22)!);
    expect(restS(sides.hot, 60, 75, 22)).toBe(0);
    expect(restS(sides.hot, 90, 15, 22)).toBeUndefined();
  });

  // Source: handbook tables of open hot-water tanks, from memory: near 88 °C in still air 8 to 12 kW/m²
  // go with the vapour. From a pan 20 cm across (314 cm²) that is 250 to 380 W, with the sides some
  // 280 to 430 W: a kilo of water cools by 4 to 6 K a minute.
  it('of a kilo of water begins at some degrees a minute', () => {
    const water = { composition: findIngredient('water')!.composition, grams: 1000 };
    const minutes = restS(water, 90, 86, 22)! / 60;
    expect(4 / minutes).toBeGreaterThan(3.5);
    expect(4 / minutes).toBeLessThan(6.5);
  });
});

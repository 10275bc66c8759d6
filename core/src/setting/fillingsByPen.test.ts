/**
 * Fillings worked out with a pen, at the limits where a word changes into the next: what each band counts, and what is said
 * beside it. The limits are those that docs/model.md and the constants name (common practice, or from memory).
 */
import type { Analysis } from '../formula';
import { codesOf } from '../testing/findings';
import { bandsOf, madeOfGrams, sharing, withUnknownLine } from '../testing/verdicts';
import {
  judgeBatter,
  judgeCheese,
  judgeFruitFilling,
  judgeNutCream,
  judgePuree,
  judgeSyrup,
} from './baked';
import { judgeColdSet } from './coldset';
import { judgeCustard } from './custard';
import { judgeGanache } from './ganache';
import { judgeCurd, judgeStarchCream } from './stirred';

describe('fillings that the oven sets', () => {
  const ends = ({ endC }: { readonly endC: unknown }) => endC;

  // By hand: egg 200 to milk 400 is 0.5; flour 27 of 700 and sugar 73 of 700.
  it('a batter', () => {
    const verdict = judgeBatter(madeOfGrams({ milk: 400, egg: 200, sugar: 73, 'wheat-flour': 27 }));
    expect(
      bandsOf(verdict).map(([name, , shownAs, least, most]) => [name, shownAs, least, most]),
    ).toEqual([
      ['egg-to-liquid', 'ratio', 0.4, 0.6],
      ['flour', 'share', 0.02, 0.05],
      ['sugar-added', 'share', 0.06, 0.2],
    ]);
    expect(bandsOf(verdict).map(([, value]) => value)).toEqual([
      0.5,
      Number((27 / 700).toFixed(4)),
      Number((73 / 700).toFixed(4)),
    ]);
    expect(ends(verdict)).toEqual({ from: 80 });
  });

  it('a purée stands from nine parts in a hundred of egg, a third of its protein white’s', () => {
    const puree = madeOfGrams({ 'pumpkin-puree': 500, egg: 100, cream: 300, sugar: 140 });
    const made = (egg: number, white: number) =>
      judgePuree({
        ...sharing(puree, { egg }),
        composition: {
          ...puree.composition,
          ...{ eggWhiteProtein: 0.01 * white, eggYolkProtein: 0.01 * (1 - white) },
        },
      });
    expect(made(0.09, 0.33)).toMatchObject({
      firmness: 'unmouldable',
      firmnessWhy: { code: 'setting.puree.stands' },
      warnings: [],
    });
    for (const [egg, white] of [
      [0.0899, 0.33],
      [0.09, 0.329],
    ] as const) {
      expect(made(egg, white)).toMatchObject({
        firmness: 'sliceable',
        firmnessWhy: { code: 'setting.puree.sliced' },
      });
    }
    expect(
      bandsOf(judgePuree(puree)).map(([name, , , least, most]) => [name, least, most]),
    ).toEqual([
      ['egg', 0.07, 0.12],
      ['sugar-added', 0.08, 0.29],
    ]);
  });

  it('a purée is missed where there is none, and egg where none sets it', () => {
    const codes = (grams: Readonly<Record<string, number>>) =>
      codesOf(judgePuree(madeOfGrams(grams)).warnings).filter(
        (code) => code !== 'setting.band-left',
      );
    expect(codes({ cream: 400, egg: 50, sugar: 60 })).toEqual(['setting.puree.none']);
    expect(codes({ 'pumpkin-puree': 400, sugar: 60 })).toEqual(['setting.no-egg']);
    // White alone is egg.
    expect(codes({ 'pumpkin-puree': 400, 'egg-white': 50 })).toEqual([]);
    expect(judgePuree(madeOfGrams({ 'pumpkin-puree': 400, sugar: 60 })).firmness).toBe('pourable');
  });

  it.each([
    [
      'a fresh cheese',
      judgeCheese,
      [
        ['egg', 0.1, 0.25],
        ['sugar-added', 0.1, 0.28],
      ],
      { from: 65, to: 71 },
      'unmouldable',
    ],
    [
      'a syrup with nuts',
      judgeSyrup,
      [
        ['sugar-and-syrup', 0.6, 0.7],
        ['egg', 0.2, 0.3],
        ['butter-or-other-fat', 0.06, 0.14],
      ],
      { from: 93, to: 96 },
      'sliceable',
    ],
  ] as const)('%s', (_, judge, bands, endC, firmness) => {
    const verdict = judge(madeOfGrams({ milk: 400, egg: 100 }));
    expect(bandsOf(verdict).map(([name, , , least, most]) => [name, least, most])).toEqual(bands);
    expect([verdict.endC, verdict.firmness]).toEqual([endC, firmness]);
    expect(judge(madeOfGrams({ milk: 400 })).firmness).toBe('pourable');
    expect(codesOf(judge(madeOfGrams({ milk: 400 })).warnings)[0]).toBe('setting.no-egg');
  });

  // By hand: 120 + 90 + 80 + 60 + 30 + 20 = 400.
  it('a nut cream, by its parts', () => {
    const grams = { 'ground-hazelnuts': 120, butter: 90, sugar: 80, egg: 60, 'wheat-flour': 30 };
    const folded = judgeNutCream(madeOfGrams({ ...grams, milk: 20 }));
    expect(bandsOf(folded)).toEqual([
      ['nuts', 0.3, 'share', 0.2, 0.4],
      ['butter', 0.225, 'share', 0.15, 0.32],
      ['sugar', 0.2, 'share', 0.15, 0.32],
      ['egg', 0.15, 'share', 0.15, 0.32],
      ['flour', 0.075, 'share', 0, 0.12],
      ['milk-folded-in', 0.05, 'share', 0, 0.25],
    ]);
    expect([folded.endC, folded.treatment.code, folded.warnings]).toEqual([
      { from: 90 },
      'setting.nut-cream.treatment-folded',
      [],
    ]);
    const plain = judgeNutCream(madeOfGrams(grams));
    expect(plain.treatment.code).toBe('setting.nut-cream.treatment');
    expect(plain.bands.map(({ name }) => name)).not.toContain('milk-folded-in');
    const bare = judgeNutCream(madeOfGrams({ butter: 90, sugar: 80, egg: 60 }));
    expect(codesOf(bare.warnings)).toContain('setting.nut-cream.none');
  });

  it('fruit, by what thickens it', () => {
    const fruit = (grams: Readonly<Record<string, number>>) =>
      judgeFruitFilling(madeOfGrams(grams));
    // By hand: 20 of starch of 800.
    const starch = fruit({ apples: 700, sugar: 80, cornflour: 20 });
    expect(bandsOf(starch)).toEqual([['thickener', 0.025, 'share', 0.01, 0.04]]);
    expect(starch).toMatchObject({
      ...{ endC: { from: 80 }, firmness: 'sliceable', warnings: [] },
      ...{ setBy: { code: 'setting.fruit.set-by' }, firmnessWhy: { code: 'setting.fruit.sliced' } },
    });
    const egg = fruit({ apples: 700, sugar: 80, egg: 60 });
    expect(egg).toMatchObject({
      ...{ firmness: 'sliceable', setBy: { code: 'setting.fruit.set-by-egg' } },
    });
    expect(codesOf(egg.warnings)).not.toContain('setting.fruit.nothing-thickens');
    const none = fruit({ apples: 700, sugar: 80 });
    expect(none).toMatchObject({
      ...{ firmness: 'spoonable', firmnessWhy: { code: 'setting.fruit.spooned' } },
      setBy: { code: 'setting.fruit.set-by' },
    });
    expect(codesOf(none.warnings)).toContain('setting.fruit.nothing-thickens');
    expect(codesOf(fruit({ milk: 100, cornflour: 3 }).warnings)).toEqual(['setting.fruit.none']);
  });
});

describe('a custard', () => {
  const custard = madeOfGrams({ cream: 400, milk: 200, egg: 100, 'egg-yolk': 90, sugar: 90 });
  /** With so much protein of egg, so much of it white's, and so much starch. */
  const made = (
    protein: number,
    white: number,
    starch = 0,
    shell: 'none' | 'sweet-dough' = 'none',
  ) => {
    const verdict = judgeCustard(
      {
        ...sharing(custard, { starch }),
        composition: {
          ...custard.composition,
          eggWhiteProtein: protein * white,
          eggYolkProtein: protein * (1 - white),
        },
      },
      shell,
    );
    if (verdict.kind !== 'judged') throw new Error(verdict.kind);
    return verdict;
  };

  // By hand: a yolk's protein counts three quarters of a white's, starch a half of it.
  it.each([
    // 0.023 of white's alone.
    [0.023, 1, 0, 'unmouldable'],
    [0.0229, 1, 0, 'sliceable'],
    // 0.33 + 0.75 × 0.67 = 0.8325: 0.028 of it are 0.0233, 0.0276 are 0.02298.
    [0.028, 0.33, 0, 'unmouldable'],
    [0.0276, 0.33, 0, 'sliceable'],
    [0.04, 0.329, 0, 'sliceable'],
    // Of yolk alone three quarters: 0.0268 are 0.0201, 0.0266 are 0.01995; 0.0134 are 0.01005, 0.0133 are 0.009975.
    [0.0268, 0, 0, 'sliceable'],
    [0.0266, 0, 0, 'spoonable'],
    [0.0134, 0, 0, 'spoonable'],
    [0.0133, 0, 0, 'pourable'],
    // 0.012 of white's and half of 0.018 of starch are 0.021.
    [0.012, 1, 0.018, 'sliceable'],
    [0.012, 1, 0.014, 'spoonable'],
    [0.02, 1, 0, 'sliceable'],
    [0.01, 1, 0, 'spoonable'],
  ] as const)(
    'of %p protein, %p of it white’s, and %p starch is %s',
    (protein, white, starch, firmness) => {
      const verdict = made(protein, white, starch);
      expect(verdict.firmness).toBe(firmness);
      expect(verdict.why.firmness).toEqual({
        code: `setting.custard.${firmness}`,
        values: { white: { share: expect.closeTo(white, 9) as number, digits: 0 } },
      });
    },
  );

  it('is warned of where it stays liquid, and in a shell where it is spooned', () => {
    const codes = (protein: number, shell: 'none' | 'sweet-dough') =>
      codesOf(made(protein, 1, 0, shell).warnings);
    expect(codes(0.009, 'none')).toEqual(['setting.custard.will-not-set']);
    expect(codes(0.015, 'none')).toEqual([]);
    expect(codes(0.015, 'sweet-dough')).toEqual(['setting.custard.too-soft-for-a-shell']);
    expect(codes(0.03, 'sweet-dough')).toEqual([]);
  });

  // By hand: 12 K by each unit of sugar in sugar and water.
  it('says of what it sets, and by how much the sugar puts that off', () => {
    const { egg, sugar, water } = custard.share;
    const verdict = made(0.03, 0.5);
    expect(verdict.why.set).toEqual({
      code: 'setting.custard.why-set',
      values: {
        egg: { share: egg, digits: 0 },
        sugar: { share: sugar, digits: 0 },
        by: { kelvin: expect.closeTo((12 * sugar) / (sugar + water), 9) as number },
      },
    });
    // By hand: 70 + 5 × 0.5 and 3.8 by each e-fold of dilution, and the sugar.
    expect(verdict.setC).toBeCloseTo(
      72.5 +
        3.8 * Math.log(1 / egg) +
        (12 * sugar) / (sugar + water) -
        300 * custard.composition.acid,
      6,
    );
  });

  it('no longer curdles from two and a half parts of starch on', () => {
    expect(made(0.03, 0.5, 0.0249)).toMatchObject({
      // By hand: 7.5 + 200 × 0.0249.
      marginK: expect.closeTo(12.48, 9) as number,
      why: { curdle: { code: 'setting.custard.why-curdle' } },
    });
    expect(made(0.03, 0.5, 0.025)).toMatchObject({
      ...{ marginK: undefined, curdleC: undefined },
      why: {
        curdle: { code: 'setting.custard.starch-protects', values: { starch: { share: 0.025 } } },
      },
    });
  });

  it('is none of nothing', () => {
    expect(judgeCustard(madeOfGrams({}), 'none')).toEqual({
      kind: 'not-judged',
      reason: { code: 'setting.empty' },
    });
  });
});

describe('fillings that are stirred', () => {
  /** A hundred parts, so much of it starch. */
  const cream = (starch: number, more: Readonly<Record<string, number>> = {}) =>
    madeOfGrams({ milk: 1000 - starch, cornflour: starch, ...more });
  it.each([
    [35, 'sliceable'],
    [34.9, 'spoonable'],
    [20, 'spoonable'],
    [19.9, 'pourable'],
  ] as const)('%p of starch in a thousand is %s', (starch, firmness) => {
    const verdict = judgeStarchCream(cream(starch), false);
    expect(verdict.firmness).toBe(firmness);
    expect(verdict.firmnessWhy).toEqual({
      code: 'setting.starch.firmness',
      values: {
        starch: { share: expect.closeTo(starch / 1000, 9) as number },
        sliceable: { share: 0.035 },
        gluey: { share: 0.06 },
      },
    });
  });

  it('a starch cream is warned of once for its starch, and for the egg it should have or should not', () => {
    const codes = (analysis: Analysis, withEgg: boolean) =>
      codesOf(judgeStarchCream(analysis, withEgg).warnings);
    expect(codes(cream(50), false)).toEqual([]);
    expect(codes(cream(15), false)).toEqual(['setting.starch.too-little']);
    expect(codes(cream(70), false)).toEqual(['setting.band-left']);
    expect(codes(cream(50), true)).toEqual(['setting.starch.no-egg']);
    expect(codes(cream(50, { 'egg-yolk': 60 }), true)).toEqual([]);
    expect(codes(cream(50, { 'egg-yolk': 60 }), false)).toEqual(['setting.starch.has-egg']);
    // White alone thins nothing.
    expect(codes(cream(50, { 'egg-white': 60 }), true)).toEqual(['setting.starch.no-egg']);
  });

  it('starch is hindered past four parts of sugar in ten of sugar and water', () => {
    const codes = (sugar: number) =>
      codesOf(judgeStarchCream(sharing(cream(50), { sugar, water: 0.6 }), false).warnings);
    expect(codes(0.4)).toEqual([]);
    expect(codes(0.401)).toEqual(['setting.starch.sugar-hinders']);
  });

  it('a curd is cut from a fifth of fat on, and wants acid', () => {
    const curd = madeOfGrams({ 'lemon-juice': 180, 'egg-yolk': 100, sugar: 120, butter: 80 });
    const of20 = judgeCurd(sharing(curd, { fat: 0.2 }));
    expect([of20.firmness, of20.firmnessWhy]).toEqual([
      'sliceable',
      { code: 'setting.curd.sliced', values: { fat: { share: 0.2, digits: 0 } } },
    ]);
    expect(judgeCurd(sharing(curd, { fat: 0.199 })).firmness).toBe('spoonable');
    const acid = (part: number) =>
      codesOf(
        judgeCurd({ ...curd, composition: { ...curd.composition, acid: part } }).warnings,
      ).includes('setting.curd.little-acid');
    expect([acid(0.004), acid(0.0039)]).toEqual([false, true]);
    // White alone holds it.
    expect(
      judgeCurd(madeOfGrams({ 'lemon-juice': 180, 'egg-white': 100, sugar: 120 })).firmness,
    ).toBe('spoonable');
  });
});

describe('fillings that the cold sets', () => {
  it('stand by their share of gelatine, at each limit too', () => {
    // Strong leaves, brought to 200 bloom: what they count is read off, and put to the limit.
    const share = (part: number) => {
      const verdict = judgeColdSet({
        ...madeOfGrams({ milk: 900, 'gelatine-leaf': 9 }),
        mixtureG: 1,
      });
      if (verdict.kind !== 'by-sign') throw new Error(verdict.kind);
      const counted = verdict.bands[0]!.value!;
      const again = judgeColdSet({
        ...madeOfGrams({ milk: 900, 'gelatine-leaf': 9 }),
        mixtureG: counted / part,
      });
      if (again.kind !== 'by-sign') throw new Error(again.kind);
      return again;
    };
    expect(
      [0.0141, 0.0139, 0.0091, 0.0089, 0.0051, 0.0049].map((part) => share(part).firmness),
    ).toEqual(['unmouldable', 'sliceable', 'sliceable', 'spoonable', 'spoonable', 'pourable']);
    const { firmnessWhy, warnings, bands } = share(0.01);
    expect(firmnessWhy).toEqual({
      code: 'setting.cold.firmness',
      values: {
        share: { share: expect.closeTo(0.01, 9) as number, digits: 2 },
        sliceable: { share: 0.009, digits: 1 },
        unmouldable: { share: 0.014, digits: 1 },
      },
    });
    expect(warnings).toEqual([]);
    expect(bandsOf({ bands })).toEqual([['gelatine', 0.01, 'share', 0.005, 0.025]]);
  });

  it('are warned of for raw egg, whichever part, and leave out what is not known', () => {
    const codes = (analysis: Analysis) => {
      const verdict = judgeColdSet(analysis);
      if (verdict.kind !== 'by-sign') throw new Error(verdict.kind);
      return codesOf(verdict.warnings);
    };
    const base = { milk: 900, 'gelatine-leaf': 10 };
    for (const egg of ['egg', 'egg-white', 'egg-yolk']) {
      expect(codes(madeOfGrams({ ...base, [egg]: 40 }))).toEqual(['setting.cold.raw-egg']);
    }
    expect(codes(withUnknownLine(base))).toEqual(codes(madeOfGrams(base)));
    const strong = (alcohol: number) =>
      codes({ ...madeOfGrams(base), composition: { ...madeOfGrams(base).composition, alcohol } });
    expect([strong(0.08), strong(0.081)]).toEqual([[], ['setting.cold.alcohol']]);
  });

  it('of chocolate stand by it against what is poured on, at each limit too', () => {
    const ganache = (ratio: number) =>
      judgeGanache(madeOfGrams({ 'dark-chocolate': 100 * ratio, milk: 100 }))!;
    const scale = ganache(1).bands[0]!.value!;
    const firmness = (ratio: number) => ganache(ratio / scale).firmness;
    expect([1.61, 1.59, 0.86, 0.84, 0.51, 0.49].map(firmness)).toEqual([
      ...['unmouldable', 'sliceable', 'sliceable', 'spoonable', 'spoonable', 'pourable'],
    ]);
    const one = ganache(1 / scale);
    expect(one.firmnessWhy).toEqual({
      code: 'setting.ganache.firmness',
      values: {
        ratio: { ratio: expect.closeTo(1, 9) as number },
        sliceable: { ratio: 0.85 },
        unmouldable: { ratio: 1.6 },
      },
    });
    expect([one.endC, one.warnings]).toEqual([undefined, []]);
    expect(bandsOf(one)).toEqual([['chocolate-to-liquid', 1, 'ratio', 0.5, 2.4]]);
    expect(judgeGanache(madeOfGrams({ milk: 100 }))).toBeUndefined();
    expect(judgeGanache(madeOfGrams({ 'dark-chocolate': 100 }))).toBeUndefined();
  });
});

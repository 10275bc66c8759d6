/**
 * Doughs, crumbs and what is made beside a filling, worked out with a pen, whole and at their limits: what each band counts,
 * and what is said beside it. The limits are those that the constants name (common practice, or from memory).
 */
import type { Analysis, PartKind } from '../formula';
import { findIngredient } from '../ingredients/catalogue';
import { codesOf } from '../testing/findings';
import { bandsOf, madeOfGrams, sharing, withUnknownLine } from '../testing/verdicts';
import { gramsOf, isFlour, over, thickeningG } from './amounts';
import { CRUMB_FAT, judgeCrumb, judgeDough } from './doughs';
import { judgeFinish } from './finish';
import { judgePart } from './part';
import { bandWarning, standsIn, type Band, type Made } from './verdict';

describe('amounts', () => {
  it('leave out what the catalogue does not know', () => {
    expect(gramsOf(withUnknownLine({ milk: 200, sugar: 30 }), () => true)).toBe(230);
  });

  it('have no quotient by nothing', () => {
    expect([over(1, 4), over(0, 0), over(1, 0)]).toEqual([0.25, undefined, undefined]);
  });

  it('tell a flour, whatever its protein, from a pure starch and from what is no starch', () => {
    const flour = (id: string) => isFlour(findIngredient(id)!);
    expect(['wheat-flour', 'rice-flour', 'buckwheat-flour'].map(flour)).toEqual([true, true, true]);
    expect(['cornflour', 'milk', 'ground-hazelnuts'].map(flour)).toEqual([false, false, false]);
    // By hand: 10 of starch and half of 30 of flour.
    expect(thickeningG(madeOfGrams({ cornflour: 10, 'rice-flour': 30, milk: 400 }))).toBe(25);
  });
});

describe('a band', () => {
  const band: Band = { name: 'egg', value: 0.2, shownAs: 'share', least: 0.2, most: 0.3 };
  it('holds at both its ends', () => {
    expect(
      [0.2, 0.3, 0.1999, 0.3001, undefined].map((value) => standsIn({ ...band, value })),
    ).toEqual(['within', 'within', 'under', 'over', 'unknown']);
    expect(bandWarning({ ...band, value: undefined })).toBeUndefined();
  });
});

describe('doughs, on their flour', () => {
  it.each([
    [
      'sweet-dough',
      { 'wheat-flour': 200, butter: 100, sugar: 70, water: 30 },
      [
        ['fat-on-flour', 0.5, 'share', 0.4, 0.75],
        ['sugar-on-flour', 0.35, 'share', 0.2, 0.6],
        ['water-on-flour', 0.15, 'share', 0.08, 0.3],
      ],
    ],
    [
      'pie-dough',
      { 'wheat-flour': 200, butter: 130, water: 64 },
      [
        ['fat-on-flour', 0.65, 'share', 0.5, 0.8],
        ['water-on-flour', 0.32, 'share', 0.28, 0.5],
      ],
    ],
    [
      'pressed-dough',
      { 'wheat-flour': 200, butter: 180, sugar: 70 },
      [
        ['fat-on-flour', 0.9, 'share', 0.6, 1],
        ['sugar-on-flour', 0.35, 'share', 0.2, 0.6],
      ],
    ],
  ] as const)('%s', (kind, grams, bands) => {
    const verdict = judgeDough(madeOfGrams(grams), kind);
    expect(bandsOf(verdict)).toEqual(bands);
    expect(verdict).toMatchObject({
      ...{ kind: 'made', endC: undefined, warnings: [] },
      setBy: {
        code: kind === 'pie-dough' ? 'setting.dough.set-by-layers' : 'setting.dough.set-by-fat',
      },
      treatment: { code: `setting.${kind}.treatment` },
      fails: { code: `setting.${kind}.fails` },
      source: { code: 'source.practice-partly-memory' },
    });
  });

  const said = (grams: Readonly<Record<string, number>>, kind: 'sweet-dough' | 'pie-dough') =>
    codesOf(judgeDough(madeOfGrams(grams), kind).warnings).filter(
      (code) => code !== 'setting.band-left',
    );

  // By hand: water 60 and fat 80 of 200 of flour are the limits, 0.3 and 0.4.
  it('shrink where they are wetter or leaner than their limits, and not at them', () => {
    const dough = (butter: number, water: number) => ({
      ...{ 'wheat-flour': 200, sugar: 70 },
      butter,
      water,
    });
    expect(said(dough(80, 60), 'sweet-dough')).toEqual([]);
    expect(said(dough(80, 60.1), 'sweet-dough')).toEqual(['setting.dough.shrinks']);
    expect(said(dough(79.9, 60), 'sweet-dough')).toEqual(['setting.dough.shrinks']);
    // A pie's dough is wet by its nature, and held by its layers.
    expect(said(dough(70, 90), 'pie-dough')).toEqual([]);
  });

  it('are nothing without flour', () => {
    const none = judgeDough(madeOfGrams({ butter: 100, water: 40 }), 'sweet-dough');
    expect(codesOf(none.warnings)).toEqual(['setting.dough.no-flour']);
    expect(bandsOf(none).map(([, value]) => value)).toEqual([undefined, undefined, undefined]);
  });

  it('of what is not known yet count the rest', () => {
    const grams = { 'wheat-flour': 200, butter: 100, sugar: 70, water: 30 };
    expect(bandsOf(judgeDough(withUnknownLine(grams), 'sweet-dough'))).toEqual(
      bandsOf(judgeDough(madeOfGrams(grams), 'sweet-dough')),
    );
  });
});

describe('crumbs', () => {
  it.each([
    [{}, CRUMB_FAT.plain, 'setting.crumb.set-by', 'setting.crumb.treatment'],
    [{ egg: 30 }, CRUMB_FAT.withEgg, 'setting.crumb.set-by-egg', 'setting.crumb.treatment-egg'],
    [
      { 'egg-white': 20 },
      CRUMB_FAT.withEgg,
      'setting.crumb.set-by-egg',
      'setting.crumb.treatment-egg',
    ],
    [
      { 'egg-yolk': 20 },
      CRUMB_FAT.withEgg,
      'setting.crumb.set-by-egg',
      'setting.crumb.treatment-egg',
    ],
  ] as const)('with %p', (egg, [least, most], setBy, treatment) => {
    const verdict = judgeCrumb(
      madeOfGrams({ 'oat-biscuits': 120, 'sponge-fingers': 80, butter: 70, ...egg }),
    );
    // By hand: 70 of 200.
    expect(bandsOf(verdict)).toEqual([['fat-on-crumbs', 0.35, 'share', least, most]]);
    expect([verdict.setBy.code, verdict.treatment.code]).toEqual([setBy, treatment]);
    expect(verdict.warnings).toEqual([]);
  });

  it('are missed where there are none', () => {
    expect(codesOf(judgeCrumb(madeOfGrams({ butter: 50 })).warnings)).toEqual([
      'setting.crumb.none',
    ]);
  });
});

describe('what is made beside a filling', () => {
  const wholeOf = ({ endC, source, warnings, ...rest }: Made) => ({
    ...{ endC, source: source.code, warnings: codesOf(warnings) },
    bands: bandsOf(rest),
  });
  const PARTLY = 'source.practice-partly-memory';

  it.each([
    [
      'caramel',
      // By hand: 100 ml of water to 360 ml of sugar at 0.845 g/ml, which is 304.2 g: 0.3287.
      { sugar: 304.2, water: 100 },
      {
        bands: [['water-to-sugar', 0.3287, 'ratio', 0.25 / 0.845, 0.34 / 0.845]],
        endC: { from: 166, to: 174 },
        source: 'source.practice',
        warnings: [],
      },
    ],
    [
      'syrup',
      { sugar: 225, water: 1000 },
      {
        bands: [['sugar-to-water', 0.225, 'ratio', 0.2, 0.25]],
        ...{ endC: { from: 100 }, source: 'source.practice', warnings: [] },
      },
    ],
    [
      'praline',
      { sugar: 100, hazelnuts: 120, water: 30 },
      {
        bands: [['nuts-to-sugar', 1.2, 'ratio', 0.7, 1.5]],
        ...{ endC: { from: 166, to: 174 }, source: PARTLY, warnings: [] },
      },
    ],
    [
      'meringue-raw',
      { 'egg-white': 100, sugar: 150 },
      {
        bands: [['sugar-to-white', 1.5, 'ratio', 1, 2]],
        ...{ endC: undefined, source: PARTLY, warnings: ['setting.meringue-raw.caution'] },
      },
    ],
    [
      'meringue-swiss',
      { 'egg-white': 100, sugar: 180 },
      {
        bands: [['sugar-to-white', 1.8, 'ratio', 1.5, 2.2]],
        endC: { from: 55, to: 70 },
        ...{ source: PARTLY, warnings: ['setting.meringue-swiss.caution'] },
      },
    ],
    [
      'meringue-italian',
      { 'egg-white': 100, sugar: 180, water: 55 },
      {
        bands: [['sugar-to-white', 1.8, 'ratio', 1.5, 2.2]],
        ...{ endC: { from: 118, to: 121 }, source: PARTLY, warnings: [] },
      },
    ],
    [
      'glaze',
      { 'apricot-jam': 100, water: 10, 'orange-juice': 20 },
      {
        // By hand: water and juice, 30, to 100 of jam.
        bands: [['water-to-jam', 0.3, 'ratio', 0.08, 0.8]],
        ...{ endC: { from: 60, to: 90 }, source: 'source.practice', warnings: [] },
      },
    ],
    ['seal', { egg: 20 }, { bands: [], endC: undefined, source: 'source.practice', warnings: [] }],
    [
      'other-part',
      { milk: 20 },
      { bands: [], endC: undefined, source: 'source.practice', warnings: [] },
    ],
  ] as const)('%s', (kind, grams, whole) => {
    const verdict = judgeFinish(madeOfGrams(grams), kind);
    expect(wholeOf(verdict)).toEqual(whole);
  });

  it.each(['seal', 'fruit-and-nuts', 'other-part'] as const)('%s has words of its own', (kind) => {
    const { setBy, treatment, fails } = judgeFinish(madeOfGrams({ egg: 20 }), kind);
    expect([setBy.code, treatment.code, fails.code]).toEqual([
      `setting.${kind}.set-by`,
      `setting.${kind}.treatment`,
      `setting.${kind}.fails`,
    ]);
  });

  const said = (kind: PartKind, analysis: Analysis) => {
    const verdict = judgePart(analysis, kind, 'none');
    if (verdict.kind !== 'made') throw new Error(verdict.kind);
    return codesOf(verdict.warnings).filter((code) => code !== 'setting.band-left');
  };

  it('a caramel is of sugar, and foams with fat', () => {
    expect(said('caramel', madeOfGrams({ water: 100 }))).toEqual(['setting.caramel.no-sugar']);
    const caramel = madeOfGrams({ sugar: 200 });
    expect(said('caramel', caramel)).toEqual([]);
    expect(said('caramel', sharing(caramel, { fat: 0.03 }))).toEqual([]);
    expect(said('caramel', sharing(caramel, { fat: 0.031 }))).toEqual([
      'setting.caramel.fat-foams',
    ]);
    expect(judgeFinish(caramel, 'caramel').bands).toEqual([]);
  });

  it('a meringue is of white, without fat or yolk, and an Italian one with water', () => {
    const [raw, swiss] = ['setting.meringue-raw.caution', 'setting.meringue-swiss.caution'];
    expect(said('meringue-raw', madeOfGrams({ sugar: 100 }))).toEqual([
      'setting.meringue.no-white',
      raw,
    ]);
    const white = madeOfGrams({ 'egg-white': 100, sugar: 180 });
    expect(said('meringue-swiss', sharing(white, { fat: 0.02 }))).toEqual([swiss]);
    expect(said('meringue-swiss', sharing(white, { fat: 0.021 }))).toEqual([
      'setting.meringue.fat',
      swiss,
    ]);
    expect(said('meringue-italian', white)).toEqual(['setting.meringue.no-water']);
  });

  it('whipped cream is held by gelatine where it has some', () => {
    const cream = { cream: 300, 'icing-sugar': 25 };
    const plain = judgeFinish(madeOfGrams(cream), 'whipped-cream');
    expect(plain.treatment.code).toBe('setting.whipped.treatment');
    expect(plain.endC).toEqual({ from: 2, to: 6 });
    expect(bandsOf(plain).map(([name, , , least, most]) => [name, least, most])).toEqual([
      ['fat', 0.3, 0.42],
      ['sugar-added', 0.03, 0.16],
    ]);
    const set = judgeFinish(madeOfGrams({ ...cream, 'gelatine-leaf': 3 }), 'whipped-cream');
    expect(set.treatment.code).toBe('setting.whipped.treatment-gelatine');
  });

  it('what is bought is not judged, whatever is on its list', () => {
    for (const grams of [{}, { 'wheat-flour': 100 }] as Record<string, number>[]) {
      expect(judgePart(madeOfGrams(grams), 'bought-shell', 'none')).toEqual({
        kind: 'not-judged',
        reason: { code: 'setting.bought' },
      });
    }
  });
});

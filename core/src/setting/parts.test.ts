/**
 * Components that are not fillings. Bands: common practice where the line says so, else from memory;
 * the lists are our own and worked out beside them.
 */
import { codesOf } from '../testing/findings';
import { analyse, PART_KINDS, type Line, type PartKind } from '../formula';
import { judgePart } from './part';
import { standsIn, type Made } from './verdict';

const listed = (grams: Record<string, number>): Line[] =>
  Object.entries(grams).map(([ingredientId, amount]) => ({
    id: ingredientId,
    ingredientId,
    amount,
    unit: 'g',
  }));
const judge = (kind: PartKind, grams: Record<string, number>): Made => {
  const verdict = judgePart(analyse(listed(grams), 'EU M'), kind, 'none');
  if (verdict.kind !== 'made') throw new Error(verdict.kind);
  return verdict;
};
const valueOf = (verdict: Made, name: string) =>
  verdict.bands.find((band) => band.name === name)?.value;

const SOUND: Partial<Record<PartKind, Record<string, number>>> = {
  'sweet-dough': { 'wheat-flour': 250, butter: 125, 'icing-sugar': 90, egg: 50 },
  // Common practice: butter 66 %, water 32 % of the flour.
  'pie-dough': { 'wheat-flour': 200, butter: 132, water: 64, salt: 3 },
  // Common practice: butter 90 % of the flour.
  'pressed-dough': { 'wheat-flour': 200, butter: 180, sugar: 70 },
  'crumb-shell': { 'ginger-biscuits': 200, butter: 90 },
  // Common practice: water a quarter to a third of the sugar by volume: 100 ml to 360 ml of sugar, 304 g.
  caramel: { sugar: 304, water: 100 },
  // Common practice: 200 to 250 g a litre.
  syrup: { sugar: 225, water: 1000 },
  // Common practice: about 1 : 1.
  praline: { sugar: 100, hazelnuts: 100 },
  'meringue-swiss': { 'egg-white': 100, sugar: 180 },
  'meringue-italian': { 'egg-white': 100, sugar: 180, water: 55 },
  'whipped-cream': { cream: 300, 'icing-sugar': 25 },
  glaze: { 'apricot-jam': 100, water: 30 },
};

describe('a component beside the filling', () => {
  it.each(Object.entries(SOUND))('%s lies within its bands', (kind, grams) => {
    const verdict = judge(kind as PartKind, grams);
    expect(verdict.bands.map((each) => [each.name, standsIn(each)])).toEqual(
      verdict.bands.map((each) => [each.name, 'within']),
    );
    expect(codesOf(verdict.warnings).filter((each) => each === 'setting.band-left')).toEqual([]);
  });

  it('has a verdict for every kind, and none for an empty list', () => {
    expect(new Set(PART_KINDS).size).toBe(PART_KINDS.length);
    for (const kind of PART_KINDS) {
      expect(judgePart(analyse([], 'EU M'), kind, 'none').kind).toBe('not-judged');
      expect(judgePart(analyse(listed({ milk: 100 }), 'EU M'), kind, 'none').kind).toBeTruthy();
    }
  });

  // Worked by hand: egg is about three quarters water: 38 g of 250 g of flour is 0.15.
  it('counts a dough on its flour', () => {
    const dough = judge('sweet-dough', SOUND['sweet-dough']!);
    expect(valueOf(dough, 'fat-on-flour')).toBeCloseTo(0.5, 6);
    expect(valueOf(dough, 'sugar-on-flour')).toBeCloseTo(0.36, 6);
    expect(valueOf(dough, 'water-on-flour')).toBeCloseTo(0.15, 1);
  });

  it('warns of a wet dough that will shrink, and of one without flour', () => {
    const wet = judge('sweet-dough', { 'wheat-flour': 250, butter: 80, sugar: 60, water: 100 });
    expect(codesOf(wet.warnings)).toContain('setting.dough.shrinks');
    expect(judge('pie-dough', { butter: 100, water: 40 }).warnings[0]?.code).toBe(
      'setting.dough.no-flour',
    );
  });

  // Common practice: fat to crumb 1 : 4 with egg; from memory 1 : 2 without.
  it('wants less fat in a crumb shell that egg holds', () => {
    const withEgg = { 'oat-biscuits': 200, butter: 50, egg: 30 };
    expect(standsIn(judge('crumb-shell', withEgg).bands[0]!)).toBe('within');
    expect(standsIn(judge('crumb-shell', { 'oat-biscuits': 200, butter: 50 }).bands[0]!)).toBe(
      'under',
    );
  });

  it('tells dry caramel from wet, and how much water has to go', () => {
    expect(judge('caramel', { sugar: 200 }).treatment.code).toBe('setting.caramel.dry');
    // Nearly all of it: at 160 °C 1.8 % of the syrup is water, 5.6 g of 304 g of sugar.
    expect(judge('caramel', SOUND.caramel!).treatment).toEqual({
      code: 'setting.caramel.wet',
      values: { water: { grams: expect.closeTo(94.4, 0) } },
    });
    expect(judge('caramel', { sugar: 200, water: 200 }).warnings).toMatchObject([
      {
        code: 'setting.band-left',
        values: { band: { code: 'band.water-to-sugar' }, value: { ratio: 1 } },
      },
    ]);
  });

  it('says where white is raw, and where fat would spoil the foam', () => {
    expect(codesOf(judge('meringue-raw', { 'egg-white': 100, sugar: 150 }).warnings)).toEqual([
      'setting.meringue-raw.caution',
    ]);
    expect(
      codesOf(judge('meringue-italian', { ...SOUND['meringue-italian'], 'egg-yolk': 10 }).warnings),
    ).toEqual(['setting.meringue.fat']);
    expect(codesOf(judge('meringue-italian', { 'egg-white': 100, sugar: 180 }).warnings)).toEqual([
      'setting.meringue.no-water',
    ]);
  });

  it('does not whip what is too lean', () => {
    expect(standsIn(judge('whipped-cream', { 'single-cream': 300, sugar: 20 }).bands[0]!)).toBe(
      'under',
    );
  });
});

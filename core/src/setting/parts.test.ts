/**
 * Components that are not fillings. Bands: common practice where the line says so, else from memory;
 * the lists are our own and worked out beside them.
 */
import { analyse, PART_KINDS, PART_NAMES, type Line, type PartKind } from '../formula';
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
    expect(verdict.warnings.filter((each) => /^Check/.test(each))).toEqual([]);
  });

  it('has a name and a verdict for every kind, and none for an empty list', () => {
    expect(new Set(PART_KINDS).size).toBe(PART_KINDS.length);
    expect(Object.keys(PART_NAMES).sort()).toEqual([...PART_KINDS].sort());
    for (const kind of PART_KINDS) {
      expect(judgePart(analyse([], 'EU M'), kind, 'none').kind).toBe('not-judged');
      expect(judgePart(analyse(listed({ milk: 100 }), 'EU M'), kind, 'none').kind).toBeTruthy();
    }
  });

  // Worked by hand: egg is about three quarters water: 38 g of 250 g of flour is 0.15.
  it('counts a dough on its flour', () => {
    const dough = judge('sweet-dough', SOUND['sweet-dough']!);
    expect(valueOf(dough, 'Fat on flour')).toBeCloseTo(0.5, 6);
    expect(valueOf(dough, 'Sugar on flour')).toBeCloseTo(0.36, 6);
    expect(valueOf(dough, 'Water on flour')).toBeCloseTo(0.15, 1);
  });

  it('warns of a wet dough that will shrink, and of one without flour', () => {
    const wet = judge('sweet-dough', { 'wheat-flour': 250, butter: 80, sugar: 60, water: 100 });
    expect(wet.warnings.join(' ')).toMatch(/shrink/);
    expect(judge('pie-dough', { butter: 100, water: 40 }).warnings[0]).toMatch(/flour/);
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
    expect(judge('caramel', { sugar: 200 }).treatment).toMatch(/dry/);
    // Nearly all of it: at 160 °C 1.8 % of the syrup is water, 5.6 g of 304 g of sugar.
    expect(judge('caramel', SOUND.caramel!).treatment).toMatch(/94 g/);
    expect(judge('caramel', { sugar: 200, water: 200 }).warnings[0]).toMatch(
      /water to sugar: 1.00/,
    );
  });

  it('says where white is raw, and where fat would spoil the foam', () => {
    expect(judge('meringue-raw', { 'egg-white': 100, sugar: 150 }).warnings.join(' ')).toMatch(
      /pasteurised/,
    );
    expect(
      judge('meringue-italian', { ...SOUND['meringue-italian'], 'egg-yolk': 10 }).warnings.join(
        ' ',
      ),
    ).toMatch(/yolk/);
    expect(judge('meringue-italian', { 'egg-white': 100, sugar: 180 }).warnings[0]).toMatch(
      /water/,
    );
  });

  it('does not whip what is too lean', () => {
    expect(standsIn(judge('whipped-cream', { 'single-cream': 300, sugar: 20 }).bands[0]!)).toBe(
      'under',
    );
  });
});

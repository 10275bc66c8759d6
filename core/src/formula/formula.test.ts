import { analyse } from './analysis';
import { cannotTell, leftOutByEye } from './unknown';
import { lineGrams, swapped, unitsFor, type Line } from './line';
import { scaleLines } from './scale';
import { findIngredient } from '../ingredients/catalogue';

let nextId = 0;
const line = (ingredientId: string, amount: number, unit: Line['unit'] = 'g'): Line => ({
  id: `line-${(nextId += 1)}`,
  ingredientId,
  amount,
  unit,
});

describe('a line', () => {
  // Worked by hand: 2 tbsp are 29.574 mL; caster sugar 0.845 g/mL; 24.99 g.
  it('turns spoons into grams', () => {
    const grams = lineGrams(line('sugar', 2, 'tbsp'), 'EU M');
    expect(grams.ok && grams.value).toBeCloseTo(24.99, 2);
  });

  // Worked by hand: EU M is 58 g in shell, 11 % of it shell: 51.62 g edible, yolk 34.5 %, 17.81 g.
  it('counts eggs by the grade of the kitchen', () => {
    const yolks = lineGrams(line('egg-yolk', 5, 'piece'), 'EU M');
    expect(yolks.ok && yolks.value).toBeCloseTo(89.0, 1);
    const larger = lineGrams(line('egg-yolk', 5, 'piece'), 'EU L');
    expect(larger.ok && yolks.ok && larger.value > yolks.value).toBe(true);
  });

  it.each([
    ['sugar', -1, 'g', 'line.negative'],
    ['sugar', 500, 'kg', 'line.too-much'],
    ['sugar', Number.NaN, 'g', 'line.no-amount'],
    ['sugar', 2, 'piece', 'line.piece-unknown'],
    ['moonlight', 2, 'g', 'line.no-ingredient'],
  ] as const)('of %s × %d %s is sent back', (id, amount, unit, code) => {
    const grams = lineGrams(line(id, amount, unit), 'EU M');
    expect(grams.ok ? '' : grams.problem.code).toBe(code);
  });

  it('offers pieces only of what comes in pieces', () => {
    expect(unitsFor(findIngredient('egg'))).toContain('piece');
    expect(unitsFor(findIngredient('milk'))).not.toContain('piece');
  });
});

describe('analysing a formula', () => {
  // A turned-out milk custard. Worked by hand: 5 eggs and 5 yolks (EU M) are 258.1 + 89.0 = 347.1 g,
  // to 1 L of milk at 1.03 = 1030 g: egg : liquid 0.337. Source of the band: common practice, 0.30
  // to 0.40, sugar 9.5 to 14 %.
  const custard = [
    line('milk', 1, 'l'),
    line('egg', 5, 'piece'),
    line('egg-yolk', 5, 'piece'),
    line('sugar', 180),
    line('vanilla-pod', 1, 'piece'),
  ];

  it('finds the ratios of a turned-out milk custard in the trade’s band', () => {
    const found = analyse(custard, 'EU M');
    expect(found.eggToLiquid).toBeCloseTo(0.337, 3);
    expect(found.share.sugar).toBeGreaterThan(0.095);
    expect(found.share.sugar).toBeLessThan(0.16);
    // 180 g of sugar and 4.6 % lactose of 1030 g in 1557.1 g: 0.1457 with the egg's own traces.
    expect(found.share.sugar).toBeCloseTo(0.147, 2);
    expect(found.mixtureG).toBeCloseTo(1557.1, 0);
    expect(found.totalG - found.mixtureG).toBeCloseTo(3, 6);
    // yolk 89.0 + 0.345 × 258.1 = 178.1; white 0.655 × 258.1 = 169.1
    expect(found.yolkToWhite).toBeCloseTo(178.1 / 169.1, 2);
    expect(found.problems).toEqual([]);
  });

  // Source: common practice. A litre of milk, ten eggs' worth and sugar make about a litre and a half.
  it('weighs and fills as a kitchen would expect', () => {
    const found = analyse(custard, 'EU M');
    expect(found.whole.densityGMl).toBeGreaterThan(1.03);
    expect(found.whole.densityGMl).toBeLessThan(1.09);
    expect(found.whole.volumeMl).toBeGreaterThan(1400);
    expect(found.whole.volumeMl).toBeLessThan(1550);
  });

  // Common practice: raw figs, pineapple and the like take gelatine apart; without gelatine there is nothing to caution of.
  it('cautions of raw fruit beside gelatine only, and leaves a cold-set layer to its judge', () => {
    const figs = [...custard, line('figs', 200)];
    expect(analyse(figs, 'EU M').hazards).toEqual([]);
    const set = [...figs, line('gelatine-leaf', 4)];
    expect(analyse(set, 'EU M').hazards).toEqual(['enzyme']);
    expect(analyse(set, 'EU M', undefined, 'cold-set').hazards).toEqual([]);
  });

  it('gathers allergens and cautions', () => {
    const found = analyse([...custard, line('honey', 20)], 'EU M');
    expect(found.allergens).toEqual(['milk', 'egg']);
    expect(found.hazards).toHaveLength(1);
    expect(found.diet).toBe('vegetarian');
    expect(analyse([line('oat-drink', 500), line('agar', 2)], 'EU M').diet).toBe('vegan');
    expect(analyse([...custard, line('gelatine-leaf', 4)], 'EU M').diet).toBe('neither');
  });

  it('leaves a bad line out and says where it is', () => {
    const found = analyse([line('milk', 500), line('sugar', -5), line('egg-yolk', 80)], 'EU M');
    expect(found.problems).toMatchObject([{ code: 'line.negative', path: 'lines.1.amount' }]);
    expect(found.mixtureG).toBeCloseTo(580, 6);
  });

  it('says that an empty formula is empty, and has no ratios', () => {
    const found = analyse([], 'EU M');
    expect(found.problems[0]?.code).toBe('formula.empty');
    expect(found.eggToLiquid).toBeUndefined();
    expect(found.yolkToWhite).toBeUndefined();
    expect(found.whole.volumeMl).toBe(0);
  });
});

describe('scaling', () => {
  it('keeps every ratio', () => {
    const lines = [line('cream', 400), line('egg-yolk', 100), line('sugar', 60)];
    const before = analyse(lines, 'EU M');
    const after = analyse(scaleLines(lines, 1.37), 'EU M');
    expect(after.mixtureG).toBeCloseTo(before.mixtureG * 1.37, 6);
    expect(after.eggToLiquid).toBeCloseTo(before.eggToLiquid ?? 0, 12);
    expect(() => scaleLines(lines, -1)).toThrow(RangeError);
  });
});

describe('the two views of a list', () => {
  const almond = [
    line('ground-almonds', 120),
    line('butter', 110),
    line('sugar', 100),
    line('egg', 100),
    line('plums', 250),
  ];

  // Worked by hand: with its nuts the mixture of a nut cream is 430 g, without them 310; with the plums 680 g go in.
  it('count ground nuts in the mixture of a nut cream, fruit in the whole', () => {
    const cream = analyse(almond, 'EU M', findIngredient, 'nut-cream');
    expect(cream.mixtureG).toBeCloseTo(430, 6);
    expect(cream.whole.grams).toBeCloseTo(680, 6);
    expect(cream.share.addedSugar).toBeCloseTo(100 / 430, 6);
    const custard = analyse(almond, 'EU M', findIngredient, 'baked-custard');
    expect(custard.mixtureG).toBeCloseTo(310, 6);
    expect(custard.whole.grams).toBeCloseTo(680, 6);
  });

  // What is infused is strained out: it is in neither.
  it('leave out what is strained out', () => {
    const infused = analyse([line('cream', 400), line('bay-leaf', 3)], 'EU M');
    expect(infused.whole.grams).toBeCloseTo(400, 6);
    expect(infused.totalG).toBeCloseTo(403, 6);
  });

  // Worked by hand: 60 g of sugar and 40 g of syrup in 500 g are 20 %, though the syrup is part water; condensed milk of
  // 45 % sucrose (label, from memory) brings 45 g in 100.
  it('count added sugar as cooks do, a syrup by its weight', () => {
    const syrup = analyse(
      [line('cream', 400), line('sugar', 60), line('golden-syrup', 40)],
      'EU M',
    );
    expect(syrup.share.addedSugar).toBeCloseTo(0.2, 6);
    expect(syrup.share.sugar).not.toBeCloseTo(0.2, 3);
    const sweetened = analyse([line('condensed-milk', 100), line('milk', 100)], 'EU M');
    expect(sweetened.share.addedSugar).toBeGreaterThan(0.2);
    expect(sweetened.share.addedSugar).toBeLessThan(0.25);
    expect(analyse([line('milk', 500)], 'EU M').share.addedSugar).toBe(0);
  });

  // Worked by hand: 20 g of flour in 400 g is 5 %, of which three quarters are starch.
  it('count flour by its weight', () => {
    const floury = analyse([line('milk', 380), line('wheat-flour', 20)], 'EU M');
    expect(floury.share.addedStarch).toBeCloseTo(0.05, 6);
    expect(floury.share.starch).toBeLessThan(0.04);
  });
});

describe('what is not measured', () => {
  const unknown = (ingredientId: string): Line => ({ ...line(ingredientId, 0), vague: 'unknown' });
  const byEye = (ingredientId: string): Line => ({ ...line(ingredientId, 0), vague: 'by-eye' });

  it('is unknown, not nothing, and names the line that would tell', () => {
    const found = analyse([line('egg-yolk', 100), unknown('cream'), line('sugar', 80)], 'EU M');
    expect(found.problems).toEqual([]);
    expect(cannotTell(found)).toEqual({
      code: 'formula.cannot-tell',
      values: { name: 'whipping cream', more: 0 },
    });
    const two = analyse([unknown('cream'), unknown('milk')], 'EU M');
    expect(cannotTell(two)?.values).toEqual({ name: 'whipping cream', more: 1 });
    expect(cannotTell(analyse([line('cream', 100)], 'EU M'))).toBeUndefined();
  });

  it('goes in by eye: left out of the ratios, and named', () => {
    const found = analyse([line('cream', 400), line('sugar', 100), byEye('honey')], 'EU M');
    expect(cannotTell(found)).toBeUndefined();
    expect(found.share.addedSugar).toBeCloseTo(0.2, 6);
    expect(leftOutByEye(found)?.values?.names).toContain('honey');
  });

  // Nothing is guessed, least of all an allergen: what is on the list is in the food.
  it.each([unknown, byEye])('brings its allergens, its diet and its caution along', (vague) => {
    const found = analyse([line('cream', 400), vague('hazelnuts'), vague('honey')], 'EU M');
    expect(found.allergens).toContain('nuts');
    expect(found.hazards).toHaveLength(1);
    expect(analyse([vague('gelatine-leaf')], 'EU M').diet).toBe('neither');
  });

  it('that is no ingredient at all is a problem at its field', () => {
    const found = analyse([unknown('moonlight')], 'EU M');
    expect(found.problems).toMatchObject([
      { code: 'line.no-ingredient', path: 'lines.0.ingredientId' },
      { code: 'formula.empty' },
    ]);
  });

  it('is not kept as an amount of nothing when it is swapped for what may be used instead', () => {
    const cream: Line = {
      ...unknown('cream'),
      instead: { ingredientId: 'milk', amount: 300, unit: 'g' },
    };
    expect(swapped(cream)).toEqual({ id: cream.id, ingredientId: 'milk', amount: 300, unit: 'g' });
  });
});

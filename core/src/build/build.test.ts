/** A tart of several components, each figure worked out by hand beside it. */
import { findIngredient } from '../ingredients/catalogue';
import type { Vessel } from '../vessel';
import { buildOf, type BuildContext } from './build';
import { fitOf } from './fit';
import { pricesPerG } from './cost';
import { scaleBuild, toInHand, toPortions } from './scale';
import { type BuildFormula, type BuildPart } from './part';

let nextId = 0;
const lines = (list: Record<string, readonly [number, 'g' | 'piece']>) =>
  Object.entries(list).map(([ingredientId, [amount, unit]]) => ({
    id: `${ingredientId}-${(nextId += 1)}`,
    ingredientId,
    amount,
    unit,
  }));

const part = (over: Partial<BuildPart>): BuildPart => ({
  id: `part-${(nextId += 1)}`,
  name: 'part',
  kind: 'other-part',
  place: 'apart',
  lines: [],
  formulaId: null,
  eachG: null,
  vessels: null,
  bakesAlong: false,
  ...over,
});

const formula = (over: Partial<BuildFormula> = {}): BuildFormula => ({
  name: 'Tart',
  family: 'baked-custard',
  shell: 'sweet-dough',
  lines: lines({
    cream: [400, 'g'],
    milk: [150, 'g'],
    'egg-yolk': [6, 'piece'],
    sugar: [80, 'g'],
  }),
  parts: [],
  vesselCount: 1,
  shellThicknessMm: 3,
  headspaceMm: 3,
  portionsEach: 8,
  lossShare: 0,
  ...over,
});

const tin: Vessel = {
  name: 'Tart tin',
  kind: 'straight-tin',
  baseDiameterMm: 240,
  topDiameterMm: 240,
  heightMm: 30,
  lipMm: 0,
  material: 'bright-tin',
};
const context = (over: Partial<BuildContext> = {}): BuildContext => ({
  grade: 'EU M',
  vessel: tin,
  formulaOf: () => undefined,
  ...over,
});

const dough = lines({
  'wheat-flour': [250, 'g'],
  butter: [125, 'g'],
  'icing-sugar': [90, 'g'],
  egg: [1, 'piece'],
});
const shell = part({ name: 'dough', kind: 'sweet-dough', place: 'shell', lines: dough });

describe('a build', () => {
  // Worked by hand: 24 + 2 × 3 + 2 = 32 cm at 3 mm and 1.2 g/cm³ is 289.5 g; the batch is 516.6 g.
  it('weighs the dough against the discs the tins want', () => {
    const [built] = buildOf(formula({ parts: [shell] }), context()).parts;
    expect(built?.wantedG).toBeCloseTo(289.5, 1);
    expect(built?.batchG).toBeCloseTo(516.6, 1);
    expect(built?.leftG).toBeCloseTo(227.1, 1);
    const two = buildOf(formula({ parts: [shell], vesselCount: 2 }), context()).parts[0];
    expect(two?.leftG).toBeCloseTo(-62.4, 1);
  });

  // Six yolks and one whole egg (EU M): seven eggs, six whites left, 6 × 33.81 = 202.9 g. A meringue
  // of 120 g of white takes 3.55 of them.
  it('counts what is left over, through all its components', () => {
    const left = (parts: BuildPart[]) =>
      buildOf(formula({ parts }), context()).byProducts.find(
        ({ what }) => what.code === 'build.whites',
      );
    expect(left([shell])).toMatchObject({ count: 6 });
    expect(left([shell])?.grams).toBeCloseTo(202.9, 1);
    const meringue = part({
      kind: 'meringue-swiss',
      place: 'over',
      lines: lines({ 'egg-white': [120, 'g'], sugar: [200, 'g'] }),
    });
    expect(left([shell, meringue])?.count).toBeCloseTo(2.5, 1);
    const made = buildOf(formula({ parts: [shell, meringue] }), context());
    expect(made.eggs.eggs).toBe(7);
    expect(made.byProducts.map(({ what }) => what)).toContainEqual({
      code: 'build.trimmings',
      values: { name: 'dough' },
    });
  });

  it('adds what several components use into one thing to fetch, and says what is kept back', () => {
    const own = formula();
    const sugared = own.lines.map((line) =>
      line.ingredientId === 'milk' ? { ...line, heldBack: 60 } : line,
    );
    const topping = part({ lines: lines({ sugar: [20, 'g'], cream: [100, 'g'] }) });
    const { needs } = buildOf({ ...own, lines: sugared, parts: [topping] }, context());
    const need = (id: string) => needs.find(({ ingredient }) => ingredient.id === id);
    expect(need('sugar')).toMatchObject({ grams: 100, uses: 2 });
    expect(need('cream')).toMatchObject({ grams: 500 });
    expect(need('milk')).toMatchObject({ grams: 150, heldBackG: 60 });
  });

  it('makes as much of a formula of the book as the vessels want, with all it is made of', () => {
    const ganache = formula({
      name: 'Seal',
      lines: lines({ 'dark-chocolate': [100, 'g'], cream: [100, 'g'] }),
      parts: [part({ lines: lines({ hazelnuts: [50, 'g'] }) })],
    });
    const seal = part({ kind: 'seal', place: 'under', formulaId: 'book', eachG: 30 });
    const built = buildOf(
      formula({ parts: [seal], vesselCount: 4 }),
      context({ formulaOf: (id) => (id === 'book' ? ganache : undefined) }),
    );
    // 4 × 30 of a batch of 200 g is 0.6 of it.
    expect(built.parts[0]).toMatchObject({ wantedG: 120, batches: 0.6 });
    const nuts = built.needs.find(({ ingredient }) => ingredient.id === 'hazelnuts');
    expect(nuts?.grams).toBeCloseTo(30, 9);
    expect(built.allergens).toContain('nuts');
  });

  // Worked by hand. The filling is 1000 g of sugar, a tenth of which stays in the bowl; a component of 200 g gives 30 g to each of
  // three of the four tins. Sugar, 99.9 % of itself, has 17 kJ/g (Regulation (EU) 1169/2011, annex XIV): 990 × 0.999 × 17 = 16,813.17 kJ for 24
  // portions of 990 / 24 = 41.25 g. Bought are 1200 g at 2 a kilo.
  it('of nothing neutral comes to what a pen comes to', () => {
    const sugar = (grams: number) => lines({ sugar: [grams, 'g'] });
    const topping = part({ place: 'over', lines: sugar(200), eachG: 30, vessels: 3 });
    const sweet = formula({
      ...{ lines: sugar(1000), parts: [topping], vesselCount: 4, portionsEach: 6 },
      ...{ lossShare: 0.1, shell: 'none' as const },
    });
    const prices = pricesPerG([{ ingredientId: 'sugar', price: 2, amount: 1, unit: 'kg' }], 'EU M');
    const built = buildOf(sweet, context({ prices }));
    expect(built.portions).toBe(24);
    expect(built.energyKj).toBeCloseTo(16_813.17 / 24, 6);
    expect(built.portionG).toBeCloseTo(41.25, 9);
    expect(built.cost).toBeCloseTo(2.4 / 24, 9);
    expect(built.knownCost).toBeCloseTo(2.4, 9);
    expect(built.parts[0]).toMatchObject({
      ...{ batchG: 200, wantedG: 90, leftG: 110, usedG: 90, vessels: 3, batches: 1 },
    });
    expect(built.byProducts).toMatchObject([
      { what: { code: 'build.left-over', values: { name: 'part' } }, grams: 110 },
    ]);
  });

  // Worked by hand: 100 g of sugar (0.1 g of it water) cooked with 30 g of water, for four tins: 24.975 g set in each, 0.7 mL a
  // gram: 17.4825 mL.
  it('takes the room under a filling that its caramel needs once the water has boiled off', () => {
    const caramel = part({
      ...{ kind: 'caramel', place: 'under' },
      lines: lines({ sugar: [100, 'g'], water: [30, 'g'] }),
    });
    const built = buildOf(formula({ parts: [caramel], vesselCount: 4, shell: 'none' }), context());
    expect(built.parts[0]?.batchG).toBeCloseTo(99.9, 9);
    expect(built.parts[0]?.eachMl).toBeCloseTo(17.4825, 9);
    expect(built.takenMl).toBeCloseTo(17.4825, 9);
  });

  // Worked by hand: of the second book formula (300 g) four tins want 30 g each, 0.4 of a batch; one batch of that takes 5 × 10 g of the
  // first (200 g, half of it butter), a quarter: a tenth of 100 g of butter. Named twice in it, twice that.
  it('follows a formula through another, as often as it is named', () => {
    const inner = formula({ lines: lines({ sugar: [100, 'g'], butter: [100, 'g'] }) });
    const within = () => part({ formulaId: 'inner', eachG: 10 });
    const outer = (times: number) =>
      formula({
        ...{ lines: lines({ cream: [300, 'g'] }), vesselCount: 5 },
        parts: Array.from({ length: times }, within),
      });
    const butterOf = (times: number) =>
      buildOf(
        formula({
          ...{ lines: lines({ milk: [500, 'g'] }), vesselCount: 4 },
          parts: [part({ formulaId: 'outer', eachG: 30 })],
        }),
        context({ formulaOf: (id) => (id === 'inner' ? inner : outer(times)) }),
      ).needs.find(({ ingredient }) => ingredient.id === 'butter')?.grams;
    expect(butterOf(1)).toBeCloseTo(10, 9);
    expect(butterOf(2)).toBeCloseTo(20, 9);
  });

  it('says when a component is gone from the book, or goes round in a circle', () => {
    const gone = part({ formulaId: 'gone' });
    expect(buildOf(formula({ parts: [gone] }), context()).problems).toMatchObject([
      { code: 'build.part-missing', path: 'parts.0.formulaId' },
    ]);
    const round: BuildFormula = formula({ parts: [part({ formulaId: 'round', eachG: 10 })] });
    const codes = buildOf(round, context({ formulaOf: () => round })).problems.map(
      ({ code }) => code,
    );
    expect(codes).toContain('build.part-circular');
  });

  // Worked by hand: cream 400 g at 6/kg 2.40, milk 150 g at 1/kg 0.15, sugar 80 g at 2/kg 0.16, six
  // eggs at 0.30 1.80: 4.51 for 8 portions.
  it('costs a portion when everything is priced, and names what is not', () => {
    const prices = pricesPerG(
      [
        { ingredientId: 'cream', price: 6, amount: 1, unit: 'kg' },
        { ingredientId: 'milk', price: 1, amount: 1, unit: 'kg' },
        { ingredientId: 'sugar', price: 1, amount: 500, unit: 'g' },
        { ingredientId: 'egg', price: 3.6, amount: 12, unit: 'piece' },
        { ingredientId: 'moonlight', price: 1, amount: 1, unit: 'g' },
      ],
      'EU M',
    );
    expect(prices.has('moonlight')).toBe(false);
    expect(buildOf(formula(), context({ prices })).cost).toBeCloseTo(4.51 / 8, 6);
    const nutty = formula({ parts: [part({ lines: lines({ hazelnuts: [50, 'g'] }) })] });
    const built = buildOf(nutty, context({ prices }));
    expect(built.cost).toBeUndefined();
    expect(built.unpriced).toEqual([findIngredient('hazelnuts')!.name]);
  });

  // Source: USDA typical values, from memory: cream of 36 % about 1400 kJ, milk 260 kJ, yolk 1350 kJ,
  // sugar 1700 kJ in 100 g: 400 × 14 + 150 × 2.6 + 106.9 × 13.5 + 80 × 17 = 8793 kJ.
  it('gives the energy of a portion', () => {
    const { energyKj, portionG } = buildOf(formula(), context());
    expect(Math.abs(energyKj! - 8793 / 8)).toBeLessThan(0.06 * (8793 / 8));
    expect(portionG).toBeCloseTo((400 + 150 + 106.9 + 80) / 8, 0);
  });
});

describe('the filling of a build', () => {
  // Worked by hand: 100 g of caramel take 70 mL (common practice).
  it('leaves room for what lies under it', () => {
    const caramel = part({
      kind: 'caramel',
      place: 'under',
      lines: lines({ sugar: [100, 'g'], water: [30, 'g'] }),
    });
    const bare = formula();
    const coated = formula({ parts: [caramel] });
    const fit = (of: BuildFormula) => {
      const result = fitOf(of, buildOf(of, context()), tin);
      if (!result.ok) throw new Error(result.problem.code);
      return result.value;
    };
    expect(buildOf(coated, context()).takenMl).toBeCloseTo(70, 0);
    const ml = (of: BuildFormula) =>
      fit(of).wanted.massG / buildOf(of, context()).filling.whole.densityGMl;
    expect(ml(bare) - ml(coated)).toBeCloseTo(70, 0);
    expect(fit(coated).wanted.depthMm).toBe(fit(bare).wanted.depthMm);
  });

  it('is mixed more generously where some stays in the bowl', () => {
    const fit = (lossShare: number) => {
      const of = formula({ lossShare });
      const result = fitOf(of, buildOf(of, context()), tin);
      return result.ok ? result.value.toMixG : Number.NaN;
    };
    expect(fit(0.05)).toBeCloseTo(fit(0) / 0.95, 6);
  });
});

describe('scaling a build', () => {
  const whole = formula({ parts: [shell] });
  const amounts = (of: BuildFormula) =>
    [...of.lines, ...of.parts.flatMap((each) => each.lines)].map((line) => line.amount);

  it('scales every list of its own', () => {
    expect(amounts(scaleBuild(whole, 2))).toEqual(amounts(whole).map((amount) => amount * 2));
  });

  it('goes by portions, in whole vessels', () => {
    const result = toPortions(whole, 20);
    if (!result.ok) throw new Error(result.problem.code);
    expect(result.value.vesselCount).toBe(3);
    expect(amounts(result.value)).toEqual(amounts(whole).map((amount) => amount * 3));
    expect(toPortions(whole, 0).ok).toBe(false);
    expect(toPortions(whole, 2.5).ok).toBe(false);
  });

  it('goes by what is in hand', () => {
    const yolks = whole.lines.find((line) => line.ingredientId === 'egg-yolk')!;
    const nine = toInHand(whole, yolks.id, 9);
    if (!nine.ok) throw new Error(nine.problem.code);
    // Each as a scale shows it: 187.5 g are weighed as 188.
    const weighed = (amount: number) => (amount < 10 ? amount : Math.round(amount));
    expect(amounts(nine.value)).toEqual(amounts(whole).map((amount) => weighed(amount * 1.5)));
    expect(nine.value.vesselCount).toBe(1);
    expect(toInHand(whole, 'nothing', 9).ok).toBe(false);
    expect(toInHand(whole, yolks.id, -1).ok).toBe(false);
  });
});

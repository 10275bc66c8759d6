/** A formula where it is baked, as a plan: what lies under and over, topping up, signs, the shell. */
import {
  analyse,
  findIngredient,
  forecast,
  insideOf,
  MODEL_VERSION,
  volumeMl,
  type ForecastPlan,
} from '@hollow-moon/core';
import {
  blindPlanOf,
  formulaDataSchema,
  forecastPlanSchema,
  foreseenFrom,
  ovenUseSchema,
  PLAIN_BUILD,
  PLAIN_OVEN_USE,
  plannedSchema,
  planOf,
  type BakedIn,
  type FormulaData,
  type PartData,
} from './index';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const listed = (from: number, grams: Readonly<Record<string, number>>): PartData['lines'] =>
  Object.entries(grams).map(([ingredientId, amount], index) => ({
    id: id(from + index),
    ingredientId,
    amount,
    unit: 'g' as const,
  }));
const part = (n: number, given: Partial<PartData>): PartData => ({
  id: id(300 + n),
  name: `Part ${n}`,
  kind: 'fruit-and-nuts',
  place: 'under',
  lines: listed(400 + 20 * n, { plums: 300 }),
  formulaId: null,
  eachG: null,
  vessels: null,
  bakesAlong: false,
  ...given,
});

const custard: FormulaData = {
  name: 'Custard',
  family: 'baked-custard',
  shell: 'sweet-dough',
  shellThicknessMm: 3,
  lines: listed(100, { cream: 500, 'egg-yolk': 150, sugar: 80 }),
  note: '',
  vesselId: id(31),
  vesselCount: 2,
  headspaceMm: 3,
  ovenId: id(21),
  setC: 140,
  fillingStartC: 45,
  ...PLAIN_BUILD,
  parts: [],
};
const almonds: FormulaData = {
  ...custard,
  name: 'Almond cream',
  family: 'nut-cream',
  lines: listed(200, { 'ground-almonds': 100, butter: 100, sugar: 100, egg: 100 }),
};

const where: BakedIn = {
  kitchen: {
    name: 'K',
    eggGrade: 'EU M',
    altitudeM: 120,
    roomC: 24,
    currency: 'EUR',
    kWhPrice: null,
  },
  vessel: {
    name: 'Tin',
    kind: 'straight-tin',
    baseDiameterMm: 240,
    topDiameterMm: 240,
    heightMm: 40,
    lipMm: 0,
    material: 'bright-tin',
    owned: 2,
    archived: false,
  },
  oven: { name: 'Oven', kind: 'still', offsetK: -4, swingK: 6, archived: false },
  own: [],
  formulaOf: (wanted) => (wanted === id(77) ? almonds : undefined),
};
const plan = (change: Partial<FormulaData> = {}, at: Partial<BakedIn> = {}): ForecastPlan =>
  planOf({ ...custard, ...change }, { ...where, ...at });

describe('a plan', () => {
  it('has what kitchen, oven and formula say, and nothing that is not used', () => {
    expect(plan()).toMatchObject({
      altitudeM: 120,
      roomC: 24,
      eggGrade: 'EU M',
      oven: { kind: 'still', offsetK: -4 },
      programme: { swingK: 6 },
      inOven: 2,
      shellShade: 'golden',
    });
    for (const left of ['laid', 'topUp', 'bath', 'own', 'rawShell', 'foil', 'standing', 'pull']) {
      expect(plan()).not.toHaveProperty(left);
    }
    expect(plan({}, { oven: { ...where.oven, swingK: 0 } })).not.toHaveProperty('programme');
  });

  it('takes what is tried over what is kept', () => {
    const tried = planOf(custard, where, { altitudeM: 2000, pull: 'latest' });
    expect(tried).toMatchObject({ altitudeM: 2000, pull: 'latest' });
  });

  it('uses the oven as the formula has it', () => {
    const { ovenUse } = custard;
    expect(plan({ ovenUse: { ...ovenUse, mode: 'fan' } }).oven.kind).toBe('fan');
    expect(plan({ ovenUse: { ...ovenUse, mode: null } }).oven.kind).toBe(where.oven.kind);
  });

  it('is for a raw shell, or one baked to its shade', () => {
    const { shellBake } = custard;
    expect(plan({ shellBake: { ...shellBake, raw: true } })).toMatchObject({ rawShell: true });
    expect(plan({ shellBake: { ...shellBake, target: 'straw' } }).shellShade).toBe('straw');
    expect(plan({ shell: 'none' })).not.toHaveProperty('shellShade');
    expect(plan({ shell: 'none' }).shellThicknessMm).toBe(0);
  });
});

describe('what lies under and over', () => {
  it('goes in by place: all that is under, of what is over only what is baked along', () => {
    const { laid } = plan({
      parts: [
        part(1, { name: 'Under' }),
        part(2, { name: 'Glaze', place: 'over' }),
        part(3, { name: 'Crumble', place: 'over', bakesAlong: true }),
        part(4, { name: 'Sauce', place: 'apart', bakesAlong: true }),
        part(5, { name: 'Dough', place: 'shell', kind: 'sweet-dough' }),
      ],
    });
    expect(laid!.map(({ name, place }) => [name, place])).toEqual([
      ['Under', 'under'],
      ['Crumble', 'over'],
    ]);
    // 300 g of plums over two tins, at 1 g/mL as fruit lies.
    expect(laid![0]!.ml).toBeCloseTo(150, 6);
  });

  it('is raw only where it is a filling that is to bake along', () => {
    const raw = (given: Partial<PartData>) => plan({ parts: [part(1, given)] }).laid![0]!.raw;
    expect(raw({ kind: 'nut-cream', bakesAlong: true })).toBe(true);
    expect(raw({ kind: 'nut-cream' })).toBe(false);
    expect(raw({ bakesAlong: true })).toBe(false);
  });

  it('has the list of the formula it is made from, and a caramel without its water', () => {
    const fromBook = plan({
      parts: [part(1, { kind: 'nut-cream', formulaId: id(77), lines: [] })],
    });
    expect(fromBook.laid![0]!.lines.map(({ ingredientId }) => ingredientId)).toEqual([
      'ground-almonds',
      'butter',
      'sugar',
      'egg',
    ]);
    const caramel = plan({
      parts: [part(1, { kind: 'caramel', lines: listed(500, { sugar: 150, water: 50 }) })],
    });
    expect(caramel.laid![0]!.lines.map(({ ingredientId }) => ingredientId)).toEqual(['sugar']);
    // Common practice: 70 mL for 100 g of its sugar, half of it in each of two moulds.
    expect(caramel.laid![0]!.ml).toBeCloseTo(0.7 * 75, 0);
  });

  it('brings the kitchen’s own ingredients along, and only those that are used', () => {
    const plums = analyse(listed(1, { plums: 1 }), 'EU M').lines[0]!.ingredient!;
    const own = [
      { ...plums, id: 'own-plum' },
      { ...plums, id: 'own-pear' },
    ];
    const { own: taken } = plan(
      { parts: [part(1, { lines: listed(600, { 'own-plum': 200 }) })] },
      { own },
    );
    expect(taken!.map(({ id }) => id)).toEqual(['own-plum']);
  });

  it('leaves a full tin as much filling as there is room for', () => {
    const { fillingG: _batch, ...full } = plan({ parts: [part(1, {})] });
    const made = forecast(full);
    if (!made.ok) throw new Error(made.problem.code);
    const { fill, under } = made.value.field;
    const inside = { ...insideOf(where.vessel), heightMm: 34 };
    const frustum =
      (Math.PI / 3) *
      fill.depthM *
      (fill.bottomRadiusM ** 2 + fill.bottomRadiusM * fill.topRadiusM + fill.topRadiusM ** 2);
    const room = volumeMl({
      ...inside,
      baseLengthMm: 234,
      baseBreadthMm: 234,
      topLengthMm: 234,
      topBreadthMm: 234,
    });
    expect(frustum * 1e6 + 150).toBeCloseTo(room, 0);
    expect(under[0]!.name).toBe('Part 1');
  });

  // Worked by hand: 730 g in the list, a tenth of it left in the bowl, shared by two tins: 328.5 g in each.
  it('forecasts the batch that is there, not a full tin', () => {
    const batch = plan({ lossShare: 0.1 });
    expect(batch.fillingG).toBeCloseTo(328.5, 6);
    const made = forecast(batch);
    if (!made.ok) throw new Error(made.problem.code);
    const { level, field } = made.value;
    expect(level.massG).toBeCloseTo(328.5, 6);
    expect(level.overflowG).toBe(0);
    expect(level.wantedG).toBeGreaterThan(1000);
    // As a disc 234 mm across, at the density of the list: about 7 mm.
    expect(field.fill.depthM * 1000).toBeGreaterThan(6.5);
    expect(field.fill.depthM * 1000).toBeLessThan(7.8);
    expect(level.depthMm).toBeCloseTo(field.fill.depthM * 1000, 6);
  });

  it('fills to the rim where the batch is too large, and says by how much', () => {
    const made = forecast(
      plan({ vesselCount: 1, lines: listed(100, { cream: 1400, 'egg-yolk': 400, sugar: 220 }) }),
    );
    if (!made.ok) throw new Error(made.problem.code);
    const { level } = made.value;
    expect(level.gapMm).toBe(0);
    expect(level.massG + level.overflowG).toBeCloseTo(2020, 6);
    expect(level.overflowG).toBeGreaterThan(300);
  });

  it('passes on that an amount is unknown, and the forecast names the line', () => {
    const [cream, ...rest] = listed(100, { cream: 500, 'egg-yolk': 150, sugar: 80 });
    const made = forecast(plan({ lines: [{ ...cream!, amount: 0, vague: 'unknown' }, ...rest] }));
    expect(made).toMatchObject({
      ok: false,
      problem: { code: 'formula.cannot-tell', path: 'lines' },
    });
    expect(!made.ok && made.problem.values?.name).toMatch(/cream/);
  });
});

describe('the oven’s use on the wire', () => {
  const read = (change: object) => ovenUseSchema.safeParse({ ...PLAIN_OVEN_USE, ...change });
  const says = (change: object) => read(change).error?.issues[0]?.message ?? '';

  it('takes steps by the minute and on signs, in any mixture', () => {
    const steps = [
      { atMin: 10, to: 150 },
      { atMin: 0, on: 'rim-set', to: 130 },
      { atMin: 30, to: 'off-shut' },
    ];
    expect(read({ steps }).data?.steps).toEqual(steps);
  });

  it.each([
    ['a first step at nothing', { steps: [{ atMin: 0, to: 150 }] }, 'bake.first-step'],
    [
      'minutes out of order',
      {
        steps: [
          { atMin: 20, to: 150 },
          { atMin: 10, to: 140 },
        ],
      },
      'bake.steps-order',
    ],
    ['a sign nobody knows', { steps: [{ atMin: 0, on: 'full-moon', to: 150 }] }, 'expected one of'],
    ['a sip first', { topUp: { share: 0.1, atMin: 10 } }, 'field.top-up-share'],
    ['all of it first', { topUp: { share: 1, atMin: 10 } }, 'field.top-up-share'],
    ['the rest before it is in', { topUp: { share: 0.5, atMin: 0 } }, 'field.top-up-minute'],
    ['the rest next morning', { topUp: { share: 0.5, atMin: 600 } }, 'field.top-up-minute'],
  ])('refuses %s', (_, change, message) => {
    expect(says(change)).toContain(message);
  });

  it('fills out a formula from before ovens could do all this', () => {
    const { topUp: _topUp, ...before } = PLAIN_OVEN_USE;
    const { bakesAlong: _along, ...plain } = part(1, {});
    const read = formulaDataSchema.parse({ ...custard, ovenUse: before, parts: [plain] });
    expect(read.ovenUse.topUp).toBeNull();
    expect(read.parts[0]!.bakesAlong).toBe(false);
  });
});

describe('what is kept with a bake', () => {
  it('has each sign with its minute, and when the rest is poured', () => {
    const { ovenUse } = custard;
    const use = {
      ...ovenUse,
      steps: [{ atMin: 0, on: 'rim-set' as const, to: 120 }],
      topUp: { share: 0.6, atMin: 8 },
    };
    const made = forecast(plan({ ovenUse: use, setC: 160 }));
    if (!made.ok) throw new Error(made.problem.code);
    const kept = foreseenFrom(made.value, use);
    expect(kept.topUpS).toBe(480);
    expect(kept.steps).toHaveLength(1);
    expect(kept.steps![0]).toMatchObject({ on: 'rim-set', to: 120 });
    expect(kept.steps![0]!.atS).toBeGreaterThan(480);
    expect(kept.curve.every(([s], index) => index === 0 || s >= kept.curve[index - 1]![0])).toBe(
      true,
    );
    expect(foreseenFrom(made.value)).not.toHaveProperty('topUpS');
  });
});

describe('a plan that is kept with a bake', () => {
  const fruit = part(2, {
    place: 'under',
    kind: 'fruit-and-nuts',
    lines: listed(800, { plums: 200 }),
    bakesAlong: true,
  });
  const used = {
    ...custard.ovenUse,
    steps: [
      { atMin: 0, on: 'rim-set' as const, to: 120 },
      { atMin: 40, to: 'off-ajar' as const },
    ],
    doors: [{ atMin: 5, forS: 20 }],
    entersAtC: 190,
    standing: 'hot-tray' as const,
    foil: true,
    topUp: { share: 0.6, atMin: 8 },
  };
  const bath = { panLengthMm: 400, panBreadthMm: 350, levelMm: 20, waterC: 80 };

  // Everything a forecast depends on is in it: what comes back from JSON is the same plan, and foresees the same.
  it.each([
    ['as it is', {}],
    ['with all that can be done to an oven', { ovenUse: used, setC: 165, parts: [fruit] }],
    ['in a bath, wrapped', { bath, shell: 'none' as const, ovenUse: { ...used, wrapped: true } }],
    [
      'with an amount nobody knows',
      {
        lines: custard.lines.map((line, index) =>
          index === 0 ? { ...line, amount: 0, vague: 'unknown' as const } : line,
        ),
      },
    ],
  ])('comes back whole, %s', (_, change) => {
    const made = plan(change);
    const kept = plannedSchema.parse(
      JSON.parse(JSON.stringify({ plan: made, formulaVersion: 3, modelVersion: MODEL_VERSION })),
    );
    expect(kept.plan).toEqual(made);
    const [now, again] = [forecast(made, { brief: true }), forecast(kept.plan, { brief: true })];
    expect(again).toEqual(now);
  });

  it('has the kitchen’s own ingredients as they were', () => {
    const own = { ...findIngredient('cream')!, id: 'own-cream', name: 'Cream of the farm' };
    const lines = custard.lines.map((line) =>
      line.ingredientId === 'cream' ? { ...line, ingredientId: own.id } : line,
    );
    const made = planOf({ ...custard, lines }, { ...where, own: [own] });
    const kept = forecastPlanSchema.parse(JSON.parse(JSON.stringify(made)));
    expect(kept.own).toEqual([own]);
  });

  it('is refused where it is none', () => {
    for (const wrong of [null, {}, { ...plan({}), lines: 'moon' }, { ...plan({}), setC: null }]) {
      expect(forecastPlanSchema.safeParse(wrong).success).toBe(false);
    }
  });
});

describe('a plan for the empty shell', () => {
  it('has the dough of its own component, and the measures of the tin', () => {
    const dough = part(1, {
      place: 'shell',
      kind: 'sweet-dough',
      lines: listed(700, { 'wheat-flour': 250, butter: 150, 'icing-sugar': 100, egg: 50 }),
    });
    const blind = blindPlanOf({ ...custard, parts: [dough] }, where);
    expect(blind).toMatchObject({ thicknessMm: 3, material: 'bright-tin', wallHeightMm: 40 });
    expect(blind.baseMm2).toBeCloseTo((Math.PI / 4) * 240 ** 2, 0);
    expect(blind.wallMm2).toBeCloseTo(Math.PI * 240 * 40, 0);
    // Weights up to the rim: 40 less the 3 mm of the base; never less than a layer of them.
    expect(blind.weightsMm).toBe(37);
    const thick = { ...custard, parts: [dough], shellThicknessMm: 38 };
    expect(blindPlanOf(thick, where).weightsMm).toBe(5);
    const richer = blindPlanOf(
      {
        ...custard,
        parts: [{ ...dough, lines: listed(700, { 'wheat-flour': 250, butter: 250 }) }],
      },
      where,
    );
    expect(richer.dough).not.toEqual(blind.dough);
    // A dough that is a formula of its own is what that formula says, whatever stands beside it; without one it is the usual.
    const own = { ...custard, lines: dough.lines };
    const made = { ...custard, parts: [{ ...dough, lines: [], formulaId: id(800) }] };
    const known = { ...where, formulaOf: (of: string) => (of === id(800) ? own : undefined) };
    expect(blindPlanOf(made, known).dough).toEqual(blind.dough);
    expect(blindPlanOf(made, where).dough).toEqual(blindPlanOf(custard, where).dough);
  });
});

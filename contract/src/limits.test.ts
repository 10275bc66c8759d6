/**
 * Where numbers and lists of the contract end: both ends are let through and what lies just beyond is refused, at its field and
 * with the limits it is told by. The figures are written down here once more, by hand; many are those of the database's checks.
 */
import type { z } from 'zod';
import {
  bakeDataSchema,
  dayDataSchema,
  deedSchema,
  findingIn,
  formulaDataSchema,
  kitchenDataSchema,
  markSchema,
  notedSchema,
  orderDataSchema,
  ovenDataSchema,
  pantryDataSchema,
  PLAIN_BUILD,
  vesselDataSchema,
} from './index';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

const ids = (count: number) => Array.from({ length: count }, (_, n) => ({ id: id(n + 1000) }));

const wanted = { id: id(1), formulaId: id(2), vessels: 3, dueMin: 370 };
const cook = { id: id(3), name: 'Cook', fromMin: 600, toMin: 700 };
const lock = { task: 'bake', startMin: 0 };
const day = {
  ...{
    name: 'A night',
    date: '2026-12-24',
    beginsMin: -1440,
    rings: 4,
    mixers: 1,
    fridgePlaces: 9,
  },
  ...{ wanted: [wanted], people: [cook], locks: [lock] },
  changes: [{ bake: id(1), task: 'bake', kind: 'retimed', minutes: 30 }],
  nowMin: 0,
  way: {
    order: [id(1)],
    soonerMin: { [id(1)]: 30 },
    keep: [{ ...lock, people: [id(3)] }],
  },
  inHand: { grams: { milk: 1 }, eggs: 6 },
  paces: [{ verb: 'bake', factor: 1, times: 3 }],
};
const line = { id: id(4), ingredientId: 'milk', amount: 1, unit: 'g', heldBack: 0 };
const part = {
  ...{ id: id(5), name: 'Dough', kind: 'sweet-dough', place: 'shell', lines: [], formulaId: null },
  ...{ eachG: 10, vessels: 1, bakesAlong: false },
};
const formula = {
  ...{ name: 'Tart', family: 'baked-custard', shell: 'sweet-dough', shellThicknessMm: 3 },
  ...{ lines: [line], note: '', vesselId: null, vesselCount: 1, headspaceMm: 4, ovenId: null },
  ...{ setC: 140, fillingStartC: 40 },
  ...PLAIN_BUILD,
  parts: [part],
  bath: { panLengthMm: 300, panBreadthMm: 300, levelMm: 20, waterC: 80 },
  ovenUse: {
    ...PLAIN_BUILD.ovenUse,
    steps: [{ atMin: 10, to: 120 }],
    doors: [{ atMin: 5, forS: 10 }],
    entersAtC: 150,
    topUp: { share: 0.8, atMin: 5 },
    out: [{ atMin: 0, place: 'rack' }],
  },
};
const oven = {
  ...{ name: 'Oven', kind: 'fan', offsetK: 0, swingK: 5 },
  shelves: { count: 2, lengthMm: 600, breadthMm: 400 },
};
const kitchen = {
  ...{ name: 'Quay', eggGrade: 'EU M', altitudeM: 0, roomC: 20, currency: 'EUR', kWhPrice: 1 },
};
const vessel = {
  ...{ name: 'Tin', kind: 'fluted-tin', baseDiameterMm: 230, topDiameterMm: 240, heightMm: 30 },
  ...{ lipMm: 5, material: 'bright-tin', owned: 2 },
};
const pantry = {
  ingredientId: 'milk',
  price: { price: 1, amount: 1, unit: 'kg' },
  own: {
    ...{ name: 'Farm milk', like: 'milk', gramsPerMl: 1.03, gramsPerPiece: 10 },
    label: { water: 87, fat: 4, sugars: 5, starch: 0, protein: 3.5, alcohol: 0 },
    ...{ allergens: ['milk'], diet: 'vegetarian' },
  },
};
const order = { formulaId: id(2), vessels: 3, dueMin: 370, weekdays: [1] };
const deed = (more: object) => ({ id: id(6), atS: 60, ...more });
const mark = {
  ...{ id: id(7), tap: id(8), task: 'bake', kind: 'done', at: '2026-12-24T05:00:00Z' },
  ...{ minutes: 5, grams: 5, celsius: 5, verb: 'bake', usualMin: 5, tookMin: 5 },
};
const noted = {
  readings: [{ id: id(4), atS: 600, place: 'centre', celsius: 42.5, vesselNo: 1 }],
  wobbles: [{ id: id(5), atS: 1800, diameterMm: 90, motion: 'jelly' }],
  deeds: [],
};
const bake = {
  ...{ formulaId: id(1), vesselId: null, ovenId: null, formulaName: 'Tart', vesselName: 'Tin' },
  ...{ ovenName: 'Oven', vesselCount: 1, shell: 'none', setC: 150, fillingStartC: 40 },
  surfaceMm: 234,
  foreseen: { window: null, pullS: 60, setC: 79, curdleC: null, curve: [[0, 20, 20, 20, 1]] },
  ...{ startedAt: '2026-11-20T03:00:00.000Z', pulledAt: null, result: null, faults: [], note: '' },
};

type Path = readonly (string | number)[];
/** A copy in which something else stands at a path; a path that is not there is a mistake of this test. */
function put(whole: unknown, [first, ...rest]: Path, value: unknown): unknown {
  if (first === undefined) return value;
  const copy = structuredClone(whole) as Record<string | number, unknown>;
  if (!(first in copy)) throw new Error(`there is no ${first}`);
  copy[first] = put(copy[first], rest, value);
  return copy;
}

const KINDS = {
  bake: [bakeDataSchema, bake],
  day: [dayDataSchema, day],
  door: [deedSchema, deed({ kind: 'door', forS: 10 })],
  formula: [formulaDataSchema, formula],
  kitchen: [kitchenDataSchema, kitchen],
  mark: [markSchema, mark],
  noted: [notedSchema, noted],
  order: [orderDataSchema, order],
  out: [deedSchema, deed({ kind: 'out', vessels: 1, vesselNo: 1 })],
  oven: [ovenDataSchema, oven],
  pantry: [pantryDataSchema, pantry],
  stood: [deedSchema, deed({ kind: 'stood', celsius: 90 })],
  turn: [deedSchema, deed({ kind: 'oven', celsius: 90, step: 0 })],
  vessel: [vesselDataSchema, vessel],
} as const satisfies Record<string, readonly [z.ZodType, unknown]>;
type Kind = keyof typeof KINDS;

it.each(Object.entries(KINDS))('a %s that keeps all limits passes', (_, [schema, whole]) => {
  expect(schema.safeParse(whole).error?.issues).toBeUndefined();
});

/** A number of a kind of thing, by its path, from its least to its most, whole or not. */
const NUMBERS: readonly (readonly [Kind, string, least: number, most: number, whole?: 'whole'])[] =
  [
    ['day', 'beginsMin', -2880, 1440, 'whole'],
    ['day', 'wanted.0.vessels', 1, 200, 'whole'],
    ['day', 'wanted.0.dueMin', 0, 2879, 'whole'],
    ['day', 'rings', 0, 20, 'whole'],
    ['day', 'mixers', 0, 10, 'whole'],
    ['day', 'fridgePlaces', 0, 1000, 'whole'],
    ['day', 'locks.0.startMin', -2880, 2880, 'whole'],
    ['day', 'changes.0.minutes', 1, 1440, 'whole'],
    ['day', 'nowMin', -2880, 2880, 'whole'],
    ['day', 'inHand.grams.milk', 0, 1_000_000],
    ['day', 'inHand.eggs', 0, 10_000, 'whole'],
    ['day', 'paces.0.factor', 0.25, 4],
    ['day', 'paces.0.times', 1, 20, 'whole'],
    ['door', 'atS', 0, 86_400],
    ['door', 'forS', 1, 600],
    ['formula', 'shellThicknessMm', 0, 30],
    ['formula', 'lines.0.amount', 0, 1_000_000],
    ['formula', 'lines.0.heldBack', 0, 1_000_000],
    ['formula', 'parts.0.eachG', 0, 100_000],
    ['formula', 'parts.0.vessels', 1, 200, 'whole'],
    ['formula', 'vesselCount', 1, 200, 'whole'],
    ['formula', 'portionsEach', 1, 200, 'whole'],
    ['formula', 'headspaceMm', 0, 150],
    ['formula', 'setC', 0, 600],
    ['formula', 'fillingStartC', -30, 120],
    ['formula', 'lossShare', 0, 0.3],
    ['formula', 'bath.panLengthMm', 80, 1500],
    ['formula', 'bath.panBreadthMm', 80, 1500],
    ['formula', 'bath.levelMm', 0, 200],
    ['formula', 'bath.waterC', 0, 100],
    ['formula', 'ovenUse.doors.0.atMin', 0, 1440],
    ['formula', 'ovenUse.doors.0.forS', 1, 600],
    ['formula', 'ovenUse.entersAtC', 10, 300],
    ['formula', 'ovenUse.topUp.share', 0.3, 0.95],
    ['formula', 'ovenUse.topUp.atMin', 1, 60],
    ['formula', 'shellBake.restMin', 0, 2880],
    ['formula', 'shellBake.keptC', 0, 40],
    ['formula', 'shellBake.stages.0.minutes', 1, 120],
    ['formula', 'shellBake.stages.0.setC', 100, 280],
    ['kitchen', 'altitudeM', -400, 5000],
    ['kitchen', 'roomC', -5, 50],
    ['kitchen', 'kWhPrice', 0, 100],
    ['mark', 'minutes', 1, 1440, 'whole'],
    ['mark', 'grams', 0, 1_000_000],
    ['mark', 'celsius', -30, 350],
    ['mark', 'usualMin', 0.1, 2880],
    ['mark', 'tookMin', 0, 2880],
    ['noted', 'readings.0.atS', 0, 86_400],
    ['noted', 'readings.0.celsius', -30, 350],
    ['noted', 'readings.0.vesselNo', 1, 200, 'whole'],
    ['noted', 'wobbles.0.diameterMm', 0, 600],
    ['out', 'vessels', 1, 200, 'whole'],
    ['oven', 'offsetK', -60, 60],
    ['oven', 'swingK', 0, 40],
    ['oven', 'shelves.count', 1, 20, 'whole'],
    ['oven', 'shelves.lengthMm', 200, 2500],
    ['oven', 'shelves.breadthMm', 200, 2500],
    ['pantry', 'price.price', 0, 1_000_000],
    ['pantry', 'price.amount', 0.001, 1_000_000],
    ['pantry', 'own.gramsPerMl', 0.05, 3],
    ['pantry', 'own.gramsPerPiece', 0.01, 20_000],
    ['stood', 'celsius', 10, 300],
    ['turn', 'celsius', 50, 300],
    ['vessel', 'owned', 1, 500, 'whole'],
    ['bake', 'surfaceMm', 1, 600],
  ];

/** What a limit is said as, a number or a quantity, as the number in it. */
const figureIn = (value: unknown): unknown =>
  typeof value === 'object' && value !== null ? Object.values(value)[0] : value;

const pathOf = (path: string): Path =>
  path.split('.').map((step) => (/^\d+$/.test(step) ? Number(step) : step));

const CASES = NUMBERS.map(([kind, path, least, most, whole]) => ({
  ...{ kind, path, least, most },
  step: whole ? 1 : 1e-6,
}));

describe.each(CASES)('$kind $path, $least to $most', ({ kind, path, least, most, step }) => {
  const [schema, thing] = KINDS[kind];
  const pathsOf = (value: unknown) =>
    schema
      .safeParse(put(thing, pathOf(path), value))
      .error?.issues.map((issue) => issue.path.join('.')) ?? [];

  it('lets both through', () => {
    expect([...pathsOf(least), ...pathsOf(most)]).toEqual([]);
  });

  it('refuses what lies beyond, text, and halves of what is whole', () => {
    const refused = [
      least - step,
      most + step,
      String(least),
      ...(step === 1 ? [least + 0.5] : []),
    ];
    for (const value of refused) expect(pathsOf(value)).toContain(path);
  });
});

/** What is told of a limit: its field, and both its ends as they are measured. */
it.each([
  ['day', 'nowMin', 9000, 'minute-of-day', -2880, 2880],
  ['kitchen', 'roomC', 90, 'room', { celsius: -5 }, { celsius: 50 }],
  ['formula', 'ovenUse.doors.0.forS', 0, 'door', { seconds: 1 }, { seconds: 600 }],
  ['formula', 'bath.panLengthMm', 0, 'pan', { widthMm: 80 }, { widthMm: 1500 }],
  ['formula', 'headspaceMm', 999, 'headspace', { millimetres: 0 }, { millimetres: 150 }],
  ['formula', 'lossShare', 0.5, 'loss', { share: 0 }, { share: 0.3 }],
  ['oven', 'swingK', 99, 'oven-swing', { kelvin: 0 }, { kelvin: 40 }],
  ['mark', 'grams', -1, 'amount', { grams: 0 }, { grams: 1_000_000 }],
] as const)('%s %s is told by its limits', (kind, path, value, field, least, most) => {
  const [schema, thing] = KINDS[kind];
  const [issue] = schema.safeParse(put(thing, pathOf(path), value)).error!.issues;
  expect(issue!.path.join('.')).toBe(path);
  expect(findingIn(issue!.message)).toEqual({
    code: 'limit.between',
    values: { what: { code: `field.${field}` }, least, most },
  });
  expect(figureIn(least)).toBeLessThan(figureIn(most) as number);
});

const steps = (count: number) =>
  Array.from({ length: count }, (_, n) => ({ atMin: n + 1, to: 100 + n }));
const repeated = <T>(count: number, value: T): T[] => Array.from({ length: count }, () => value);

/** A list of a kind of thing, with as many as there may be, and one more. */
const LISTS: readonly (readonly [Kind, string, most: number, (count: number) => unknown[]])[] = [
  ['day', 'wanted', 40, (n) => ids(n).map((each) => ({ ...wanted, ...each }))],
  ['day', 'people', 12, (n) => ids(n).map((each) => ({ ...cook, ...each }))],
  ['day', 'locks', 200, (n) => repeated(n, lock)],
  ['day', 'changes', 200, (n) => repeated(n, day.changes[0])],
  ['day', 'way.order', 40, (n) => repeated(n, id(1))],
  ['day', 'way.keep', 2000, (n) => repeated(n, day.way.keep[0])],
  ['day', 'way.keep.0.people', 20, (n) => repeated(n, id(3))],
  ['formula', 'lines', 200, (n) => ids(n).map((each) => ({ ...line, ...each }))],
  ['formula', 'parts', 20, (n) => ids(n).map((each) => ({ ...part, ...each }))],
  ['formula', 'steps', 60, (n) => repeated(n, 'Stir.')],
  ['formula', 'ovenUse.steps', 6, steps],
  ['formula', 'ovenUse.doors', 12, (n) => repeated(n, { atMin: 5, forS: 10 })],
  [
    'formula',
    'ovenUse.out',
    6,
    (n) => Array.from({ length: n }, (_, atMin) => ({ atMin, place: 'rack' })),
  ],
  ['formula', 'shellBake.stages', 6, (n) => repeated(n, PLAIN_BUILD.shellBake.stages[0])],
  ['noted', 'readings', 500, (n) => ids(n).map((each) => ({ ...noted.readings[0], ...each }))],
  ['noted', 'wobbles', 200, (n) => ids(n).map((each) => ({ ...noted.wobbles[0], ...each }))],
  ['noted', 'deeds', 200, (n) => ids(n).map((each) => deed({ ...each, kind: 'foil' }))],
  ['bake', 'foreseen.curve', 600, (n) => repeated(n, bake.foreseen.curve[0])],
];

it.each(LISTS)('%s %s has at the most %d', (kind, path, most, made) => {
  const [schema, thing] = KINDS[kind];
  const issuesOf = (count: number) =>
    schema
      .safeParse(put(thing, pathOf(path), made(count)))
      .error?.issues.map((issue) => issue.path.join('.')) ?? [];
  expect(issuesOf(most)).toEqual([]);
  expect(issuesOf(most + 1)).toEqual([path]);
});

it.each([
  ['formula', 'ovenUse.out'],
  ['formula', 'shellBake.stages'],
  ['order', 'weekdays'],
  ['bake', 'foreseen.curve'],
] as const)('%s %s is never empty', (kind, path) => {
  const [schema, thing] = KINDS[kind];
  const issues = schema.safeParse(put(thing, pathOf(path), [])).error?.issues ?? [];
  expect(issues.map((issue) => issue.path.join('.'))).toContain(path);
});

describe('what follows in time', () => {
  const refusedBy = (kind: Kind, path: string, value: unknown) =>
    KINDS[kind][0]
      .safeParse(put(KINDS[kind][1], pathOf(path), value))
      .error?.issues.map(({ message }) => findingIn(message).code) ?? [];

  it.each([
    [
      'steps after each other',
      [
        { atMin: 5, to: 100 },
        { atMin: 6, to: 90 },
      ],
      [],
    ],
    [
      'two steps at once',
      [
        { atMin: 5, to: 100 },
        { atMin: 5, to: 90 },
      ],
      ['bake.steps-order'],
    ],
    [
      'steps against each other',
      [
        { atMin: 6, to: 100 },
        { atMin: 5, to: 90 },
      ],
      ['bake.steps-order'],
    ],
    ['a step at once', [{ atMin: 0, to: 100 }], ['bake.first-step']],
    // What waits for a sign has no minute to be in order by.
    ['a step at a sign', [{ atMin: 0, on: 'rim-set', to: 100 }], []],
  ] as const)('%s', (_, given, codes) => {
    expect(refusedBy('formula', 'ovenUse.steps', given)).toEqual(codes);
  });

  it.each([
    ['one place after another', [0, 5, 6], []],
    ['none at the beginning', [5, 6], ['bake.places-order']],
    ['two at once', [0, 5, 5], ['bake.places-order']],
    ['the later one first', [0, 6, 5], ['bake.places-order']],
  ] as const)('%s', (_, minutes, codes) => {
    const out = minutes.map((atMin) => ({ atMin, place: 'rack' }));
    expect(refusedBy('formula', 'ovenUse.out', out)).toEqual(codes);
  });

  it.each([
    [600, 601, []],
    [600, 600, ['day.hours']],
    [600, 2040, []],
    [600, 2041, ['day.hours']],
  ] as const)('hours from %d to %d', (fromMin, toMin, codes) => {
    expect(refusedBy('day', 'people.0', { ...cook, fromMin, toMin })).toEqual(codes);
  });
});

import { z } from 'zod';
import { findingIn, oneOf } from './limits';
import { archivingSchema, writeOf } from './wire';
import {
  bakeDataSchema,
  bakeSchema,
  daySchema,
  formulaSchema,
  kitchenSchema,
  orderSchema,
  ovenSchema,
  pantryItemSchema,
  vesselSchema,
  notedSchema,
  formulaDataSchema,
  idSchema,
  ovenDataSchema,
  vesselDataSchema,
  type BakeData,
} from './index';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

const bake: BakeData = {
  formulaId: id(1),
  vesselId: id(2),
  ovenId: id(3),
  formulaName: 'Tart',
  vesselName: 'Tin',
  ovenName: 'Oven',
  vesselCount: 1,
  shell: 'sweet-dough',
  setC: 150,
  fillingStartC: 40,
  surfaceMm: 234,
  foreseen: {
    window: null,
    pullS: 2400,
    setC: 79,
    curdleC: null,
    curve: [[0, 20, 20, 20, 1]],
    stays: [],
  },
  planned: null,
  parts: [],
  startedAt: '2026-11-20T03:00:00.000Z',
  pulledAt: '2026-11-20T03:40:00.000Z',
  result: 'good',
  faults: [],
  note: '',
  archived: false,
};

const noted = {
  readings: [{ id: id(4), atS: 600, place: 'centre', celsius: 42.5 }],
  wobbles: [{ id: id(5), atS: 1800, diameterMm: 90, motion: 'jelly' }],
  deeds: [{ id: id(6), atS: 900, kind: 'oven', celsius: 135, step: 0 }],
};

const pathsOf = (result: { success: boolean; error?: { issues: { path: PropertyKey[] }[] } }) =>
  result.error?.issues.map((issue) => issue.path.join('.')) ?? [];

describe('a bake on the wire', () => {
  it('passes when it is whole', () => {
    expect(bakeDataSchema.parse(bake)).toEqual(bake);
  });

  it.each([
    ['pulled before it went in', { pulledAt: '2026-11-20T02:00:00.000Z' }, 'pulledAt'],
    ['judged before it was pulled', { pulledAt: null }, 'result'],
    ['with a fault twice', { faults: ['leaked', 'leaked'] }, 'faults'],
    ['with text for a temperature', { setC: 'hot' }, 'setC'],
    ['of a formula without an id', { formulaId: 'x' }, 'formulaId'],
  ])('is sent back %s, at its field', (_, change, path) => {
    expect(pathsOf(bakeDataSchema.safeParse({ ...bake, ...change }))).toContain(path);
  });
});

describe('what is noted of a bake', () => {
  it('passes when it is whole', () => {
    expect(notedSchema.parse(noted)).toEqual(noted);
    // Bakes of a time when deeds were not kept have none.
    expect(notedSchema.parse({ ...noted, deeds: undefined }).deeds).toEqual([]);
  });

  const [reading] = noted.readings;
  const [wobble] = noted.wobbles;
  it.each([
    ['a probe in the fire', { readings: [{ ...reading, celsius: 350.1 }] }, 'readings.0.celsius'],
    ['a reading twice', { readings: [reading, reading] }, 'readings'],
    ['a wobble check twice', { wobbles: [wobble, wobble] }, 'wobbles'],
    ['a deed twice', { deeds: [noted.deeds[0], noted.deeds[0]] }, 'deeds'],
    ['a wobble a day later', { wobbles: [{ ...wobble, atS: 86401 }] }, 'wobbles.0.atS'],
  ])('is sent back with %s, at its field', (_, change, path) => {
    expect(pathsOf(notedSchema.safeParse({ ...noted, ...change }))).toEqual([path]);
  });
});

describe('other things on the wire', () => {
  it('a vessel has to be possible', () => {
    const vessel = {
      name: 'Tin',
      kind: 'straight-tin',
      baseDiameterMm: 240,
      topDiameterMm: 240,
      heightMm: 30,
      lipMm: 0,
      material: 'bright-tin',
      owned: 2,
    };
    expect(vesselDataSchema.safeParse(vessel).success).toBe(true);
    expect(pathsOf(vesselDataSchema.safeParse({ ...vessel, topDiameterMm: 200 }))).toEqual([
      'topDiameterMm',
    ]);
    expect(pathsOf(vesselDataSchema.safeParse({ ...vessel, heightMm: -1 }))).toEqual(['heightMm']);
  });

  it.each([
    ['bake', bakeSchema],
    ['day', daySchema],
    ['formula', formulaSchema],
    ['kitchen', kitchenSchema],
    ['order', orderSchema],
    ['oven', ovenSchema],
    ['pantry', pantryItemSchema],
    ['vessel', vesselSchema],
  ])('a stored %s has an id, a version from 1 on, a moment, and what it is', (_, schema) => {
    const stored = { id: id(1), version: 1, updatedAt: '2026-11-20T03:00:00.000Z' };
    expect(pathsOf(schema.safeParse(stored)).filter((path) => !/^[rw]|^deeds/.test(path))).toEqual([
      'data',
    ]);
    const none = { id: '1', version: 0, updatedAt: 'today', data: {} };
    expect(pathsOf(schema.safeParse(none))).toEqual(
      expect.arrayContaining(['id', 'version', 'updatedAt']),
    );
  });

  it('a write is made from a version, and what is put away has one', () => {
    const write = { writeId: id(2), version: 0, data: 'all of it', why: ' Less sugar. ' };
    expect(writeOf(z.string()).parse(write)).toEqual({ ...write, why: 'Less sugar.' });
    expect(pathsOf(writeOf(z.string()).safeParse({ ...write, version: -1 }))).toEqual(['version']);
    expect(pathsOf(archivingSchema.safeParse({ writeId: id(2), version: 0 }))).toEqual(['version']);
    expect(archivingSchema.safeParse({ writeId: id(2), version: 2 }).success).toBe(true);
  });

  it('what was called otherwise once is read as what it is now; what nobody knows is refused', () => {
    const kinds = oneOf(['curd', 'flan'], { 'lemon curd': 'curd' });
    expect([kinds.parse('flan'), kinds.parse('lemon curd')]).toEqual(['flan', 'curd']);
    for (const none of ['pudding', 'toString', 7, null, undefined, ['curd']]) {
      expect(findingIn(kinds.safeParse(none).error?.issues[0]?.message).code).toBe(
        'wire.not-one-of',
      );
    }
  });

  it('an oven, an id and a formula’s line are checked', () => {
    expect(
      ovenDataSchema.safeParse({ name: '  ', kind: 'still', offsetK: 0, swingK: 0 }).success,
    ).toBe(false);
    expect(idSchema.safeParse("1' or '1'='1").success).toBe(false);
    const lines = [{ id: id(9), ingredientId: 'milk', amount: -3, unit: 'g' }];
    expect(pathsOf(formulaDataSchema.safeParse({ lines }))).toContain('lines.0.amount');
  });
});

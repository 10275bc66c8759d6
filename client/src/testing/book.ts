import {
  PLAIN_BUILD,
  type FormulaData,
  type Kitchen,
  type StoredFormula,
  type StoredOven,
  type StoredVessel,
} from '@hollow-moon/contract';
import { scaleLines } from '@hollow-moon/core';
import { bookOf, type KitchenBook } from '../book/book';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const stored = <Data>(n: number, data: Data) => ({
  id: id(n),
  version: 1,
  updatedAt: '2026-11-24T03:00:00.000Z',
  data,
});

export const TIN_ID = id(31);
export const OVEN_ID = id(21);
export const TART_ID = id(41);

/** A small kitchen for tests: one tin, one oven, one formula. */
export const tart: FormulaData = {
  name: 'Test tart',
  family: 'baked-custard',
  shell: 'sweet-dough',
  shellThicknessMm: 3,
  lines: [
    { id: id(51), ingredientId: 'cream', amount: 500, unit: 'g' },
    { id: id(52), ingredientId: 'egg-yolk', amount: 150, unit: 'g' },
    { id: id(53), ingredientId: 'sugar', amount: 80, unit: 'g' },
  ],
  note: '',
  vesselId: TIN_ID,
  vesselCount: 1,
  headspaceMm: 3,
  ovenId: OVEN_ID,
  setC: 140,
  fillingStartC: 45,
  ...PLAIN_BUILD,
  parts: [],
};

/** A cold dish without a shell, filled to a millimetre of its rim, in a hot oven: its rim curdles before it sets. */
export const hopelessDish: FormulaData = {
  ...tart,
  shell: 'none',
  lines: scaleLines(tart.lines, 1.85),
  headspaceMm: 1,
  setC: 250,
  fillingStartC: 5,
};

const kitchen: Kitchen = stored(11, {
  name: 'Test kitchen',
  eggGrade: 'EU M' as const,
  altitudeM: 0,
  roomC: 22,
  currency: 'EUR',
  kWhPrice: null,
});
const vessel: StoredVessel = stored(31, {
  name: 'Tin 24',
  kind: 'straight-tin' as const,
  baseDiameterMm: 240,
  topDiameterMm: 240,
  heightMm: 30,
  lipMm: 0,
  material: 'bright-tin' as const,
  owned: 2,
  archived: false,
});
const oven: StoredOven = stored(21, {
  name: 'Oven',
  kind: 'still' as const,
  offsetK: 0,
  swingK: 0,
  archived: false,
});

export const storedTart: StoredFormula = stored(41, tart);

export const book: KitchenBook = bookOf({
  kitchen,
  formulas: [storedTart],
  vessels: [vessel],
  ovens: [oven],
  pantry: [],
});

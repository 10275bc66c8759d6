import { PLAIN_BUILD, type FormulaData } from '@hollow-moon/contract';
import type { Line } from '@hollow-moon/core';
import { v4 as uuid } from 'uuid';

/** A line to fill in; milk, since most of what is baked here begins with it. */
export const newLine = (): Line => ({ id: uuid(), ingredientId: 'milk', amount: 0, unit: 'g' });

/** A formula with nothing on its list yet. */
export const emptyFormula = (): FormulaData => ({
  name: 'New custard',
  family: 'baked-custard',
  shell: 'sweet-dough',
  shellThicknessMm: 3,
  lines: [],
  note: '',
  vesselId: null,
  vesselCount: 1,
  headspaceMm: 4,
  ovenId: null,
  setC: 140,
  fillingStartC: 40,
  ...PLAIN_BUILD,
  parts: [],
});

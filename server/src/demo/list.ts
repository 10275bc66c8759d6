import type { FormulaData } from '@hollow-moon/contract';
import type { Line } from '@hollow-moon/core';
import { demoId } from './kitchen';

export const FORMULA = {
  bay: demoId(4, 1),
  milkPie: demoId(4, 2),
  buckwheat: demoId(4, 3),
  bergamot: demoId(4, 4),
  malted: demoId(4, 5),
  parsnip: demoId(4, 6),
  barley: demoId(4, 7),
  plum: demoId(4, 8),
  fig: demoId(4, 9),
  greengage: demoId(4, 10),
  seaBuckthorn: demoId(4, 11),
  passionFruit: demoId(4, 12),
  toastedRice: demoId(4, 13),
  blackTea: demoId(4, 14),
  ryeDough: demoId(4, 15),
  flakyDough: demoId(4, 16),
  gooseberry: demoId(4, 17),
} as const;

type ShortLine = [ingredientId: string, amount: number, unit: Line['unit'], note?: string];

/** Lines with ids fixed by formula and place; `from` keeps those of a component apart from the filling's. */
export const listed = (formula: number, each: ShortLine[], from = 1): FormulaData['lines'] =>
  each.map(([ingredientId, amount, unit, note], index) => ({
    id: demoId(40 + formula, index + from),
    ingredientId,
    amount,
    unit,
    ...(note === undefined ? {} : { note }),
  }));

import type { FormulaData } from '@hollow-moon/contract';
import type { ChildRow, Value } from './table';

type Line = FormulaData['lines'][number];

/** Columns of a line after its formula and position; `part_id` is null for the main filling's. */
export const LINE_COLUMNS = [
  'part_id',
  'id',
  'ingredient_id',
  'amount',
  'unit',
  'vague',
  'note',
  'written',
  'held_back',
  'instead_ingredient_id',
  'instead_amount',
  'instead_unit',
] as const;

export const lineValues = (partId: string | null, line: Line): Value[] => [
  partId,
  line.id,
  line.ingredientId,
  line.amount,
  line.unit,
  line.vague ?? null,
  line.note ?? null,
  line.written ?? null,
  line.heldBack ?? null,
  line.instead?.ingredientId ?? null,
  line.instead?.amount ?? null,
  line.instead?.unit ?? null,
];

export const readLine = (row: ChildRow): Line => ({
  id: String(row.id),
  ingredientId: String(row.ingredient_id),
  amount: Number(row.amount),
  unit: row.unit as Line['unit'],
  ...(row.vague === null ? {} : { vague: row.vague as NonNullable<Line['vague']> }),
  ...(row.note === null ? {} : { note: String(row.note) }),
  ...(row.written === null ? {} : { written: String(row.written) }),
  ...(row.held_back === null ? {} : { heldBack: Number(row.held_back) }),
  ...(row.instead_ingredient_id === null
    ? {}
    : {
        instead: {
          ingredientId: String(row.instead_ingredient_id),
          amount: Number(row.instead_amount),
          unit: row.instead_unit as Line['unit'],
        },
      }),
});

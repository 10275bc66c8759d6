import type { FormulaData } from '@hollow-moon/contract';
import {
  childrenOf,
  replaceChildren,
  select,
  statementsFor,
  storedFrom,
  type Repository,
  type Row,
  type Stored,
} from './table';
import type { Database, Transaction } from '../database/pool';

const statements = statementsFor<FormulaData>('formulas', 'kitchen_id', [
  { name: 'name', write: (data) => data.name },
  { name: 'family', write: (data) => data.family },
  { name: 'shell', write: (data) => data.shell },
  { name: 'shell_thickness_mm', write: (data) => data.shellThicknessMm },
  { name: 'note', write: (data) => data.note },
  { name: 'vessel_id', write: (data) => data.vesselId },
  { name: 'vessel_count', write: (data) => data.vesselCount },
  { name: 'headspace_mm', write: (data) => data.headspaceMm },
  { name: 'oven_id', write: (data) => data.ovenId },
  { name: 'set_c', write: (data) => data.setC },
  { name: 'filling_start_c', write: (data) => data.fillingStartC },
]);

const readLine = (row: Row): FormulaData['lines'][number] => ({
  id: String(row.id),
  ingredientId: String(row.ingredient_id),
  amount: Number(row.amount),
  unit: row.unit as FormulaData['lines'][number]['unit'],
  ...(row.note === null ? {} : { note: String(row.note) }),
  ...(row.written === null ? {} : { written: String(row.written) }),
});

const read = (row: Row, lines: readonly Row[]): FormulaData => ({
  name: String(row.name),
  family: row.family as FormulaData['family'],
  shell: row.shell as FormulaData['shell'],
  shellThicknessMm: Number(row.shell_thickness_mm),
  lines: lines.map(readLine),
  note: String(row.note),
  vesselId: row.vessel_id === null ? null : String(row.vessel_id),
  vesselCount: Number(row.vessel_count),
  headspaceMm: Number(row.headspace_mm),
  ovenId: row.oven_id === null ? null : String(row.oven_id),
  setC: Number(row.set_c),
  fillingStartC: Number(row.filling_start_c),
});

async function withLines(
  on: Database | Transaction,
  kitchenId: string,
  rows: readonly Row[],
): Promise<Stored<FormulaData>[]> {
  const ids = rows.map((row) => String(row.id));
  const lines = await childrenOf(on, 'formula_lines', 'formula_id', kitchenId, ids);
  return rows.map((row) => storedFrom(row, read(row, lines.get(String(row.id)) ?? [])));
}

const replaceLines = (on: Transaction, kitchenId: string, row: Stored<FormulaData>) =>
  replaceChildren(
    on,
    'formula_lines',
    'formula_id',
    kitchenId,
    row.id,
    ['id', 'ingredient_id', 'amount', 'unit', 'note', 'written'],
    row.data.lines.map((line) => [
      line.id,
      line.ingredientId,
      line.amount,
      line.unit,
      line.note ?? null,
      line.written ?? null,
    ]),
  );

export const formulas: Repository<FormulaData> = {
  async list(on, kitchenId) {
    const rows = await select(on, 'SELECT * FROM formulas WHERE kitchen_id = ? ORDER BY name, id', [
      kitchenId,
    ]);
    return withLines(on, kitchenId, rows);
  },
  async find(on, kitchenId, id, lock) {
    const rows = await select(
      on,
      `SELECT * FROM formulas WHERE kitchen_id = ? AND id = ?${lock ? ' FOR UPDATE' : ''}`,
      [kitchenId, id],
    );
    return (await withLines(on, kitchenId, rows))[0];
  },
  async insert(on, kitchenId, row) {
    await statements.insert(on, kitchenId, row);
    await replaceLines(on, kitchenId, row);
  },
  async update(on, kitchenId, row) {
    await statements.update(on, kitchenId, row);
    await replaceLines(on, kitchenId, row);
  },
};

import {
  formulaDataSchema,
  ovenUseSchema,
  PLAIN_OVEN_USE,
  PLAIN_SHELL_BAKE,
  shellBakeSchema,
  formulaFieldsSchema,
  type FormulaData,
  type FormulaVersion,
} from '@hollow-moon/contract';
import type { Database, Transaction } from '../database/pool';
import { LINE_COLUMNS, lineValues, readLine } from './formulaLines';
import {
  change,
  childRows,
  fromJson,
  repositoryOf,
  select,
  type ChildRow,
  type Children,
  type Repository,
  type Row,
} from './table';

const stepsSchema = formulaFieldsSchema.shape.steps;

const readPart = (row: ChildRow, lines: readonly ChildRow[]): FormulaData['parts'][number] => ({
  id: String(row.id),
  name: String(row.name),
  kind: row.kind as FormulaData['parts'][number]['kind'],
  place: row.place as FormulaData['parts'][number]['place'],
  lines: lines.filter((line) => line.part_id === row.id).map(readLine),
  formulaId: row.from_formula_id === null ? null : String(row.from_formula_id),
  eachG: row.each_g === null ? null : Number(row.each_g),
  vessels: row.vessels === null ? null : Number(row.vessels),
  bakesAlong: Boolean(row.bakes_along),
});

export const PARTS: Children<FormulaData> = {
  table: 'formula_parts',
  parent: 'formula_id',
  columns: ['id', 'name', 'kind', 'place', 'from_formula_id', 'each_g', 'vessels', 'bakes_along'],
  order: 'c.position',
  rows: ({ parts }) =>
    parts.map((part) => [
      part.id,
      part.name,
      part.kind,
      part.place,
      part.formulaId,
      part.eachG,
      part.vessels,
      part.bakesAlong ? 1 : 0,
    ]),
};

export const LINES: Children<FormulaData> = {
  table: 'formula_lines',
  parent: 'formula_id',
  columns: LINE_COLUMNS,
  order: 'c.position',
  rows: ({ lines, parts }) => [
    ...lines.map((line) => lineValues(null, line)),
    ...parts.flatMap((part) => part.lines.map((line) => lineValues(part.id, line))),
  ],
};

function read(row: Row): FormulaData {
  const lines = childRows(row, LINES);
  return {
    name: String(row.name),
    family: row.family as FormulaData['family'],
    shell: row.shell as FormulaData['shell'],
    shellThicknessMm: Number(row.shell_thickness_mm),
    lines: lines.filter((line) => line.part_id === null).map(readLine),
    parts: childRows(row, PARTS).map((part) => readPart(part, lines)),
    note: String(row.note),
    steps: row.steps === null ? [] : fromJson(stepsSchema, row.steps),
    vesselId: row.vessel_id === null ? null : String(row.vessel_id),
    vesselCount: Number(row.vessel_count),
    headspaceMm: Number(row.headspace_mm),
    ovenId: row.oven_id === null ? null : String(row.oven_id),
    setC: Number(row.set_c),
    fillingStartC: Number(row.filling_start_c),
    bath:
      row.bath_pan_length_mm === null
        ? null
        : {
            panLengthMm: Number(row.bath_pan_length_mm),
            panBreadthMm: Number(row.bath_pan_breadth_mm),
            levelMm: Number(row.bath_level_mm),
            waterC: Number(row.bath_water_c),
          },
    ovenUse: fromJson(ovenUseSchema, row.oven_use, PLAIN_OVEN_USE),
    shellBake: fromJson(shellBakeSchema, row.shell_bake, PLAIN_SHELL_BAKE),
    portionsEach: Number(row.portions_each),
    lossShare: Number(row.loss_share),
    archived: Boolean(row.archived),
  };
}

export const formulas: Repository<FormulaData> = {
  ...repositoryOf<FormulaData>({
    table: 'formulas',
    order: 'name, id',
    columns: [
      { name: 'name', write: (data) => data.name },
      { name: 'family', write: (data) => data.family },
      { name: 'shell', write: (data) => data.shell },
      { name: 'shell_thickness_mm', write: (data) => data.shellThicknessMm },
      { name: 'note', write: (data) => data.note },
      { name: 'steps', write: (data) => JSON.stringify(data.steps) },
      { name: 'vessel_id', write: (data) => data.vesselId },
      { name: 'vessel_count', write: (data) => data.vesselCount },
      { name: 'headspace_mm', write: (data) => data.headspaceMm },
      { name: 'oven_id', write: (data) => data.ovenId },
      { name: 'set_c', write: (data) => data.setC },
      { name: 'filling_start_c', write: (data) => data.fillingStartC },
      { name: 'bath_pan_length_mm', write: (data) => data.bath?.panLengthMm ?? null },
      { name: 'bath_pan_breadth_mm', write: (data) => data.bath?.panBreadthMm ?? null },
      { name: 'bath_level_mm', write: (data) => data.bath?.levelMm ?? null },
      { name: 'bath_water_c', write: (data) => data.bath?.waterC ?? null },
      { name: 'oven_use', write: (data) => JSON.stringify(data.ovenUse) },
      { name: 'shell_bake', write: (data) => JSON.stringify(data.shellBake) },
      { name: 'portions_each', write: (data) => data.portionsEach },
      { name: 'loss_share', write: (data) => data.lossShare },
      { name: 'archived', write: (data) => (data.archived ? 1 : 0) },
    ],
    // Parts first: lines point at them.
    children: [PARTS, LINES],
    read,
  }),
  async record(on, kitchenId, row, why) {
    await change(
      on,
      `INSERT INTO formula_versions (kitchen_id, formula_id, version, updated_at, why, data)
       VALUES (?, ?, ?, ?, ?, ?)`,
      [kitchenId, row.id, row.version, new Date(row.updatedAt), why, JSON.stringify(row.data)],
    );
  },
};

/** A formula as it was kept, newest first. Versions kept before this was recorded are not there. */
export async function versionsOf(
  on: Database,
  kitchenId: string,
  formulaId: string,
): Promise<FormulaVersion[]> {
  const rows = await select(
    on,
    `SELECT version, updated_at, why, data FROM formula_versions
     WHERE kitchen_id = ? AND formula_id = ? ORDER BY version DESC`,
    [kitchenId, formulaId],
  );
  return rows.map((row) => ({
    version: Number(row.version),
    updatedAt: (row.updated_at as Date).toISOString(),
    why: String(row.why),
    data: fromJson(formulaDataSchema, row.data),
  }));
}

/** What each formula of a kitchen is made from, by its id. */
export async function usesIn(
  on: Database | Transaction,
  kitchenId: string,
): Promise<ReadonlyMap<string, readonly string[]>> {
  const rows = await select(
    on,
    `SELECT DISTINCT formula_id, from_formula_id FROM formula_parts
     WHERE kitchen_id = ? AND from_formula_id IS NOT NULL`,
    [kitchenId],
  );
  const uses = new Map<string, string[]>();
  for (const row of rows) {
    const id = String(row.formula_id);
    uses.set(id, [...(uses.get(id) ?? []), String(row.from_formula_id)]);
  }
  return uses;
}

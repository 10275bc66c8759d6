import type { ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import type { Database, Transaction } from '../database/pool';

/** What every stored thing has besides its data. */
export interface Stored<Data> {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
  readonly lastWriteId: string;
  readonly data: Data;
}

/** How one kind of thing is kept. Kitchens belong to themselves: their `kitchenId` is their id. */
export interface Repository<Data, Search = undefined> {
  list(on: Database | Transaction, kitchenId: string, search?: Search): Promise<Stored<Data>[]>;
  find(
    on: Database | Transaction,
    kitchenId: string,
    id: string,
    lock?: 'for update',
  ): Promise<Stored<Data> | undefined>;
  insert(on: Transaction, kitchenId: string, row: Stored<Data>): Promise<void>;
  update(on: Transaction, kitchenId: string, row: Stored<Data>): Promise<void>;
  /** Keeps what was just written for its past, where a kind of thing has one. */
  record?(on: Transaction, kitchenId: string, row: Stored<Data>, why: string): Promise<void>;
}

type Value = string | number | Date | null;
export type Row = RowDataPacket & Record<string, unknown>;

/** A JSON column: MariaDB gives it as text, parsed here. */
export const fromJson = (value: unknown): unknown =>
  typeof value === 'string' ? JSON.parse(value) : value;

export const select = async (
  on: Database | Transaction,
  sql: string,
  values: readonly Value[],
): Promise<Row[]> => (await on.execute<Row[]>(sql, [...values]))[0];

export const change = async (
  on: Database | Transaction,
  sql: string,
  values: readonly Value[],
): Promise<number> => (await on.execute<ResultSetHeader>(sql, [...values]))[0].affectedRows;

/** The columns every table of this kind starts with, read from a row. */
export const storedFrom = <Data>(row: Row, data: Data): Stored<Data> => ({
  id: String(row.id),
  version: Number(row.version),
  updatedAt: (row.updated_at as Date).toISOString(),
  lastWriteId: String(row.last_write_id),
  data,
});

/** A column and how it is filled from, and read into, the data. */
export interface Column<Data> {
  readonly name: string;
  readonly write: (data: Data) => Value;
}

/**
 * The statements for a table whose rows map one to one. Table and column names come from this
 * program only; every value goes through a parameter.
 */
export function statementsFor<Data>(
  table: string,
  owner: 'kitchen_id' | 'id',
  columns: readonly Column<Data>[],
) {
  const names = columns.map((column) => column.name);
  const all = [...new Set(['id', owner, 'version', 'last_write_id', 'updated_at']), ...names];
  const places = all.map(() => '?').join(', ');
  const assignments = ['version', 'last_write_id', 'updated_at', ...names].map(
    (name) => `${name} = ?`,
  );
  const values = (row: Stored<Data>): Value[] => columns.map((column) => column.write(row.data));
  return {
    async insert(on: Transaction, kitchenId: string, row: Stored<Data>): Promise<void> {
      const head: Value[] = owner === 'id' ? [row.id] : [row.id, kitchenId];
      await change(on, `INSERT INTO ${table} (${all.join(', ')}) VALUES (${places})`, [
        ...head,
        row.version,
        row.lastWriteId,
        new Date(row.updatedAt),
        ...values(row),
      ]);
    },
    async update(on: Transaction, kitchenId: string, row: Stored<Data>): Promise<void> {
      await change(
        on,
        `UPDATE ${table} SET ${assignments.join(', ')} WHERE id = ? AND ${owner} = ?`,
        [row.version, row.lastWriteId, new Date(row.updatedAt), ...values(row), row.id, kitchenId],
      );
    },
  };
}

/** What writes a row of a table: {@link statementsFor}. */
type Statements<Data> = Pick<Repository<Data>, 'insert' | 'update'>;

/** How a thing is found and written that has child rows, which are read with it and replaced with it. */
export const withChildren = <Data>(
  table: string,
  statements: Statements<Data>,
  read: (
    on: Database | Transaction,
    kitchenId: string,
    rows: readonly Row[],
  ) => Promise<Stored<Data>[]>,
  replace: (on: Transaction, kitchenId: string, row: Stored<Data>) => Promise<void>,
): Pick<Repository<Data>, 'find' | 'insert' | 'update'> => ({
  async find(on, kitchenId, id, lock) {
    const rows = await select(
      on,
      `SELECT * FROM ${table} WHERE kitchen_id = ? AND id = ?${lock ? ' FOR UPDATE' : ''}`,
      [kitchenId, id],
    );
    return (await read(on, kitchenId, rows))[0];
  },
  async insert(on, kitchenId, row) {
    await statements.insert(on, kitchenId, row);
    await replace(on, kitchenId, row);
  },
  async update(on, kitchenId, row) {
    await statements.update(on, kitchenId, row);
    await replace(on, kitchenId, row);
  },
});

/** Rows of a child table, kept in order: replaced as a whole with their parent. */
export async function replaceChildren(
  on: Transaction,
  table: string,
  parentColumn: string,
  kitchenId: string,
  parentId: string,
  columns: readonly string[],
  rows: readonly (readonly Value[])[],
): Promise<void> {
  await change(on, `DELETE FROM ${table} WHERE ${parentColumn} = ? AND kitchen_id = ?`, [
    parentId,
    kitchenId,
  ]);
  const names = ['kitchen_id', parentColumn, 'position', ...columns];
  const places = names.map(() => '?').join(', ');
  for (const [position, row] of rows.entries()) {
    await change(on, `INSERT INTO ${table} (${names.join(', ')}) VALUES (${places})`, [
      kitchenId,
      parentId,
      position,
      ...row,
    ]);
  }
}

/** Children of several parents at once, by parent, in order. */
export async function childrenOf(
  on: Database | Transaction,
  table: string,
  parentColumn: string,
  kitchenId: string,
  parentIds: readonly string[],
): Promise<Map<string, Row[]>> {
  const byParent = new Map<string, Row[]>(parentIds.map((id) => [id, []]));
  if (parentIds.length === 0) return byParent;
  const places = parentIds.map(() => '?').join(', ');
  const rows = await select(
    on,
    `SELECT * FROM ${table} WHERE kitchen_id = ? AND ${parentColumn} IN (${places}) ORDER BY position`,
    [kitchenId, ...parentIds],
  );
  for (const row of rows) byParent.get(String(row[parentColumn]))?.push(row);
  return byParent;
}

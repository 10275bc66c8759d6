import type { ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { ANSWER_MS, onConnection, type Database, type Transaction } from '../database/pool';

/** What every stored thing has besides its data. */
export interface Stored<Data> {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
  readonly lastWriteId: string;
  /** Hash of what was written last; none where that was before hashes were kept. */
  readonly lastWriteHash: string | null;
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
  /** What there is already of something there may be one of in a kitchen. */
  sameAs?(on: Database, kitchenId: string, data: Data): Promise<Stored<Data> | undefined>;
  /** Keeps what was just written for its past, where a kind of thing has one. */
  record?(on: Transaction, kitchenId: string, row: Stored<Data>, why: string): Promise<void>;
}

type Value = string | number | Date | null;
export type Row = RowDataPacket & Record<string, unknown>;

/** A JSON column: MariaDB gives it as text, parsed here. */
export const fromJson = (value: unknown): unknown =>
  typeof value === 'string' ? JSON.parse(value) : value;

const isPool = (on: Database | Transaction): on is Database => 'getConnection' in on;

/** Runs a statement on a connection or on one out of the pool; what is not answered in time is told as away. */
const execute = async <T extends Row[] | ResultSetHeader>(
  on: Database | Transaction,
  sql: string,
  values: readonly Value[],
): Promise<T> => {
  const options = { sql, values: [...values], timeout: ANSWER_MS };
  const [result] = isPool(on)
    ? await onConnection(on, (connection) => connection.execute<T>(options))
    : await on.execute<T>(options);
  return result;
};

export const select = (
  on: Database | Transaction,
  sql: string,
  values: readonly Value[],
): Promise<Row[]> => execute<Row[]>(on, sql, values);

export const change = async (
  on: Database | Transaction,
  sql: string,
  values: readonly Value[],
): Promise<number> => (await execute<ResultSetHeader>(on, sql, values)).affectedRows;

/** The columns every table of this kind starts with, read from a row. */
export const storedFrom = <Data>(row: Row, data: Data): Stored<Data> => ({
  id: String(row.id),
  version: Number(row.version),
  updatedAt: (row.updated_at as Date).toISOString(),
  lastWriteId: String(row.last_write_id),
  lastWriteHash: row.last_write_hash === null ? null : String(row.last_write_hash),
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
  const written = ['version', 'last_write_id', 'last_write_hash', 'updated_at'];
  const all = [...new Set(['id', owner, ...written]), ...names];
  const places = all.map(() => '?').join(', ');
  const assignments = [...written, ...names].map((name) => `${name} = ?`);
  const values = (row: Stored<Data>): Value[] => [
    row.version,
    row.lastWriteId,
    row.lastWriteHash,
    new Date(row.updatedAt),
    ...columns.map((column) => column.write(row.data)),
  ];
  return {
    async insert(on: Transaction, kitchenId: string, row: Stored<Data>): Promise<void> {
      const head: Value[] = owner === 'id' ? [row.id] : [row.id, kitchenId];
      await change(on, `INSERT INTO ${table} (${all.join(', ')}) VALUES (${places})`, [
        ...head,
        ...values(row),
      ]);
    },
    async update(on: Transaction, kitchenId: string, row: Stored<Data>): Promise<void> {
      await change(
        on,
        `UPDATE ${table} SET ${assignments.join(', ')} WHERE id = ? AND ${owner} = ?`,
        [...values(row), row.id, kitchenId],
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

/** A statement takes 65,535 values; this many rows stay far under it. */
const ROWS_AT_ONCE = 500;

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
  const places = `(${names.map(() => '?').join(', ')})`;
  for (let first = 0; first < rows.length; first += ROWS_AT_ONCE) {
    const some = rows.slice(first, first + ROWS_AT_ONCE);
    await change(
      on,
      `INSERT INTO ${table} (${names.join(', ')}) VALUES ${some.map(() => places).join(', ')}`,
      some.flatMap((row, index) => [kitchenId, parentId, first + index, ...row]),
    );
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

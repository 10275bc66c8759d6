import type { ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import type { z } from 'zod';
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
export interface Repository<Data> {
  /** All of a kitchen, in the order of the table. */
  list(on: Database | Transaction, kitchenId: string): Promise<Stored<Data>[]>;
  readonly find: (
    on: Database | Transaction,
    kitchenId: string,
    id: string,
    lock?: 'for update',
  ) => Promise<Stored<Data> | undefined>;
  insert(on: Transaction, kitchenId: string, row: Stored<Data>): Promise<void>;
  update(on: Transaction, kitchenId: string, row: Stored<Data>): Promise<void>;
  /** What there is already of something there may be one of in a kitchen. */
  sameAs?(on: Database, kitchenId: string, data: Data): Promise<Stored<Data> | undefined>;
  /** Keeps what was just written for its past, where a kind of thing has one. */
  record?(on: Transaction, kitchenId: string, row: Stored<Data>, why: string): Promise<void>;
}

export type Value = string | number | Date | null;
export type Row = RowDataPacket & Record<string, unknown>;

/** MariaDB gives JSON as text; the driver parses it where it sees that it is JSON. */
const parsed = (json: unknown): unknown => (typeof json === 'string' ? JSON.parse(json) : json);

/**
 * A JSON column. What was kept before its kind had all it has today is filled out: by its
 * schema's defaults, and by `plain`.
 */
export const fromJson = <T extends z.ZodType>(
  schema: T,
  json: unknown,
  plain?: object,
): z.infer<T> => {
  const kept = parsed(json) ?? {};
  return schema.parse(plain ? { ...plain, ...kept } : kept);
};

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

/** A column and how it is filled from the data. */
export interface Column<Data> {
  readonly name: string;
  readonly write: (data: Data) => Value;
}

/** A table of rows that belong to one of another. */
export interface ChildTable {
  readonly table: string;
  /** Its column with the id of whom they belong to. */
  readonly parent: string;
  readonly columns: readonly string[];
  /** The columns they are in order by. */
  readonly order: string;
}

/** A child table whose rows are written with their parent, all of them anew. */
export interface Children<Data> extends ChildTable {
  readonly rows: (data: Data) => readonly (readonly Value[])[];
}

/** A row of a child table, as {@link childRows} gives it. */
export type ChildRow = Readonly<Record<string, string | number | null>>;

/** The child rows of each row of a table that is called `p`, as one column: all is had in one question. */
export const childColumn = ({ table, parent, columns, order }: ChildTable): string => {
  const fields = columns.map((column) => `'${column}', c.${column}`).join(', ');
  return `(SELECT JSON_ARRAYAGG(JSON_OBJECT(${fields}) ORDER BY ${order}) FROM ${table} c
    WHERE c.kitchen_id = p.kitchen_id AND c.${parent} = p.id) AS ${table}`;
};

/** The rows of a {@link childColumn}. */
export const childRows = (row: Row, { table }: ChildTable): readonly ChildRow[] =>
  (parsed(row[table]) ?? []) as ChildRow[];

/** A statement takes 65,535 values; this many rows stay far under it. */
const ROWS_AT_ONCE = 500;

/** The rows of a child table, kept in order: replaced as a whole with their parent. */
async function replaceChildren(
  on: Transaction,
  { table, parent, columns }: ChildTable,
  kitchenId: string,
  parentId: string,
  rows: readonly (readonly Value[])[],
): Promise<void> {
  await change(on, `DELETE FROM ${table} WHERE ${parent} = ? AND kitchen_id = ?`, [
    parentId,
    kitchenId,
  ]);
  const names = ['kitchen_id', parent, 'position', ...columns];
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

/** A table, and how its rows and the data are made into each other. */
export interface Kept<Data> {
  readonly table: string;
  /** The column it belongs to a kitchen by. */
  readonly owner?: 'kitchen_id' | 'id';
  /** The columns a list is in order by. */
  readonly order: string;
  readonly columns: readonly Column<Data>[];
  readonly children?: readonly Children<Data>[];
  readonly read: (row: Row) => Data;
}

/**
 * The repository of a table. Table and column names come from this program only; every value goes through a parameter.
 */
export function repositoryOf<Data>(kept: Kept<Data>): Repository<Data> {
  const { table, owner = 'kitchen_id', order, columns, children = [], read } = kept;
  const wanted = ['p.*', ...children.map(childColumn)].join(', ');
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
  const replaceAll = async (on: Transaction, kitchenId: string, { id, data }: Stored<Data>) => {
    for (const child of children) {
      await replaceChildren(on, child, kitchenId, id, child.rows(data));
    }
  };
  return {
    async list(on, kitchenId) {
      const rows = await select(
        on,
        `SELECT ${wanted} FROM ${table} p WHERE p.${owner} = ? ORDER BY ${order}`,
        [kitchenId],
      );
      return rows.map((row) => storedFrom(row, read(row)));
    },
    async find(on, kitchenId, id, lock) {
      const [row] = await select(
        on,
        `SELECT ${wanted} FROM ${table} p WHERE p.${owner} = ? AND p.id = ?${lock ? ' FOR UPDATE' : ''}`,
        [kitchenId, id],
      );
      return row && storedFrom(row, read(row));
    },
    async insert(on, kitchenId, row) {
      const head: Value[] = owner === 'id' ? [row.id] : [row.id, kitchenId];
      await change(on, `INSERT INTO ${table} (${all.join(', ')}) VALUES (${places})`, [
        ...head,
        ...values(row),
      ]);
      await replaceAll(on, kitchenId, row);
    },
    async update(on, kitchenId, row) {
      await change(
        on,
        `UPDATE ${table} SET ${assignments.join(', ')} WHERE id = ? AND ${owner} = ?`,
        [...values(row), row.id, kitchenId],
      );
      await replaceAll(on, kitchenId, row);
    },
  };
}

import {
  NOTED_LIMITS,
  readingSchema,
  wobbleCheckSchema,
  type Noted,
  type Reading,
  type WobbleCheck,
} from '@hollow-moon/contract';
import type { z } from 'zod';
import type { Database, Transaction } from '../database/pool';
import {
  childColumn,
  childRows,
  change,
  select,
  type ChildRow,
  type ChildTable,
  type Row,
  type Value,
} from './table';

/** A kind of thing that is noted of a bake: added one by one, and taken back one by one. */
export interface NotedKind<Entry extends { readonly id: string }> extends ChildTable {
  readonly what: 'reading' | 'wobble';
  readonly most: number;
  readonly schema: z.ZodType<Entry>;
  readonly values: (entry: Entry) => readonly Value[];
  readonly read: (row: ChildRow) => Entry;
}

const BY_TIME = { parent: 'bake_id', order: 'c.at_s, c.id' } as const;

export const READINGS: NotedKind<Reading> = {
  what: 'reading',
  ...BY_TIME,
  table: 'bake_readings',
  most: NOTED_LIMITS.readings,
  schema: readingSchema,
  columns: ['id', 'at_s', 'place', 'celsius'],
  values: ({ id, atS, place, celsius }) => [id, atS, place, celsius],
  read: (row) => ({
    id: String(row.id),
    atS: Number(row.at_s),
    place: row.place as Reading['place'],
    celsius: Number(row.celsius),
  }),
};

export const WOBBLES: NotedKind<WobbleCheck> = {
  what: 'wobble',
  ...BY_TIME,
  table: 'bake_wobbles',
  most: NOTED_LIMITS.wobbles,
  schema: wobbleCheckSchema,
  columns: ['id', 'at_s', 'diameter_mm', 'motion'],
  values: ({ id, atS, diameterMm, motion }) => [id, atS, diameterMm, motion],
  read: (row) => ({
    id: String(row.id),
    atS: Number(row.at_s),
    diameterMm: Number(row.diameter_mm),
    motion: row.motion as WobbleCheck['motion'],
  }),
};

/** All that was noted of a bake, by time. */
export async function notedOf(on: Database, kitchenId: string, bakeId: string): Promise<Noted> {
  const [row] = await select(
    on,
    `SELECT ${childColumn(READINGS)}, ${childColumn(WOBBLES)} FROM bakes p
     WHERE p.kitchen_id = ? AND p.id = ?`,
    [kitchenId, bakeId],
  );
  const entries = <Entry extends { readonly id: string }>(of: Row, kind: NotedKind<Entry>) =>
    childRows(of, kind).map(kind.read);
  return {
    readings: row ? entries(row, READINGS) : [],
    wobbles: row ? entries(row, WOBBLES) : [],
  };
}

/** One entry, or `undefined`. */
export async function findNoted<Entry extends { readonly id: string }>(
  on: Transaction,
  { table, columns, read }: NotedKind<Entry>,
  kitchenId: string,
  bakeId: string,
  id: string,
): Promise<Entry | undefined> {
  const [row] = await select(
    on,
    `SELECT ${columns.join(', ')} FROM ${table} WHERE kitchen_id = ? AND bake_id = ? AND id = ?`,
    [kitchenId, bakeId, id],
  );
  return row && read(row);
}

export async function countNoted(
  on: Transaction,
  { table }: ChildTable,
  kitchenId: string,
  bakeId: string,
): Promise<number> {
  const [row] = await select(
    on,
    `SELECT COUNT(*) AS entries FROM ${table} WHERE kitchen_id = ? AND bake_id = ?`,
    [kitchenId, bakeId],
  );
  return Number(row?.entries);
}

export async function insertNoted<Entry extends { readonly id: string }>(
  on: Transaction,
  { table, columns, values }: NotedKind<Entry>,
  kitchenId: string,
  bakeId: string,
  entry: Entry,
): Promise<void> {
  const names = ['kitchen_id', 'bake_id', ...columns];
  await change(
    on,
    `INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`,
    [kitchenId, bakeId, ...values(entry)],
  );
}

/** Takes an entry away; one that is not there is no more there than it was. */
export async function removeNoted(
  on: Database,
  { table }: ChildTable,
  kitchenId: string,
  bakeId: string,
  id: string,
): Promise<void> {
  await change(on, `DELETE FROM ${table} WHERE kitchen_id = ? AND bake_id = ? AND id = ?`, [
    kitchenId,
    bakeId,
    id,
  ]);
}

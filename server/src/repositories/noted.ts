import {
  deedSchema,
  markSchema,
  MOST_MARKS,
  NOTED_LIMITS,
  PICTURE_LIMITS,
  pictureSchema,
  readingSchema,
  tookSchema,
  wobbleCheckSchema,
  type DeedData,
  type MarkData,
  type Noted,
  type PictureData,
  type ShownPicture,
  type Reading,
  type WobbleCheck,
} from '@hollow-moon/contract';
import { TIMED, type Took } from '@hollow-moon/core';
import type { z } from 'zod';
import type { Database, Transaction } from '../database/pool';
import type { ThingName } from '../errors';
import { bakes } from './bakes';
import { days } from './days';
import {
  childColumn,
  childRows,
  change,
  select,
  type ChildRow,
  type ChildTable,
  type Repository,
  type Row,
  type Value,
} from './table';

/** A kind of thing that is noted of a bake or a day: added one by one, and taken back one by one. */
export interface NotedKind<Entry extends { readonly id: string }> extends ChildTable {
  /** How its entries are called in addresses, and one of them by name. */
  readonly path: 'readings' | 'wobbles' | 'deeds' | 'marks' | 'pictures';
  readonly what: ThingName;
  /** What they are noted of. */
  readonly of: { readonly what: ThingName; readonly find: Repository<unknown>['find'] };
  readonly most: number;
  readonly schema: z.ZodType<Entry>;
  /** Whether another entry under the same id says the same, so that the first of two holds; else only what is equal does. */
  readonly alike?: (one: Entry, other: Entry) => boolean;
  readonly values: (entry: Entry) => readonly Value[];
  readonly read: (row: ChildRow) => Entry;
}

const OF_BAKE = {
  parent: 'bake_id',
  order: 'c.at_s, c.id',
  of: { what: 'bake', find: bakes.find },
} as const;

/** What an entry may have or not, and its column. */
type Maybe = Readonly<Record<string, string>>;

const maybeValues = (entry: Readonly<Record<string, unknown>>, maybe: Maybe): Value[] =>
  Object.keys(maybe).map((name) => (entry[name] ?? null) as Value);

const maybeRead = (row: ChildRow, maybe: Maybe): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(maybe).flatMap(([name, column]) =>
      row[column] === null ? [] : [[name, row[column]]],
    ),
  );

const OF_VESSEL: Maybe = { vesselNo: 'vessel_no' };

export const READINGS: NotedKind<Reading> = {
  path: 'readings',
  what: 'reading',
  ...OF_BAKE,
  table: 'bake_readings',
  most: NOTED_LIMITS.readings,
  schema: readingSchema,
  columns: ['id', 'at_s', 'place', 'celsius', ...Object.values(OF_VESSEL)],
  values: (reading) => [
    ...[reading.id, reading.atS, reading.place, reading.celsius],
    ...maybeValues(reading, OF_VESSEL),
  ],
  read: (row) => ({
    id: String(row.id),
    atS: Number(row.at_s),
    place: row.place as Reading['place'],
    celsius: Number(row.celsius),
    ...maybeRead(row, OF_VESSEL),
  }),
};

export const WOBBLES: NotedKind<WobbleCheck> = {
  path: 'wobbles',
  what: 'wobble',
  ...OF_BAKE,
  table: 'bake_wobbles',
  most: NOTED_LIMITS.wobbles,
  schema: wobbleCheckSchema,
  columns: ['id', 'at_s', 'diameter_mm', 'motion', ...Object.values(OF_VESSEL)],
  values: (wobble) => [
    ...[wobble.id, wobble.atS, wobble.diameterMm, wobble.motion],
    ...maybeValues(wobble, OF_VESSEL),
  ],
  read: (row) => ({
    id: String(row.id),
    atS: Number(row.at_s),
    diameterMm: Number(row.diameter_mm),
    motion: row.motion as WobbleCheck['motion'],
    ...maybeRead(row, OF_VESSEL),
  }),
};

const shownPicture = (row: ChildRow): ShownPicture => ({
  id: String(row.id),
  at: String(row.at),
  widePx: Number(row.wide_px),
  highPx: Number(row.high_px),
});

const OF_DEED: Maybe = {
  celsius: 'celsius',
  door: 'door',
  step: 'step',
  forS: 'for_s',
  vessels: 'vessels',
  trouble: 'trouble',
  ...OF_VESSEL,
};

export const DEEDS: NotedKind<DeedData> = {
  path: 'deeds',
  what: 'deed',
  ...OF_BAKE,
  table: 'bake_deeds',
  most: NOTED_LIMITS.deeds,
  schema: deedSchema,
  columns: ['id', 'at_s', 'kind', ...Object.values(OF_DEED)],
  values: (deed) => [deed.id, deed.atS, deed.kind, ...maybeValues(deed, OF_DEED)],
  read: (row) =>
    deedSchema.parse({ id: row.id, atS: row.at_s, kind: row.kind, ...maybeRead(row, OF_DEED) }),
};

export const PICTURES: NotedKind<PictureData> = {
  path: 'pictures',
  what: 'picture',
  parent: 'bake_id',
  order: 'c.at, c.id',
  of: OF_BAKE.of,
  table: 'bake_pictures',
  most: PICTURE_LIMITS.most,
  schema: pictureSchema,
  columns: ['id', 'at', 'wide_px', 'high_px', 'jpeg'],
  values: ({ id, at, widePx, highPx, jpeg }) => [id, at, widePx, highPx, jpeg],
  read: (row) => ({ ...shownPicture(row), jpeg: String(row.jpeg) }),
};

const OF_MARK = {
  minutes: 'minutes',
  by: 'by_id',
  bakeId: 'bake_id',
  grams: 'grams',
  celsius: 'celsius',
  note: 'note',
  verb: 'verb',
  usualMin: 'usual_min',
  tookMin: 'took_min',
} as const satisfies Partial<Record<keyof MarkData, string>>;

export const MARKS: NotedKind<MarkData> = {
  path: 'marks',
  what: 'mark',
  parent: 'day_id',
  order: 'c.at, c.id',
  of: { what: 'day', find: days.find },
  table: 'day_marks',
  most: MOST_MARKS,
  schema: markSchema,
  // The pull of a bake is one tap, though two cooks make it at once.
  alike: (one, other) =>
    one.bakeId !== undefined &&
    one.bakeId === other.bakeId &&
    one.task === other.task &&
    one.kind === other.kind,
  columns: ['id', 'tap', 'task', 'kind', 'at', ...Object.values(OF_MARK)],
  values: (mark) => [
    ...[mark.id, mark.tap, mark.task, mark.kind, mark.at],
    ...maybeValues(mark, OF_MARK),
  ],
  read: (row) =>
    markSchema.parse({
      ...{ id: row.id, tap: row.tap, task: row.task, kind: row.kind, at: row.at },
      ...maybeRead(row, OF_MARK),
    }),
};

/** All that was tapped on a day's tasks, by time. */
export async function marksOf(
  on: Database,
  kitchenId: string,
  dayId: string,
): Promise<readonly MarkData[]> {
  const [row] = await select(
    on,
    `SELECT ${childColumn(MARKS)} FROM days p WHERE p.kitchen_id = ? AND p.id = ?`,
    [kitchenId, dayId],
  );
  return row ? childRows(row, MARKS).map(MARKS.read) : [];
}

/** The pictures of a bake by time, without the pictures themselves. */
export async function picturesOf(
  on: Database,
  kitchenId: string,
  bakeId: string,
): Promise<readonly ShownPicture[]> {
  const rows = await select(
    on,
    `SELECT id, at, wide_px, high_px FROM bake_pictures c WHERE kitchen_id = ? AND bake_id = ? ORDER BY ${PICTURES.order}`,
    [kitchenId, bakeId],
  );
  return rows.map(shownPicture);
}

/** What the last tasks of each kind took in a kitchen, the latest first. */
export async function tookIn(on: Database, kitchenId: string): Promise<readonly Took[]> {
  const rows = await select(
    on,
    `SELECT verb, usual_min, took_min FROM (
       SELECT verb, usual_min, took_min, at, id, ROW_NUMBER() OVER (PARTITION BY verb ORDER BY at DESC, id) AS nth
       FROM day_marks WHERE kitchen_id = ? AND verb IS NOT NULL
     ) AS timed WHERE nth <= ? ORDER BY at DESC, id`,
    [kitchenId, TIMED.last],
  );
  return rows.map((row) =>
    tookSchema.parse({
      verb: String(row.verb),
      usualMin: Number(row.usual_min),
      tookMin: Number(row.took_min),
    }),
  );
}

/** All that was noted of a bake, by time. */
export async function notedOf(on: Database, kitchenId: string, bakeId: string): Promise<Noted> {
  const [row] = await select(
    on,
    `SELECT ${childColumn(READINGS)}, ${childColumn(WOBBLES)}, ${childColumn(DEEDS)} FROM bakes p
     WHERE p.kitchen_id = ? AND p.id = ?`,
    [kitchenId, bakeId],
  );
  const entries = <Entry extends { readonly id: string }>(of: Row, kind: NotedKind<Entry>) =>
    childRows(of, kind).map(kind.read);
  return {
    readings: row ? entries(row, READINGS) : [],
    wobbles: row ? entries(row, WOBBLES) : [],
    deeds: row ? entries(row, DEEDS) : [],
  };
}

/** One entry, or `undefined`. */
export async function findNoted<Entry extends { readonly id: string }>(
  on: Database | Transaction,
  { table, parent, columns, read }: NotedKind<Entry>,
  kitchenId: string,
  parentId: string,
  id: string,
): Promise<Entry | undefined> {
  const [row] = await select(
    on,
    `SELECT ${columns.join(', ')} FROM ${table} WHERE kitchen_id = ? AND ${parent} = ? AND id = ?`,
    [kitchenId, parentId, id],
  );
  return row && read(row);
}

export async function countNoted(
  on: Transaction,
  { table, parent }: ChildTable,
  kitchenId: string,
  parentId: string,
): Promise<number> {
  const [row] = await select(
    on,
    `SELECT COUNT(*) AS entries FROM ${table} WHERE kitchen_id = ? AND ${parent} = ?`,
    [kitchenId, parentId],
  );
  return Number(row?.entries);
}

export async function insertNoted<Entry extends { readonly id: string }>(
  on: Transaction,
  { table, parent, columns, values }: NotedKind<Entry>,
  kitchenId: string,
  parentId: string,
  entry: Entry,
): Promise<void> {
  const names = ['kitchen_id', parent, ...columns];
  await change(
    on,
    `INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`,
    [kitchenId, parentId, ...values(entry)],
  );
}

/** Takes an entry away; one that is not there is no more there than it was. */
export async function removeNoted(
  on: Database,
  { table, parent }: ChildTable,
  kitchenId: string,
  parentId: string,
  id: string,
): Promise<void> {
  await change(on, `DELETE FROM ${table} WHERE kitchen_id = ? AND ${parent} = ? AND id = ?`, [
    kitchenId,
    parentId,
    id,
  ]);
}

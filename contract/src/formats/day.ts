import { fail, succeed, type Result } from '@hollow-moon/core';
import Papa from 'papaparse';
import { z } from 'zod';
import { dayDataSchema, type DayData } from '../day';
import { refusedAt } from '../limits';
import { harmless } from './csv';
import { FILE_LIMIT } from './formulaFile';
import { TOO_LARGE } from './lines';

/** Marks a file as ours, and what it holds. */
const FORMAT = 'hollow-moon/day';
const VERSION = 1;

const dayFileSchema = z.object({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  day: dayDataSchema,
  /** Names of the formulas that are wanted, so that another kitchen can tell what is missing. */
  formulas: z.record(z.string(), z.string()),
});

/** A day as a file that holds all of it; a formula goes along by its id and its name. */
export const toDayFile = (day: DayData, nameOf: (formulaId: string) => string): string =>
  `${JSON.stringify(
    {
      format: FORMAT,
      version: VERSION,
      day,
      formulas: Object.fromEntries(day.wanted.map(({ formulaId: id }) => [id, nameOf(id)])),
    } satisfies z.infer<typeof dayFileSchema>,
    null,
    2,
  )}\n`;

/** A day read from a file, and the names of its formulas. */
export interface DayFile {
  readonly day: DayData;
  readonly formulas: Readonly<Record<string, string>>;
}

/** Reads a day's file; what is none is told, and what is wrong in one at its field. */
export function fromDayFile(text: string): Result<DayFile> {
  if (text.length > FILE_LIMIT) return TOO_LARGE;
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return fail('file.not-a-day');
  }
  if ((json as { readonly format?: unknown } | null)?.format !== FORMAT) {
    return fail('file.not-a-day');
  }
  const parsed = dayFileSchema.safeParse(json);
  return parsed.success ? succeed(parsed.data) : refusedAt(parsed.error.issues[0]);
}

/** A task of a plan as a row of a table; moments in local time as ISO 8601 writes them without a zone. */
export interface DayRow {
  readonly start: string;
  readonly end: string;
  readonly task: string;
  readonly component: string;
  readonly bake: string;
  readonly tins: number;
  readonly oven: string;
  /** °C on the dial; empty where nothing is baked. */
  readonly settingC: number | '';
  readonly people: string;
}

const DAY_COLUMNS = [
  'start',
  'end',
  'task',
  'component',
  'bake',
  'tins',
  'oven',
  'setting_c',
  'people',
] as const;

/** A plan as a table, with the mark by which spreadsheets know UTF-8. */
export const toDayCsv = (rows: readonly DayRow[]): string =>
  `\uFEFF${Papa.unparse({
    fields: [...DAY_COLUMNS],
    data: rows.map((row) => [
      row.start,
      row.end,
      harmless(row.task),
      harmless(row.component),
      harmless(row.bake),
      row.tins,
      harmless(row.oven),
      row.settingC,
      harmless(row.people),
    ]),
  })}\r\n`;

/** A task of a day as it was really done; what nobody has said is empty. */
export interface DoneRow {
  readonly task: string;
  readonly bake: string;
  readonly state: string;
  readonly plannedStart: string;
  readonly plannedEnd: string;
  readonly start: string;
  readonly end: string;
  readonly person: string;
  readonly usedG: number | '';
  readonly heatC: number | '';
  readonly note: string;
}

const DONE_COLUMNS = [
  ...['task', 'bake', 'state', 'planned_start', 'planned_end', 'start', 'end'],
  ...['person', 'used_g', 'heat_c', 'note'],
];

/** What was done of a day beside what was planned, as a table. */
export const toDoneCsv = (rows: readonly DoneRow[]): string =>
  `\uFEFF${Papa.unparse({
    fields: DONE_COLUMNS,
    data: rows.map((row) => [
      ...[harmless(row.task), harmless(row.bake), row.state],
      ...[row.plannedStart, row.plannedEnd, row.start, row.end],
      ...[harmless(row.person), row.usedG, row.heatC, harmless(row.note)],
    ]),
  })}\r\n`;

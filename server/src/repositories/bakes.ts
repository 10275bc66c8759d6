import {
  bakePartsSchema as partsSchema,
  foreseenSchema,
  plannedSchema,
  type BakeData,
} from '@hollow-moon/contract';
import {
  childRows,
  fromJson,
  repositoryOf,
  type Children,
  type Repository,
  type Row,
} from './table';

/** What went wrong with it, in the order it was said. */
export const FAULTS: Children<BakeData> = {
  table: 'bake_faults',
  parent: 'bake_id',
  columns: ['fault'],
  order: 'c.position',
  rows: ({ faults }) => faults.map((fault) => [fault]),
};

export const faultsOf = (row: Row): BakeData['faults'] =>
  childRows(row, FAULTS).map(({ fault }) => fault as BakeData['faults'][number]);

/** When it went in and when it came out. */
export const timesOf = (row: Row): Pick<BakeData, 'startedAt' | 'pulledAt'> => ({
  startedAt: (row.started_at as Date).toISOString(),
  pulledAt: row.pulled_at === null ? null : (row.pulled_at as Date).toISOString(),
});

/** What the log says of it in a line. */
export const headOf = (row: Row) => ({
  formulaId: String(row.formula_id),
  vesselId: row.vessel_id === null ? null : String(row.vessel_id),
  ovenId: row.oven_id === null ? null : String(row.oven_id),
  formulaName: String(row.formula_name),
  vesselName: String(row.vessel_name),
  ovenName: String(row.oven_name),
  vesselCount: Number(row.vessel_count),
  shell: row.shell as BakeData['shell'],
  setC: Number(row.set_c),
  surfaceMm: Number(row.surface_mm),
  ...timesOf(row),
  result: row.result as BakeData['result'],
  faults: faultsOf(row),
  note: String(row.note),
});

/** Bakes but for what is noted on the way: {@link noted}. They are listed by the page: {@link logPage}. */
export const bakes: Repository<BakeData> = repositoryOf<BakeData>({
  table: 'bakes',
  order: 'started_at DESC, id',
  columns: [
    { name: 'formula_id', write: (data) => data.formulaId },
    { name: 'vessel_id', write: (data) => data.vesselId },
    { name: 'oven_id', write: (data) => data.ovenId },
    { name: 'formula_name', write: (data) => data.formulaName },
    { name: 'vessel_name', write: (data) => data.vesselName },
    { name: 'oven_name', write: (data) => data.ovenName },
    { name: 'vessel_count', write: (data) => data.vesselCount },
    { name: 'shell', write: (data) => data.shell },
    { name: 'set_c', write: (data) => data.setC },
    { name: 'filling_start_c', write: (data) => data.fillingStartC },
    { name: 'surface_mm', write: (data) => data.surfaceMm },
    { name: 'foreseen', write: (data) => JSON.stringify(data.foreseen) },
    {
      name: 'believed',
      write: (data) => (data.believed ? JSON.stringify(data.believed) : null),
    },
    { name: 'planned', write: (data) => (data.planned ? JSON.stringify(data.planned) : null) },
    { name: 'parts', write: (data) => JSON.stringify(data.parts) },
    { name: 'started_at', write: (data) => new Date(data.startedAt) },
    {
      name: 'pulled_at',
      write: (data) => (data.pulledAt === null ? null : new Date(data.pulledAt)),
    },
    { name: 'result', write: (data) => data.result },
    { name: 'note', write: (data) => data.note },
    { name: 'day_id', write: (data) => data.ofDay?.dayId ?? null },
    { name: 'day_task', write: (data) => data.ofDay?.task ?? null },
    { name: 'archived', write: (data) => (data.archived ? 1 : 0) },
  ],
  children: [FAULTS],
  read: (row) => ({
    ...headOf(row),
    fillingStartC: Number(row.filling_start_c),
    foreseen: fromJson(foreseenSchema, row.foreseen),
    ...(row.believed === null ? {} : { believed: fromJson(foreseenSchema, row.believed) }),
    planned: row.planned === null ? null : fromJson(plannedSchema, row.planned),
    parts: row.parts === null ? [] : fromJson(partsSchema, row.parts),
    ...(row.day_id === null
      ? {}
      : { ofDay: { dayId: String(row.day_id), task: String(row.day_task) } }),
    archived: Boolean(row.archived),
  }),
});

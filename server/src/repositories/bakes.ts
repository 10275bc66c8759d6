import type { BakeData, BakeSearch } from '@hollow-moon/contract';
import type { Database, Transaction } from '../database/pool';
import {
  childrenOf,
  fromJson,
  replaceChildren,
  select,
  statementsFor,
  storedFrom,
  withChildren,
  type Repository,
  type Row,
  type Stored,
} from './table';

const statements = statementsFor<BakeData>('bakes', 'kitchen_id', [
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
  { name: 'planned', write: (data) => (data.planned ? JSON.stringify(data.planned) : null) },
  { name: 'started_at', write: (data) => new Date(data.startedAt) },
  { name: 'pulled_at', write: (data) => (data.pulledAt === null ? null : new Date(data.pulledAt)) },
  { name: 'result', write: (data) => data.result },
  { name: 'note', write: (data) => data.note },
]);

interface Parts {
  readonly readings: readonly Row[];
  readonly wobbles: readonly Row[];
  readonly faults: readonly Row[];
}

const read = (row: Row, parts: Parts): BakeData => ({
  formulaId: String(row.formula_id),
  vesselId: String(row.vessel_id),
  ovenId: String(row.oven_id),
  formulaName: String(row.formula_name),
  vesselName: String(row.vessel_name),
  ovenName: String(row.oven_name),
  vesselCount: Number(row.vessel_count),
  shell: row.shell as BakeData['shell'],
  setC: Number(row.set_c),
  fillingStartC: Number(row.filling_start_c),
  surfaceMm: Number(row.surface_mm),
  foreseen: fromJson(row.foreseen) as BakeData['foreseen'],
  planned: row.planned === null ? null : (fromJson(row.planned) as BakeData['planned']),
  startedAt: (row.started_at as Date).toISOString(),
  pulledAt: row.pulled_at === null ? null : (row.pulled_at as Date).toISOString(),
  readings: parts.readings.map((reading) => ({
    id: String(reading.id),
    atS: Number(reading.at_s),
    place: reading.place as BakeData['readings'][number]['place'],
    celsius: Number(reading.celsius),
  })),
  wobbles: parts.wobbles.map((wobble) => ({
    id: String(wobble.id),
    atS: Number(wobble.at_s),
    diameterMm: Number(wobble.diameter_mm),
    motion: wobble.motion as BakeData['wobbles'][number]['motion'],
  })),
  result: row.result as BakeData['result'],
  faults: parts.faults.map((fault) => fault.fault as BakeData['faults'][number]),
  note: String(row.note),
});

async function withParts(
  on: Database | Transaction,
  kitchenId: string,
  rows: readonly Row[],
): Promise<Stored<BakeData>[]> {
  const ids = rows.map((row) => String(row.id));
  const readings = await childrenOf(on, 'bake_readings', 'bake_id', kitchenId, ids);
  const wobbles = await childrenOf(on, 'bake_wobbles', 'bake_id', kitchenId, ids);
  const faults = await childrenOf(on, 'bake_faults', 'bake_id', kitchenId, ids);
  return rows.map((row) => {
    const id = String(row.id);
    return storedFrom(
      row,
      read(row, {
        readings: readings.get(id) ?? [],
        wobbles: wobbles.get(id) ?? [],
        faults: faults.get(id) ?? [],
      }),
    );
  });
}

async function replaceParts(on: Transaction, kitchenId: string, { id, data }: Stored<BakeData>) {
  const replace = (
    table: string,
    columns: readonly string[],
    rows: readonly (readonly (string | number)[])[],
  ) => replaceChildren(on, table, 'bake_id', kitchenId, id, columns, rows);
  await replace(
    'bake_readings',
    ['id', 'at_s', 'place', 'celsius'],
    data.readings.map((each) => [each.id, each.atS, each.place, each.celsius]),
  );
  await replace(
    'bake_wobbles',
    ['id', 'at_s', 'diameter_mm', 'motion'],
    data.wobbles.map((each) => [each.id, each.atS, each.diameterMm, each.motion]),
  );
  await replace(
    'bake_faults',
    ['fault'],
    data.faults.map((fault) => [fault]),
  );
}

/** Text for LIKE with its wildcards made plain. */
const containing = (text: string): string => `%${text.replace(/[\\%_]/g, '\\$&')}%`;

/** Most bakes a list shows; older ones are found by searching. */
const LIST_LIMIT = 500;

export const bakes: Repository<BakeData, BakeSearch> = {
  async list(on, kitchenId, search = {}) {
    const conditions = ['kitchen_id = ?'];
    const values: string[] = [kitchenId];
    if (search.formulaId) {
      conditions.push('formula_id = ?');
      values.push(search.formulaId);
    }
    if (search.vesselId) {
      conditions.push('vessel_id = ?');
      values.push(search.vesselId);
    }
    if (search.text) {
      const places = ['formula_name', 'vessel_name', 'oven_name', 'note'];
      const faults =
        'EXISTS (SELECT 1 FROM bake_faults f WHERE f.bake_id = bakes.id AND f.fault LIKE ?)';
      conditions.push(`(${places.map((place) => `${place} LIKE ?`).join(' OR ')} OR ${faults})`);
      values.push(...[...places, 'fault'].map(() => containing(search.text ?? '')));
    }
    const rows = await select(
      on,
      `SELECT * FROM bakes WHERE ${conditions.join(' AND ')} ORDER BY started_at DESC, id LIMIT ${LIST_LIMIT}`,
      values,
    );
    return withParts(on, kitchenId, rows);
  },
  ...withChildren('bakes', statements, withParts, replaceParts),
};

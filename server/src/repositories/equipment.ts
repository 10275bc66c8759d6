import type { OvenData, VesselData } from '@hollow-moon/contract';
import { select, statementsFor, storedFrom, type Column, type Repository, type Row } from './table';

/** A repository for things that are one row each and are listed by name. */
function rowPerThing<Data>(
  table: 'vessels' | 'ovens',
  columns: readonly Column<Data>[],
  read: (row: Row) => Data,
): Repository<Data> {
  return {
    ...statementsFor<Data>(table, 'kitchen_id', columns),
    async list(on, kitchenId) {
      const rows = await select(
        on,
        `SELECT * FROM ${table} WHERE kitchen_id = ? ORDER BY name, id`,
        [kitchenId],
      );
      return rows.map((row) => storedFrom(row, read(row)));
    },
    async find(on, kitchenId, id, lock) {
      const [row] = await select(
        on,
        `SELECT * FROM ${table} WHERE kitchen_id = ? AND id = ?${lock ? ' FOR UPDATE' : ''}`,
        [kitchenId, id],
      );
      return row && storedFrom(row, read(row));
    },
  };
}

export const vessels = rowPerThing<VesselData>(
  'vessels',
  [
    { name: 'name', write: (data) => data.name },
    { name: 'kind', write: (data) => data.kind },
    { name: 'base_diameter_mm', write: (data) => data.baseDiameterMm },
    { name: 'top_diameter_mm', write: (data) => data.topDiameterMm },
    { name: 'height_mm', write: (data) => data.heightMm },
    { name: 'lip_mm', write: (data) => data.lipMm },
    { name: 'material', write: (data) => data.material },
    { name: 'owned', write: (data) => data.owned },
  ],
  (row) => ({
    name: String(row.name),
    kind: row.kind as VesselData['kind'],
    baseDiameterMm: Number(row.base_diameter_mm),
    topDiameterMm: Number(row.top_diameter_mm),
    heightMm: Number(row.height_mm),
    lipMm: Number(row.lip_mm),
    material: row.material as VesselData['material'],
    owned: Number(row.owned),
  }),
);

export const ovens = rowPerThing<OvenData>(
  'ovens',
  [
    { name: 'name', write: (data) => data.name },
    { name: 'kind', write: (data) => data.kind },
    { name: 'offset_k', write: (data) => data.offsetK },
  ],
  (row) => ({
    name: String(row.name),
    kind: row.kind as OvenData['kind'],
    offsetK: Number(row.offset_k),
  }),
);

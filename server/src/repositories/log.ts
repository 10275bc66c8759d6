import { LOG_PAGE, type BakePage, type BakeSearch } from '@hollow-moon/contract';
import type { Database } from '../database/pool';
import { FAULTS, headOf } from './bakes';
import { childColumn, select, storedFrom, type Row, type Value } from './table';

/** Text for LIKE with its wildcards made plain. */
const containing = (text: string): string => `%${text.replace(/[\\%_]/g, '\\$&')}%`;

/** What a page of the log has of a bake: not its curve, which is most of it. */
const COLUMNS = [
  ...['id', 'version', 'last_write_id', 'last_write_hash', 'updated_at'],
  ...['formula_id', 'vessel_id', 'oven_id', 'formula_name', 'vessel_name', 'oven_name'],
  ...['vessel_count', 'shell', 'set_c', 'surface_mm', 'started_at', 'pulled_at'],
  ...['result', 'note'],
].map((name) => `p.${name}`);

const LAST_WOBBLE = `(SELECT w.diameter_mm FROM bake_wobbles w
  WHERE w.kitchen_id = p.kitchen_id AND w.bake_id = p.id
  ORDER BY w.at_s DESC, w.id DESC LIMIT 1) AS last_wobble_mm`;

/** What a page of the log asks for; of the rows it wants says {@link logPage}. */
export const LOG_SELECT = `SELECT ${[...COLUMNS, childColumn(FAULTS), LAST_WOBBLE].join(', ')}
  FROM bakes p`;

const summaryOf = (row: Row): BakePage['bakes'][number] => {
  const { id, version, updatedAt, data } = storedFrom(row, {
    ...headOf(row),
    lastWobbleMm: row.last_wobble_mm === null ? null : Number(row.last_wobble_mm),
  });
  return { id, version, updatedAt, data };
};

/** A page of a kitchen's log, newest first, without what was put away. */
export async function logPage(
  on: Database,
  kitchenId: string,
  { formulaId, vesselId, text, after }: BakeSearch,
): Promise<BakePage> {
  const conditions = ['p.kitchen_id = ?', 'NOT p.archived'];
  const values: Value[] = [kitchenId];
  if (formulaId) {
    conditions.push('p.formula_id = ?');
    values.push(formulaId);
  }
  if (vesselId) {
    conditions.push('p.vessel_id = ?');
    values.push(vesselId);
  }
  if (text) {
    const places = ['formula_name', 'vessel_name', 'oven_name', 'note'];
    const faults = 'EXISTS (SELECT 1 FROM bake_faults f WHERE f.bake_id = p.id AND f.fault LIKE ?)';
    conditions.push(`(${places.map((place) => `p.${place} LIKE ?`).join(' OR ')} OR ${faults})`);
    values.push(...[...places, 'fault'].map(() => containing(text)));
  }
  if (after) {
    // One that is no longer there ends the log.
    conditions.push(
      `EXISTS (SELECT 1 FROM bakes a WHERE a.kitchen_id = p.kitchen_id AND a.id = ?
        AND (p.started_at < a.started_at OR (p.started_at = a.started_at AND p.id > a.id)))`,
    );
    values.push(after);
  }
  const rows = await select(
    on,
    `${LOG_SELECT} WHERE ${conditions.join(' AND ')} ORDER BY p.started_at DESC, p.id LIMIT ${LOG_PAGE + 1}`,
    values,
  );
  const found = rows.slice(0, LOG_PAGE).map(summaryOf);
  return { bakes: found, next: rows.length > LOG_PAGE ? found.at(-1)!.id : null };
}

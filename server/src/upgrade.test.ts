/** A database that was filled by each earlier version is brought up to date with all that was in it. */
import { cpSync, mkdirSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import { migrate } from './database/migrate';
import { openDatabase } from './database/pool';
import { bakes } from './repositories/bakes';
import { ovens, pantry, vessels } from './repositories/equipment';
import { formulas, versionsOf } from './repositories/formulas';
import { kitchens } from './repositories/kitchens';
import { notedOf } from './repositories/noted';
import { createEmptyDatabase, MIGRATIONS } from './testing/database';
import { expectedAfter, IDS, rowsOf } from './testing/earlier';

const FILES = readdirSync(MIGRATIONS)
  .filter((name) => name.endsWith('.sql'))
  .sort();
const folder = mkdtempSync(join(tmpdir(), 'hollow-moon-upgrade-'));
afterAll(() => rmSync(folder, { recursive: true }));

it('the files are numbered without a gap, so that a version is the number of its last', () => {
  expect(FILES.map((name) => Number(name.split('-')[0]))).toEqual(
    FILES.map((_, index) => index + 1),
  );
});

it.each(FILES.map((name, index) => [name, index + 1] as const))(
  'from %s on',
  async (_, version) => {
    const earlier = join(folder, String(version));
    mkdirSync(earlier);
    for (const name of FILES.slice(0, version)) cpSync(join(MIGRATIONS, name), join(earlier, name));
    const { url, drop } = await createEmptyDatabase();
    try {
      await migrate(url, earlier);
      const connection = await mysql.createConnection({ uri: url, timezone: 'Z' });
      for (const { table, row } of rowsOf(version)) {
        await connection.query('INSERT INTO ?? SET ?', [table, row]);
      }
      await connection.end();
      expect(await migrate(url, MIGRATIONS)).toEqual(FILES.slice(version));
      const database = openDatabase(url);
      const find = async <T>(
        repository: {
          find: (
            on: typeof database,
            kitchen: string,
            id: string,
          ) => Promise<{ data: T } | undefined>;
        },
        id: string,
      ) => (await repository.find(database, IDS.kitchen, id))?.data;
      const found = {
        kitchen: await find(kitchens, IDS.kitchen),
        vessel: await find(vessels, IDS.vessel),
        oven: await find(ovens, IDS.oven),
        formula: await find(formulas, IDS.formula),
        bake: await find(bakes, IDS.bake),
        pantry: await find(pantry, IDS.pantry),
        noted: await notedOf(database, IDS.kitchen, IDS.bake),
        versions: await versionsOf(database, IDS.kitchen, IDS.formula),
      };
      await database.end();
      expect(found).toEqual(expectedAfter(version));
    } finally {
      await drop();
    }
  },
  60_000,
);

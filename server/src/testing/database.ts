import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import { createApp } from '../app';
import { migrate } from '../database/migrate';
import { openDatabase, type Database } from '../database/pool';

const MIGRATIONS = join(__dirname, '../../migrations');

/** A migrated database of its own for one test file, on the MariaDB that the test command started. */
export async function createTestDatabase(): Promise<{
  url: string;
  database: Database;
  drop: () => Promise<void>;
}> {
  const base = process.env.HOLLOW_MOON_TEST_DATABASE_URL;
  if (!base) throw new Error('HOLLOW_MOON_TEST_DATABASE_URL is not set; run `npm test`');
  const name = `hollow_moon_test_${randomUUID().replaceAll('-', '')}`;
  const admin = await mysql.createConnection({ uri: base });
  await admin.query(`CREATE DATABASE \`${name}\``);
  const address = new URL(base);
  address.pathname = `/${name}`;
  const url = address.toString();
  await migrate(url, MIGRATIONS);
  const database = openDatabase(url);
  return {
    url,
    database,
    async drop() {
      await database.end();
      await admin.query(`DROP DATABASE \`${name}\``);
      await admin.end();
    },
  };
}

/** The application over a database, with a clock that stands still and a log that is kept. */
export function createTestApp(database: Database) {
  const reported: unknown[] = [];
  const app = createApp({
    database,
    version: 'test',
    now: () => new Date('2026-11-24T03:00:00.000Z'),
    report: (cause) => reported.push(cause),
  });
  return { app, reported };
}

import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import { createApp, type AppDependencies } from '../app';
import calendarOf from '../calendar/worker';
import pdfOf from '../card/worker';
import { migrate } from '../database/migrate';
import { openDatabase, type Database } from '../database/pool';

export const MIGRATIONS = join(__dirname, '../../migrations');

/** A database of its own for one test file, on the MariaDB that the test command started; empty. */
export async function createEmptyDatabase(): Promise<{
  url: string;
  drop: () => Promise<void>;
}> {
  const base = process.env.HOLLOW_MOON_TEST_DATABASE_URL;
  if (!base) throw new Error('HOLLOW_MOON_TEST_DATABASE_URL is not set; run `npm test`');
  const name = `hollow_moon_test_${randomUUID().replaceAll('-', '')}`;
  const admin = await mysql.createConnection({ uri: base });
  await admin.query(`CREATE DATABASE \`${name}\``);
  const address = new URL(base);
  address.pathname = `/${name}`;
  return {
    url: address.toString(),
    async drop() {
      await admin.query(`DROP DATABASE \`${name}\``);
      await admin.end();
    },
  };
}

/** The same, with all its tables. */
export async function createTestDatabase(): Promise<{
  url: string;
  database: Database;
  drop: () => Promise<void>;
}> {
  const { url, drop } = await createEmptyDatabase();
  await migrate(url, MIGRATIONS);
  const database = openDatabase(url);
  return {
    url,
    database,
    async drop() {
      await database.end();
      await drop();
    },
  };
}

/** The application over a database, with a clock that stands still and a log that is kept. */
export function createTestApp(database: Database, more: Partial<AppDependencies> = {}) {
  const reported: unknown[] = [];
  const app = createApp({
    database,
    version: 'test',
    drawCards: pdfOf,
    makeCalendar: (ask) => Promise.resolve(calendarOf(ask)),
    now: () => new Date('2026-11-24T03:00:00.000Z'),
    report: (cause) => reported.push(cause),
    ...more,
  });
  return { app, reported };
}

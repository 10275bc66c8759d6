import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import type { RowDataPacket } from 'mysql2/promise';

/**
 * Brings a database up to date: runs each numbered file of `folder` that has not been run, in order,
 * and remembers it. A lock keeps two servers from doing so at once. MariaDB commits each CREATE by
 * itself, so a file that fails half-way is named in the error and has to be mended by hand.
 */
export async function migrate(url: string, folder: string): Promise<string[]> {
  const connection = await mysql.createConnection({ uri: url, multipleStatements: true });
  try {
    await connection.query(
      'CREATE TABLE IF NOT EXISTS migrations (name VARCHAR(120) NOT NULL PRIMARY KEY, ran_at DATETIME(3) NOT NULL)',
    );
    const [[lock]] = await connection.query<RowDataPacket[]>(
      "SELECT GET_LOCK('hollow-moon-migrations', 30) AS had",
    );
    if (Number(lock?.had) !== 1) {
      throw new Error('another server has been changing this database for half a minute');
    }
    const [rows] = await connection.query<RowDataPacket[]>('SELECT name FROM migrations');
    const done = new Set(rows.map((row) => String(row.name)));
    const files = (await readdir(folder)).filter((name) => /^\d+-.*\.sql$/.test(name)).sort();
    const ran: string[] = [];
    for (const file of files) {
      if (done.has(file)) continue;
      try {
        await connection.query(await readFile(join(folder, file), 'utf8'));
      } catch (cause) {
        throw new Error(`migration ${file} failed`, { cause });
      }
      await connection.execute(
        'INSERT INTO migrations (name, ran_at) VALUES (?, UTC_TIMESTAMP(3))',
        [file],
      );
      ran.push(file);
    }
    return ran;
  } finally {
    await connection.end();
  }
}

import { setTimeout as sleep } from 'node:timers/promises';
import mysql from 'mysql2/promise';
import type { Pool, PoolConnection } from 'mysql2/promise';
import CircuitBreaker from 'opossum';
import { isDatabaseAway } from './away';

export type Database = Pool;
export type Transaction = PoolConnection;

/** A database that has not answered a statement by then is hung, ms. */
export const ANSWER_MS = 3000;

/** Opens a pool on a `mysql://` address. Times cross as UTC; numbers stay numbers. */
export const openDatabase = (url: string): Database =>
  mysql.createPool({
    uri: url,
    timezone: 'Z',
    connectionLimit: 10,
    connectTimeout: ANSWER_MS,
    decimalNumbers: true,
    charset: 'utf8mb4',
  });

const away = (message: string) => Object.assign(new Error(message), { code: 'ETIMEDOUT' });

/** A connection out of the pool, before long. */
async function connectionOf(database: Database): Promise<PoolConnection> {
  const asked = database.getConnection();
  let patience: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_resolve, reject) => {
    patience = setTimeout(() => {
      // One that comes too late goes back.
      void asked.then((connection) => connection.release()).catch(() => undefined);
      reject(away('no connection to the database'));
    }, ANSWER_MS);
  });
  try {
    return await Promise.race([asked, late]);
  } finally {
    clearTimeout(patience);
  }
}

/** After this long a database that was away is asked again, ms. */
const RESET_MS = 1000;

type Work = () => Promise<unknown>;

/** Where a database has not answered a few in a row, the next are refused at once instead of each waiting in vain. */
const breakers = new WeakMap<Database, CircuitBreaker<[Work], unknown>>();

function breakerOf(database: Database): CircuitBreaker<[Work], unknown> {
  const known = breakers.get(database);
  if (known) return known;
  const made = new CircuitBreaker<[Work], unknown>((work) => work(), {
    timeout: false,
    resetTimeout: RESET_MS,
    rollingCountTimeout: 10_000,
    volumeThreshold: 3,
    errorThresholdPercentage: 20,
    // What the database refuses, or we do, shows that it is there.
    errorFilter: (cause: unknown) => !isDatabaseAway(cause),
  });
  // Whoever asked is told; nobody else listens.
  made.on('open', () => undefined);
  breakers.set(database, made);
  return made;
}

/** Closes a pool; a database that hangs is not waited for. */
export async function closeDatabase(database: Database): Promise<void> {
  breakers.get(database)?.shutdown();
  await Promise.race([database.end().catch(() => undefined), sleep(ANSWER_MS)]);
}

/**
 * Works on a connection out of the pool. One that broke, or did not answer in time, must not go back into it: its answer
 * may still come, to somebody else's question.
 */
export const onConnection = <T>(
  database: Database,
  work: (connection: PoolConnection) => Promise<T>,
): Promise<T> => breakerOf(database).fire(() => workOn(database, work)) as Promise<T>;

async function workOn<T>(
  database: Database,
  work: (connection: PoolConnection) => Promise<T>,
): Promise<T> {
  const connection = await connectionOf(database);
  try {
    const result = await work(connection);
    connection.release();
    return result;
  } catch (cause) {
    const { fatal, code, sqlState } = cause as {
      fatal?: boolean;
      code?: string;
      sqlState?: string;
    };
    // Only what the database itself said leaves the connection as it was.
    if (fatal || (sqlState === undefined && code !== undefined)) connection.destroy();
    else connection.release();
    throw cause;
  }
}

/** MariaDB: two transactions wait for each other; one waited too long. Nothing of ours was done. */
const AGAIN: ReadonlySet<number> = new Set([1213, 1205]);
const ATTEMPTS = 8;

/** Runs `work` in a transaction: all of it is stored, or none. Done again where another transaction was in its way. */
export async function inTransaction<T>(
  database: Database,
  work: (transaction: Transaction) => Promise<T>,
): Promise<T> {
  for (let attempt = 1; ; attempt += 1) {
    try {
      return await onConnection(database, async (connection) => {
        await connection.query({ sql: 'START TRANSACTION', timeout: ANSWER_MS });
        try {
          const result = await work(connection);
          await connection.query({ sql: 'COMMIT', timeout: ANSWER_MS });
          return result;
        } catch (cause) {
          await connection.query({ sql: 'ROLLBACK', timeout: ANSWER_MS }).catch(() => {
            // Whatever is left open ends with the connection.
            throw Object.assign(cause as Error, { fatal: true });
          });
          throw cause;
        }
      });
    } catch (cause) {
      const { errno } = cause as { errno?: number };
      if (errno === undefined || !AGAIN.has(errno) || attempt === ATTEMPTS) throw cause;
      await sleep(Math.random() * 10 * 2 ** attempt);
    }
  }
}

import mysql from 'mysql2/promise';
import type { Pool, PoolConnection } from 'mysql2/promise';

export type Database = Pool;
export type Transaction = PoolConnection;

/** Opens a pool on a `mysql://` address. Times cross as UTC; numbers stay numbers. */
export const openDatabase = (url: string): Database =>
  mysql.createPool({
    uri: url,
    timezone: 'Z',
    connectionLimit: 10,
    connectTimeout: 3000,
    decimalNumbers: true,
    charset: 'utf8mb4',
  });

/** Runs `work` in a transaction: all of it is stored, or none. */
export async function inTransaction<T>(
  database: Database,
  work: (transaction: Transaction) => Promise<T>,
): Promise<T> {
  const connection = await database.getConnection();
  try {
    await connection.beginTransaction();
    const result = await work(connection);
    await connection.commit();
    connection.release();
    return result;
  } catch (cause) {
    // A connection that broke, or whose rollback fails, must not go back into the pool.
    await connection.rollback().then(
      () => connection.release(),
      () => connection.destroy(),
    );
    throw cause;
  }
}

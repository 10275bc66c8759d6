/** What the driver throws. */
export interface DatabaseError {
  readonly code?: string;
  readonly errno?: number;
  readonly fatal?: boolean;
  readonly sqlMessage?: string;
}

/** By code: of the network, of the driver, of the breaker before it. */
const AWAY = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOENT',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_SEQUENCE_TIMEOUT',
  'PROTOCOL_CONNECTION_LOST',
  'ER_SERVER_SHUTDOWN',
  'POOL_CLOSED',
  'EOPENBREAKER',
]);

/** MariaDB: connection killed, server shutting down. */
const KILLED = new Set([1053, 1077, 1927]);

/** Whether the database could not be asked at all, as opposed to having refused. */
export function isDatabaseAway(cause: unknown): boolean {
  const { code, errno, fatal } = cause as DatabaseError;
  // The driver gives this one no code.
  const closed = cause instanceof Error && cause.message === 'Pool is closed.';
  return (
    closed ||
    (code !== undefined && AWAY.has(code)) ||
    (errno !== undefined && KILLED.has(errno)) ||
    fatal === true
  );
}

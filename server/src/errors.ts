import type { ApiError } from '@hollow-moon/contract';
import type { z } from 'zod';

/** A refusal the client can show: one shape, with a status of HTTP. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly body: ApiError['error'],
  ) {
    super(body.message);
  }
}

export const notFound = (what: string): Refusal =>
  new Refusal(404, { code: 'unknown', message: `This ${what} is not in the kitchen.` });

/** Turns the first issue of a failed parse into a refusal at its field. */
export function invalid(error: z.ZodError): Refusal {
  const issue = error.issues[0];
  return new Refusal(422, {
    code: 'invalid',
    message: issue?.message ?? 'Something in this is not as it should be.',
    path: issue?.path.join('.') ?? '',
  });
}

interface DatabaseError {
  readonly code?: string;
  readonly errno?: number;
  readonly fatal?: boolean;
  readonly sqlMessage?: string;
}

const AWAY = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOENT',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'ER_SERVER_SHUTDOWN',
  'POOL_CLOSED',
]);

/** MariaDB: no such parent row; the constraint's name says which. */
const NO_PARENT = 1452;
/** MariaDB: connection killed, server shutting down. */
const KILLED = new Set([1053, 1077, 1927]);

const FIELD_OF_CONSTRAINT: readonly (readonly [string, string, string])[] = [
  ['_formula`', 'formulaId', 'formula'],
  ['_vessel`', 'vesselId', 'vessel'],
  ['_oven`', 'ovenId', 'oven'],
];

/** Whether the database could not be asked at all, as opposed to having refused. */
export function isDatabaseAway(cause: unknown): boolean {
  const { code, errno, fatal } = cause as DatabaseError;
  return (
    (code !== undefined && AWAY.has(code)) ||
    (errno !== undefined && KILLED.has(errno)) ||
    fatal === true
  );
}

/** What the client is told of anything that went wrong, or `undefined` when it is our own fault. */
export function refusalOf(cause: unknown): Refusal | undefined {
  if (cause instanceof Refusal) return cause;
  const { errno, sqlMessage = '' } = cause as DatabaseError;
  if (isDatabaseAway(cause)) {
    return new Refusal(503, {
      code: 'database-away',
      message:
        'The kitchen’s book cannot be reached just now. What you entered is kept; try again.',
    });
  }
  if (errno === NO_PARENT) {
    const [, path, what] =
      FIELD_OF_CONSTRAINT.find(([suffix]) => sqlMessage.includes(suffix)) ??
      (['', 'id', 'thing'] as const);
    return new Refusal(422, {
      code: 'unknown-reference',
      message: `This ${what} is not in the kitchen.`,
      path: `data.${path}`,
    });
  }
  return undefined;
}

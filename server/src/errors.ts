import type { ApiError } from '@hollow-moon/contract';
import type { z } from 'zod';
import { isDatabaseAway, type DatabaseError } from './database/away';

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
  new Refusal(404, { code: 'not-found', message: `This ${what} is not in the kitchen.` });

/** So many of the things that are wrong are told in one answer. */
const MOST_ISSUES = 50;

/** Turns a failed parse into a refusal at the field of its first issue, with all of them. */
export function invalid(error: z.ZodError): Refusal {
  const issues = error.issues.slice(0, MOST_ISSUES).map(({ message, path }) => ({
    path: path.join('.'),
    message,
  }));
  const [first = { path: '', message: 'Something in this is not as it should be.' }] = issues;
  return new Refusal(422, { code: 'invalid', ...first, issues });
}

/** MariaDB: no such parent row; the constraint's name says which. */
const NO_PARENT = 1452;
const FIELD_OF_CONSTRAINT: readonly (readonly [string, string, string])[] = [
  ['_formula`', 'formulaId', 'formula'],
  ['_vessel`', 'vesselId', 'vessel'],
  ['_oven`', 'ovenId', 'oven'],
];

/** What parsers, routers and files throw: a status, and a name of what is the matter. */
interface HttpError {
  readonly status?: number;
  readonly type?: string;
}

const BODY_ERRORS: Readonly<Record<string, ApiError['error']>> = {
  'entity.too.large': {
    code: 'too-large',
    message: 'That is more than fits in one go (512 kB). Shorten the note or the list.',
  },
  'entity.parse.failed': { code: 'malformed', message: 'What was sent is not JSON.' },
};

/** A fault of whoever asked that was found before us: an address, an encoding, a range that cannot be. */
function clientFault({ status, type = '' }: HttpError): Refusal | undefined {
  if (status === undefined || status < 400 || status > 499) return undefined;
  const told = BODY_ERRORS[type] ?? {
    code: status === 404 ? 'not-found' : 'malformed',
    message: status === 404 ? 'There is nothing at this address.' : 'This cannot be understood.',
  };
  return new Refusal(status, told);
}

/** What the client is told of anything that went wrong, or `undefined` when it is our own fault. */
export function refusalOf(cause: unknown): Refusal | undefined {
  if (cause instanceof Refusal) return cause;
  const fault = clientFault(cause as HttpError);
  if (fault) return fault;
  const { errno, sqlMessage = '' } = cause as DatabaseError;
  if (isDatabaseAway(cause)) {
    return new Refusal(503, {
      code: 'database-away',
      message: 'The kitchen’s book cannot be reached just now. Try again in a moment.',
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

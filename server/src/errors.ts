import { findingIn, type ApiError } from '@hollow-moon/contract';
import { finding, type Finding } from '@hollow-moon/core';
import { METRIC, wordsIn, type MessageId } from '@hollow-moon/words';
import type { z } from 'zod';
import { isDatabaseAway, type DatabaseError } from './database/away';

const english = wordsIn(METRIC);

type Body = ApiError['error'];

/** A refusal the client can show: one shape, with a status of HTTP. Its sentence is that of its code (`api.…`), in English. */
export class Refusal extends Error {
  readonly body: Body;

  constructor(
    readonly status: number,
    code: string,
    { values, ...more }: Omit<Body, 'code' | 'message' | 'values'> & Pick<Finding, 'values'> = {},
  ) {
    const message = english.tell(finding(`api.${code}`, values));
    super(message);
    this.body = { code, message, ...(values ? { values } : {}), ...more };
  }
}

/** The things of a kitchen: whatever has a name among the messages. */
export type ThingName = {
  [Id in MessageId]: Id extends `thing.${infer Name}` ? Name : never;
}[MessageId];

const named = (what: ThingName): Finding['values'] => ({ what: finding(`thing.${what}`) });

export const notFound = (what: ThingName): Refusal =>
  new Refusal(404, 'not-found', { values: named(what) });

/** So many of the things that are wrong are told in one answer. */
const MOST_ISSUES = 50;

/** Turns a failed parse into a refusal at the field of its first issue, with all of them. */
export function invalid(error: z.ZodError): Refusal {
  const issues = error.issues.slice(0, MOST_ISSUES).map(({ message, path }) => {
    const found = findingIn(message);
    return { ...found, path: path.join('.'), message: english.tell(found) };
  });
  const [first] = issues;
  const refusal = new Refusal(422, 'invalid', { path: first?.path ?? '', issues });
  return first
    ? Object.assign(refusal, { body: { ...refusal.body, message: first.message } })
    : refusal;
}

/** MariaDB: no such parent row; the constraint's name says which. */
const NO_PARENT = 1452;
const FIELD_OF_CONSTRAINT: readonly (readonly [string, string, ThingName])[] = [
  ['_formula`', 'formulaId', 'formula'],
  ['_vessel`', 'vesselId', 'vessel'],
  ['_oven`', 'ovenId', 'oven'],
  ['bake_day`', 'ofDay', 'day'],
];

/** What parsers, routers and files throw: a status, and a name of what is the matter. */
interface HttpError {
  readonly status?: number;
  readonly type?: string;
}

const BODY_ERRORS: Readonly<Record<string, string>> = {
  'entity.too.large': 'too-large',
  'entity.parse.failed': 'malformed',
};

/** A fault of whoever asked that was found before us: an address, an encoding, a range that cannot be. */
function clientFault({ status, type = '' }: HttpError): Refusal | undefined {
  if (status === undefined || status < 400 || status > 499) return undefined;
  return new Refusal(status, BODY_ERRORS[type] ?? (status === 404 ? 'no-address' : 'malformed'));
}

/** What the client is told of anything that went wrong, or `undefined` when it is our own fault. */
export function refusalOf(cause: unknown): Refusal | undefined {
  if (cause instanceof Refusal) return cause;
  const fault = clientFault(cause as HttpError);
  if (fault) return fault;
  const { errno, sqlMessage = '' } = cause as DatabaseError;
  if (isDatabaseAway(cause)) {
    return new Refusal(503, 'database-away');
  }
  if (errno === NO_PARENT) {
    const [, path, what] =
      FIELD_OF_CONSTRAINT.find(([suffix]) => sqlMessage.includes(suffix)) ??
      (['', 'id', 'thing'] as const);
    return new Refusal(422, 'unknown-reference', { values: named(what), path: `data.${path}` });
  }
  return undefined;
}

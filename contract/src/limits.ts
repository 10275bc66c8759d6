import { finding, type Finding, type Result, type Value } from '@hollow-moon/core';
import { z } from 'zod';

/**
 * What a schema refuses is said by a finding, as everything that is found: its code and values travel in the place that a
 * schema has for a message, and {@link findingIn} reads them there.
 */
export const refusal = (code: string, values?: Finding['values']): string =>
  JSON.stringify(finding(code, values));

/** The finding behind the message of a schema's issue; what the schema says by itself is a value that does not fit. */
export function findingIn(message: string | undefined): Finding {
  if (message?.startsWith('{"code":')) return JSON.parse(message) as Finding;
  return finding('wire.does-not-fit');
}

interface Limits {
  readonly least: number;
  readonly most: number;
}

/** How a limit is said: as a plain number, or as a quantity. */
type As = (value: number) => Value;
export const inCelsius: As = (celsius) => ({ celsius });
export const inKelvin: As = (kelvin) => ({ kelvin });
export const inPercent: As = (share) => ({ share });
export const inSeconds: As = (seconds) => ({ seconds });
export const inGrams: As = (grams) => ({ grams });
export const inMillilitres: As = (millilitres) => ({ millilitres });
/** A depth or a thickness. */
export const inMillimetres: As = (millimetres) => ({ millimetres });
/** How wide something is. */
export const asWidth: As = (widthMm) => ({ widthMm });

/** What is said of a number that is missing, is none, or lies outside of its limits. */
const outside = (field: string, { least, most }: Limits, as: As): string =>
  refusal('limit.between', {
    what: finding(`field.${field}`),
    least: as(least),
    most: as(most),
  });

/** A number within limits, named as the cook knows it. JSON cannot carry NaN, and text in its place is sent back. */
export function within(field: string, limits: Limits, as: As = (value) => value) {
  const message = outside(field, limits, as);
  return z.number({ error: message }).min(limits.least, message).max(limits.most, message);
}

/** A whole number within limits. */
export function wholeWithin(field: string, limits: Limits) {
  const message = outside(field, limits, (value) => value);
  return z.int({ error: message }).min(limits.least, message).max(limits.most, message);
}

/** Vessels a bake has at the most. */
export const MOST_VESSELS = 200;

/** One of some ids. What books and files of an earlier time call by another name is read as what it is now. */
export const oneOf = <T extends string>(
  ids: readonly T[],
  earlier: Readonly<Record<string, T>> = {},
) =>
  z.preprocess(
    (value) =>
      typeof value === 'string' && Object.hasOwn(earlier, value) ? earlier[value] : value,
    z.enum(ids as readonly [T, ...T[]], { error: refusal('wire.not-one-of') }),
  );

/** The first thing that a schema refuses in a file, at its field. */
export const refusedAt = (
  issue: { readonly message: string; readonly path: readonly PropertyKey[] } | undefined,
): Result<never> => ({
  ok: false,
  problem: { ...findingIn(issue?.message), ...(issue ? { path: issue.path.join('.') } : {}) },
});

import { finding } from '@hollow-moon/core';
import { z } from 'zod';
import { refusal } from './limits';

/** Ids are made by the client, so that a write can be sent again without being done twice. */
export const idSchema = z.uuid(refusal('wire.not-an-id'));

/** How long names and notes may be. */
export const TEXT_LIMITS = { name: 120, note: 4000, line: 240, step: 1000 } as const;

/** Signs that control a terminal and are no text; a note may have tabs and new lines. */
// eslint-disable-next-line no-control-regex
const CONTROLS = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/;
/** Half of a sign that takes two. */
const HALF_SIGNS = /\p{Cs}/u;
const SEEN = /[\p{L}\p{N}\p{P}\p{S}]/u;

/** An ingredient of the catalogue, or of the kitchen's own: `own-` and an id. */
export const ingredientIdSchema = z
  .string()
  .regex(/^[a-z0-9-]{1,60}$/, refusal('line.no-ingredient'));

/** Text of a note or a line: whatever can be typed. */
export const textSchema = (field: string, most: number) =>
  z
    .string()
    .max(most, refusal('text.too-long', { what: finding(`field.${field}`), most }))
    .refine((text) => !CONTROLS.test(text) && !HALF_SIGNS.test(text), refusal('text.odd-signs'));

export const nameSchema = textSchema('name', 4 * TEXT_LIMITS.name)
  .transform((name) => name.trim())
  .refine((name) => SEEN.test(name), refusal('text.no-name'))
  .refine((name) => !/[\n\r\t]/.test(name), refusal('text.one-line'))
  .refine(
    (name) => name.length <= TEXT_LIMITS.name,
    refusal('text.too-long', { what: finding('field.name'), most: TEXT_LIMITS.name }),
  );

export const noteSchema = textSchema('note', TEXT_LIMITS.note);

/** Put away: nothing new is made with it, what was made with it goes on. */
export const archivedSchema = z.boolean().default(false);

/** A moment, as the clocks of kitchens have it: the book keeps no others. */
export const momentSchema = z.iso.datetime().refine((text) => {
  const year = new Date(text).getUTCFullYear();
  return year >= 1990 && year < 2200;
}, refusal('wire.no-such-date'));

/** A list in which each thing has an id of its own. */
export const distinct = <T extends { readonly id: string }>(things: readonly T[]): boolean =>
  new Set(things.map(({ id }) => id.toLowerCase())).size === things.length;

/** A finding as it crosses the wire: its code with what belongs to it. */
const findingShape = {
  code: z.string(),
  values: z.record(z.string(), z.unknown()).optional(),
};

/** The one shape of every refusal. */
export const apiErrorSchema = z.object({
  error: z.object({
    ...findingShape,
    /** What is wrong and what to do, in English, for whoever has no words of their own for the code. */
    message: z.string(),
    /** Dotted path of the field, when there is one. */
    path: z.string().optional(),
    /** All that is wrong, the first among it, where more than one thing is. */
    issues: z
      .array(z.object({ ...findingShape, path: z.string(), message: z.string() }))
      .optional(),
    /** What is stored now, when a write came from an older version. */
    current: z.unknown().optional(),
    /** What the refused write wanted to store. */
    yours: z.unknown().optional(),
  }),
});
export type ApiError = z.infer<typeof apiErrorSchema>;

/** Part of every stored thing. */
export const storedSchema = z.object({
  id: idSchema,
  /** Rises by one with each write. */
  version: z.int().min(1),
  updatedAt: momentSchema,
});

/**
 * A write: the whole of the thing, the version it was made from (0 for a new one) and an id of the
 * write itself, by which the server knows a repetition.
 */
export const writeOf = <T extends z.ZodType>(data: T) =>
  z.object({
    writeId: idSchema,
    version: z.int().min(0),
    data,
    /** Why it was changed, in a few words. */
    why: z.string().trim().max(TEXT_LIMITS.line).optional(),
  });

/** What puts a thing away: the version that is meant, and an id of the write. */
export const archivingSchema = z.object({ writeId: idSchema, version: z.int().min(1) });

export const healthSchema = z.object({
  status: z.enum(['ok', 'degraded']),
  database: z.enum(['ok', 'away']),
  version: z.string(),
});
export type Health = z.infer<typeof healthSchema>;

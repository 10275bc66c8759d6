import { z } from 'zod';

/** Ids are made by the client, so that a write can be sent again without being done twice. */
export const idSchema = z.uuid('This id is not one of ours.');

/** How long names and notes may be. */
export const TEXT_LIMITS = { name: 120, note: 4000, line: 240 } as const;

export const nameSchema = z
  .string()
  .trim()
  .min(1, 'Give it a name.')
  .max(TEXT_LIMITS.name, `Keep the name under ${TEXT_LIMITS.name} letters.`);

export const noteSchema = z
  .string()
  .max(TEXT_LIMITS.note, `Keep the note under ${TEXT_LIMITS.note} letters.`);

/** A number that is one: JSON cannot carry NaN, and text in its place is sent back. */
export const finite = (message: string) => z.number({ error: message });

/** The one shape of every refusal. */
export const apiErrorSchema = z.object({
  error: z.object({
    code: z.string(),
    /** For the cook: what is wrong and what to do. */
    message: z.string(),
    /** Dotted path of the field, when there is one. */
    path: z.string().optional(),
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
  updatedAt: z.iso.datetime(),
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

export const healthSchema = z.object({
  status: z.enum(['ok', 'degraded']),
  database: z.enum(['ok', 'away']),
  version: z.string(),
});
export type Health = z.infer<typeof healthSchema>;

import type { MarkKind } from '@hollow-moon/core/planning';
import { z } from 'zod';
import { TASK_LIMITS, taskSchema } from './day';
import { inCelsius, inGrams, oneOf, wholeWithin, within } from './limits';
import { idSchema, momentSchema, textSchema } from './wire';

/** A day has up to so many taps. */
export const MOST_MARKS = 4000;

const KINDS = ['begun', 'paused', 'more', 'done', 'skipped'] as const satisfies readonly MarkKind[];

/**
 * A tap on a task of a day while it is worked, added by itself and taken back by itself: two who tap at once are never in
 * each other's way. What was done otherwise than planned is said with its end.
 */
export const markSchema = z.strictObject({
  id: idSchema,
  /** What one tap has marked at once is taken back at once. */
  tap: idSchema,
  task: taskSchema,
  kind: oneOf(KINDS),
  at: momentSchema,
  /** For `more`: it is looked at again after so many minutes. */
  minutes: wholeWithin('task-minutes', TASK_LIMITS.minutes).optional(),
  /** Who does it, of the people of the day. */
  by: idSchema.optional(),
  /** The bake of the log that began with it. */
  bakeId: idSchema.optional(),
  /** What was really used, and how hot it really was. */
  grams: within('amount', { least: 0, most: 1_000_000 }, inGrams).optional(),
  celsius: within('temperature', { least: -30, most: 350 }, inCelsius).optional(),
  note: textSchema('note', 400).optional(),
});
export type MarkData = z.infer<typeof markSchema>;

/** Something of a kitchen has changed: whoever shows it asks for it anew. */
export const changeEventSchema = z.discriminatedUnion('what', [
  /** A thing that is written whole. */
  z.object({ what: z.literal('kept'), kind: z.string(), id: idSchema, version: z.int().min(1) }),
  /** An entry that was added to one, or taken back. */
  z.object({
    what: z.literal('noted'),
    kind: z.string(),
    id: idSchema,
    entryId: idSchema,
    gone: z.boolean(),
  }),
]);
export type ChangeEvent = z.infer<typeof changeEventSchema>;

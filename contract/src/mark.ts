import { VERBS, type Took } from '@hollow-moon/core';
import type { MarkKind } from '@hollow-moon/core/planning';
import { z } from 'zod';
import { TASK_LIMITS, taskSchema } from './day';
import { inCelsius, inGrams, oneOf, refusal, wholeWithin, within } from './limits';
import { idSchema, momentSchema, textSchema } from './wire';

/** A day has up to so many taps. */
export const MOST_MARKS = 4000;

const KINDS = ['begun', 'paused', 'more', 'done', 'skipped'] as const satisfies readonly MarkKind[];

const TOOK_LIMITS = {
  usualMin: { least: 0.1, most: 2880 },
  tookMin: { least: 0, most: 2880 },
} as const;

/** What a task took somewhere in this kitchen: the kitchen's own pace is found from these. */
export const tookSchema = z.object({
  verb: oneOf(VERBS),
  usualMin: within('took-minutes', TOOK_LIMITS.usualMin),
  tookMin: within('took-minutes', TOOK_LIMITS.tookMin),
}) satisfies z.ZodType<Took>;

/**
 * A tap on a task of a day while it is worked, added by itself and taken back by itself: two who tap at once are never in
 * each other's way. What was done otherwise than planned is said with its end.
 */
const told = z.strictObject({
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
  /** For `done`: what it took, and what is usual in the trade for as much of it, min; all three or none. */
  verb: oneOf(VERBS).optional(),
  usualMin: within('took-minutes', TOOK_LIMITS.usualMin).optional(),
  tookMin: within('took-minutes', TOOK_LIMITS.tookMin).optional(),
});
export const markSchema = told.refine(
  ({ verb, usualMin, tookMin }) =>
    (verb === undefined) === (usualMin === undefined) &&
    (verb === undefined) === (tookMin === undefined),
  { error: refusal('wire.does-not-fit'), path: ['tookMin'] },
);
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

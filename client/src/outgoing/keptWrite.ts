import {
  deedSchema,
  markSchema,
  pictureSchema,
  readingSchema,
  wobbleCheckSchema,
} from '@hollow-moon/contract';
import { z } from 'zod';
import { RESOURCES, type ResourceKind } from '../wire/resources';
import type { Write } from './writes';

const put = <K extends ResourceKind>(kind: K) =>
  z.object({
    op: z.literal('put'),
    kind: z.literal(kind),
    version: z.int().min(0),
    data: RESOURCES[kind].shape.data,
    why: z.string().optional(),
    unasked: z.boolean().optional(),
    base: RESOURCES[kind].shape.data.optional(),
  });

/** A write as the storage has it: always of a sound thing, since nothing else is ever queued. */
export const keptWriteSchema = z.object({
  id: z.uuid(),
  kitchenId: z.string(),
  thing: z.string(),
  order: z.number(),
  work: z.union([
    ...(Object.keys(RESOURCES) as ResourceKind[]).map(put),
    z.object({ op: z.literal('note'), kind: z.literal('readings'), entry: readingSchema }),
    z.object({ op: z.literal('note'), kind: z.literal('wobbles'), entry: wobbleCheckSchema }),
    z.object({ op: z.literal('note'), kind: z.literal('deeds'), entry: deedSchema }),
    z.object({ op: z.literal('note'), kind: z.literal('marks'), entry: markSchema }),
    z.object({ op: z.literal('note'), kind: z.literal('pictures'), entry: pictureSchema }),
    z.object({
      op: z.literal('take-back'),
      kind: z.enum(['readings', 'wobbles', 'deeds', 'marks', 'pictures']),
      entryId: z.string(),
    }),
  ]),
  tried: z.boolean(),
  refused: z.looseObject({ code: z.string(), message: z.string() }).nullable(),
}) as unknown as z.ZodType<Write>;

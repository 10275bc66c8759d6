import { bakeDataSchema, bakeSchema } from '@hollow-moon/contract';
import { z } from 'zod';
import type { LocalBake } from './bakes';

/** A bake as the storage has it: always a sound one, since nothing else is ever noted. */
export const keptBakeSchema = z.object({
  kitchenId: z.string(),
  version: z.int().min(0),
  data: bakeDataSchema,
  unsent: z.boolean(),
  writeId: z.string().nullable(),
  refused: z.looseObject({ code: z.string(), message: z.string() }).nullable(),
  stale: bakeSchema.nullable(),
}) as unknown as z.ZodType<LocalBake>;

import {
  OFFSET_LIMITS_K,
  OVEN_KINDS,
  SHELF_LIMITS,
  SWING_LIMITS_K,
  type Oven,
} from '@hollow-moon/core';
import { z } from 'zod';
import { asWidth, inKelvin, wholeWithin, within } from './limits';
import { archivedSchema, nameSchema, storedSchema } from './wire';

export const ovenDataSchema = z.object({
  name: nameSchema,
  kind: z.enum(OVEN_KINDS as [Oven['kind'], ...Oven['kind'][]]),
  offsetK: within('oven-offset', OFFSET_LIMITS_K, inKelvin),
  swingK: within('oven-swing', SWING_LIMITS_K, inKelvin),
  /** The room in it; as is usual for its kind where nobody has measured it. */
  shelves: z
    .object({
      count: wholeWithin('shelves', SHELF_LIMITS.count),
      lengthMm: within('shelf-side', SHELF_LIMITS.sideMm, asWidth),
      breadthMm: within('shelf-side', SHELF_LIMITS.sideMm, asWidth),
    })
    .optional(),
  archived: archivedSchema,
}) satisfies z.ZodType<Oven>;
export type OvenData = z.infer<typeof ovenDataSchema>;

export const ovenSchema = storedSchema.extend({ data: ovenDataSchema });
export type StoredOven = z.infer<typeof ovenSchema>;

import { OFFSET_LIMITS_K, OVEN_KINDS, SWING_LIMITS_K, type Oven } from '@hollow-moon/core';
import { z } from 'zod';
import { inKelvin, within } from './limits';
import { archivedSchema, nameSchema, storedSchema } from './wire';

export const ovenDataSchema = z.object({
  name: nameSchema,
  kind: z.enum(OVEN_KINDS as [Oven['kind'], ...Oven['kind'][]]),
  offsetK: within('oven-offset', OFFSET_LIMITS_K, inKelvin),
  swingK: within('oven-swing', SWING_LIMITS_K, inKelvin),
  archived: archivedSchema,
}) satisfies z.ZodType<Oven>;
export type OvenData = z.infer<typeof ovenDataSchema>;

export const ovenSchema = storedSchema.extend({ data: ovenDataSchema });
export type StoredOven = z.infer<typeof ovenSchema>;

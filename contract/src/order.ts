import { z } from 'zod';
import { wantedSchema } from './day';
import { refusal } from './limits';
import { archivedSchema, storedSchema } from './wire';

/** Days of the week, Monday first. Source: ISO 8601. */
export const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7] as const;
export type Weekday = (typeof WEEKDAYS)[number];

const weekdaySchema = z.literal(WEEKDAYS, refusal('wire.not-one-of'));

/** A standing order: a bake that is wanted on the same days of every week. */
export const orderDataSchema = wantedSchema
  .omit({ id: true, ovenC: true, frozenShell: true, doughApart: true, ovenId: true })
  .extend({
    weekdays: z
      .array(weekdaySchema)
      .min(1, refusal('order.no-day'))
      .max(WEEKDAYS.length)
      .refine((days) => new Set(days).size === days.length, refusal('wire.twice')),
    archived: archivedSchema,
  });
export type OrderData = z.infer<typeof orderDataSchema>;

export const orderSchema = storedSchema.extend({ data: orderDataSchema });
export type StoredOrder = z.infer<typeof orderSchema>;

import { ALTITUDE_LIMITS_M, EGG_GRADES, ROOM_LIMITS_C, type EggGrade } from '@hollow-moon/core';
import { z } from 'zod';
import { inCelsius, refusal, within } from './limits';
import { nameSchema, storedSchema } from './wire';

const grades = Object.keys(EGG_GRADES) as [EggGrade, ...EggGrade[]];

/** What holds for everything made in a kitchen. */
export const kitchenDataSchema = z.object({
  name: nameSchema,
  eggGrade: z.enum(grades),
  altitudeM: within('altitude', ALTITUDE_LIMITS_M),
  roomC: within('room', ROOM_LIMITS_C, inCelsius),
  /** What prices are in, by its three letters. Source: ISO 4217. */
  currency: z.string().regex(/^[A-Z]{3}$/, refusal('wire.currency')),
  /** What the ovens' energy costs by the kilowatt hour, in that currency; null where nobody has said. */
  kWhPrice: within('energy-price', { least: 0, most: 100 }).nullable().default(null),
});
export type KitchenData = z.infer<typeof kitchenDataSchema>;

export const kitchenSchema = storedSchema.extend({ data: kitchenDataSchema });
export type Kitchen = z.infer<typeof kitchenSchema>;

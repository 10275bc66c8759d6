import { ALTITUDE_LIMITS_M, EGG_GRADES, ROOM_LIMITS_C, type EggGrade } from '@hollow-moon/core';
import { z } from 'zod';
import { finite, nameSchema, storedSchema } from './wire';

const grades = Object.keys(EGG_GRADES) as [EggGrade, ...EggGrade[]];

/** What holds for everything made in a kitchen. */
export const kitchenDataSchema = z.object({
  name: nameSchema,
  eggGrade: z.enum(grades),
  altitudeM: finite('Enter the altitude in metres.')
    .min(ALTITUDE_LIMITS_M.least, 'The altitude must be at least -400 m.')
    .max(ALTITUDE_LIMITS_M.most, 'The altitude must be at most 5000 m.'),
  roomC: finite('Enter the room’s temperature.')
    .min(ROOM_LIMITS_C.least, 'The kitchen must be at least -5 °C.')
    .max(ROOM_LIMITS_C.most, 'The kitchen must be at most 50 °C.'),
  /** What prices are in, by its three letters. Source: ISO 4217. */
  currency: z.string().regex(/^[A-Z]{3}$/, 'Three capital letters, as EUR.'),
});
export type KitchenData = z.infer<typeof kitchenDataSchema>;

export const kitchenSchema = storedSchema.extend({ data: kitchenDataSchema });
export type Kitchen = z.infer<typeof kitchenSchema>;

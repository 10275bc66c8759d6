import {
  OUT_PLACES,
  OVEN_KINDS,
  OVEN_LIMITS_C,
  SIGNS,
  STANDINGS,
  TOP_UP_LIMITS,
  type OvenKind,
  type Sign,
} from '@hollow-moon/core';
import { z } from 'zod';
import { inCelsius, inPercent, inSeconds, refusal, within } from './limits';

const minute = within('minute', { least: 0, most: 1440 });

const setting = within('oven-setting', OVEN_LIMITS_C, inCelsius);

const ascending = (steps: readonly { readonly atMin: number }[]): boolean =>
  steps.every(({ atMin }, index) => index === 0 || atMin > steps[index - 1]!.atMin);

interface Step {
  readonly atMin: number;
  readonly on?: Sign | undefined;
}
const byTheMinute = <T extends Step>(steps: readonly T[]): T[] => steps.filter(({ on }) => !on);

/** Steps of the oven or places after it, and openings of its door, that a plan may have. */
const MOST_STEPS = 6;
const MOST_DOORS = 12;

/** How the oven is used for a bake beyond what it is set to, and where the bake goes after it. */
export const ovenUseSchema = z.object({
  steps: z
    .array(
      z.object({
        /** Not looked at where a sign is waited for. */
        atMin: minute,
        on: z.enum(SIGNS).optional(),
        to: z.union([setting, z.enum(['off-shut', 'off-ajar'])]),
      }),
    )
    .max(MOST_STEPS, refusal('bake.too-many-steps', { most: MOST_STEPS }))
    .refine(
      (steps) => byTheMinute(steps).every(({ atMin }) => atMin > 0),
      refusal('bake.first-step'),
    )
    .refine((steps) => ascending(byTheMinute(steps)), refusal('bake.steps-order')),
  doors: z
    .array(
      z.object({
        atMin: minute,
        forS: within('door', { least: 1, most: 600 }, inSeconds),
      }),
    )
    .max(MOST_DOORS, refusal('bake.too-many-doors', { most: MOST_DOORS })),
  /** What it really stands at when the bake goes in; null for what it is set to. */
  entersAtC: within('enters', { least: 10, most: OVEN_LIMITS_C.most }, inCelsius).nullable(),
  standing: z.enum(STANDINGS),
  /** How the oven is used where it can be more than one; null for what it is. */
  mode: z
    .enum(OVEN_KINDS as [OvenKind, ...OvenKind[]])
    .nullable()
    .default(null),
  foil: z.boolean(),
  /** In a bath: each vessel in a bag or foil. */
  wrapped: z.boolean().default(false),
  /** Part of the filling is poured in the oven; null for all of it before. */
  topUp: z
    .object({
      share: within(
        'top-up-share',
        { least: TOP_UP_LIMITS.leastShare, most: TOP_UP_LIMITS.mostShare },
        inPercent,
      ),
      atMin: within('top-up-minute', { least: 1, most: TOP_UP_LIMITS.mostMin }),
    })
    .nullable()
    .default(null),
  out: z
    .array(z.object({ atMin: minute, place: z.enum(OUT_PLACES) }))
    .min(1, refusal('bake.nowhere'))
    .max(MOST_STEPS, refusal('bake.too-many-places', { most: MOST_STEPS }))
    .refine((steps) => steps[0]?.atMin === 0 && ascending(steps), refusal('bake.places-order')),
});
export type OvenUse = z.infer<typeof ovenUseSchema>;

/** A hot and steady oven, a rack in it and after it. */
export const PLAIN_OVEN_USE: OvenUse = {
  steps: [],
  doors: [],
  entersAtC: null,
  standing: 'rack',
  mode: null,
  foil: false,
  wrapped: false,
  topUp: null,
  out: [{ atMin: 0, place: 'rack' }],
};

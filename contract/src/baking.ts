import {
  LINED_STARTS,
  OUT_PLACES,
  SEALS,
  STANDINGS,
  SIGNS,
  TARGETS,
  TOP_UP_LIMITS,
  WEIGHTS,
  type LinedStart,
  type Sign,
} from '@hollow-moon/core';
import { z } from 'zod';
import { finite } from './wire';

const minute = finite('Enter the minute.')
  .min(0, 'Not before it goes in.')
  .max(1440, 'That is more than a day.');

const setting = finite('Enter the oven temperature.')
  .min(50, 'No oven is set under 50 °C.')
  .max(300, 'No oven is set over 300 °C.');

const ascending = (steps: readonly { readonly atMin: number }[]): boolean =>
  steps.every(({ atMin }, index) => index === 0 || atMin > steps[index - 1]!.atMin);

interface Step {
  readonly atMin: number;
  readonly on?: Sign | undefined;
}
const byTheMinute = <T extends Step>(steps: readonly T[]): T[] => steps.filter(({ on }) => !on);

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
    .max(6, 'At most six steps.')
    .refine(
      (steps) => byTheMinute(steps).every(({ atMin }) => atMin > 0),
      'The first step comes after it goes in.',
    )
    .refine((steps) => ascending(byTheMinute(steps)), 'Put the steps in order of time.'),
  doors: z
    .array(
      z.object({
        atMin: minute,
        forS: finite('Enter for how long.')
          .min(1, 'A second at least.')
          .max(600, '10 min at most.'),
      }),
    )
    .max(12, 'At most twelve openings.'),
  /** What it really stands at when the bake goes in; null for what it is set to. */
  entersAtC: finite('Enter what the oven stands at.')
    .min(10, 'Colder than any kitchen.')
    .max(300, 'Hotter than any oven.')
    .nullable(),
  standing: z.enum(STANDINGS),
  foil: z.boolean(),
  /** In a bath: each vessel in a bag or foil. */
  wrapped: z.boolean().default(false),
  /** Part of the filling is poured in the oven; null for all of it before. */
  topUp: z
    .object({
      share: finite('Enter how much goes in first.')
        .min(TOP_UP_LIMITS.leastShare, 'Less than a third is no filling to bake.')
        .max(TOP_UP_LIMITS.mostShare, 'Then pour it all at once.'),
      atMin: finite('Enter when the rest follows.')
        .min(1, 'A minute at least.')
        .max(TOP_UP_LIMITS.mostMin, 'Within the hour.'),
    })
    .nullable()
    .default(null),
  out: z
    .array(z.object({ atMin: minute, place: z.enum(OUT_PLACES) }))
    .min(1, 'It has to go somewhere.')
    .max(6, 'At most six places.')
    .refine(
      (steps) => steps[0]?.atMin === 0 && ascending(steps),
      'Put the places in order of time.',
    ),
});
export type OvenUse = z.infer<typeof ovenUseSchema>;

/** A hot and steady oven, a rack in it and after it. */
export const PLAIN_OVEN_USE: OvenUse = {
  steps: [],
  doors: [],
  entersAtC: null,
  standing: 'rack',
  foil: false,
  wrapped: false,
  topUp: null,
  out: [{ atMin: 0, place: 'rack' }],
};

/** How the empty shell is baked, or not; and how long it is to stay crisp. */
export const shellBakeSchema = z.object({
  /** Filled raw: nothing else here is done then. */
  raw: z.boolean(),
  weights: z.enum(WEIGHTS),
  docked: z.boolean(),
  start: z.enum(Object.keys(LINED_STARTS) as [LinedStart, ...LinedStart[]]),
  restMin: finite('Enter the rest.').min(0, 'No less than none.').max(2880, 'Two days at most.'),
  stages: z
    .array(
      z.object({
        minutes: finite('Enter the minutes.')
          .min(1, 'A minute at least.')
          .max(120, 'Two hours at most.'),
        setC: finite('Enter the oven temperature.')
          .min(100, 'A shell bakes from 100 °C.')
          .max(280, 'A shell burns past 280 °C.'),
        weighted: z.boolean(),
        outOfRing: z.boolean(),
      }),
    )
    .min(1, 'One stage at least.')
    .max(6, 'At most six stages.'),
  target: z.enum(TARGETS),
  seal: z.enum(SEALS),
  keptC: finite('Enter where it is kept.')
    .min(0, 'No colder than a fridge.')
    .max(40, 'Too warm to keep.'),
});
export type ShellBake = z.infer<typeof shellBakeSchema>;

/** Weights for 20 min and bare for 15: common practice for a large sweet shell. */
export const PLAIN_SHELL_BAKE: ShellBake = {
  raw: false,
  weights: 'ceramic',
  docked: false,
  start: 'chilled',
  restMin: 20,
  stages: [
    { minutes: 20, setC: 190, weighted: true, outOfRing: false },
    { minutes: 15, setC: 190, weighted: false, outOfRing: false },
  ],
  target: 'golden',
  seal: 'none',
  keptC: 20,
};

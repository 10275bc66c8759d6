import { OUT_PLACES, SIGNS, SHELL_KINDS, type ShellKind } from '@hollow-moon/core';
import { z } from 'zod';
import { plannedSchema } from './planned';
import {
  distinct,
  finite,
  idSchema,
  momentSchema,
  nameSchema,
  noteSchema,
  storedSchema,
} from './wire';

/** A bake lasts hours, not days: readings after this are slips. */
const LONGEST_S = 24 * 3600;

const seconds = finite('Enter a time.')
  .min(0, 'Before the start there is nothing to record.')
  .max(LONGEST_S, 'That is more than a day after the start.');

const celsius = finite('Enter a temperature.')
  .min(-30, 'That is colder than any freezer.')
  .max(350, 'That is hotter than any oven.');

export const PROBE_NAMES = ['centre', 'halfRadius', 'rim', 'oven'] as const;

export const readingSchema = z.object({
  id: idSchema,
  atS: seconds,
  place: z.enum(PROBE_NAMES),
  celsius,
});
export type Reading = z.infer<typeof readingSchema>;

export const MOTIONS = ['as a liquid', 'as a jelly', 'barely', 'not at all'] as const;

export const wobbleCheckSchema = z.object({
  id: idSchema,
  atS: seconds,
  diameterMm: finite('Enter the width of the wobble.')
    .min(0, 'A wobble cannot be narrower than nothing.')
    .max(600, 'That is wider than any tin.'),
  motion: z.enum(MOTIONS),
});
export type WobbleCheck = z.infer<typeof wobbleCheckSchema>;

export const RESULTS = ['good', 'fair', 'poor'] as const;
export const RESULT_NAMES = { good: 'Came out', fair: 'Will pass', poor: 'Did not' } as const;

export const FAULTS = [
  'cracked',
  'weeping',
  'curdled',
  'not set',
  'sunk',
  'domed',
  'browned skin',
  'bubbles',
  'soggy base',
  'leaked',
] as const;

const pullSchema = z.object({
  timeS: seconds,
  probeC: celsius,
  peakC: celsius,
  wobbleMm: finite('Enter a width.').min(0).max(600),
});

/** What was foreseen when the bake was started, kept as it was. */
export const foreseenSchema = z.object({
  window: z.object({ earliest: pullSchema, best: pullSchema, latest: pullSchema }).nullable(),
  pullS: seconds,
  setC: celsius,
  curdleC: celsius.nullable(),
  /** Seconds, °C at rim, half radius and centre, and the wobble as a share of the width (0 to 1). */
  curve: z
    .array(z.tuple([seconds, celsius, celsius, celsius, z.number().min(0).max(1)]))
    .min(1, 'A forecast has a curve.')
    .max(600, 'Keep the curve under 600 points.'),
  /** What is to be done on the way: the oven's steps, s since it went in. */
  steps: z
    .array(
      z.object({
        atS: seconds,
        on: z.enum(SIGNS).optional(),
        to: z.union([celsius, z.enum(['off-shut', 'off-ajar'])]),
      }),
    )
    .max(6)
    .optional(),
  /** When the rest of the filling is poured, s since it went in. */
  topUpS: seconds.optional(),
  /** And where it goes after the pull, s since then. */
  out: z
    .array(z.object({ atS: seconds, place: z.enum(OUT_PLACES) }))
    .max(6)
    .optional(),
});
export type Foreseen = z.infer<typeof foreseenSchema>;

/** What the log says of a bake in a line. */
const headShape = {
  formulaId: idSchema,
  vesselId: idSchema,
  ovenId: idSchema,
  /** Names as they were on the day, so that the log stays true when things are renamed. */
  formulaName: nameSchema,
  vesselName: nameSchema,
  ovenName: nameSchema,
  vesselCount: z.int().min(1).max(200),
  shell: z.enum(SHELL_KINDS as [ShellKind, ...ShellKind[]]),
  setC: celsius,
  /** Width of the filling's surface, for drawing wobbles to scale. */
  surfaceMm: finite('Enter a width.').min(1).max(600),
  startedAt: momentSchema,
  pulledAt: momentSchema.nullable(),
  result: z.enum(RESULTS).nullable(),
  faults: z.array(z.enum(FAULTS)).max(FAULTS.length),
  note: noteSchema,
};

/**
 * Plan as forecast, actual as recorded. What is noted on the way, readings and wobble checks, stands beside it: each is
 * added by itself, so that two who note at once are never in each other's way.
 */
export const bakeDataSchema = z
  .strictObject({
    ...headShape,
    fillingStartC: celsius,
    foreseen: foreseenSchema,
    /** Null with those begun before it was kept. */
    planned: plannedSchema.nullable().default(null),
    /** Put away: begun by mistake, or of no use to anybody. */
    archived: z.boolean().default(false),
  })
  .refine(
    (bake) => bake.pulledAt === null || Date.parse(bake.pulledAt) >= Date.parse(bake.startedAt),
    {
      message: 'It cannot be pulled before it went in.',
      path: ['pulledAt'],
    },
  )
  .refine((bake) => bake.result === null || bake.pulledAt !== null, {
    message: 'Pull the bake before judging it.',
    path: ['result'],
  })
  .refine((bake) => new Set(bake.faults).size === bake.faults.length, {
    message: 'Each fault once.',
    path: ['faults'],
  });
export type BakeData = z.infer<typeof bakeDataSchema>;

/** What is noted while it bakes, and how many of each a bake has at the most. */
export const NOTED_LIMITS = { readings: 500, wobbles: 200 } as const;
export const notedSchema = z.object({
  readings: z
    .array(readingSchema)
    .max(NOTED_LIMITS.readings)
    .refine(distinct, 'A reading is in this twice.'),
  wobbles: z
    .array(wobbleCheckSchema)
    .max(NOTED_LIMITS.wobbles)
    .refine(distinct, 'A wobble check is in this twice.'),
});
export type Noted = z.infer<typeof notedSchema>;

/** A bake whole. */
export const bakeSchema = storedSchema.extend({ data: bakeDataSchema, ...notedSchema.shape });
export type StoredBake = z.infer<typeof bakeSchema>;

/** A bake as a line of the log: without its curve and its plan. */
export const bakeSummarySchema = storedSchema.extend({
  data: z.object({
    ...headShape,
    /** Width of the last wobble that was looked at; none where nobody looked. */
    lastWobbleMm: z.number().min(0).nullable(),
  }),
});
export type BakeSummary = z.infer<typeof bakeSummarySchema>;

/** Bakes a page of the log has. */
export const LOG_PAGE = 40;

/** A page of the log, newest first; `next` is what to ask for the one after it, none after the last. */
export const bakePageSchema = z.object({
  bakes: bakeSummarySchema.array(),
  next: idSchema.nullable(),
});
export type BakePage = z.infer<typeof bakePageSchema>;

/** What the log may be asked for. */
export const bakeSearchSchema = z.object({
  text: z.string().trim().max(200).optional(),
  formulaId: idSchema.optional(),
  vesselId: idSchema.optional(),
  /** The page after this bake. */
  after: idSchema.optional(),
});
export type BakeSearch = z.infer<typeof bakeSearchSchema>;

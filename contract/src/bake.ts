import { OUT_PLACES, SIGNS, SHELL_KINDS, type Motion, type ShellKind } from '@hollow-moon/core';
import { z } from 'zod';
import { inCelsius, inMillimetres, MOST_VESSELS, oneOf, refusal, within } from './limits';
import { taskSchema } from './day';
import { bakeSeconds as seconds, deedSchema, vesselNoSchema } from './deed';
import { plannedSchema } from './planned';
import {
  archivedSchema,
  distinct,
  idSchema,
  momentSchema,
  nameSchema,
  noteSchema,
  storedSchema,
} from './wire';

/** Widths across a filling, mm. */
const WIDTH_MM = { least: 0, most: 600 } as const;

const celsius = within('temperature', { least: -30, most: 350 }, inCelsius);

export const PROBE_NAMES = ['centre', 'halfRadius', 'rim', 'oven', 'pan'] as const;

export const readingSchema = z.object({
  id: idSchema,
  atS: seconds,
  place: z.enum(PROBE_NAMES),
  celsius,
  vesselNo: vesselNoSchema,
});
export type Reading = z.infer<typeof readingSchema>;

export const MOTIONS = ['liquid', 'jelly', 'barely', 'still'] as const satisfies readonly Motion[];

/** As they were called before. */
const EARLIER_MOTIONS = {
  'as a liquid': 'liquid',
  'as a jelly': 'jelly',
  'not at all': 'still',
} as const;

export const wobbleCheckSchema = z.object({
  id: idSchema,
  atS: seconds,
  diameterMm: within('wobble', WIDTH_MM, inMillimetres),
  motion: oneOf(MOTIONS, EARLIER_MOTIONS),
  vesselNo: vesselNoSchema,
});
export type WobbleCheck = z.infer<typeof wobbleCheckSchema>;

export const RESULTS = ['good', 'fair', 'poor'] as const;

/** What can be wrong with a bake, by where or when it is seen. Trade terms. */
export const FAULTS_AT = {
  shell: ['soggy-base', 'leaked', 'shrunk', 'slumped', 'burnt-rim'],
  filling: ['not-set', 'curdled', 'weeping', 'bubbles'],
  top: ['cracked', 'sunk', 'domed', 'browned-skin'],
  'turning-out': ['stuck', 'broke'],
  cutting: ['ran', 'crumbled'],
} as const;
export type FaultPlace = keyof typeof FAULTS_AT;
export type Fault = (typeof FAULTS_AT)[FaultPlace][number];
export const FAULT_PLACES = Object.keys(FAULTS_AT) as readonly FaultPlace[];
export const FAULTS: readonly Fault[] = FAULT_PLACES.flatMap((place) => [...FAULTS_AT[place]]);

/** As they were called before. */
const EARLIER_FAULTS = {
  'not set': 'not-set',
  'browned skin': 'browned-skin',
  'soggy base': 'soggy-base',
} as const;

const pullSchema = z.object({
  timeS: seconds,
  probeC: celsius,
  peakC: celsius,
  wobbleMm: within('wobble', WIDTH_MM, inMillimetres),
});

const curveSchema = z
  .array(z.tuple([seconds, celsius, celsius, celsius, z.number().min(0).max(1)]))
  .max(600, refusal('bake.curve-too-long'));

/** What was foreseen when the bake was started, kept as it was. */
export const foreseenSchema = z.object({
  window: z.object({ earliest: pullSchema, best: pullSchema, latest: pullSchema }).nullable(),
  pullS: seconds,
  setC: celsius,
  curdleC: celsius.nullable(),
  /** Seconds, °C at rim, half radius and centre, and the wobble as a share of the width (0 to 1). */
  curve: curveSchema.min(1, refusal('bake.no-curve')),
  /** The same if it is left in the oven past the pull; none with bakes begun before it was kept. */
  stays: curveSchema.default([]),
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

/** What a bake that no oven sets is made of, in the order of work; each has a clock of its own. */
export const BAKE_PARTS = ['shell', 'cook', 'fill', 'chill', 'finish'] as const;
export type BakePart = (typeof BAKE_PARTS)[number];

const bakePartSchema = z
  .object({
    part: z.enum(BAKE_PARTS),
    startedAt: momentSchema.nullable(),
    endedAt: momentSchema.nullable(),
  })
  .refine(
    ({ startedAt, endedAt }) =>
      endedAt === null || (startedAt !== null && Date.parse(endedAt) >= Date.parse(startedAt)),
    refusal('bake.part-ended-before'),
  );

export const bakePartsSchema = z.array(bakePartSchema).max(BAKE_PARTS.length);

/** What the log says of a bake in a line. */
const headShape = {
  formulaId: idSchema,
  /** None where nothing is baked in a tin, as caramel. */
  vesselId: idSchema.nullable(),
  ovenId: idSchema.nullable(),
  /** Names as they were on the day, so that the log stays true when things are renamed. */
  formulaName: nameSchema,
  vesselName: nameSchema,
  ovenName: nameSchema,
  vesselCount: z.int().min(1).max(MOST_VESSELS),
  shell: z.enum(SHELL_KINDS as [ShellKind, ...ShellKind[]]),
  setC: celsius,
  /** Width of the filling's surface, for drawing wobbles to scale. */
  surfaceMm: within('surface', { least: 1, most: WIDTH_MM.most }, inMillimetres),
  startedAt: momentSchema,
  pulledAt: momentSchema.nullable(),
  result: z.enum(RESULTS).nullable(),
  faults: z.array(oneOf(FAULTS, EARLIER_FAULTS)).max(FAULTS.length),
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
    /** The forecast as it stood at the pull, where readings or what was done had moved it by then. */
    believed: foreseenSchema.optional(),
    /** Null with those begun before it was kept. */
    planned: plannedSchema.nullable().default(null),
    /** What is made, one after the other, where no oven sets it; empty for a bake in the oven. */
    parts: bakePartsSchema.default([]),
    /** The task of a planned day that it is, where it began with one. */
    ofDay: z.object({ dayId: idSchema, task: taskSchema }).optional(),
    /** Put away: begun by mistake, or of no use to anybody. */
    archived: archivedSchema,
  })
  .refine(
    (bake) => bake.pulledAt === null || Date.parse(bake.pulledAt) >= Date.parse(bake.startedAt),
    {
      message: refusal('bake.pulled-before'),
      path: ['pulledAt'],
    },
  )
  .refine((bake) => bake.result === null || bake.pulledAt !== null, {
    message: refusal('bake.judged-before'),
    path: ['result'],
  })
  .refine((bake) => new Set(bake.faults).size === bake.faults.length, {
    message: refusal('bake.fault-twice'),
    path: ['faults'],
  });
export type BakeData = z.infer<typeof bakeDataSchema>;

/** What is noted while it bakes, and how many of each a bake has at the most. */
export const NOTED_LIMITS = { readings: 500, wobbles: 200, deeds: 200 } as const;
export const notedSchema = z.object({
  readings: z
    .array(readingSchema)
    .max(NOTED_LIMITS.readings)
    .refine(distinct, refusal('wire.twice')),
  wobbles: z
    .array(wobbleCheckSchema)
    .max(NOTED_LIMITS.wobbles)
    .refine(distinct, refusal('wire.twice')),
  /** None with bakes of a time when they were not kept. */
  deeds: z
    .array(deedSchema)
    .max(NOTED_LIMITS.deeds)
    .refine(distinct, refusal('wire.twice'))
    .default([]),
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

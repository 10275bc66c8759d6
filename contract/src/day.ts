import { OVEN_LIMITS_C, PACE_LIMITS, TIMED, VERBS, type OwnPace } from '@hollow-moon/core';
import { z } from 'zod';
import { inCelsius, MOST_VESSELS, oneOf, refusal, wholeWithin, within } from './limits';
import {
  archivedSchema,
  distinct,
  idSchema,
  ingredientIdSchema,
  nameSchema,
  storedSchema,
  textSchema,
} from './wire';

/** Minutes of a day; hours before its midnight are negative. */
const DAY_MIN = 1440;

/** A day has up to so many bakes, people and locks. */
const MOST = { bakes: 40, people: 12, locks: 200, tasks: 2000, hands: 20 } as const;

const longName = textSchema('for-whom', 120);

/** A bake that is wanted: which, in how many tins, by when, for whom. */
export const wantedSchema = z.object({
  id: idSchema,
  formulaId: idSchema,
  vessels: wholeWithin('vessel-count', { least: 1, most: MOST_VESSELS }),
  /** Minutes after midnight of the day; the next day's early hours count on. */
  dueMin: wholeWithin('due', { least: 0, most: 2 * DAY_MIN - 1 }),
  forWhom: longName.default(''),
  /** What the oven is set to for it on this day, to share it with another bake; null for what its formula says. */
  ovenC: within('oven-setting', OVEN_LIMITS_C, inCelsius).nullable().default(null),
  /** Its shells are in the freezer, lined: no dough is made for them. */
  frozenShell: z.boolean().default(false),
  /** Its dough is made by itself, though others take the same from the book. */
  doughApart: z.boolean().default(false),
  /** Baked in this oven on this day; null for its formula's. */
  ovenId: idSchema.nullable().default(null),
});
export type WantedData = z.infer<typeof wantedSchema>;

/** What is said of a bake on one day alone, where nothing was said. */
export const AS_USUAL = {
  ovenC: null,
  frozenShell: false,
  doughApart: false,
  ovenId: null,
} as const;

/** Somebody who works, and from when to when on every day; past midnight the hours count on. */
export const cookSchema = z
  .object({
    id: idSchema,
    name: nameSchema,
    fromMin: wholeWithin('hours', { least: 0, most: DAY_MIN - 1 }),
    toMin: wholeWithin('hours', { least: 1, most: 2 * DAY_MIN }),
  })
  .refine(({ fromMin, toMin }) => toMin > fromMin && toMin - fromMin <= DAY_MIN, {
    error: refusal('day.hours'),
    path: ['toMin'],
  });
export type CookData = z.infer<typeof cookSchema>;

/** The name of a task within its day. */
export const taskSchema = textSchema('task', 200);

/** A task takes between a minute and a day. */
export const TASK_LIMITS = { minutes: { least: 1, most: DAY_MIN } } as const;

/** A task that the cook has put to an hour: minutes from midnight of the day. */
export const lockSchema = z.object({
  task: taskSchema,
  startMin: wholeWithin('minute-of-day', { least: -2 * DAY_MIN, most: 2 * DAY_MIN }),
});

const ofBake = { bake: idSchema, task: taskSchema };
const taskMinutes = wholeWithin('task-minutes', TASK_LIMITS.minutes);

/** What the cook has changed of the tasks of one bake; each kind is described beside {@link WorkChange}. */
export const changeSchema = z.discriminatedUnion('kind', [
  z.object({ ...ofBake, kind: z.literal('retimed'), minutes: taskMinutes }),
  z.object({ ...ofBake, kind: z.literal('dropped') }),
  z.object({
    ...{ ...ofBake, kind: z.literal('added'), minutes: taskMinutes },
    ...{ name: nameSchema, after: taskSchema },
  }),
  z.object({ ...ofBake, kind: z.literal('split'), minutes: taskMinutes }),
  z.object({ ...ofBake, kind: z.literal('after'), after: taskSchema, atOnce: z.boolean() }),
]);
export type ChangeData = z.infer<typeof changeSchema>;

/** Where a task of a plan stands: its start, min from midnight of the day, its oven, and whose hands it has. */
const keptSchema = lockSchema.extend({
  ovenId: idSchema.optional(),
  people: z.array(idSchema).max(MOST.hands),
});

/**
 * How a plan was found, so that it is found again: the order of its bakes, and how much sooner each is ready, min. A plan
 * that was not built that way is kept task by task.
 */
const waySchema = z.object({
  order: z.array(idSchema).max(MOST.bakes),
  soonerMin: z.record(idSchema, z.int().min(0).max(DAY_MIN)),
  keep: z.array(keptSchema).max(MOST.tasks).optional(),
});
export type WayData = z.infer<typeof waySchema>;

/** What is there already of what a day needs: grams by ingredient, and eggs in shell. */
const inHandSchema = z.object({
  grams: z.record(ingredientIdSchema, within('in-hand', { least: 0, most: 1_000_000 })),
  eggs: wholeWithin('eggs-in-hand', { least: 0, most: 10_000 }),
});
export type InHand = z.infer<typeof inHandSchema>;

/** Nothing has been counted yet. */
export const NOTHING_IN_HAND: InHand = { grams: {}, eggs: 0 };

/** How this kitchen does a kind of work: so many times as long as is usual, by so many times of it. */
const paceSchema = z.object({
  verb: oneOf(VERBS),
  factor: within('pace', PACE_LIMITS),
  times: wholeWithin('pace-times', { least: 1, most: TIMED.last }),
}) satisfies z.ZodType<OwnPace>;

/** Places that are free in a freezer where nobody has said. Common practice. */
export const FREEZER_PLACES = 8;

/** A day that is planned. */
export const dayDataSchema = z.object({
  name: nameSchema,
  /** The day most of it is served on. Source: ISO 8601. */
  date: z.iso.date(refusal('day.date')),
  /** Nothing is begun before: minutes from midnight of the day. */
  beginsMin: wholeWithin('begins', { least: -2 * DAY_MIN, most: DAY_MIN }),
  wanted: z
    .array(wantedSchema)
    .max(MOST.bakes, refusal('day.too-many', { most: MOST.bakes }))
    .refine(distinct, refusal('wire.twice')),
  people: z
    .array(cookSchema)
    .max(MOST.people, refusal('day.too-many-people', { most: MOST.people }))
    .refine(distinct, refusal('wire.twice')),
  rings: wholeWithin('rings', { least: 0, most: 20 }),
  mixers: wholeWithin('mixers', { least: 0, most: 10 }),
  fridgePlaces: wholeWithin('fridge-places', { least: 0, most: 1000 }),
  /** Places that are free in the freezer; days from before it was asked have a few. */
  freezerPlaces: wholeWithin('freezer-places', { least: 0, most: 1000 }).default(FREEZER_PLACES),
  locks: z.array(lockSchema).max(MOST.locks).default([]),
  changes: z.array(changeSchema).max(MOST.locks).default([]),
  /** From here on it is planned anew, min from midnight of the day; what began before stays. Null while all is ahead. */
  nowMin: wholeWithin('minute-of-day', { least: -2 * DAY_MIN, most: 2 * DAY_MIN })
    .nullable()
    .default(null),
  /** How much being there counts against freshness: 0 for freshness alone, 1 for presence alone. */
  presence: within('presence', { least: 0, most: 1 }).default(0.9),
  way: waySchema.nullable().default(null),
  inHand: inHandSchema.default(NOTHING_IN_HAND),
  /** The kitchen's own pace as it was when the day was planned; kinds of work that are not in it take what is usual. */
  paces: z.array(paceSchema).max(VERBS.length).default([]),
  archived: archivedSchema,
});
export type DayData = z.infer<typeof dayDataSchema>;

export const daySchema = storedSchema.extend({ data: dayDataSchema });
export type StoredDay = z.infer<typeof daySchema>;

import {
  LINE_LIMIT_G,
  LINE_UNITS,
  PART_KINDS,
  PART_PLACES,
  SHELL_KINDS,
  VAGUE,
  type BuildFormula,
  type LineUnit,
  type PartKind,
  type ShellKind,
} from '@hollow-moon/core';
import { z } from 'zod';
import {
  inCelsius,
  asWidth,
  inGrams,
  inMillimetres,
  inPercent,
  oneOf,
  refusal,
  wholeWithin,
  within,
  MOST_VESSELS,
} from './limits';
import { ovenUseSchema, PLAIN_OVEN_USE } from './ovenUse';
import { PLAIN_SHELL_BAKE, shellBakeSchema } from './shellBake';
import {
  distinct,
  archivedSchema,
  idSchema,
  ingredientIdSchema,
  momentSchema,
  nameSchema,
  noteSchema,
  storedSchema,
  TEXT_LIMITS,
  textSchema,
} from './wire';

export const LINES_LIMIT = 200;

export const PARTS_LIMIT = 20;

export const STEPS_LIMIT = 60;

/** Tins of a formula, and portions of a tin. */
const VESSEL_COUNT = { least: 1, most: MOST_VESSELS } as const;

const unitSchema = z.enum(LINE_UNITS as [LineUnit, ...LineUnit[]]);

/** Of a line, in whatever unit it is written: past this somebody has mistyped. */
const AMOUNT_LIMITS = { least: 0, most: 1_000_000 } as const;

const measureShape = {
  ingredientId: ingredientIdSchema,
  amount: within('amount', AMOUNT_LIMITS),
  unit: unitSchema,
};

const vagueSchema = z.enum(VAGUE);

const lineTextSchema = textSchema('line-note', TEXT_LIMITS.line);

export const lineSchema = z.object({
  id: idSchema,
  ...measureShape,
  /** Nobody knows the amount, or it goes in by eye: the amount then counts for nothing. */
  vague: vagueSchema.optional(),
  note: lineTextSchema.optional(),
  written: lineTextSchema.optional(),
  heldBack: within('held-back', AMOUNT_LIMITS).optional(),
  instead: z.object(measureShape).optional(),
});

const TWICE = refusal('wire.twice');

const linesSchema = z
  .array(lineSchema)
  .max(LINES_LIMIT, refusal('formula.too-many-lines', { most: LINES_LIMIT }))
  .refine(distinct, TWICE);

/** What a component is. */
export const partKindSchema = oneOf<PartKind>(PART_KINDS, { 'purée-custard': 'puree-custard' });

/** A component beside the main filling. */
export const partSchema = z.object({
  id: idSchema,
  name: nameSchema,
  kind: partKindSchema,
  place: z.enum(PART_PLACES),
  lines: linesSchema,
  formulaId: idSchema.nullable(),
  eachG: within('each', { least: 0, most: LINE_LIMIT_G }, inGrams).nullable(),
  vessels: wholeWithin('part-vessels', VESSEL_COUNT).nullable(),
  bakesAlong: z.boolean().default(false),
});
export type PartData = z.infer<typeof partSchema>;

/** Pans and water as kitchens have them, mm and °C. */
const PAN_LIMITS_MM = { least: 80, most: 1500 } as const;
const LEVEL_LIMITS_MM = { least: 0, most: 200 } as const;
const WATER_LIMITS_C = { least: 0, most: 100 } as const;

/** A pan of hot water in which the vessels stand. */
export const bathSchema = z.object({
  panLengthMm: within('pan', PAN_LIMITS_MM, asWidth),
  panBreadthMm: within('pan', PAN_LIMITS_MM, asWidth),
  levelMm: within('bath-level', LEVEL_LIMITS_MM, inMillimetres),
  waterC: within('water', WATER_LIMITS_C, inCelsius),
});
/** The fields of a formula: with the vessel it is usually made in and how thick its shell is rolled. */
export const formulaFieldsSchema = z.object({
  name: nameSchema,
  family: partKindSchema,
  shell: z.enum(SHELL_KINDS as [ShellKind, ...ShellKind[]]),
  shellThicknessMm: within('shell-thickness', { least: 0, most: 30 }, inMillimetres),
  lines: linesSchema,
  parts: z
    .array(partSchema)
    .max(PARTS_LIMIT, refusal('formula.too-many-parts', { most: PARTS_LIMIT }))
    .refine(distinct, TWICE)
    .default([]),
  note: noteSchema,
  /** What is done, in the cook's words and order. */
  steps: z
    .array(textSchema('step', TEXT_LIMITS.step))
    .max(STEPS_LIMIT, refusal('formula.too-many-steps', { most: STEPS_LIMIT }))
    .default([]),
  vesselId: idSchema.nullable(),
  vesselCount: wholeWithin('vessel-count', VESSEL_COUNT),
  headspaceMm: within('headspace', { least: 0, most: 150 }, inMillimetres),
  ovenId: idSchema.nullable(),
  setC: within('oven-setting', { least: 0, most: 600 }, inCelsius),
  fillingStartC: within('filling-start', { least: -30, most: 120 }, inCelsius),
  /** None for a dry oven. */
  bath: bathSchema.nullable().default(null),
  ovenUse: ovenUseSchema.default(PLAIN_OVEN_USE),
  shellBake: shellBakeSchema.default(PLAIN_SHELL_BAKE),
  portionsEach: wholeWithin('portions-each', VESSEL_COUNT).default(8),
  lossShare: within('loss', { least: 0, most: 0.3 }, inPercent).default(0),
  /** Kept for its past, and out of the way. */
  archived: archivedSchema,
});

/** A formula. Lines are told apart by their ids, whichever list they stand in. */
export const formulaDataSchema = formulaFieldsSchema.refine(
  ({ lines, parts }) => distinct([...lines, ...parts.flatMap((part) => part.lines)]),
  { message: TWICE, path: ['lines'] },
) satisfies z.ZodType<BuildFormula>;
export type FormulaData = z.infer<typeof formulaDataSchema>;

/** What a formula has beside `parts: []` when it is nothing but its filling. */
export const PLAIN_BUILD = {
  bath: null,
  ovenUse: PLAIN_OVEN_USE,
  shellBake: PLAIN_SHELL_BAKE,
  portionsEach: 8,
  lossShare: 0,
  steps: [],
  archived: false,
} satisfies Partial<FormulaData>;

export const formulaSchema = storedSchema.extend({ data: formulaDataSchema });
export type StoredFormula = z.infer<typeof formulaSchema>;

/** A formula as it was kept once, and why it was changed. */
export const formulaVersionSchema = z.object({
  version: z.int().min(1),
  updatedAt: momentSchema,
  why: z.string(),
  data: formulaDataSchema,
});
export type FormulaVersion = z.infer<typeof formulaVersionSchema>;

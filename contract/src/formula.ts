import {
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
import { ovenUseSchema, PLAIN_OVEN_USE, PLAIN_SHELL_BAKE, shellBakeSchema } from './baking';
import {
  distinct,
  finite,
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

const unitSchema = z.enum(LINE_UNITS as [LineUnit, ...LineUnit[]]);

const measureShape = {
  ingredientId: ingredientIdSchema,
  amount: finite('Enter an amount.')
    .min(0, 'An amount cannot be less than nothing.')
    .max(1_000_000, 'That amount is too large.'),
  unit: unitSchema,
};

const vagueSchema = z.enum(VAGUE);

const lineTextSchema = textSchema(TEXT_LIMITS.line, `Keep it under ${TEXT_LIMITS.line} letters.`);

export const lineSchema = z.object({
  id: idSchema,
  ...measureShape,
  /** Nobody knows the amount, or it goes in by eye: the amount then counts for nothing. */
  vague: vagueSchema.optional(),
  note: lineTextSchema.optional(),
  written: lineTextSchema.optional(),
  heldBack: finite('Enter how much is kept back.')
    .min(0, 'No less than nothing can be kept back.')
    .max(1_000_000, 'That amount is too large.')
    .optional(),
  instead: z.object(measureShape).optional(),
});

const TWICE = 'Something is in this twice. Load the page again.';

const linesSchema = z
  .array(lineSchema)
  .max(LINES_LIMIT, `Keep a formula under ${LINES_LIMIT} lines.`)
  .refine(distinct, TWICE);

/** A component beside the main filling. */
export const partSchema = z.object({
  id: idSchema,
  name: nameSchema,
  kind: z.enum(PART_KINDS as [PartKind, ...PartKind[]]),
  place: z.enum(PART_PLACES),
  lines: linesSchema,
  formulaId: idSchema.nullable(),
  eachG: finite('Enter grams for one tin.')
    .min(0, 'A tin cannot take less than nothing.')
    .max(100_000, 'That is more than 100 kg.')
    .nullable(),
  vessels: z.int().min(1, 'At least one tin has it.').max(200, 'At most 200 tins.').nullable(),
  bakesAlong: z.boolean().default(false),
});
export type PartData = z.infer<typeof partSchema>;

const panSide = finite('Enter the pan’s measure.')
  .min(80, 'A pan is at least 8 cm across.')
  .max(1500, 'That is wider than any oven.');

/** A pan of hot water in which the vessels stand. */
export const bathSchema = z.object({
  panLengthMm: panSide,
  panBreadthMm: panSide,
  levelMm: finite('Enter how far the water comes up.')
    .min(0, 'Water does not come up by less than nothing.')
    .max(200, 'That is deeper than any vessel.'),
  waterC: finite('Enter how hot the water is poured.')
    .min(0, 'Colder is ice.')
    .max(100, 'Water is not poured hotter than it boils.'),
});
export type BathData = z.infer<typeof bathSchema>;

/** The fields of a formula: with the vessel it is usually made in and how thick its shell is rolled. */
export const formulaFieldsSchema = z.object({
  name: nameSchema,
  family: z.enum(PART_KINDS as [PartKind, ...PartKind[]]),
  shell: z.enum(SHELL_KINDS as [ShellKind, ...ShellKind[]]),
  shellThicknessMm: finite('Enter the thickness in millimetres.')
    .min(0, 'The shell cannot be thinner than nothing.')
    .max(30, 'Nobody rolls a shell that thick.'),
  lines: linesSchema,
  parts: z
    .array(partSchema)
    .max(PARTS_LIMIT, `Keep a build under ${PARTS_LIMIT} components.`)
    .refine(distinct, TWICE)
    .default([]),
  note: noteSchema,
  vesselId: idSchema.nullable(),
  vesselCount: z.int().min(1, 'At least one vessel.').max(200, 'At most 200 vessels.'),
  headspaceMm: finite('Enter the gap in millimetres.')
    .min(0, 'The gap to the rim cannot be negative.')
    .max(150, 'That gap is deeper than any vessel.'),
  ovenId: idSchema.nullable(),
  setC: finite('Enter the oven temperature.').min(0).max(600),
  fillingStartC: finite('Enter the temperature of the filling.').min(-30).max(120),
  /** None for a dry oven. */
  bath: bathSchema.nullable().default(null),
  ovenUse: ovenUseSchema.default(PLAIN_OVEN_USE),
  shellBake: shellBakeSchema.default(PLAIN_SHELL_BAKE),
  portionsEach: z
    .int('Whole portions only.')
    .min(1, 'At least one portion.')
    .max(200, 'At most 200 portions.')
    .default(8),
  lossShare: finite('Enter what stays in the bowl.')
    .min(0, 'Nothing is gained in the bowl.')
    .max(0.3, 'More than a third stays in the bowl: weigh again.')
    .default(0),
  /** Kept for its past, and out of the way. */
  archived: z.boolean().default(false),
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
  archived: false,
} as const satisfies Partial<FormulaData>;

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

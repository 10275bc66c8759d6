import { FAMILIES, LINE_UNITS, SHELL_KINDS, type Formula } from '@hollow-moon/core';
import { z } from 'zod';
import { finite, idSchema, nameSchema, noteSchema, storedSchema, TEXT_LIMITS } from './wire';

export const LINES_LIMIT = 200;

export const lineSchema = z.object({
  id: idSchema,
  ingredientId: z.string().min(1, 'Choose an ingredient.').max(60),
  amount: finite('Enter an amount.')
    .min(0, 'An amount cannot be less than nothing.')
    .max(1_000_000, 'That amount is too large.'),
  unit: z.enum(LINE_UNITS as [(typeof LINE_UNITS)[number], ...(typeof LINE_UNITS)[number][]]),
  note: z.string().max(TEXT_LIMITS.line).optional(),
  written: z.string().max(TEXT_LIMITS.line).optional(),
});

/** A formula, with the vessel it is usually made in and how thick its shell is rolled. */
export const formulaDataSchema = z.object({
  name: nameSchema,
  family: z.enum(FAMILIES),
  shell: z.enum(SHELL_KINDS as [(typeof SHELL_KINDS)[number], ...(typeof SHELL_KINDS)[number][]]),
  shellThicknessMm: finite('Enter the thickness in millimetres.')
    .min(0, 'The shell cannot be thinner than nothing.')
    .max(30, 'Nobody rolls a shell that thick.'),
  lines: z.array(lineSchema).max(LINES_LIMIT, `Keep a formula under ${LINES_LIMIT} lines.`),
  note: noteSchema,
  vesselId: idSchema.nullable(),
  vesselCount: z.int().min(1, 'At least one vessel.').max(200, 'At most 200 vessels.'),
  headspaceMm: finite('Enter the gap in millimetres.')
    .min(0, 'The gap to the rim cannot be negative.')
    .max(150, 'That gap is deeper than any vessel.'),
  ovenId: idSchema.nullable(),
  setC: finite('Enter the oven temperature.').min(0).max(600),
  fillingStartC: finite('Enter the temperature of the filling.').min(-30).max(120),
}) satisfies z.ZodType<Formula>;
export type FormulaData = z.infer<typeof formulaDataSchema>;

export const formulaSchema = storedSchema.extend({ data: formulaDataSchema });
export type StoredFormula = z.infer<typeof formulaSchema>;

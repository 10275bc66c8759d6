import { PLAIN_BUILD } from '@hollow-moon/contract';
import {
  LINE_UNITS,
  PART_KINDS,
  PART_PLACES,
  SHELL_KINDS,
  type LineUnit,
  type PartKind,
  type ShellKind,
} from '@hollow-moon/core';
import { z } from 'zod';
import type { Draft } from './drafts';

/**
 * A draft as the storage has it. What is being typed need not be a sound formula yet, so only its shape is asked for: a
 * field emptied by the cook, no number, is kept as null. What drafts had not yet when they were kept is filled out.
 */
const number = z
  .number()
  .nullable()
  .transform((value) => value ?? Number.NaN);
const kind = z.enum(PART_KINDS as [PartKind, ...PartKind[]]);

const lines = z.array(
  z.looseObject({
    id: z.string(),
    ingredientId: z.string(),
    amount: number,
    unit: z.enum(LINE_UNITS as [LineUnit, ...LineUnit[]]),
  }),
);

const data = z.looseObject({
  name: z.string(),
  family: kind,
  shell: z.enum(SHELL_KINDS as [ShellKind, ...ShellKind[]]),
  shellThicknessMm: number,
  lines,
  parts: z
    .array(
      z.looseObject({
        id: z.string(),
        name: z.string(),
        kind,
        place: z.enum(PART_PLACES),
        lines,
        formulaId: z.string().nullable(),
        bakesAlong: z.boolean().default(false),
      }),
    )
    .default([]),
  note: z.string(),
  vesselId: z.string().nullable(),
  vesselCount: number,
  headspaceMm: number,
  ovenId: z.string().nullable(),
  setC: number,
  fillingStartC: number,
  bath: z
    .looseObject({ panLengthMm: number, panBreadthMm: number, levelMm: number, waterC: number })
    .nullable()
    .default(null),
  ovenUse: z
    .looseObject({})
    .default({})
    .transform((use) => ({ ...PLAIN_BUILD.ovenUse, ...use })),
  shellBake: z
    .looseObject({})
    .default({})
    .transform((bake) => ({ ...PLAIN_BUILD.shellBake, ...bake })),
  portionsEach: number.default(PLAIN_BUILD.portionsEach),
  lossShare: number.default(PLAIN_BUILD.lossShare),
  archived: z.boolean().default(false),
});

export const keptDraftSchema = z.object({
  version: z.int().min(0),
  data,
  past: z.array(data),
  future: z.array(data),
  editing: z.string().nullable(),
  writeId: z.string().nullable(),
  refused: z.looseObject({ code: z.string(), message: z.string() }).nullable(),
  why: z.string().default(''),
  stale: z
    .looseObject({ id: z.string(), version: z.int(), updatedAt: z.string(), data })
    .nullable(),
}) as unknown as z.ZodType<Draft>;

import {
  EGG_GRADES,
  OUT_PLACES,
  OVEN_KINDS,
  SHELL_KINDS,
  SIGNS,
  STANDINGS,
  TARGETS,
  VAGUE,
  type EggGrade,
  type ForecastPlan,
  type OvenKind,
  type ShellKind,
} from '@hollow-moon/core';
import { z } from 'zod';
import { vesselDataSchema } from './vessel';
import { lineSchema, LINES_LIMIT, partKindSchema, PARTS_LIMIT } from './formula';

const line = lineSchema
  .pick({ ingredientId: true, amount: true, unit: true })
  .extend({ id: z.string().min(1).max(120), vague: z.enum(VAGUE).optional() });
const lines = z.array(line).max(LINES_LIMIT);

/** An ingredient of the kitchen's own, as it was on the day: its name and its composition are what is computed with. */
const ownIngredient = z.looseObject({
  id: z.string().min(1).max(60),
  name: z.string().max(200),
  composition: z.record(z.string().max(40), z.number()),
});

/** The whole plan of a forecast: what core takes, and no more is known about its fields here than their kinds. */
export const forecastPlanSchema = z.object({
  lines,
  own: z.array(ownIngredient).max(LINES_LIMIT).optional(),
  eggGrade: z.enum(Object.keys(EGG_GRADES) as [EggGrade, ...EggGrade[]]),
  family: partKindSchema,
  shell: z.enum(SHELL_KINDS as [ShellKind, ...ShellKind[]]),
  vessel: vesselDataSchema,
  shellThicknessMm: z.number(),
  rawShell: z.boolean().optional(),
  shellShade: z.enum(TARGETS).optional(),
  headspaceMm: z.number(),
  fillingG: z.number().optional(),
  laid: z
    .array(
      z.object({
        name: z.string().max(200),
        kind: partKindSchema,
        place: z.enum(['under', 'over']),
        lines,
        ml: z.number(),
        raw: z.boolean(),
      }),
    )
    .max(PARTS_LIMIT)
    .optional(),
  topUp: z.object({ share: z.number(), atMin: z.number() }).optional(),
  oven: z.object({
    kind: z.enum(OVEN_KINDS as [OvenKind, ...OvenKind[]]),
    offsetK: z.number(),
  }),
  bath: z
    .object({
      panLengthMm: z.number(),
      panBreadthMm: z.number(),
      levelMm: z.number(),
      waterC: z.number(),
      vessels: z.int(),
      wrapped: z.boolean().optional(),
    })
    .optional(),
  setC: z.number(),
  programme: z
    .object({
      steps: z
        .array(
          z.object({
            atMin: z.number(),
            on: z.enum(SIGNS).optional(),
            to: z.union([z.number(), z.enum(['off-shut', 'off-ajar'])]),
          }),
        )
        .max(6)
        .optional(),
      doors: z
        .array(z.object({ atMin: z.number(), forS: z.number() }))
        .max(12)
        .optional(),
      entersAtC: z.number().optional(),
      swingK: z.number().optional(),
    })
    .optional(),
  inOven: z.int().optional(),
  standing: z.enum(STANDINGS).optional(),
  foil: z.boolean().optional(),
  out: z
    .array(z.object({ atMin: z.number(), place: z.enum(OUT_PLACES) }))
    .max(6)
    .optional(),
  fillingStartC: z.number(),
  roomC: z.number(),
  altitudeM: z.number(),
  pull: z.enum(['earliest', 'best', 'latest']).optional(),
}) as unknown as z.ZodType<ForecastPlan>;

/**
 * What a bake was forecast from, so that it can be baked and forecast again: the whole plan of the day, whatever has
 * become of its formula, tin and oven since; which version of the formula that was, and by which model.
 */
export const plannedSchema = z.object({
  plan: forecastPlanSchema,
  formulaVersion: z.int().min(0),
  modelVersion: z.int().min(1),
});

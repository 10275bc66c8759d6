import { PLAIN_BUILD, type FormulaData } from '@hollow-moon/contract';
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
import { stepBetween, type Draft } from './drafts';

/**
 * A draft as the storage has it. What is being typed need not be a sound formula yet, so only its shape is asked for: a
 * field emptied by the cook is no number, and was once kept as null. What drafts had not yet when they were kept is filled out.
 */
const number = z.union([z.number(), z.nan(), z.null()]).transform((value) => value ?? Number.NaN);
const kind = z.enum(PART_KINDS as [PartKind, ...PartKind[]]);

const lines = z.array(
  z.looseObject({
    id: z.string(),
    ingredientId: z.string(),
    amount: number,
    unit: z.enum(LINE_UNITS as [LineUnit, ...LineUnit[]]),
  }),
);

/** What every draft has had. */
const always = {
  name: z.string(),
  family: kind,
  shell: z.enum(SHELL_KINDS as [ShellKind, ...ShellKind[]]),
  shellThicknessMm: number,
  lines,
  note: z.string(),
  vesselId: z.string().nullable(),
  vesselCount: number,
  headspaceMm: number,
  ovenId: z.string().nullable(),
  setC: number,
  fillingStartC: number,
};

/** What came later: a draft that was kept before is filled out. */
const since = {
  parts: z.array(
    z.looseObject({
      id: z.string(),
      name: z.string(),
      kind,
      place: z.enum(PART_PLACES),
      lines,
      formulaId: z.string().nullable(),
      bakesAlong: z.boolean().default(false),
    }),
  ),
  bath: z
    .looseObject({ panLengthMm: number, panBreadthMm: number, levelMm: number, waterC: number })
    .nullable(),
  ovenUse: z.looseObject({}).transform((use) => ({ ...PLAIN_BUILD.ovenUse, ...use })),
  shellBake: z.looseObject({}).transform((bake) => ({ ...PLAIN_BUILD.shellBake, ...bake })),
  portionsEach: number,
  lossShare: number,
  steps: z.array(z.string()),
  archived: z.boolean(),
};

const fields = z.looseObject({ ...always, ...since }).partial();
const data = z
  .looseObject({ ...always, ...z.object(since).partial().shape })
  .transform((kept) => ({ ...PLAIN_BUILD, ...kept }));
const steps = z.array(z.object({ before: fields, after: fields }));

const refused = z.looseObject({ code: z.string(), message: z.string() }).nullable();

const draft = z.object({
  version: z.int().min(0),
  data,
  past: steps,
  future: steps,
  editing: z.string().nullable(),
  saving: z.string().nullable(),
  refused,
  why: z.string(),
});

/** As drafts were kept when each step back was a whole formula. */
const earlierDraft = z
  .object({
    version: z.int().min(0),
    data,
    past: z.array(data),
    future: z.array(data),
    editing: z.string().nullable(),
    why: z.string().default(''),
  })
  .transform(({ version, data, past, future, editing, why }): Draft => {
    const states = [...past, data, ...future] as unknown as FormulaData[];
    const steps = states.slice(1).map((to, index) => stepBetween(states[index]!, to));
    const real = (some: typeof steps) => some.filter((step) => step !== undefined);
    return {
      ...{ version, data: data as unknown as FormulaData },
      past: real(steps.slice(0, past.length)),
      future: real(steps.slice(past.length)),
      ...{ editing, saving: null, refused: null, why },
    };
  });

export const keptDraftSchema = z.union([draft, earlierDraft]) as unknown as z.ZodType<Draft>;

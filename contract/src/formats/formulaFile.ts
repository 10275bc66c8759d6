import { refusedAt } from '../limits';
import { fail, succeed, type EggGrade, type Result } from '@hollow-moon/core';
import { z } from 'zod';
import {
  formulaFieldsSchema,
  lineSchema,
  LINES_LIMIT,
  partSchema,
  PARTS_LIMIT,
  type FormulaData,
} from '../formula';
import { kitchenDataSchema } from '../kitchen';
import { ownIngredientSchema, type PantryItem } from '../pantry';
import { ingredientIdSchema } from '../wire';

const fileLinesSchema = z.array(lineSchema.omit({ id: true })).max(LINES_LIMIT);

/**
 * A formula as a file of its own: everything but what belongs to one kitchen (its tins, ovens and
 * ids). A component made from another formula of the book goes with that formula's list,
 * and the kitchen's own ingredients and egg grade go along. Described in docs/formats.md.
 */
export const formulaFileSchema = formulaFieldsSchema
  .omit({ vesselId: true, ovenId: true, lines: true, parts: true, archived: true })
  .extend({
    format: z.literal('hollow-moon/formula'),
    version: z.literal(1),
    lines: fileLinesSchema,
    parts: z
      .array(
        partSchema
          .omit({ id: true, formulaId: true, lines: true })
          .extend({ lines: fileLinesSchema }),
      )
      .max(PARTS_LIMIT)
      .default([]),
    /** The kitchen's own ingredients that stand on its lists, as their labels have them. */
    own: z
      .array(z.object({ ingredientId: ingredientIdSchema, own: ownIngredientSchema }))
      .max(LINES_LIMIT)
      .default([]),
    /** The weight grade by which eggs are counted. */
    eggGrade: kitchenDataSchema.shape.eggGrade.optional(),
  });
export type FormulaFile = z.infer<typeof formulaFileSchema>;

/** A file larger than this is not a formula, characters. */
export const FILE_LIMIT = 200_000;

type FileLines = FormulaFile['lines'];

const withoutIds = (lines: FormulaData['lines']): FileLines =>
  lines.map(({ id: _id, ...line }) => line);

/** What of the book goes along: what a component is made from, the pantry, and the grade of its eggs. */
export interface ToldOfBook {
  readonly formulaOf?: (id: string) => FormulaData | undefined;
  readonly pantry?: readonly Pick<PantryItem, 'data'>[];
  readonly eggGrade?: EggGrade;
}

/** A formula as its file; what it is made of that is the kitchen's own goes along. */
export function toFormulaFile(
  data: FormulaData,
  { formulaOf, pantry = [], eggGrade }: ToldOfBook = {},
): string {
  const { vesselId: _v, ovenId: _o, archived: _a, lines, parts, ...rest } = data;
  const lists = parts.map(({ id: _id, formulaId, lines: own, ...part }) => ({
    ...part,
    lines: withoutIds(formulaId === null ? own : (formulaOf?.(formulaId)?.lines ?? [])),
  }));
  const used = new Set(
    [...lines, ...lists.flatMap((part) => part.lines)].flatMap(({ ingredientId, instead }) =>
      instead ? [ingredientId, instead.ingredientId] : [ingredientId],
    ),
  );
  const own = pantry.flatMap(({ data: { ingredientId, own, archived } }) =>
    own && !archived && used.has(ingredientId) ? [{ ingredientId, own }] : [],
  );
  const file: FormulaFile = {
    format: 'hollow-moon/formula',
    version: 1,
    ...rest,
    lines: withoutIds(lines),
    parts: lists,
    own,
    ...(eggGrade ? { eggGrade } : {}),
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/** Parses text that may be anything; says what is wrong and where. */
export function parseJson(text: string): Result<unknown> {
  if (text.length > FILE_LIMIT) {
    return fail('file.too-large', undefined, { most: FILE_LIMIT / 1000 });
  }
  try {
    return succeed(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch {
    return fail('file.not-json');
  }
}

/** What is in a formula file: the formula, and what of its kitchen came along. */
export interface OpenedFormula {
  readonly formula: FormulaData;
  readonly own: FormulaFile['own'];
  readonly eggGrade: EggGrade | undefined;
}

/** Reads a formula file; `newId` gives each line an id of this kitchen. */
export function fromFormulaFile(text: string, newId: () => string): Result<OpenedFormula> {
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const checked = formulaFileSchema.safeParse(parsed.value);
  if (!checked.success) {
    const issue = checked.error.issues[0];
    return refusedAt(issue);
  }
  const { format: _format, version: _version, lines, parts, own, eggGrade, ...rest } = checked.data;
  const withIds = (of: FileLines) => of.map((line) => ({ ...line, id: newId() }));
  const formula: FormulaData = {
    ...rest,
    lines: withIds(lines),
    parts: parts.map((part) => ({
      ...part,
      id: newId(),
      formulaId: null,
      lines: withIds(part.lines),
    })),
    archived: false,
    vesselId: null,
    ovenId: null,
  };
  return succeed({ formula, own, eggGrade });
}

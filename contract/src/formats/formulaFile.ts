import { refusedAt } from '../limits';
import { fail, succeed, type Result } from '@hollow-moon/core';
import { z } from 'zod';
import {
  formulaFieldsSchema,
  lineSchema,
  LINES_LIMIT,
  partSchema,
  PARTS_LIMIT,
  type FormulaData,
} from '../formula';

const fileLinesSchema = z.array(lineSchema.omit({ id: true })).max(LINES_LIMIT);

/**
 * A formula as a file of its own: everything but what belongs to one kitchen (its tins, ovens and
 * ids). A component made from another formula of the book goes with that formula's list. Described in docs/formats.md.
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
  });
export type FormulaFile = z.infer<typeof formulaFileSchema>;

/** A file larger than this is not a formula, characters. */
export const FILE_LIMIT = 200_000;

type FileLines = FormulaFile['lines'];

const withoutIds = (lines: FormulaData['lines']): FileLines =>
  lines.map(({ id: _id, ...line }) => line);

/** `formulaOf` finds what a component is made from in the book. */
export function toFormulaFile(
  data: FormulaData,
  { formulaOf }: { readonly formulaOf?: (id: string) => FormulaData | undefined } = {},
): string {
  const { vesselId: _v, ovenId: _o, archived: _a, lines, parts, ...rest } = data;
  const file: FormulaFile = {
    format: 'hollow-moon/formula',
    version: 1,
    ...rest,
    lines: withoutIds(lines),
    parts: parts.map(({ id: _id, formulaId, lines: own, ...part }) => ({
      ...part,
      lines: withoutIds(formulaId === null ? own : (formulaOf?.(formulaId)?.lines ?? [])),
    })),
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

/** Reads a formula file; `newId` gives each line an id of this kitchen. */
export function fromFormulaFile(text: string, newId: () => string): Result<FormulaData> {
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const checked = formulaFileSchema.safeParse(parsed.value);
  if (!checked.success) {
    const issue = checked.error.issues[0];
    return refusedAt(issue);
  }
  const { format: _format, version: _version, lines, parts, ...rest } = checked.data;
  const withIds = (of: FileLines) => of.map((line) => ({ ...line, id: newId() }));
  return succeed({
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
  });
}

import { fail, succeed, type Result } from '@hollow-moon/core';
import { z } from 'zod';
import { formulaDataSchema, lineSchema, LINES_LIMIT, type FormulaData } from '../formula';

/**
 * A formula as a file of its own: everything but what belongs to one kitchen (its tins, ovens and
 * ids). Described in docs/formats.md.
 */
export const formulaFileSchema = formulaDataSchema
  .omit({ vesselId: true, ovenId: true, lines: true })
  .extend({
    format: z.literal('hollow-moon/formula'),
    version: z.literal(1),
    lines: z.array(lineSchema.omit({ id: true })).max(LINES_LIMIT),
  });
export type FormulaFile = z.infer<typeof formulaFileSchema>;

/** A file larger than this is not a formula, characters. */
export const FILE_LIMIT = 200_000;

export function toFormulaFile({ vesselId: _v, ovenId: _o, lines, ...rest }: FormulaData): string {
  const file: FormulaFile = {
    format: 'hollow-moon/formula',
    version: 1,
    ...rest,
    lines: lines.map(({ id: _id, ...line }) => line),
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/** Parses text that may be anything; says what is wrong and where. */
export function parseJson(text: string): Result<unknown> {
  if (text.length > FILE_LIMIT) {
    return fail('too-large', 'That file is larger than any formula (200 kB). Is it the right one?');
  }
  try {
    return succeed(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch {
    return fail('malformed', 'That file is not JSON, or was cut off.');
  }
}

/** Reads a formula file; `newId` gives each line an id of this kitchen. */
export function fromFormulaFile(text: string, newId: () => string): Result<FormulaData> {
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const checked = formulaFileSchema.safeParse(parsed.value);
  if (!checked.success) {
    const issue = checked.error.issues[0];
    return fail('invalid', issue?.message ?? 'That is not a formula.', issue?.path.join('.'));
  }
  const { format: _format, version: _version, lines, ...rest } = checked.data;
  return succeed({
    ...rest,
    lines: lines.map((line) => ({ ...line, id: newId() })),
    vesselId: null,
    ovenId: null,
  });
}

import {
  fail,
  finding,
  findIngredient,
  succeed,
  type Finding,
  type Result,
} from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import Papa from 'papaparse';
import { z } from 'zod';
import type { FormulaData } from '../formula';
import { FILE_LIMIT, parseJson } from './formulaFile';

type Line = FormulaData['lines'][number];

/**
 * What a format that holds only names and lines gives back: to be read line by line, with questions.
 * A line that ends in a colon is the heading of a component.
 */
export interface ListedRecipe {
  readonly name: string;
  readonly lines: readonly string[];
}

const unitOf = ({ unit, ingredientId }: Line): string =>
  unit === 'piece' ? (findIngredient(ingredientId)?.pieceName ?? 'piece') : unit;

const nameOf = ({ ingredientId }: Line): string =>
  findIngredient(ingredientId)?.name ?? ingredientId;

const isEgg = ({ ingredientId, unit }: Line): boolean =>
  unit === 'piece' && findIngredient(ingredientId)?.eggPart !== undefined;

/** What follows a name where there is no amount, as this application reads it again. */
const VAGUE_IN_TABLE = { none: '', unknown: ': ?', 'by-eye': ' to taste' } as const;

/** A line in words that this application, and most others, can read again. */
export const lineInWords = (line: Line): string => {
  const note = line.note ? `, ${line.note}` : '';
  if (line.vague) {
    return `${nameOf(line).toLowerCase()}${VAGUE_IN_TABLE[line.vague]}${note}`;
  }
  const amount = String(Number(line.amount.toFixed(3)));
  const unit = isEgg(line) ? '' : `${unitOf(line)} `;
  return `${amount} ${unit}${nameOf(line).toLowerCase()}${note}`;
};

/** Finds what a component is made from in the book. */
export type FormulaOf = (id: string) => FormulaData | undefined;
const NO_BOOK: FormulaOf = () => undefined;

/** The components with the lists they are made by. */
const listsOf = (data: FormulaData, formulaOf: FormulaOf) =>
  data.parts.map((part) => ({
    name: part.name.replace(/:+$/, ''),
    lines: part.formulaId === null ? part.lines : (formulaOf(part.formulaId)?.lines ?? []),
  }));

/** What these formats have no place for. */
export function lostIn(data: FormulaData): Finding[] {
  return [
    finding('file.loses-kind'),
    finding('file.loses-temperatures'),
    finding('file.loses-fill'),
    ...(data.lines.some((line) => line.written) ? [finding('file.loses-written')] : []),
    ...(data.lines.some((line) => line.heldBack) ? [finding('file.loses-held-back')] : []),
    ...(data.lines.some((line) => line.instead) ? [finding('file.loses-instead')] : []),
    ...(data.parts.length > 0 ? [finding('file.loses-places')] : []),
  ];
}

/** A schema.org Recipe as JSON-LD, safe to be put into a page as it is. Source: schema.org/Recipe. */
export function toRecipe(data: FormulaData, formulaOf: FormulaOf = NO_BOOK): string {
  const recipe = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: data.name,
    recipeCategory: say(`part.${data.family}`),
    recipeYield: String(data.vesselCount),
    recipeIngredient: [
      ...data.lines,
      ...listsOf(data, formulaOf).flatMap((part) => part.lines),
    ].map(lineInWords),
    ...(data.note ? { description: data.note } : {}),
  };
  // In a page `</script>` would end it.
  return `${JSON.stringify(recipe, null, 2).replaceAll('<', '\\u003c')}\n`;
}

const recipeSchema = z.object({
  '@type': z.union([
    z.literal('Recipe'),
    z.array(z.string()).refine((all) => all.includes('Recipe')),
  ]),
  name: z.string().max(300).optional(),
  recipeIngredient: z.array(z.string().max(2000)).max(500).optional(),
  ingredients: z.array(z.string().max(2000)).max(500).optional(),
});

/** Reads the first Recipe of a JSON-LD text: alone, in an array, or in an @graph. */
export function fromRecipe(text: string): Result<ListedRecipe> {
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const top = parsed.value as { '@graph'?: unknown } | null;
  const graph = Array.isArray(top) ? top : Array.isArray(top?.['@graph']) ? top['@graph'] : [top];
  for (const each of graph as unknown[]) {
    const recipe = recipeSchema.safeParse(each);
    if (!recipe.success) continue;
    const lines = recipe.data.recipeIngredient ?? recipe.data.ingredients ?? [];
    return succeed({ name: recipe.data.name ?? '', lines: lines.map((line) => line.trim()) });
  }
  return fail('file.no-recipe');
}

/** Signs that mean something in Markdown or, in a page made from it, in HTML. */
const MARKS = /[\\`*_{}[\]<>#|]/g;

/** Text as it stands, on one line: what a cook called something is no heading and no page of its own. */
const plainly = (text: string): string => text.replace(/\s+/g, ' ').replace(MARKS, '\\$&');

/** What was written plainly, as it stood. */
const asItStood = (text: string): string => text.replace(/\\([\\`*_{}[\]<>#|])/g, '$1');

const bullets = (lines: readonly Line[]): string =>
  lines.map((line) => `- ${plainly(lineInWords(line))}`).join('\n');

export function toMarkdown(data: FormulaData, formulaOf: FormulaOf = NO_BOOK): string {
  const note = data.note ? `\n${data.note.split(/\r?\n/).map(plainly).join('\n')}\n` : '';
  const parts = listsOf(data, formulaOf)
    .map((part) => `\n## ${plainly(part.name)}\n\n${bullets(part.lines)}\n`)
    .join('');
  return `# ${plainly(data.name)}\n\n${say('file.kind-and-count', { kind: say(`part.${data.family}`), count: data.vesselCount })}\n\n${bullets(data.lines)}\n${parts}${note}`;
}

const TOO_LARGE = fail('file.too-large', undefined, { most: FILE_LIMIT / 1000 });

/** Reads the first heading, and the bulleted lines under it and under the smaller ones. */
export function fromMarkdown(text: string): Result<ListedRecipe> {
  if (text.length > FILE_LIMIT) return TOO_LARGE;
  const rows = text.split('\n').map((row) => row.trim());
  const name = asItStood(
    rows
      .find((row) => /^#\s/.test(row))
      ?.slice(1)
      .trim() ?? '',
  );
  const lines = rows.flatMap((row) => {
    const what = asItStood(row.replace(/^(?:#+|[-*+])/, '').trim());
    if (what === '') return [];
    if (/^##+\s/.test(row)) return `${what}:`;
    return /^[-*+]\s/.test(row) ? what : [];
  });
  return lines.some((line) => !line.endsWith(':'))
    ? succeed({ name, lines })
    : fail('file.no-list');
}

/** Cells that a spreadsheet would take for a formula are made plain text. Source: OWASP, CSV injection. */
const harmless = (cell: string): string =>
  /^[=+\-@\t\r\n＝＋－＠]/.test(cell) ? `'${cell}` : cell;

export const toCsv = (data: FormulaData, formulaOf: FormulaOf = NO_BOOK): string =>
  `${Papa.unparse({
    fields: ['amount', 'unit', 'ingredient', 'note', 'component'],
    data: [{ name: '', lines: data.lines }, ...listsOf(data, formulaOf)].flatMap((part) =>
      part.lines.map((line) => [
        line.vague ? '' : String(Number(line.amount.toFixed(3))),
        line.vague || isEgg(line) ? '' : unitOf(line),
        harmless(`${nameOf(line).toLowerCase()}${VAGUE_IN_TABLE[line.vague ?? 'none']}`),
        harmless(line.note ?? ''),
        harmless(part.name),
      ]),
    ),
  })}\r\n`;

/** Nobody's list is wider; a table of thousands of columns is none. */
const MOST_COLUMNS = 100;

/** Reads a table with a heading row that has at least an ingredient; delimiter and quotes as they come. */
export function fromCsv(text: string): Result<ListedRecipe> {
  if (text.length > FILE_LIMIT) return TOO_LARGE;
  const table = text.replace(/^\uFEFF/, '');
  const titleOf = (heading: string) => heading.trim().toLowerCase();
  const [headings = []] = Papa.parse<string[]>(table, {
    preview: 1,
    skipEmptyLines: 'greedy',
  }).data;
  if (headings.length > MOST_COLUMNS) {
    return fail('file.too-many-columns', undefined, { most: MOST_COLUMNS });
  }
  if (!headings.map(titleOf).includes('ingredient')) {
    return fail('file.no-heading-row');
  }
  const { data } = Papa.parse<Record<string, string>>(table, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: titleOf,
  });
  const cell = (row: Record<string, string>, name: string) =>
    (row[name] ?? '').replace(/^'/, '').trim();
  let component = '';
  const lines = data.flatMap((row) => {
    const what = ['amount', 'unit', 'ingredient'].map((name) => cell(row, name)).filter(Boolean);
    const note = cell(row, 'note');
    const line = `${what.join(' ')}${note ? `, ${note}` : ''}`;
    const of = cell(row, 'component').replace(/:+$/, '');
    if (of === component) return line;
    component = of;
    return [`${of || 'Filling'}:`, line];
  });
  return succeed({ name: '', lines: lines.filter((line) => line !== '') });
}

/** Tells what a file is from its text, whatever it is called. */
export function fromAnyList(text: string): Result<ListedRecipe> {
  if (text.length > FILE_LIMIT) return TOO_LARGE;
  const start = text.trimStart().replace(/^\uFEFF/, '');
  if (start.startsWith('{') || start.startsWith('[')) return fromRecipe(text);
  if (start.split('\n').some((row) => /^(#|[-*+]\s)/.test(row.trimStart()))) {
    return fromMarkdown(text);
  }
  return fromCsv(text);
}

import { fail, succeed, type Result } from '@hollow-moon/core';
import Papa from 'papaparse';
import type { FormulaData } from '../formula';
import { FILE_LIMIT } from './formulaFile';
import { headingOf, listsOf, TOO_LARGE, wordsOfLine, type ListedRecipe, type Told } from './lines';

/** Cells that a spreadsheet would take for a formula are made plain text. Source: OWASP, CSV injection. */
export const harmless = (cell: string): string =>
  /^[=+\-@\t\r\n＝＋－＠]/.test(cell) ? `'${cell}` : cell;

/** A table of the lists, with the mark by which spreadsheets know UTF-8. */
export const toCsv = (data: FormulaData, told: Told = {}): string =>
  `\uFEFF${Papa.unparse({
    fields: ['amount', 'unit', 'ingredient', 'note', 'component'],
    data: listsOf(data, told).flatMap((list) =>
      list.lines.map((line) => {
        const { amount, unit, name } = wordsOfLine(line, told.find);
        return [amount, unit, harmless(name), harmless(line.note ?? ''), harmless(headingOf(list))];
      }),
    ),
  })}\r\n`;

/** Nobody's list is wider; a table of thousands of columns is none. */
const MOST_COLUMNS = 100;

/** What the columns of a list are called, in the languages of kitchens. */
const COLUMNS = {
  amount: /^(?:amount|quantity|qty|menge|anzahl|quantité|qté|quantidade|qtd\.?|cantidad|cant\.?)$/i,
  unit: /^(?:unit|units|einheit|unité|unidade|unidad|measure)$/i,
  ingredient:
    /^(?:ingredients?|item|name|zutat|zutaten|ingrédients?|ingredientes?|produit|produto|producto)$/i,
  note: /^(?:notes?|remarks?|bemerkung|preparation|remarque|observações|nota|notas)$/i,
  component: /^(?:component|part|section|komponente|teil|partie|parte|componente|composant)$/i,
} as const;
type Column = keyof typeof COLUMNS;

/** Where each column stands; `undefined` without one of ingredients. */
function columnsOf(
  headings: readonly string[],
): Readonly<Partial<Record<Column, number>>> | undefined {
  const at = (column: Column) =>
    headings.findIndex((heading) => COLUMNS[column].test(heading.trim()));
  const found = Object.fromEntries(
    (Object.keys(COLUMNS) as Column[])
      .map((column) => [column, at(column)] as const)
      .filter(([, index]) => index >= 0),
  );
  return 'ingredient' in found ? found : undefined;
}

/** Reads a table with a heading row that has at least an ingredient; delimiter, quotes and language as they come. */
export function fromCsv(text: string): Result<readonly ListedRecipe[]> {
  if (text.length > FILE_LIMIT) return TOO_LARGE;
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [headings = [], ...rows] = data;
  if (headings.length > MOST_COLUMNS) {
    return fail('file.too-many-columns', undefined, { most: MOST_COLUMNS });
  }
  const columns = columnsOf(headings);
  if (!columns) return fail('file.no-heading-row');
  const cell = (row: readonly string[], column: Column) => {
    const index = columns[column];
    return index === undefined ? '' : (row[index] ?? '').replace(/^'/, '').trim();
  };
  let component = '';
  const lines = rows.flatMap((row) => {
    const what = (['amount', 'unit', 'ingredient'] as const)
      .map((column) => cell(row, column))
      .filter(Boolean);
    const note = cell(row, 'note');
    const line = `${what.join(' ')}${note ? `, ${note}` : ''}`;
    const of = cell(row, 'component').replace(/:+$/, '');
    if (of === component) return line;
    component = of;
    return [`${of || 'Filling'}:`, line];
  });
  return succeed([{ name: '', lines: lines.filter((line) => line !== '') }]);
}

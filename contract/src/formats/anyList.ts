import { fail, succeed, type Finding, type Result } from '@hollow-moon/core';
import { fromCsv } from './csv';
import { FILE_LIMIT } from './formulaFile';
import { TOO_LARGE, type ListedRecipe } from './lines';
import { fromMarkdown } from './markdown';
import { fromPage, isPage } from './page';
import { fromRecipe } from './recipe';

/** Files that are no text, by how they begin, as text that was decoded anyhow. Source: each format's magic number. */
const NOT_TEXT: readonly (readonly [begins: string, Finding['code']])[] = [
  ['%PDF-', 'file.is-pdf'],
  // Word, spreadsheets and archives are all zip files.
  ['PK\u0003\u0004', 'file.is-archive'],
  ['\u2030PNG', 'file.is-picture'],
  ['GIF8', 'file.is-picture'],
  ['\u00ff\u00d8\u00ff', 'file.is-picture'],
  ['RIFF', 'file.is-picture'],
];

/** Whether a first row is the heading of a table: several cells, one of which names ingredients. */
const isTable = (first: string): boolean =>
  /[,;\t|]/.test(first) &&
  /(?:^|[,;\t|"])\s*(?:ingredients?|zutat|zutaten|ingrédients?|ingredientes?|item|name)\s*(?:$|[,;\t|"])/i.test(
    first,
  );

/** A text as it is: its rows, to be told apart by whoever reads them. */
const fromText = (text: string): Result<readonly ListedRecipe[]> => {
  const lines = text
    .replace(/^\uFEFF/, '')
    .split(/\r?\n/)
    .map((row) => row.trim())
    .filter(Boolean);
  return lines.length > 0 ? succeed([{ name: '', lines }]) : fail('file.empty');
};

/** Tells what a file is from its text, whatever it is called, and reads the recipes in it. */
export function fromAnyList(text: string): Result<readonly ListedRecipe[]> {
  const binary = NOT_TEXT.find(([begins]) => text.startsWith(begins))?.[1];
  if (binary) return fail(binary);
  if (isPage(text)) return fromPage(text);
  if (text.length > FILE_LIMIT) return TOO_LARGE;
  const start = text.replace(/^\uFEFF/, '').trimStart();
  if (start.startsWith('{') || start.startsWith('[{') || start.startsWith('["'))
    return fromRecipe(text);
  if (isTable(start.split(/\r?\n/, 1)[0]!)) return fromCsv(text);
  if (start.startsWith('---') || /^(?:#{1,6}\s|[-*+]\s|\|.*\|)/m.test(start))
    return fromMarkdown(text);
  return fromText(text);
}

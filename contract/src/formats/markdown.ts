import { fail, succeed, type Result } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import type { FormulaData } from '../formula';
import { FILE_LIMIT } from './formulaFile';
import {
  headingOf,
  lineInWords,
  listsOf,
  takesInWords,
  TOO_LARGE,
  type ListedRecipe,
  type ListOf,
  type Told,
} from './lines';

/** Signs that mean something in Markdown or, in a page made from it, in HTML. */
const MARKS = /[\\`*_{}[\]<>#|]/g;

/** Text as it stands, on one line: what a cook called something is no heading and no page of its own. */
const plainly = (text: string): string => text.replace(/\s+/g, ' ').replace(MARKS, '\\$&');

/** What was written plainly, as it stood. */
const asItStood = (text: string): string => text.replace(/\\([\\`*_{}[\]<>#|])/g, '$1');

/** A heading with its attributes, which are no text. */
const heading = (list: ListOf): string => headingOf({ ...list, name: plainly(list.name) });

export function toMarkdown(data: FormulaData, told: Told = {}): string {
  const bullets = (lines: ListOf['lines']) =>
    lines.map((line) => `- ${plainly(lineInWords(line, told.find))}`).join('\n');
  const lists = listsOf(data, told)
    .map((list) => `\n## ${heading(list)}\n\n${bullets(list.lines)}\n`)
    .join('');
  const steps = data.steps.map((step, at) => `${at + 1}. ${plainly(step)}`).join('\n');
  const method = steps ? `\n## ${say('file.method')}\n\n${steps}\n` : '';
  const takes = plainly(takesInWords(told.takes ?? {}));
  const said = [
    ...(data.note ? data.note.split(/\r?\n/).map(plainly) : []).filter((row) => row !== takes),
    ...(takes ? [takes] : []),
  ];
  const note = said.length > 0 ? `\n> ${said.join('\n> ')}\n` : '';
  return `# ${plainly(data.name)}\n\n${say('file.for-portions', { count: data.vesselCount * data.portionsEach })}\n${lists}${method}${note}`;
}

/** The title in front matter, and the text after it. Source: the YAML between two rows of dashes, common practice. */
function withoutFrontMatter(rows: readonly string[]): { title: string; body: readonly string[] } {
  if (rows[0]?.trim() !== '---') return { title: '', body: rows };
  const end = rows.findIndex((row, at) => at > 0 && /^(?:---|\.\.\.)\s*$/.test(row));
  if (end < 0) return { title: '', body: rows };
  const title = rows.slice(1, end).find((row) => /^title\s*:/i.test(row)) ?? '';
  return {
    title: title
      .replace(/^title\s*:\s*/i, '')
      .replace(/^["']|["']$/g, '')
      .trim(),
    body: rows.slice(end + 1),
  };
}

/** A row of a table as one line, its cells side by side; the rule under the headings is none. */
function cells(row: string): string {
  if (!/^\|.*\|$/.test(row)) return row;
  const inside = row
    .slice(1, -1)
    .split(/(?<!\\)\|/)
    .map((cell) => cell.trim());
  return inside.every((cell) => /^:?-{2,}:?$/.test(cell)) ? '' : inside.filter(Boolean).join(' ');
}

const HEADINGS_OF_A_TABLE =
  /^(?:amount|quantity|qty|menge|quantité|quantidade|cantidad|unit)?\s*(?:unit\s*)?(?:ingredients?|zutat|ingrédients?|ingredientes?)(?:\s*notes?)?$/i;

/** Reads a recipe in Markdown: its title or that of its front matter, headings, lists, tables, boxes and numbered steps. */
export function fromMarkdown(text: string): Result<readonly ListedRecipe[]> {
  if (text.length > FILE_LIMIT) return TOO_LARGE;
  const { title, body } = withoutFrontMatter(text.replace(/^\uFEFF/, '').split(/\r?\n/));
  const rows = body.map((row) => row.trim());
  const first = rows.findIndex((row) => /^#\s/.test(row));
  const name = title || (first < 0 ? '' : asItStood(rows[first]!.slice(1).trim()));
  const lines = rows.flatMap((row, at) => {
    if (at === first || row.startsWith('>') || row.startsWith('![')) return [];
    const bare = asItStood(
      cells(row)
        .replace(/^(?:#+|[-*+](?=\s))\s*/, '')
        .replaceAll(/\*\*|__/g, '')
        .trim(),
    );
    if (bare === '' || HEADINGS_OF_A_TABLE.test(bare) || /^[-*_]{3,}$/.test(bare)) return [];
    return /^##+\s/.test(row) ? `${bare.replace(/:$/, '')}:` : bare;
  });
  const note = rows
    .filter((row) => row.startsWith('>'))
    .map((row) => asItStood(row.replace(/^>\s?/, '')))
    .join('\n');
  return lines.some((line) => !line.endsWith(':'))
    ? succeed([{ name, lines, ...(note ? { note } : {}) }])
    : fail('file.no-list');
}

import type { WrittenLine } from './read';
import type { RecipeRow } from './rows';
import { headingIn, isMethod, kindOfHeading } from './sections';

/** What a dough is made of; a little milk or an egg may bind it. */
const OF_DOUGHS =
  /flour$|butter|margarine|shortening|^lard|oil$|sugar|salt$|water$|^egg|^yolk|^white|vinegar|baking|powder$|vanilla|^almonds-ground$|starch$/;

const isShell = (section: string): boolean => {
  const kind = kindOfHeading(section);
  return kind !== 'filling' && /dough$|shell$/.test(kind);
};

/** Rows of one list that stand together, with no free line between them. */
interface Block {
  readonly section: string;
  readonly rows: readonly number[];
}

/** The lists of a text, each broken where a line was left free. */
function blocksOf(rows: readonly RecipeRow[]): Block[] {
  const blocks: { section: string; rows: number[] }[] = [];
  let section = '';
  let open = false;
  for (const [at, { kind, text }] of rows.entries()) {
    if (kind === 'heading') {
      const heading = headingIn(text) ?? text;
      if (!isMethod(heading)) section = heading;
    }
    if (kind !== 'line') {
      open = false;
      continue;
    }
    if (open) blocks.at(-1)!.rows.push(at);
    else blocks.push({ section, rows: [at] });
    open = true;
  }
  return blocks;
}

const hasFilling = (sections: readonly string[]): boolean =>
  sections.some((section) => !isShell(section) && kindOfHeading(section) !== 'other-part');

/**
 * The filling of a text that has a heading over its shell alone: where a free line ends the shell's list and what follows
 * has more in it than goes into a dough, those lines are of no shell. Of a text that names its filling, or that leaves
 * free lines between all its rows, nothing is changed. Common practice of those who write recipes down.
 */
export function withUnheadedFilling(rows: readonly RecipeRow[]): readonly RecipeRow[] {
  const blocks = blocksOf(rows);
  if (hasFilling(blocks.map(({ section }) => section))) return rows;
  const linesOf = (block: Block): WrittenLine[] => block.rows.flatMap((at) => [...rows[at]!.lines]);
  const moved = new Set<number>();
  let filling = false;
  for (const [index, block] of blocks.entries()) {
    const before = blocks[index - 1];
    const goesOn = before?.section === block.section && isShell(block.section);
    const opens =
      goesOn &&
      Math.min(before.rows.length, block.rows.length) > 1 &&
      linesOf(block).some(
        ({ ingredientId }) => ingredientId !== undefined && !OF_DOUGHS.test(ingredientId),
      );
    filling = opens || (filling && goesOn);
    if (filling) block.rows.forEach((at) => moved.add(at));
  }
  return rows.map((row, at) =>
    moved.has(at) ? { ...row, lines: row.lines.map((line) => ({ ...line, section: '' })) } : row,
  );
}

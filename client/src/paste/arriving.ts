import type { FormulaData, OpenedFormula, PantryData } from '@hollow-moon/contract';
import type { EggGrade } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { v4 as uuid } from 'uuid';
import type { KitchenBook } from '../book/book';

const alike = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Ingredients that come along with a file: what this kitchen has just so is taken for it, anything else joins its pantry as
 * an ingredient of its own. Nothing that is there is changed by a file.
 */
export function ownArriving(
  own: OpenedFormula['own'],
  book: KitchenBook,
): {
  readonly writes: readonly { readonly id: string; readonly data: PantryData }[];
  /** Ids of the file, and what they are here. */
  readonly ids: ReadonlyMap<string, string>;
} {
  const ids = new Map<string, string>();
  const writes: { id: string; data: PantryData }[] = [];
  for (const { ingredientId, own: label } of own) {
    const here = book.pantry.find(({ data }) => !data.archived && alike(data.own, label));
    if (here) ids.set(ingredientId, here.data.ingredientId);
    else {
      const id = uuid();
      ids.set(ingredientId, `own-${id}`);
      writes.push({
        id,
        data: { ingredientId: `own-${id}`, price: null, own: label, archived: false },
      });
    }
  }
  return { writes, ids };
}

type Lines = FormulaData['lines'];

/** A formula with the ingredients of its lists under the ids they have here. */
export function renamed(formula: FormulaData, ids: ReadonlyMap<string, string>): FormulaData {
  const here = (id: string) => ids.get(id) ?? id;
  const lines = (of: Lines): Lines =>
    of.map((line) => ({
      ...line,
      ingredientId: here(line.ingredientId),
      ...(line.instead
        ? { instead: { ...line.instead, ingredientId: here(line.instead.ingredientId) } }
        : {}),
    }));
  return {
    ...formula,
    lines: lines(formula.lines),
    parts: formula.parts.map((part) => ({ ...part, lines: lines(part.lines) })),
  };
}

/** Says in the note by which grade its eggs were counted, where this kitchen counts by another. */
export function withGrade(
  formula: FormulaData,
  grade: EggGrade | undefined,
  book: KitchenBook,
): FormulaData {
  const counts = [...formula.lines, ...formula.parts.flatMap((part) => part.lines)].some(
    ({ ingredientId, unit }) => unit === 'piece' && book.find(ingredientId)?.eggPart !== undefined,
  );
  if (grade === undefined || grade === book.kitchen.data.eggGrade || !counts) return formula;
  const note = say('paste.eggs-were', { grade, here: book.kitchen.data.eggGrade });
  return { ...formula, note: [formula.note, note].filter(Boolean).join('\n') };
}

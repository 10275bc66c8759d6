import type { FormulaData } from '@hollow-moon/contract';
import { useCallback, useEffect, useMemo } from 'react';
import { keepMine, staleOf } from '../outgoing/writes';
import { useWaiting } from '../outgoing/useWaiting';
import type { Refused, StoredThing } from '../wire/resources';
import type { Edit } from './edits';
import type { KitchenBook } from '../book/book';
import { useAppDispatch, useAppSelector } from '../state/state';
import {
  discardFormula,
  editFormula,
  redone,
  saveFormula,
  undone,
  whySaid,
  type Draft,
} from './drafts';

export interface FormulaDraft {
  /** What is on the bench: the draft, else what is in the book; `undefined` when there is neither. */
  readonly data: FormulaData | undefined;
  readonly draft: Draft | undefined;
  readonly edit: Edit;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly sayWhy: (why: string) => void;
  readonly save: () => void;
  /** It is on its way into the book. */
  readonly saving: boolean;
  /** Why it is not in the book: something in it, or the book is away. */
  readonly refused: Refused | undefined;
  /** What is in the book in its place, where that was changed elsewhere. */
  readonly stale: StoredThing | undefined;
  readonly keepMine: () => void;
  /** Back to what is in the book. */
  readonly discard: () => void;
}

/** Editing one formula: every change undoable, kept through reloads, saved when the cook says so. */
export function useFormulaDraft(id: string, book: KitchenBook): FormulaDraft {
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => state.drafts[id]);
  const stored = book.formulas.find((each) => each.id === id);
  const { waiting, away } = useWaiting(id);
  const write = waiting.at(-1);
  const stale = write && staleOf(write);
  // What was said against a write is of no interest once it is edited on.
  const current = write !== undefined && write.id === draft?.saving ? write : undefined;
  const refused = draft?.refused ?? (stale ? undefined : current?.refused) ?? (current && away);
  const kitchenId = book.kitchen.id;
  const edit = useCallback<Edit>(
    (field, change) => dispatch(editFormula(id, field, change, stored)),
    [dispatch, id, stored],
  );
  const undo = useCallback(() => dispatch(undone(id)), [dispatch, id]);
  const redo = useCallback(() => dispatch(redone(id)), [dispatch, id]);
  const sayWhy = useCallback((why: string) => dispatch(whySaid({ id, why })), [dispatch, id]);
  const save = useCallback(() => dispatch(saveFormula(id, kitchenId)), [dispatch, id, kitchenId]);
  const keepMineHere = useCallback(() => dispatch(keepMine(id)), [dispatch, id]);
  const discard = useCallback(() => dispatch(discardFormula(id)), [dispatch, id]);

  // Ctrl+Z, Ctrl+Shift+Z and Ctrl+S, as everywhere; heard before a field, which keeps its keys to itself.
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey)) return;
      const key = event.key.toLowerCase();
      if (key === 's') {
        event.preventDefault();
        save();
      } else if (key === 'z') {
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
      }
    };
    globalThis.addEventListener?.('keydown', onKey, true);
    return () => globalThis.removeEventListener?.('keydown', onKey, true);
  }, [redo, save, undo]);

  const saving = current !== undefined && current.refused === null && away === undefined;
  return useMemo(
    () => ({
      data: draft?.data ?? stored?.data,
      draft,
      edit,
      undo,
      redo,
      sayWhy,
      save,
      saving,
      refused: refused ?? undefined,
      stale,
      keepMine: keepMineHere,
      discard,
    }),
    [draft, stored, edit, undo, redo, sayWhy, save, saving, refused, stale, keepMineHere, discard],
  );
}

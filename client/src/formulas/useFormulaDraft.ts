import { formulaDataSchema, type FormulaData } from '@hollow-moon/contract';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { v4 as uuid } from 'uuid';
import { formulaWritten, refusalFrom, usePutFormulaMutation } from '../store/api';
import type { KitchenBook } from '../store/kitchen';
import { useAppDispatch, useAppSelector } from '../store/store';
import {
  dropped,
  edited,
  redone,
  refused,
  saved,
  sending,
  undone,
  whySaid,
  type Draft,
} from './drafts';

export interface FormulaDraft {
  /** What is on the bench: the draft, else what is in the book; `undefined` when there is neither. */
  readonly data: FormulaData | undefined;
  readonly draft: Draft | undefined;
  readonly edit: (field: string, data: FormulaData) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly sayWhy: (why: string) => void;
  readonly save: () => void;
  readonly saving: boolean;
  /** Back to what is in the book. */
  readonly discard: () => void;
}

/** Editing one formula: every change undoable, kept through reloads, saved when the cook says so. */
export function useFormulaDraft(id: string, book: KitchenBook): FormulaDraft {
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => state.drafts[id]);
  const stored = book.formulas.find((each) => each.id === id);
  const [put, { isLoading: saving }] = usePutFormulaMutation();
  const edit = useCallback(
    (field: string, data: FormulaData) =>
      dispatch(edited({ id, field, data, ...(stored ? { from: stored } : {}) })),
    [dispatch, id, stored],
  );
  const undo = useCallback(() => dispatch(undone(id)), [dispatch, id]);
  const redo = useCallback(() => dispatch(redone(id)), [dispatch, id]);
  const sayWhy = useCallback((why: string) => dispatch(whySaid({ id, why })), [dispatch, id]);
  const discard = useCallback(() => dispatch(dropped(id)), [dispatch, id]);
  const kitchenId = book.kitchen.id;
  // The newest draft, so that saving stays one function while the cook types.
  const latest = useRef(draft);
  useEffect(() => {
    latest.current = draft;
  }, [draft]);
  const send = useCallback(async () => {
    const draft = latest.current;
    if (!draft) return;
    const checked = formulaDataSchema.safeParse(draft.data);
    if (!checked.success) {
      const issues = checked.error.issues.map(({ path, message }) => ({
        path: `data.${path.join('.')}`,
        message,
      }));
      const [first = { path: 'data', message: 'Something here is not as it should be.' }] = issues;
      dispatch(refused({ id, refusal: { code: 'invalid', ...first, issues } }));
      return;
    }
    const writeId = draft.writeId ?? uuid();
    dispatch(sending({ id, writeId }));
    const result = await put({
      kitchenId,
      id,
      writeId,
      version: draft.version,
      data: checked.data,
      why: draft.why,
    });
    if (result.data) {
      // First into the list, then off the bench: in between it must not seem to be nowhere.
      dispatch(formulaWritten(kitchenId, result.data));
      dispatch(saved({ id, stored: result.data, writeId }));
    } else dispatch(refused({ id, refusal: refusalFrom(result.error as never) }));
  }, [dispatch, id, kitchenId, put]);
  const save = useCallback(() => void send(), [send]);

  // Ctrl+Z, Ctrl+Shift+Z and Ctrl+S, as everywhere.
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
    globalThis.addEventListener?.('keydown', onKey);
    return () => globalThis.removeEventListener?.('keydown', onKey);
  }, [redo, save, undo]);

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
      discard,
    }),
    [draft, stored, edit, undo, redo, sayWhy, save, saving, discard],
  );
}

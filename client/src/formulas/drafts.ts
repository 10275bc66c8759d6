import type { FormulaData, StoredFormula } from '@hollow-moon/contract';
import type { Line } from '@hollow-moon/core';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { v4 as uuid } from 'uuid';
import { recallAll } from '../store/storage';
import { keptDraftSchema } from './keptDraft';
import type { Refused } from '../store/api';

/** A formula being edited: what is on the bench, and the way back. */
export interface Draft {
  /** Version it was opened from; 0 for a new one. */
  readonly version: number;
  readonly data: FormulaData;
  readonly past: readonly FormulaData[];
  readonly future: readonly FormulaData[];
  /** The field that was edited last: typing on in it is one step to undo. */
  readonly editing: string | null;
  /** The write that is under way or was lost; sent again under the same id. */
  readonly writeId: string | null;
  readonly refused: Refused | null;
  /** Why it is changed, in the cook's words, for whoever looks back. */
  readonly why: string;
  /** What is in the book, when it changed there meanwhile. */
  readonly stale: StoredFormula | null;
}

export type Drafts = Readonly<Record<string, Draft>>;

/** How far back undo reaches. */
const UNDO_DEPTH = 100;

const opened = (version: number, data: FormulaData): Draft => ({
  version,
  data,
  past: [],
  future: [],
  editing: null,
  writeId: null,
  refused: null,
  why: '',
  stale: null,
});

interface Edit {
  readonly id: string;
  /** The field, so that letters typed into it in a row undo together. */
  readonly field: string;
  readonly data: FormulaData;
  /** The stored formula the first edit starts from. */
  readonly from?: StoredFormula;
}

const slice = createSlice({
  name: 'drafts',
  initialState: (): Drafts => recallAll('drafts', keptDraftSchema),
  reducers: {
    edited(state, { payload: { id, field, data, from } }: PayloadAction<Edit>): Drafts {
      const draft = state[id] ?? (from ? opened(from.version, from.data) : undefined);
      if (!draft) return { ...state, [id]: opened(0, data) };
      const sameField = draft.editing === field && draft.past.length > 0;
      return {
        ...state,
        [id]: {
          ...draft,
          data,
          past: sameField ? draft.past : [...draft.past, draft.data].slice(-UNDO_DEPTH),
          future: [],
          editing: field,
          writeId: null,
          refused: null,
        },
      };
    },
    undone(state, { payload: id }: PayloadAction<string>): Drafts {
      const draft = state[id];
      const before = draft?.past[draft.past.length - 1];
      if (!draft || !before) return state;
      return {
        ...state,
        [id]: {
          ...draft,
          data: before,
          past: draft.past.slice(0, -1),
          future: [draft.data, ...draft.future],
          editing: null,
          writeId: null,
          refused: null,
        },
      };
    },
    redone(state, { payload: id }: PayloadAction<string>): Drafts {
      const draft = state[id];
      const [after, ...rest] = draft?.future ?? [];
      if (!draft || !after) return state;
      return {
        ...state,
        [id]: {
          ...draft,
          data: after,
          past: [...draft.past, draft.data],
          future: rest,
          editing: null,
          writeId: null,
          refused: null,
        },
      };
    },
    whySaid(state, { payload: { id, why } }: PayloadAction<{ id: string; why: string }>): Drafts {
      const draft = state[id];
      return draft ? { ...state, [id]: { ...draft, why, writeId: null } } : state;
    },
    sending(
      state,
      { payload: { id, writeId } }: PayloadAction<{ id: string; writeId: string }>,
    ): Drafts {
      const draft = state[id];
      return draft ? { ...state, [id]: { ...draft, writeId, refused: null } } : state;
    },
    saved(
      state,
      {
        payload: { id, stored, writeId },
      }: PayloadAction<{ id: string; stored: StoredFormula; writeId: string }>,
    ): Drafts {
      const draft = state[id];
      if (!draft) return state;
      // Edited on while the write was under way: the draft stays, on top of what is now stored.
      if (draft.writeId !== writeId)
        return { ...state, [id]: { ...draft, version: stored.version } };
      const { [id]: _done, ...rest } = state;
      return rest;
    },
    refused(
      state,
      { payload: { id, refusal } }: PayloadAction<{ id: string; refusal: Refused }>,
    ): Drafts {
      const draft = state[id];
      if (!draft) return state;
      const stale = refusal.code === 'stale' ? (refusal.current as StoredFormula) : null;
      return { ...state, [id]: { ...draft, refused: stale ? null : refusal, stale } };
    },
    /** Keep what is on the bench: it will be written over what is in the book. */
    mineKept(state, { payload: id }: PayloadAction<string>): Drafts {
      const draft = state[id];
      if (!draft?.stale) return state;
      return {
        ...state,
        [id]: { ...draft, version: draft.stale.version, stale: null, writeId: null },
      };
    },
    /** As another tab has it now. */
    draftArrived(
      state,
      { payload: { id, draft } }: PayloadAction<{ id: string; draft: Draft }>,
    ): Drafts {
      return { ...state, [id]: draft };
    },
    dropped(state, { payload: id }: PayloadAction<string>): Drafts {
      const { [id]: _dropped, ...rest } = state;
      return rest;
    },
  },
});

export const {
  edited,
  undone,
  redone,
  whySaid,
  sending,
  saved,
  refused,
  mineKept,
  draftArrived,
  dropped,
} = slice.actions;
export const draftsReducer = slice.reducer;

/** The data with every list, the filling's and each component's, put through `change`. */
const withLists = (
  data: FormulaData,
  change: (lines: FormulaData['lines']) => FormulaData['lines'],
): FormulaData => ({
  ...data,
  lines: change(data.lines),
  parts: data.parts.map((part) => ({ ...part, lines: change(part.lines) })),
});

/** The data with one line changed, wherever it stands. */
export const withLine = (data: FormulaData, id: string, change: Partial<Line>): FormulaData =>
  withLists(data, (lines) => lines.map((line) => (line.id === id ? { ...line, ...change } : line)));

/** The data without a line. */
export const withoutLine = (data: FormulaData, id: string): FormulaData =>
  withLists(data, (lines) => lines.filter((line) => line.id !== id));

/** The data with a component changed. */
export const withPart = (
  data: FormulaData,
  id: string,
  change: Partial<FormulaData['parts'][number]>,
): FormulaData => ({
  ...data,
  parts: data.parts.map((part) => (part.id === id ? { ...part, ...change } : part)),
});

/** The same formula under a name and ids of its own. */
export function copyOf(data: FormulaData): FormulaData {
  const copy = withLists(data, (lines) => lines.map((line) => ({ ...line, id: uuid() })));
  return {
    ...copy,
    parts: copy.parts.map((part) => ({ ...part, id: uuid() })),
    name: `${data.name}, copy`.slice(0, 120),
    archived: false,
  };
}

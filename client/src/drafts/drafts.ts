import {
  findingIn,
  formulaDataSchema,
  type FormulaData,
  type StoredFormula,
} from '@hollow-moon/contract';
import { shellOfKind, shellPartOf, type Line } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { v4 as uuid } from 'uuid';
import { acknowledged, queued, withdrawn } from '../outgoing/writes';
import type { Refused } from '../wire/resources';
import type { Change } from './edits';
import type { AppThunk } from '../state/state';

type Fields = Partial<FormulaData>;

/** What one edit changed: the fields as they were, and as they are since. */
export interface Step {
  readonly before: Fields;
  readonly after: Fields;
}

/** A formula being edited: what is on the bench, and the way back. */
export interface Draft {
  /** Version it was opened from; 0 for a new one. */
  readonly version: number;
  readonly data: FormulaData;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
  /** The field that was edited last: typing on in it is one step to undo. */
  readonly editing: string | null;
  /** The write that has all that is on the bench; null once it is edited on. */
  readonly saving: string | null;
  /** What is wrong with it, found before it was sent. */
  readonly refused: Refused | null;
  /** Why it is changed, in the cook's words, for whoever looks back. */
  readonly why: string;
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
  saving: null,
  refused: null,
  why: '',
});

/** Whether two fields say the same, be they one thing or two. */
const same = (a: unknown, b: unknown): boolean =>
  Object.is(a, b) || (typeof a === 'object' && JSON.stringify(a) === JSON.stringify(b));

/** The fields in which one formula differs from another. */
export function stepBetween(from: FormulaData, to: FormulaData): Step | undefined {
  const names = (Object.keys(to) as (keyof FormulaData)[]).filter(
    (name) => !same(from[name], to[name]),
  );
  if (names.length === 0) return undefined;
  const fields = (data: FormulaData): Fields =>
    Object.fromEntries(names.map((name) => [name, data[name]]));
  return { before: fields(from), after: fields(to) };
}

interface Edited {
  readonly id: string;
  /** The field, so that letters typed into it in a row undo together. */
  readonly field: string;
  readonly step: Step;
  /** The stored formula the first edit starts from. */
  readonly from?: StoredFormula | undefined;
}

/** On the bench as it is now, which nobody has sent or found fault with. */
const touched = (draft: Draft, change: Partial<Draft>): Draft => ({
  ...draft,
  saving: null,
  refused: null,
  ...change,
});

const none: Drafts = {};

const slice = createSlice({
  name: 'drafts',
  initialState: none,
  reducers: {
    /** A formula that is in no book yet. */
    newBegun: (
      state,
      { payload: { id, data } }: PayloadAction<{ id: string; data: FormulaData }>,
    ): Drafts => ({ ...state, [id]: opened(0, data) }),
    edited(state, { payload: { id, field, step, from } }: PayloadAction<Edited>): Drafts {
      const draft = state[id] ?? (from ? opened(from.version, from.data) : undefined);
      if (!draft) return state;
      const last = draft.editing === field ? draft.past.at(-1) : undefined;
      const past = last
        ? [
            ...draft.past.slice(0, -1),
            // As it was before the first letter, and as it is after the last.
            {
              before: { ...step.before, ...last.before },
              after: { ...last.after, ...step.after },
            },
          ]
        : [...draft.past, step].slice(-UNDO_DEPTH);
      const data = { ...draft.data, ...step.after };
      return { ...state, [id]: touched(draft, { data, past, future: [], editing: field }) };
    },
    undone(state, { payload: id }: PayloadAction<string>): Drafts {
      const draft = state[id];
      const step = draft?.past.at(-1);
      if (!draft || !step) return state;
      return {
        ...state,
        [id]: touched(draft, {
          data: { ...draft.data, ...step.before },
          past: draft.past.slice(0, -1),
          future: [step, ...draft.future],
          editing: null,
        }),
      };
    },
    redone(state, { payload: id }: PayloadAction<string>): Drafts {
      const draft = state[id];
      const [step, ...rest] = draft?.future ?? [];
      if (!draft || !step) return state;
      return {
        ...state,
        [id]: touched(draft, {
          data: { ...draft.data, ...step.after },
          past: [...draft.past, step],
          future: rest,
          editing: null,
        }),
      };
    },
    whySaid(state, { payload: { id, why } }: PayloadAction<{ id: string; why: string }>): Drafts {
      const draft = state[id];
      return draft ? { ...state, [id]: { ...draft, why, saving: null } } : state;
    },
    savingBegun(
      state,
      { payload: { id, writeId } }: PayloadAction<{ id: string; writeId: string }>,
    ): Drafts {
      const draft = state[id];
      return draft ? { ...state, [id]: { ...draft, saving: writeId, refused: null } } : state;
    },
    faultFound(
      state,
      { payload: { id, refusal } }: PayloadAction<{ id: string; refusal: Refused }>,
    ): Drafts {
      const draft = state[id];
      return draft ? { ...state, [id]: { ...draft, refused: refusal } } : state;
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
  extraReducers: (build) => {
    build.addCase(acknowledged, (state, { payload: { id: writeId, stored } }): Drafts => {
      const draft = stored ? state[stored.id] : undefined;
      if (!stored || !draft) return state;
      if (draft.saving === writeId) {
        const { [stored.id]: _done, ...rest } = state;
        return rest;
      }
      // Edited on while the write was under way: the draft stays, on top of what is now stored.
      return { ...state, [stored.id]: { ...draft, version: stored.version } };
    });
  },
});

const { edited, savingBegun, faultFound } = slice.actions;
declare module '../state/state' {
  interface RootState {
    readonly drafts: Drafts;
  }
}

export const { newBegun, undone, redone, whySaid, draftArrived, dropped } = slice.actions;
export const draftsReducer = slice.reducer;

/** Changes a formula on the bench; the first change takes it there out of the book. */
export const editFormula =
  (id: string, field: string, change: Change, from?: StoredFormula): AppThunk =>
  (dispatch, getState) => {
    const data = getState().drafts[id]?.data ?? from?.data;
    const step = data && stepBetween(data, change(data));
    if (step) dispatch(edited({ id, field, step, from }));
  };

/** Puts what is on the bench on its way into the book, if it is sound. */
export const saveFormula =
  (id: string, kitchenId: string): AppThunk =>
  (dispatch, getState) => {
    const draft = getState().drafts[id];
    if (!draft) return;
    const checked = formulaDataSchema.safeParse(draft.data);
    if (!checked.success) {
      const issues = checked.error.issues.map(({ path, message }) => {
        const found = findingIn(message);
        return { ...found, path: `data.${path.join('.')}`, message: found.code };
      });
      const path = issues[0]?.path ?? 'data';
      dispatch(faultFound({ id, refusal: { code: 'invalid', path, message: '', issues } }));
      return;
    }
    const { version, why } = draft;
    const write = queued({
      ...{ kitchenId, thing: id },
      work: { op: 'put', kind: 'formulas', version, data: checked.data, why },
    });
    dispatch(savingBegun({ id, writeId: write.payload.id }));
    dispatch(write);
  };

/** Back to what is in the book. */
export const discardFormula =
  (id: string): AppThunk =>
  (dispatch) => {
    dispatch(withdrawn(id));
    dispatch(dropped(id));
  };

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

/** The data with a line moved so many places down its list, or up; no further than its ends. */
export const withLineMoved = (data: FormulaData, id: string, by: number): FormulaData =>
  withLists(data, (lines) => {
    const at = lines.findIndex((line) => line.id === id);
    const line = lines[at];
    if (!line) return lines;
    const others = lines.filter((each) => each !== line);
    const to = Math.min(others.length, Math.max(0, at + by));
    return [...others.slice(0, to), line, ...others.slice(to)];
  });

/** The data with a component changed. */
export const withPart = (
  data: FormulaData,
  id: string,
  change: Partial<FormulaData['parts'][number]>,
): FormulaData => ({
  ...data,
  parts: data.parts.map((part) => (part.id === id ? { ...part, ...change } : part)),
});

/** The formula with the shell that its component makes, where one makes it. */
export function withShellOfPart(data: FormulaData): FormulaData {
  const part = shellPartOf(data.parts);
  const shell = part && shellOfKind(part.kind);
  return shell && shell !== data.shell ? { ...data, shell } : data;
}

/** The same formula under a name and ids of its own. */
export function copyOf(data: FormulaData): FormulaData {
  const copy = withLists(data, (lines) => lines.map((line) => ({ ...line, id: uuid() })));
  return {
    ...copy,
    parts: copy.parts.map((part) => ({ ...part, id: uuid() })),
    name: say('formulas.copy-of', { name: data.name }).slice(0, 120),
    archived: false,
  };
}

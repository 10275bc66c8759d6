import type { FormulaData } from '@hollow-moon/contract';
import { storedTart, tart, TART_ID as id } from '../testing/book';
import {
  draftsReducer,
  edited,
  mineKept,
  redone,
  refused,
  saved,
  sending,
  undone,
  withLine,
  withoutLine,
  type Drafts,
} from './drafts';

const named = (name: string): FormulaData => ({ ...tart, name });
const edit = (state: Drafts, name: string, field = 'name') =>
  draftsReducer(state, edited({ id, field, data: named(name), from: storedTart }));

describe('undo', () => {
  it('takes letters typed in a row as one step, and another field as another', () => {
    let state = edit({}, 'A');
    state = edit(state, 'AB');
    state = edit(state, 'AB!', 'family');
    expect(state[id]!.past.map((each) => each.name)).toEqual(['Test tart', 'AB']);
    state = draftsReducer(state, undone(id));
    expect(state[id]!.data.name).toBe('AB');
    state = draftsReducer(state, undone(id));
    expect(state[id]!.data.name).toBe('Test tart');
    expect(draftsReducer(state, undone(id))).toBe(state);
    state = draftsReducer(state, redone(id));
    expect(state[id]!.data.name).toBe('AB');
    // Editing on closes the way forward.
    state = edit(state, 'C');
    expect(draftsReducer(state, redone(id))).toBe(state);
  });
});

describe('keeping', () => {
  const writing = () => draftsReducer(edit({}, 'A'), sending({ id, writeId: 'w1' }));
  const stored = { ...storedTart, version: 2, data: named('A') };

  it('ends the draft when the book has it', () => {
    expect(draftsReducer(writing(), saved({ id, stored, writeId: 'w1' }))).toEqual({});
  });

  it('keeps what was typed while the write was under way, on top of the new version', () => {
    const typedOn = edit(writing(), 'AB');
    const state = draftsReducer(typedOn, saved({ id, stored, writeId: 'w1' }));
    expect(state[id]).toMatchObject({ version: 2, data: { name: 'AB' } });
  });

  it('shows both sides of a stale write and lets mine be written over', () => {
    const current = { ...storedTart, version: 5, data: named('Theirs') };
    const refusal = { code: 'stale', message: 'x', current };
    const state = draftsReducer(writing(), refused({ id, refusal }));
    expect(state[id]).toMatchObject({ data: { name: 'A' }, stale: { version: 5 }, refused: null });
    expect(draftsReducer(state, mineKept(id))[id]).toMatchObject({ version: 5, stale: null });
  });

  it('keeps what was entered when the book is away', () => {
    const state = draftsReducer(
      writing(),
      refused({ id, refusal: { code: 'away', message: 'x' } }),
    );
    expect(state[id]).toMatchObject({ data: { name: 'A' }, writeId: 'w1', stale: null });
  });
});

describe('lines', () => {
  it('change and go one at a time', () => {
    const [first, second] = tart.lines;
    expect(withLine(tart, second!.id, { amount: 9 }).lines.map((line) => line.amount)).toEqual([
      500, 9, 80,
    ]);
    expect(withoutLine(tart, first!.id).lines.map((line) => line.ingredientId)).toEqual([
      'egg-yolk',
      'sugar',
    ]);
  });
});

import { json, serve, accept, away } from '../testing/server';
import { createStore } from '../root/store';
import { book, storedTart, tart, TART_ID as id } from '../testing/book';
import type { FormulaData } from '@hollow-moon/contract';
import { emptyFormula } from './newFormula';
import { keepMine } from '../outgoing/writes';
import {
  copyOf,
  discardFormula,
  draftArrived,
  dropped,
  editFormula,
  newBegun,
  redone,
  saveFormula,
  stepBetween,
  undone,
  whySaid,
  withLine,
  withLineMoved,
  withoutLine,
  withPart,
  withShellOfPart,
} from './drafts';

const start = () => {
  const store = createStore();
  const edit = (name: string, field = 'name') =>
    store.dispatch(editFormula(id, field, (data) => ({ ...data, name }), storedTart));
  const draft = () => store.getState().drafts[id];
  const write = () => Object.values(store.getState().outgoing.writes)[0];
  const save = () => store.dispatch(saveFormula(id, book.kitchen.id));
  return { store, edit, draft, write, save };
};
const until = async (done: () => boolean) => {
  for (let round = 0; round < 200 && !done(); round += 1) {
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
  expect(done()).toBe(true);
};

describe('undo', () => {
  it('takes letters typed in a row as one step, and another field as another', () => {
    const { store, edit, draft } = start();
    edit('A');
    edit('AB');
    edit('AB!', 'family');
    expect(draft()!.past).toEqual([
      { before: { name: 'Test tart' }, after: { name: 'AB' } },
      { before: { name: 'AB' }, after: { name: 'AB!' } },
    ]);
    store.dispatch(undone(id));
    expect(draft()!.data.name).toBe('AB');
    store.dispatch(undone(id));
    expect(draft()!.data).toEqual(tart);
    const before = draft();
    store.dispatch(undone(id));
    expect(draft()).toBe(before);
    store.dispatch(redone(id));
    expect(draft()!.data.name).toBe('AB');
    // Editing on closes the way forward.
    edit('C');
    const after = draft();
    store.dispatch(redone(id));
    expect(draft()).toBe(after);
  });

  it('undoes several fields changed in one go together', () => {
    const { store, draft } = start();
    const both = { setC: 171, vesselCount: 5 };
    store.dispatch(editFormula(id, 'a', (data) => ({ ...data, ...both }), storedTart));
    store.dispatch(editFormula(id, 'a', (data) => ({ ...data, setC: 172 })));
    expect(draft()!.past).toHaveLength(1);
    store.dispatch(undone(id));
    expect(draft()!.data).toEqual(tart);
    store.dispatch(redone(id));
    expect(draft()!.data).toEqual({ ...tart, setC: 172, vesselCount: 5 });
  });

  it('has a change find the formula as it is by then, and none that changes nothing', () => {
    const { store, draft } = start();
    const add = () =>
      editFormula(id, 'n', (d) => ({ ...d, vesselCount: d.vesselCount + 1 }), storedTart);
    store.dispatch(add());
    store.dispatch(add());
    expect(draft()!.data.vesselCount).toBe(3);
    store.dispatch(editFormula(id, 'other', (data) => ({ ...data })));
    expect(draft()!.past).toHaveLength(1);
    expect(
      stepBetween({ ...tart, setC: Number.NaN }, { ...tart, setC: Number.NaN }),
    ).toBeUndefined();
  });
});

describe('keeping', () => {
  it('ends the draft when the book has it', async () => {
    const sent = serve([accept]);
    const { edit, draft, write, save } = start();
    edit('A');
    save();
    await until(() => write() === undefined);
    expect(sent).toMatchObject([{ version: 1, data: { name: 'A' } }]);
    expect(draft()).toBeUndefined();
  });

  it('keeps what was typed while the write was under way, on top of the new version', async () => {
    let release: () => void = () => undefined;
    const gate = new Promise<void>((resolve) => (release = resolve));
    const sent = serve([(first) => gate.then(() => accept(first)), accept]);
    const { edit, draft, write, save } = start();
    edit('A');
    save();
    await until(() => sent.length === 1);
    edit('AB');
    release();
    await until(() => write() === undefined);
    expect(draft()).toMatchObject({ version: 2, data: { name: 'AB' }, saving: null });
    save();
    await until(() => draft() === undefined);
    expect(sent[1]).toMatchObject({ version: 2, data: { name: 'AB' } });
  });

  it('shows both sides of a stale write and lets mine be written over', async () => {
    const current = { ...storedTart, version: 5, data: { ...tart, name: 'Theirs' } };
    const stale = () => json(409, { error: { code: 'stale', message: 'x', current } });
    const sent = serve([stale, accept]);
    const { store, edit, draft, write, save } = start();
    edit('A');
    save();
    await until(() => write()?.refused?.code === 'stale');
    expect(draft()).toMatchObject({ version: 1, data: { name: 'A' } });
    store.dispatch(keepMine(id));
    await until(() => draft() === undefined);
    expect(sent[1]).toMatchObject({ version: 5, data: { name: 'A' } });
  });

  it('takes the book’s, and nothing more is sent', async () => {
    const current = { ...storedTart, version: 5 };
    const sent = serve([() => json(409, { error: { code: 'stale', message: 'x', current } })]);
    const { store, edit, draft, write, save } = start();
    edit('A');
    save();
    await until(() => write()?.refused?.code === 'stale');
    store.dispatch(discardFormula(id));
    expect([draft(), write()]).toEqual([undefined, undefined]);
    expect(sent).toHaveLength(1);
  });

  it('keeps what was entered when the book is away', async () => {
    serve([away]);
    const { store, edit, draft, write, save } = start();
    edit('A');
    save();
    await until(() => store.getState().outgoing.away !== null);
    expect(draft()).toMatchObject({ data: { name: 'A' }, saving: write()!.id });
  });

  it('sends nothing that is not sound, and says what is wrong with it', () => {
    const sent = serve([accept]);
    const { store, draft, write, save } = start();
    store.dispatch(newBegun({ id, data: { ...tart, name: ' ', setC: Number.NaN } }));
    save();
    expect(draft()!.refused!.issues!.map(({ path }) => path)).toEqual(['data.name', 'data.setC']);
    expect([write(), sent]).toEqual([undefined, []]);
  });
});

describe('a draft', () => {
  it('has why it was changed, which goes into the book with it, and is no longer on its way', async () => {
    const sent = serve([accept]);
    const { store, edit, draft, write, save } = start();
    store.dispatch(whySaid({ id, why: 'nobody edits it' }));
    expect(draft()).toBeUndefined();
    edit('A');
    save();
    store.dispatch(whySaid({ id, why: 'sweeter' }));
    expect(draft()).toMatchObject({ why: 'sweeter', saving: null });
    save();
    await until(() => write() === undefined);
    expect(sent.at(-1)).toMatchObject({ why: 'sweeter', data: { name: 'A' } });
  });

  it('goes back a hundred steps and no further', () => {
    const { store, draft } = start();
    for (let n = 1; n <= 103; n += 1) {
      store.dispatch(editFormula(id, `field ${n}`, (data) => ({ ...data, setC: n }), storedTart));
    }
    expect(draft()!.past).toHaveLength(100);
    for (let n = 0; n < 120; n += 1) store.dispatch(undone(id));
    expect(draft()!.data.setC).toBe(3);
    expect(draft()!.future).toHaveLength(100);
  });

  it('of what is nowhere is none: edited, kept, undone or redone', () => {
    const { store, draft, write } = start();
    store.dispatch(editFormula(id, 'name', (data) => ({ ...data, name: 'A' })));
    store.dispatch(saveFormula(id, book.kitchen.id));
    store.dispatch(undone(id));
    store.dispatch(redone(id));
    expect([draft(), write()]).toEqual([undefined, undefined]);
  });

  it('edited on is no longer said to be refused', () => {
    serve([accept]);
    const { store, draft, save } = start();
    store.dispatch(newBegun({ id, data: { ...tart, name: ' ' } }));
    save();
    expect(draft()!.refused).toMatchObject({ code: 'invalid', path: 'data.name' });
    store.dispatch(editFormula(id, 'name', (data) => ({ ...data, name: 'A' })));
    expect(draft()).toMatchObject({ version: 0, refused: null, saving: null });
  });

  it('follows another tab, and is left when told so', () => {
    const { store, edit, draft } = start();
    edit('A');
    const theirs = { ...draft()!, data: { ...tart, name: 'Theirs' } };
    store.dispatch(draftArrived({ id, draft: theirs }));
    expect(draft()).toBe(theirs);
    store.dispatch(dropped('another'));
    expect(draft()).toBe(theirs);
    store.dispatch(dropped(id));
    expect(draft()).toBeUndefined();
  });
});

describe('a component', () => {
  const part: FormulaData['parts'][number] = {
    ...{ id: 'shell', name: 'Shell', kind: 'pie-dough', place: 'shell', formulaId: null },
    ...{ eachG: null, vessels: null, bakesAlong: false },
    lines: [{ id: 'flour', ingredientId: 'flour', amount: 200, unit: 'g' }],
  };
  const glaze: typeof part = { ...part, id: 'glaze', kind: 'glaze', place: 'over', lines: [] };
  const data: FormulaData = { ...tart, parts: [part, glaze] };

  it('is changed by itself, and its lines with those of the filling', () => {
    expect(withPart(data, 'glaze', { eachG: 40 }).parts).toEqual([part, { ...glaze, eachG: 40 }]);
    expect(withLine(data, 'flour', { amount: 250 }).parts[0]!.lines[0]!.amount).toBe(250);
    expect(withoutLine(data, 'flour').parts[0]!.lines).toEqual([]);
    expect(withoutLine(data, 'flour').lines).toEqual(tart.lines);
  });

  it('that makes the shell says which shell it is', () => {
    expect(withShellOfPart(data)).toEqual({ ...data, shell: 'pie-dough' });
    expect(withShellOfPart(tart)).toBe(tart);
    const same = { ...data, shell: 'pie-dough' as const };
    expect(withShellOfPart(same)).toBe(same);
  });

  it('of a copy and all lines have ids of their own; the copy is in use, under a name of its own', () => {
    const copy = copyOf({ ...data, archived: true, name: 'x'.repeat(119) });
    const ids = (of: FormulaData) => [
      ...of.parts.map((each) => each.id),
      ...[...of.lines, ...of.parts.flatMap(({ lines }) => lines)].map((line) => line.id),
    ];
    expect(ids(copy)).toHaveLength(ids(data).length);
    expect(new Set([...ids(copy), ...ids(data)]).size).toBe(2 * ids(data).length);
    expect([copy.archived, copy.name]).toEqual([false, `${'x'.repeat(119)},`]);
    expect(copyOf(tart).name).toBe('Test tart, copy');
    const plain = ({ lines }: FormulaData) => lines.map((line) => ({ ...line, id: '' }));
    expect(plain(copy)).toEqual(plain(data));
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

describe('a line moved in its list', () => {
  // Places counted by hand, on the list of three of the tart below.
  const order = (by: number, at: number) => {
    const { lines } = tart;
    const moved = withLineMoved(tart, lines[at]!.id, by);
    return moved.lines.map(({ id }) => lines.findIndex((line) => line.id === id));
  };
  it.each([
    ['up by one', -1, 2, [0, 2, 1]],
    ['down by two', 2, 0, [1, 2, 0]],
    ['no further than the top', -9, 2, [2, 0, 1]],
    ['no further than the end', 9, 1, [0, 2, 1]],
  ])('%s', (_, by, at, expected) => {
    expect(tart.lines).toHaveLength(3);
    expect(order(by, at)).toEqual(expected);
  });
});

test.each([
  // 375 °F and 285 °F are the fives nearest to 190 and 140 °C, worked by hand; gas 5 is 375 and gas 1 275 °F: common practice.
  ['C', 190, 140],
  ['F', ((375 - 32) * 5) / 9, ((285 - 32) * 5) / 9],
  ['gas', ((375 - 32) * 5) / 9, 135],
] as const)(
  'a new formula has ovens at settings that a dial in %s has',
  (degrees, shellC, setC) => {
    const begun = emptyFormula(degrees);
    expect(begun.setC).toBeCloseTo(setC, 6);
    for (const stage of begun.shellBake.stages) expect(stage.setC).toBeCloseTo(shellC, 6);
  },
);

import { json, serve, accept, away } from '../testing/server';
import { createStore } from '../root/store';
import { book, storedTart, tart, TART_ID as id } from '../testing/book';
import { emptyFormula } from './newFormula';
import { keepMine } from '../outgoing/writes';
import {
  discardFormula,
  editFormula,
  newBegun,
  redone,
  saveFormula,
  stepBetween,
  undone,
  withLine,
  withLineMoved,
  withoutLine,
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

/** What outlives a reload, on the device's own database (a stand-in that keeps to the standard). */
import 'fake-indexeddb/auto';
import { agendaTold, type Due } from '../alarm/agenda';
import { putAway } from '../bake/bakes';
import { notedOf } from '../bake/noted';
import { beginBake, noteOf, takeBack } from '../bake/writing';
import { discardFormula, editFormula, newBegun } from '../drafts/drafts';
import { queued } from '../outgoing/writes';
import { begunBake } from '../testing/bake';
import { book, storedTart, tart, TART_ID, TIN_ID } from '../testing/book';
import { away, serve } from '../testing/server';
import { api } from '../wire/api';
import { openAppStore } from './appStore';
import { keepThroughReloads } from './keeping';
import { recall } from './recall';
import { unitsChosen, themeChosen } from '../state/settings';
import { clearAside, everythingKept, keep, putAllAside, readAll, settled } from '../device/storage';
import { createStore } from './store';

const names = async () => [...(await readAll())!.keys()].sort();
const asides = async () => (await names()).filter((name) => name.startsWith('aside/'));
const recalled = async () => recall((await readAll())!);
/** A moment for what follows a promise to follow it. */
const moment = () => new Promise((resolve) => setTimeout(resolve, 20));
const edit = (setC: number, id = TART_ID) =>
  editFormula(id, 'setC', (d) => ({ ...d, setC }), storedTart);

const reading = (n: number) => ({
  kind: 'readings' as const,
  entry: {
    id: `00000000-0000-4000-8000-0000000003${10 + n}`,
    ...{ atS: 60 * n, place: 'centre' as const, celsius: 30 + n },
  },
});

/** A tab: its store and what keeps it, without a line to others. */
const opened: (() => void)[] = [];
const tab = (channel?: BroadcastChannel) => {
  const store = createStore();
  opened.push(keepThroughReloads(store, channel));
  return store;
};

beforeEach(async () => {
  serve([away]);
  localStorage.clear();
  await keep(new Map(), await names());
});
afterEach(() => {
  for (const end of opened.splice(0)) end();
});

describe('what is kept through a reload', () => {
  it('comes back as it was put, each record by itself', async () => {
    const store = tab();
    store.dispatch(themeChosen('dark'));
    store.dispatch(unitsChosen({ degrees: 'F' }));
    store.dispatch(edit(161));
    store.dispatch(beginBake(TIN_ID, book.kitchen.id, begunBake));
    store.dispatch(noteOf(TIN_ID, reading(1)));
    await settled();
    const writes = Object.keys(store.getState().outgoing.writes);
    expect(writes).toHaveLength(2);
    expect(await names()).toEqual(
      [
        ...[`bakes/${TIN_ID}`, `noted/${reading(1).entry.id}`, `drafts/${TART_ID}`, 'settings'],
        ...writes.map((id) => `outgoing/${id}`),
      ].sort(),
    );
    const now = store.getState();
    const again = await recalled();
    expect(again.settings).toEqual({
      alarms: true,
      aloud: false,
      notices: false,
      hand: '',
      probe: { address: '', on: false, places: {} },
      folds: {},
      isotherms: false,
      singleKeys: true,
      theme: 'dark',
      units: { degrees: 'F', lengths: 'cm', weights: 'g' },
      kitchenId: null,
    });
    expect([again.drafts, again.bakes]).toEqual([now.drafts, now.bakes]);
    expect([again.noted, again.writes]).toEqual([now.noted, now.outgoing.writes]);
    expect(again.broken.size).toBe(0);
    store.dispatch(discardFormula(TART_ID));
    await settled();
    expect((await recalled()).drafts).toEqual({});
  });

  it('is also what of a day is due, until it is over for a day', async () => {
    const due = (atMs: number): Due => ({
      ...{ key: 'begin a:fill', kind: 'begin', says: 'Fill the tart', path: '/work/1' },
      atMs,
    });
    const store = tab();
    store.dispatch(agendaTold({ dayId: 'today', due: [due(Date.now() - 3600_000)] }));
    store.dispatch(agendaTold({ dayId: 'over', due: [due(Date.now() - 25 * 3600_000)] }));
    store.dispatch(agendaTold({ dayId: 'done', due: [due(Date.now())] }));
    store.dispatch(agendaTold({ dayId: 'done', due: [] }));
    await settled();
    expect(await names()).toEqual(['agenda/over', 'agenda/today']);
    const again = await openAppStore();
    expect(again.getState().agenda).toEqual({ today: store.getState().agenda.today });
    await settled();
    expect(await names()).toEqual(['agenda/today']);
  });

  it('has the way back too, and a field that was emptied, which is no number', async () => {
    const store = tab();
    store.dispatch(edit(Number.NaN));
    await settled();
    const { drafts, broken } = await recalled();
    expect(drafts[TART_ID]).toEqual(store.getState().drafts[TART_ID]);
    expect(drafts[TART_ID]!.data.setC).toBeNaN();
    expect(drafts[TART_ID]!.past).toEqual([{ before: { setC: 140 }, after: { setC: Number.NaN } }]);
    expect(broken.size).toBe(0);
  });

  it.each([
    ['half a text', `drafts/${TART_ID}`, '{ half a'],
    ['nothing where a draft was', `drafts/${TART_ID}`, null],
    ['a draft without its lines', `drafts/${TART_ID}`, { version: 1, data: { name: 'x' } }],
    ['a bake of nothing', `bakes/${TIN_ID}`, { a: null }],
    ['a write of nothing', `outgoing/${TIN_ID}`, { op: 'put' }],
    ['an agenda of nothing', `agenda/${TIN_ID}`, [{ key: 'look' }]],
    ['a kind nobody knows', 'moons/1', 'full'],
  ])('%s is put aside, not lost, and the rest goes on', async (_, name, record) => {
    await keep(
      new Map<string, unknown>([
        ['settings', { theme: 'dark' }],
        [name, record],
      ]),
    );
    const { settings, drafts, bakes, outgoing, device } = (await openAppStore()).getState();
    expect([settings.theme, drafts, bakes, outgoing.writes]).toEqual(['dark', {}, {}, {}]);
    expect(device).toEqual({ refuses: false, aside: 1 });
    await settled();
    const [aside] = await asides();
    expect(aside!.endsWith(name)).toBe(true);
    expect((JSON.parse(await everythingKept()) as Record<string, unknown>)[aside!]).toEqual(record);
  });

  it('is put aside whole for a fresh start, and thrown away only when told so', async () => {
    await keep(new Map([['settings', { theme: 'dark' }]]));
    await putAllAside();
    expect((await recalled()).settings.theme).toBe('system');
    expect((await recalled()).aside).toBe(1);
    await clearAside();
    expect(await names()).toEqual([]);
  });

  it('says so while the device refuses, and no longer', async () => {
    const store = tab();
    const refuse = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    store.dispatch(themeChosen('dark'));
    await settled();
    await moment();
    expect(store.getState().device.refuses).toBe(true);
    refuse.mockRestore();
    store.dispatch(themeChosen('light'));
    await settled();
    await moment();
    expect(store.getState().device.refuses).toBe(false);
  });

  it('is written down as tried before it is sent, so that after a reload it goes as it was', async () => {
    const seen: unknown[] = [];
    const store = tab();
    globalThis.fetch = async () => {
      seen.push(...Object.values((await recalled()).writes).map(({ tried }) => tried));
      throw new TypeError('failed to fetch');
    };
    const work = { op: 'put', kind: 'kitchens', version: 1, data: book.kitchen.data } as const;
    store.dispatch(queued({ kitchenId: book.kitchen.id, thing: book.kitchen.id, work }));
    for (let round = 0; round < 50 && seen.length === 0; round += 1) await moment();
    expect(seen).toEqual([true]);
  });
});

describe('what was kept by earlier versions', () => {
  const draft = { version: 1, data: { ...tart, setC: 150 }, editing: null, writeId: null };
  const past = [tart, { ...tart, setC: 145 }];
  const rest = { refused: null, stale: null };

  it('a draft with whole formulas for its way back has their steps', async () => {
    const future = [{ ...tart, setC: 155, name: 'On' }];
    localStorage.setItem(
      'hollow-moon/drafts',
      JSON.stringify({ [TART_ID]: { ...draft, past, future, ...rest }, a: null }),
    );
    localStorage.setItem('hollow-moon/settings', '{"theme":"dark"}');
    const { drafts, settings, device } = (await openAppStore()).getState();
    expect(settings.theme).toBe('dark');
    expect(drafts[TART_ID]).toEqual({
      ...{ version: 1, data: { ...tart, setC: 150 }, editing: null, saving: null },
      ...{ refused: null, why: '' },
      past: [
        { before: { setC: 140 }, after: { setC: 145 } },
        { before: { setC: 145 }, after: { setC: 150 } },
      ],
      future: [
        {
          before: { name: 'Test tart', setC: 150 },
          after: { name: 'On', setC: 155 },
        },
      ],
    });
    // What was no draft is put aside; nothing is left where it was.
    expect(device.aside).toBe(1);
    expect(localStorage).toHaveLength(0);
  });

  it('a bake that sent itself is one whose changes and notes are on their way', async () => {
    const reading = { id: TIN_ID, atS: 60, place: 'centre' as const, celsius: 31.5 };
    const { archived: _archived, ...data } = begunBake;
    const earlier = {
      ...{ kitchenId: book.kitchen.id, version: 3, unsent: true, writeId: null, ...rest },
      data: { ...data, readings: [reading], wobbles: [] },
    };
    localStorage.setItem(`hollow-moon/bakes/${TART_ID}`, JSON.stringify(earlier));
    const { bakes, noted, outgoing } = (await openAppStore()).getState();
    expect(bakes[TART_ID]).toEqual({
      ...{ kitchenId: book.kitchen.id, version: 3, data: begunBake },
    });
    expect(notedOf(noted, TART_ID)).toEqual({ readings: [reading], wobbles: [], deeds: [] });
    const works = Object.values(outgoing.writes).map(({ order, work }) => [order, work]);
    expect(works.sort()).toEqual([
      [0, { op: 'put', kind: 'bakes', version: 3, data: begunBake }],
      [1, { op: 'note', kind: 'readings', entry: reading }],
    ]);
  });
});

describe('two tabs', () => {
  /** A line between two: what the one says, the other hears. */
  const line = () => {
    class End {
      onmessage: ((event: { data: unknown }) => void) | null = null;
      other: End | undefined;
      readonly said: unknown[] = [];
      postMessage(data: unknown) {
        this.said.push(data);
        this.other?.onmessage?.({ data: structuredClone(data) });
      }
      close() {
        this.other = undefined;
      }
    }
    const [a, b] = [new End(), new End()];
    a.other = b;
    b.other = a;
    return [a, b] as unknown as (BroadcastChannel & { said: unknown[] })[];
  };

  it('take over each other’s records, and write nothing over them', async () => {
    const [mine, yours] = line();
    const [here, there] = [tab(mine), tab(yours)];
    here.dispatch(edit(161));
    await settled();
    await moment();
    expect(there.getState().drafts).toEqual(here.getState().drafts);
    there.dispatch(newBegun({ id: TIN_ID, data: tart }));
    there.dispatch(themeChosen('dark'));
    there.dispatch(discardFormula(TART_ID));
    await settled();
    await moment();
    const { drafts, settings } = here.getState();
    expect([Object.keys(drafts), settings.theme]).toEqual([[TIN_ID], 'dark']);
    // The one told of its edit only: what it heard it did not say again.
    expect(mine!.said).toHaveLength(1);
  });

  // Neither has heard of the other's when it notes its own; whichever is written last, all of them stay.
  it('that note at once keep all that was noted, and what was taken back stays so', async () => {
    const [mine, yours] = line();
    const [here, there] = [tab(mine), tab(yours)];
    here.dispatch(beginBake(TIN_ID, book.kitchen.id, begunBake));
    await settled();
    await moment();
    here.dispatch(noteOf(TIN_ID, reading(1)));
    there.dispatch(noteOf(TIN_ID, reading(2)));
    there.dispatch(takeBack(TIN_ID, 'readings', reading(2).entry.id));
    here.dispatch(noteOf(TIN_ID, reading(3)));
    await settled();
    await moment();
    const { noted, bakes } = await recalled();
    const wanted = { readings: [reading(1).entry, reading(3).entry], wobbles: [], deeds: [] };
    for (const each of [noted, here.getState().noted, there.getState().noted]) {
      expect(notedOf(each, TIN_ID)).toEqual(wanted);
    }
    expect(Object.keys(bakes)).toEqual([TIN_ID]);
  });

  it('have the same bakes, begun, changed and put away; and hear no more once one is shut', async () => {
    const [mine, yours] = line();
    const [here, there] = [tab(mine), tab(yours)];
    here.dispatch(beginBake(TIN_ID, book.kitchen.id, begunBake));
    here.dispatch(noteOf(TIN_ID, reading(1)));
    await settled();
    await moment();
    expect(there.getState().bakes).toEqual(here.getState().bakes);
    there.dispatch(putAway(TIN_ID));
    await settled();
    await moment();
    expect([here.getState().bakes, here.getState().noted]).toEqual([{}, {}]);
    opened.splice(0).forEach((end) => end());
    here.dispatch(edit(161));
    await settled();
    await moment();
    expect(there.getState().drafts).toEqual({});
    expect(await names()).not.toContain(`drafts/${TART_ID}`);
  });

  it('ask again for what another has brought into the book', () => {
    const [mine, yours] = line();
    const here = tab(mine);
    const work = { op: 'put', kind: 'formulas', version: 1, data: tart } as const;
    const { id } = here.dispatch(
      queued({ kitchenId: book.kitchen.id, thing: TART_ID, work }),
    ).payload;
    const told = jest.spyOn(here, 'dispatch');
    yours!.postMessage([[`outgoing/${id}`, null]]);
    expect(here.getState().outgoing.writes).toEqual({});
    expect(told.mock.calls.map(([action]) => action)).toContainEqual(
      api.util.invalidateTags(['formulas', { type: 'versions', id: TART_ID }]),
    );
  });

  it('do not believe nonsense', () => {
    const [mine, yours] = line();
    const here = tab(mine);
    here.dispatch(edit(161));
    const due: Due[] = [{ key: 'a', kind: 'look', says: 'Look', path: '/work/1', atMs: 1 }];
    here.dispatch(agendaTold({ dayId: 'today', due }));
    const before = here.getState().drafts;
    yours!.postMessage([
      [`drafts/${TART_ID}`, { version: 1 }],
      [`outgoing/${TART_ID}`, 'moon'],
      ['agenda/today', 'moon'],
      ['settings', 7],
      [`bakes/${TIN_ID}`, { version: 'new' }],
      ['noted/x', { kind: 'readings' }],
      ['moons/1', 'full'],
    ]);
    expect([here.getState().bakes, here.getState().noted]).toEqual([{}, {}]);
    expect(here.getState().agenda).toEqual({ today: due });
    // That it is over is no nonsense.
    yours!.postMessage([['agenda/today', null]]);
    expect(here.getState().agenda).toEqual({});
    expect(here.getState().drafts).toBe(before);
    expect(here.getState().settings.theme).toBe('system');
  });
});

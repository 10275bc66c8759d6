/** What outlives a reload, and the book that screens choose from. */
import type { PantryItem } from '@hollow-moon/contract';
import { dropped, edited } from '../formulas/drafts';
import { book, storedTart, tart, TART_ID, TIN_ID } from '../testing/book';
import { keepThroughReloads } from './keeping';
import { bookOf } from './kitchen';
import { degreesChosen, themeChosen } from './settings';
import { clearAside, countAside, everythingKept, putAllAside } from './storage';
import { createStore } from './store';

beforeEach(() => localStorage.clear());

const aside = () => Object.keys(localStorage).filter((key) => key.startsWith('hollow-moon/aside/'));

describe('what is kept through a reload', () => {
  it('comes back as it was put, each record by itself', () => {
    const store = createStore();
    keepThroughReloads(store);
    store.dispatch(themeChosen('dark'));
    store.dispatch(degreesChosen('F'));
    store.dispatch(edited({ id: TART_ID, field: 'setC', data: tart, from: storedTart }));
    expect(Object.keys(localStorage).sort()).toEqual([
      `hollow-moon/drafts/${TART_ID}`,
      'hollow-moon/settings',
    ]);
    const again = createStore().getState();
    expect(again.settings).toEqual({ theme: 'dark', degrees: 'F', kitchenId: null });
    expect(again.drafts).toEqual(store.getState().drafts);
    store.dispatch(dropped(TART_ID));
    expect(createStore().getState().drafts).toEqual({});
  });

  it('is written when it changes, and only that', () => {
    const store = createStore();
    keepThroughReloads(store);
    const put = jest.spyOn(Storage.prototype, 'setItem');
    store.dispatch(themeChosen('dark'));
    store.dispatch(edited({ id: TART_ID, field: 'setC', data: tart, from: storedTart }));
    store.dispatch(edited({ id: TIN_ID, field: 'setC', data: tart }));
    expect(put.mock.calls.map(([name]) => name)).toEqual([
      'hollow-moon/settings',
      `hollow-moon/drafts/${TART_ID}`,
      `hollow-moon/drafts/${TIN_ID}`,
    ]);
    put.mockRestore();
  });

  it('keeps a field that was emptied, which is no number', () => {
    const store = createStore();
    keepThroughReloads(store);
    store.dispatch(edited({ id: TART_ID, field: 'setC', data: { ...tart, setC: Number.NaN } }));
    expect(createStore().getState().drafts[TART_ID]?.data.setC).toBeNaN();
    expect(aside()).toEqual([]);
  });

  it.each([
    ['half a text', `drafts/${TART_ID}`, '{ half a'],
    ['nothing where a draft was', `drafts/${TART_ID}`, 'null'],
    ['a draft without its lines', `drafts/${TART_ID}`, '{"version":1,"data":{"name":"x"}}'],
    ['a bake of nothing', `bakes/${TIN_ID}`, '{"a":null}'],
    ['all drafts in one, as text', 'drafts', 'moon'],
  ])('%s is put aside, not lost, and the rest goes on', (_, name, text) => {
    localStorage.setItem('hollow-moon/settings', '{"theme":"dark"}');
    localStorage.setItem(`hollow-moon/${name}`, text);
    const store = createStore();
    keepThroughReloads(store);
    const { settings, drafts, bakes, device } = store.getState();
    expect([settings.theme, drafts, bakes]).toEqual(['dark', {}, {}]);
    expect(device.aside).toBe(1);
    const [key] = aside();
    expect(localStorage.getItem(key!)).toBe(text);
    expect(JSON.parse(everythingKept())).toMatchObject({
      [key!.slice('hollow-moon/'.length)]: text,
    });
  });

  it('parts what was once kept in one entry', () => {
    const draft = { version: 1, data: tart, past: [], future: [], editing: null };
    const rest = { writeId: null, refused: null, stale: null };
    localStorage.setItem(
      'hollow-moon/drafts',
      JSON.stringify({ [TART_ID]: { ...draft, ...rest }, a: null }),
    );
    expect(createStore().getState().drafts).toMatchObject({
      [TART_ID]: { data: tart, why: '' },
    });
    expect(aside()).toHaveLength(1);
  });

  it('says so while the storage refuses, and no longer', () => {
    const store = createStore();
    keepThroughReloads(store);
    const refuse = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('full');
    });
    store.dispatch(themeChosen('dark'));
    expect(store.getState().device.refuses).toBe(true);
    refuse.mockRestore();
    store.dispatch(themeChosen('light'));
    expect(store.getState().device.refuses).toBe(false);
  });

  it('is put aside whole for a fresh start, and thrown away only when told so', () => {
    localStorage.setItem('hollow-moon/settings', '{"theme":"dark"}');
    putAllAside();
    expect(createStore().getState().settings.theme).toBe('system');
    expect(countAside()).toBe(1);
    clearAside();
    expect(localStorage).toHaveLength(0);
  });
});

describe('two tabs', () => {
  /** What the browser tells a tab of what another has written. */
  const told = (name: string, newValue: string | null) =>
    globalThis.dispatchEvent(new StorageEvent('storage', { key: `hollow-moon/${name}`, newValue }));

  it('take over each other’s records, and write nothing over them', () => {
    const here = createStore();
    keepThroughReloads(here);
    here.dispatch(edited({ id: TART_ID, field: 'setC', data: tart, from: storedTart }));
    const theirs = { ...here.getState().drafts[TART_ID]!, data: { ...tart, setC: 171 } };
    const put = jest.spyOn(Storage.prototype, 'setItem');
    told(`drafts/${TIN_ID}`, JSON.stringify(theirs));
    told(`drafts/${TART_ID}`, JSON.stringify(theirs));
    told('settings', '{"theme":"dark"}');
    told(`drafts/${TIN_ID}`, 'half a');
    expect(put).not.toHaveBeenCalled();
    put.mockRestore();
    const { drafts, settings } = here.getState();
    expect([drafts[TART_ID]?.data.setC, drafts[TIN_ID]?.data.setC]).toEqual([171, 171]);
    expect(settings.theme).toBe('dark');
    told(`drafts/${TIN_ID}`, null);
    expect(here.getState().drafts[TIN_ID]).toBeUndefined();
  });
});

describe('the book', () => {
  const own: PantryItem = {
    id: '00000000-0000-4000-8000-000000000071',
    version: 1,
    updatedAt: '2026-11-24T03:00:00.000Z',
    data: {
      ingredientId: 'own-00000000-0000-4000-8000-000000000071',
      own: {
        name: 'Äpfel vom Hof',
        like: 'apples',
        label: { water: 84, fat: 0, sugars: 11, starch: 0, protein: 0, alcohol: 0 },
        gramsPerMl: 0.6,
        gramsPerPiece: 150,
        allergens: [],
        diet: 'vegan',
      },
      price: { amount: 1, unit: 'kg', price: 2.4 },
    },
  };
  const cream: PantryItem = {
    ...own,
    id: '00000000-0000-4000-8000-000000000072',
    data: { ingredientId: 'cream', own: null, price: { amount: 1, unit: 'l', price: 5 } },
  };
  const { kitchen, formulas, vessels, ovens } = book;
  const stocked = bookOf({ kitchen, formulas, vessels, ovens, pantry: [own, cream] });

  it('finds formulas by their id, and what the catalogue has', () => {
    expect(stocked.formulaOf(TART_ID)).toBe(tart);
    expect(stocked.formulaOf(TIN_ID)).toBeUndefined();
    expect(stocked.find('cream')?.name).toBeDefined();
  });

  it('has the kitchen’s own ingredient among the others, by name', () => {
    expect(stocked.catalogue.length).toBe(book.catalogue.length + 1);
    const names = stocked.ingredientOptions.map(({ label }) => label);
    expect(names).toContain('Äpfel vom Hof');
    expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
    expect(stocked.find(own.data.ingredientId)?.composition.water).toBeGreaterThan(0.8);
  });

  it('prices a gram of each, by weight or by measure', () => {
    expect(stocked.prices.get(own.data.ingredientId)).toBeCloseTo(0.0024, 6);
    // A litre of cream is about a kilo: 0.98 to 1.02.
    expect(stocked.prices.get('cream')!).toBeGreaterThan(0.005 / 1.02);
    expect(stocked.prices.get('cream')!).toBeLessThan(0.005 / 0.98);
    expect(stocked.prices.get('milk')).toBeUndefined();
  });
});

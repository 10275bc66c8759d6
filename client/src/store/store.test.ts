/** What outlives a reload, and the book that screens choose from. */
import type { PantryItem } from '@hollow-moon/contract';
import { edited } from '../formulas/drafts';
import { book, storedTart, tart, TART_ID, TIN_ID } from '../testing/book';
import { bookOf } from './kitchen';
import { degreesChosen, themeChosen } from './settings';
import { keep, recall } from './storage';
import { createStore, keepThroughReloads } from './store';

beforeEach(() => localStorage.clear());

describe('what is kept through a reload', () => {
  it('comes back as it was put', () => {
    keep('settings', { theme: 'dark' });
    expect(recall('settings')).toEqual({ theme: 'dark' });
    expect(recall('something else')).toBeUndefined();
  });

  it('is nothing, and no fault, where it cannot be read', () => {
    localStorage.setItem('hollow-moon/settings', '{ half a');
    expect(recall('settings')).toBeUndefined();
  });

  it('is left alone where the storage refuses', () => {
    const refuse = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('full');
    });
    expect(() => keep('drafts', {})).not.toThrow();
    refuse.mockRestore();
  });

  it('is written when it changes, and only that', () => {
    const store = createStore();
    keepThroughReloads(store);
    const put = jest.spyOn(Storage.prototype, 'setItem');
    store.dispatch(themeChosen('dark'));
    store.dispatch(degreesChosen('F'));
    expect(put.mock.calls.map(([name]) => name)).toEqual([
      'hollow-moon/settings',
      'hollow-moon/settings',
    ]);
    store.dispatch(edited({ id: TART_ID, field: 'setC', data: tart, from: storedTart }));
    expect(put.mock.calls.at(-1)![0]).toBe('hollow-moon/drafts');
    put.mockRestore();
    expect(recall('settings')).toEqual({ theme: 'dark', degrees: 'F' });
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

/** The list of formulas: which shelf each stands on, what it is found by, and how a new one comes onto it. */
import { act, renderHook } from '@testing-library/react';
import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { editFormula } from '../drafts/drafts';
import { createStore } from '../root/store';
import { unitsChosen } from '../state/settings';
import { book, storedTart, tart, TART_ID, TIN_ID } from '../testing/book';
import { grouped, useBegin, useFormulas, wordsOf, type ListedFormula } from './shelves';

jest.mock('expo-router', () => ({ router: { navigate: jest.fn() } }));

const listed = (id: string, change: Partial<ListedFormula['data']>): ListedFormula => ({
  id,
  data: { ...tart, name: id, ...change },
  changed: false,
});

it('stands on the shelf of its kind, in the order of the list; what is put away comes last', () => {
  const rows = [
    listed('gone', { archived: true }),
    listed('curd', { family: 'curd' }),
    listed('tart', {}),
    listed('dough', { family: 'sweet-dough' }),
    listed('pie', { family: 'syrup-nut' }),
  ];
  expect(grouped(rows).map(([title, of]) => [title, of.map(({ id }) => id)])).toEqual([
    ['Baked in the oven', ['tart', 'pie']],
    ['Stirred or set cold', ['curd']],
    ['Doughs, sugar and finishes', ['dough']],
    ['Put away', ['gone']],
  ]);
  // A shelf with nothing on it is not shown.
  expect(grouped(rows.slice(1, 2)).map(([title]) => title)).toEqual(['Stirred or set cold']);
  expect(grouped([])).toEqual([]);
});

it('is found by its name, kind, tin, parts and what is on all of its lists', () => {
  const [line] = tart.lines;
  const part = {
    ...(tart.parts[0] ?? {}),
    name: 'Crumb',
    lines: [{ ...line!, ingredientId: 'butter' }],
  };
  const row = listed('Plum tart', {
    vesselId: TIN_ID,
    parts: [part as ListedFormula['data']['parts'][number]],
  });
  const words = wordsOf(row, book);
  for (const word of ['plum tart', 'baked custard', 'tin 24', 'crumb', 'butter', 'cream', 'sugar'])
    expect(words).toContain(word);
  expect(wordsOf(listed('Pots', { vesselId: null }), book)).not.toContain('tin 24');
});

describe('on this device', () => {
  const opened = () => {
    const store = createStore();
    const wrapper = ({ children }: { readonly children: ReactNode }) => (
      <Provider store={store}>{children}</Provider>
    );
    const { result } = renderHook(() => ({ list: useFormulas(book), begin: useBegin() }), {
      wrapper,
    });
    return { store, result };
  };

  it('is as it is in the book, until something of it is changed', () => {
    const { store, result } = opened();
    expect(result.current.list).toEqual([{ id: TART_ID, data: tart, changed: false }]);
    act(() => {
      store.dispatch(
        editFormula(TART_ID, 'name', (data) => ({ ...data, name: 'Other' }), storedTart),
      );
    });
    expect(result.current.list).toEqual([
      { id: TART_ID, data: { ...tart, name: 'Other' }, changed: true },
    ]);
  });

  it('has what was just begun before all others, with nothing on its list, and opens it', () => {
    const { store, result } = opened();
    act(() => {
      store.dispatch(unitsChosen({ degrees: 'F' }));
    });
    act(() => result.current.begin());
    const [begun, ...others] = result.current.list;
    expect(others.map(({ id }) => id)).toEqual([TART_ID]);
    // A dial in Fahrenheit has marks of its own: 285 °F is 140.6 °C.
    expect(begun).toMatchObject({
      data: { lines: [], setC: expect.closeTo(140.6, 1) },
      changed: true,
    });
    expect(router.navigate).toHaveBeenCalledWith(`/formulas/${begun!.id}`);
  });
});

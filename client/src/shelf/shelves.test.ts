/** The list of formulas: which shelf each stands on, and what it is found by. */
import { book, tart, TIN_ID } from '../testing/book';
import { grouped, wordsOf, type ListedFormula } from './shelves';

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

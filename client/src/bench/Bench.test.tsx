/** The bench as a cook uses it: what is typed changes ratios, verdict, tins and eggs at once. */
import { fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { book, storedTart, tart, TART_ID } from '../testing/book';
import { openFolds, openLine } from '../testing/folds';
import { Bench } from './Bench';
import { SaveBar, saveBarOf } from './SaveBar';
import { editFormula } from '../drafts/drafts';
import { useFormulaDraft } from '../drafts/useFormulaDraft';

function Place() {
  const bench = useFormulaDraft(TART_ID, book);
  return bench.data ? (
    <>
      <SaveBar {...saveBarOf(bench)} />
      <Bench id={TART_ID} data={bench.data} book={book} bench={bench} />
    </>
  ) : null;
}

const open = (data = tart) => {
  const store = createStore();
  if (data !== tart) {
    store.dispatch(editFormula(TART_ID, 'test', () => data, storedTart));
  }
  render(
    <Provider store={store}>
      <Place />
    </Provider>,
  );
  openFolds();
  return store;
};
const textOf = (testId: string) => screen.getByTestId(testId).textContent ?? '';
const type = (label: string, value: string) => {
  const [, line] = /^Line (\d+),/.exec(label) ?? [];
  if (line) openLine(Number(line));
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
};
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

it('shows the ratios of what is on the list', () => {
  open();
  // Worked by hand: 150 g of yolk to 500 g of cream is 0.30; the mixture is 730 g.
  expect(textOf('egg-to-liquid')).toBe('0.30');
  expect(textOf('mixture-mass')).toMatch(/^730/);
});

it('changes them as it is typed, and takes it back', () => {
  open();
  type('Line 2, amount', '75');
  expect(textOf('egg-to-liquid')).toBe('0.15');
  expect(textOf('firmness')).toBe('Spoonable');
  press('Undo');
  expect(textOf('egg-to-liquid')).toBe('0.30');
  press('Redo');
  expect(textOf('egg-to-liquid')).toBe('0.15');
});

it('gives what stays liquid no temperature to set at, and says what to add', () => {
  open();
  expect(textOf('sets-at')).toMatch(/^\d\d/);
  type('Line 2, amount', '15');
  expect(textOf('firmness')).toBe('Does not hold');
  expect(screen.queryByTestId('sets-at')).toBeNull();
  expect(screen.queryByTestId('curdles-from')).toBeNull();
  expect(screen.queryByText(/^Sets at/)).toBeNull();
  expect(screen.getAllByText('It will not set: add egg or use less liquid.')).not.toHaveLength(0);
});

it('names a negative amount at its line and leaves it out', () => {
  open();
  type('Line 3, amount', '-80');
  expect(screen.getByText('An amount can’t be negative.')).toBeTruthy();
  expect(textOf('mixture-mass')).toMatch(/^650/);
});

it('names a tin shallower than its shell', () => {
  open();
  type('Shell, mm', '30');
  expect(screen.getByText(/Roll the shell between 1\smm and 8\smm/)).toBeTruthy();
});

it('says what overflows and scales to the tins', () => {
  open();
  type('Line 1, amount', '1500');
  expect(textOf('batch')).toMatch(/overflows by \d+\sg/);
  press('Scale to the tins');
  expect(screen.queryByTestId('batch')).toBeNull();
  expect(screen.getByText('The batch fills the tins as wanted.')).toBeTruthy();
});

// Worked by hand: 730 g at about 1.02 g/ml over 430 cm² stand 17 mm deep of the 27 the shell leaves.
it('says how far a short batch fills the tin, and takes it as it is', () => {
  open();
  expect(textOf('batch')).toMatch(/730\sg fills 1[67] of 27\smm: \d+\sg short of a full tin/);
  press('Use what I have');
  expect(screen.getByTestId('batch-fits')).toBeTruthy();
  expect(Number(screen.getByTestId<HTMLInputElement>('headspace').value)).toBeGreaterThan(9);
  press('Undo');
  expect(textOf('batch')).toMatch(/short of a full tin/);
});

it('cannot tell with an unknown amount, and offers what the tin would want of it', () => {
  open();
  openLine(1);
  press('More about line 1');
  fireEvent.click(screen.getByRole('radio', { name: 'Unknown' }));
  expect(textOf('vague-0')).toBe('Amount unknown');
  expect(textOf('not-judged')).toMatch(/^Enter how much .*cream there is/);
  expect(textOf('ratios-untold')).toBe('An amount is missing.');
  expect(screen.queryByTestId('sugar-share')).toBeNull();
  expect(textOf('cost-portion')).toBe('?');
  expect(textOf('unknown-amount')).toMatch(/The tin needs about \d+\sg of .*cream/);
  press(screen.getByText(/^Use \d+ g$/).textContent);
  expect(screen.getByTestId('batch-fits')).toBeTruthy();
  expect(screen.queryByTestId('ratios-untold')).toBeNull();
});

it('leaves what goes in by eye out of the ratios, and names it with its allergens', () => {
  open({
    ...tart,
    lines: [
      ...tart.lines,
      {
        id: tart.lines[0]!.id.replace(/51$/, '59'),
        ingredientId: 'hazelnuts',
        amount: 0,
        unit: 'g',
        vague: 'by-eye',
      },
    ],
  });
  expect(textOf('by-eye')).toMatch(/hazelnuts/);
  expect(textOf('sugar-share')).toMatch(/^11\s%$/);
  expect(screen.getAllByText(/nuts/).length).toBeGreaterThan(0);
});

it('makes the eggs up of whole ones and says what that changes', () => {
  open();
  // Worked by hand: 150 g are 8.4 EU M yolks of 17.8 g; eight are the nearest, and eight whites are left.
  expect(textOf('make-up-closest')).toBe('8 yolks, 8 whites left over');
  expect(textOf('make-up-least-left')).toMatch(/^\d+ eggs? and \d+ yolks?, \d+ whites? left over$/);
  fireEvent.click(screen.getByTestId('use-closest'));
  openLine(2);
  expect(screen.getByLabelText<HTMLInputElement>('Line 2, amount').value).toBe('8');
  expect(textOf('crack')).toBe('Crack 8 yolks: 8 whites left over.');
});

it('says an empty list is empty', () => {
  open({ ...tart, lines: [] });
  expect(screen.getByText(/Nothing is on the list yet/)).toBeTruthy();
  expect(textOf('not-judged')).toMatch(/nothing on the list/);
});

it('judges another family by its own physics', () => {
  open();
  fireEvent.change(screen.getByLabelText('Kind'), { target: { value: 'starch-cream' } });
  expect(textOf('firmness')).toBe('Does not hold');
  expect(textOf('done-at')).toBe('95\u00a0°C and above');
  expect(textOf('treatment')).toMatch(/keep it boiling for 1 to 2 min/);
  expect(screen.getByText(/Add starch/)).toBeTruthy();
  expect(textOf('band-starch')).toMatch(/▼ low/);
});

it('takes a pasted list, asks what is unclear, and leaves the rest to the note', () => {
  const store = open({ ...tart, lines: [] });
  press('Paste a recipe');
  fireEvent.change(screen.getByTestId('paste-text'), {
    target: {
      value: [
        '2 cups whipping cream',
        '5 yolks + 1 whole egg',
        '8 oz corn syrup',
        '2 oz (75 g) butter',
        'salt to taste',
        '20 g moonlight',
      ].join('\n'),
    },
  });
  expect(textOf('paste-open')).toMatch(/^3 still/);
  fireEvent.click(screen.getByRole('radio', { name: /^In the jug, 329\sg$/ }));
  fireEvent.click(screen.getByRole('radio', { name: '75 g' }));
  fireEvent.change(screen.getByLabelText('Line 7, ingredient'), { target: { value: 'sugar' } });
  fireEvent.click(screen.getByRole('option', { name: 'Caster sugar' }));
  expect(screen.queryByTestId('paste-open')).toBeNull();
  press('Add 7 to the list');
  const { data } = store.getState().drafts[TART_ID]!;
  expect(data.lines.map((line) => [line.ingredientId, line.amount, line.unit])).toEqual([
    ['cream', 2, 'cup'],
    ['egg-yolk', 5, 'piece'],
    ['egg', 1, 'piece'],
    ['corn-syrup', 8, 'fl oz'],
    ['butter', 75, 'g'],
    ['salt', 0, 'g'],
    ['sugar', 20, 'g'],
  ]);
  expect(data.lines[5]!.vague).toBe('by-eye');
  expect(data.lines[3]!.written).toBe('8 oz corn syrup');
  expect(data.note).toBe('');
  press('Undo');
  expect(store.getState().drafts[TART_ID]!.data.lines).toEqual([]);
});

it('says what becomes of the eggs under hot liquid, and how long it should rest', () => {
  open();
  const slide = (id: string, value: string) =>
    fireEvent.change(screen.getByTestId(id), { target: { value } });
  slide('liquid-slider', '95');
  expect(textOf('joining')).toMatch(/scrambles|thicken/);
  expect(textOf('rest')).toMatch(/^Let the liquid stand for about \d+ min, down to \d+/);
  const hot = Number.parseInt(textOf('mix-temperature'), 10);
  slide('liquid-slider', '60');
  expect(textOf('joining')).toBe('The egg stays smooth.');
  expect(Number.parseInt(textOf('mix-temperature'), 10)).toBeLessThan(hot);
  expect(screen.queryByTestId('rest')).toBeNull();
  fireEvent.change(screen.getByLabelText('Kind'), { target: { value: 'nut-cream' } });
  expect(screen.queryByTestId('liquid-slider')).toBeNull();
});

it('gives each reason on request', () => {
  open();
  expect(screen.queryByText(/The more the egg is diluted/)).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Why: setting temperature' }));
  expect(screen.getByText(/The more the egg is diluted/)).toBeTruthy();
});

it('finds whole eggs for another character and mass', () => {
  open();
  fireEvent.click(screen.getByRole('radio', { name: 'To turn out' }));
  type('Total egg, g', '347');
  // Common practice: about five whole eggs and five yolks.
  expect(textOf('make-up-closest')).toMatch(/^5 eggs and 5 yolks/);
  fireEvent.click(screen.getByTestId('use-closest'));
  expect(screen.getAllByTestId(/^open-line-/).map((row) => row.textContent)).toContainEqual(
    expect.stringMatching(/^Whole egg5\s/),
  );
});

describe('a component', () => {
  const lines = (...of: [ingredientId: string, amount: number][]) =>
    of.map(([ingredientId, amount], index) => ({
      id: `00000000-0000-4000-8000-00000000070${index}`,
      ingredientId,
      amount,
      unit: 'g' as const,
    }));
  const part = (over: Partial<(typeof tart)['parts'][number]>): (typeof tart)['parts'][number] => ({
    id: '00000000-0000-4000-8000-000000000701',
    name: 'Dark caramel',
    kind: 'caramel',
    place: 'under',
    lines: lines(['sugar', 120]),
    formulaId: null,
    eachG: null,
    vessels: null,
    bakesAlong: false,
    ...over,
  });
  const draftOf = (store: ReturnType<typeof createStore>) => store.getState().drafts[TART_ID]!.data;

  // By hand: 120 g of sugar for each of four moulds are 480 g; for all of them they are 30 g each.
  it.each([
    ['for-each', 480, 120],
    ['for-all', 120, 30],
  ])('that is caramel is asked: for each mould, or for all (%s)', (answer, grams, eachG) => {
    const store = open({ ...tart, vesselCount: 4, shell: 'none', parts: [part({})] });
    expect(textOf('for-how-many')).toMatch(/120\sg, for each of the 4 tins, or for all/);
    fireEvent.click(screen.getByTestId(answer));
    expect(draftOf(store).parts[0]).toMatchObject({
      // Sugar itself has a trace of water, which goes.
      eachG: expect.closeTo(eachG, 0) as number,
      lines: [{ amount: grams }],
    });
    expect(screen.queryByTestId('for-how-many')).toBeNull();
  });

  it('that is the shell says what dough it is, which is then not asked a second time', () => {
    const dough = part({
      name: 'Crust',
      kind: 'pie-dough',
      place: 'shell',
      lines: lines(['wheat-flour', 200], ['butter', 120]),
    });
    const store = open({ ...tart, shell: 'pie-dough', parts: [dough] });
    expect(textOf('shell-of-part')).toBe('The shell is its component “Crust”: pie dough.');
    expect(screen.getByTestId('disc')).toBeTruthy();
    fireEvent.click(screen.getByTestId('open-part-0'));
    fireEvent.change(screen.getByTestId('part-kind'), { target: { value: 'pressed-dough' } });
    expect(draftOf(store).shell).toBe('pressed-dough');
    // Pressed dough is not rolled, and only what lines the tin is needed.
    expect(screen.queryByTestId('disc')).toBeNull();
    expect(screen.getByTestId('dough')).toBeTruthy();
    // A bought shell is neither; what it is of only the cook can say.
    fireEvent.change(screen.getByTestId('part-kind'), { target: { value: 'bought-shell' } });
    expect(screen.queryByTestId('dough')).toBeNull();
    expect(screen.getByRole('radiogroup', { name: 'The bought shell is of' })).toBeTruthy();
  });

  // By hand: of 517 g one tin takes its disc; the rest, in the same proportions, is a list of its own.
  it('of which enough is left makes another bake', () => {
    const dough = part({
      name: 'Crust',
      kind: 'sweet-dough',
      place: 'shell',
      lines: lines(['wheat-flour', 400], ['butter', 240]),
    });
    const store = open({ ...tart, parts: [dough] });
    fireEvent.click(screen.getByTestId('open-part-0'));
    fireEvent.click(screen.getByTestId('use-left-over'));
    const others = Object.entries(store.getState().drafts).filter(([id]) => id !== TART_ID);
    expect(others).toHaveLength(1);
    const { data } = others[0]![1];
    const [flour, butter] = data.parts[0]!.lines.map(({ amount }) => amount);
    expect(flour! / butter!).toBeCloseTo(400 / 240, 1);
    expect([data.name, data.shell]).toEqual(['With the rest of Crust', 'sweet-dough']);
    const disc = Number(/[\d.]+/.exec(textOf('dough'))![0]);
    expect(flour! + butter!).toBeCloseTo(640 - disc, 0);
  });
});

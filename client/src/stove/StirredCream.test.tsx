/** A stirred cream from the stove to the fridge: one batch, and what the heat does to it. */
import type { FormulaData } from '@hollow-moon/contract';
import type { StoveForecast } from '@hollow-moon/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { METRIC, wordsIn } from '@hollow-moon/words';
import { createStore } from '../root/store';
import { unitsChosen } from '../state/settings';
import { book, tart } from '../testing/book';
import { stoveInWords } from './StoveFold';
import { StirredCream } from './StirredCream';

const lines = (grams: Record<string, number>): FormulaData['lines'] =>
  Object.entries(grams).map(([ingredientId, amount], index) => ({
    id: `00000000-0000-4000-8000-0000000001${String(index).padStart(2, '0')}`,
    ingredientId,
    amount,
    unit: 'g',
  }));
const CURD: FormulaData = {
  ...tart,
  family: 'curd',
  lines: lines({ 'lemon-juice': 200, 'egg-yolk': 90, sugar: 110, butter: 70 }),
};
const PASTRY: FormulaData = {
  ...tart,
  family: 'starch-cream',
  lines: lines({ milk: 500, 'egg-yolk': 100, sugar: 110, cornflour: 40 }),
};

const open = (data: FormulaData, degrees: 'C' | 'F' = 'C') => {
  const store = createStore();
  store.dispatch(unitsChosen({ degrees }));
  render(
    <Provider store={store}>
      <StirredCream
        data={data}
        book={book}
        endC={data.family === 'curd' ? { from: 77, to: 82 } : { from: 95 }}
      />
    </Provider>,
  );
  fireEvent.click(screen.getByTestId('stove'));
};
const says = (id: string) => screen.getByTestId(id).textContent.replaceAll('\u00a0', ' ');
const choose = (name: string) => fireEvent.click(screen.getByRole('radio', { name }));
const type = (id: string, value: string) =>
  fireEvent.change(screen.getByTestId(id), { target: { value } });
const minutesIn = (text: string) => [...text.matchAll(/(\d+) min/g)].map(([, min]) => Number(min));

it('begins a curd gently and off at once, a starch cream at medium heat and held', () => {
  open(CURD);
  expect(screen.getByRole('radio', { name: 'Gentle' }).getAttribute('aria-checked')).toBe('true');
  expect(screen.getByTestId('stove-hold')).toHaveProperty('value', '0');
  expect(says('stove-says')).toMatch(
    /^It coats a spoon after \d+ min, at 77 °C\. Take it off then, or after \d+ min/,
  );
  document.body.replaceChildren();
  open(PASTRY);
  expect(screen.getByRole('radio', { name: 'Medium' }).getAttribute('aria-checked')).toBe('true');
  expect(screen.getByTestId('stove-hold')).toHaveProperty('value', '90');
  expect(says('stove-says')).toMatch(
    /^It thickens from .+\. Bubbles plop after .+; take it off at .+\.$/,
  );
});

it('takes longer with more of it, and cools the same batch', () => {
  open(PASTRY);
  const [, one] = minutesIn(says('stove-says'));
  type('stove-mass', '1500');
  const [, two] = minutesIn(says('stove-says'));
  expect(two!).toBeGreaterThan(1.5 * one!);
  fireEvent.click(screen.getByTestId('cream'));
  expect(screen.getByTestId('cream-mass')).toHaveProperty('value', '1500');
  // It leaves the stove as hot as it was foreseen to.
  expect(says('cream-depth')).toMatch(/leaves the stove at (9[5-9]|10[0-2]) °C/);
  type('cream-mass', '800');
  expect(screen.getByTestId('stove-mass')).toHaveProperty('value', '800');
});

it('says that too strong a heat spoils a curd, and that a short boil leaves the enzyme', () => {
  open(CURD);
  choose('Strong');
  expect(says('stove-says')).toMatch(/^Use a gentler heat, or cook it over water/);
  choose('Over water');
  expect(says('stove-says')).toMatch(/^It coats a spoon/);
  document.body.replaceChildren();
  open(PASTRY);
  expect(screen.queryByTestId('stove-enzyme')).toBeNull();
  type('stove-hold', '0');
  expect(says('stove-enzyme')).toContain('breaks down the starch by morning');
});

it('says how long it is held hot, as a caution', () => {
  open(CURD);
  expect(says('stove-held')).toMatch(
    /^It is held there for far more than the published time for sweetened yolk .+ your local food code comes first\.$/,
  );
  choose('Strong');
  expect(says('stove-held')).toMatch(/^It is held there for [0-9.]+ times the published time/);
});

it('says what is wrong where it was typed, and keeps it', () => {
  open(CURD);
  type('stove-pan', '3');
  expect(screen.getByRole('alert').textContent).toBe('Enter a pan from 8 to 60\u00a0cm across.');
  expect(screen.getByTestId('stove-pan')).toHaveProperty('value', '3');
  expect(screen.queryByTestId('stove-says')).toBeNull();
  type('stove-pan', '20');
  type('stove-start', '85');
  expect(says('stove-problem')).toBe('Start below 77 °C.');
});

it('draws the cream under the base of its pan, up to a little past the moment it comes off', () => {
  open(CURD);
  const picture = screen.getByLabelText('The cream on the stove, in minutes');
  const [base, cream] = [...picture.querySelectorAll('path')].map((path) =>
    path
      .getAttribute('d')!
      .slice(1)
      .split('L')
      .map((pair) => pair.split(',').map(Number) as [number, number]),
  );
  expect(base!.length).toBe(cream!.length);
  // Hotter is higher up, which is less.
  cream!.forEach(([, y], index) => expect(base![index]![1]).toBeLessThan(y));
  const off = Number(picture.querySelector('line[stroke-width="1.5"]')!.getAttribute('x1'));
  expect(off).toBeGreaterThan(cream![0]![0]);
  expect(off).toBeLessThan(cream!.at(-1)![0]);
});

it('is told in °F to who reads those', () => {
  open(CURD, 'F');
  expect(says('stove-says')).toContain('at 171 °F');
  const plain: StoveForecast = {
    points: [[0, 60, 70]],
    reachedS: 300,
    offS: 300,
    strands: 0,
    offC: 96,
    hottestBaseC: 120,
    waterLostG: 10,
    timesPublished: 3,
  };
  expect(stoveInWords(plain, wordsIn({ ...METRIC, degrees: 'F' })).replaceAll('\u00a0', ' ')).toBe(
    'It is done after 5 min, at 205 °F.',
  );
});

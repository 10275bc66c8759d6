/** Keys under a field: what each does to what stands in it. */
import { parseEntry } from '@hollow-moon/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { struck } from './Keypad';
import { NumberField } from './NumberField';

const after = (...keys: string[]) => keys.reduce(struck, '');

it.each([
  [['1', '2', '5'], '125', 125],
  [['1', '½'], '1½', 1.5],
  [['½'], '½', 0.5],
  // Another fraction takes the place of the first; a figure after one begins it anew.
  [['2', '½', '¼'], '2¼', 2.25],
  [['2', '⅓', '5'], '25', 25],
  [['0', '.', '7', '5'], '0.75', 0.75],
  // One point is enough, and none follows a fraction.
  [['1', '.', '.', '5'], '1.5', 1.5],
  [['1', '½', '.'], '1½', 1.5],
  [['1', '2', '⌫'], '1', 1],
])('%j leave %s, which is read as %d', (keys, text, value) => {
  expect(after(...keys)).toBe(text);
  const read = parseEntry(text);
  expect(read.ok && read.value.value).toBe(value);
});

it('types into the field over it, and the phone’s own keyboard stays away', () => {
  const told: number[] = [];
  function Place() {
    const [value, setValue] = useState(Number.NaN);
    return (
      <NumberField
        label="Amount"
        value={value}
        onChange={(next) => {
          told.push(next);
          setValue(next);
        }}
        keypad="fractions"
        mayBeEmpty
        testID="amount"
      />
    );
  }
  render(
    <Provider store={createStore()}>
      <Place />
    </Provider>,
  );
  const field = screen.getByTestId<HTMLInputElement>('amount');
  expect(field.getAttribute('inputmode')).toBe('none');
  for (const key of ['7', '½', 'Rub out'])
    fireEvent.click(screen.getByRole('button', { name: key }));
  expect(field.value).toBe('7');
  expect(told).toEqual([7, 7.5, 7]);
  // Whoever has a keyboard passes the keys by.
  for (const key of screen.getAllByRole('button')) expect(key.tabIndex).toBe(-1);
});

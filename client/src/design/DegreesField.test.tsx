/** A temperature typed by a cook who reads °F is kept in °C, and shown again as it was typed. */
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { degreesChosen } from '../state/settings';
import { DegreesField } from './DegreesField';

const open = (degrees: 'C' | 'F', value: number, difference = false) => {
  const store = createStore();
  store.dispatch(degreesChosen(degrees));
  const onChange = jest.fn();
  function Held() {
    const [held, setHeld] = useState(value);
    return (
      <DegreesField
        label="Oven"
        value={held}
        difference={difference}
        onChange={(next) => {
          onChange(next);
          setHeld(next);
        }}
        testID="oven"
      />
    );
  }
  render(
    <Provider store={store}>
      <Held />
    </Provider>,
  );
  return onChange;
};
const field = () => screen.getByTestId<HTMLInputElement>('oven');
const type = (text: string) => fireEvent.change(field(), { target: { value: text } });

// By definition of the scales: 350 °F are 176.667 °C, 212 °F are 100 °C.
it.each([
  ['350', 176.666667],
  ['212', 100],
  ['-40', -40],
  ['325.5', 163.055556],
])('%s °F is kept as %s °C and stays as typed', (typed, kept) => {
  const onChange = open('F', 90);
  expect(field().value).toBe('194');
  expect(screen.getByLabelText('Oven, °F')).toBe(field());
  type(typed);
  expect(onChange).toHaveBeenLastCalledWith(kept);
  expect(field().value).toBe(typed);
});

it('leaves what is still being typed alone', () => {
  const onChange = open('F', 100);
  type('35.');
  expect(field().value).toBe('35.');
  type('');
  expect(onChange).toHaveBeenLastCalledWith(NaN);
  expect(field().value).toBe('');
});

it('tells a difference without the offset of the scale', () => {
  const onChange = open('F', -4, true);
  expect(field().value).toBe('-7.2');
  type('18');
  expect(onChange).toHaveBeenLastCalledWith(10);
});

it('keeps °C as they are typed', () => {
  const onChange = open('C', 140);
  type('152,5');
  expect(onChange).toHaveBeenLastCalledWith(152.5);
  expect(screen.getByLabelText('Oven, °C')).toBe(field());
});

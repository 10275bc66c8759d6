/** What is typed in a cook's own units is kept in others, and shown again as it was typed. */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { unitsChosen } from '../state/settings';
import { NumberField } from './NumberField';
import { OvenField } from './OvenField';

const open = (degrees: 'C' | 'F', value: number, difference = false) => {
  const store = createStore();
  store.dispatch(unitsChosen({ degrees }));
  const onChange = jest.fn();
  function Held() {
    const [held, setHeld] = useState(value);
    return (
      <NumberField
        unit="°C"
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

// By definition: an inch is 25.4 mm. What a cook of inches sees of 24 cm is 9.45.
it('is typed in inches and ounces by who thinks so, and follows the habit when that changes', () => {
  const store = createStore();
  store.dispatch(unitsChosen({ lengths: 'in', weights: 'oz' }));
  const onChange = jest.fn();
  render(
    <Provider store={store}>
      <NumberField label="Across" unit="cm" value={24} onChange={onChange} testID="across" />
    </Provider>,
  );
  const across = () => screen.getByTestId<HTMLInputElement>('across');
  expect([across().value, screen.getByLabelText('Across, in')]).toEqual(['9.45', across()]);
  fireEvent.change(across(), { target: { value: '9 1/2' } });
  expect(onChange).toHaveBeenLastCalledWith(24.13);
  act(() => {
    store.dispatch(unitsChosen({ lengths: 'cm' }));
  });
  expect([across().value, screen.getByLabelText('Across, cm')]).toEqual(['24', across()]);
});

// Source: common practice: mark 4 is 350 °F (176.7 °C), mark 3 325 °F.
describe('an oven by its marks', () => {
  const openGas = (value: number) => {
    const store = createStore();
    store.dispatch(unitsChosen({ degrees: 'gas' }));
    const onChange = jest.fn();
    render(
      <Provider store={store}>
        <OvenField label="Set to" value={value} onChange={onChange} testID="set" />
      </Provider>,
    );
    return onChange;
  };
  const set = () => screen.getByTestId<HTMLSelectElement>('set');

  it('is chosen from them', () => {
    const onChange = openGas(180);
    expect(set().selectedOptions[0]!.textContent).toBe('gas 4');
    fireEvent.change(set(), { target: { value: '3' } });
    expect(onChange).toHaveBeenLastCalledWith(163);
  });

  it('says what lies between two of them as it is', () => {
    openGas(170);
    expect(set().selectedOptions[0]!.textContent).toBe('170\u00a0°C, between gas 3 and 4');
  });
});

import { fireEvent, render, screen } from '@testing-library/react';
import { useState, type ReactElement } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { NumberField } from './NumberField';

function Held({ start = 5, heard }: { readonly start?: number; readonly heard: number[] }) {
  const [value, setValue] = useState(start);
  return (
    <>
      <NumberField
        label="Amount"
        unit="g"
        value={value}
        onChange={(next) => {
          heard.push(next);
          setValue(next);
        }}
        problem={value < 0 ? 'Not less than nothing.' : undefined}
      />
      <button onClick={() => setValue(7.25)}>scale</button>
    </>
  );
}

/** The field as a cook has it whose units are the usual ones. */
const shown = (field: ReactElement) => render(<Provider store={createStore()}>{field}</Provider>);

const type = (text: string) =>
  fireEvent.change(screen.getByLabelText('Amount, g'), { target: { value: text } });
const field = () => screen.getByLabelText<HTMLInputElement>('Amount, g');

it('takes a comma for a decimal point and leaves it as typed', () => {
  const heard: number[] = [];
  shown(<Held heard={heard} />);
  type('12,5');
  expect(heard).toEqual([12.5]);
  expect(field().value).toBe('12,5');
});

it('keeps text that is no number, says so at its place, and computes nothing from it', () => {
  const heard: number[] = [];
  shown(<Held heard={heard} />);
  type('two');
  expect(heard).toEqual([NaN]);
  expect(field().value).toBe('two');
  expect(screen.getByRole('alert').textContent).toMatch(/“two” cannot be read here/);
  expect(field().getAttribute('aria-invalid')).toBe('true');
});

it('shows what others find wrong with the value', () => {
  shown(<Held heard={[]} />);
  type('-3');
  expect(screen.getByRole('alert').textContent).toBe('Not less than nothing.');
});

it('waits without complaint where it may be empty', () => {
  shown(<NumberField label="Reads" value={NaN} onChange={() => undefined} mayBeEmpty />);
  expect(screen.queryByRole('alert')).toBeNull();
});

it('follows a value that changes from elsewhere', () => {
  shown(<Held heard={[]} />);
  type('two');
  fireEvent.click(screen.getByText('scale'));
  expect(field().value).toBe('7.25');
  expect(screen.queryByRole('alert')).toBeNull();
});

// Source: NIST SP 811, appendix B.8: an ounce is 28.349 52 g.
it('takes fractions and other units, and changes its unit at a tap', () => {
  const heard: number[] = [];
  shown(<Held heard={heard} />);
  type('1 1/2');
  type('6 oz');
  fireEvent.click(screen.getByRole('button', { name: 'g: type Amount in oz' }));
  const inOunces = screen.getByLabelText<HTMLInputElement>('Amount, oz');
  expect(inOunces.value).toBe('6');
  fireEvent.change(inOunces, { target: { value: '2' } });
  expect(heard).toEqual([1.5, expect.closeTo(170.1, 1), expect.closeTo(56.7, 1)]);
  fireEvent.click(screen.getByRole('button', { name: 'oz: type Amount in g' }));
  expect(field().value).toBe('56.7');
});

/** How many of something there are, typed: what cannot be is said at its field, and nothing is changed by it. */
import { dayDataSchema } from '@hollow-moon/contract';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { CountField } from './CountField';

it('keeps what is typed in its field, and takes it once it can be', () => {
  const onCount = jest.fn();
  function Held() {
    const [rings, setRings] = useState(4);
    return (
      <CountField
        label="Rings"
        value={rings}
        schema={dayDataSchema.shape.rings}
        className=""
        testID="rings"
        onCount={(count) => {
          onCount(count);
          setRings(count);
        }}
      />
    );
  }
  render(
    <Provider store={createStore()}>
      <Held />
    </Provider>,
  );
  const field = screen.getByTestId<HTMLInputElement>('rings');
  const type = (value: string) => fireEvent.change(field, { target: { value } });
  for (const [typed, why] of [
    ['', undefined],
    ['21', 'The number of rings must be between 0 and 20.'],
    ['1.5', 'The number of rings must be between 0 and 20.'],
  ] as const) {
    type(typed);
    expect(field.value).toBe(typed);
    if (why) expect(screen.getByText(why)).toBeTruthy();
  }
  expect(onCount).not.toHaveBeenCalled();
  type('6');
  expect(field.value).toBe('6');
  expect(onCount.mock.calls).toEqual([[6]]);
  expect(screen.queryByText(/must be between/)).toBeNull();
});

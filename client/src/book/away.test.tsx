/** A book that cannot be reached, and that comes back. */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { WhenHere } from '../layout';
import { createStore } from '../root/store';
import { book } from '../testing/book';
import { away, json, serve } from '../testing/server';
import { useKitchenBook } from './book';

const Place = () => (
  <WhenHere loading={useKitchenBook()}>
    {({ kitchen }) => <p data-testid="kitchen">{kitchen.data.name}</p>}
  </WhenHere>
);

const open = () =>
  render(
    <Provider store={createStore()}>
      <Place />
    </Provider>,
  );

const passing = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

/** What the book answers at each of its addresses. */
const answer = ({ path }: { readonly path: string }) => {
  const last = path.split('/').at(-1)!;
  const lists: Readonly<Record<string, unknown>> = { ...book, kitchens: [book.kitchen] };
  expect(Object.keys(lists)).toContain(last);
  return json(200, lists[last]);
};

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

it('is asked again every five seconds by itself, and shown once it answers', async () => {
  const sent = serve([away, away, answer]);
  open();
  await passing(50);
  expect(screen.getByTestId('book-away')).toBeTruthy();
  expect(sent).toHaveLength(1);
  await passing(4900);
  expect(sent).toHaveLength(1);
  await passing(200);
  expect(sent).toHaveLength(2);
  expect(screen.getByTestId('book-away')).toBeTruthy();
  await passing(5000);
  expect(screen.getByTestId('kitchen').textContent).toBe('Test kitchen');
  const asked = sent.length;
  await passing(20_000);
  expect(sent).toHaveLength(asked);
});

it('stays away while it is asked again, and is not asked twice at once', async () => {
  let slow: (answer: Response) => void = () => undefined;
  const sent = serve([
    away,
    () =>
      new Promise<Response>((resolve) => {
        slow = resolve;
      }),
    answer,
  ]);
  open();
  await passing(50);
  const again = () => fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  again();
  await passing(12_000);
  again();
  await passing(50);
  expect(screen.getByTestId('book-away')).toBeTruthy();
  expect(sent).toHaveLength(2);
  slow(json(200, [book.kitchen]));
  await passing(100);
  expect(screen.getByTestId('kitchen')).toBeTruthy();
});

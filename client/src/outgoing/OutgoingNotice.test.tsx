import { METRIC, wordsIn } from '@hollow-moon/words';
/** What has not come into the book is told on every screen, with both sides and the choice. */
import type { OvenData } from '@hollow-moon/contract';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { Provider } from 'react-redux';
import { refusalSeen } from '../device/device';
import { createStore } from '../root/store';
import { begunBake } from '../testing/bake';
import { book } from '../testing/book';
import { accept, away, json, serve } from '../testing/server';
import { differences } from './differences';
import { OutgoingNotice } from './OutgoingNotice';
import { queued } from './writes';

let mockPath = '/kitchen';
jest.mock('expo-router', () => ({
  usePathname: () => mockPath,
  router: { navigate: jest.fn() },
}));

const [oven] = book.ovens;
const mine: OvenData = { ...oven!.data, offsetK: -9 };
const current = { ...oven!, version: 4, data: { ...oven!.data, offsetK: 3, name: 'Renamed' } };
const stale = () => json(409, { error: { code: 'stale', message: 'changed', current } });

function open() {
  const store = createStore();
  render(
    <Provider store={store}>
      <OutgoingNotice />
    </Provider>,
  );
  const put = (thing = oven!.id) =>
    act(() => {
      const work = { op: 'put', kind: 'ovens', version: 1, data: mine } as const;
      store.dispatch(queued({ kitchenId: book.kitchen.id, thing, work }));
    });
  const waiting = () => Object.values(store.getState().outgoing.writes);
  return { store, put, waiting };
}
const press = (name: string) =>
  act(() => void fireEvent.click(screen.getByRole('button', { name })));

beforeEach(() => (mockPath = '/kitchen'));

it('tells of an oven that was changed here and elsewhere in what they differ', async () => {
  const sent = serve<OvenData>([stale, accept]);
  const { put, waiting } = open();
  put();
  const notice = await screen.findByTestId('refused-ovens');
  expect(notice.textContent).toContain('An oven, “Oven”, was changed on another device.');
  const rows = screen.getAllByRole('row').map((row) => row.textContent);
  expect(rows).toEqual(['YoursSaved', 'NameOvenRenamed', 'Off by-9\u00a0°C3\u00a0°C']);
  press('Keep mine');
  await waitFor(() => expect(waiting()).toEqual([]));
  expect(sent[1]).toMatchObject({ version: 4, data: mine });
  expect(screen.queryByTestId('refused-ovens')).toBeNull();
});

it('gives mine up for the book’s when told so', async () => {
  const sent = serve([stale]);
  const { put, waiting } = open();
  put();
  await screen.findByTestId('refused-ovens');
  press('Use the saved one');
  expect(waiting()).toEqual([]);
  expect(sent).toHaveLength(1);
});

it('says what waits while the book is away, and only what is true of this device', async () => {
  const sent = serve<OvenData>([away, away, accept]);
  const { store, put, waiting } = open();
  put();
  const notice = () => screen.findByTestId('waiting-for-book');
  expect((await notice()).textContent).toContain(
    'A change is kept on this device and goes into it',
  );
  put(book.kitchen.id);
  expect((await notice()).textContent).toContain(
    '2 changes are kept on this device and go into it',
  );
  act(() => void store.dispatch(refusalSeen(true)));
  expect((await notice()).textContent).toContain('2 changes wait for it. Leave this page open.');
  expect((await notice()).textContent).not.toContain('kept here');
  await waitFor(() => expect(sent).toHaveLength(2));
  press('Try now');
  await waitFor(() => expect(waiting()).toEqual([]));
  expect(screen.queryByTestId('waiting-for-book')).toBeNull();
});

it('leaves what has a screen of its own to that', async () => {
  serve([() => json(409, { error: { code: 'stale', message: 'x', current } })]);
  const { store } = open();
  const work = { op: 'put', kind: 'bakes', version: 1, data: begunBake } as const;
  act(() => void store.dispatch(queued({ kitchenId: book.kitchen.id, thing: 'a', work })));
  const notice = await screen.findByTestId('refused-bakes');
  expect(notice.textContent).toContain('A bake, “Test tart”,');
  expect(screen.queryByRole('button', { name: 'Keep mine' })).toBeNull();
  expect(screen.getByRole('button', { name: 'Look at it' })).toBeTruthy();
});

it('is not told on that screen itself', async () => {
  mockPath = '/bake/a';
  serve([() => json(409, { error: { code: 'stale', message: 'x', current } })]);
  const { store, waiting } = open();
  const work = { op: 'put', kind: 'bakes', version: 1, data: begunBake } as const;
  act(() => void store.dispatch(queued({ kitchenId: book.kitchen.id, thing: 'a', work })));
  await waitFor(() => expect(waiting()[0]!.refused).not.toBeNull());
  expect(screen.queryByTestId('refused-bakes')).toBeNull();
});

it('puts what differs in words', () => {
  const price = { price: 7, amount: 1, unit: 'kg' };
  expect(
    differences(
      { price, archived: false, faults: ['leaked', 'sunk'], note: '', same: [1] },
      { price: null, archived: true, faults: [], note: 'x', same: [1] },
      wordsIn(METRIC),
    ),
  ).toEqual([
    { what: 'Price', mine: '7 1 kg', theirs: 'none' },
    { what: 'Put away', mine: 'no', theirs: 'yes' },
    { what: 'Faults', mine: 'leaked, sunk', theirs: 'none' },
    { what: 'Note', mine: 'none', theirs: 'x' },
  ]);
});

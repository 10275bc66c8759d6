/** What has not come into the book is told on every screen, with both sides and the choice. */
import type { DayData, MarkData, OvenData } from '@hollow-moon/contract';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { Provider } from 'react-redux';
import { emptyDay } from '../day/useDay';
import { refusalSeen } from '../device/device';
import { createStore } from '../root/store';
import { begunBake } from '../testing/bake';
import { book } from '../testing/book';
import { accept, away, json, serveWrites } from '../testing/server';
import { OutgoingNotice } from './OutgoingNotice';
import { dataUnderWay, queued, refused, sentAgain } from '../outgoing/writes';

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
  const sent = serveWrites<OvenData>([stale, accept]);
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
  const sent = serveWrites([stale]);
  const { put, waiting } = open();
  put();
  await screen.findByTestId('refused-ovens');
  press('Use the saved one');
  expect(waiting()).toEqual([]);
  expect(sent).toHaveLength(1);
});

it('says what waits while the book is away, and only what is true of this device', async () => {
  const sent = serveWrites<OvenData>([away, away, accept]);
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
  serveWrites([() => json(409, { error: { code: 'stale', message: 'x', current } })]);
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
  serveWrites([() => json(409, { error: { code: 'stale', message: 'x', current } })]);
  const { store, waiting } = open();
  const work = { op: 'put', kind: 'bakes', version: 1, data: begunBake } as const;
  act(() => void store.dispatch(queued({ kitchenId: book.kitchen.id, thing: 'a', work })));
  await waitFor(() => expect(waiting()[0]!.refused).not.toBeNull());
  expect(screen.queryByTestId('refused-bakes')).toBeNull();
});

describe('a day in dispute', () => {
  const DAY_ID = '00000000-0000-4000-8000-000000000071';
  const mine = { ...emptyDay(new Date('2026-11-30T12:00:00')), rings: 6 };
  const current = {
    id: DAY_ID,
    version: 4,
    updatedAt: oven!.updatedAt,
    data: { ...mine, rings: 2 },
  };
  const stale = () => json(409, { error: { code: 'stale', message: 'changed', current } });
  const put = (data: DayData) =>
    queued({
      ...{ kitchenId: book.kitchen.id, thing: DAY_ID },
      work: { op: 'put', kind: 'days', version: 1, data },
    });
  const tap: MarkData = {
    ...{ id: 'tap', tap: 'tap', task: 'a:roll', kind: 'begun', at: '2026-11-30T03:00:00.000Z' },
  };
  const tapped = queued({
    ...{ kitchenId: book.kitchen.id, thing: DAY_ID },
    work: { op: 'note', kind: 'marks', entry: tap },
  });

  it('is settled wherever one is, on its own screen too', async () => {
    mockPath = `/plan/${DAY_ID}`;
    const sent = serveWrites<DayData>([stale, accept]);
    const { store, waiting } = open();
    act(() => void store.dispatch(put(mine)));
    const notice = await screen.findByTestId('refused-days');
    expect(notice.textContent).toContain('A day, “A day’s baking”, was changed on another device.');
    expect(screen.getAllByRole('row').map((row) => row.textContent)).toEqual([
      'YoursSaved',
      'Rings62',
    ]);
    press('Keep mine');
    await waitFor(() => expect(waiting()).toEqual([]));
    expect(sent[1]).toMatchObject({ version: 4, data: mine });
  });

  it('stays in dispute while it is changed on, and nothing of it is sent until one is chosen', async () => {
    const sent = serveWrites<DayData>([stale, accept]);
    const { store, waiting } = open();
    act(() => void store.dispatch(put(mine)));
    await screen.findByTestId('refused-days');
    act(() => void store.dispatch(put({ ...mine, mixers: 3 })));
    expect(screen.getAllByRole('row').map((row) => row.textContent)).toEqual([
      'YoursSaved',
      'Rings62',
      'Mixers31',
    ]);
    // What is shown of it meanwhile is what was entered here.
    const { writes } = store.getState().outgoing;
    expect(dataUnderWay(writes, 'days').get(DAY_ID)).toEqual({ ...mine, mixers: 3 });
    expect(sent).toHaveLength(1);
    press('Keep mine');
    await waitFor(() => expect(waiting()).toEqual([]));
    expect(sent[1]).toMatchObject({ version: 4, data: { rings: 6, mixers: 3 } });
  });

  it('given up for the saved one still sends what was tapped', async () => {
    let back = false;
    const sent = serveWrites<DayData>([(first) => (back ? accept(first) : away())]);
    const { store, waiting } = open();
    act(() => void store.dispatch(put(mine)));
    act(() => void store.dispatch(tapped));
    const [first] = waiting();
    act(
      () =>
        void store.dispatch(
          refused({ id: first!.id, refusal: { code: 'stale', message: 'x', current } }),
        ),
    );
    await screen.findByTestId('refused-days');
    press('Use the saved one');
    expect(waiting().map(({ work }) => work.kind)).toEqual(['marks']);
    back = true;
    act(() => void store.dispatch(sentAgain()));
    await waitFor(() => expect(waiting()).toEqual([]));
    expect(sent.at(-1)).toMatchObject({ method: 'POST', task: 'a:roll' });
  });

  it('that the book would never have is discarded with all that hangs on it; a tap by itself', async () => {
    const { store, waiting } = open();
    serveWrites([() => json(422, { error: { code: 'invalid', message: 'No.' } })]);
    act(() => void store.dispatch(tapped));
    expect((await screen.findByTestId('refused-marks')).textContent).toContain('A tap on a task');
    act(() => void store.dispatch(put(mine)));
    await waitFor(() => expect(waiting()).toHaveLength(2));
    press('Discard it');
    await waitFor(() => expect(waiting().map(({ work }) => work.kind)).toEqual(['days']));
    await screen.findByTestId('refused-days');
    press('Discard it');
    expect(waiting()).toEqual([]);
  });
});

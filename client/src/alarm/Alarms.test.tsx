/** What calls a cook on whatever screen; the voice and the device's notices are stand-ins. */
import { act, render } from '@testing-library/react';
import { Provider } from 'react-redux';
import { bakeArrived } from '../bake/bakes';
import { createStore } from '../root/store';
import { alarmsChosen, aloudChosen, noticesChosen } from '../state/settings';
import { after, begunBake } from '../testing/bake';
import { agendaTold, type Due } from './agenda';
import { Alarms } from './Alarms';
import { notify, speak } from './saying';
import { ring } from './voice';

jest.mock('./voice', () => ({ ring: jest.fn(), hearTouch: () => () => undefined }));
jest.mock('./saying', () => ({ speak: jest.fn(), notify: jest.fn(() => Promise.resolve()) }));
jest.mock('expo-keep-awake', () => ({
  isAvailableAsync: () => Promise.resolve(false),
  deactivateKeepAwake: () => Promise.resolve(),
}));

const kitchenId = '00000000-0000-4000-8000-000000000011';
const due = (key: string, seconds: number, more: Partial<Due> = {}): Due => ({
  ...{ key, kind: 'begin', says: `Begin ${key}`, path: `/work/${key}`, atMs: after(seconds) },
  ...more,
});

function open(seconds: number) {
  jest.setSystemTime(after(seconds));
  const store = createStore();
  store.dispatch(alarmsChosen(true));
  store.dispatch(aloudChosen(true));
  store.dispatch(noticesChosen(true));
  render(
    <Provider store={store}>
      <Alarms />
    </Provider>,
  );
  const tell = (...all: Due[]) =>
    act(() => void store.dispatch(agendaTold({ dayId: 'day', due: all })));
  const bake = (id: string, formulaName: string) =>
    act(() => {
      const data = { ...begunBake, formulaName };
      store.dispatch(bakeArrived({ id, bake: { kitchenId, version: 1, data } }));
    });
  const pass = (more: number) => act(() => jest.advanceTimersByTime(1000 * more));
  return { store, tell, bake, pass };
}
const rung = () => jest.mocked(ring).mock.calls.map(([call]) => call);
const said = () => jest.mocked(speak).mock.calls.map(([line]) => line);
const noticed = () => jest.mocked(notify).mock.calls.map(([, of, path]) => [of, path]);

beforeEach(() => {
  jest.useFakeTimers();
  jest.clearAllMocks();
});
afterEach(() => jest.useRealTimers());

it('tasks of a day that are due at one moment are all said, with one sound', () => {
  const { tell, pass } = open(0);
  tell(
    due('mix', 5),
    due('roll', 5, { kind: 'look', says: 'Look at the dough.' }),
    due('fill', 90),
  );
  pass(4);
  expect([rung(), said()]).toEqual([[], []]);
  pass(2);
  expect(rung()).toEqual(['step']);
  expect(said()).toEqual(['Begin mix. Look at the dough.']);
  expect(noticed()).toEqual([
    ['mix', '/work/mix'],
    ['roll', '/work/roll'],
  ]);
  pass(20);
  expect(rung()).toHaveLength(1);
  pass(70);
  expect(said()).toEqual(['Begin mix. Look at the dough.', 'Begin fill.']);
});

it('of two bakes the one that has to come out sounds, and both are said', () => {
  // 1980 s in the first call is to pull: both were put in at the same moment.
  const { bake, pass } = open(1979);
  bake('a', 'Bay tart');
  bake('b', 'Milk pie');
  expect(rung()).toEqual(['look', 'look']);
  jest.clearAllMocks();
  pass(2);
  expect(rung()).toEqual(['pull']);
  expect(said()).toEqual(['Bay tart: pull it now. Milk pie: pull it now.']);
  expect(noticed()).toEqual([
    ['a', '/bake/a'],
    ['b', '/bake/b'],
  ]);
});

it('a device that was asked to be silent is', () => {
  const { store, tell, pass } = open(0);
  act(() => {
    store.dispatch(alarmsChosen(false));
    store.dispatch(noticesChosen(false));
  });
  tell(due('mix', 2));
  pass(5);
  expect([rung(), said(), noticed()]).toEqual([[], [], []]);
});

/** How what was noted of a bake stands, and what can be done where it is not in the book. */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { acknowledged, refused } from '../outgoing/writes';
import { createStore } from '../root/store';
import { begunBake } from '../testing/bake';
import { away, serveWrites } from '../testing/server';
import { SendState } from './SendState';
import { beginBake, noteOf } from './writing';

const id = '00000000-0000-4000-8000-000000000091';
const kitchenId = '00000000-0000-4000-8000-000000000011';
const entry = {
  id: '00000000-0000-4000-8000-000000000201',
  ...{ atS: 600, place: 'centre' as const, celsius: 41 },
};

function open() {
  serveWrites([away]);
  const store = createStore();
  store.dispatch(beginBake(id, kitchenId, begunBake));
  store.dispatch(noteOf(id, { kind: 'readings', entry }));
  const writes = () => Object.values(store.getState().outgoing.writes);
  const refuse = (op: 'put' | 'note', code = 'invalid', current?: unknown) => {
    const write = writes().find(({ work }) => work.op === op)!;
    const refusal = { code, message: 'That is not possible.', current };
    act(() => void store.dispatch(refused({ id: write.id, refusal })));
  };
  render(
    <Provider store={store}>
      <SendState id={id} data={begunBake} />
    </Provider>,
  );
  return { store, writes, refuse };
}
const button = (name: string) => screen.queryByRole('button', { name });
const press = (name: string) => act(() => void fireEvent.click(button(name)!));

it('says that it is being written down, and once it is', () => {
  const { store, writes } = open();
  expect(screen.getByTestId('bake-kept').textContent).toBe('Saving');
  act(() => {
    for (const write of writes()) {
      store.dispatch(acknowledged({ id: write.id, stored: null }));
    }
  });
  expect(screen.getByTestId('bake-kept').textContent).toBe('Saved');
});

it('a reading that is refused can be tried again or discarded; the bake goes on', () => {
  const { writes, refuse } = open();
  refuse('note');
  expect(screen.getByTestId('unsent').textContent).toContain('Something in this is not right.');
  expect(button('Try again')).toBeTruthy();
  press('Discard it');
  expect(writes().map(({ work }) => work.op)).toEqual(['put']);
  expect(screen.queryByTestId('unsent')).toBeNull();
});

it('the bake itself is not discarded by a tap', () => {
  const { refuse } = open();
  refuse('put');
  expect(button('Try again')).toBeTruthy();
  expect(button('Discard it')).toBeNull();
});

it('in dispute shows both sides, and the saved one can be used', () => {
  const { store, writes, refuse } = open();
  const data = { ...begunBake, note: 'theirs' };
  const stored = { id, version: 4, updatedAt: '2026-11-24T03:00:00.000Z', data };
  refuse('put', 'stale', stored);
  expect(screen.getAllByRole('row').map((row) => row.textContent)).toEqual([
    'YoursSaved',
    'Notenonetheirs',
  ]);
  press('Use the saved one');
  expect(writes().map(({ work }) => work.op)).toEqual(['note']);
  expect(store.getState().bakes).toEqual({});
});

/** What is noted at the stove reaches the server, whatever happens on the way. */
import type { BakeData } from '@hollow-moon/contract';
import { createStore } from '../store/store';
import { begunBake } from '../testing/bake';
import { accept, away, json, serve } from '../testing/server';
import { begun, mineKept, noted } from './bakes';

const id = '00000000-0000-4000-8000-000000000091';
const kitchenId = '00000000-0000-4000-8000-000000000011';

const until = async (done: () => boolean) => {
  for (let round = 0; round < 400 && !done(); round += 1) {
    await jest.advanceTimersByTimeAsync(50);
  }
  expect(done()).toBe(true);
};

beforeEach(() => jest.useFakeTimers({ doNotFake: ['performance'] }));
afterEach(() => jest.useRealTimers());

const start = () => {
  const store = createStore();
  store.dispatch(begun({ id, kitchenId, data: begunBake }));
  const bake = () => store.getState().bakes[id]!;
  return { store, bake };
};

it('sends a bake when it begins and each note after', async () => {
  const sent = serve<BakeData>([accept]);
  const { store, bake } = start();
  await until(() => !bake().unsent);
  store.dispatch(noted({ id, change: { note: 'rim firm' } }));
  await until(() => !bake().unsent);
  expect(sent.map((each) => each.version)).toEqual([0, 1]);
  expect(sent[1]!.data.note).toBe('rim firm');
  expect(bake().version).toBe(2);
});

it('sends the same write again, under the same id, until there is an answer', async () => {
  const sent = serve([away, away, accept]);
  const { bake } = start();
  await until(() => !bake().unsent);
  expect(sent).toHaveLength(3);
  expect(new Set(sent.map((each) => each.writeId)).size).toBe(1);
  expect(bake().refused).toBeNull();
});

it('does not lose what is noted while a write is under way', async () => {
  let release: () => void = () => undefined;
  const gate = new Promise<void>((resolve) => {
    release = resolve;
  });
  const sent = serve([(first) => gate.then(() => accept(first)), accept]);
  const { store, bake } = start();
  await until(() => sent.length === 1);
  store.dispatch(noted({ id, change: { note: 'meanwhile' } }));
  release();
  await until(() => !bake().unsent);
  expect(sent[1]).toMatchObject({ version: 1, data: { note: 'meanwhile' } });
});

it('stops at a stale answer, shows the other side, and goes on when told to', async () => {
  const current = {
    id,
    version: 7,
    updatedAt: '2026-11-24T03:00:00.000Z',
    data: { ...begunBake, note: 'theirs' },
  };
  const sent = serve([
    () => json(409, { error: { code: 'stale', message: 'changed', current } }),
    accept,
  ]);
  const { store, bake } = start();
  await until(() => bake().stale !== null);
  expect(sent).toHaveLength(1);
  expect(bake().stale?.data.note).toBe('theirs');
  store.dispatch(mineKept(id));
  await until(() => !bake().unsent);
  expect(sent[1]!.version).toBe(7);
});

it('does not send again what the server refuses for its content', async () => {
  const sent = serve([
    () => json(422, { error: { code: 'invalid', message: 'No.', path: 'data.note' } }),
  ]);
  const { bake } = start();
  await until(() => bake().refused !== null);
  await jest.advanceTimersByTimeAsync(20_000);
  expect(sent).toHaveLength(1);
  expect(bake()).toMatchObject({ unsent: true, refused: { message: 'No.' } });
});

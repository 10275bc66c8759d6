/** What is done to a bake on this device, and what its day is told of it. */
import type { StoredBake } from '@hollow-moon/contract';
import { createStore } from '../root/store';
import { begunBake } from '../testing/bake';
import { refused } from '../outgoing/writes';
import { away, serve } from '../testing/server';
import { believed, notedKey, type BelievedForecast } from './believed';
import { notedOf, type NotedEntry } from './noted';
import { pullMarkId } from './ofDay';
import { beginBake, changeBake, discardEntry, noteOf, takeBack, takeUp } from './writing';

const id = '00000000-0000-4000-8000-000000000091';
const kitchenId = '00000000-0000-4000-8000-000000000011';
const dayId = '00000000-0000-4000-8000-000000000071';
const ofDay = { dayId, task: 'tart:bake' };
const pulledAt = '2026-11-24T03:33:00.000Z';

const reading = (n: number): NotedEntry => ({
  kind: 'readings',
  entry: {
    id: `00000000-0000-4000-8000-00000000020${n}`,
    ...{ atS: 600 + n, place: 'centre', celsius: 40 + n },
  },
});

beforeEach(() => {
  serve([away]);
});

function begun(data = begunBake) {
  const store = createStore();
  store.dispatch(beginBake(id, kitchenId, data));
  const writes = () =>
    Object.values(store.getState().outgoing.writes).sort((a, b) => a.order - b.order);
  const works = () => writes().map(({ thing, work }) => ({ thing, work }));
  return { store, works, bake: () => store.getState().bakes[id]! };
}

describe('a bake of the book', () => {
  const stored = (note: string): StoredBake => ({
    ...{ id, version: 4, updatedAt: pulledAt, data: { ...begunBake, note } },
    ...{ readings: [reading(1).entry as never], wobbles: [], deeds: [] },
  });

  it('is taken up with what was noted of it, and nothing is written', () => {
    const store = createStore();
    store.dispatch(takeUp(kitchenId, stored('theirs')));
    const { bakes, noted, outgoing } = store.getState();
    expect(bakes[id]).toEqual({ kitchenId, version: 4, data: { ...begunBake, note: 'theirs' } });
    expect(notedOf(noted, id).readings).toEqual([reading(1).entry]);
    expect(outgoing.writes).toEqual({});
  });

  it('is left as it is where it is here already', () => {
    const { store, bake } = begun();
    store.dispatch(takeUp(kitchenId, stored('theirs')));
    expect(bake().data.note).toBe('');
    expect(notedOf(store.getState().noted, id).readings).toEqual([]);
  });
});

it('nothing is done to a bake that is not here', () => {
  const store = createStore();
  const before = store.getState();
  store.dispatch(changeBake(id, { note: 'x' }));
  store.dispatch(noteOf(id, reading(1)));
  store.dispatch(takeBack(id, 'readings', reading(1).entry.id));
  const now = store.getState();
  expect([now.bakes, now.noted, now.outgoing]).toEqual([
    before.bakes,
    before.noted,
    before.outgoing,
  ]);
});

describe('the pull of a bake', () => {
  const foreseen = { ...begunBake.foreseen, pullS: 1700 };
  const thought = (of: string): BelievedForecast => ({
    ...{ of, foreseen, heeded: [], learnt: undefined, vessels: [] },
  });

  it('keeps what was believed of it then, and goes on when it is put back', () => {
    const { store, bake } = begun();
    store.dispatch(noteOf(id, reading(1)));
    const of = notedKey(notedOf(store.getState().noted, id));
    store.dispatch(believed({ id, forecast: thought(of) }));
    store.dispatch(changeBake(id, { note: 'rim firm' }));
    expect(bake().data).not.toHaveProperty('believed');
    store.dispatch(changeBake(id, { pulledAt }));
    expect(bake().data).toMatchObject({ pulledAt, believed: foreseen, note: 'rim firm' });
    store.dispatch(changeBake(id, { pulledAt: null }));
    expect(bake().data.pulledAt).toBeNull();
    expect(bake().data.believed).toBeUndefined();
  });

  it('keeps nothing of what had not followed the last reading yet', () => {
    const { store, bake } = begun();
    const of = notedKey(notedOf(store.getState().noted, id));
    store.dispatch(believed({ id, forecast: thought(of) }));
    store.dispatch(noteOf(id, reading(1)));
    store.dispatch(changeBake(id, { pulledAt }));
    expect(bake().data.believed).toBeUndefined();
  });

  it('is told to its day as a tap on its task, once, and taken back there too', () => {
    const { store, works } = begun({ ...begunBake, ofDay });
    const told = () => works().filter(({ work }) => work.kind === 'marks');
    store.dispatch(changeBake(id, { note: 'rim firm' }));
    expect(told()).toEqual([]);
    store.dispatch(changeBake(id, { pulledAt }, { by: 'one', celsius: 76 }));
    const mark = { id: pullMarkId(id), tap: pullMarkId(id), task: 'tart:bake', kind: 'done' };
    const entry = { ...mark, at: pulledAt, bakeId: id, by: 'one', celsius: 76 };
    expect(told()).toEqual([{ thing: dayId, work: { op: 'note', kind: 'marks', entry } }]);
    // Said once more, or said of something else, it is no other pull.
    store.dispatch(changeBake(id, { pulledAt }));
    store.dispatch(changeBake(id, { result: 'good' }));
    expect(told()).toHaveLength(1);
    store.dispatch(changeBake(id, { pulledAt: null, result: null }));
    expect(told().slice(1)).toEqual([
      { thing: dayId, work: { op: 'take-back', kind: 'marks', entryId: pullMarkId(id) } },
    ]);
  });

  it('of a bake that is of no day is told to none', () => {
    const { store, works } = begun();
    store.dispatch(changeBake(id, { pulledAt }));
    // As it was begun, which may be in the book already, and as it was pulled.
    expect(works().map(({ thing, work }) => [thing, work.kind])).toEqual([
      [id, 'bakes'],
      [id, 'bakes'],
    ]);
  });
});

it('what is noted of one bake and taken back goes as two of its own, unless nobody has sent the first', () => {
  const { store, works } = begun();
  store.dispatch(noteOf(id, reading(1)));
  store.dispatch(noteOf(id, reading(2)));
  store.dispatch(takeBack(id, 'readings', reading(2).entry.id));
  expect(works().map(({ work }) => work.op)).toEqual(['put', 'note']);
  // Of what was noted elsewhere, or sent before, only the way back is left.
  store.dispatch(takeBack(id, 'wobbles', 'long ago'));
  expect(works().at(-1)!.work).toEqual({ op: 'take-back', kind: 'wobbles', entryId: 'long ago' });
  expect(notedOf(store.getState().noted, id).readings).toEqual([reading(1).entry]);
});

it('an entry that the book would not have can be discarded, and nothing else of the bake goes with it', () => {
  const { store, works } = begun();
  store.dispatch(noteOf(id, reading(1)));
  store.dispatch(noteOf(id, reading(2)));
  const writes = () => Object.values(store.getState().outgoing.writes);
  const first = writes().find(
    ({ work }) => work.op === 'note' && work.entry.id === reading(1).entry.id,
  )!;
  const refusal = { code: 'invalid', message: 'No.' };
  store.dispatch(refused({ id: first.id, refusal }));
  store.dispatch(discardEntry(first));
  expect(works().map(({ work }) => work.op)).toEqual(['put', 'note']);
  expect(notedOf(store.getState().noted, id).readings).toEqual([reading(2).entry]);
});

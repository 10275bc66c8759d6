/** What others change arrives here; what this device did itself is not asked for again. */
import type { MarkData } from '@hollow-moon/contract';
import { bakeArrived } from '../bake/bakes';
import { notedOf } from '../bake/noted';
import { beginBake, noteOf } from '../bake/writing';
import { createStore } from '../root/store';
import { begunBake } from '../testing/bake';
import { json } from '../testing/server';
import { api } from '../wire/api';
import { heard, heardNothingFor } from './heard';

const kitchenId = '00000000-0000-4000-8000-000000000011';
const dayId = '00000000-0000-4000-8000-000000000071';
const bakeId = '00000000-0000-4000-8000-000000000072';
const entryId = (n: number) => `00000000-0000-4000-8000-00000000003${n}`;
const STORED = { id: bakeId, updatedAt: '2026-11-24T03:00:00.000Z' };

const mark = (n: number): MarkData => ({
  id: entryId(n),
  tap: entryId(n),
  task: 'tart:roll',
  kind: 'begun',
  at: '2026-11-24T03:10:00.000Z',
});

/** A book that answers what `things` has under an address, and says what was asked. */
function book(things: Record<string, unknown>) {
  const asked: string[] = [];
  globalThis.fetch = (async (input: Request) => {
    const path = new URL(input.url).pathname.replace(`/api/kitchens/${kitchenId}`, '');
    asked.push(`${input.method} ${path}`);
    if (input.method !== 'GET') {
      const { version = 0, data } = (await input.json()) as { version?: number; data?: unknown };
      return json(200, { ...STORED, version: version + 1, data });
    }
    return path in things ? json(200, things[path]) : json(404, {});
  }) as typeof fetch;
  return asked;
}

const settle = () => new Promise((done) => setTimeout(done, 50));

describe('taps of a day', () => {
  const path = `/days/${dayId}/marks`;
  const event = (n: number, gone = false) => ({
    ...{ what: 'noted' as const, kind: 'marks', id: dayId, entryId: entryId(n), gone },
  });

  it.each([
    ['of others are asked for', event(2), 2],
    ['that are here already are not', event(1), 1],
    ['taken back by others are asked for', event(1, true), 2],
    ['taken back already are not', event(3, true), 1],
  ])('%s', async (_, change, times) => {
    const asked = book({ [path]: [mark(1)] });
    const store = createStore();
    await store.dispatch(api.endpoints.marks.initiate({ kitchenId, id: dayId }));
    store.dispatch(heard(kitchenId, change));
    await settle();
    expect(asked.filter((each) => each === `GET ${path}`)).toHaveLength(times);
  });
});

describe('a thing that is written whole', () => {
  it.each([
    ['newer than here is asked for', 3, 2],
    ['as it is here is not', 2, 1],
  ])('%s', async (_, version, times) => {
    const oven = { name: 'Deck', kind: 'deck', offsetK: 0, swingK: 0, archived: false };
    const asked = book({ '/ovens': [{ ...STORED, id: dayId, version: 2, data: oven }] });
    const store = createStore();
    await store.dispatch(api.endpoints.ovens.initiate(kitchenId));
    store.dispatch(heard(kitchenId, { what: 'kept', kind: 'ovens', id: dayId, version }));
    await settle();
    expect(asked.filter((each) => each === 'GET /ovens')).toHaveLength(times);
  });
});

it.each([
  ['a kitchen', 'kitchens', '/api/kitchens', 2],
  ['what no list has', 'pictures', '/api/kitchens', 1],
])('%s that is newer is asked for where it is listed', async (_, kind, path, times) => {
  const asked = book({ [path]: [] });
  const store = createStore();
  await store.dispatch(api.endpoints.kitchens.initiate());
  store.dispatch(heard(kitchenId, { what: 'kept', kind, id: dayId, version: 1 }));
  await settle();
  expect(asked.filter((each) => each === `GET ${path}`)).toHaveLength(times);
});

describe('a bake that is on two devices', () => {
  const reading = (n: number) => ({
    id: entryId(n),
    atS: 600,
    place: 'centre' as const,
    celsius: 50,
  });
  const begun = async (things: Record<string, unknown>) => {
    const asked = book(things);
    const store = createStore();
    store.dispatch(beginBake(bakeId, kitchenId, begunBake));
    await settle();
    expect(store.getState().bakes[bakeId]!.version).toBe(1);
    return { asked, store };
  };
  const pulledAt = '2026-11-24T03:33:00.000Z';
  const theirs = {
    ...STORED,
    version: 2,
    data: { ...begunBake, pulledAt },
    readings: [reading(5)],
    wobbles: [],
    deeds: [],
  };

  it('is as the other has it: its pull, and what was read', async () => {
    const { store } = await begun({ [`/bakes/${bakeId}`]: theirs });
    store.dispatch(heard(kitchenId, { what: 'kept', kind: 'bakes', id: bakeId, version: 2 }));
    await settle();
    const { bakes, noted } = store.getState();
    expect(bakes[bakeId]).toMatchObject({ version: 2, data: { pulledAt } });
    expect(notedOf(noted, bakeId).readings).toEqual([reading(5)]);
  });

  it('is left as it is while something of it is on its way from here', async () => {
    const { store } = await begun({ [`/bakes/${bakeId}`]: theirs });
    globalThis.fetch = ((input: Request) =>
      input.method === 'GET'
        ? Promise.resolve(json(200, theirs))
        : new Promise(() => undefined)) as typeof fetch;
    store.dispatch(noteOf(bakeId, { kind: 'readings', entry: reading(6) }));
    store.dispatch(heard(kitchenId, { what: 'kept', kind: 'bakes', id: bakeId, version: 2 }));
    await settle();
    const { bakes, noted } = store.getState();
    expect(bakes[bakeId]!.data.pulledAt).toBeNull();
    expect(notedOf(noted, bakeId).readings).toEqual([reading(6)]);
  });

  it('is asked for where somebody has noted what is not here, and not for what is', async () => {
    const { asked, store } = await begun({ [`/bakes/${bakeId}`]: theirs });
    const reads = () => asked.filter((each) => each === `GET /bakes/${bakeId}`).length;
    const noted = (n: number, gone: boolean) =>
      store.dispatch(
        heard(kitchenId, {
          ...{ what: 'noted', kind: 'readings', id: bakeId, entryId: entryId(n), gone },
        }),
      );
    store.dispatch(noteOf(bakeId, { kind: 'readings', entry: reading(6) }));
    await settle();
    noted(6, false);
    noted(7, true);
    await settle();
    expect(reads()).toBe(0);
    noted(5, false);
    await settle();
    expect(reads()).toBe(1);
    // What the book has no more is gone here too.
    expect(notedOf(store.getState().noted, bakeId).readings).toEqual([reading(5)]);
    noted(5, true);
    await settle();
    expect(reads()).toBe(2);
  });

  it('is not asked for at the version that is here, nor where it is not here', async () => {
    const { asked, store } = await begun({ [`/bakes/${bakeId}`]: theirs });
    const reads = () => asked.filter((each) => each.startsWith('GET')).length;
    store.dispatch(heard(kitchenId, { what: 'kept', kind: 'bakes', id: bakeId, version: 1 }));
    store.dispatch(heard(kitchenId, { what: 'kept', kind: 'bakes', id: dayId, version: 9 }));
    await settle();
    expect(reads()).toBe(0);
  });

  it('of another kitchen, or not in the book yet, is not asked for after a silence', async () => {
    const asked = book({});
    const store = createStore();
    const other = '00000000-0000-4000-8000-000000000012';
    const bake = (kitchen: string, version: number) => ({
      ...{ kitchenId: kitchen, version, data: begunBake },
    });
    store.dispatch(bakeArrived({ id: bakeId, bake: bake(other, 3) }));
    store.dispatch(bakeArrived({ id: dayId, bake: bake(kitchenId, 0) }));
    store.dispatch(heardNothingFor(kitchenId));
    await settle();
    expect(asked).toEqual([]);
  });

  it('is asked for once nobody has listened for a while', async () => {
    const { store } = await begun({ [`/bakes/${bakeId}`]: theirs });
    store.dispatch(heardNothingFor(kitchenId));
    await settle();
    expect(store.getState().bakes[bakeId]!.data.pulledAt).toBe(pulledAt);
  });
});

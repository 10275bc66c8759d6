/** What is written reaches the book, in order and once, whatever happens on the way. */
import type { BakeData, DayData, OvenData } from '@hollow-moon/contract';
import { notedOf } from '../bake/noted';
import { beginBake, changeBake, noteOf, takeBack, takeTheBooks } from '../bake/writing';
import { emptyDay } from '../day/useDay';
import { createStore } from '../root/store';
import { begunBake } from '../testing/bake';
import { accept, away, json, serve, type Sent } from '../testing/server';
import { dataUnderWay, keepMine, nextToSend, queued, sentAgain, type Outgoing } from './writes';

const id = '00000000-0000-4000-8000-000000000091';
const kitchenId = '00000000-0000-4000-8000-000000000011';
const oven: OvenData = { name: 'Deck', kind: 'deck', offsetK: -9, swingK: 3, archived: false };
const reading = (n: number) => ({
  id: `00000000-0000-4000-8000-0000000002${n}`,
  ...{ atS: 600 + n, place: 'centre' as const, celsius: 40 + n },
});

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
  const writes = () => Object.values(store.getState().outgoing.writes);
  const bake = () => store.getState().bakes[id]!;
  const begin = () => store.dispatch(beginBake(id, kitchenId, begunBake));
  const putOven = (data: OvenData, thing = id, version = 0) =>
    store.dispatch(queued({ kitchenId, thing, work: { op: 'put', kind: 'ovens', version, data } }));
  return { store, writes, bake, begin, putOven };
};
const addressed = ({ method, path }: Sent<unknown>) =>
  `${method} ${path.replace(`/api/kitchens/${kitchenId}`, '')}`;

describe('a bake', () => {
  it('is sent when it begins, and each change and note after, each by itself', async () => {
    const sent = serve<BakeData>([accept]);
    const { store, writes, bake, begin } = start();
    begin();
    await until(() => writes().length === 0);
    store.dispatch(changeBake(id, { note: 'rim firm' }));
    store.dispatch(noteOf(id, { kind: 'readings', entry: reading(1) }));
    await until(() => writes().length === 0);
    store.dispatch(takeBack(id, 'readings', reading(1).id));
    await until(() => writes().length === 0);
    expect(sent.map(addressed)).toEqual([
      `PUT /bakes/${id}`,
      `PUT /bakes/${id}`,
      `POST /bakes/${id}/readings`,
      `DELETE /bakes/${id}/readings/${reading(1).id}`,
    ]);
    expect(sent.slice(0, 2).map((each) => each.version)).toEqual([0, 1]);
    expect(sent[1]!.data.note).toBe('rim firm');
    expect(sent[2]).toMatchObject(reading(1));
    expect(bake().version).toBe(2);
    expect(notedOf(store.getState().noted, id)).toEqual({ readings: [], wobbles: [], deeds: [] });
  });

  it('noted while the book is away is sent in order, and what was taken back is not sent at all', async () => {
    const sent = serve<BakeData>([away, accept]);
    const { store, writes, begin } = start();
    begin();
    await until(() => store.getState().outgoing.away !== null);
    store.dispatch(noteOf(id, { kind: 'readings', entry: reading(1) }));
    store.dispatch(noteOf(id, { kind: 'readings', entry: reading(2) }));
    store.dispatch(takeBack(id, 'readings', reading(1).id));
    await until(() => writes().length === 0);
    expect(store.getState().outgoing.away).toBeNull();
    expect(sent.map(addressed)).toEqual([
      `PUT /bakes/${id}`,
      `PUT /bakes/${id}`,
      `POST /bakes/${id}/readings`,
    ]);
    expect(sent[2]).toMatchObject(reading(2));
  });

  it('stops at a stale answer with its notes waiting, and goes on when told to', async () => {
    const stored = { id, version: 7, updatedAt: '2026-11-24T03:00:00.000Z' };
    const current = { ...stored, data: { ...begunBake, note: 'theirs' } };
    const sent = serve([
      () => json(409, { error: { code: 'stale', message: 'changed', current } }),
      accept,
    ]);
    const { store, writes, begin } = start();
    begin();
    await until(() => writes()[0]?.refused?.code === 'stale');
    store.dispatch(noteOf(id, { kind: 'readings', entry: reading(1) }));
    await jest.advanceTimersByTimeAsync(120_000);
    expect(sent).toHaveLength(1);
    store.dispatch(keepMine(id));
    await until(() => writes().length === 0);
    expect(sent.slice(1).map(addressed)).toEqual([
      `PUT /bakes/${id}`,
      `POST /bakes/${id}/readings`,
    ]);
    expect(sent[1]!.version).toBe(7);
  });

  it('given up for the book’s is no longer here; what was noted of it goes into the book all the same', async () => {
    const sent = serve([
      () => json(409, { error: { code: 'stale', message: 'changed', current: {} } }),
      accept,
    ]);
    const { store, writes, begin } = start();
    begin();
    await until(() => writes()[0]?.refused?.code === 'stale');
    store.dispatch(noteOf(id, { kind: 'readings', entry: reading(1) }));
    store.dispatch(takeTheBooks(id));
    expect(store.getState().bakes).toEqual({});
    await until(() => writes().length === 0);
    expect(sent.slice(1).map(addressed)).toEqual([`POST /bakes/${id}/readings`]);
  });
});

describe('a write', () => {
  it('is sent again, the very same under the same id, until there is an answer', async () => {
    const sent = serve([away, away, accept]);
    const { store, writes, putOven } = start();
    putOven(oven);
    await until(() => writes().length === 0);
    expect(sent).toHaveLength(3);
    expect(new Set(sent.map((each) => JSON.stringify(each))).size).toBe(1);
    expect(store.getState().outgoing.away).toBeNull();
  });

  it('is tried later and later, at most a minute apart, and at once when told to', async () => {
    const sent = serve([away]);
    const { store, putOven } = start();
    putOven(oven);
    await jest.advanceTimersByTimeAsync(1000);
    // 2, 4, 8, 16, 32 s apart: at 0, 2, 6, 14, 30, 62 s.
    await jest.advanceTimersByTimeAsync(62_000);
    expect(sent).toHaveLength(6);
    await jest.advanceTimersByTimeAsync(120_000);
    expect(sent).toHaveLength(8);
    store.dispatch(sentAgain());
    await jest.advanceTimersByTimeAsync(100);
    expect(sent).toHaveLength(9);
  });

  // The answer was lost, not the write: what is changed meanwhile must not be taken for a conflict with oneself.
  it('whose answer was lost is sent once more before what was changed since', async () => {
    const sent = serve<OvenData>([away, accept]);
    const { store, writes, putOven } = start();
    putOven(oven);
    await until(() => store.getState().outgoing.away !== null);
    putOven({ ...oven, offsetK: -11 });
    putOven({ ...oven, offsetK: -12 });
    await until(() => writes().length === 0);
    expect(sent.map(({ version, data }) => [version, data.offsetK])).toEqual([
      [0, -9],
      [0, -9],
      [1, -12],
    ]);
    expect(sent[1]!.writeId).toBe(sent[0]!.writeId);
    expect(sent[2]!.writeId).not.toBe(sent[0]!.writeId);
  });

  it('made while another of its thing is under way follows it', async () => {
    let release: () => void = () => undefined;
    const gate = new Promise<void>((resolve) => (release = resolve));
    const sent = serve<OvenData>([(first) => gate.then(() => accept(first)), accept]);
    const { writes, putOven } = start();
    putOven(oven);
    await until(() => sent.length === 1);
    putOven({ ...oven, swingK: 5 });
    release();
    await until(() => writes().length === 0);
    expect(sent[1]).toMatchObject({ version: 1, data: { swingK: 5 } });
  });

  it('that is refused for its content waits for the cook, and holds up nothing else', async () => {
    const other = '00000000-0000-4000-8000-000000000092';
    const sent = serve<OvenData>([
      () => json(422, { error: { code: 'invalid', message: 'No.', path: 'data.name' } }),
      accept,
    ]);
    const { writes, putOven } = start();
    putOven(oven);
    putOven({ ...oven, name: 'Fan' }, other);
    await until(() => writes().length === 1);
    await jest.advanceTimersByTimeAsync(120_000);
    expect(sent.map(({ data }) => data.name)).toEqual(['Deck', 'Fan']);
    expect(writes()[0]).toMatchObject({ thing: id, refused: { message: 'No.' } });
    // Corrected, it takes the place of the one that was refused.
    putOven({ ...oven, name: 'Deck oven' });
    await until(() => writes().length === 0);
    expect(sent[2]).toMatchObject({ version: 0, data: { name: 'Deck oven' } });
  });

  it('of what there may be one of goes over the one that is there', async () => {
    const theirs = '00000000-0000-4000-8000-000000000093';
    const current = { id: theirs, version: 4, updatedAt: '2026-11-24T03:00:00.000Z', data: oven };
    const sent = serve([
      () => json(409, { error: { code: 'stale', message: 'there', current } }),
      accept,
    ]);
    const { store, writes, putOven } = start();
    putOven(oven);
    await until(() => writes()[0]?.refused?.code === 'stale');
    store.dispatch(keepMine(id));
    await until(() => writes().length === 0);
    expect(sent[1]).toMatchObject({ version: 4 });
    expect(addressed(sent[1]!)).toBe(`PUT /ovens/${theirs}`);
  });
});

describe('what is in dispute', () => {
  const current = { id, version: 4, updatedAt: '2026-11-24T03:00:00.000Z', data: oven };
  const stale = () => json(409, { error: { code: 'stale', message: 'there', current } });

  it('stays so while it is changed on, is shown as it is here, and holds up nothing else', async () => {
    const other = '00000000-0000-4000-8000-000000000092';
    const sent = serve<OvenData>([stale, accept]);
    const { store, writes, putOven } = start();
    putOven(oven);
    await until(() => writes()[0]?.refused?.code === 'stale');
    // Both in one moment: the look for what can be sent after the first finds nothing.
    putOven({ ...oven, swingK: 6 }, id, 4);
    putOven({ ...oven, name: 'Fan' }, other);
    await until(() => writes().length === 1);
    expect(sent.map(({ data }) => data.name)).toEqual(['Deck', 'Fan']);
    expect(writes()[0]).toMatchObject({ refused: { code: 'stale' }, work: { version: 4 } });
    const shown = dataUnderWay(store.getState().outgoing.writes, 'ovens');
    expect(shown.get(id)).toEqual({ ...oven, swingK: 6 });
    store.dispatch(keepMine(id));
    await until(() => writes().length === 0);
    expect(sent[2]).toMatchObject({ version: 4, data: { swingK: 6 } });
  });
});

describe('a write that nobody has asked for', () => {
  const current = { id, version: 4, updatedAt: '2026-11-24T03:00:00.000Z', data: oven };
  const stale = () => json(409, { error: { code: 'stale', message: 'there', current } });
  const byItself = (data: OvenData) =>
    queued({
      ...{ kitchenId, thing: id },
      work: { op: 'put', kind: 'ovens', version: 3, data, unasked: true },
    });

  it('is given up where the book has another version, and what waits behind it goes on', async () => {
    const sent = serve([stale, accept]);
    const { store, writes } = start();
    store.dispatch(byItself(oven));
    await until(() => writes().length === 0);
    expect(sent).toHaveLength(1);
    expect(sent[0]).not.toHaveProperty('unasked');
  });

  it('is a cook’s own where it takes the place of what a cook has changed', async () => {
    let answer: () => Response = away;
    serve([() => answer()]);
    const { store, writes, putOven } = start();
    putOven({ ...oven, name: 'Small' }, 'another');
    await until(() => store.getState().outgoing.away !== null);
    // Neither has been sent when the second takes the first one's place.
    putOven({ ...oven, name: 'Deck oven' }, id, 3);
    store.dispatch(byItself({ ...oven, name: 'Deck oven', swingK: 4 }));
    expect(writes()).toHaveLength(2);
    answer = stale;
    store.dispatch(sentAgain());
    await until(() => writes().every(({ refused }) => refused?.code === 'stale'));
    expect(writes()).toHaveLength(2);
  });
});

describe('a day that two change at once', () => {
  const day = { ...emptyDay(new Date('2026-11-30T12:00:00')), rings: 4, mixers: 1 };
  const put = (data: DayData, base: DayData) =>
    queued({
      ...{ kitchenId, thing: id },
      work: { op: 'put', kind: 'days', version: 1, data, base },
    });
  const stored = (version: number, data: DayData) => ({
    ...{ id, version, updatedAt: '2026-11-24T03:00:00.000Z', data },
  });
  const stale = (data: DayData, version = 2) =>
    json(409, { error: { code: 'stale', message: 'x', current: stored(version, data) } });

  it('has what both have changed, and nobody is asked', async () => {
    const sent = serve<DayData>([() => stale({ ...day, mixers: 3 }), accept]);
    const { store, writes } = start();
    store.dispatch(put({ ...day, rings: 6 }, day));
    await until(() => writes().length === 0);
    expect(sent).toHaveLength(2);
    expect(sent[1]).toMatchObject({ version: 2, data: { ...day, rings: 6, mixers: 3 } });
    // What it was made from is of no interest to the book.
    expect(sent[1]).not.toHaveProperty('base');
  });

  it('is put together again where a third has changed it meanwhile', async () => {
    const sent = serve<DayData>([
      () => stale({ ...day, mixers: 3 }),
      () => stale({ ...day, mixers: 3, fridgePlaces: 9 }, 5),
      accept,
    ]);
    const { store, writes } = start();
    store.dispatch(put({ ...day, rings: 6 }, day));
    await until(() => writes().length === 0);
    expect(sent[2]).toMatchObject({
      ...{ version: 5, data: { ...day, rings: 6, mixers: 3, fridgePlaces: 9 } },
    });
  });

  it('goes on with what is changed while the first is under way', async () => {
    let release: () => void = () => undefined;
    const gate = new Promise<void>((resolve) => (release = resolve));
    const sent = serve<DayData>([() => gate.then(() => stale({ ...day, mixers: 3 })), accept]);
    const { store, writes } = start();
    const first = { ...day, rings: 6 };
    store.dispatch(put(first, day));
    await until(() => sent.length === 1);
    store.dispatch(put({ ...first, fridgePlaces: 9 }, first));
    release();
    await until(() => writes().length === 0);
    expect(sent.slice(1).map(({ version, data }) => [version, data])).toEqual([
      [2, { ...first, mixers: 3 }],
      [3, { ...first, mixers: 3, fridgePlaces: 9 }],
    ]);
  });

  it('is made from what the first of several unsent changes was made from', async () => {
    const sent = serve<DayData>([away]);
    const { store, writes, putOven } = start();
    // Something else is tried first, and waits: the day's changes take each other's place behind it.
    putOven(oven, 'another');
    await until(() => store.getState().outgoing.away !== null);
    store.dispatch(put({ ...day, rings: 6 }, day));
    store.dispatch(put({ ...day, rings: 6, fridgePlaces: 9 }, { ...day, rings: 6 }));
    const [, waiting] = writes();
    expect(waiting!.work).toMatchObject({ base: day, data: { rings: 6, fridgePlaces: 9 } });
    expect(sent.every(({ path }) => path.endsWith('another'))).toBe(true);
  });

  it('is asked about where both have changed the same', async () => {
    serve<DayData>([() => stale({ ...day, rings: 2, mixers: 3 })]);
    const { store, writes } = start();
    store.dispatch(put({ ...day, rings: 6 }, day));
    await until(() => writes()[0]?.refused?.code === 'stale');
    expect(writes()[0]!.work).toMatchObject({ data: { rings: 6, mixers: 1 } });
  });
});

describe('what waits', () => {
  const write = (order: number, thing: string, refused = false) => ({
    ...{ id: `w${order}`, kitchenId, thing, order, tried: refused },
    work: { op: 'put', kind: 'ovens', version: 1, data: { ...oven, offsetK: order } } as const,
    refused: refused ? { code: 'invalid', message: 'No.' } : null,
  });
  const waiting = (...all: ReturnType<typeof write>[]): Outgoing => ({
    writes: Object.fromEntries(all.map((each) => [each.id, each])),
    away: null,
  });

  it('goes oldest first, and waits behind what was refused of the same thing', () => {
    expect(nextToSend(waiting(write(5, 'b'), write(3, 'a')))?.id).toBe('w3');
    expect(nextToSend(waiting(write(1, 'a', true), write(2, 'a'), write(3, 'b')))?.id).toBe('w3');
    expect(nextToSend(waiting(write(1, 'a', true), write(2, 'a')))).toBeUndefined();
  });

  it('lets the taps of a day through, unless the day is not in the book or a tap was refused', () => {
    const tap = (order: number, refused = false) =>
      ({
        ...write(order, 'a', refused),
        work: { op: 'note', kind: 'marks', entry: {} },
      }) as unknown as ReturnType<typeof write>;
    const unknown = (order: number) => {
      const put = write(order, 'a', true);
      return { ...put, work: { ...put.work, version: 0 } } as unknown as typeof put;
    };
    expect(nextToSend(waiting(write(1, 'a', true), tap(2)))?.id).toBe('w2');
    expect(nextToSend(waiting(unknown(1), tap(2)))).toBeUndefined();
    expect(nextToSend(waiting(tap(1, true), tap(2)))).toBeUndefined();
    expect(nextToSend(waiting(tap(1, true), write(2, 'a')))).toBeUndefined();
  });

  it('is shown as it will be: the newest of each thing, without what was refused', () => {
    const { writes } = waiting(write(2, 'a'), write(1, 'a'), write(3, 'b', true));
    expect([...dataUnderWay(writes, 'ovens')]).toEqual([['a', { ...oven, offsetK: 2 }]]);
    expect(dataUnderWay(writes, 'vessels').size).toBe(0);
  });
});

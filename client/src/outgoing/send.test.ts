/** What a write asks of the book, and what is shown of it before lists are asked for again. */
import type { MarkData } from '@hollow-moon/contract';
import { createStore } from '../root/store';
import { begunBake } from '../testing/bake';
import { book } from '../testing/book';
import { json } from '../testing/server';
import { api, type Listed } from '../wire/api';
import { sendApi, tagsOf } from './send';
import type { Work, Write } from './writes';

const kitchenId = book.kitchen.id;
const [oven] = book.ovens;
const thing = oven!.id;

/** A book that answers what it has under an address, and writes with what is written; says what was asked. */
function serveBook(things: Readonly<Record<string, unknown>>, refuses?: Response) {
  const asked: { readonly what: string; readonly body: unknown; readonly type: string | null }[] =
    [];
  globalThis.fetch = (async (input: Request) => {
    const path = new URL(input.url).pathname.replace(/^\/api/, '');
    const text = await input.text();
    const body = text ? (JSON.parse(text) as { version: number; data: unknown }) : undefined;
    const type = input.headers.get('Content-Type');
    asked.push({ what: `${input.method} ${path}`, body, type });
    if (input.method === 'GET')
      return path in things ? json(200, things[path]) : json(404, { error: {} });
    if (refuses) return refuses.clone();
    if (input.method !== 'PUT') return json(200, {});
    const id = path === `/kitchens/${kitchenId}` ? kitchenId : thing;
    const at = '2026-11-24T03:00:00.000Z';
    return json(200, { id, version: body!.version + 1, updatedAt: at, data: body!.data });
  }) as typeof fetch;
  return asked;
}

const write = (work: Work, of = thing): Write => ({
  ...{ id: 'write', kitchenId, thing: of, order: 1, work, tried: true, refused: null },
});
const put = (kind: Listed | 'bakes', data: unknown, why?: string): Work => ({
  ...{ op: 'put', kind, version: 1, data },
  ...(why === undefined ? {} : { why }),
});
const mark: MarkData = {
  ...{
    id: '00000000-0000-4000-8000-000000000031',
    tap: '00000000-0000-4000-8000-000000000031',
    task: 'a:roll',
    kind: 'begun',
  },
  at: '2026-11-24T03:10:00.000Z',
};

const send = (store: ReturnType<typeof createStore>, work: Work, of?: string) =>
  store.dispatch(sendApi.endpoints.send.initiate(write(work, of)));
const settle = () => new Promise((done) => setTimeout(done, 30));

describe('what is asked', () => {
  it.each<[string, Work, string, string]>([
    ['a kitchen', put('kitchens', book.kitchen.data), kitchenId, `PUT /kitchens/${kitchenId}`],
    ['an oven', put('ovens', oven!.data), thing, `PUT /kitchens/${kitchenId}/ovens/${thing}`],
    [
      'a tap',
      { op: 'note', kind: 'marks', entry: mark },
      'd',
      `POST /kitchens/${kitchenId}/days/d/marks`,
    ],
    [
      'a picture taken back',
      { op: 'take-back', kind: 'pictures', entryId: 'p' },
      'b',
      `DELETE /kitchens/${kitchenId}/bakes/b/pictures/p`,
    ],
    [
      'a tap taken back',
      { op: 'take-back', kind: 'marks', entryId: 'm' },
      'd',
      `DELETE /kitchens/${kitchenId}/days/d/marks/m`,
    ],
  ])('by %s', async (_, work, of, what) => {
    const asked = serveBook({});
    await send(createStore(), work, of);
    expect(asked.map((each) => each.what)).toEqual([what]);
    // The server takes nothing that does not say what it is: no form of another site can write.
    expect(asked[0]!.type).toBe('application/json');
  });

  it('has its id and version, and why only where somebody has said', async () => {
    const asked = serveBook({});
    const store = createStore();
    await send(store, put('ovens', oven!.data));
    await send(store, put('ovens', oven!.data, 'Repaired.'));
    await send(store, put('ovens', oven!.data, ''));
    const rest = { writeId: 'write', version: 1, data: oven!.data };
    expect(asked.map(({ body }) => body)).toEqual([rest, { ...rest, why: 'Repaired.' }, rest]);
  });
});

it.each<[string, Work, unknown]>([
  [
    'a formula its list and its versions',
    put('formulas', {}),
    ['formulas', { type: 'versions', id: thing }],
  ],
  ['an oven its list', put('ovens', {}), ['ovens']],
  ['a bake itself and the log', put('bakes', {}), [{ type: 'bakes', id: thing }, 'log']],
  [
    'a tap the taps of its day',
    { op: 'note', kind: 'marks', entry: mark },
    [{ type: 'marks', id: thing }],
  ],
  [
    'a reading its bake and the log',
    { op: 'take-back', kind: 'readings', entryId: 'r' },
    [{ type: 'bakes', id: thing }, 'log'],
  ],
])('%s is shown by', (_, work, tags) => {
  expect(tagsOf({ thing, work })).toEqual(tags);
});

describe('what was written', () => {
  const path = `/kitchens/${kitchenId}/ovens`;
  const renamed = { ...oven!.data, name: 'Deck' };
  const listed = async (things: Readonly<Record<string, unknown>>, refuses?: Response) => {
    const asked = serveBook(things, refuses);
    const store = createStore();
    await store.dispatch(api.endpoints.ovens.initiate(kitchenId));
    await store.dispatch(api.endpoints.kitchens.initiate());
    const names = () =>
      api.endpoints.ovens
        .select(kitchenId)(store.getState())
        .data?.map(({ data }) => data.name);
    const reads = () => asked.filter(({ what }) => what === `GET ${path}`).length;
    return { store, names, reads };
  };
  const other = { ...oven!, id: '00000000-0000-4000-8000-000000000022' };

  it('is in its list at once, in place of what it was, and the list is not asked for again', async () => {
    const { store, names, reads } = await listed({ [path]: [oven, other], '/kitchens': [] });
    await send(store, put('ovens', renamed));
    await settle();
    expect(names()).toEqual([other.data.name, 'Deck']);
    expect(reads()).toBe(1);
  });

  it('of the kitchen is in the list of kitchens', async () => {
    const { store } = await listed({ [path]: [], '/kitchens': [book.kitchen] });
    await send(store, put('kitchens', { ...book.kitchen.data, name: 'Quay' }), kitchenId);
    const { data } = api.endpoints.kitchens.select()(store.getState());
    expect(data!.map((each) => [each.data.name, each.version])).toEqual([['Quay', 2]]);
  });

  it('and refused as stale has its list asked for again; refused for anything else it has not', async () => {
    const stale = await listed({ [path]: [oven], '/kitchens': [] }, json(409, { error: {} }));
    await send(stale.store, put('ovens', renamed));
    await settle();
    expect([stale.names(), stale.reads()]).toEqual([[oven!.data.name], 2]);
    const wrong = await listed({ [path]: [oven], '/kitchens': [] }, json(422, { error: {} }));
    await send(wrong.store, put('ovens', renamed));
    await settle();
    expect([wrong.names(), wrong.reads()]).toEqual([[oven!.data.name], 1]);
  });

  it('of a bake has the bake asked for again', async () => {
    const path = `/kitchens/${kitchenId}/bakes/${thing}`;
    const at = '2026-11-24T03:00:00.000Z';
    const noted = { readings: [], wobbles: [], deeds: [] };
    const asked = serveBook({
      [path]: { id: thing, version: 1, updatedAt: at, data: begunBake, ...noted },
    });
    const store = createStore();
    await store.dispatch(api.endpoints.bake.initiate({ kitchenId, id: thing }));
    await send(store, put('bakes', begunBake));
    await settle();
    expect(asked.map(({ what }) => what)).toEqual([`GET ${path}`, `PUT ${path}`, `GET ${path}`]);
  });

  it('a tap is among those of its day until it is taken back, without asking for them again', async () => {
    const path = `/kitchens/${kitchenId}/days/${thing}/marks`;
    const first = { ...mark, id: '00000000-0000-4000-8000-000000000032' };
    const asked = serveBook({ [path]: [first] });
    const store = createStore();
    await store.dispatch(api.endpoints.marks.initiate({ kitchenId, id: thing }));
    const marks = () =>
      api.endpoints.marks
        .select({ kitchenId, id: thing })(store.getState())
        .data!.map(({ id }) => id);
    await send(store, { op: 'note', kind: 'marks', entry: mark });
    await send(store, { op: 'note', kind: 'marks', entry: mark });
    expect(marks()).toEqual([first.id, mark.id]);
    await send(store, { op: 'take-back', kind: 'marks', entryId: first.id });
    await settle();
    expect(marks()).toEqual([mark.id]);
    expect(asked.filter(({ what }) => what.startsWith('GET'))).toHaveLength(1);
  });
});

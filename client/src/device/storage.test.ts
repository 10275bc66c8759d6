/** The device's own store where it is late, forbidden or damaged; what it keeps when all is well is asked in root/storage.test.ts. */
import 'fake-indexeddb/auto';
import {
  countAside,
  everythingKept,
  keep,
  putAllAside,
  putAside,
  readAll,
  settled,
} from './storage';

const names = async () => [...(await readAll())!.keys()].sort();

beforeEach(async () => {
  localStorage.clear();
  await keep(new Map(), await names());
});
afterEach(() => {
  jest.restoreAllMocks();
  jest.useRealTimers();
});

describe('records of the earlier storage', () => {
  it('are moved one by one, those of a kind that were kept in one too, and only ours', async () => {
    localStorage.setItem('hollow-moon/settings', '{"theme":"dark"}');
    localStorage.setItem('hollow-moon/bakes', '{"a":{"version":1},"b":null}');
    localStorage.setItem('hollow-moon/drafts/c', '{"version":2}');
    localStorage.setItem('hollow-moon/aside/1/drafts/d', '{"half');
    localStorage.setItem('hollow-moon/drafts/e', '{"half');
    localStorage.setItem('of another', '{}');
    expect([...(await readAll())!].sort()).toEqual([
      // What was put aside stays the text it was.
      ['aside/1/drafts/d', '{"half'],
      ['bakes/a', { version: 1 }],
      ['bakes/b', null],
      ['drafts/c', { version: 2 }],
      ['drafts/e', '{"half'],
      ['settings', { theme: 'dark' }],
    ]);
    expect(Object.keys(localStorage)).toEqual(['of another']);
  });

  it('stay where they are when the new one would not have them', async () => {
    localStorage.setItem('hollow-moon/settings', '{"theme":"dark"}');
    jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    expect((await readAll())!.size).toBe(0);
    expect(Object.keys(localStorage)).toEqual(['hollow-moon/settings']);
  });

  it('may be forbidden, and are none then', async () => {
    await keep(new Map([['settings', { theme: 'light' }]]));
    jest.spyOn(globalThis, 'localStorage', 'get').mockImplementation(() => {
      throw new DOMException('no', 'SecurityError');
    });
    expect([...(await readAll())!.keys()]).toEqual(['settings']);
  });
});

describe('a database that never answers', () => {
  const hang = () => {
    jest.useFakeTimers();
    const request = () => ({});
    const transaction = { commit: request };
    const store = { put: request, getAll: request, getAllKeys: request, transaction };
    jest
      .spyOn(IDBDatabase.prototype, 'transaction')
      .mockReturnValue({ objectStore: () => store } as never);
  };

  it('is done without after three seconds: nothing is kept, and what waits for it goes on', async () => {
    hang();
    let kept: boolean | undefined;
    let read: unknown = 'waiting';
    let on = false;
    void keep(new Map([['a', 1]])).then((done) => (kept = done));
    void settled().then(() => (on = true));
    void readAll().then((all) => (read = all));
    await jest.advanceTimersByTimeAsync(2900);
    expect([kept, on, read]).toEqual([undefined, false, 'waiting']);
    await jest.advanceTimersByTimeAsync(200);
    expect([kept, on, read]).toEqual([false, true, undefined]);
  });
});

it('keeps and forgets in one go, and says that it has', async () => {
  expect(await keep(new Map([['a', 1]]))).toBe(true);
  expect(await keep(new Map([['b', 2]]), ['a'])).toBe(true);
  expect([...(await readAll())!]).toEqual([['b', 2]]);
});

it('puts aside what it is given and counts it; all of it for a fresh start, but nothing twice', async () => {
  jest.spyOn(Date, 'now').mockReturnValue(17);
  await keep(
    new Map<string, unknown>([
      ['drafts/a', 1],
      ['bakes/b', 2],
    ]),
  );
  await putAside(new Map([['drafts/a', 1]]));
  expect(await names()).toEqual(['aside/17/drafts/a', 'bakes/b']);
  await putAllAside();
  expect(await names()).toEqual(['aside/17/bakes/b', 'aside/17/drafts/a']);
  expect(countAside((await readAll())!)).toBe(2);
  expect(countAside(new Map([['bakes/aside', 1]]))).toBe(0);
  expect(JSON.parse(await everythingKept())).toEqual({
    'aside/17/bakes/b': 2,
    'aside/17/drafts/a': 1,
  });
});

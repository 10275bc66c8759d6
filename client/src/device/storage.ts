import { createStore, entries, promisifyRequest, setMany, type UseStore } from 'idb-keyval';

/**
 * What has to outlive a reload, in the browser's own database: a record for each thing, so that two tabs at work on
 * different ones never write over each other's. What cannot be read is put aside, where it can be fetched as a file.
 */
let database: UseStore | undefined;
const opened = (): UseStore => (database ??= createStore('hollow-moon', 'kept'));

/** A database that has not answered by then is done without, ms: one that another tab holds may never open. */
const PATIENCE_MS = 3000;
const late = <T>(instead: T): Promise<T> =>
  new Promise((resolve) => setTimeout(resolve, PATIENCE_MS, instead));

const ASIDE = 'aside/';
const isAside = (name: string): boolean => name.startsWith(ASIDE);

export type Records = ReadonlyMap<string, unknown>;

/** Where records were kept before. */
const EARLIER = 'hollow-moon/';

/** Records of the earlier storage, as far as they can be read; what cannot is there as text. */
function earlierRecords(): Map<string, unknown> {
  const found = new Map<string, unknown>();
  try {
    const from = globalThis.localStorage;
    for (const key of Array.from({ length: from.length }, (_, index) => from.key(index) ?? '')) {
      if (!key.startsWith(EARLIER)) continue;
      const name = key.slice(EARLIER.length);
      const text = from.getItem(key) ?? '';
      try {
        const record: unknown = JSON.parse(text);
        // All of a kind were once kept in one.
        if (name === 'drafts' || name === 'bakes') {
          for (const [id, each] of Object.entries(record as object))
            found.set(`${name}/${id}`, each);
        } else found.set(name, isAside(name) ? text : record);
      } catch {
        found.set(name, text);
      }
    }
  } catch {
    // No such storage, or a forbidden one, has nothing in it.
  }
  return found;
}

/** Takes over what the earlier storage has; it is emptied only once that is kept here. */
async function moveOver(): Promise<void> {
  const earlier = earlierRecords();
  if (earlier.size === 0) return;
  await setMany([...earlier], opened());
  for (const key of Object.keys(globalThis.localStorage)) {
    if (key.startsWith(EARLIER)) globalThis.localStorage.removeItem(key);
  }
}

/** All that is kept here; `undefined` where this browser keeps nothing. */
export async function readAll(): Promise<Records | undefined> {
  const read = async () => {
    await moveOver().catch(() => undefined);
    return new Map(await entries<string, unknown>(opened()));
  };
  try {
    return await Promise.race([read(), late(undefined)]);
  } catch {
    return undefined;
  }
}

/** What is being kept: the database takes changes in the order they are asked for. */
let last: Promise<unknown> = Promise.resolve();

/** Resolves when all that was given to be kept is kept, or refused. */
export const settled = (): Promise<void> => last.then(() => undefined);

/** Puts and deletes in one go, and commits at once: what is asked for is kept even when the page goes away the next moment. */
const change = (records: Records, gone: readonly string[]): Promise<void> =>
  opened()('readwrite', (store) => {
    for (const [name, record] of records) store.put(record, name);
    for (const name of gone) store.delete(name);
    store.transaction.commit();
    return promisifyRequest(store.transaction);
  });

/** Keeps records, and forgets others; says whether that was done: a full or forbidden storage refuses. */
export function keep(records: Records, gone: readonly string[] = []): Promise<boolean> {
  const done = Promise.race([
    Promise.resolve()
      .then(() => change(records, gone))
      .then(
        () => true,
        () => false,
      ),
    // A database that hangs keeps nothing, and must not keep what waits for it from being sent.
    late(false),
  ]);
  last = Promise.all([last, done]);
  return done;
}

/** Puts records out of the way without losing them; ones that find no room there stay where they are. */
export const putAside = async (records: Records): Promise<void> => {
  const at = Date.now();
  const aside = new Map([...records].map(([name, record]) => [`${ASIDE}${at}/${name}`, record]));
  await keep(aside, [...records.keys()]);
};

/** How many records were put aside. */
export const countAside = (records: Records): number => [...records.keys()].filter(isAside).length;

/** All that is kept here, what was put aside too, as the text of a file. */
export async function everythingKept(): Promise<string> {
  await settled();
  return JSON.stringify(Object.fromEntries((await readAll()) ?? []), null, 2);
}

/** Puts all that is kept here aside: a fresh start that loses nothing. */
export async function putAllAside(): Promise<void> {
  await settled();
  const all = (await readAll()) ?? new Map<string, unknown>();
  await putAside(new Map([...all].filter(([name]) => !isAside(name))));
}

/** Takes away what was put aside, once the cook has it or does not want it. */
export async function clearAside(): Promise<void> {
  const all = (await readAll()) ?? new Map<string, unknown>();
  await keep(new Map(), [...all.keys()].filter(isAside));
}

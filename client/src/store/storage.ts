import type { z } from 'zod';

/**
 * What has to outlive a reload, in the browser's own storage: an entry for each record, so that two tabs at work on
 * different ones never write over each other's. Nothing that is read is trusted: what does not fit is put aside, where it
 * can be fetched as a file, and the rest goes on.
 */
const PREFIX = 'hollow-moon/';
const ASIDE = 'aside/';

/** The storage; none where the browser has none, or forbids it. */
function storage(): Storage | undefined {
  try {
    return globalThis.localStorage;
  } catch {
    return undefined;
  }
}

/** Keeps a value under a name; says whether it is kept: a full or forbidden storage refuses. */
export function keep(name: string, value: unknown): boolean {
  const into = storage();
  if (!into) return false;
  try {
    into.setItem(PREFIX + name, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}

export function forget(name: string): void {
  storage()?.removeItem(PREFIX + name);
}

const namesIn = (from: Storage, start: string): string[] =>
  Array.from({ length: from.length }, (_, index) => from.key(index) ?? '')
    .filter((key) => key.startsWith(PREFIX + start))
    .map((key) => key.slice(PREFIX.length))
    .sort();

/** Puts an entry out of the way without losing it; one that finds no room there stays where it is. */
function putAside(from: Storage, name: string): void {
  const text = from.getItem(PREFIX + name) ?? '';
  try {
    from.setItem(`${PREFIX}${ASIDE}${Date.now()}/${name}`, text);
    from.removeItem(PREFIX + name);
  } catch {
    // Read again, and told again, when there is room.
  }
}

/** What a text of the storage says, as far as it fits. */
export function read<T>(text: string, schema: z.ZodType<T>): T | undefined {
  try {
    return schema.safeParse(JSON.parse(text)).data;
  } catch {
    return undefined;
  }
}

/** Reads what was kept under a name, or `undefined`: nothing, or nothing that fits, which is put aside. */
export function recall<T>(name: string, schema: z.ZodType<T>): T | undefined {
  const from = storage();
  const text = from?.getItem(PREFIX + name);
  if (!from || text === null || text === undefined) return undefined;
  const found = read(text, schema);
  if (found === undefined) putAside(from, name);
  return found;
}

/** Reads all records of a kind, by id. Those kept in one entry, as all of a kind once were, are parted first. */
export function recallAll<T>(kind: string, schema: z.ZodType<T>): Record<string, T> {
  const from = storage();
  if (!from) return {};
  const together = from.getItem(PREFIX + kind);
  if (together !== null) {
    try {
      for (const [id, record] of Object.entries(JSON.parse(together) as object)) {
        keep(`${kind}/${id}`, record);
      }
      from.removeItem(PREFIX + kind);
    } catch {
      putAside(from, kind);
    }
  }
  return Object.fromEntries(
    namesIn(from, `${kind}/`).flatMap((name) => {
      const record = recall(name, schema);
      return record === undefined ? [] : [[name.slice(kind.length + 1), record]];
    }),
  );
}

/** Calls back with each entry another tab writes, and with no text where it was taken away. */
export function onArrival(arrived: (name: string, text: string | null) => void): void {
  globalThis.addEventListener?.('storage', (event: Event) => {
    const { key, newValue } = event as StorageEvent;
    if (key?.startsWith(PREFIX)) arrived(key.slice(PREFIX.length), newValue);
  });
}

/** How many entries were put aside. */
export const countAside = (): number => {
  const from = storage();
  return from ? namesIn(from, ASIDE).length : 0;
};

/** All that is kept here, what was put aside too, as the text of a file. */
export function everythingKept(): string {
  const from = storage();
  const names = from ? namesIn(from, '') : [];
  return JSON.stringify(
    Object.fromEntries(names.map((name) => [name, from?.getItem(PREFIX + name)])),
    null,
    2,
  );
}

/** Puts all that is kept here aside: a fresh start that loses nothing. */
export function putAllAside(): void {
  const from = storage();
  if (!from) return;
  for (const name of namesIn(from, '')) if (!name.startsWith(ASIDE)) putAside(from, name);
}

/** Takes away what was put aside, once the cook has it or does not want it. */
export function clearAside(): void {
  const from = storage();
  if (from) for (const name of namesIn(from, ASIDE)) forget(name);
}

/** What has to outlive a reload: the browser's own storage, or nothing where there is none. */
const PREFIX = 'hollow-moon/';

/** Reads what was kept under a name, or `undefined`: absent, unreadable, or no storage. */
export function recall<T>(name: string): T | undefined {
  try {
    const text = globalThis.localStorage?.getItem(PREFIX + name);
    return text ? (JSON.parse(text) as T) : undefined;
  } catch {
    return undefined;
  }
}

/** Keeps a value under a name; a full or forbidden storage is not the cook's concern. */
export function keep(name: string, value: unknown): void {
  try {
    globalThis.localStorage?.setItem(PREFIX + name, JSON.stringify(value));
  } catch {
    // Private windows may refuse: the server still has what was saved.
  }
}

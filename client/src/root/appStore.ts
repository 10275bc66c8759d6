import { sentAgain } from '../outgoing/writes';
import { keepThroughReloads } from './keeping';
import { recall } from './recall';
import { keep, putAside, readAll } from '../device/storage';
import { createStore, type AppStore } from './store';

/** Makes the store of the running application out of what this device keeps, and sends what was left unsent. */
export async function openAppStore(): Promise<AppStore> {
  const records = await readAll();
  const { settings, agenda, drafts, bakes, noted, writes, stale, broken, aside } = recall(
    records ?? new Map(),
  );
  const store = createStore({
    settings,
    agenda,
    drafts,
    bakes,
    noted,
    outgoing: { writes, away: null },
    device: { refuses: records === undefined, aside: aside + broken.size },
  });
  if (broken.size > 0) void putAside(broken);
  if (stale.length > 0) void keep(new Map(), stale);
  keepThroughReloads(store);
  globalThis.addEventListener?.('online', () => store.dispatch(sentAgain()));
  store.dispatch(sentAgain());
  return store;
}

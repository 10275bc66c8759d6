import { agendaTold } from '../alarm/agenda';
import { bakeArrived, putAway } from '../bake/bakes';
import { entryArrived, entryGone } from '../bake/noted';
import { draftArrived, dropped } from '../drafts/drafts';
import { writeArrived } from '../outgoing/writes';
import { api } from '../wire/api';
import { tagsOf } from '../outgoing/send';
import { refusalSeen } from '../device/device';
import { fitting, KINDS, type KeptKind } from './recall';
import { settingsArrived, settingsSchema } from '../state/settings';
import { keep } from '../device/storage';
import type { AppStore } from './store';
import type { RootState } from '../state/state';

/** What tabs tell each other: what one has written, null for what it has taken away. */
type News = readonly (readonly [name: string, record: unknown])[];

type Kept = Readonly<Record<KeptKind, Readonly<Record<string, unknown>>>>;

const keptOf = ({ agenda, drafts, bakes, noted, outgoing }: RootState): Kept => ({
  agenda,
  drafts,
  bakes,
  noted,
  outgoing: outgoing.writes,
});

/** What has changed between two states of what is kept, by name. */
function changesBetween(before: Kept, now: Kept): [string, unknown][] {
  return (Object.keys(KINDS) as KeptKind[]).flatMap((kind) => {
    if (before[kind] === now[kind]) return [];
    const changed = Object.entries(now[kind]).filter(([id, record]) => before[kind][id] !== record);
    const gone = Object.keys(before[kind]).filter((id) => !(id in now[kind]));
    return [
      ...changed.map(([id, record]): [string, unknown] => [`${kind}/${id}`, record]),
      ...gone.map((id): [string, unknown] => [`${kind}/${id}`, null]),
    ];
  });
}

/** Takes over what another tab has. */
function takeOver(store: AppStore, news: News): void {
  const { dispatch } = store;
  for (const [name, record] of news) {
    const [kind = '', id = ''] = name.split('/');
    if (kind === 'settings') {
      const settings = fitting(settingsSchema, record);
      if (settings) dispatch(settingsArrived(settings));
    } else if (kind === 'agenda') {
      const due = fitting(KINDS.agenda, record);
      if (due || record === null) dispatch(agendaTold({ dayId: id, due: due ?? [] }));
    } else if (kind === 'drafts') {
      const draft = fitting(KINDS.drafts, record);
      if (draft) dispatch(draftArrived({ id, draft }));
      else if (record === null) dispatch(dropped(id));
    } else if (kind === 'bakes') {
      const bake = fitting(KINDS.bakes, record);
      if (bake) dispatch(bakeArrived({ id, bake }));
      else if (record === null) dispatch(putAway(id));
    } else if (kind === 'noted') {
      const entry = fitting(KINDS.noted, record);
      if (entry) dispatch(entryArrived(entry));
      else if (record === null) dispatch(entryGone(id));
    } else if (kind === 'outgoing') {
      const write = fitting(KINDS.outgoing, record);
      const before = store.getState().outgoing.writes[id];
      if (write || record === null) dispatch(writeArrived({ id, write: write ?? null }));
      // It has come into the book by another tab: what is shown of it here is asked for again.
      if (record === null && before) dispatch(api.util.invalidateTags(tagsOf(before)));
    }
  }
}

/** The line on which tabs tell each other; none where the browser has none. */
export const openChannel = (): BroadcastChannel | undefined =>
  typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('hollow-moon');

/**
 * Keeps what has to outlive a reload, each record as it changes, tells the other tabs, and takes over what they have.
 * Where the device refuses, that is said for as long as it does. Returns what ends it.
 */
export function keepThroughReloads(store: AppStore, channel = openChannel()): () => void {
  let { settings } = store.getState();
  let kept = keptOf(store.getState());
  /** What another tab has written needs no writing here. */
  let arriving = false;
  const end = store.subscribe(() => {
    const state = store.getState();
    const now = keptOf(state);
    const changes = changesBetween(kept, now);
    if (state.settings !== settings) changes.push(['settings', state.settings]);
    ({ settings } = state);
    kept = now;
    if (arriving || changes.length === 0) return;
    const records = new Map(changes.filter(([, record]) => record !== null));
    const gone = changes.flatMap(([name, record]) => (record === null ? [name] : []));
    void keep(records, gone).then((done) => {
      if (store.getState().device.refuses === done) store.dispatch(refusalSeen(!done));
      // What this device would not keep is worth telling all the same.
      channel?.postMessage(changes satisfies News);
    });
  });
  if (channel) {
    channel.onmessage = ({ data }: MessageEvent<News>) => {
      arriving = true;
      try {
        takeOver(store, data);
      } finally {
        arriving = false;
      }
    };
  }
  return () => {
    end();
    channel?.close();
  };
}

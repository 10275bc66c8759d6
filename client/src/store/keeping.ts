import { bakeArrived, putAway } from '../bake/bakes';
import { keptBakeSchema } from '../bake/keptBake';
import { draftArrived, dropped } from '../formulas/drafts';
import { keptDraftSchema } from '../formulas/keptDraft';
import { asideCounted, refusalSeen } from './device';
import { settingsArrived, settingsSchema } from './settings';
import { forget, keep, onArrival, read } from './storage';
import type { AppStore } from './store';

type Records = Readonly<Record<string, unknown>>;

/** Writes what has changed between two states of a kind of record; says whether all of it is kept. */
function keepRecords(kind: string, before: Records, now: Records): boolean {
  if (before === now) return true;
  let kept = true;
  for (const [id, record] of Object.entries(now)) {
    if (before[id] !== record) kept = keep(`${kind}/${id}`, record) && kept;
  }
  for (const id of Object.keys(before)) if (!(id in now)) forget(`${kind}/${id}`);
  return kept;
}

/**
 * Keeps what has to outlive a reload, each record as it changes, and takes over what another tab keeps. Where the
 * device refuses, that is said for as long as it does.
 */
export function keepThroughReloads(store: AppStore): void {
  let { settings, drafts, bakes } = store.getState();
  /** What another tab has written needs no writing here. */
  let arriving = false;
  store.subscribe(() => {
    const now = store.getState();
    const before = { settings, drafts, bakes };
    ({ settings, drafts, bakes } = now);
    if (arriving) return;
    const changed =
      settings !== before.settings || drafts !== before.drafts || bakes !== before.bakes;
    if (!changed) return;
    const kept = [
      settings === before.settings || keep('settings', settings),
      keepRecords('drafts', before.drafts, drafts),
      keepRecords('bakes', before.bakes, bakes),
    ].every(Boolean);
    if (now.device.refuses === kept) store.dispatch(refusalSeen(!kept));
  });
  onArrival((name, text) => {
    const [kind = '', id = ''] = name.split('/');
    arriving = true;
    try {
      if (kind === 'settings' && text !== null) {
        const arrived = read(text, settingsSchema);
        if (arrived) store.dispatch(settingsArrived(arrived));
      } else if (kind === 'drafts') {
        const draft = text === null ? undefined : read(text, keptDraftSchema);
        if (draft) store.dispatch(draftArrived({ id, draft }));
        else if (text === null) store.dispatch(dropped(id));
      } else if (kind === 'bakes') {
        const bake = text === null ? undefined : read(text, keptBakeSchema);
        if (bake) store.dispatch(bakeArrived({ id, bake }));
        else if (text === null) store.dispatch(putAway(id));
      }
    } finally {
      arriving = false;
    }
  });
  store.dispatch(asideCounted());
}

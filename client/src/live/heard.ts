import type { ChangeEvent } from '@hollow-moon/contract';
import { bakeArrived } from '../bake/bakes';
import { entriesOf, entryArrived, entryGone } from '../bake/noted';
import { waitingOf } from '../outgoing/writes';
import type { AppThunk } from '../state/state';
import { api, LISTED, type Listed } from '../wire/api';

const isListed = (kind: string): kind is Listed => (LISTED as readonly string[]).includes(kind);

/** A bake that is here, and that somebody else has written to, as the book has it now; what is on its way from here comes first. */
const refreshedBake =
  (kitchenId: string, id: string): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const ask = { kitchenId, id };
    const { data: stored } = await dispatch(
      api.endpoints.bake.initiate(ask, { forceRefetch: true, subscribe: false }),
    );
    const { bakes, noted, outgoing } = getState();
    if (!stored || !bakes[id] || waitingOf(outgoing, id).length > 0) return;
    const { version, data } = stored;
    const entries = entriesOf(id, stored);
    const known = new Set(entries.map(({ entry }) => entry.id));
    for (const [entryId, { bakeId }] of Object.entries(noted)) {
      if (bakeId === id && !known.has(entryId)) dispatch(entryGone(entryId));
    }
    for (const entry of entries) dispatch(entryArrived(entry));
    dispatch(bakeArrived({ id, bake: { kitchenId, version, data } }));
  };

/** Shows a bake as it is by now wherever it is shown. One after the other: an answer that is called old meanwhile is none. */
const bakeChanged =
  (kitchenId: string, id: string): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    if (getState().bakes[id]) await dispatch(refreshedBake(kitchenId, id));
    dispatch(api.util.invalidateTags([{ type: 'bakes', id }, 'log']));
  };

/** A thing was written whole: asked for anew where what is here is older. */
const kept =
  (kitchenId: string, { kind, id, version }: Extract<ChangeEvent, { what: 'kept' }>): AppThunk =>
  (dispatch, getState) => {
    const state = getState();
    if (kind === 'bakes') {
      const here = state.bakes[id];
      if (!here || here.version < version) void dispatch(bakeChanged(kitchenId, id));
      return;
    }
    if (!isListed(kind)) return;
    const listed =
      kind === 'kitchens'
        ? api.endpoints.kitchens.select()(state).data
        : api.endpoints[kind].select(kitchenId)(state).data;
    const here = listed?.find((each) => each.id === id);
    if (here && here.version >= version) return;
    dispatch(api.util.invalidateTags([kind, { type: 'versions', id }]));
  };

/** An entry was added to a thing or taken back: asked for anew where that is not so here. */
const noted =
  (
    kitchenId: string,
    { kind, id, entryId, gone }: Extract<ChangeEvent, { what: 'noted' }>,
  ): AppThunk =>
  (dispatch, getState) => {
    const state = getState();
    if (kind === 'marks') {
      const marks = api.endpoints.marks.select({ kitchenId, id })(state).data;
      const here = marks?.some((mark) => mark.id === entryId) ?? gone;
      if (here === gone) dispatch(api.util.invalidateTags([{ type: 'marks', id }]));
      return;
    }
    if (kind === 'pictures') {
      dispatch(api.util.invalidateTags([{ type: 'bakes', id }]));
      return;
    }
    const entry = state.noted[entryId];
    const here = entry !== undefined && !entry.takenBack;
    if (here !== gone) return;
    void dispatch(bakeChanged(kitchenId, id));
  };

/** Takes in that something has changed in the kitchen, by whomever. What this device did itself is here already. */
export const heard = (kitchenId: string, change: ChangeEvent): AppThunk =>
  change.what === 'kept' ? kept(kitchenId, change) : noted(kitchenId, change);

/** Takes in that anything may have changed while nobody listened. */
export const heardNothingFor =
  (kitchenId: string): AppThunk =>
  (dispatch, getState) => {
    const running = Object.entries(getState().bakes).flatMap(([id, bake]) =>
      bake.kitchenId === kitchenId && bake.version > 0
        ? [dispatch(refreshedBake(kitchenId, id))]
        : [],
    );
    void Promise.all(running).then(() =>
      dispatch(api.util.invalidateTags([...LISTED, 'versions', 'log', 'bakes', 'marks'])),
    );
  };

import type { BakeData, StoredBake } from '@hollow-moon/contract';
import { putsWithdrawn, queued, unqueued, waitingOf, type Write } from '../outgoing/writes';
import type { AppThunk, RootState } from '../state/state';
import { notedKey } from './believed';
import { bakeArrived, dataChanged, putAway } from './bakes';
import { toldDay, type SaidOfPull } from './ofDay';
import {
  entriesOf,
  entryArrived,
  entryGone,
  entryTakenBack,
  notedOf,
  type NotedEntry,
} from './noted';

/** Puts a bake as it is now on its way into the book. */
const sendBake =
  (id: string): AppThunk =>
  (dispatch, getState) => {
    const bake = getState().bakes[id];
    if (!bake) return;
    const { kitchenId, version, data } = bake;
    dispatch(queued({ kitchenId, thing: id, work: { op: 'put', kind: 'bakes', version, data } }));
  };

/** Begins a bake: its clock runs here at once, and the book has it as soon as it can be reached. */
export const beginBake =
  (id: string, kitchenId: string, data: BakeData): AppThunk =>
  (dispatch) => {
    dispatch(bakeArrived({ id, bake: { kitchenId, version: 0, data } }));
    dispatch(sendBake(id));
  };

/** Takes up a bake of the book to go on with it here. */
export const takeUp =
  (kitchenId: string, stored: StoredBake): AppThunk =>
  (dispatch, getState) => {
    const { id, version, data } = stored;
    if (getState().bakes[id]) return;
    for (const entry of entriesOf(id, stored)) dispatch(entryArrived(entry));
    dispatch(bakeArrived({ id, bake: { kitchenId, version, data } }));
  };

/** The forecast that readings and deeds have led to by now; none where it stands as it was begun, or has not followed yet. */
function believedNow({ believed, noted }: RootState, id: string): BakeData['believed'] {
  const known = believed[id];
  return known && known.of === notedKey(notedOf(noted, id)) ? known.foreseen : undefined;
}

/** Changes what is said of a bake itself; a day it belongs to is told of its pull, with what else is `said` of that. */
export const changeBake =
  (id: string, change: Partial<BakeData>, said: SaidOfPull = {}): AppThunk =>
  (dispatch, getState) => {
    const bake = getState().bakes[id];
    const { pulledAt } = change;
    // With the pull goes what was believed of it then; put back, it goes on.
    const whole =
      pulledAt === undefined
        ? change
        : { ...change, believed: pulledAt === null ? undefined : believedNow(getState(), id) };
    dispatch(dataChanged({ id, change: whole }));
    dispatch(sendBake(id));
    if (bake) dispatch(toldDay(id, bake, change, said));
  };

/** Notes a reading or a wobble check. */
export const noteOf =
  (id: string, noted: NotedEntry): AppThunk =>
  (dispatch, getState) => {
    const bake = getState().bakes[id];
    if (!bake) return;
    dispatch(entryArrived({ ...noted, bakeId: id, takenBack: false }));
    dispatch(queued({ kitchenId: bake.kitchenId, thing: id, work: { op: 'note', ...noted } }));
  };

/** Takes back what was noted; what nobody has sent is not sent at all. */
export const takeBack =
  (id: string, kind: NotedEntry['kind'], entryId: string): AppThunk =>
  (dispatch, getState) => {
    const { bakes, outgoing } = getState();
    const bake = bakes[id];
    if (!bake) return;
    dispatch(entryTakenBack(entryId));
    const unsent = waitingOf(outgoing, id).find(
      ({ work, tried }) => work.op === 'note' && work.entry.id === entryId && !tried,
    );
    if (unsent) dispatch(unqueued(unsent.id));
    else {
      const work = { op: 'take-back', kind, entryId } as const;
      dispatch(queued({ kitchenId: bake.kitchenId, thing: id, work }));
    }
  };

/** Gives up an entry that the book would not have: what waits behind it can go. */
export const discardEntry =
  ({ id, work }: Pick<Write, 'id' | 'work'>): AppThunk =>
  (dispatch) => {
    dispatch(unqueued(id));
    if (work.op === 'note') dispatch(entryGone(work.entry.id));
  };

/** Gives up how a bake stands here for how it is in the book; what was noted of it goes there all the same. */
export const takeTheBooks =
  (id: string): AppThunk =>
  (dispatch) => {
    dispatch(putsWithdrawn(id));
    dispatch(putAway(id));
  };

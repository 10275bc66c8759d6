import type { MarkData } from '@hollow-moon/contract';
import { v4 as uuid } from 'uuid';
import { queued, unqueued, waitingOf } from '../outgoing/writes';
import type { AppThunk } from '../state/state';

/** The day whose tasks are tapped. */
export interface OfDay {
  readonly kitchenId: string;
  readonly dayId: string;
}

/** What one tap says of a task. */
export type Said = Omit<MarkData, 'id' | 'tap'>;

/** Marks tasks of a day, all of it one tap: shown at once, and in the book as soon as it can be reached. */
export const tapped =
  ({ kitchenId, dayId }: OfDay, said: readonly Said[]): AppThunk =>
  (dispatch) => {
    const tap = uuid();
    for (const each of said) {
      const entry: MarkData = { ...each, id: uuid(), tap };
      dispatch(queued({ kitchenId, thing: dayId, work: { op: 'note', kind: 'marks', entry } }));
    }
  };

/** Takes marks back; what nobody has sent is not sent at all. */
export const takenBack =
  ({ kitchenId, dayId }: OfDay, marks: readonly Pick<MarkData, 'id'>[]): AppThunk =>
  (dispatch, getState) => {
    for (const { id: entryId } of marks) {
      const unsent = waitingOf(getState().outgoing, dayId).find(
        ({ work, tried }) => work.op === 'note' && work.entry.id === entryId && !tried,
      );
      if (unsent) dispatch(unqueued(unsent.id));
      else {
        const work = { op: 'take-back', kind: 'marks', entryId } as const;
        dispatch(queued({ kitchenId, thing: dayId, work }));
      }
    }
  };

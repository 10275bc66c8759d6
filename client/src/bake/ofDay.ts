import type { BakeData, MarkData } from '@hollow-moon/contract';
import { v5 as uuidOf } from 'uuid';
import { queued } from '../outgoing/writes';
import type { AppThunk } from '../state/state';
import type { LocalBake } from './bakes';

/** The pull of a bake is one tap, whoever says it and wherever: its id follows from the bake's. */
export const pullMarkId = (bakeId: string): string => uuidOf('pulled', bakeId);

/** What may be said of a pull besides: who, and what was otherwise than planned. */
export type SaidOfPull = Pick<MarkData, 'by' | 'grams' | 'celsius' | 'note'>;

/** That a bake of a day was pulled, as a tap on its task. */
export const pullMark = (bakeId: string, task: string, at: string, said: SaidOfPull): MarkData => {
  const id = pullMarkId(bakeId);
  return { ...said, id, tap: id, task, kind: 'done', at, bakeId };
};

/** Tells the day a bake belongs to that it was pulled, or put back. */
export const toldDay =
  (
    id: string,
    { kitchenId, data }: LocalBake,
    change: Partial<BakeData>,
    said: SaidOfPull,
  ): AppThunk =>
  (dispatch) => {
    if (!data.ofDay || change.pulledAt === undefined || change.pulledAt === data.pulledAt) return;
    const { dayId: thing, task } = data.ofDay;
    const work =
      change.pulledAt === null
        ? ({ op: 'take-back', kind: 'marks', entryId: pullMarkId(id) } as const)
        : ({
            op: 'note',
            kind: 'marks',
            entry: pullMark(id, task, change.pulledAt, said),
          } as const);
    dispatch(queued({ kitchenId, thing, work }));
  };

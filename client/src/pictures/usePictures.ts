import type { ShownPicture } from '@hollow-moon/contract';
import { useCallback, useMemo } from 'react';
import { v4 as uuid } from 'uuid';
import { queued, unqueued, waitingOf } from '../outgoing/writes';
import { useAppDispatch, useAppSelector } from '../state/state';
import { usePicturesQuery } from '../wire/api';
import type { Shrunk } from './shrink';

/** A picture of a bake and where it is shown from: the book, or this device while it is on its way. */
export interface Picture extends ShownPicture {
  readonly source: string;
}

export interface Pictures {
  readonly pictures: readonly Picture[];
  /** The book cannot be asked which it has. */
  readonly away: boolean;
  readonly add: (picture: Shrunk) => void;
  readonly remove: (id: string) => void;
}

/** The pictures of a bake as they will be when what is on its way has come into the book. */
export function usePictures(kitchenId: string, bakeId: string): Pictures {
  const dispatch = useAppDispatch();
  const outgoing = useAppSelector((state) => state.outgoing);
  const waiting = useMemo(() => waitingOf(outgoing, bakeId), [outgoing, bakeId]);
  const { data: kept = [], isError: away } = usePicturesQuery({ kitchenId, id: bakeId });
  const pictures = useMemo((): Picture[] => {
    const gone = new Set(
      waiting.flatMap(({ work }) => (work.op === 'take-back' ? [work.entryId] : [])),
    );
    const coming = waiting.flatMap(({ work }): Picture[] => {
      if (work.op !== 'note' || work.kind !== 'pictures') return [];
      const { jpeg, ...shown } = work.entry;
      return [{ ...shown, source: `data:image/jpeg;base64,${jpeg}` }];
    });
    const here = kept.map((each) => ({
      ...each,
      source: `/api/kitchens/${kitchenId}/bakes/${bakeId}/pictures/${each.id}`,
    }));
    const known = new Set(here.map(({ id }) => id));
    return [...here, ...coming.filter(({ id }) => !known.has(id))].filter(
      ({ id }) => !gone.has(id),
    );
  }, [waiting, kept, kitchenId, bakeId]);
  const add = useCallback(
    (picture: Shrunk) => {
      const entry = { ...picture, id: uuid(), at: new Date().toISOString() };
      const work = { op: 'note', kind: 'pictures', entry } as const;
      dispatch(queued({ kitchenId, thing: bakeId, work }));
    },
    [dispatch, kitchenId, bakeId],
  );
  const remove = useCallback(
    (entryId: string) => {
      const unsent = waiting.find(
        ({ work, tried }) => work.op === 'note' && work.entry.id === entryId && !tried,
      );
      if (unsent) dispatch(unqueued(unsent.id));
      else {
        const work = { op: 'take-back', kind: 'pictures', entryId } as const;
        dispatch(queued({ kitchenId, thing: bakeId, work }));
      }
    },
    [dispatch, kitchenId, bakeId, waiting],
  );
  return { pictures, away, add, remove };
}

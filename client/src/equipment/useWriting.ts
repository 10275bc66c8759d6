import { useCallback } from 'react';
import { queued, type Put } from '../outgoing/writes';
import type { ResourceKind } from '../wire/resources';
import { useAppDispatch } from '../state/state';

/**
 * Writing one thing of the kitchen from a form, which is done with once it is on its way: lists show it from then on, and
 * what the book would not have is settled at the top of the screen, both sides in view.
 */
export function useWriting(
  kind: ResourceKind,
  kitchenId: string,
  thing: string,
): (data: unknown, version: number, how?: Pick<Put, 'unasked' | 'base'>) => void {
  const dispatch = useAppDispatch();
  return useCallback(
    (data, version, how) =>
      void dispatch(queued({ kitchenId, thing, work: { op: 'put', kind, version, data, ...how } })),
    [dispatch, kind, kitchenId, thing],
  );
}

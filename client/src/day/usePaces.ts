import { ownPaces, type OwnPace } from '@hollow-moon/core/planning';
import { useMemo } from 'react';
import { useTookQuery } from '../wire/api';

/** How this kitchen does each kind of work, by what was tapped; `undefined` until the book has said. */
export function usePaces(kitchenId: string): readonly OwnPace[] | undefined {
  const { data } = useTookQuery(kitchenId, { refetchOnMountOrArgChange: true });
  return useMemo(() => data && ownPaces(data), [data]);
}

import type { Kitchen, StoredFormula, StoredOven, StoredVessel } from '@hollow-moon/contract';
import { useMemo } from 'react';
import { useFormulasQuery, useKitchensQuery, useOvensQuery, useVesselsQuery } from './api';

/** The kitchen and everything in it that screens choose from. */
export interface KitchenBook {
  readonly kitchen: Kitchen;
  readonly formulas: readonly StoredFormula[];
  readonly vessels: readonly StoredVessel[];
  readonly ovens: readonly StoredOven[];
}

export type Loading<T> =
  | { readonly state: 'loading' }
  | { readonly state: 'away'; readonly again: () => void }
  | { readonly state: 'here'; readonly value: T };

/** Opens the kitchen's book; until there is a sign-in there is one kitchen, the first. */
export function useKitchenBook(): Loading<KitchenBook> {
  const kitchens = useKitchensQuery();
  const kitchen = kitchens.data?.[0];
  const id = kitchen?.id ?? '';
  const skip = { skip: kitchen === undefined };
  const formulas = useFormulasQuery(id, skip);
  const vessels = useVesselsQuery(id, skip);
  const ovens = useOvensQuery(id, skip);
  const book = useMemo(
    (): KitchenBook | undefined =>
      kitchen && formulas.data && vessels.data && ovens.data
        ? { kitchen, formulas: formulas.data, vessels: vessels.data, ovens: ovens.data }
        : undefined,
    [kitchen, formulas.data, vessels.data, ovens.data],
  );
  if (book) return { state: 'here', value: book };
  const queries = [kitchens, formulas, vessels, ovens];
  if (queries.some((query) => query.isError)) {
    return {
      state: 'away',
      again: () => {
        for (const query of queries) if (query.isError) void query.refetch();
      },
    };
  }
  return { state: 'loading' };
}

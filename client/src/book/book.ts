import { say } from '@hollow-moon/words';
import {
  ownIngredients,
  type FormulaData,
  type Kitchen,
  type PantryItem,
  type StoredFormula,
  type StoredOven,
  type StoredVessel,
  type VesselData,
} from '@hollow-moon/contract';
import {
  catalogueWith,
  findAmong,
  packsOf,
  pricesPerG,
  type FindIngredient,
  type Ingredient,
  type Pack,
} from '@hollow-moon/core';
import { useEffect, useMemo } from 'react';
import { useWrites } from '../outgoing/useWrites';
import { dataUnderWay, type Write } from '../outgoing/writes';
import {
  useFormulasQuery,
  useKitchensQuery,
  useOvensQuery,
  usePantryQuery,
  useVesselsQuery,
} from '../wire/api';
import { kitchenOpened } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/state';

/** The kitchen and everything in it that screens choose from. */
export interface KitchenBook {
  readonly kitchen: Kitchen;
  readonly formulas: readonly StoredFormula[];
  readonly vessels: readonly StoredVessel[];
  readonly ovens: readonly StoredOven[];
  readonly pantry: readonly PantryItem[];
  /** The kitchen's own ingredients, and the whole catalogue with them in it, by name. */
  readonly own: readonly Ingredient[];
  readonly catalogue: readonly Ingredient[];
  readonly find: FindIngredient;
  /** The catalogue as a list to choose from. */
  readonly ingredientOptions: readonly { readonly value: string; readonly label: string }[];
  /** Money for a gram, by ingredient. */
  readonly prices: ReadonlyMap<string, number>;
  /** What each thing is sold in, by ingredient. */
  readonly packs: ReadonlyMap<string, Pack>;
  readonly formulaOf: (id: string) => FormulaData | undefined;
}

/** Tins or ovens to choose from: those in use, and the one that is chosen even where it has been put away. */
export const optionsOf = (
  things: readonly (StoredVessel | StoredOven)[],
  chosen: string | null,
): { value: string; label: string }[] =>
  things
    .filter(({ id, data }) => !data.archived || id === chosen)
    .map(({ id, data }) => ({
      value: id,
      label: data.archived ? say('book.put-away', { name: data.name }) : data.name,
    }));

/** Up to this width a tin is for one, mm. Common practice. */
export const FOR_ONE_MM = 130;

/** Portions of a tin that nobody has said anything of. */
const PORTIONS = { one: 1, many: 8 } as const;

/** A formula in another tin; a tin for one has one portion, and one for many no longer has it. */
export function inVessel(
  data: FormulaData,
  vesselId: string | null,
  vessels: readonly StoredVessel[],
  /** What it is, where it is too new to be among them. */
  made?: VesselData,
): FormulaData {
  const vessel = made ?? vessels.find((each) => each.id === vesselId)?.data;
  if (!vessel) return { ...data, vesselId };
  const single = vessel.topDiameterMm <= FOR_ONE_MM;
  const usual = single ? PORTIONS.many : PORTIONS.one;
  // "Serves six" in a pot for one is six pots.
  if (single && data.vesselCount === 1 && data.portionsEach >= 4 && data.portionsEach !== usual) {
    return { ...data, vesselId, vesselCount: data.portionsEach, portionsEach: PORTIONS.one };
  }
  return {
    ...data,
    vesselId,
    portionsEach:
      data.portionsEach === usual ? (single ? PORTIONS.one : PORTIONS.many) : data.portionsEach,
  };
}

type Stored = Pick<KitchenBook, 'kitchen' | 'formulas' | 'vessels' | 'ovens' | 'pantry'>;

/** The book of a kitchen, with all that is found through it. */
export function bookOf(stored: Stored): KitchenBook {
  const inUse = stored.pantry.filter(({ data }) => !data.archived);
  const own = ownIngredients(inUse);
  const find = findAmong(own);
  const formulas = new Map(stored.formulas.map(({ id, data }) => [id, data]));
  const priced = inUse.flatMap(({ data: { ingredientId, price } }) =>
    price ? [{ ingredientId, ...price }] : [],
  );
  const catalogue = [...catalogueWith(own)].sort((a, b) => a.name.localeCompare(b.name));
  return {
    ...stored,
    own,
    catalogue,
    ingredientOptions: catalogue.map(({ id, name }) => ({ value: id, label: name })),
    find,
    prices: pricesPerG(priced, stored.kitchen.data.eggGrade, find),
    packs: packsOf(priced, stored.kitchen.data.eggGrade, find),
    formulaOf: (id) => formulas.get(id),
  };
}

/** A list as it will be when what is on its way has come into the book. */
export function withUnderWay<T extends { readonly id: string; readonly data: unknown }>(
  stored: readonly T[],
  underWay: ReadonlyMap<string, unknown>,
): readonly T[] {
  if (underWay.size === 0) return stored;
  const known = stored.map((each) =>
    underWay.has(each.id) ? { ...each, data: underWay.get(each.id) } : each,
  );
  const added = [...underWay].flatMap(([id, data]) =>
    stored.some((each) => each.id === id)
      ? []
      : [{ id, version: 0, updatedAt: '', data } as unknown as T],
  );
  return [...known, ...added];
}

export type Loading<T> =
  | { readonly state: 'loading' }
  /** It could not be asked; `again` asks what has not been answered and is not being asked already. */
  | { readonly state: 'away'; readonly again: () => void }
  | { readonly state: 'here'; readonly value: T };

/** What a book is made of that is written whole; formulas have their drafts. */
const OF_BOOK: ReadonlySet<string> = new Set(['kitchens', 'vessels', 'ovens', 'pantry']);
const isOfBook = ({ work: { kind } }: Write): boolean => OF_BOOK.has(kind);

/** Opens the kitchen's book: of the kitchen that was open here last, else the first there is. */
export function useKitchenBook(): Loading<KitchenBook> {
  const dispatch = useAppDispatch();
  const last = useAppSelector((state) => state.settings.kitchenId);
  const kitchens = useKitchensQuery();
  const kitchen = kitchens.data?.find((each) => each.id === last) ?? kitchens.data?.[0];
  const id = kitchen?.id ?? '';
  useEffect(() => {
    if (id !== '' && id !== last) dispatch(kitchenOpened(id));
  }, [dispatch, id, last]);
  const writes = useWrites(isOfBook);
  const skip = { skip: kitchen === undefined };
  const formulas = useFormulasQuery(id, skip);
  const vessels = useVesselsQuery(id, skip);
  const ovens = useOvensQuery(id, skip);
  const pantry = usePantryQuery(id, skip);
  const book = useMemo(
    (): KitchenBook | undefined =>
      kitchen && formulas.data && vessels.data && ovens.data && pantry.data
        ? bookOf({
            kitchen: withUnderWay([kitchen], dataUnderWay(writes, 'kitchens'))[0]!,
            formulas: formulas.data,
            vessels: withUnderWay(vessels.data, dataUnderWay(writes, 'vessels')),
            ovens: withUnderWay(ovens.data, dataUnderWay(writes, 'ovens')),
            pantry: withUnderWay(pantry.data, dataUnderWay(writes, 'pantry')),
          })
        : undefined,
    [kitchen, formulas.data, vessels.data, ovens.data, pantry.data, writes],
  );
  if (book) return { state: 'here', value: book };
  // While it is asked again, it is still away.
  const missed = [kitchens, formulas, vessels, ovens, pantry].filter(
    ({ error, data }) => error !== undefined && data === undefined,
  );
  if (missed.length > 0) {
    return {
      state: 'away',
      again: () => {
        for (const query of missed) if (!query.isFetching) void query.refetch();
      },
    };
  }
  return { state: 'loading' };
}

import {
  bakePageSchema,
  bakeSchema,
  daySchema,
  formulaSchema,
  formulaVersionSchema,
  kitchenSchema,
  markSchema,
  orderSchema,
  ovenSchema,
  pantryItemSchema,
  shownPictureSchema,
  tookSchema,
  vesselSchema,
  type BakePage,
  type BakeSearch,
  type FormulaVersion,
  type Kitchen,
  type MarkData,
  type ShownPicture,
  type StoredBake,
} from '@hollow-moon/contract';
import type { Took } from '@hollow-moon/core';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type { z } from 'zod';

export interface OneOf {
  readonly kitchenId: string;
  readonly id: string;
}

/** Parses at the edge: what does not fit the contract is an error, not a surprise further in. */
const as =
  <T extends z.ZodType>(schema: T) =>
  (response: unknown): z.infer<T> =>
    schema.parse(response);

/** The lists of the book. */
export const LISTED = [
  'kitchens',
  'formulas',
  'vessels',
  'ovens',
  'pantry',
  'days',
  'orders',
] as const;
export type Listed = (typeof LISTED)[number];

export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api', timeout: 15_000 }),
  tagTypes: [...LISTED, 'versions', 'log', 'bakes', 'marks'],
  endpoints: (build) => {
    const listOf = <T extends z.ZodType>(kind: Listed, schema: T) =>
      build.query<z.infer<T>[], string>({
        query: (kitchenId) => `/kitchens/${kitchenId}/${kind}`,
        transformResponse: as(schema.array()),
        providesTags: [kind],
      });
    return {
      kitchens: build.query<Kitchen[], void>({
        query: () => '/kitchens',
        transformResponse: as(kitchenSchema.array()),
        providesTags: ['kitchens'],
      }),
      formulas: listOf('formulas', formulaSchema),
      vessels: listOf('vessels', vesselSchema),
      ovens: listOf('ovens', ovenSchema),
      pantry: listOf('pantry', pantryItemSchema),
      days: listOf('days', daySchema),
      orders: listOf('orders', orderSchema),
      versions: build.query<FormulaVersion[], OneOf>({
        query: ({ kitchenId, id }) => `/kitchens/${kitchenId}/formulas/${id}/versions`,
        transformResponse: as(formulaVersionSchema.array()),
        providesTags: (_result, _error, { id }) => [{ type: 'versions', id }],
      }),
      log: build.infiniteQuery<BakePage, { kitchenId: string } & BakeSearch, string | null>({
        infiniteQueryOptions: {
          initialPageParam: null,
          getNextPageParam: ({ next }) => next ?? undefined,
        },
        query: ({ queryArg: { kitchenId, ...search }, pageParam }) => ({
          url: `/kitchens/${kitchenId}/bakes`,
          params: { ...search, ...(pageParam === null ? {} : { after: pageParam }) },
        }),
        transformResponse: as(bakePageSchema),
        providesTags: ['log'],
      }),
      marks: build.query<MarkData[], OneOf>({
        query: ({ kitchenId, id }) => `/kitchens/${kitchenId}/days/${id}/marks`,
        transformResponse: as(markSchema.array()),
        providesTags: (_result, _error, { id }) => [{ type: 'marks', id }],
      }),
      pictures: build.query<ShownPicture[], OneOf>({
        query: ({ kitchenId, id }) => `/kitchens/${kitchenId}/bakes/${id}/pictures`,
        transformResponse: as(shownPictureSchema.array()),
        providesTags: (_result, _error, { id }) => [{ type: 'bakes', id }],
      }),
      took: build.query<Took[], string>({
        query: (kitchenId) => `/kitchens/${kitchenId}/took`,
        transformResponse: as(tookSchema.array()),
        // What is tapped while a day is worked is in it the next time it is asked for.
        keepUnusedDataFor: 0,
      }),
      bake: build.query<StoredBake, OneOf>({
        query: ({ kitchenId, id }) => `/kitchens/${kitchenId}/bakes/${id}`,
        transformResponse: as(bakeSchema),
        providesTags: (_result, _error, { id }) => [{ type: 'bakes', id }],
      }),
    };
  },
});

export const {
  useKitchensQuery,
  useFormulasQuery,
  useVesselsQuery,
  useOvensQuery,
  usePantryQuery,
  useDaysQuery,
  useOrdersQuery,
  useVersionsQuery,
  useLogInfiniteQuery,
  useBakeQuery,
  useMarksQuery,
  useTookQuery,
  usePicturesQuery,
} = api;

declare module '../state/state' {
  interface RootState {
    readonly api: ReturnType<typeof api.reducer>;
  }
}

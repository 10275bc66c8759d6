import {
  apiErrorSchema,
  bakeSchema,
  formulaSchema,
  kitchenSchema,
  ovenSchema,
  vesselSchema,
  type ApiError,
  type BakeData,
  type BakeSearch,
  type FormulaData,
  type Kitchen,
  type KitchenData,
  type OvenData,
  type StoredBake,
  type StoredFormula,
  type StoredOven,
  type StoredVessel,
  type VesselData,
  formulaVersionSchema,
  pantryItemSchema,
  type FormulaVersion,
  type PantryData,
  type PantryItem,
} from '@hollow-moon/contract';
import { createApi, fetchBaseQuery, type FetchBaseQueryError } from '@reduxjs/toolkit/query/react';
import type { z } from 'zod';

/** A write to one thing of a kitchen. */
export interface WriteRequest<Data> {
  readonly kitchenId: string;
  readonly id: string;
  readonly writeId: string;
  readonly version: number;
  readonly data: Data;
  readonly why?: string;
}

interface OneOf {
  readonly kitchenId: string;
  readonly id: string;
}

export type Refused = ApiError['error'];

const AWAY: Refused = {
  code: 'away',
  message: 'The kitchen’s book cannot be reached. Try again when it can.',
};

/** What the server said against a request, in its one shape; no answer at all is a shape of ours. */
export function refusalFrom(error: FetchBaseQueryError | undefined): Refused {
  const parsed = apiErrorSchema.safeParse(error?.data);
  return parsed.success ? parsed.data.error : AWAY;
}

const bodyOf = <Data>({ writeId, version, data, why }: WriteRequest<Data>) => ({
  writeId,
  version,
  data,
  ...(why ? { why } : {}),
});

/** Parses at the edge: what does not fit the contract is an error, not a surprise further in. */
const as =
  <T extends z.ZodType>(schema: T) =>
  (response: unknown): z.infer<T> =>
    schema.parse(response);

export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api', timeout: 15_000 }),
  tagTypes: ['kitchen', 'formula', 'vessel', 'oven', 'pantry', 'bake'],
  endpoints: (build) => ({
    kitchens: build.query<Kitchen[], void>({
      query: () => '/kitchens',
      transformResponse: as(kitchenSchema.array()),
      providesTags: ['kitchen'],
    }),
    formulas: build.query<StoredFormula[], string>({
      query: (kitchenId) => `/kitchens/${kitchenId}/formulas`,
      transformResponse: as(formulaSchema.array()),
      providesTags: ['formula'],
    }),
    vessels: build.query<StoredVessel[], string>({
      query: (kitchenId) => `/kitchens/${kitchenId}/vessels`,
      transformResponse: as(vesselSchema.array()),
      providesTags: ['vessel'],
    }),
    ovens: build.query<StoredOven[], string>({
      query: (kitchenId) => `/kitchens/${kitchenId}/ovens`,
      transformResponse: as(ovenSchema.array()),
      providesTags: ['oven'],
    }),
    pantry: build.query<PantryItem[], string>({
      query: (kitchenId) => `/kitchens/${kitchenId}/pantry`,
      transformResponse: as(pantryItemSchema.array()),
      providesTags: ['pantry'],
    }),
    versions: build.query<FormulaVersion[], OneOf>({
      query: ({ kitchenId, id }) => `/kitchens/${kitchenId}/formulas/${id}/versions`,
      transformResponse: as(formulaVersionSchema.array()),
      providesTags: ['formula'],
    }),
    bakes: build.query<StoredBake[], { kitchenId: string } & BakeSearch>({
      query: ({ kitchenId, ...search }) => ({
        url: `/kitchens/${kitchenId}/bakes`,
        params: search,
      }),
      transformResponse: as(bakeSchema.array()),
      providesTags: ['bake'],
    }),
    bake: build.query<StoredBake, OneOf>({
      query: ({ kitchenId, id }) => `/kitchens/${kitchenId}/bakes/${id}`,
      transformResponse: as(bakeSchema),
      providesTags: ['bake'],
    }),
    putKitchen: build.mutation<Kitchen, Omit<WriteRequest<KitchenData>, 'kitchenId'>>({
      query: (write) => ({
        url: `/kitchens/${write.id}`,
        method: 'PUT',
        body: { writeId: write.writeId, version: write.version, data: write.data },
      }),
      transformResponse: as(kitchenSchema),
      invalidatesTags: (_, error) => (error && error.status !== 409 ? [] : ['kitchen']),
    }),
    putFormula: build.mutation<StoredFormula, WriteRequest<FormulaData>>({
      query: (write) => ({
        url: `/kitchens/${write.kitchenId}/formulas/${write.id}`,
        method: 'PUT',
        body: bodyOf(write),
      }),
      transformResponse: as(formulaSchema),
      invalidatesTags: (_, error) => (error ? [] : ['formula']),
    }),
    putVessel: build.mutation<StoredVessel, WriteRequest<VesselData>>({
      query: (write) => ({
        url: `/kitchens/${write.kitchenId}/vessels/${write.id}`,
        method: 'PUT',
        body: bodyOf(write),
      }),
      transformResponse: as(vesselSchema),
      invalidatesTags: (_, error) => (error && error.status !== 409 ? [] : ['vessel']),
    }),
    putOven: build.mutation<StoredOven, WriteRequest<OvenData>>({
      query: (write) => ({
        url: `/kitchens/${write.kitchenId}/ovens/${write.id}`,
        method: 'PUT',
        body: bodyOf(write),
      }),
      transformResponse: as(ovenSchema),
      invalidatesTags: (_, error) => (error && error.status !== 409 ? [] : ['oven']),
    }),
    putPantry: build.mutation<PantryItem, WriteRequest<PantryData>>({
      query: (write) => ({
        url: `/kitchens/${write.kitchenId}/pantry/${write.id}`,
        method: 'PUT',
        body: bodyOf(write),
      }),
      transformResponse: as(pantryItemSchema),
      invalidatesTags: (_, error) => (error && error.status !== 409 ? [] : ['pantry']),
    }),
    putBake: build.mutation<StoredBake, WriteRequest<BakeData>>({
      query: (write) => ({
        url: `/kitchens/${write.kitchenId}/bakes/${write.id}`,
        method: 'PUT',
        body: bodyOf(write),
      }),
      transformResponse: as(bakeSchema),
      invalidatesTags: (_, error) => (error ? [] : ['bake']),
    }),
  }),
});

/** Puts a formula that was just written into the list at once, before the list is asked for again. */
export const formulaWritten = (kitchenId: string, stored: StoredFormula) =>
  api.util.updateQueryData('formulas', kitchenId, (list) => [
    ...list.filter((each) => each.id !== stored.id),
    stored,
  ]);

export const {
  useKitchensQuery,
  useFormulasQuery,
  useVesselsQuery,
  useOvensQuery,
  usePantryQuery,
  useVersionsQuery,
  useBakesQuery,
  useBakeQuery,
  usePutKitchenMutation,
  usePutFormulaMutation,
  usePutVesselMutation,
  usePutOvenMutation,
  usePutPantryMutation,
} = api;

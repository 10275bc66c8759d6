import {
  apiErrorSchema,
  bakeDataSchema,
  bakePageSchema,
  bakeSchema,
  formulaSchema,
  formulaVersionSchema,
  kitchenSchema,
  ovenSchema,
  pantryItemSchema,
  storedSchema,
  vesselSchema,
  type ApiError,
  type BakePage,
  type BakeSearch,
  type FormulaVersion,
  type Kitchen,
  type StoredBake,
} from '@hollow-moon/contract';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type { z } from 'zod';
import type { Write } from '../outgoing/writes';

/** The things of the book that are written whole. */
export const RESOURCES = {
  kitchens: kitchenSchema,
  formulas: formulaSchema,
  vessels: vesselSchema,
  ovens: ovenSchema,
  pantry: pantryItemSchema,
  bakes: storedSchema.extend({ data: bakeDataSchema }),
} as const;
export type ResourceKind = keyof typeof RESOURCES;
/** One of them as the book has it. */
export type StoredThing = z.infer<(typeof RESOURCES)[ResourceKind]>;

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
export function refusalFrom(error: unknown): Refused {
  const parsed = apiErrorSchema.safeParse((error as { readonly data?: unknown }).data);
  return parsed.success ? parsed.data.error : AWAY;
}

/** Parses at the edge: what does not fit the contract is an error, not a surprise further in. */
const as =
  <T extends z.ZodType>(schema: T) =>
  (response: unknown): z.infer<T> =>
    schema.parse(response);

/** Where a write goes, and what is sent. */
function requestOf({ id, kitchenId, thing, work }: Write) {
  const kitchen = `/kitchens/${kitchenId}`;
  switch (work.op) {
    case 'put': {
      const { kind, version, data, why } = work;
      const body = { writeId: id, version, data, ...(why ? { why } : {}) };
      return {
        url: kind === 'kitchens' ? kitchen : `${kitchen}/${kind}/${thing}`,
        method: 'PUT',
        body,
      };
    }
    case 'note':
      return { url: `${kitchen}/bakes/${thing}/${work.kind}`, method: 'POST', body: work.entry };
    case 'take-back':
      return {
        url: `${kitchen}/bakes/${thing}/${work.kind}/${work.entryId}`,
        method: 'DELETE',
        headers: { 'Content-Type': 'application/json' },
      };
  }
}

/** What was written is shown at once in the list it belongs to, before that is asked for again. */
const LISTED = ['kitchens', 'formulas', 'vessels', 'ovens', 'pantry'] as const;
type Listed = (typeof LISTED)[number];
const isListed = (kind: ResourceKind): kind is Listed =>
  (LISTED as readonly string[]).includes(kind);

const WHEN_STALE = 409;

type Tag = Listed | 'log' | { readonly type: 'bakes' | 'versions'; readonly id: string };

/** What shows the thing of a write: the list it is in first. */
export function tagsOf({ thing, work }: Pick<Write, 'thing' | 'work'>): Tag[] {
  if (work.op !== 'put' || !isListed(work.kind)) return [{ type: 'bakes', id: thing }, 'log'];
  return [
    work.kind,
    ...(work.kind === 'formulas' ? [{ type: 'versions', id: thing } as const] : []),
  ];
}

export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api', timeout: 15_000 }),
  tagTypes: [...LISTED, 'versions', 'log', 'bakes'],
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
      bake: build.query<StoredBake, OneOf>({
        query: ({ kitchenId, id }) => `/kitchens/${kitchenId}/bakes/${id}`,
        transformResponse: as(bakeSchema),
        providesTags: (_result, _error, { id }) => [{ type: 'bakes', id }],
      }),
      /** One write of the queue; null for what has no version. */
      send: build.mutation<StoredThing | null, Write>({
        query: requestOf,
        transformResponse: (response, _, { work }) =>
          work.op === 'put' ? RESOURCES[work.kind].parse(response) : null,
        async onQueryStarted({ kitchenId, work }, { dispatch, queryFulfilled }) {
          if (work.op !== 'put' || !isListed(work.kind)) return;
          const { kind } = work;
          try {
            const { data: stored } = await queryFulfilled;
            if (stored) dispatch(written(kind, kitchenId, stored));
          } catch {
            // Whoever sent it is told.
          }
        },
        invalidatesTags: (_, error, write) => {
          // The list has it already; where it was changed elsewhere the list is behind.
          const [first, ...rest] = tagsOf(write);
          const listed = write.work.op === 'put' && isListed(write.work.kind);
          if (error) return listed && error.status === WHEN_STALE && first ? [first] : [];
          return listed ? rest : tagsOf(write);
        },
      }),
    };
  },
});

/** Puts a thing that was just written into its list. */
const written = (kind: Listed, kitchenId: string, stored: StoredThing) =>
  api.util.updateQueryData(
    kind,
    // Kitchens are listed for no kitchen.
    kind === 'kitchens' ? undefined : kitchenId,
    (list: readonly StoredThing[]) =>
      [...list.filter((each) => each.id !== stored.id), stored] as never,
  );

export const {
  useKitchensQuery,
  useFormulasQuery,
  useVesselsQuery,
  useOvensQuery,
  usePantryQuery,
  useVersionsQuery,
  useLogInfiniteQuery,
  useBakeQuery,
} = api;

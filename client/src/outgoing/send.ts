import { api, LISTED, type Listed } from '../wire/api';
import { RESOURCES, type ResourceKind, type StoredThing } from '../wire/resources';
import type { Write } from './writes';

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

/** The book's interface with the one way to write: each write of the queue, in its turn. */
export const sendApi = api.injectEndpoints({
  endpoints: (build) => ({
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
  }),
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

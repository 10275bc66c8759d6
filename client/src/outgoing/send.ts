import { api, LISTED, type Listed, type OneOf } from '../wire/api';
import { RESOURCES, type ResourceKind, type StoredThing } from '../wire/resources';
import type { Work, Write } from './writes';

/** What a note is of, as it stands in addresses. */
const notedOf = (
  kind: 'readings' | 'wobbles' | 'deeds' | 'marks' | 'pictures',
): 'bakes' | 'days' => (kind === 'marks' ? 'days' : 'bakes');

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
      return {
        url: `${kitchen}/${notedOf(work.kind)}/${thing}/${work.kind}`,
        method: 'POST',
        body: work.entry,
      };
    case 'take-back':
      return {
        url: `${kitchen}/${notedOf(work.kind)}/${thing}/${work.kind}/${work.entryId}`,
        method: 'DELETE',
        headers: { 'Content-Type': 'application/json' },
      };
  }
}

/** What was written is shown at once in the list it belongs to, before that is asked for again. */
const isListed = (kind: ResourceKind): kind is Listed =>
  (LISTED as readonly string[]).includes(kind);

const WHEN_STALE = 409;

type Tag = Listed | 'log' | { readonly type: 'bakes' | 'versions' | 'marks'; readonly id: string };

/** What shows the thing of a write: the list it is in first. */
export function tagsOf({ thing, work }: Pick<Write, 'thing' | 'work'>): Tag[] {
  if (work.kind === 'marks') return [{ type: 'marks', id: thing }];
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
      async onQueryStarted({ kitchenId, thing, work }, { dispatch, queryFulfilled }) {
        if (work.kind !== 'marks' && (work.op !== 'put' || !isListed(work.kind))) return;
        try {
          const { data: stored } = await queryFulfilled;
          if (work.op !== 'put') dispatch(tapped({ kitchenId, id: thing }, work));
          else if (stored && isListed(work.kind)) dispatch(written(work.kind, kitchenId, stored));
        } catch {
          // Whoever sent it is told.
        }
      },
      invalidatesTags: (_, error, write) => {
        // The list has it already; where it was changed elsewhere the list is behind.
        const [first, ...rest] = tagsOf(write);
        const { kind, op } = write.work;
        const listed = kind === 'marks' || (op === 'put' && isListed(kind));
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

/** Puts a tap among those of its day, or takes it away. */
const tapped = (of: OneOf, work: Exclude<Work, { readonly op: 'put' }>) =>
  api.util.updateQueryData('marks', of, (marks) => {
    const id = work.op === 'note' ? work.entry.id : work.entryId;
    const others = marks.filter((mark) => mark.id !== id);
    return work.op === 'note' && work.kind === 'marks' ? [...others, work.entry] : others;
  });

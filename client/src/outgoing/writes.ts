import type {
  BakeData,
  DeedData,
  MarkData,
  PictureData,
  Reading,
  WobbleCheck,
} from '@hollow-moon/contract';
import { createAction, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { v4 as uuid } from 'uuid';
import type { Refused, ResourceKind, StoredThing } from '../wire/resources';
import { merged } from './merged';
import type { AppThunk } from '../state/state';

/** A thing as it shall be. */
export interface Put {
  readonly op: 'put';
  readonly kind: ResourceKind;
  /** Version it was made from; 0 for a new one. */
  readonly version: number;
  readonly data: unknown;
  readonly why?: string | undefined;
  /** Nobody has asked for it: where the book has another version by then, it is given up without a word. */
  readonly unasked?: boolean | undefined;
  /** What it was made from, where it may be put together with what somebody else has made of the same. */
  readonly base?: unknown;
}

/** What is asked of the book: a thing as it shall be, an entry of a bake or a day more, or one less. */
export type Work =
  | Put
  | { readonly op: 'note'; readonly kind: 'readings'; readonly entry: Reading }
  | { readonly op: 'note'; readonly kind: 'wobbles'; readonly entry: WobbleCheck }
  | { readonly op: 'note'; readonly kind: 'deeds'; readonly entry: DeedData }
  | { readonly op: 'note'; readonly kind: 'marks'; readonly entry: MarkData }
  | { readonly op: 'note'; readonly kind: 'pictures'; readonly entry: PictureData }
  | {
      readonly op: 'take-back';
      readonly kind: 'readings' | 'wobbles' | 'deeds' | 'marks' | 'pictures';
      readonly entryId: string;
    };

/** A write that the book has not acknowledged. */
export interface Write {
  /** Of the write itself: sent again under it, it is done once. */
  readonly id: string;
  readonly kitchenId: string;
  /** The thing that is written; of a note, its bake or its day. */
  readonly thing: string;
  /** They go in this order. */
  readonly order: number;
  readonly work: Work;
  /** It may be in the book already: only the very same may be sent now. */
  readonly tried: boolean;
  /** Why the book would not have it: it waits for the cook. */
  readonly refused: Refused | null;
}

export interface Outgoing {
  readonly writes: Readonly<Record<string, Write>>;
  /** Why nothing can be sent just now; null while it can. */
  readonly away: Refused | null;
}

type Asked = Pick<Write, 'kitchenId' | 'thing' | 'work'>;

const inOrder = (writes: Outgoing['writes']): Write[] =>
  Object.values(writes).sort((a, b) => a.order - b.order);

const without = (writes: Outgoing['writes'], gone: (write: Write) => boolean) =>
  Object.fromEntries(Object.entries(writes).filter(([, write]) => !gone(write)));

const isPut = (write: Write): boolean => write.work.op === 'put';

/** Whether the application has written it by itself. */
export const isUnasked = ({ work }: Pick<Write, 'work'>): boolean =>
  work.op === 'put' && work.unasked === true;

const askedFor = ({ unasked: _unasked, ...asked }: Put): Put => asked;

/** A write in place of an earlier one that the book does not have: made from what that was made from. */
const inPlaceOf = (work: Put, earlier: Work): Put =>
  earlier.op === 'put' && earlier.base !== undefined && work.base !== undefined
    ? { ...work, base: earlier.base }
    : work;

/** A write that came from an older version, put together with what the book has; nothing where both have changed the same. */
export function putTogether({ work }: Pick<Write, 'work'>, stored: StoredThing): unknown {
  if (work.op !== 'put' || work.base === undefined) return undefined;
  const { value, clear } = merged<object>(work.base as object, work.data as object, stored.data);
  return clear ? value : undefined;
}

/** The work with the version the book has now, where it depends on one. */
const over = (work: Work, version: number): Work =>
  work.op === 'put' ? { ...work, version } : work;

const nothing: Outgoing = { writes: {}, away: null };

const slice = createSlice({
  name: 'outgoing',
  initialState: nothing,
  reducers: {
    queued: {
      prepare: (asked: Asked) => ({ payload: { ...asked, id: uuid() } }),
      reducer(state, { payload }: PayloadAction<Asked & { readonly id: string }>): Outgoing {
        const all = inOrder(state.writes);
        // A write nobody has sent yet, or that was refused, is not worth sending any more once there is a newer one.
        const replaced = all.findLast(
          (write) =>
            write.thing === payload.thing &&
            isPut(write) &&
            payload.work.op === 'put' &&
            (!write.tried || write.refused !== null),
        );
        const order = replaced?.order ?? (all.at(-1)?.order ?? 0) + 1;
        const rest = without(state.writes, (write) => write === replaced);
        // What a cook has changed is still in it.
        const work =
          replaced && !isUnasked(replaced) && payload.work.op === 'put'
            ? inPlaceOf(askedFor(payload.work), replaced.work)
            : payload.work;
        // What is in dispute stays so, whatever is changed meanwhile, until the cook has said whose is to hold.
        const refused = replaced && staleOf(replaced) ? replaced.refused : null;
        const write: Write = { ...payload, work, order, tried: refused !== null, refused };
        return { ...state, writes: { ...rest, [payload.id]: write } };
      },
    },
    trying(state, { payload: id }: PayloadAction<string>): Outgoing {
      const write = state.writes[id];
      if (!write) return state;
      return { ...state, writes: { ...state.writes, [id]: { ...write, tried: true } } };
    },
    acknowledged(
      state,
      { payload: { id, stored } }: PayloadAction<{ id: string; stored: StoredThing | null }>,
    ): Outgoing {
      const done = state.writes[id];
      if (!done) return { ...state, away: null };
      const { [id]: _done, ...rest } = state.writes;
      // What was changed meanwhile goes on from the version there is now.
      const writes =
        stored === null
          ? rest
          : Object.fromEntries(
              Object.entries(rest).map(([key, write]) => [
                key,
                write.thing === done.thing
                  ? { ...write, work: over(write.work, stored.version) }
                  : write,
              ]),
            );
      return { writes, away: null };
    },
    /** The book would not have it. */
    refused(
      state,
      { payload: { id, refusal } }: PayloadAction<{ id: string; refusal: Refused }>,
    ): Outgoing {
      const write = state.writes[id];
      if (!write) return { ...state, away: null };
      const writes = { ...state.writes, [id]: { ...write, refused: refusal } };
      return { writes, away: null };
    },
    /** Somebody else has said the same before, or nobody has asked for it: what is in the book holds. */
    overtaken(
      state,
      { payload: { id } }: PayloadAction<{ id: string; stored: StoredThing }>,
    ): Outgoing {
      const { [id]: _done, ...writes } = state.writes;
      return { writes, away: null };
    },
    /** Put together with what somebody else has made of the same; what was changed meanwhile goes on from that. */
    blended(
      state,
      {
        payload: { id, stored, data },
      }: PayloadAction<{ id: string; stored: StoredThing; data: unknown }>,
    ): Outgoing {
      const write = state.writes[id];
      if (write?.work.op !== 'put') return state;
      const { work, thing } = write;
      const again = { ...work, version: stored.version, data, base: stored.data };
      const writes = Object.values(state.writes).map((each): Write => {
        if (each.id === id) return { ...each, work: again, tried: false, refused: null };
        if (each.thing !== thing || each.work.op !== 'put') return each;
        const { value } = merged(work.data as object, each.work.data as object, data as object);
        return { ...each, work: { ...each.work, data: value, base: data } };
      });
      return {
        ...state,
        writes: Object.fromEntries(writes.map((each) => [each.id, each])),
        away: null,
      };
    },
    /** The book could not be asked. */
    notReached: (state, { payload }: PayloadAction<Refused>): Outgoing => ({
      ...state,
      away: payload,
    }),
    /** Sent over what is in the book, or once more as it is, as the cook has decided. */
    insisted(state, { payload: id }: PayloadAction<string>): Outgoing {
      const write = state.writes[id];
      if (!write?.refused) return state;
      const current = staleOf(write);
      const again: Write = {
        ...write,
        // What there may be one of is in the book under another id.
        thing: current?.id ?? write.thing,
        work: current ? over(write.work, current.version) : write.work,
        tried: false,
        refused: null,
      };
      return { ...state, writes: { ...state.writes, [id]: again } };
    },
    /** Given up: all that was to be written of a thing. */
    withdrawn: (state, { payload: thing }: PayloadAction<string>): Outgoing => ({
      ...state,
      writes: without(state.writes, (write) => write.thing === thing),
    }),
    /** Given up for what is in the book: how a thing was to be. What was noted of it goes there all the same. */
    putsWithdrawn: (state, { payload: thing }: PayloadAction<string>): Outgoing => ({
      ...state,
      writes: without(state.writes, (write) => write.thing === thing && isPut(write)),
    }),
    /** Given up: one write, which nobody has sent, or that was refused. */
    unqueued: (state, { payload: id }: PayloadAction<string>): Outgoing => ({
      ...state,
      writes: without(state.writes, (write) => write.id === id),
    }),
    /** As another tab has it now; null where it is gone. */
    writeArrived(
      state,
      { payload: { id, write } }: PayloadAction<{ id: string; write: Write | null }>,
    ): Outgoing {
      const { [id]: _before, ...rest } = state.writes;
      return { ...state, writes: write === null ? rest : { ...rest, [id]: write } };
    },
  },
});

declare module '../state/state' {
  interface RootState {
    readonly outgoing: Outgoing;
  }
}

export const {
  queued,
  trying,
  acknowledged,
  refused,
  overtaken,
  blended,
  notReached,
  insisted,
  withdrawn,
  putsWithdrawn,
  unqueued,
  writeArrived,
} = slice.actions;
export const outgoingReducer = slice.reducer;

/** Tries what waits at once. */
export const sentAgain = createAction('outgoing/sentAgain');

/** What is in the book in place of a write that came from an older version. */
export const staleOf = ({ refused }: Pick<Write, 'refused'>): StoredThing | undefined =>
  refused?.code === 'stale' ? (refused.current as StoredThing | undefined) : undefined;

/** What a cook says of a bake after it has begun, but for its pull. */
const SAID_OF_BAKE = ['result', 'faults', 'note', 'archived', 'parts'] as const;

/** Whether a write of a bake says no more than the book has already: both have pulled it, at another second. */
export function saysTheSame({ work }: Pick<Write, 'work'>, stored: StoredThing): boolean {
  if (work.op !== 'put' || work.kind !== 'bakes') return false;
  const [mine, theirs] = [work.data, stored.data] as [Partial<BakeData>, Partial<BakeData>];
  return (
    typeof mine.pulledAt === 'string' &&
    typeof theirs.pulledAt === 'string' &&
    SAID_OF_BAKE.every((each) => JSON.stringify(mine[each]) === JSON.stringify(theirs[each]))
  );
}

/** Whether the book knows nothing of its thing before it. */
const isNew = ({ work }: Write): boolean => work.op === 'put' && work.version === 0;

/**
 * The next to send: the first that waits behind none of its thing that was refused. A tap on a task of a day waits only
 * behind a tap, or where the day itself is not in the book: those who work by it see it whatever else is in dispute.
 */
export function nextToSend({ writes }: Outgoing): Write | undefined {
  const held = new Set<string>();
  const heldTaps = new Set<string>();
  return inOrder(writes).find((write) => {
    const isTap = write.work.kind === 'marks';
    if (write.refused) held.add(write.thing);
    if (write.refused && (isTap || isNew(write))) heldTaps.add(write.thing);
    return !(isTap ? heldTaps : held).has(write.thing);
  });
}

/** All that waits of a thing, in order. */
export const waitingOf = ({ writes }: Outgoing, thing: string): readonly Write[] =>
  inOrder(writes).filter((write) => write.thing === thing);

/** What of a kind is on its way into the book, by id: screens show it as if it were there. So is what is in dispute: it is nobody's to lose. */
export function dataUnderWay(
  writes: Outgoing['writes'],
  kind: ResourceKind,
): ReadonlyMap<string, unknown> {
  return new Map(
    inOrder(writes).flatMap(({ thing, work, refused }) =>
      work.op === 'put' && work.kind === kind && (!refused || staleOf({ refused }))
        ? [[thing, work.data]]
        : [],
    ),
  );
}

/** Sends what was refused of a thing over what is in the book. */
export const keepMine =
  (thing: string): AppThunk =>
  (dispatch, getState) => {
    for (const write of waitingOf(getState().outgoing, thing)) {
      if (write.refused) dispatch(insisted(write.id));
    }
  };

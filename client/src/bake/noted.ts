import {
  deedSchema,
  readingSchema,
  wobbleCheckSchema,
  type DeedData,
  type Noted,
  type Reading,
  type WobbleCheck,
} from '@hollow-moon/contract';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { putAway } from './bakes';

/** What is noted of a bake, one by one. */
export type NotedEntry =
  | { readonly kind: 'readings'; readonly entry: Reading }
  | { readonly kind: 'wobbles'; readonly entry: WobbleCheck }
  | { readonly kind: 'deeds'; readonly entry: DeedData };

/**
 * An entry of a bake at this device's side. Each is a record of its own: of two tabs that note at once neither can write
 * over what the other has noted.
 */
export type LocalEntry = NotedEntry & {
  readonly bakeId: string;
  readonly takenBack: boolean;
};

export type LocalEntries = Readonly<Record<string, LocalEntry>>;

const rest = { bakeId: z.string(), takenBack: z.boolean() };

/** An entry as the storage has it. */
export const keptEntrySchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('readings'), entry: readingSchema, ...rest }),
  z.object({ kind: z.literal('wobbles'), entry: wobbleCheckSchema, ...rest }),
  z.object({ kind: z.literal('deeds'), entry: deedSchema, ...rest }),
]) as unknown as z.ZodType<LocalEntry>;

const none: LocalEntries = {};

const slice = createSlice({
  name: 'noted',
  initialState: none,
  reducers: {
    /** Noted here, taken up out of the book, or as another tab has it. */
    entryArrived: (state, { payload }: PayloadAction<LocalEntry>): LocalEntries => ({
      ...state,
      [payload.entry.id]: payload,
    }),
    entryTakenBack(state, { payload: id }: PayloadAction<string>): LocalEntries {
      const found = state[id];
      return found ? { ...state, [id]: { ...found, takenBack: true } } : state;
    },
    entryGone(state, { payload: id }: PayloadAction<string>): LocalEntries {
      const { [id]: _gone, ...others } = state;
      return others;
    },
  },
  extraReducers: (build) => {
    build.addCase(putAway, (state, { payload: bakeId }) =>
      Object.fromEntries(Object.entries(state).filter(([, entry]) => entry.bakeId !== bakeId)),
    );
  },
});

declare module '../state/state' {
  interface RootState {
    readonly noted: LocalEntries;
  }
}

export const { entryArrived, entryTakenBack, entryGone } = slice.actions;
export const notedReducer = slice.reducer;

/** All that is noted of a bake, by time. */
export function notedOf(entries: LocalEntries, bakeId: string): Noted {
  const here = Object.values(entries)
    .filter((each) => each.bakeId === bakeId && !each.takenBack)
    .sort((a, b) => a.entry.atS - b.entry.atS);
  return {
    readings: here.flatMap((each) => (each.kind === 'readings' ? [each.entry] : [])),
    wobbles: here.flatMap((each) => (each.kind === 'wobbles' ? [each.entry] : [])),
    deeds: here.flatMap((each) => (each.kind === 'deeds' ? [each.entry] : [])),
  };
}

/** All that is noted of a bake, entry by entry. */
export const notedEntries = ({ readings, wobbles, deeds }: Noted): NotedEntry[] => [
  ...readings.map((entry) => ({ kind: 'readings' as const, entry })),
  ...wobbles.map((entry) => ({ kind: 'wobbles' as const, entry })),
  ...deeds.map((entry) => ({ kind: 'deeds' as const, entry })),
];

/** The entries of a bake as the records they are kept as. */
export const entriesOf = (bakeId: string, noted: Noted): LocalEntry[] =>
  notedEntries(noted).map((each) => ({ ...each, bakeId, takenBack: false }));

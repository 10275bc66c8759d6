import type { BakeData } from '@hollow-moon/contract';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { acknowledged, overtaken } from '../outgoing/writes';

/** A bake at this device's side: ahead of the book while something of it has still to be sent. */
export interface LocalBake {
  readonly kitchenId: string;
  /** Version the book has; 0 before the first. */
  readonly version: number;
  readonly data: BakeData;
}

export type LocalBakes = Readonly<Record<string, LocalBake>>;

/** A bake changed, where it is here. */
const changed = (
  state: LocalBakes,
  id: string,
  change: (bake: LocalBake) => Partial<LocalBake>,
): LocalBakes => {
  const bake = state[id];
  return bake ? { ...state, [id]: { ...bake, ...change(bake) } } : state;
};

const none: LocalBakes = {};

const slice = createSlice({
  name: 'bakes',
  initialState: none,
  reducers: {
    /** Begun here, taken up out of the book, or as another tab has it now. */
    bakeArrived: (
      state,
      { payload: { id, bake } }: PayloadAction<{ id: string; bake: LocalBake }>,
    ): LocalBakes => ({ ...state, [id]: bake }),
    dataChanged: (
      state,
      { payload: { id, change } }: PayloadAction<{ id: string; change: Partial<BakeData> }>,
    ): LocalBakes => changed(state, id, ({ data }) => ({ data: { ...data, ...change } })),
    /** No longer at this device's side; in the book it stays. */
    putAway(state, { payload: id }: PayloadAction<string>): LocalBakes {
      const { [id]: _away, ...rest } = state;
      return rest;
    },
  },
  extraReducers: (build) => {
    build.addCase(acknowledged, (state, { payload: { stored } }) =>
      stored ? changed(state, stored.id, () => ({ version: stored.version })) : state,
    );
    build.addCase(overtaken, (state, { payload: { stored } }) =>
      changed(state, stored.id, () => ({
        version: stored.version,
        data: stored.data as BakeData,
      })),
    );
  },
});

declare module '../state/state' {
  interface RootState {
    readonly bakes: LocalBakes;
  }
}

export const { bakeArrived, dataChanged, putAway } = slice.actions;
export const bakesReducer = slice.reducer;

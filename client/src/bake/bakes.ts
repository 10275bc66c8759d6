import type { BakeData, StoredBake } from '@hollow-moon/contract';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Refused } from '../store/api';
import { recallAll } from '../store/storage';
import { keptBakeSchema } from './keptBake';

/** A bake on this device: ahead of the server while something has still to be sent. */
export interface LocalBake {
  readonly kitchenId: string;
  /** Version the server has acknowledged; 0 before the first. */
  readonly version: number;
  readonly data: BakeData;
  /** Changes not yet acknowledged, and the id under which they are being sent. */
  readonly unsent: boolean;
  readonly writeId: string | null;
  readonly refused: Refused | null;
  readonly stale: StoredBake | null;
}

export type LocalBakes = Readonly<Record<string, LocalBake>>;

interface Begun {
  readonly id: string;
  readonly kitchenId: string;
  readonly data: BakeData;
}

const slice = createSlice({
  name: 'bakes',
  initialState: (): LocalBakes => recallAll('bakes', keptBakeSchema),
  reducers: {
    begun(state, { payload: { id, kitchenId, data } }: PayloadAction<Begun>): LocalBakes {
      const bake: LocalBake = {
        kitchenId,
        version: 0,
        data,
        unsent: true,
        writeId: null,
        refused: null,
        stale: null,
      };
      return { ...state, [id]: bake };
    },
    /** Takes up a bake of the server to go on with it here. */
    taken(
      state,
      { payload: { kitchenId, stored } }: PayloadAction<{ kitchenId: string; stored: StoredBake }>,
    ): LocalBakes {
      if (state[stored.id]) return state;
      const bake: LocalBake = {
        kitchenId,
        version: stored.version,
        data: stored.data,
        unsent: false,
        writeId: null,
        refused: null,
        stale: null,
      };
      return { ...state, [stored.id]: bake };
    },
    /** As another tab has it now. */
    bakeArrived(
      state,
      { payload: { id, bake } }: PayloadAction<{ id: string; bake: LocalBake }>,
    ): LocalBakes {
      return { ...state, [id]: bake };
    },
    noted(
      state,
      { payload: { id, change } }: PayloadAction<{ id: string; change: Partial<BakeData> }>,
    ): LocalBakes {
      const bake = state[id];
      if (!bake) return state;
      return {
        ...state,
        [id]: {
          ...bake,
          data: { ...bake.data, ...change },
          unsent: true,
          writeId: null,
          refused: null,
        },
      };
    },
    sending(
      state,
      { payload: { id, writeId } }: PayloadAction<{ id: string; writeId: string }>,
    ): LocalBakes {
      const bake = state[id];
      return bake ? { ...state, [id]: { ...bake, writeId } } : state;
    },
    acknowledged(
      state,
      {
        payload: { id, version, writeId },
      }: PayloadAction<{ id: string; version: number; writeId: string }>,
    ): LocalBakes {
      const bake = state[id];
      if (!bake) return state;
      const current = bake.writeId === writeId;
      return {
        ...state,
        [id]: { ...bake, version, unsent: !current, writeId: null, refused: null, stale: null },
      };
    },
    refused(
      state,
      { payload: { id, refusal } }: PayloadAction<{ id: string; refusal: Refused }>,
    ): LocalBakes {
      const bake = state[id];
      if (!bake) return state;
      const stale = refusal.code === 'stale' ? (refusal.current as StoredBake) : null;
      return { ...state, [id]: { ...bake, refused: refusal, stale } };
    },
    /** Write what is here over what is in the book. */
    mineKept(state, { payload: id }: PayloadAction<string>): LocalBakes {
      const bake = state[id];
      if (!bake?.stale) return state;
      return {
        ...state,
        [id]: {
          ...bake,
          version: bake.stale.version,
          stale: null,
          refused: null,
          writeId: null,
          unsent: true,
        },
      };
    },
    /** Done with, or given up for what is in the book. */
    putAway(state, { payload: id }: PayloadAction<string>): LocalBakes {
      const { [id]: _away, ...rest } = state;
      return rest;
    },
  },
});

export const {
  begun,
  taken,
  bakeArrived,
  noted,
  sending,
  acknowledged,
  refused,
  mineKept,
  putAway,
} = slice.actions;

export const bakesReducer = slice.reducer;

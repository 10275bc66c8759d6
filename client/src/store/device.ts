import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { countAside } from './storage';

/** How this device keeps what is not in the book yet. */
export interface Device {
  /** Its storage is full or closed: what is not in the book yet is on the screen only. */
  readonly refuses: boolean;
  /** Entries that could not be read, and were put aside. */
  readonly aside: number;
}

const slice = createSlice({
  name: 'device',
  // Asked when the store is made, once everything has been read.
  initialState: (): Device => ({ refuses: false, aside: 0 }),
  reducers: {
    refusalSeen: (state, { payload }: PayloadAction<boolean>) => ({ ...state, refuses: payload }),
    asideCounted: (state) => ({ ...state, aside: countAside() }),
  },
});

export const { refusalSeen, asideCounted } = slice.actions;
export const deviceReducer = slice.reducer;

/** Why something is not in the book, and that it is kept here all the same, where it is. */
export const withKeeping = (message: string, refuses: boolean): string =>
  refuses ? message : `${message} It is kept here meanwhile.`;

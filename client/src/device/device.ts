import { say } from '@hollow-moon/words';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** How this device keeps what is not in the book yet. */
export interface Device {
  /** Its storage is full or closed: what is not in the book yet is on the screen only. */
  readonly refuses: boolean;
  /** Records that could not be read, and were put aside. */
  readonly aside: number;
}

const well: Device = { refuses: false, aside: 0 };

const slice = createSlice({
  name: 'device',
  initialState: well,
  reducers: {
    refusalSeen: (state, { payload }: PayloadAction<boolean>) => ({ ...state, refuses: payload }),
    asideCleared: (state) => ({ ...state, aside: 0 }),
  },
});

declare module '../state/state' {
  interface RootState {
    readonly device: Device;
  }
}

export const { refusalSeen, asideCleared } = slice.actions;
export const deviceReducer = slice.reducer;

/** Why something is not in the book, and that it is kept here all the same, where it is. */
export const withKeeping = (message: string, refuses: boolean): string =>
  refuses ? message : say('device.it-is-kept-here-meanwhile', { message });

import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Whether this device hears what others change: not yet, it does, or it has lost the book. */
export type Connection = 'none' | 'open' | 'lost';

const slice = createSlice({
  name: 'connection',
  initialState: (): Connection => 'none',
  reducers: {
    connectionIs: (_, { payload }: PayloadAction<Connection>): Connection => payload,
  },
});

declare module '../state/state' {
  interface RootState {
    readonly connection: Connection;
  }
}

export const { connectionIs } = slice.actions;
export const connectionReducer = slice.reducer;

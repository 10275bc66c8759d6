import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Something of a day that wants a cook at a moment. */
export interface Due {
  /** Its task, and what is due of it. */
  readonly key: string;
  readonly atMs: number;
  readonly kind: 'begin' | 'look';
  readonly says: string;
  readonly path: string;
}

/** What a day that is worked will want, as the screen that follows it has worked it out; told to all other screens. */
export type Agenda = Readonly<Record<string, readonly Due[]>>;

const nothing: Agenda = {};

const slice = createSlice({
  name: 'agenda',
  initialState: nothing,
  reducers: {
    agendaTold: (
      state,
      { payload: { dayId, due } }: PayloadAction<{ dayId: string; due: readonly Due[] }>,
    ): Agenda => ({ ...state, [dayId]: due }),
  },
});

declare module '../state/state' {
  interface RootState {
    readonly agenda: Agenda;
  }
}

export const { agendaTold } = slice.actions;
export const agendaReducer = slice.reducer;

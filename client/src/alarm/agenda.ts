import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';

/** Something of a day that wants a cook at a moment, as the storage has it, too: a reload must not silence it. */
const dueSchema = z.object({
  /** Its task, and what is due of it. */
  key: z.string(),
  atMs: z.number(),
  /** When it is over though nobody has tapped it, where that is known. */
  untilMs: z.number().optional(),
  kind: z.enum(['begin', 'look']),
  says: z.string(),
  path: z.string(),
});
export type Due = Readonly<z.infer<typeof dueSchema>>;

export const keptAgendaSchema = z.array(dueSchema);

/** What was due longer ago than this is of a day that nobody works any more, ms. */
const OVER_MS = 24 * 3600_000;

/** Whether anything of a kept agenda can still want somebody. */
export const isOfToday = (due: readonly Due[], nowMs: number): boolean =>
  due.some(({ atMs }) => atMs > nowMs - OVER_MS);

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
    ): Agenda => {
      const { [dayId]: _before, ...others } = state;
      return due.length > 0 ? { ...others, [dayId]: due } : others;
    },
  },
});

declare module '../state/state' {
  interface RootState {
    readonly agenda: Agenda;
  }
}

export const { agendaTold } = slice.actions;
export const agendaReducer = slice.reducer;

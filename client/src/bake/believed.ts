import type { BakeData, Noted, Reading } from '@hollow-moon/contract';
import type { Learnt, VesselPull } from '@hollow-moon/core/learning';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/**
 * What the readings of a running bake have made of its forecast, for every screen that says how it stands. It is worked out
 * again wherever the bake's own screen is open, and never kept: the record has what was foreseen when it was begun.
 */
export interface BelievedForecast {
  /** What was noted when it was worked out: of anything else it says nothing. */
  readonly of: string;
  readonly foreseen: BakeData['foreseen'];
  /** Readings that are still held against it as they are. */
  readonly heeded: readonly Reading[];
  /** What the readings have taught; nothing where only what was done has moved the forecast. */
  readonly learnt: Learnt | undefined;
  /** When single vessels are best that were read by themselves. */
  readonly vessels: readonly VesselPull[];
}

export type BelievedForecasts = Readonly<Record<string, BelievedForecast>>;

/** What is noted of a bake, in short. */
export const notedKey = ({ readings, wobbles, deeds }: Noted): string =>
  [...readings, ...wobbles, ...deeds].map(({ id }) => id).join(' ');

const none: BelievedForecasts = {};

const slice = createSlice({
  name: 'believed',
  initialState: none,
  reducers: {
    believed: (
      state,
      { payload: { id, forecast } }: PayloadAction<{ id: string; forecast: BelievedForecast }>,
    ): BelievedForecasts => ({ ...state, [id]: forecast }),
  },
});

declare module '../state/state' {
  interface RootState {
    readonly believed: BelievedForecasts;
  }
}

export const { believed } = slice.actions;
export const believedReducer = slice.reducer;

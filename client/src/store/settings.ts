import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { recall } from './storage';

export type Theme = 'system' | 'light' | 'dark';
export type Degrees = 'C' | 'F';

/** How this device shows things; the kitchen's own facts are on the server. */
export interface Settings {
  readonly theme: Theme;
  readonly degrees: Degrees;
}

const initialState: Settings = {
  theme: 'system',
  degrees: 'C',
  ...recall<Partial<Settings>>('settings'),
};

const settings = createSlice({
  name: 'settings',
  initialState,
  reducers: {
    themeChosen: (state, { payload }: PayloadAction<Theme>) => ({ ...state, theme: payload }),
    degreesChosen: (state, { payload }: PayloadAction<Degrees>) => ({ ...state, degrees: payload }),
  },
});

export const { themeChosen, degreesChosen } = settings.actions;
export const settingsReducer = settings.reducer;

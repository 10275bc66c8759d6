import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Degrees } from '@hollow-moon/words';
import { z } from 'zod';

const THEMES = ['system', 'light', 'dark'] as const;
export type Theme = (typeof THEMES)[number];
const DEGREES = ['C', 'F'] as const satisfies readonly Degrees[];

/** How this device shows things; the kitchen's own facts are on the server. What is missing or odd is as usual. */
export const settingsSchema = z.object({
  theme: z.enum(THEMES).default('system').catch('system'),
  degrees: z.enum(DEGREES).default('C').catch('C'),
  /** The kitchen that was open last. */
  kitchenId: z.string().nullable().default(null).catch(null),
});
export type Settings = Readonly<z.infer<typeof settingsSchema>>;

const settings = createSlice({
  name: 'settings',
  initialState: (): Settings => settingsSchema.parse({}),
  reducers: {
    themeChosen: (state, { payload }: PayloadAction<Theme>) => ({ ...state, theme: payload }),
    degreesChosen: (state, { payload }: PayloadAction<Degrees>) => ({ ...state, degrees: payload }),
    kitchenOpened: (state, { payload }: PayloadAction<string>) => ({
      ...state,
      kitchenId: payload,
    }),
    /** As another tab has them now. */
    settingsArrived: (_, { payload }: PayloadAction<Settings>) => payload,
  },
});

export const { themeChosen, degreesChosen, kitchenOpened, settingsArrived } = settings.actions;
export const settingsReducer = settings.reducer;

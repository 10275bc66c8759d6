import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { METRIC, UNIT_CHOICES, type Units } from '@hollow-moon/words';
import { PROBE_NAMES } from '@hollow-moon/contract';
import { z } from 'zod';

/** A device that is read by itself: where it is, whether it is listened to, and where the tip of each channel sits. */
const probeSchema = z.object({
  address: z.string().max(200).default('').catch(''),
  on: z.boolean().default(false).catch(false),
  places: z
    .record(z.string(), z.enum([...PROBE_NAMES, 'none']))
    .default({})
    .catch({}),
});

const THEMES = ['system', 'light', 'dark'] as const;
export type Theme = (typeof THEMES)[number];

/** The units of whoever holds this device; what is odd is as usual. */
const unitsSchema = z.object({
  degrees: z.enum(UNIT_CHOICES.degrees).catch(METRIC.degrees),
  lengths: z.enum(UNIT_CHOICES.lengths).catch(METRIC.lengths),
  weights: z.enum(UNIT_CHOICES.weights).catch(METRIC.weights),
}) satisfies z.ZodType<Units>;

/** How this device shows things; the kitchen's own facts are on the server. What is missing or odd is as usual. */
const asItIs = z.object({
  theme: z.enum(THEMES).default('system').catch('system'),
  units: unitsSchema.default(METRIC).catch(METRIC),
  /** The kitchen that was open last. */
  kitchenId: z.string().nullable().default(null).catch(null),
  /** Which folds were left open, and which shut. */
  folds: z.record(z.string(), z.boolean()).default({}).catch({}),
  /** Whether single keys are shortcuts. */
  singleKeys: z.boolean().default(true).catch(true),
  /** Whether a bake that wants something sounds and shakes the device. */
  alarms: z.boolean().default(true).catch(true),
  /** Whether a call is said aloud as well. */
  aloud: z.boolean().default(false).catch(false),
  /** Whether a call is shown by the device while the page is not in front. */
  notices: z.boolean().default(false).catch(false),
  /** Who of a day's people holds this device; nobody in particular where it is empty. */
  hand: z.string().max(40).default('').catch(''),
  probe: probeSchema.default(() => probeSchema.parse({})).catch(() => probeSchema.parse({})),
  /** Whether cuts are drawn with their isotherms. */
  isotherms: z.boolean().default(false).catch(false),
});
/** What was kept before there were other units than degrees is taken over. */
export const settingsSchema = z.preprocess(
  (kept) =>
    typeof kept === 'object' && kept !== null && 'degrees' in kept && !('units' in kept)
      ? { ...kept, units: { ...METRIC, degrees: kept.degrees } }
      : kept,
  asItIs,
);
export type Settings = Readonly<z.infer<typeof settingsSchema>>;

const settings = createSlice({
  name: 'settings',
  initialState: (): Settings => settingsSchema.parse({}),
  reducers: {
    themeChosen: (state, { payload }: PayloadAction<Theme>) => ({ ...state, theme: payload }),
    unitsChosen: (state, { payload }: PayloadAction<Partial<Units>>) => ({
      ...state,
      units: { ...state.units, ...payload },
    }),
    kitchenOpened: (state, { payload }: PayloadAction<string>) => ({
      ...state,
      kitchenId: payload,
    }),
    foldLeft: (
      state,
      { payload }: PayloadAction<{ readonly id: string; readonly open: boolean }>,
    ) => ({
      ...state,
      folds: { ...state.folds, [payload.id]: payload.open },
    }),
    singleKeysChosen: (state, { payload }: PayloadAction<boolean>) => ({
      ...state,
      singleKeys: payload,
    }),
    alarmsChosen: (state, { payload }: PayloadAction<boolean>) => ({ ...state, alarms: payload }),
    aloudChosen: (state, { payload }: PayloadAction<boolean>) => ({ ...state, aloud: payload }),
    noticesChosen: (state, { payload }: PayloadAction<boolean>) => ({ ...state, notices: payload }),
    handChosen: (state, { payload }: PayloadAction<string>) => ({ ...state, hand: payload }),
    probeChosen: (state, { payload }: PayloadAction<Partial<Settings['probe']>>) => ({
      ...state,
      probe: { ...state.probe, ...payload },
    }),
    isothermsChosen: (state, { payload }: PayloadAction<boolean>) => ({
      ...state,
      isotherms: payload,
    }),
    /** As another tab has them now. */
    settingsArrived: (_, { payload }: PayloadAction<Settings>) => payload,
  },
});

export const {
  themeChosen,
  unitsChosen,
  kitchenOpened,
  foldLeft,
  singleKeysChosen,
  alarmsChosen,
  aloudChosen,
  noticesChosen,
  handChosen,
  probeChosen,
  isothermsChosen,
  settingsArrived,
} = settings.actions;
export const settingsReducer = settings.reducer;

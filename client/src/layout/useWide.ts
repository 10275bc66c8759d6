import { useWindowDimensions } from 'react-native';

/** From this width, px, panes stand side by side. */
const WIDE_PX = 1000;

/** Under this height, px, little is left between bars that stay: a phone on its side, or letters at twice their size. */
const LOW_PX = 500;

/** Whether there is room for panes side by side. */
export const useWide = (): boolean => useWindowDimensions().width >= WIDE_PX;

/** Whether the screen is so low that only what must stay does. */
export const useLow = (): boolean => useWindowDimensions().height < LOW_PX;

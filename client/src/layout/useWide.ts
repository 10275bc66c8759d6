import { useWindowDimensions } from 'react-native';

/** From this width, px, panes stand side by side. */
const WIDE_PX = 1000;

/** Whether there is room for panes side by side. */
export const useWide = (): boolean => useWindowDimensions().width >= WIDE_PX;

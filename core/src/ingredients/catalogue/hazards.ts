import type { Hazard } from '../ingredient';

/** Cautions that travel with an ingredient into whatever it is used in. */
export const HONEY: Hazard = 'honey';
export const RAW_FLOUR: Hazard = 'raw-flour';
export const STONES: Hazard = 'stones';
export const ALCOHOL: Hazard = 'alcohol';
/** Source: common practice: proteases of the raw fruit cut gelatine; boiling destroys them. */
export const ENZYME: Hazard = 'enzyme';

import type { Bakes } from '../setting';
import type { Reaction } from '../thermal';

/**
 * Rates of setting and curdling around the temperatures at which they are read.
 *
 * A filling warmed by half a degree a minute, as an oven or a bath warms the middle towards the end, is
 * 80 % set when it passes its setting temperature, and a tenth of it has curdled when it passes its curdling
 * temperature, the one from which it is seen to. Setting has the larger z: heated faster, the two draw
 * together and the margin narrows, as cooks find. Source: first-order protein coagulation with a
 * z-value; the values are from memory (egg proteins: z of 3 to 6 K), calibrated as docs/model.md says.
 */
export const SETTING_Z_K = 5;
export const CURDLING_Z_K = 3;

const OVEN_RATE_KS = 0.5 / 60;

/** Rate at the reference for which heating at an oven’s rate reaches `extent` there, 1/s. */
const rateFor = (extent: number, zK: number): number =>
  (-Math.log(1 - extent) * Math.LN10 * OVEN_RATE_KS) / zK;

/** Index of each reaction in a run of the thermal model. */
export const SETTING = 0;
export const CURDLING = 1;

/** The reactions of a filling: setting, and curdling unless something prevents it. */
export function reactionsOf(verdict: Pick<Bakes, 'setC' | 'curdleC'>): Reaction[] {
  const setting: Reaction = {
    ratePerS: rateFor(0.8, SETTING_Z_K),
    referenceC: verdict.setC,
    zK: SETTING_Z_K,
  };
  if (verdict.curdleC === undefined) return [setting];
  return [
    setting,
    {
      ratePerS: rateFor(0.1, CURDLING_Z_K),
      referenceC: verdict.curdleC,
      zK: CURDLING_Z_K,
    },
  ];
}

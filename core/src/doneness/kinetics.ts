import type { Bakes } from '../setting';
import type { Reaction } from '../thermal';

/**
 * Rates of setting and curdling around the temperatures at which they are read.
 *
 * A filling warmed by half a degree a minute, as an oven or a bath warms the middle towards the end, is
 * 80 % set when it passes its setting temperature, and a tenth of it has curdled when it passes its curdling
 * temperature, the one from which it is seen to. Rates grow as those of egg proteins do, with activation
 * energies of 400 to 480 kJ/mol (from memory), which is a z of 5.0 to 6.0 K at 80 °C. An egg is many proteins, each of
 * which unfolds in a range of its own, so a temperature sets only those that unfold at it, however long it is held: what
 * is reached in the end rises with temperature along a logistic. Calibrated as docs/model.md says.
 */
export const ACTIVATION_J_MOL = 440_000;
const GAS_J_MOLK = 8.314;
const AT_K = 353;

/** 2.303 R T² / E. */
export const PROTEIN_Z_K = (Math.LN10 * GAS_J_MOLK * AT_K ** 2) / ACTIVATION_J_MOL;

/** Where half is reached in the end, K from the temperature that is read, and the width of the rise, K. */
export const SETS_IN_THE_END = { halfK: -4.5, widthK: 2 } as const;
export const CURDLES_IN_THE_END = { halfK: 4, widthK: 2 } as const;

const OVEN_RATE_KS = 0.5 / 60;

/** Extent of a reaction read at 0 °C, with a rate there, once it has been warmed up to it at an oven's rate. */
function extentAtReference(ratePerS: number, final: { halfK: number; widthK: number }): number {
  const stepK = 0.05;
  let extent = 0;
  for (let at = -30; at < 0; at += stepK) {
    const middleK = at + stepK / 2;
    const reached = 1 / (1 + Math.exp((final.halfK - middleK) / final.widthK));
    const exposed = (ratePerS * 10 ** (middleK / PROTEIN_Z_K) * stepK) / OVEN_RATE_KS;
    if (reached > extent) extent = reached - (reached - extent) * Math.exp(-exposed);
  }
  return extent;
}

/** Rate at the reference for which heating at an oven’s rate reaches `extent` there, 1/s; by halving. */
function rateFor(extent: number, final: { halfK: number; widthK: number }): number {
  let [low, high] = [1e-6, 1];
  for (let round = 0; round < 60; round += 1) {
    const middle = Math.sqrt(low * high);
    if (extentAtReference(middle, final) < extent) low = middle;
    else high = middle;
  }
  return Math.sqrt(low * high);
}

const SETTING_RATE = rateFor(0.8, SETS_IN_THE_END);
const CURDLING_RATE = rateFor(0.1, CURDLES_IN_THE_END);

/** Index of each reaction in a run of the thermal model. */
export const SETTING = 0;
export const CURDLING = 1;

const reactionAt = (
  referenceC: number,
  ratePerS: number,
  final: { halfK: number; widthK: number },
): Reaction => ({
  ratePerS,
  referenceC,
  zK: PROTEIN_Z_K,
  final: { halfC: referenceC + final.halfK, widthK: final.widthK },
});

/** The reactions of a filling: setting, and curdling unless something prevents it. */
export function reactionsOf({ setC, curdleC }: Pick<Bakes, 'setC' | 'curdleC'>): Reaction[] {
  const setting = reactionAt(setC, SETTING_RATE, SETS_IN_THE_END);
  return curdleC === undefined
    ? [setting]
    : [setting, reactionAt(curdleC, CURDLING_RATE, CURDLES_IN_THE_END)];
}

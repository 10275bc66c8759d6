import type { OvenKind } from './kinds';
import { AJAR, BODIES } from './programme';

/** Settings nearer than this share an oven without a wait, K: finer than a dial is turned. Common practice. */
const SAME_SETTING_K = 3;

/**
 * Minutes until an empty oven that stands at `fromC` has come to `toC`, both °C: upwards at full power, downwards
 * with the door ajar, as cooks cool one. 0 for the same setting; `Infinity` where its heater does not get so far.
 *
 * One lumped body with its loss through the walls, solved exactly; the bodies are those of the programme, from memory
 * (docs/model.md). The same body takes 15 to 20 min to 180 °C in a domestic oven, an hour in a deck (common practice).
 */
export function changeOverMin(kind: OvenKind, fromC: number, toC: number, roomC: number): number {
  if (Math.abs(toC - fromC) < SAME_SETTING_K) return 0;
  const { heatJK, powerW, lossWK } = BODIES[kind];
  const [from, to] = [fromC - roomC, toC - roomC];
  if (to > from) {
    const most = powerW / lossWK;
    return to >= most ? Infinity : ((heatJK / lossWK) * Math.log((most - from) / (most - to))) / 60;
  }
  return to <= 0 ? Infinity : ((heatJK / (AJAR * lossWK)) * Math.log(from / to)) / 60;
}

/** Minutes to heat an oven that is as cold as the room to `toC`, °C. See {@link changeOverMin}. */
export const preheatMin = (kind: OvenKind, toC: number, roomC: number): number =>
  changeOverMin(kind, roomC, toC, roomC);

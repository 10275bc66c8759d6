import { saturationPressurePa } from '../properties';
import type { Model, Moment } from '../thermal';
import { ZERO_CELSIUS_K } from '../units';

/** A bubble that has grown to so many times its size breaks and lets go. From memory. */
const BREAKS_AT = 5;

/** What the bubbles of a filling stand in. */
export interface Bubbles {
  /** Share of its volume that is air as it is poured, 0 to 1. */
  readonly share: number;
  /** Water activity of the filling. */
  readonly activity: number;
  readonly airPressurePa: number;
  readonly pouredC: number;
}

/**
 * How many times its size as poured a bubble has at `celsius`: its air by the law of gases, at what the
 * steam beside it leaves of the pressure. 1 at the start, at most {@link BREAKS_AT}. Source: ideal gas with
 * saturated vapour (Dalton).
 */
export function growthOf(celsius: number, of: Omit<Bubbles, 'share'>): number {
  const left = (at: number) =>
    of.airPressurePa - of.activity * saturationPressurePa(Math.max(0, Math.min(373, at)));
  const airPa = left(celsius);
  if (airPa <= 0) return BREAKS_AT;
  const warmer = (celsius + ZERO_CELSIUS_K) / (of.pouredC + ZERO_CELSIUS_K);
  return Math.min(BREAKS_AT, Math.max(1, (warmer * left(of.pouredC)) / airPa));
}

/** How far a filling has puffed in a moment, mm over its level as poured; it falls back as it cools. */
export function riseMm({ mesh }: Model, { temperatureC }: Moment, bubbles: Bubbles): number {
  const { fillColumns, fillRows, baseRows, rows, volumeM3, topFaceRadiusM } = mesh;
  let grownM3 = 0;
  for (let column = 0; column < fillColumns; column += 1) {
    for (let row = baseRows; row < baseRows + fillRows; row += 1) {
      const cell = column * rows + row;
      grownM3 += volumeM3[cell]! * bubbles.share * (growthOf(temperatureC[cell]!, bubbles) - 1);
    }
  }
  return (1000 * grownM3) / (Math.PI * topFaceRadiusM[fillColumns]! ** 2);
}

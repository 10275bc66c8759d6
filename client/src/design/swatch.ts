import { shellColour } from '@hollow-moon/core';
import { lab } from 'd3-color';

/** The colour of a shell by its lightness, for the screen. */
export function swatchOf(lightness: number): string {
  const { l, a, b } = shellColour(lightness);
  return lab(l, a, b).formatHex();
}

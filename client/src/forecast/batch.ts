import type { FormulaData } from '@hollow-moon/contract';
import { scaleAsWeighed, type Level } from '@hollow-moon/core';

/** The list scaled so that its batch fills the vessels to the gap that is wanted. */
export function scaledToTins(data: FormulaData, { massG, overflowG, wantedG }: Level): FormulaData {
  return { ...data, lines: scaleAsWeighed(data.lines, wantedG / (massG + overflowG)) };
}

/** The gap set to what the batch leaves, so that what there is counts as full. */
export const withWhatThereIs = (data: FormulaData, { gapMm }: Level): FormulaData => ({
  ...data,
  headspaceMm: Number(gapMm.toFixed(1)),
});

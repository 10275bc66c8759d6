import type { FormulaData } from '@hollow-moon/contract';
import { batchStands, scaleLines, type Level } from '@hollow-moon/core';
import { grams } from '@hollow-moon/words';

/** How a batch stands in its vessels, as a statement; `undefined` where it fits. */
export function batchInWords(level: Level, vessels: number): string | undefined {
  const { depthMm, roomMm, massG, wantedG, overflowG } = level;
  const each = vessels === 1 ? '' : ' in each';
  const fills = `${grams(massG)} g${each} fills ${Math.round(depthMm)} of ${Math.round(roomMm)} mm`;
  switch (batchStands(level)) {
    case 'overflows':
      return `The batch overflows by ${grams(Math.ceil(overflowG))} g${each}: what is foreseen is for ${vessels === 1 ? 'a brimming tin' : 'brimming tins'}.`;
    case 'over':
      return `${fills}: ${grams(massG - wantedG)} g more than the gap to the rim allows.`;
    case 'short':
      return `${fills}: ${grams(wantedG - massG)} g short of a full tin.`;
    case 'fits':
      return undefined;
  }
}

/** The list scaled so that its batch fills the vessels to the gap that is wanted. */
export function scaledToTins(data: FormulaData, { massG, overflowG, wantedG }: Level): FormulaData {
  return { ...data, lines: scaleLines(data.lines, wantedG / (massG + overflowG)) };
}

/** The gap set to what the batch leaves, so that what there is counts as full. */
export const withWhatThereIs = (data: FormulaData, { gapMm }: Level): FormulaData => ({
  ...data,
  headspaceMm: Number(gapMm.toFixed(1)),
});

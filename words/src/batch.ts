import { batchStands, type Level } from '@hollow-moon/core';
import type { Words } from './wordsIn';

/** How a batch stands in its vessels, as a statement; `undefined` where it fits. */
export function batchInWords(level: Level, vessels: number, { put }: Words): string | undefined {
  const { depthMm, roomMm, massG, wantedG, overflowG } = level;
  const fills = put('forecast.g-fills-of', {
    mass: { grams: massG },
    vessels,
    depth: { millimetres: Math.round(depthMm) },
    room: { millimetres: Math.round(roomMm) },
  });
  switch (batchStands(level)) {
    case 'overflows':
      return put('forecast.the-batch-overflows-by-g', {
        overflow: { grams: Math.ceil(overflowG) },
        vessels,
      });
    case 'over':
      return put('forecast.g-more-than-the', { fills, more: { grams: massG - wantedG } });
    case 'short':
      return put('forecast.g-short-of-a', { fills, short: { grams: wantedG - massG } });
    case 'fits':
      return undefined;
  }
}

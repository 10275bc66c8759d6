import { finding, type Finding } from '../result';
import type { Ingredient } from './ingredient';

export type RawName =
  | 'parsnips'
  | 'carrots'
  | 'sweet-potatoes'
  | 'pumpkin'
  | 'squash'
  | 'lemons'
  | 'limes'
  | 'oranges'
  | 'grapefruit'
  | 'bergamots';

/** What is bought to get so much of something prepared. */
export interface RawNeed {
  readonly raw: RawName;
  /** Grams of the raw thing for a gram of the prepared one, or pieces for it. */
  readonly gramsEach: number;
  readonly pieceG?: number;
}

/**
 * Raw things behind what the lists weigh prepared. Roots: 700 g give 430 g of purée (common practice);
 * the others from memory: a lemon gives 45 g of juice, an orange 75, a lime 28, a grapefruit 120;
 * squashes lose rind, seeds and steam.
 */
export const RAW_NEEDS: Readonly<Record<string, RawNeed>> = {
  'parsnip-puree': { raw: 'parsnips', gramsEach: 700 / 430 },
  'carrot-puree': { raw: 'carrots', gramsEach: 700 / 430 },
  'sweet-potato-puree': { raw: 'sweet-potatoes', gramsEach: 1.45 },
  'pumpkin-puree': { raw: 'pumpkin', gramsEach: 2 },
  'squash-puree': { raw: 'squash', gramsEach: 1.9 },
  'lemon-juice': { raw: 'lemons', gramsEach: 1, pieceG: 45 },
  'lime-juice': { raw: 'limes', gramsEach: 1, pieceG: 28 },
  'orange-juice': { raw: 'oranges', gramsEach: 1, pieceG: 75 },
  'grapefruit-juice': { raw: 'grapefruit', gramsEach: 1, pieceG: 120 },
  'bergamot-juice': { raw: 'bergamots', gramsEach: 1, pieceG: 40 },
};

/** What to buy for `grams` of a prepared ingredient; `undefined` where it is bought as it is. */
export function rawNeed(of: Ingredient, grams: number): Finding | undefined {
  const need = RAW_NEEDS[of.id];
  if (!need) return undefined;
  const raw = finding(`raw.${need.raw}`);
  return need.pieceG === undefined
    ? finding('raw.weight', { raw, grams: Math.round((grams * need.gramsEach) / 10) * 10 })
    : finding('raw.pieces', { raw, count: Math.ceil(grams / need.pieceG - 0.05) });
}

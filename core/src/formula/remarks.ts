import { finding, type Finding } from '../result';
import type { Analysis } from './analysis';
import type { Line } from './line';

/** Something about a line that is worth a word, and the change that was probably meant. */
export interface Remark {
  readonly lineId: string;
  readonly says: Finding;
  readonly likely: { readonly label: Finding; readonly line: Line } | undefined;
}

/** Salt in salted butter, share of its weight. Source: typical labels, from memory. */
const BUTTER_SALT = 0.018;

const SALTS: ReadonlySet<string> = new Set(['salt', 'salt-flakes']);

/** A sachet is not a measure: sizes sold differ. Common practice: 7 to 12 g. */
const SACHETS: ReadonlySet<string> = new Set(['gelatine-powder', 'vanilla-sugar']);

/**
 * Remarks on the lines of a list: salt beside salted butter, a sachet without its size, more kept back
 * than there is. Never throws; lines with a problem of their own are passed over.
 */
export function remarksOn({ lines }: Analysis): Remark[] {
  const butterSaltG =
    BUTTER_SALT *
    lines.reduce(
      (sum, { ingredient, grams }) =>
        ingredient?.id === 'salted-butter' && grams ? sum + grams : sum,
      0,
    );
  return lines.flatMap(({ line, ingredient, grams }): Remark[] => {
    if (!ingredient || grams === undefined) return [];
    const remarks: Remark[] = [];
    if (butterSaltG > 0 && SALTS.has(ingredient.id) && grams > 0) {
      const leftG = Math.max(0, grams - butterSaltG);
      remarks.push({
        lineId: line.id,
        says: finding('remark.salted-butter', { salt: { grams: butterSaltG } }),
        likely: {
          label: finding('remark.take', { amount: { grams: leftG } }),
          line: { ...line, amount: Number(leftG.toFixed(1)), unit: 'g' },
        },
      });
    }
    if (line.unit === 'piece' && SACHETS.has(ingredient.id)) {
      remarks.push({
        lineId: line.id,
        says: finding('remark.sachet', { holds: { grams: ingredient.gramsPerPiece! } }),
        likely: {
          label: finding('remark.in-grams'),
          line: { ...line, amount: Number(grams.toFixed(1)), unit: 'g' },
        },
      });
    }
    if (line.heldBack !== undefined && line.heldBack > line.amount) {
      remarks.push({
        lineId: line.id,
        says: finding('remark.held-back-too-much'),
        likely: {
          label: finding('remark.hold-all-back'),
          line: { ...line, heldBack: line.amount },
        },
      });
    }
    return remarks;
  });
}

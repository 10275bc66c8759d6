import type { Analysis } from './analysis';
import type { Line } from './line';

/** Something about a line that is worth a word, and the change that was probably meant. */
export interface Remark {
  readonly lineId: string;
  readonly message: string;
  readonly likely: { readonly label: string; readonly line: Line } | undefined;
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
        message: `The butter is salted and brings ${butterSaltG.toFixed(1)} g of salt already.`,
        likely: {
          label: `Take ${leftG.toFixed(1)} g`,
          line: { ...line, amount: Number(leftG.toFixed(1)), unit: 'g' },
        },
      });
    }
    if (line.unit === 'piece' && SACHETS.has(ingredient.id)) {
      remarks.push({
        lineId: line.id,
        message: `A sachet is taken for ${ingredient.gramsPerPiece} g. They differ: weigh what is in yours.`,
        likely: {
          label: 'Write it in grams',
          line: { ...line, amount: Number(grams.toFixed(1)), unit: 'g' },
        },
      });
    }
    if (line.heldBack !== undefined && line.heldBack > line.amount) {
      remarks.push({
        lineId: line.id,
        message: 'More is kept back than there is.',
        likely: { label: 'Keep all of it back', line: { ...line, heldBack: line.amount } },
      });
    }
    return remarks;
  });
}

import { findIngredient, type EggGrade, type EggPart } from '../ingredients';
import { gramsPerUnit, lineGrams, type Line } from './line';

/** Lines with every amount multiplied by `factor` (0 and up; throws on anything else). */
export function scaleLines(lines: readonly Line[], factor: number): Line[] {
  if (!(factor >= 0 && Number.isFinite(factor))) throw new RangeError(`cannot scale by ${factor}`);
  return lines.map((line) => ({ ...line, amount: line.amount * factor }));
}

/** One egg line brought to a whole number. */
export interface EggRounding {
  readonly lineId: string;
  readonly part: EggPart;
  /** Eggs, yolks or whites the line asks for, as a decimal. */
  readonly exact: number;
  readonly whole: number;
  /** Grams that the rounding adds (or, negative, takes away). */
  readonly changeG: number;
}

/**
 * Brings each egg line to a whole number of eggs, yolks or whites of the kitchen's grade, nearest
 * first and never to none. Other lines stay. Lines with a problem are left alone.
 * What the rounding does to the formula is found by analysing the lines before and after.
 */
export function roundEggs(
  lines: readonly Line[],
  grade: EggGrade,
): { readonly lines: Line[]; readonly roundings: EggRounding[] } {
  const roundings: EggRounding[] = [];
  const rounded = lines.map((line) => {
    const ingredient = findIngredient(line.ingredientId);
    const grams = lineGrams(line, grade);
    if (!ingredient?.eggPart || !grams.ok || grams.value === 0) return line;
    const each = gramsPerUnit(ingredient, 'piece', grade);
    if (!each.ok) return line;
    const exact = grams.value / each.value;
    const whole = Math.max(1, Math.round(exact));
    roundings.push({
      lineId: line.id,
      part: ingredient.eggPart,
      exact,
      whole,
      changeG: (whole - exact) * each.value,
    });
    return { ...line, amount: whole, unit: 'piece' as const };
  });
  return { lines: rounded, roundings };
}

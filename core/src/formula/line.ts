import { eggPartGrams, type EggGrade, type Ingredient } from '../ingredients';
import { findIngredient, type FindIngredient } from '../ingredients/catalogue';
import { fail, succeed, type Result } from '../result';
import { GRAMS_PER, MILLILITRES_PER, type MassUnit, type VolumeUnit } from '../units';

export type LineUnit = MassUnit | VolumeUnit | 'piece';

export const LINE_UNITS: readonly LineUnit[] = [
  ...(Object.keys(GRAMS_PER) as MassUnit[]),
  ...(Object.keys(MILLILITRES_PER) as VolumeUnit[]),
  'piece',
];

/** Why a line has no amount: nobody knows it, or it goes in by eye or to taste. */
export const VAGUE = ['unknown', 'by-eye'] as const;
export type Vague = (typeof VAGUE)[number];

/** One line of a formula: so much of one ingredient, in the unit the cook wrote. */
export interface Line {
  readonly id: string;
  readonly ingredientId: string;
  /** Counts for nothing where the amount is vague. */
  readonly amount: number;
  readonly unit: LineUnit;
  readonly vague?: Vague;
  readonly note?: string;
  /** What the cook wrote, where the line was read from text. */
  readonly written?: string;
  /** How much of the amount is kept back at first, in the line's unit: for a slurry, for the fruit. */
  readonly heldBack?: number;
  /** What may be used in its place, in its own amount. */
  readonly instead?: Pick<Line, 'ingredientId' | 'amount' | 'unit'>;
}

/** The most that one line may hold, grams: past this a kitchen has mistyped. Common practice. */
export const LINE_LIMIT_G = 100_000;

export const isMassUnit = (unit: LineUnit): unit is MassUnit => unit in GRAMS_PER;
const isVolume = (unit: LineUnit): unit is VolumeUnit => unit in MILLILITRES_PER;

/** Grams of one of `unit` of an ingredient, or why that cannot be said. */
export function gramsPerUnit(
  ingredient: Ingredient,
  unit: LineUnit,
  grade: EggGrade,
): Result<number> {
  if (isMassUnit(unit)) return succeed(GRAMS_PER[unit]);
  if (isVolume(unit)) return succeed(MILLILITRES_PER[unit] * ingredient.gramsPerMl);
  if (ingredient.eggPart) return succeed(eggPartGrams(grade, ingredient.eggPart));
  if (ingredient.gramsPerPiece !== undefined) return succeed(ingredient.gramsPerPiece);
  return fail('line.piece-unknown', undefined, { ingredient: ingredient.name });
}

/**
 * Grams of a line. Amounts from 0 up to {@link LINE_LIMIT_G}; anything else, an unknown
 * ingredient, or a piece without a weight is a problem with the line. Eggs by count take the
 * kitchen's weight grade.
 */
export function lineGrams(
  line: Pick<Line, 'ingredientId' | 'amount' | 'unit'>,
  grade: EggGrade,
  find: FindIngredient = findIngredient,
): Result<number> {
  const ingredient = find(line.ingredientId);
  if (!ingredient) return fail('line.no-ingredient');
  if (!Number.isFinite(line.amount)) return fail('line.no-amount');
  if (line.amount < 0) return fail('line.negative');
  const each = gramsPerUnit(ingredient, line.unit, grade);
  if (!each.ok) return each;
  const grams = line.amount * each.value;
  if (grams > LINE_LIMIT_G) {
    return fail('line.too-much');
  }
  return succeed(grams);
}

/** The units a cook may choose for an ingredient, plain ones first. */
export function unitsFor(ingredient: Ingredient | undefined): readonly LineUnit[] {
  const counted = ingredient?.eggPart ?? ingredient?.gramsPerPiece;
  return LINE_UNITS.filter((unit) => unit !== 'mg' && (unit !== 'piece' || counted !== undefined));
}

/**
 * A line with what may be used instead put in its place, and the other way round; as it was without one. A line
 * without an amount is not kept to be swapped back.
 */
export function swapped(line: Line): Line {
  const { instead, heldBack: _, vague, ...rest } = line;
  if (!instead) return line;
  const { ingredientId, amount, unit } = line;
  // What nobody measured is not kept as an amount of nothing.
  if (vague) return { ...rest, ...instead };
  return { ...rest, ...instead, instead: { ingredientId, amount, unit } };
}

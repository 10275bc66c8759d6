import { findIngredient, type LineUnit } from '@hollow-moon/core';

/** A unit as the list shows it: a piece goes by its own name. */
export const unitName = (unit: LineUnit, ingredientId: string): string =>
  unit === 'piece' ? (findIngredient(ingredientId)?.pieceName ?? 'piece') : unit;

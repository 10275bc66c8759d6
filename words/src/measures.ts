import type { Ingredient, LineUnit } from '@hollow-moon/core';
import { isMessage, say } from './say';

/** To three digits after the point, as it may have been typed. */
const figure = (amount: number): number => Number(amount.toFixed(3));

/** A unit beside its figure: "cups", "g"; a piece goes by its own name: "yolks", "leaves". */
export function unitInWords(unit: LineUnit, of: Ingredient | undefined, count: number): string {
  const id = `counted.${(unit === 'piece' ? (of?.pieceName ?? unit) : unit).replaceAll(' ', '-')}`;
  return isMessage(id) ? say(id, { count }) : unit;
}

/**
 * So much of something, as a cook says it: "6 egg yolks", "1.5 cups whole milk", "gelatine, 3 leaves". The plain egg, yolk and
 * white have their whole name counted; of what else comes in pieces, the pieces are.
 */
export function measureInWords(amount: number, unit: LineUnit, of: Ingredient): string {
  const count = figure(amount);
  const whole = `counted-whole.${of.id}`;
  if (unit === 'piece' && isMessage(whole)) return say(whole, { count });
  return say(unit === 'piece' ? 'counted.pieces-of' : 'counted.measure-of', {
    count,
    unit: unitInWords(unit, of, count),
    name: of.name.toLowerCase(),
  });
}

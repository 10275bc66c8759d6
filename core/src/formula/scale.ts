import type { Line, LineUnit } from './line';

/** Lines with every amount multiplied by `factor` (0 and up; throws on anything else). */
export function scaleLines(lines: readonly Line[], factor: number): Line[] {
  if (!(factor >= 0 && Number.isFinite(factor))) throw new RangeError(`cannot scale by ${factor}`);
  return lines.map((line) => ({
    ...line,
    amount: line.amount * factor,
    ...(line.heldBack === undefined ? {} : { heldBack: line.heldBack * factor }),
    ...(line.instead ? { instead: { ...line.instead, amount: line.instead.amount * factor } } : {}),
  }));
}

const toStep = (value: number, step: number): number =>
  Number((Math.round(value / step) * step).toFixed(4));

/** How fine a cook weighs or measures, by the unit. Grams and millilitres are finer the less there is of them. */
const STEPS: Readonly<Record<Exclude<LineUnit, 'g' | 'ml'>, number>> = {
  ...{ mg: 1, kg: 0.005, oz: 0.1, lb: 0.01 },
  ...{ cl: 0.1, dl: 0.05, l: 0.005, 'fl oz': 0.1 },
  ...{ tsp: 1 / 8, tbsp: 1 / 8, 'Australian tbsp': 1 / 8 },
  // Thirds and quarters of a cup.
  ...{ cup: 1 / 12, 'metric cup': 1 / 12, quart: 1 / 12 },
  piece: 0.1,
};

/**
 * How fine a cook weighs or measures so much of a unit: a gram from ten on, five from a kilo, a tenth below ten; an eighth of
 * a spoon, a twelfth of a cup, a tenth of an egg or an ounce. Source: common practice.
 */
function stepOf(amount: number, unit: LineUnit): number {
  if (unit !== 'g' && unit !== 'ml') return STEPS[unit];
  return amount >= 1000 ? 5 : amount >= 10 ? 1 : amount >= 1 ? 0.1 : 0.01;
}

/** An amount as a cook weighs or measures it; never rounded away to nothing. See {@link stepOf}. */
export function asWeighed(amount: number, unit: LineUnit): number {
  const shown = toStep(amount, stepOf(amount, unit));
  return shown > 0 ? shown : amount;
}

/** Lines multiplied by `factor` (0 and up; throws on anything else), each amount as a cook weighs it. */
export const scaleAsWeighed = (lines: readonly Line[], factor: number): Line[] =>
  scaleLines(lines, factor).map((line) => ({
    ...line,
    amount: asWeighed(line.amount, line.unit),
    ...(line.heldBack === undefined ? {} : { heldBack: asWeighed(line.heldBack, line.unit) }),
    ...(line.instead
      ? { instead: { ...line.instead, amount: asWeighed(line.instead.amount, line.instead.unit) } }
      : {}),
  }));

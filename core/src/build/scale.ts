import { scaleAsWeighed } from '../formula';
import { fail, succeed, type Result } from '../result';
import type { BuildFormula } from './part';

/**
 * A formula with its own lists multiplied by `factor` (0 and up; throws on anything else), each amount as a cook weighs
 * it: filling and components. What goes into one vessel and components made from the book stay as they are, since
 * those follow the vessels.
 */
export function scaleBuild<F extends BuildFormula>(formula: F, factor: number): F {
  return {
    ...formula,
    lines: scaleAsWeighed(formula.lines, factor),
    parts: formula.parts.map((part) => ({ ...part, lines: scaleAsWeighed(part.lines, factor) })),
  };
}

/** The formula for as many portions as are wanted: vessels enough, and the lists with them. */
export function toPortions<F extends BuildFormula>(formula: F, portions: number): Result<F> {
  if (!(Number.isInteger(portions) && portions >= 1 && portions <= 5000)) {
    return fail('build.portions', 'portions');
  }
  const vesselCount = Math.max(1, Math.ceil(portions / formula.portionsEach));
  if (vesselCount > 200) {
    return fail('build.too-many-vessels', 'portions');
  }
  return succeed({ ...scaleBuild(formula, vesselCount / formula.vesselCount), vesselCount });
}

/**
 * The formula scaled so that a line takes just what is in hand ("nine yolks", "600 g of plums"), in
 * the line's own unit. The number of vessels follows, rounded down to whole ones, at least one.
 */
export function toInHand<F extends BuildFormula>(
  formula: F,
  lineId: string,
  amount: number,
): Result<F> {
  const line = [formula.lines, ...formula.parts.map((part) => part.lines)]
    .flat()
    .find((each) => each.id === lineId);
  if (!line || !(line.amount > 0)) {
    return fail('build.no-line', 'inHand');
  }
  if (!(amount > 0 && Number.isFinite(amount))) {
    return fail('build.in-hand', 'inHand');
  }
  const factor = amount / line.amount;
  const vesselCount = Math.min(200, Math.max(1, Math.floor(formula.vesselCount * factor + 1e-6)));
  return succeed({ ...scaleBuild(formula, factor), vesselCount });
}

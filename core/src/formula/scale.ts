import type { Line } from './line';

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

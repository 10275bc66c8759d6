import { fail, succeed, type Result } from '../result';

const PLAIN_DECIMAL = /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/;

/**
 * Reads a number as a cook types it: point or comma before the decimals, spaces (also the thin and
 * hard ones) between thousands. Never throws; words, two separators ("1.200,5") and empty text fail
 * with a message for the field.
 */
export function parseDecimal(text: string): Result<number> {
  const compact = text.replace(/[\s\u00a0\u2009\u202f]/g, '');
  if (compact === '') return fail('number-missing', 'Enter a number.');
  if (!PLAIN_DECIMAL.test(compact)) {
    const letters = /[^\d.,+-]/.test(compact);
    return letters
      ? fail('number-unreadable', `“${text.trim()}” is not a number. Digits only, such as 12.5.`)
      : fail(
          'number-unreadable',
          `“${text.trim()}” is unclear. Use one point or comma, such as 12.5.`,
        );
  }
  const value = Number(compact.replace(',', '.'));
  return Number.isFinite(value)
    ? succeed(value)
    : fail('number-too-large', 'That number is too large.');
}

import { fail, succeed, type Result } from '../result';

const PLAIN_DECIMAL = /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/;

/**
 * Reads a number as a cook types it: point or comma before the decimals, spaces (also the thin and
 * hard ones) between thousands. Never throws; words, two separators ("1.200,5") and empty text fail
 * with a message for the field.
 */
export function parseDecimal(text: string): Result<number> {
  const compact = text.replace(/[\s\u00a0\u2009\u202f]/g, '');
  if (compact === '') return fail('number.missing');
  if (!PLAIN_DECIMAL.test(compact)) {
    const letters = /[^\d.,+-]/.test(compact);
    return letters
      ? fail('number.unreadable', undefined, { text: text.trim() })
      : fail('number.unclear', undefined, { text: text.trim() });
  }
  const value = Number(compact.replace(',', '.'));
  return Number.isFinite(value) ? succeed(value) : fail('number.too-large');
}

/**
 * A word as names are compared: lower case, no accents, hyphens as spaces, "d'" by itself, the plural's
 * ending taken off. Both sides of a comparison are folded alike, so that the result need not be a word.
 */
export function foldWords(text: string): string[] {
  return text
    .toLowerCase()
    .normalize('NFD')
    .replaceAll(/\p{M}/gu, '')
    .replaceAll('œ', 'oe')
    .replaceAll('ß', 'ss')
    .replaceAll(/[’`´]/g, "'")
    .replaceAll(/\b([dl])'(?=\p{L})/gu, '$1 ')
    .replaceAll("'", '')
    .split(/[^\p{L}\p{N}%.]+/u)
    .map((word) => word.replace(/^\.+|\.+$/g, ''))
    .filter(Boolean)
    .map(singular);
}

/** "Berries", "potatoes" and "peaches" without their ending; what is not a plural may lose a letter too. */
function singular(word: string): string {
  if (word.length < 4 || !word.endsWith('s') || word.endsWith('ss')) return word;
  const bare = word.slice(0, -1);
  if (bare.endsWith('ie')) return `${bare.slice(0, -2)}y`;
  return /(?:oe|che|she|xe|sse)$/.test(bare) ? bare.slice(0, -1) : bare;
}

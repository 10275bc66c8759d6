import { NUMBER } from './notation';
import type { Language } from './language';

/** A number in digits or in words, as it may stand before a fruit. */
const SOME = String.raw`(${NUMBER}|a|an|one|two|half an?|um|uma|dois|duas|meia?o?|une?|deux|un demi|une demi|dos|medio|media)`;

/** "Zest of 2 lemons" in each language, with the groups: what, how many, which fruit. */
const OF: Readonly<Record<Language, RegExp>> = {
  en: new RegExp(
    String.raw`^(.*?)\b(zest|juice|rind|peel)\s+(?:of|from)\s+${SOME}\s+(?:\w+ ){0,2}?(lemon|lime|orange|grapefruit)s?\b(.*)$`,
    'iu',
  ),
  de: new RegExp(
    String.raw`^(.*?)\b(abrieb|schale|saft)\s+(?:von\s+)?(${NUMBER}|einer halben|einer|eine halbe|eine|zwei|drei)\s+(?:bio-?\s*)?(zitrone|limette|orange)n?(?!\p{L})(.*)$`,
    'iu',
  ),
  pt: new RegExp(
    String.raw`^(.*?)\b(raspas?|casca|sumo|suco|zest)\s+de\s+${SOME}\s+(lim[ãa]o|lim[õo]es|lima|laranja)s?(?!\p{L})(.*)$`,
    'iu',
  ),
  fr: new RegExp(
    String.raw`^(.*?)\b(zestes?|jus)\s+(?:de\s+|d['’]\s*)${SOME}\s+(citron|orange)s?\b(.*)$`,
    'iu',
  ),
  es: new RegExp(
    String.raw`^(.*?)\b(ralladura|piel|c[áa]scara|zumo|jugo)\s+de\s+${SOME}\s+(lim[óo]n|lima|naranja)(?:e?s)?(?!\p{L})(.*)$`,
    'iu',
  ),
};

/** How a fruit and its part make a name where they do not as in "zeste de citron". */
const JOINED: Partial<Record<Language, (fruit: string, what: string) => string>> = {
  en: (fruit, what) => `${fruit} ${what}`,
  de: (fruit, what) => `${fruit}n${what.toLowerCase()}`,
};

/** "2 lemons, zested": how many, which fruit, what. */
const AFTER =
  /^(.*?\d.*?|½|an?\s|one\s)\s*(lemon|lime|orange|grapefruit)s?\b[\s,(]+(?:finely |freely |freshly |the )?(?:grated |only the )?(zest|zested|juice|juiced|rind)\b(.*)$/iu;

const PART: Readonly<Record<string, string>> = { zested: 'zest', juiced: 'juice' };

/** "Zest and juice of 1 lemon" and "1 lemon, zest and juice" as the two lines they are. */
const BOTH: readonly (readonly [RegExp, string, string])[] = [
  [/^(.*?)\bzest and juice of\s+(.+)$/iu, '$1zest of $2', 'juice of $2'],
  [/^(.*?)\bjuice and zest of\s+(.+)$/iu, '$1zest of $2', 'juice of $2'],
  [/^(.+?),?\s*(?:zest and juice|juice and zest|zested and juiced)$/iu, '$1, zest', '$1, juice'],
  [/^(.*?)\b(schale|abrieb) und saft (?:von )?(.+)$/iu, '$1$2 von $3', 'Saft von $3'],
  [/^(.*?)\bsaft und (schale|abrieb) (?:von )?(.+)$/iu, '$1$2 von $3', 'Saft von $3'],
  [/^(.*?)\braspa e (?:sumo|suco) de\s+(.+)$/iu, '$1raspa de $2', 'sumo de $2'],
  [/^(.*?)\bzeste et jus (d.\s*.+)$/iu, '$1zeste $2', 'jus $2'],
  [/^(.*?)\bralladura y (?:zumo|jugo) de\s+(.+)$/iu, '$1ralladura de $2', 'zumo de $2'],
];

/** A line about two parts of one fruit as two lines; any other as it is. */
export function partsOfFruit(line: string): string[] {
  const found = BOTH.find(([both]) => both.test(line));
  return found ? [line.replace(found[0], found[1]), line.replace(found[0], found[2])] : [line];
}

/** "Zest of 2 lemons" and "2 lemons, zested" with the number before and the part named: "2 lemon zest". */
export function wholeFirst(text: string, language: Language): string {
  const of = OF[language].exec(text);
  if (of) {
    const [, before, what, many, fruit, after] = of;
    const one = fruit!.replace(/õ/, 'ã').replace(/es$/i, /^lim.es$/i.test(fruit!) ? 'o' : 'es');
    const joined = JOINED[language]?.(fruit!, what!) ?? `${what} de ${one}`;
    return `${many} ${joined}${after}${before!.trim() ? `, ${before!.trim()}` : ''}`;
  }
  const after = language === 'en' ? AFTER.exec(text) : null;
  if (!after) return text;
  const [, many, fruit, what, rest] = after;
  return `${many!.trim()} ${fruit} ${PART[what!.toLowerCase()] ?? what}${rest}`;
}

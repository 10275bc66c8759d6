import { CATALOGUE } from '../ingredients/catalogue';
import { type Ingredient } from '../ingredients';
import { isChanged, JOINS } from './changed';
import { isByEyeUnit, type Language } from './language';
import { WORDS } from './words';

const plain = (text: string): string =>
  text.toLowerCase().normalize('NFC').replaceAll('’', "'").replaceAll(/\s+/g, ' ').trim();

/** What stands between the words of a description. */
const BETWEEN = /[\s,;:()]+/;
const wordsOf = (text: string): string[] => plain(text).split(BETWEEN).filter(Boolean);

/** Words of the longest name: a run longer than this names nothing. */
const LONGEST_RUN = 6;

function lexicon(language: Language): ReadonlyMap<string, string> {
  const known = new Map<string, string>();
  const learn = (name: string, id: string) => {
    const run = wordsOf(name).join(' ');
    if (!known.has(run)) known.set(run, id);
  };
  // What cooks call it goes before what the catalogue does; of two that share a short name, the first.
  for (const [name, id] of Object.entries(WORDS[language])) learn(name, id);
  for (const { id, name } of CATALOGUE) learn(name, id);
  for (const { id, name } of CATALOGUE) learn(name.split(',')[0]!, id);
  return known;
}

const LEXICONS: Partial<Record<Language, ReadonlyMap<string, string>>> = {};
const lexiconOf = (language: Language): ReadonlyMap<string, string> =>
  (LEXICONS[language] ??= lexicon(language));

/** An ingredient found in a text: which, and what of the text named it. */
export interface Named {
  readonly ingredientId: string;
  readonly words: string;
}

/**
 * The ingredient that a description names: the longest run of its words that the kitchen, the catalogue
 * or the language knows, the earliest of equal ones; the kitchen's `own` go first. `undefined` when
 * nothing is known, or when a word beside the run makes another food of it.
 */
export function ingredientIn(
  description: string,
  language: Language,
  own: readonly Ingredient[] = [],
): Named | undefined {
  const words = wordsOf(description);
  const known = lexiconOf(language);
  const ours = new Map(
    own.flatMap(({ id, name }) =>
      [name, name.split(',')[0]!].map((each) => [wordsOf(each).join(' '), id] as const),
    ),
  );
  for (let length = Math.min(LONGEST_RUN, words.length); length > 0; length -= 1) {
    for (let first = 0; first + length <= words.length; first += 1) {
      const run = words.slice(first, first + length).join(' ');
      const ingredientId = ours.get(run) ?? known.get(run);
      if (!ingredientId) continue;
      // "Une noix de beurre" measures butter, and names no walnut.
      if (isByEyeUnit(run, language) && JOINS.test(words[first + length] ?? '')) continue;
      return isChanged(words, first, length, language) ? undefined : { ingredientId, words: run };
    }
  }
  return undefined;
}

/** How many of a text's words a language knows, for telling which one it is written in. */
export function knownWords(text: string, language: Language): number {
  const own = new Set(Object.keys(WORDS[language]).map(plain));
  return wordsOf(text).filter((word) => own.has(word)).length;
}

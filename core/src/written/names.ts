import { distance } from 'fastest-levenshtein';
import { CATALOGUE } from '../ingredients/catalogue';
import { type Ingredient } from '../ingredients';
import { leavesAsIs } from './beside';
import { isChanged } from './changed';
import { foldWords } from './fold';
import type { Language } from './language';
import { WORDS } from './words';

/** Words of the longest name: a run longer than this names nothing. */
const LONGEST_RUN = 6;

/** The most ingredients that are proposed for a line that is in doubt. */
const MOST_LIKELY = 3;

/** Names by which a food is known, folded, and the ingredients they may mean: more than one is asked. */
type Lexicon = ReadonlyMap<string, readonly string[]>;

function lexicon(language: Language): Lexicon {
  const known = new Map<string, readonly string[]>();
  const learn = (name: string, ids: readonly string[]) => {
    const run = foldWords(name).join(' ');
    if (run !== '' && !known.has(run)) known.set(run, ids);
  };
  // What cooks call it goes before what the catalogue does; of two that share a short name, the first.
  for (const [names, ids] of WORDS[language]) for (const name of names) learn(name, ids);
  for (const { id, name } of CATALOGUE) learn(name, [id]);
  for (const { id, name } of CATALOGUE) learn(name.split(',')[0]!, [id]);
  return known;
}

const LEXICONS: Partial<Record<Language, Lexicon>> = {};
const lexiconOf = (language: Language): Lexicon => (LEXICONS[language] ??= lexicon(language));

function ownNames(own: readonly Ingredient[]): Lexicon {
  return new Map(
    own.flatMap(({ id, name }) =>
      [name, name.split(',')[0]!].map((each) => [foldWords(each).join(' '), [id]] as const),
    ),
  );
}

/** A word of a description, folded, with where it stands in the text and which part of it. */
interface Token {
  readonly word: string;
  readonly from: number;
  readonly to: number;
  /** Parts lie between commas, colons, brackets and dashes. */
  readonly part: number;
}

function tokensOf(text: string): Token[] {
  const tokens: Token[] = [];
  let part = 0;
  for (const match of text.matchAll(/[,;:()[\]]|\s[-–—]\s|[^\s,;:()[\]]+/gu)) {
    if (/^(?:[,;:()[\]]|\s[-–—]\s)$/.test(match[0])) {
      // What follows a colon is no kind of what stands before it.
      part += match[0] === ':' ? 2 : 1;
    } else {
      for (const word of foldWords(match[0])) {
        tokens.push({ word, from: match.index, to: match.index + match[0].length, part });
      }
    }
  }
  return tokens;
}

/** What ingredient a description names. */
export interface Named {
  /** The ingredient, where its name is the whole of what the line says is wanted; else it is asked. */
  readonly ingredientId: string | undefined;
  /** What it may be, the likeliest first, where it has to be asked; empty when nothing is like it. */
  readonly likely: readonly string[];
  /** The name is clear, and several foods go by it. */
  readonly ambiguous: boolean;
  /** The description without the name. */
  readonly rest: string;
}

interface Found {
  readonly ids: readonly string[];
  readonly first: number;
  readonly length: number;
}

/** Every name in a row of words, the longest first and the earliest of equal ones. */
function foundIn(tokens: readonly Token[], names: readonly Lexicon[]): Found[] {
  const found: Found[] = [];
  for (let length = Math.min(LONGEST_RUN, tokens.length); length > 0; length -= 1) {
    for (let first = 0; first + length <= tokens.length; first += 1) {
      const run = tokens
        .slice(first, first + length)
        .map(({ word }) => word)
        .join(' ');
      const ids = names.map((each) => each.get(run)).find(Boolean);
      if (ids) found.push({ ids, first, length });
    }
  }
  return found;
}

/** What has been done to a food, by the ending of the word. */
const DONE: Readonly<Record<Language, RegExp>> = {
  en: /(?:ed|ing|ly)$/,
  de: /^(?:ge|zer|ver|ab|aus|auf|ent)\p{L}+(?:t|en|te|ter|tes|ten|ene|ener|enes|enen)$/u,
  pt: /[ai]d[oa]$|mente$/,
  fr: /(?:e|ee|i|ie|u|ue|ant|ement)$/,
  es: /[ai]d[oa]$|mente$/,
};

/** Whether all that stands with a name up to the end of its part is harmless beside it. */
function isWhole(tokens: readonly Token[], { first, length }: Found, language: Language): boolean {
  const { part } = tokens[first + length - 1]!;
  const words = (some: readonly Token[]) => some.map(({ word }) => word);
  const after = tokens.slice(first + length);
  const beside = after.filter((token) => token.part === part);
  // A word or two by themselves after the name say which kind of it: "flour, rye". More than that tells what is done.
  const next = after.filter((token) => token.part === part + 1);
  const kind = next.length <= 2 && !next.some(({ word }) => DONE[language].test(word)) ? next : [];
  return (
    leavesAsIs(words(tokens.slice(0, first)), words(beside), language) &&
    leavesAsIs([], words(kind), language)
  );
}

/** What offers another thing, as words are folded. */
const OR: Readonly<Record<Language, readonly string[]>> = {
  en: ['or'],
  de: ['oder'],
  pt: ['ou'],
  fr: ['ou'],
  es: ['o', 'ou'],
};

/** Whether another food is offered in its place: "butter or margarine". */
const isEither = (tokens: readonly Token[], found: readonly Found[], language: Language): boolean =>
  found.length > 1 &&
  tokens.some(
    ({ word }, at) =>
      OR[language].includes(word) &&
      found.some(({ first }) => first > at) &&
      found.some(({ first }) => first < at),
  );

/** Names that are a letter or two away, as a scan or a quick thumb writes them. */
function nearNames(tokens: readonly Token[], language: Language): string[] {
  const words = tokens.map(({ word }) => word).filter((word) => word.length >= 5);
  return words.flatMap((word) =>
    [...lexiconOf(language)]
      .filter(([run]) => !run.includes(' ') && Math.abs(run.length - word.length) <= 1)
      .map(([run, ids]) => ({ ids, apart: distance(run, word) }))
      .filter(({ apart }) => apart <= (word.length < 8 ? 1 : 2))
      .sort((a, b) => a.apart - b.apart)
      .flatMap(({ ids }) => ids),
  );
}

const upTo = (ids: readonly string[]): string[] => [...new Set(ids)].slice(0, MOST_LIKELY);

/**
 * The ingredient a description names: the longest run of its words that the kitchen (`own`), the language
 * or the catalogue knows. It counts only where what stands with it is harmless: any other word beside it,
 * another food offered in its place, or a name of several foods is asked, with what is likely.
 */
export function ingredientIn(
  description: string,
  language: Language,
  own: readonly Ingredient[] = [],
): Named {
  const tokens = tokensOf(description);
  const found = foundIn(tokens, [ownNames(own), lexiconOf(language)]);
  const best = found[0];
  if (!best) {
    return {
      ingredientId: undefined,
      likely: upTo(nearNames(tokens, language)),
      ambiguous: false,
      rest: description,
    };
  }
  const first = tokens[best.first]!;
  const last = tokens[best.first + best.length - 1]!;
  const rest = `${description.slice(0, first.from)} ${description.slice(last.to)}`;
  // What lies within a longer name is no other food.
  const apart = found.filter(
    (each) =>
      each === best ||
      each.first >= best.first + best.length ||
      each.first + each.length <= best.first,
  );
  const words = tokens.map(({ word }) => word);
  const clear =
    isWhole(tokens, best, language) &&
    !isEither(tokens, apart, language) &&
    !isChanged(words, best.first, best.length, language);
  const ambiguous = clear && best.ids.length > 1;
  return clear && !ambiguous
    ? { ingredientId: best.ids[0], likely: [], ambiguous, rest }
    : { ingredientId: undefined, likely: upTo(apart.flatMap(({ ids }) => ids)), ambiguous, rest };
}

/**
 * Ingredients whose name, in any of the languages or the catalogue's own, holds every word that was typed so far; whole
 * names first. For choosing by typing. `own` are the kitchen's own ingredients.
 */
export function likeName(
  typed: string,
  languages: readonly Language[],
  own: readonly Ingredient[] = [],
): string[] {
  const words = foldWords(typed);
  if (words.length === 0) return [];
  const found = new Map<string, number>();
  for (const names of [ownNames(own), ...languages.map(lexiconOf)]) {
    for (const [run, ids] of names) {
      const parts = run.split(' ');
      if (!words.every((word) => parts.some((part) => part.startsWith(word)))) continue;
      // A name that is all that was typed goes first, then one that begins with it.
      const rank = run === words.join(' ') ? 0 : run.startsWith(words[0]!) ? 1 : 2;
      for (const id of ids) {
        const score = rank * 100 + parts.length;
        found.set(id, Math.min(found.get(id) ?? Infinity, score));
      }
    }
  }
  return [...found].sort(([, a], [, b]) => a - b).map(([id]) => id);
}

/** How many of a text's words a language knows, for telling which one it is written in. */
export function knownWords(text: string, language: Language): number {
  const own = new Set(
    WORDS[language].flatMap(([names]) => names.map((n) => foldWords(n).join(' '))),
  );
  return foldWords(text).filter((word) => own.has(word)).length;
}

import type { Language } from '../language';
import { DE } from './de';
import { EN } from './en';
import { ES } from './es';
import { FR } from './fr';
import type { Names } from './names';
import { PT } from './pt';

const listed = (names: Names): readonly (readonly [readonly string[], readonly string[]])[] =>
  Object.entries(names).map(([ids, text]) => [text.split(/,\s+/), ids.split('|')]);

/** For each language, names that foods go by there beside the catalogue's own, and the ingredients they may mean. */
export const WORDS: Readonly<Record<Language, ReturnType<typeof listed>>> = {
  en: listed(EN),
  de: listed(DE),
  pt: listed(PT),
  fr: listed(FR),
  es: listed(ES),
};

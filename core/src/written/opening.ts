import { inBase, measureIn } from './amounts';
import { ABOUT, BY_EYE, MEASURE_WORDS, NUMBER_WORDS } from './amountWords';
import { isUnit, LONG_UNITS, type Language, type WrittenUnit } from './language';
import { NUMBER } from './notation';

const escaped = (text: string): string => text.replaceAll(/[.*+?^${}()|[\]\\]/g, '\\$&');
const anyOf = (words: readonly string[]): string =>
  [...words]
    .sort((a, b) => b.length - a.length)
    .map(escaped)
    .join('|');

/** What stands before the amount in a language, as patterns; made once. */
function openersOf(language: Language) {
  const numbers = Object.keys(NUMBER_WORDS[language]);
  return {
    long: LONG_UNITS[language].map(
      ([spelling, word]) =>
        [new RegExp(`(^|[\\s\\d½¼¾])${escaped(spelling)}(?=$|\\s)`, 'iu'), `$1 ${word}`] as const,
    ),
    rough: new RegExp(`^(?:${anyOf(ABOUT[language])})\\s*(?=\\S)`, 'iu'),
    measure: new RegExp(`^(${anyOf(MEASURE_WORDS)})\\s+(?=\\S)`, 'iu'),
    between: new RegExp(`^(${NUMBER}\\s+)(${anyOf(MEASURE_WORDS)})\\s+(\\p{L}[\\p{L}.]*)`, 'iu'),
    word: new RegExp(`^(${anyOf(numbers)})\\s+(?=\\S)`, 'iu'),
    byEye: new RegExp(`(?:^|[\\s,(])(?:${anyOf(BY_EYE[language])})(?=$|[\\s,.;)'])`, 'iu'),
    few: FEW[language],
  };
}

/** "A few drops of": so little that nobody counts it. */
const FEW: Readonly<Record<Language, RegExp>> = {
  en: /^(?:a few|a couple of|a good|a generous|a small|a large|a tiny|a big)\s+/iu,
  de: /^(?:ein paar|einige|eine gute|eine kleine|eine große|ein kleiner|ein guter)\s+/iu,
  pt: /^(?:umas|uns|algumas|alguns|uma boa|uma pequena)\s+(?=gota|pitada|fio|punhado)/iu,
  fr: /^(?:quelques|une bonne|une petite|une grosse|un petit|un bon)\s+/iu,
  es: /^(?:unas|unos|una buena|un buen|una pequeña|un pequeño)\s+(?=gota|pizca|chorr|puñado)/iu,
};

const OPENERS: Partial<Record<Language, ReturnType<typeof openersOf>>> = {};

/** Tidies what stands before the amount: rough words, qualifiers, numbers in words. */
export function opened(text: string, language: Language) {
  const openers = (OPENERS[language] ??= openersOf(language));
  const byEye = openers.byEye.exec(text.trim());
  const little = byEye !== null && byEye.index === 0 && !/^\p{N}/u.test(text.trim());
  let rest = little ? text.trim().slice(byEye[0].length).trim() : text.trim();
  for (const [spelling, word] of openers.long) rest = rest.replace(spelling, word).trim();
  // "De 3 a 4", "entre 3 et 4": the word only opens the range.
  if (language !== 'en') rest = rest.replace(/^de\s+(?=\d)/iu, '');
  let about = false;
  const qualifiers: string[] = [];
  for (let round = 0; round < 3; round += 1) {
    if (openers.rough.test(rest)) {
      rest = rest.replace(openers.rough, '');
      about = true;
    }
    const found = openers.measure.exec(rest);
    if (found) {
      qualifiers.push(found[1]!.toLowerCase());
      rest = rest.slice(found[0].length);
    }
  }
  const few = openers.few.test(rest);
  rest = few ? rest.replace(openers.few, '1 ') : rest;
  const number = openers.word.exec(rest);
  if (number) {
    const plain = NUMBER_WORDS[language][number[1]!.toLowerCase()]!;
    // "A scant cup": the qualifier stands between the number and its unit.
    const after = openers.measure.exec(rest.slice(number[0].length));
    if (after) qualifiers.push(after[1]!.toLowerCase());
    rest = `${plain} ${rest.slice(number[0].length + (after?.[0].length ?? 0))}`;
  }
  // "2 gehäufte EL": the same after a number in figures, where a unit follows.
  const [heaped, many, how, unit] = openers.between.exec(rest) ?? [];
  if (heaped !== undefined && isUnit(unit!, language)) {
    qualifiers.push(how!.toLowerCase());
    rest = `${many}${unit}${rest.slice(heaped.length)}`;
  }
  return { rest, about, qualifiers, byEye: openers.byEye };
}

/** "1 cup plus 2 tbsp sugar": two amounts of one thing as one, in the unit of the first. */
export function added(text: string, language: Language): string {
  const found = new RegExp(
    String.raw`^(${NUMBER})\s*(\p{L}[\p{L}.]*)\s*(?:\+|plus|and|mais|e|plus|et|más|y)\s+(${NUMBER})\s*(\p{L}[\p{L}.]*)\s+(?=\p{L})`,
    'iu',
  ).exec(text);
  if (!found || !isUnit(found[2]!, language) || !isUnit(found[4]!, language)) return text;
  const [first, second] = [
    measureIn(`${found[1]} ${found[2]}`, language),
    measureIn(`${found[3]} ${found[4]}`, language),
  ];
  if (!first?.quantity || !second?.quantity) return text;
  const [one, other] = [first, second].map((each) =>
    inBase(each.quantity!, each.unitOfMeasureID as WrittenUnit),
  );
  if (!one || !other || one.base !== other.base) return text;
  const sum = (first.quantity * (one.value + other.value)) / one.value;
  return `${Number(sum.toFixed(4))} ${found[2]} ${text.slice(found[0].length)}`;
}

/** A qualifier of the measure at the front of a text, "packed", where there is one. */
export const qualifierOf = (text: string): string | undefined =>
  new RegExp(`^(?:${anyOf(MEASURE_WORDS)})(?=$|[\\s,])`, 'iu').exec(text)?.[0];

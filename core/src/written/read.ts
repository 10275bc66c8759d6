import { finding, type Finding } from '../result';
import { parseIngredient } from 'parse-ingredient';
import { gramsPerUnit, type LineUnit } from '../formula';
import { DEFAULT_EGG_GRADE, type Ingredient } from '../ingredients';
import { findAmong, findIngredient } from '../ingredients/catalogue';
import { GRAMS_PER, MILLILITRES_PER } from '../units';
import {
  ABOUT,
  BY_EYE,
  LANGUAGES,
  LONG_UNITS,
  MEASURE_WORDS,
  NUMBER_WORDS,
  PARSER,
  type Language,
  type WrittenUnit,
} from './language';
import { ingredientIn, knownWords } from './names';
import { headingIn } from './sections';

/** How much a line says. */
export type WrittenAmount =
  | { readonly kind: 'exact'; readonly value: number }
  | { readonly kind: 'range'; readonly least: number; readonly most: number }
  | { readonly kind: 'by-eye' }
  | { readonly kind: 'unknown' };

/** One of the things an ambiguous line may mean. */
export interface Meaning {
  readonly label: Finding;
  readonly amount: number;
  readonly unit: LineUnit;
}

/** A line as written, and what was made of it. */
export interface WrittenLine {
  /** What the cook wrote, to the letter. */
  readonly text: string;
  /** The heading it stands under, as "For the dough:"; empty under none. */
  readonly section: string;
  readonly amount: WrittenAmount;
  /** "About", "at least": the amount is a rough one. */
  readonly about: boolean;
  readonly unit: LineUnit | undefined;
  readonly ingredientId: string | undefined;
  /** How much of the amount has another use or is kept back, in the line's unit, where the line says so. */
  readonly heldBack: number | undefined;
  /** Preparation, size, qualifier: what else the line says. */
  readonly note: string;
  /** What has to be asked before the line can be weighed. */
  readonly question: { readonly asks: Finding; readonly meanings: readonly Meaning[] } | undefined;
  /** What does not agree with itself, said and not mended. */
  readonly remarks: readonly Finding[];
}

const escaped = (text: string): string => text.replaceAll(/[.*+?^${}()|[\]\\]/g, '\\$&');
const anyOf = (words: readonly string[]): string =>
  [...words]
    .sort((a, b) => b.length - a.length)
    .map(escaped)
    .join('|');

/** A thousands' point or space, and a decimal comma, brought to plain digits. */
function plainNumbers(text: string, language: Language): string {
  const spaced = text.replaceAll(/(\d)[\u00a0\u202f ](?=\d{3}(?!\d))/g, '$1');
  if (language === 'en') return spaced.replaceAll(/(\d),(?=\d{3}(?!\d))/g, '$1');
  return spaced.replaceAll(/(\d)\.(?=\d{3}(?!\d))/g, '$1').replaceAll(/(\d),(?=\d)/g, '$1.');
}

/** Tidies what stands before the amount: bullets, rough words, qualifiers, numbers in words. */
function opened(text: string, language: Language) {
  let rest = plainNumbers(text.trim().replace(/^[-–•*·]\s*/, ''), language);
  for (const [spelling, word] of LONG_UNITS[language]) {
    rest = rest.replace(new RegExp(`(^|\\s)${escaped(spelling)}(?=$|\\s)`, 'iu'), `$1${word}`);
  }
  // "De 3 a 4": the word only opens the range.
  if (language !== 'en') rest = rest.replace(/^de\s+(?=\d)/iu, '');
  let about = false;
  const qualifiers: string[] = [];
  const rough = new RegExp(`^(?:${anyOf(ABOUT[language])})\\s+(?=\\S)`, 'iu');
  const measure = new RegExp(`^(${anyOf(MEASURE_WORDS)})\\s+(?=\\S)`, 'iu');
  const word = new RegExp(`^(${anyOf(Object.keys(NUMBER_WORDS[language]))})\\s+(?=\\S)`, 'iu');
  for (let round = 0; round < 3; round += 1) {
    if (rough.test(rest)) {
      rest = rest.replace(rough, '');
      about = true;
    }
    const found = measure.exec(rest);
    if (found) {
      qualifiers.push(found[1]!.toLowerCase());
      rest = rest.slice(found[0].length);
    }
  }
  const number = word.exec(rest);
  if (number)
    rest = `${NUMBER_WORDS[language][number[1]!.toLowerCase()]!} ${rest.slice(number[0].length)}`;
  return { rest, about, qualifiers };
}

/** Grams or millilitres behind an amount of a unit, where it has them. */
const inBase = (
  amount: number,
  unit: WrittenUnit,
): { base: 'g' | 'ml'; value: number } | undefined => {
  if (unit in GRAMS_PER) {
    return { base: 'g', value: amount * GRAMS_PER[unit as keyof typeof GRAMS_PER] };
  }
  if (unit in MILLILITRES_PER) {
    return { base: 'ml', value: amount * MILLILITRES_PER[unit as keyof typeof MILLILITRES_PER] };
  }
  return undefined;
};

/** An amount and unit that stand by themselves, as in brackets. */
const measureIn = (text: string, language: Language) =>
  // The parser wants something that is measured.
  parseIngredient(`${text} x`, PARSER[language])[0];

/** Differences that pass in silence, and that are noted; beyond it is asked. Common practice. */
const PAIR = { silent: 0.03, noted: 0.08 } as const;

const shown = (value: number): string => String(Number(value.toFixed(value < 10 ? 1 : 0)));

interface PairFinding {
  readonly remark?: Finding;
  readonly question?: WrittenLine['question'];
}

/** Checks an amount against the same stated again in brackets, as "3 oz (85 g)". */
function pairFinding(
  amount: number,
  unit: LineUnit,
  bracket: string,
  language: Language,
  ingredient: Ingredient | undefined,
): PairFinding {
  const again = measureIn(bracket, language);
  const second =
    again?.quantity && again.unitOfMeasureID
      ? inBase(again.quantity, again.unitOfMeasureID as WrittenUnit)
      : undefined;
  const first = inBase(amount, unit);
  if (!first || !second) return {};
  if (first.base !== second.base && !ingredient) return {};
  const perMl = first.base === second.base ? 1 : ingredient!.gramsPerMl;
  const expected = first.base === 'ml' ? first.value * perMl : first.value / perMl;
  const off = Math.abs(second.value / expected - 1);
  if (off <= PAIR.silent) return {};
  const values = {
    stated: `${shown(amount)} ${unit}`,
    right: `${shown(expected)} ${second.base}`,
    wrong: shown(second.value),
  };
  if (off <= PAIR.noted) return { remark: finding('written.rounded', values) };
  return {
    question: {
      asks: finding('written.which-amount', values),
      meanings: [
        {
          label: finding('written.amount-as', { stated: values.stated, right: values.right }),
          amount,
          unit,
        },
        {
          label: finding('written.amount', { stated: `${shown(second.value)} ${second.base}` }),
          amount: second.value,
          unit: second.base,
        },
      ],
    },
  };
}

/** A part of the amount that is put aside, in each language: "20 of it for the figs". */
const SPLITS: Readonly<Record<Language, readonly RegExp[]>> = {
  en: [
    /([\d.,/]+)\s*([a-z]+)?\s+of (?:it|them|which)\s+(?:for|to|in)\b/iu,
    /(?:of which|reserve|reserving|keep(?:ing)? back|hold(?:ing)? back)\s+([\d.,/]+)\s*([a-z]+)?/iu,
  ],
  pt: [
    /([\d.,/]+)\s*([a-zç]+)?\s+para\s+(?:o|a|os|as)\b/iu,
    /reserv\p{L}+\s+([\d.,/]+)\s*([a-zç]+)?/iu,
  ],
  fr: [/dont\s+([\d.,/]+)\s*([a-zà]+)?\s*(?:pour)?/iu, /réserve[rz]?\s+([\d.,/]+)\s*([a-zà]+)?/iu],
  es: [
    /reserv\p{L}+\s+([\d.,/]+)\s*([a-z]+)?/iu,
    /([\d.,/]+)\s*([a-z]+)?\s+para\s+(?:el|la|los|las)\b/iu,
  ],
};

/** How much of a line is put aside, in its own unit; `undefined` where it does not say, or says too much. */
function splitOf(
  text: string,
  language: Language,
  amount: number,
  unit: LineUnit | undefined,
  ingredient: Ingredient | undefined,
): number | undefined {
  if (unit === undefined) return undefined;
  const found = SPLITS[language].map((split) => split.exec(text)).find(Boolean);
  if (!found) return undefined;
  const again = measureIn(`${found[1]} ${found[2] ?? ''}`, language);
  const part = again?.quantity;
  if (!part) return undefined;
  const stated = again.unitOfMeasureID as WrittenUnit | null;
  const [whole, aside] = [inBase(1, unit), stated ? inBase(part, stated) : undefined];
  const inUnit =
    !stated || !aside || !whole
      ? part
      : aside.base === whole.base
        ? aside.value / whole.value
        : ingredient
          ? (aside.value *
              (aside.base === 'ml' ? ingredient.gramsPerMl : 1 / ingredient.gramsPerMl)) /
            whole.value
          : undefined;
  return inUnit !== undefined && inUnit < amount ? inUnit : undefined;
}

/** An ounce of something poured may be one of the scale or one of the jug: that is asked. */
function ounceQuestion(amount: number, unit: LineUnit, ingredient: Ingredient | undefined) {
  const poured =
    ingredient &&
    (ingredient.role === 'liquid' || (ingredient.role === 'sugar' && ingredient.gramsPerMl > 1.1));
  if (unit !== 'oz' || !poured) return undefined;
  const weighed = amount * GRAMS_PER.oz;
  const jugged = amount * MILLILITRES_PER['fl oz'] * ingredient.gramsPerMl;
  return {
    asks: finding('written.scale-or-jug', { amount: shown(amount), ingredient: ingredient.name }),
    meanings: [
      {
        label: finding('written.scale', { weighs: { grams: weighed } }),
        amount,
        unit: 'oz' as const,
      },
      {
        label: finding('written.jug', { weighs: { grams: jugged } }),
        amount,
        unit: 'fl oz' as const,
      },
    ],
  };
}

/** A name as it may stand in a line: other things than spaces may lie between its words. */
const nameAsWritten = (words: string): RegExp =>
  new RegExp(words.split(' ').map(escaped).join('[\\s,;:()]+'), 'iu');

const sentenceCase = (text: string): string => text.replaceAll(/\s+/g, ' ').trim();

/**
 * Reads one line of a list as a cook writes it. Starts from a general parser and adds words of the
 * language, the catalogue's names, rough and by-eye amounts, eggs by part, amounts stated twice and
 * what is ambiguous. Never throws and never guesses: what is not known stays unknown.
 */
export function readLine(
  text: string,
  language: Language,
  own: readonly Ingredient[] = [],
): WrittenLine {
  const byEye = new RegExp(`(?:^|\\s)(?:${anyOf(BY_EYE[language])})(?=$|[\\s,.;])`, 'iu').test(
    text,
  );
  const { rest, about, qualifiers } = opened(text, language);
  const brackets = [...rest.matchAll(/\(([^)]*)\)/g)].map((match) => match[1]!);
  const measured = brackets.filter((each) => /\d/.test(each));
  // Amounts stated again would confuse the parser: it is given the line without them.
  const clean = measured.reduce((left, each) => left.replace(`(${each})`, ' '), rest);
  const [parsed] = parseIngredient(clean, PARSER[language]);
  const description = parsed?.description ?? clean;
  const named = ingredientIn(rest, language, own);
  const ingredient = named && findAmong(own)(named.ingredientId);
  const stated = (parsed?.unitOfMeasureID ?? undefined) as WrittenUnit | undefined;

  const asked = /\?\s*$/.test(text);
  const quantity = parsed?.quantity ?? undefined;
  // A spice that is only named goes in by eye, as cooks write it; with a question mark it is unknown like anything else.
  const seasons = quantity === undefined && !asked && ingredient?.role === 'flavour';
  const amount: WrittenAmount =
    byEye || seasons || stated === 'by-eye'
      ? { kind: 'by-eye' }
      : quantity === undefined || asked
        ? { kind: 'unknown' }
        : typeof parsed?.quantity2 === 'number'
          ? { kind: 'range', least: quantity, most: parsed.quantity2 }
          : { kind: 'exact', value: quantity };

  const countable = ingredient?.eggPart !== undefined || ingredient?.gramsPerPiece !== undefined;
  const unit: LineUnit | undefined =
    stated === undefined
      ? amount.kind !== 'by-eye' && amount.kind !== 'unknown' && countable
        ? 'piece'
        : undefined
      : stated === 'by-eye'
        ? undefined
        : stated;
  const value = amount.kind === 'exact' ? amount.value : amount.kind === 'range' ? amount.least : 0;
  const pairs =
    unit === undefined
      ? []
      : measured.map((each) => pairFinding(value, unit, each, language, ingredient));
  // What a tin or packet holds is its amount: "1 (400 g) tin coconut milk".
  const pack = unit === undefined && amount.kind === 'exact' ? measured[0] : undefined;
  const held = pack === undefined ? undefined : measureIn(pack, language);
  const holds =
    held?.quantity &&
    held.unitOfMeasureID &&
    inBase(held.quantity, held.unitOfMeasureID as WrittenUnit);
  const packed =
    holds && amount.kind === 'exact'
      ? { value: amount.value * holds.value, unit: holds.base }
      : undefined;

  const qualified = new RegExp(`^(?:${anyOf(MEASURE_WORDS)})(?=$|[\\s,])`, 'iu').exec(description);
  if (qualified) qualifiers.push(qualified[0].toLowerCase());
  const unqualified = description
    .slice(qualified?.[0].length ?? 0)
    .replace(/^\s*(?:de|d['’])\s*/iu, '');
  const leftOver = named
    ? sentenceCase(unqualified.replace(nameAsWritten(named.words), ' '))
    : sentenceCase(unqualified);
  const note = [...qualifiers, leftOver.replace(/^[,;:\s]+|[,;:\s]+$/g, '')]
    .filter((each) => each !== '' && each !== '?')
    .join(', ');
  return {
    text,
    section: '',
    amount: packed ? { kind: 'exact', value: packed.value } : amount,
    about,
    unit: packed ? packed.unit : unit,
    ingredientId: named?.ingredientId,
    heldBack: splitOf(rest, language, value, unit, ingredient),
    note: note.slice(0, 200),
    question:
      pairs.find((each) => each.question)?.question ??
      (unit === undefined || measured.length > 0
        ? undefined
        : ounceQuestion(value, unit, ingredient)),
    remarks: pairs.flatMap((each) => each.remark ?? []),
  };
}

/** Parts of a line that stand for more than one ingredient: "5 yolks + 1 whole". */
const parts = (line: string): string[] => line.split(/\s\+\s/);

/** The most lines taken from one text; a list longer than that is not a recipe. */
export const LIST_LIMIT = 200;

/** The language in which most of a text's words are known; English when none stands out. */
export function languageOf(text: string): Language {
  let best: Language = 'en';
  let most = knownWords(text, 'en');
  for (const language of LANGUAGES) {
    const known = knownWords(text, language);
    if (known > most) {
      best = language;
      most = known;
    }
  }
  return best;
}

/**
 * Reads a pasted list, a line at a time. A line that ends in a colon, or begins with #, is the heading
 * of those after it; empty lines are left out. `own` are the kitchen's own ingredients.
 */
export function readList(
  text: string,
  language: Language,
  own: readonly Ingredient[] = [],
): WrittenLine[] {
  const read: WrittenLine[] = [];
  let section = '';
  for (const row of text.split(/\r?\n/)) {
    const line = row.trim();
    const heading = headingIn(line);
    if (heading !== undefined) section = heading;
    else if (line !== '') {
      for (const part of parts(line)) {
        if (read.length < LIST_LIMIT)
          read.push({ ...readLine(part.slice(0, 240), language, own), section });
      }
    }
  }
  return read;
}

/** Whether a line can stand on a list as it was read: an ingredient, an amount, a unit, no question. */
export function isReady(line: WrittenLine): boolean {
  const ingredient =
    line.ingredientId === undefined ? undefined : findIngredient(line.ingredientId);
  return (
    ingredient !== undefined &&
    line.unit !== undefined &&
    (line.amount.kind === 'exact' || line.amount.kind === 'range') &&
    line.question === undefined &&
    gramsPerUnit(ingredient, line.unit, DEFAULT_EGG_GRADE).ok
  );
}

/** The amount a line goes on with: of a range its middle, which the note then says. */
export function amountOf({ amount }: WrittenLine): number | undefined {
  if (amount.kind === 'exact') return amount.value;
  return amount.kind === 'range' ? (amount.least + amount.most) / 2 : undefined;
}

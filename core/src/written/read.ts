import { parseIngredient } from 'parse-ingredient';
import { finding, type Finding } from '../result';
import { gramsPerUnit, type LineUnit } from '../formula';
import { DEFAULT_EGG_GRADE, type Ingredient } from '../ingredients';
import { findAmong, findIngredient } from '../ingredients/catalogue';
import {
  eitherQuestion,
  inBase,
  measureIn,
  ounceQuestion,
  pairFinding,
  shown,
  splitOf,
  type Question,
} from './amounts';
import { isUnit, PARSER, pieceNamed, type Language, type WrittenUnit } from './language';
import { ingredientIn } from './names';
import { misread, notationOf, PACK, type Notated } from './notation';
import { added, opened, qualifierOf } from './opening';
import { wholeFirst } from './whole';

/** How much a line says. */
export type WrittenAmount =
  | { readonly kind: 'exact'; readonly value: number }
  | { readonly kind: 'range'; readonly least: number; readonly most: number }
  | { readonly kind: 'by-eye' }
  | { readonly kind: 'unknown' };

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
  /** The ingredient, where the line names it and nothing in it makes another food of that. */
  readonly ingredientId: string | undefined;
  /** What it may be, where that has to be asked; the likeliest first. */
  readonly likely: readonly string[];
  /** How much of the amount has another use or is kept back, in the line's unit, where the line says so. */
  readonly heldBack: number | undefined;
  /** Preparation, size, qualifier: what else the line says. */
  readonly note: string;
  readonly question: Question | undefined;
  /** What does not agree with itself, said and not mended. */
  readonly remarks: readonly Finding[];
}

/** A word of doubt at the end of a line: what stands before it is not known. */
const ASKED = /\?\s*$/;

type Parsed = ReturnType<typeof parseIngredient>[number] | undefined;

/** The amount of a parsed line. A spice that is only named goes in by eye; anything else is unknown. */
function amountIn(
  parsed: Parsed,
  {
    times,
    byEye,
    asked,
    seasons,
  }: { times: number; byEye: boolean; asked: boolean; seasons: boolean },
): WrittenAmount {
  const quantity = parsed?.quantity ?? undefined;
  if (parsed?.unitOfMeasureID === 'by-eye') return { kind: 'by-eye' };
  // "10 % cream" says what the cream is like, not how much of it there is.
  if (asked || (quantity !== undefined && parsed!.description.startsWith('%')))
    return { kind: 'unknown' };
  if (quantity === undefined) return byEye || seasons ? { kind: 'by-eye' } : { kind: 'unknown' };
  const most = parsed?.quantity2;
  return typeof most === 'number'
    ? { kind: 'range', least: quantity * times, most: most * times }
    : { kind: 'exact', value: quantity * times };
}

/** Pieces that are packed or cut, so that a bare number does not count them: "2 butter" is asked. */
const NEEDS_ITS_WORD: readonly string[] = ['stick', 'sachet', 'leaf', 'pod'];

/** The unit of a line: as written, or a piece where the food is counted. */
function unitOf(
  parsed: Parsed,
  counts: boolean,
  ingredient: Ingredient | undefined,
  piece: string | undefined,
  description: string,
  language: Language,
): LineUnit | undefined {
  const stated = (parsed?.unitOfMeasureID ?? undefined) as WrittenUnit | undefined;
  if (stated === 'by-eye') return undefined;
  if (stated === 'piece') return ingredient?.pieceName === piece ? 'piece' : undefined;
  if (stated !== undefined) return stated;
  const countable = ingredient?.eggPart ?? ingredient?.gramsPerPiece;
  if (!counts || countable === undefined) return undefined;
  const name = ingredient!.pieceName!;
  const named = description.split(/[\s,;()]+/).some((word) => pieceNamed(word, language) === name);
  const isBean = name === 'pod' && /\bbean/i.test(description);
  return NEEDS_ITS_WORD.includes(name) && !named && !isBean && ingredient!.id !== 'vanilla-pod'
    ? undefined
    : 'piece';
}

const trimmed = (text: string): string =>
  text
    .replaceAll(/\(\s*\)/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .replaceAll(/\s+,/g, ',')
    .replace(/^[\s,;:.–-]+|[\s,;:–-]+$/g, '')
    .trim();

/** What a description names, with the word for its pieces put back where that makes a name: "vagem de baunilha". */
function namedWith(
  pieceWord: string | undefined,
  description: string,
  language: Language,
  own: readonly Ingredient[],
): ReturnType<typeof ingredientIn> {
  const texts =
    pieceWord === undefined
      ? []
      : language === 'en'
        ? [`${description} ${pieceWord}`]
        : [`${pieceWord} de ${description}`];
  const known = texts
    .map((text) => ingredientIn(text, language, own))
    .find(({ ingredientId }) => ingredientId !== undefined);
  const plain = ingredientIn(description, language, own);
  return known ? { ...known, rest: plain.rest } : plain;
}

/** The ingredient, of those a line may mean, that comes in the pieces it counts: "3 leaves of gelatine". */
function byItsPiece(
  named: ReturnType<typeof ingredientIn>,
  piece: string | undefined,
  find: ReturnType<typeof findAmong>,
): string | undefined {
  if (named.ingredientId !== undefined || piece === undefined) return named.ingredientId;
  const like = named.likely.filter((id) => find(id)?.pieceName === piece);
  return like.length === 1 && named.ambiguous ? like[0] : undefined;
}

/** What is drunk by the measure of a jug and is dry by the spoon or the scale: "200 ml black tea", "2 tsp black tea". */
const POURED: Readonly<Record<string, string>> = { 'tea-leaves': 'brewed-tea' };
const JUGS: ReadonlySet<string> = new Set(['ml', 'cl', 'dl', 'l', 'cup', 'fl oz', 'pint', 'quart']);
const DRY = /\b(?:lea(?:f|ves)|loose|dry|feuilles|folhas|hojas)\b/iu;

/** What is meant by a name that is one thing poured and another dry. */
const asMeasured = (
  id: string | undefined,
  unit: string | null | undefined,
  description: string,
): string | undefined =>
  id !== undefined && unit && JUGS.has(unit) && !DRY.test(description) ? (POURED[id] ?? id) : id;

/** Everything before the name of a line is known: the line as the parser sees it. */
function parsedOf(text: string, language: Language) {
  const notated: Notated = notationOf(text, language, (word) => isUnit(word, language));
  const { rest, about, qualifiers, byEye } = opened(wholeFirst(notated.text, language), language);
  const line = added(rest, language);
  const measured = [...line.matchAll(/\(([^)]*)\)/g)]
    .map((match) => match[1]!)
    .filter((each) => /\d|[½¼¾⅓⅔]/.test(each));
  // Amounts stated again would confuse the parser: it is given the line without them.
  const clean = measured
    .filter((each) => measureIn(each, language)?.unitOfMeasureID)
    .reduce((left, each) => left.replace(`(${each})`, ' '), line)
    .replaceAll(/\s+/g, ' ');
  const [parsed] = parseIngredient(clean, PARSER[language]);
  return { notated, line, about, qualifiers, byEye, measured, parsed, clean };
}

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
  const { notated, line, about, qualifiers, byEye, measured, parsed, clean } = parsedOf(
    text,
    language,
  );
  const find = findAmong(own);
  const qualified = qualifierOf(parsed?.description ?? clean);
  if (qualified) qualifiers.push(qualified.toLowerCase());
  const description = (parsed?.description ?? clean)
    .replace(/^%.*?\s/, (share) => `${parsed?.quantity ?? ''} ${share}`)
    .slice(qualified?.length ?? 0)
    .replace(/^\s*(?:de\s+|d['’]\s*)/iu, '');
  const pieceWord = parsed?.unitOfMeasureID === 'piece' ? parsed.unitOfMeasure! : undefined;
  const piece = pieceWord === undefined ? undefined : pieceNamed(pieceWord, language);
  const named = namedWith(pieceWord, description.replace(byEye, ' '), language, own);
  const ingredientId = asMeasured(
    byItsPiece(named, piece, find),
    parsed?.unitOfMeasureID,
    description,
  );
  const ingredient = ingredientId === undefined ? undefined : find(ingredientId);

  const amount = amountIn(parsed, {
    times: notated.times,
    byEye: byEye.test(text),
    asked: ASKED.test(text),
    seasons: ingredient?.role === 'flavour' || (ingredient?.composition.ash ?? 0) > 0.9,
  });
  const counts = amount.kind === 'exact' || amount.kind === 'range';
  const unit = unitOf(parsed, counts, ingredient, piece, description, language);
  const value = amount.kind === 'exact' ? amount.value : amount.kind === 'range' ? amount.least : 0;
  const pairs =
    unit === undefined
      ? []
      : measured
          .map((each) => each.split(/[;,]|\s\/\s/)[0]!)
          .filter((each) => isMeasure(each, language))
          .map((each) => pairFinding(value, unit, each, language, ingredient));
  const packed = packOf({ line, parsed, measured }, amount, unit, language);
  const scanned = misread(text);

  const note = [...qualifiers, trimmed(named.rest)]
    .filter((each) => each !== '' && each !== '?')
    .join(', ');
  return {
    text,
    section: '',
    amount:
      scanned === undefined
        ? packed
          ? { kind: 'exact', value: packed.value }
          : amount
        : { kind: 'unknown' },
    about,
    unit: packed ? packed.unit : unit,
    ingredientId,
    likely: ingredientId === undefined ? named.likely : [],
    heldBack: splitOf(line, language, value, unit, ingredient),
    note: note.slice(0, 200),
    question:
      scannedQuestion(scanned, text, language) ??
      (notated.either && unit ? eitherQuestion(notated.either, unit) : undefined) ??
      (packed?.either ? eitherQuestion(packed.either, packed.unit) : undefined) ??
      pairs.find((each) => each.question)?.question ??
      (unit === undefined || measured.length > 0
        ? undefined
        : ounceQuestion(value, unit, ingredient)),
    remarks: pairs.flatMap((each) => each.remark ?? []),
  };
}

/** Whether a bracket holds an amount and nothing else: "(85 g)", not "(90 g of it kept back)". */
const isMeasure = (bracket: string, language: Language): boolean =>
  measureIn(bracket.replace(/^(?:about|approx\.?|ca\.?|environ|cerca de|unos)\s+/i, ''), language)
    ?.description === 'x';

/** What a bracket with a weight says of things that are counted: what each holds, or all together. */
interface Packed {
  readonly value: number;
  readonly unit: 'g' | 'ml';
  readonly either?: readonly [number, number];
}

/** Words for one of several. */
const EACH = /\b(?:each|cada|chacun|chacune|c\/u|apiece|pièce)\b/iu;

/**
 * The weight in a bracket beside things that are counted. Before their name it is what each holds, "1 (400 g) tin"; after
 * it what they weigh together, "3 pears (450 g)", unless it says "each". Of several packs with a weight after them,
 * nobody but the cook can know.
 */
function packOf(
  { line, parsed, measured }: Pick<ReturnType<typeof parsedOf>, 'line' | 'parsed' | 'measured'>,
  amount: WrittenAmount,
  unit: LineUnit | undefined,
  language: Language,
): Packed | undefined {
  const counted = unit === undefined || unit === 'piece';
  const bracket = measured[0];
  if (!counted || bracket === undefined || amount.kind !== 'exact') return undefined;
  // "1 stick (1/2 cup)" is counted by what it comes in.
  if (unit === 'piece' && parsed?.unitOfMeasureID) return undefined;
  const held = measureIn(
    bracket.replace(/^(?:about|approx\.?|environ|cerca de|unos)\s+/i, ''),
    language,
  );
  const holds =
    held?.quantity && held.unitOfMeasureID
      ? inBase(held.quantity, held.unitOfMeasureID as WrittenUnit)
      : undefined;
  if (!holds) return undefined;
  const together = { value: holds.value, unit: holds.base };
  const apart = { value: amount.value * holds.value, unit: holds.base };
  const before = line.indexOf('(') <= 1 + line.search(/[^\d\s./½⅓⅔¼¾]/u);
  if (before || EACH.test(bracket)) return apart;
  if (unit === 'piece' || amount.value === 1) return together;
  return PACK.test(line) ? { ...together, either: [together.value, apart.value] } : together;
}

/** Letters among digits are asked: "1OO g". */
function scannedQuestion(
  scanned: string | undefined,
  text: string,
  language: Language,
): Question | undefined {
  if (scanned === undefined) return undefined;
  const [parsed] = parseIngredient(text.replace(/^\s*[\dOolI|]+/, `${scanned} `), PARSER[language]);
  const unit = parsed?.unitOfMeasureID as LineUnit | null | undefined;
  if (!unit) return undefined;
  const stated = `${shown(Number(scanned))} ${unit}`;
  return {
    asks: finding('written.which-scanned', { stated }),
    meanings: [{ label: finding('written.amount', { stated }), amount: Number(scanned), unit }],
  };
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

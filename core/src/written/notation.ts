import type { Language } from './language';

/** A number as a list writes it: digits with a decimal part, a fraction, or both. */
export const NUMBER = String.raw`(?:\d+(?:\.\d+)?(?:\s*[½⅓⅔¼¾⅕⅛⅜⅝⅞]|\s+\d+/\d+|/\d+)?|[½⅓⅔¼¾⅕⅛⅜⅝⅞])`;

/** Entities that a page leaves behind when its text is copied out of the source. Source: HTML standard, 13.5. */
const ENTITIES: Readonly<Record<string, string>> = {
  nbsp: ' ',
  amp: '&',
  deg: '°',
  quot: '"',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  ndash: '–',
  mdash: '–',
  times: '×',
  rsquo: "'",
  lsquo: "'",
};

const withoutEntities = (text: string): string =>
  text
    .replaceAll(/&([a-z]+\d*);/gi, (whole, name: string) => ENTITIES[name.toLowerCase()] ?? whole)
    .replaceAll(/&#(\d{1,5});/g, (_, code: string) => String.fromCodePoint(Number(code)))
    .replaceAll(/&#x([\da-f]{1,4});/gi, (_, code: string) =>
      String.fromCodePoint(parseInt(code, 16)),
    );

/** Signs for one thing brought to one: dashes, fractions, multiplication, spaces. */
const plainSigns = (text: string): string =>
  withoutEntities(text)
    .replaceAll('\u2044', '/')
    .replaceAll(/[\u2010-\u2015\u2212]/g, '-')
    .replaceAll('×', 'x')
    .replaceAll(/[\u200b-\u200d\ufeff]/g, '')
    .replaceAll(/[\t\u2000-\u200a]/g, ' ');

/** Bullets, boxes to tick and numbers of a list: "2. 5 egg yolks" has five. */
const withoutMark = (text: string): string =>
  text
    .replace(/^\s*(?:[-•*·‣▢☐☑□■✓✔○●◦]|\[[ xX✓]?\])\s*/u, '')
    .replace(/^\s*\(?\d{1,3}[.)]\s+(?=\S)/, '')
    .trim();

/** Units so large that a thousand of them is no recipe, which tells "1,250 kg" from "1,250 g". */
const LARGE =
  /^\s*(?:kg|kilos?|quilos?|l\b|lit(?:er|re|ro)s?|cups?|lbs?|pounds?|oz|ounces?|tbsp|tsp|c\b|colher|cda|cucharada|taza|x[ií]cara|ch[aá]vena|cuill|tassen?\b|el\b|tl\b|pfund)/iu;

/** A number with one separator and three digits after it, and what follows it. */
const THREE = /(?<![\d.,/])(\d{1,3})([.,])(\d{3})(?![\d.,/])/;

/**
 * A number with point or comma as plain digits. A separator before one or two digits, or after a nought, is decimal in
 * any language; before three it parts thousands where the language does so, unless so many of the unit make no sense.
 */
function plainNumber(number: string, after: string, language: Language): string {
  const [, whole, sign, last] = THREE.exec(number) ?? [];
  const thousands = language === 'en' ? ',' : '.';
  if (whole !== undefined && number.length === whole.length + 4) {
    const isWhole = sign === thousands && !whole.startsWith('0') && !LARGE.test(after);
    return isWhole ? whole + last! : `${whole}.${last!}`;
  }
  const signs = number.replaceAll(/\d/g, '');
  // Two kinds of separator, or one of them several times over: the thousands go first.
  if (signs.length > 1) {
    const decimal = new Set(signs).size > 1 ? signs.at(-1)! : '';
    return number.replaceAll(/[.,]/g, (sign, at: number) =>
      sign === decimal && at === number.lastIndexOf(decimal) ? '.' : '',
    );
  }
  return number.replace(',', '.');
}

/** Words for what a food is packed in, after an amount of it: the number before counts packs. */
const PACKS =
  'tins?|cans?|jars?|packets?|packages?|packs?|blocks?|cartons?|tubs?|bags?|bottles?|latas?|pacotes?|frascos?|caixas?|bo[iî]tes?|paquets?|pots?|briques?|paquetes?|botes?|tarros?|cajas?|sobres?|dosen?|p[äa]ckchen|packung(?:en)?|becher|glas|gl[äa]ser|flaschen?';

/** Whether a text speaks of something packed. */
export const PACK = new RegExp(String.raw`\b(?:${PACKS})\b`, 'iu');

/** "1 400 g tin" and "2 x 100 g": the first number counts. */
function counted(text: string): { readonly text: string; readonly times: number } {
  const packed = new RegExp(
    String.raw`^(\d{1,2})[\s-]+(\d+(?:[.,]\d+)?)[\s-]*(g|ml|oz|kg|cl|l)[\s-]+(?=(?:${PACKS})\b)`,
    'iu',
  ).exec(text);
  if (packed) {
    return {
      text: `${packed[1]} (${packed[2]} ${packed[3]}) ${text.slice(packed[0].length)}`,
      times: 1,
    };
  }
  const times = /^(\d{1,2})\s*x\s*(?=[\d½¼¾⅓⅔])/i.exec(text);
  if (times) return { text: text.slice(times[0].length), times: Number(times[1]) };
  return { text: text.replace(/^(\d+)\s*x\s+(?=\p{L})/iu, '$1 '), times: 1 };
}

const plainNumbers = (text: string, language: Language): string =>
  text
    .replaceAll(/(?<![\d.,/])(\d{1,3})[\u00a0\u202f ](?=\d{3}(?![\d/]))/g, '$1')
    .replaceAll('\u00a0', ' ')
    .replaceAll('\u202f', ' ')
    .replaceAll(/\d+(?:[.,]\d+)+/g, (number, at: number) =>
      plainNumber(number, text.slice(at + number.length), language),
    )
    .replaceAll(/(?<![\d.])[.,](?=\d+\s*(?:g|kg|ml|l|cups?|oz|tsp|tbsp)\b)/gi, '0.');

/** An amount that comes after what it measures, "butter 100 g", put before it. */
const LAST = new RegExp(
  String.raw`^([^\d½⅓⅔¼¾]{2,80}?)[\s:,.–-]+(${NUMBER}(?:\s*(?:-|to|a|à|o|bis)\s*${NUMBER})?\s*(?:[\p{L}.]{1,14})?)\s*$`,
  'iu',
);

/** How a line writes its numbers, brought to one notation. */
export interface Notated {
  readonly text: string;
  /** What the amount is to be multiplied by, as in "2 x 100 g". */
  readonly times: number;
  /** The two things a number may mean, where the language leaves it open: "1.250 g" in English. */
  readonly either: readonly [number, number] | undefined;
}

/** Letters where a scan has misread digits: "1OO g". */
const MISREAD = /^(?=[\dOolI|]*[OolI|])(?=[\dOolI|]*\d)[\dOolI|]{2,5}(?=\s*(?:g|kg|ml|cl|l|oz)\b)/;

/** The digits a scan most likely saw. */
export const misread = (text: string): string | undefined => {
  const found = MISREAD.exec(withoutMark(plainSigns(text)));
  return found?.[0].replaceAll(/[oO]/g, '0').replaceAll(/[lI|]/g, '1');
};

/**
 * Brings the numbers of a line to one notation: list marks go, dashes, fractions, separators and multiplications are
 * written alike, an amount after its food goes before it, and an amount stated twice, "100 g / 3.5 oz", has the second in
 * brackets. Of what a number may mean in two ways both are returned. `knowsUnit` tells units from foods.
 */
export function notationOf(
  text: string,
  language: Language,
  knowsUnit: (word: string) => boolean,
): Notated {
  const marked = withoutMark(plainSigns(text));
  const three = THREE.exec(marked);
  const after = three ? marked.slice(three.index + three[0].length) : '';
  const decimal = language === 'en' ? '.' : ',';
  const either =
    three?.index === 0 && three[2] === decimal && three[1] !== '0' && /^\s*(?:g|ml)\b/i.test(after)
      ? ([Number(`${three[1]}.${three[3]}`), Number(`${three[1]}${three[3]}`)] as const)
      : undefined;
  const { text: single, times } = counted(marked);
  const numbers = plainNumbers(single, language)
    // "14-ounce", "tsp.", "1 e 1/2".
    .replaceAll(/(\d)-(?=(?:ounces?|oz|grams?|g|ml|pounds?|lb|cups?)\b)/gi, '$1 ')
    .replace(/^([\d\s./½⅓⅔¼¾-]+)(\p{L}{1,6})\.(?=\s)/u, (whole, amount: string, unit: string) =>
      knowsUnit(unit) ? `${amount}${unit}` : whole,
    )
    .replace(/^(\d+)\s+(?:and|e|et|y|&)\s+(?=\d\/\d|[½⅓⅔¼¾])/i, '$1 ')
    // "1-1/2" is one and a half; "1/2-1" is a range.
    .replaceAll(
      /(?<![\d./])(\d+)\s?-\s?(?=(?:1\/[2-9]|2\/3|3\/[48]|5\/8|7\/8|½|⅓|⅔|¼|¾)(?!\d))/g,
      '$1 ',
    )
    .replace(/^\((\s*[\d½¼¾][^)]*)\)\s*([\d½¼¾][\d./]*\s*\p{L}+)/u, '$2 ($1)');
  const again = new RegExp(
    String.raw`^(${NUMBER}\s*([\p{L}.]+(?:\s+oz)?))\s*(?:[/|=]|\bor\b)\s*(${NUMBER}\s*([\p{L}.]+))(?=\s|$)`,
    'iu',
  ).exec(numbers);
  const twice =
    again && knowsUnit(again[2]!) && knowsUnit(again[4]!)
      ? `${again[1]} (${again[3]}) ${numbers.slice(again[0].length)}`
      : numbers;
  const last = /^[\d½⅓⅔¼¾(]/.test(twice) ? null : LAST.exec(twice);
  const unit = last && /\p{L}.*$/u.exec(last[2]!)?.[0].trim();
  const turned = last && (!unit || knowsUnit(unit)) ? `${last[2]} ${last[1]}` : twice;
  return { text: turned, times, either };
}

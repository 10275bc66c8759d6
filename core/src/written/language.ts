import type { ParseIngredientOptions, UnitOfMeasureDefinitions } from 'parse-ingredient';
import type { LineUnit } from '../formula';

/** Languages in which a list may be written. */
export const LANGUAGES = ['en', 'de', 'pt', 'fr', 'es'] as const;
export type Language = (typeof LANGUAGES)[number];

export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = {
  en: 'English',
  de: 'German',
  pt: 'Portuguese',
  fr: 'French',
  es: 'Spanish',
};

/** A unit as written: one of a line's units, or a word for so little that nobody weighs it. */
export type WrittenUnit = LineUnit | 'by-eye';

/** Spellings of a unit; the first is the one shown. */
type Spellings = Readonly<Partial<Record<WrittenUnit, readonly string[]>>>;

const METRIC: Spellings = {
  g: [
    ...['g', 'gr', 'gram', 'grams', 'gramme', 'grammes', 'grama', 'gramas', 'gramo', 'gramos'],
    'Gramm',
  ],
  kg: ['kg', 'kilo', 'kilos', 'quilo', 'quilos', 'Kilogramm', 'Kilo'],
  ml: [
    ...['ml', 'mL', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'mililitros'],
    'Milliliter',
  ],
  cl: ['cl', 'cL'],
  dl: ['dl', 'dL'],
  l: ['l', 'L', 'litre', 'litres', 'liter', 'liters', 'litro', 'litros', 'Liter'],
};

/**
 * Cups and spoons of each language. A Brazilian cup is 240 mL and a spoon of soup 15: within 2 % of
 * the US ones, which stand for them here. A German cup is whatever stands in the cupboard, and a German pound 500 g: both
 * are asked. Source: common practice.
 */
const KITCHEN: Readonly<Record<Language, Spellings>> = {
  en: {
    cup: ['cup', 'cups', 'c'],
    tbsp: [
      'tbsp',
      'tbsps',
      'Tbsp',
      'Tbs',
      'tbs',
      'T',
      'tablespoon',
      'tablespoons',
      'tablespoonful',
    ],
    tsp: ['tsp', 'tsps', 't', 'teaspoon', 'teaspoons', 'teaspoonful'],
    'fl oz': ['fl oz', 'fl. oz', 'fl. oz.', 'fluid ounce', 'fluid ounces'],
    quart: ['quart', 'quarts', 'qt'],
    oz: ['oz', 'ounce', 'ounces'],
    lb: ['lb', 'lbs', 'pound', 'pounds'],
    'by-eye': [
      'pinch',
      'pinches',
      'knob',
      'dash',
      'dashes',
      'splash',
      'handful',
      'handfuls',
      'drop',
      'drops',
      'drizzle',
      'squeeze',
      'grating',
      'sprinkling',
      'little',
    ],
  },
  de: {
    tbsp: ['EL', 'Esslöffel', 'Eßlöffel', 'Essl', 'Essl.', 'El'],
    tsp: ['TL', 'Teelöffel', 'Teel', 'Teel.', 'Tl'],
    'by-eye': [
      'Prise',
      'Prisen',
      'Msp',
      'Msp.',
      'Messerspitze',
      'Messerspitzen',
      'Spritzer',
      'Schuss',
      'Tropfen',
      'Handvoll',
      'Stich',
    ],
  },
  pt: {
    cup: [
      'xícara',
      'xícaras',
      'xicara',
      'xicaras',
      'chávena',
      'chávenas',
      'xícara de chá',
      'xícaras de chá',
      'xícara (chá)',
      'xícaras (chá)',
      'chávena de chá',
      'chávenas de chá',
    ],
    tbsp: [
      'colher de sopa',
      'colheres de sopa',
      'colher (sopa)',
      'colheres (sopa)',
      'colher (de sopa)',
      'colheres (de sopa)',
      'c. sopa',
      'c. de sopa',
    ],
    tsp: [
      'colher de chá',
      'colheres de chá',
      'colher (chá)',
      'colheres (chá)',
      'colher (de chá)',
      'colheres (de chá)',
      'c. chá',
      'c. de chá',
    ],
    'by-eye': ['pitada', 'pitadas', 'fio', 'punhado', 'gota', 'gotas'],
  },
  fr: {
    tbsp: [
      'c. à s.',
      'c.à.s.',
      'c. à soupe',
      'càs',
      'cuillère à soupe',
      'cuillères à soupe',
      'cuillerée à soupe',
      'cuillerées à soupe',
      'cuil. à soupe',
      'cs',
    ],
    tsp: [
      'c. à c.',
      'c.à.c.',
      'c. à café',
      'càc',
      'cuillère à café',
      'cuillères à café',
      'cuillerée à café',
      'cuillerées à café',
      'cuil. à café',
      'cc',
    ],
    'by-eye': [
      'pincée',
      'pincées',
      'noix',
      'filet',
      'poignée',
      'poignées',
      'goutte',
      'gouttes',
      'trait',
    ],
  },
  es: {
    cup: ['taza', 'tazas'],
    tbsp: [
      'cda',
      'cdas',
      'cucharada',
      'cucharadas',
      'cuchara sopera',
      'cucharadas soperas',
      'cucharada sopera',
    ],
    tsp: ['cdta', 'cdtas', 'cdita', 'cditas', 'cucharadita', 'cucharaditas'],
    'by-eye': ['pizca', 'pizcas', 'chorrito', 'chorro', 'puñado', 'gota', 'gotas'],
  },
};

/** Words for a piece, by the name the catalogue gives the pieces of an ingredient. */
const PIECES: Readonly<Record<Language, Readonly<Record<string, string>>>> = {
  en: {
    stick: 'stick sticks',
    leaf: 'leaf leaves sheet sheets',
    pod: 'pod pods',
    sachet: 'sachet sachets envelope envelopes',
  },
  de: {
    leaf: 'Blatt blatt Blätter blätter',
    pod: 'Schote schote Schoten schoten',
    stick: 'Stange stange Stangen stangen',
    sachet: 'Päckchen päckchen Pck pck Pckg pckg Beutel beutel Tütchen tütchen',
  },
  pt: {
    leaf: 'folha folhas',
    pod: 'fava favas vagem vagens',
    stick: 'pau paus',
    sachet: 'saqueta saquetas envelope envelopes sachê sachês',
  },
  fr: {
    leaf: 'feuille feuilles',
    pod: 'gousse gousses',
    stick: 'bâton bâtons',
    sachet: 'sachet sachets',
  },
  es: {
    leaf: 'hoja hojas lámina láminas',
    pod: 'vaina vainas',
    stick: 'rama ramas palo palos',
    sachet: 'sobre sobres sobrecito sobrecitos',
  },
};

/** The name of a piece in the catalogue for the word a list has for it. */
export const pieceNamed = (word: string, language: Language): string | undefined =>
  Object.entries(PIECES[language]).find(([, words]) =>
    words.split(' ').includes(word.toLowerCase()),
  )?.[0];

/** How a unit is put to the parser: one word. */
const token = (unit: string): string => unit.replaceAll(' ', '');

/** Spellings of more than one word, or with points and brackets, and the word that stands for each. */
export const LONG_UNITS: Readonly<Record<Language, readonly (readonly [string, string])[]>> =
  Object.fromEntries(
    LANGUAGES.map((language) => [
      language,
      Object.entries(KITCHEN[language])
        .flatMap(([unit, spellings]) =>
          spellings
            .filter((each) => /[\s.(]/.test(each))
            .map((each) => [each, token(unit)] as const),
        )
        .sort(([a], [b]) => b.length - a.length),
    ]),
  ) as never;

function unitsOf(language: Language): UnitOfMeasureDefinitions {
  const piece = Object.values(PIECES[language]).flatMap((words) => words.split(' '));
  const all: Spellings = { ...METRIC, ...KITCHEN[language], piece };
  return Object.fromEntries(
    Object.entries(all).map(([unit, [short = unit, ...alternates]]) => [
      unit,
      { short, plural: short, alternates: [...alternates, token(unit)] },
    ]),
  );
}

/** The built-in units of the parser that would read our words as something else. */
const NOT_UNITS = ['small', 'medium', 'large', 'c', 'can', 'cans', 'package', 'packages', 'head'];

/** Whether a word, with or without its point, is a unit of a language's lists. */
export function isUnit(word: string, language: Language): boolean {
  const bare = word.replace(/\.$/, '');
  return Object.values(unitsOf(language)).some(
    ({ short, alternates }) => short === bare || alternates?.includes(bare),
  );
}

/** How the general parser is set up for each language. */
export const PARSER: Readonly<Record<Language, ParseIngredientOptions>> = {
  en: { additionalUOMs: unitsOf('en'), ignoreUOMs: NOT_UNITS, round: false },
  de: {
    additionalUOMs: unitsOf('de'),
    ignoreUOMs: NOT_UNITS,
    round: false,
    rangeSeparators: ['bis', 'oder'],
    descriptionStripPrefixes: ['von'],
  },
  pt: {
    additionalUOMs: unitsOf('pt'),
    ignoreUOMs: NOT_UNITS,
    round: false,
    rangeSeparators: ['a', 'ou', 'até'],
    descriptionStripPrefixes: ['de', 'da', 'do'],
  },
  fr: {
    additionalUOMs: unitsOf('fr'),
    ignoreUOMs: NOT_UNITS,
    round: false,
    rangeSeparators: ['à', 'ou'],
    descriptionStripPrefixes: ['de', 'du', 'des', /d['’]\s*/iu],
  },
  es: {
    additionalUOMs: unitsOf('es'),
    ignoreUOMs: NOT_UNITS,
    round: false,
    rangeSeparators: ['a', 'o'],
    descriptionStripPrefixes: ['de', 'del'],
  },
};

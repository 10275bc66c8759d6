import type { ParseIngredientOptions, UnitOfMeasureDefinitions } from 'parse-ingredient';
import type { LineUnit } from '../formula';

/** Languages in which a list may be written. */
export const LANGUAGES = ['en', 'pt', 'fr', 'es'] as const;
export type Language = (typeof LANGUAGES)[number];

export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = {
  en: 'English',
  pt: 'Portuguese',
  fr: 'French',
  es: 'Spanish',
};

/** A unit as written: one of a line's units, or a word for so little that nobody weighs it. */
export type WrittenUnit = LineUnit | 'by-eye';

/** Spellings of a unit; the first is the one shown. */
type Spellings = Readonly<Partial<Record<WrittenUnit, readonly string[]>>>;

const METRIC: Spellings = {
  g: ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes', 'grama', 'gramas', 'gramo', 'gramos'],
  kg: ['kg', 'kilo', 'kilos', 'quilo', 'quilos'],
  ml: ['ml', 'mL', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'mililitros'],
  cl: ['cl', 'cL'],
  dl: ['dl', 'dL'],
  l: ['l', 'L', 'litre', 'litres', 'liter', 'liters', 'litro', 'litros'],
};

/**
 * Cups and spoons of each language. A Brazilian cup is 240 mL and a spoon of soup 15: within 2 % of
 * the US ones, which stand for them here. Source: common practice.
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

/** Words for a number, where a language writes them out. */
export const NUMBER_WORDS: Readonly<Record<Language, Readonly<Record<string, string>>>> = {
  en: {
    'one and a half': '1 1/2',
    'a half': '1/2',
    'half a': '1/2',
    'half an': '1/2',
    'half of a': '1/2',
    'three quarters of a': '3/4',
    'a quarter of a': '1/4',
    'a quarter': '1/4',
    'quarter of a': '1/4',
    'half a dozen': '6',
    'a dozen': '12',
    'one dozen': '12',
    '1 dozen': '12',
    '2 dozen': '24',
    dozen: '12',
    half: '1/2',
    quarter: '1/4',
    a: '1',
    an: '1',
    one: '1',
    two: '2',
    three: '3',
    four: '4',
    five: '5',
    six: '6',
    seven: '7',
    eight: '8',
    nine: '9',
    ten: '10',
    twelve: '12',
  },
  pt: {
    'um e meio': '1 1/2',
    'uma e meia': '1 1/2',
    'meia dúzia de': '6',
    'uma dúzia de': '12',
    meia: '1/2',
    meio: '1/2',
    um: '1',
    uma: '1',
    dois: '2',
    duas: '2',
    três: '3',
    quatro: '4',
    cinco: '5',
    seis: '6',
    sete: '7',
    oito: '8',
    dez: '10',
    doze: '12',
  },
  fr: {
    'un demi': '1/2',
    'une demi': '1/2',
    'une demie': '1/2',
    'une douzaine de': '12',
    'une douzaine d': '12',
    demi: '1/2',
    'demi-': '1/2',
    un: '1',
    une: '1',
    deux: '2',
    trois: '3',
    quatre: '4',
    cinq: '5',
    six: '6',
    sept: '7',
    huit: '8',
    dix: '10',
    douze: '12',
  },
  es: {
    'uno y medio': '1 1/2',
    'una y media': '1 1/2',
    'un cuarto de': '1/4',
    'media docena de': '6',
    'una docena de': '12',
    media: '1/2',
    medio: '1/2',
    un: '1',
    una: '1',
    dos: '2',
    tres: '3',
    cuatro: '4',
    cinco: '5',
    seis: '6',
    siete: '7',
    ocho: '8',
    diez: '10',
    doce: '12',
  },
};

/** Words that make an amount a rough one. */
export const ABOUT: Readonly<Record<Language, readonly string[]>> = {
  en: [
    'about',
    'approx.',
    'approx',
    'approximately',
    'around',
    'roughly',
    'at least',
    'up to',
    'ca.',
    'ca',
    '~',
  ],
  pt: ['cerca de', 'aproximadamente', 'uns', 'umas', 'mais ou menos', 'no mínimo', 'até', '~'],
  fr: ['environ', 'à peu près', 'au moins', 'env.', '~'],
  es: ['unos', 'unas', 'aproximadamente', 'más o menos', 'cerca de', 'hasta', '~'],
};

/** Words that leave the amount to the eye. */
export const BY_EYE: Readonly<Record<Language, readonly string[]>> = {
  en: [
    'to taste',
    'as needed',
    'as required',
    'q.s.',
    'to dust',
    'for dusting',
    'for greasing',
    'a little',
    'some',
    'a bit of',
  ],
  pt: [
    'a gosto',
    'q.b.',
    'q. b.',
    'qb',
    'q.b',
    'quanto baste',
    'para untar',
    'para polvilhar',
    'um pouco de',
  ],
  fr: [
    'à volonté',
    'à votre goût',
    'QS',
    'q.s.',
    'selon le goût',
    'un peu de',
    "un peu d'",
    'pour le moule',
  ],
  es: [
    'al gusto',
    'c/s',
    'c. s.',
    'cantidad suficiente',
    'cantidad necesaria',
    'un poco de',
    'para engrasar',
    'para espolvorear',
  ],
};

/** Words that make a measure a little more or less, kept in the note. */
export const MEASURE_WORDS = [
  ...['scant', 'heaped', 'rounded', 'level', 'generous', 'packed', 'firmly packed'],
  ...['rasa', 'rasas', 'cheia', 'cheias', 'bombée', 'bombées', 'rase', 'rases'],
  ...['colmada', 'colmadas', 'colmado', 'rasa', 'small', 'medium', 'large', 'extra-large'],
] as const;

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
  return Object.values(unitsOf(language)).some((unit) => unit.alternates?.includes(bare));
}

/** How the general parser is set up for each language. */
export const PARSER: Readonly<Record<Language, ParseIngredientOptions>> = {
  en: { additionalUOMs: unitsOf('en'), ignoreUOMs: NOT_UNITS, round: false },
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

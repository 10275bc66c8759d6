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
    tbsp: ['tbsp', 'tbsps', 'Tbsp', 'T', 'tablespoon', 'tablespoons'],
    tsp: ['tsp', 'tsps', 't', 'teaspoon', 'teaspoons'],
    'fl oz': ['fl oz', 'fluid ounce', 'fluid ounces'],
    quart: ['quart', 'quarts', 'qt'],
    oz: ['oz', 'ounce', 'ounces'],
    lb: ['lb', 'lbs', 'pound', 'pounds'],
    piece: [
      'stick',
      'sticks',
      'leaf',
      'leaves',
      'sheet',
      'sheets',
      'pod',
      'pods',
      'sachet',
      'sachets',
    ],
    'by-eye': ['pinch', 'pinches', 'knob', 'dash', 'splash', 'handful'],
  },
  pt: {
    cup: ['xícara', 'xícaras', 'xicara', 'xicaras', 'chávena', 'chávenas'],
    tbsp: ['colher de sopa', 'colheres de sopa', 'colher (sopa)', 'colheres (sopa)', 'c. sopa'],
    tsp: ['colher de chá', 'colheres de chá', 'colher (chá)', 'colheres (chá)', 'c. chá'],
    piece: ['folha', 'folhas', 'fava', 'favas', 'saqueta', 'saquetas', 'envelope', 'envelopes'],
    'by-eye': ['pitada', 'pitadas', 'fio', 'punhado'],
  },
  fr: {
    tbsp: ['c. à s.', 'càs', 'cuillère à soupe', 'cuillères à soupe', 'cuil. à soupe'],
    tsp: ['c. à c.', 'càc', 'cuillère à café', 'cuillères à café', 'cuil. à café'],
    piece: ['feuille', 'feuilles', 'gousse', 'gousses', 'sachet', 'sachets'],
    'by-eye': ['pincée', 'pincées', 'noix', 'filet', 'poignée'],
  },
  es: {
    cup: ['taza', 'tazas'],
    tbsp: ['cda', 'cdas', 'cucharada', 'cucharadas'],
    tsp: ['cdta', 'cdtas', 'cucharadita', 'cucharaditas'],
    piece: ['hoja', 'hojas', 'vaina', 'vainas', 'sobre', 'sobres', 'rama', 'ramas'],
    'by-eye': ['pizca', 'pizcas', 'chorrito', 'puñado'],
  },
};

/** Words for a number, where a language writes them out. */
export const NUMBER_WORDS: Readonly<Record<Language, Readonly<Record<string, string>>>> = {
  en: { half: '1/2', a: '1', an: '1', one: '1', two: '2', three: '3' },
  pt: { meia: '1/2', meio: '1/2', um: '1', uma: '1', dois: '2', duas: '2', três: '3' },
  fr: { demi: '1/2', 'demi-': '1/2', un: '1', une: '1', deux: '2', trois: '3' },
  es: { media: '1/2', medio: '1/2', un: '1', una: '1', dos: '2', tres: '3' },
};

/** Words that make an amount a rough one. */
export const ABOUT: Readonly<Record<Language, readonly string[]>> = {
  en: ['about', 'approx.', 'approx', 'around', 'roughly', 'at least', 'ca.', 'ca'],
  pt: ['cerca de', 'uns', 'umas', 'mais ou menos', 'no mínimo'],
  fr: ['environ', 'à peu près', 'au moins'],
  es: ['unos', 'unas', 'aproximadamente', 'más o menos'],
};

/** Words that leave the amount to the eye. */
export const BY_EYE: Readonly<Record<Language, readonly string[]>> = {
  en: ['to taste', 'as needed', 'q.s.'],
  pt: ['a gosto', 'q.b.', 'qb', 'quanto baste'],
  fr: ['à volonté', 'à votre goût', 'QS', 'selon le goût'],
  es: ['al gusto', 'c/s', 'cantidad suficiente'],
};

/** Words that make a measure a little more or less, kept in the note. */
export const MEASURE_WORDS = [
  ...['scant', 'heaped', 'rounded', 'level', 'generous', 'packed', 'firmly packed'],
  ...['rasa', 'rasas', 'cheia', 'cheias', 'bombée', 'bombées', 'rase', 'rases'],
  ...['colmada', 'colmadas', 'colmado', 'rasa', 'small', 'medium', 'large', 'extra-large'],
] as const;

/** How a unit is put to the parser: one word. */
/** Whether a word is a measure by eye, whatever else it may be the name of: a walnut of butter. */
export const isByEyeUnit = (word: string, language: Language): boolean =>
  KITCHEN[language]['by-eye']?.includes(word) ?? false;

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
  const all = { ...METRIC, ...KITCHEN[language] };
  return Object.fromEntries(
    Object.entries(all).map(([unit, [short = unit, ...alternates]]) => [
      unit,
      { short, plural: short, alternates: [...alternates, token(unit)] },
    ]),
  );
}

/** The built-in units of the parser that would read our words as something else. */
const NOT_UNITS = ['small', 'medium', 'large', 'c', 'can', 'cans', 'package', 'packages', 'head'];

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

import { CATALOGUE } from '../ingredients/catalogue';
import { type Ingredient } from '../ingredients';
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

/**
 * Words beside a name that make another food of it: "almond flour" is no flour and "lemon curd" no lemon, and to take them
 * for those would hide an allergen. Common practice; a food that is known by its whole name is not asked about.
 */
const CHANGES: Readonly<Record<Language, readonly string[]>> = {
  en: [
    ...[
      'almond',
      'cashew',
      'chestnut',
      'coconut',
      'hazelnut',
      'nut',
      'peanut',
      'pistachio',
      'walnut',
    ],
    ...['buckwheat', 'corn', 'oat', 'potato', 'quinoa', 'rice', 'rye', 'soy', 'soya', 'spelt'],
    ...[
      'free',
      'gluten-free',
      'dairy-free',
      'vegan',
      'plant',
      'raising',
      'rising',
      'self-raising',
      'self-rising',
    ],
    ...['blossom', 'flower', 'rose', 'cocoa', 'goat', 'goats', "goat's", 'sheep', "sheep's"],
    ...['butter', 'cream', 'curd', 'flour', 'liqueur', 'milk', 'oil', 'sugar', 'syrup', 'water'],
  ],
  pt: [
    ...[
      'amêndoa',
      'amêndoas',
      'amendoim',
      'avelã',
      'avelãs',
      'castanha',
      'caju',
      'coco',
      'noz',
      'nozes',
      'pistache',
      'pistácio',
    ],
    ...[
      'arroz',
      'aveia',
      'batata',
      'centeio',
      'espelta',
      'grão',
      'milho',
      'soja',
      'trigo-sarraceno',
    ],
    ...[
      'bolacha',
      'bolachas',
      'biscoito',
      'biscoitos',
      'flor',
      'rosas',
      'cacau',
      'cabra',
      'ovelha',
      'glúten',
      'vegan',
      'vegana',
    ],
    ...[
      'açúcar',
      'água',
      'farinha',
      'leite',
      'licor',
      'manteiga',
      'nata',
      'natas',
      'óleo',
      'xarope',
    ],
  ],
  fr: [
    ...[
      'amande',
      'amandes',
      'cacahuète',
      'cacahuètes',
      'cajou',
      'châtaigne',
      'coco',
      'noisette',
      'noisettes',
      'pistache',
    ],
    ...[
      'avoine',
      'épeautre',
      'maïs',
      'riz',
      'sarrasin',
      'seigle',
      'soja',
      'gluten',
      'végétal',
      'végétale',
    ],
    ...['biscuit', 'biscuits', 'fleur', 'rose', 'cacao', 'chèvre', 'brebis'],
    ...['beurre', 'crème', 'eau', 'farine', 'huile', 'lait', 'liqueur', 'sirop', 'sucre'],
  ],
  es: [
    ...[
      'almendra',
      'almendras',
      'anacardo',
      'avellana',
      'avellanas',
      'cacahuete',
      'cacahuetes',
      'castaña',
      'coco',
      'nuez',
      'nueces',
      'pistacho',
    ],
    ...['arroz', 'avena', 'centeno', 'espelta', 'maíz', 'soja', 'gluten', 'vegetal', 'vegana'],
    ...['galleta', 'galletas', 'azahar', 'flor', 'rosas', 'cacao', 'cabra', 'oveja'],
    ...['aceite', 'agua', 'azúcar', 'harina', 'leche', 'licor', 'mantequilla', 'nata', 'sirope'],
  ],
};

/** What joins a name to what changes it: "leite de amêndoa", "lait d'amande", "cream of rice". */
const JOINS = /^(?:de|do|da|del|des|du|of|d'|sin|sem|sans)$/;

/** Whether the words next to a run make another food of it. */
function isChanged(
  words: readonly string[],
  first: number,
  length: number,
  language: Language,
): boolean {
  const changes = new Set(CHANGES[language]);
  const besides = (from: number, step: 1 | -1): string | undefined => {
    let at = from;
    while (words[at] !== undefined && JOINS.test(words[at]!)) at += step;
    return words[at]?.replace(/^d'/, '');
  };
  return [besides(first - 1, -1), besides(first + length, 1)].some(
    (word) => word !== undefined && changes.has(word),
  );
}

/** How many of a text's words a language knows, for telling which one it is written in. */
export function knownWords(text: string, language: Language): number {
  const own = new Set(Object.keys(WORDS[language]).map(plain));
  return wordsOf(text).filter((word) => own.has(word)).length;
}

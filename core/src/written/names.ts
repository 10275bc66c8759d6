import { CATALOGUE } from '../ingredients';
import type { Language } from './language';

/** Common words for ingredients beside the catalogue's own names. Kitchens write the short form. */
const WORDS: Readonly<Record<Language, Readonly<Record<string, string>>>> = {
  en: {
    milk: 'milk',
    'whole milk': 'milk',
    'skim milk': 'skimmed-milk',
    cream: 'cream',
    'heavy cream': 'cream',
    'whipping cream': 'cream',
    'double cream': 'double-cream',
    'single cream': 'single-cream',
    'sour cream': 'soured-cream',
    'soured cream': 'soured-cream',
    'cream cheese': 'fresh-cream-cheese',
    'evaporated milk': 'evaporated-milk',
    'condensed milk': 'condensed-milk',
    'coconut milk': 'coconut-milk',
    egg: 'egg',
    eggs: 'egg',
    'whole egg': 'egg',
    'whole eggs': 'egg',
    yolk: 'egg-yolk',
    yolks: 'egg-yolk',
    'egg yolk': 'egg-yolk',
    'egg yolks': 'egg-yolk',
    white: 'egg-white',
    whites: 'egg-white',
    'egg whites': 'egg-white',
    'egg white': 'egg-white',
    sugar: 'sugar',
    'granulated sugar': 'sugar',
    'caster sugar': 'sugar',
    'brown sugar': 'brown-sugar',
    'powdered sugar': 'icing-sugar',
    'icing sugar': 'icing-sugar',
    flour: 'wheat-flour',
    'plain flour': 'wheat-flour',
    'all-purpose flour': 'wheat-flour',
    cornflour: 'cornflour',
    'corn starch': 'cornflour',
    cornstarch: 'cornflour',
    butter: 'butter',
    'unsalted butter': 'butter',
    'lemon juice': 'lemon-juice',
    lemon: 'lemon-zest',
    lemons: 'lemon-zest',
    'lemon zest': 'lemon-zest',
    'orange juice': 'orange-juice',
    'lime juice': 'lime-juice',
    honey: 'honey',
    salt: 'salt',
    vanilla: 'vanilla-extract',
    'vanilla pod': 'vanilla-pod',
    pod: 'vanilla-pod',
    'vanilla bean': 'vanilla-pod',
    nutmeg: 'nutmeg',
    'barley syrup': 'barley-syrup',
    'golden syrup': 'golden-syrup',
    'corn syrup': 'corn-syrup',
    'maple syrup': 'maple-syrup',
    gelatine: 'gelatine-leaf',
    gelatin: 'gelatine-powder',
    'ground almonds': 'ground-almonds',
    almonds: 'almonds',
    hazelnuts: 'hazelnuts',
    pecans: 'pecans',
    walnuts: 'walnuts',
    plums: 'plums',
    figs: 'figs',
    apples: 'apples',
    pears: 'pears',
    raspberries: 'raspberries',
    strawberries: 'strawberries',
    ricotta: 'ricotta',
    'pumpkin puree': 'pumpkin-puree',
    cocoa: 'cocoa',
    'dark chocolate': 'dark-chocolate',
    cinnamon: 'cinnamon',
    water: 'water',
    'iced water': 'water',
    rum: 'rum',
    'bay leaf': 'bay-leaf',
    'bay leaves': 'bay-leaf',
    yogurt: 'yogurt',
    buttermilk: 'buttermilk',
    raisins: 'raisins',
    oats: 'rolled-oats',
  },
  pt: {
    leite: 'milk',
    'leite condensado': 'condensed-milk',
    'leite de coco': 'coconut-milk',
    natas: 'cream',
    nata: 'cream',
    'creme de leite': 'single-cream',
    ovo: 'egg',
    ovos: 'egg',
    'ovos inteiros': 'egg',
    gema: 'egg-yolk',
    gemas: 'egg-yolk',
    clara: 'egg-white',
    claras: 'egg-white',
    açúcar: 'sugar',
    'açúcar mascavado': 'brown-sugar',
    farinha: 'wheat-flour',
    'farinha de trigo': 'wheat-flour',
    'amido de milho': 'cornflour',
    maisena: 'cornflour',
    manteiga: 'butter',
    mel: 'honey',
    sal: 'salt',
    'sumo de limão': 'lemon-juice',
    'suco de limão': 'lemon-juice',
    'raspa de limão': 'lemon-zest',
    baunilha: 'vanilla-extract',
    canela: 'cinnamon',
    gelatina: 'gelatine-leaf',
    água: 'water',
    amêndoas: 'almonds',
    'amêndoa moída': 'ground-almonds',
    avelãs: 'hazelnuts',
    nozes: 'walnuts',
    peras: 'pears',
    maçãs: 'apples',
    ameixas: 'plums',
    'queijo fresco': 'quark',
    requeijão: 'ricotta',
    coco: 'desiccated-coconut',
  },
  fr: {
    lait: 'milk',
    'lait entier': 'milk',
    crème: 'cream',
    'crème liquide': 'cream',
    'crème fraîche': 'soured-cream',
    œuf: 'egg',
    œufs: 'egg',
    oeuf: 'egg',
    oeufs: 'egg',
    jaune: 'egg-yolk',
    jaunes: 'egg-yolk',
    "jaunes d'œufs": 'egg-yolk',
    blanc: 'egg-white',
    blancs: 'egg-white',
    sucre: 'sugar',
    'sucre semoule': 'sugar',
    'sucre glace': 'icing-sugar',
    'sucre roux': 'brown-sugar',
    cassonade: 'demerara-sugar',
    farine: 'wheat-flour',
    maïzena: 'cornflour',
    fécule: 'potato-starch',
    'fécule de maïs': 'cornflour',
    beurre: 'butter',
    'beurre demi-sel': 'salted-butter',
    miel: 'honey',
    sel: 'salt',
    'jus de citron': 'lemon-juice',
    'zeste de citron': 'lemon-zest',
    vanille: 'vanilla-pod',
    gélatine: 'gelatine-leaf',
    eau: 'water',
    "poudre d'amandes": 'ground-almonds',
    "poudre d'amande": 'ground-almonds',
    noisettes: 'hazelnuts',
    noix: 'walnuts',
    poires: 'pears',
    pommes: 'apples',
    prunes: 'plums',
    framboises: 'raspberries',
    chocolat: 'dark-chocolate',
    rhum: 'rum',
    cannelle: 'cinnamon',
  },
  es: {
    leche: 'milk',
    'leche entera': 'milk',
    'leche condensada': 'condensed-milk',
    'leche evaporada': 'evaporated-milk',
    nata: 'cream',
    huevo: 'egg',
    huevos: 'egg',
    yema: 'egg-yolk',
    yemas: 'egg-yolk',
    clara: 'egg-white',
    claras: 'egg-white',
    azúcar: 'sugar',
    'azúcar moreno': 'brown-sugar',
    'azúcar glas': 'icing-sugar',
    harina: 'wheat-flour',
    maicena: 'cornflour',
    'fécula de maíz': 'cornflour',
    mantequilla: 'butter',
    miel: 'honey',
    sal: 'salt',
    'zumo de limón': 'lemon-juice',
    'jugo de limón': 'lemon-juice',
    'ralladura de limón': 'lemon-zest',
    vainilla: 'vanilla-extract',
    canela: 'cinnamon',
    gelatina: 'gelatine-leaf',
    agua: 'water',
    almendras: 'almonds',
    'almendra molida': 'ground-almonds',
    avellanas: 'hazelnuts',
    nueces: 'walnuts',
    peras: 'pears',
    manzanas: 'apples',
    ciruelas: 'plums',
    requesón: 'ricotta',
    calabaza: 'pumpkin-puree',
    ron: 'rum',
  },
};

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
 * The ingredient that a description names: the longest run of its words that the catalogue or the
 * language knows, the earliest of equal ones. `undefined` when nothing is known.
 */
export function ingredientIn(description: string, language: Language): Named | undefined {
  const words = wordsOf(description);
  const known = lexiconOf(language);
  for (let length = Math.min(LONGEST_RUN, words.length); length > 0; length -= 1) {
    for (let first = 0; first + length <= words.length; first += 1) {
      const run = words.slice(first, first + length).join(' ');
      const ingredientId = known.get(run);
      if (ingredientId) return { ingredientId, words: run };
    }
  }
  return undefined;
}

/** How many of a text's words a language knows, for telling which one it is written in. */
export function knownWords(text: string, language: Language): number {
  const own = new Set(Object.keys(WORDS[language]).map(plain));
  return wordsOf(text).filter((word) => own.has(word)).length;
}

import type { Ingredient } from '../ingredients';
import { ovenIn, tinIn, yieldIn, type RecipeFacts } from './facts';
import { LANGUAGES, type Language } from './language';
import { ingredientIn, knownWords } from './names';
import { readLine, type WrittenLine } from './read';
import type { RecipeRow, RowKind } from './rows';
import { headingIn, isMethod, kindOfHeading } from './sections';
import { withUnheadedFilling } from './unheaded';
import { partsOfFruit } from './whole';

/** A whole text: every row of it, and what it says of the bake. */
export interface RecipeText {
  readonly rows: readonly RecipeRow[];
  readonly lines: readonly WrittenLine[];
  readonly steps: readonly string[];
  readonly facts: RecipeFacts;
}

/** The most lines taken from one text; a list longer than that is not a recipe. */
export const LIST_LIMIT = 200;

/** The most that is read of a row. */
const ROW_LIMIT = 1000;

/** Parts of a line that stand for more than one ingredient: "5 yolks + 1 whole", "zest and juice of a lemon". */
const parts = (line: string): string[] =>
  line
    .split(
      /\s(?:\+|plus|mais|más)\s(?=\d+\s+(?:\p{L}+\s+)?(?:egg|yolk|white|whole|gema|clara|ovo|jaune|blanc|œuf|oeuf|yema|huevo|eigelb|eiwei|ei\b|eier))/iu,
    )
    .flatMap(partsOfFruit);

/** Verbs by which a step of a method begins. */
const VERBS =
  /^(?:add|allow|arrange|bake|beat|blend|blind|boil|bring|brush|chill|combine|cook|cool|cover|cream|cut|divide|dock|dust|fill|fold|gently|heat|in a|knead|leave|let|line|lower|make|melt|mix|place|pour|preheat|press|prick|put|reduce|refrigerate|remove|rest|roll|rub|scald|scatter|serve|set|sift|simmer|slowly|soak|spoon|spread|sprinkle|steep|stir|strain|take|temper|tip|top|transfer|turn|unmould|warm|when|whip|whisk|adicione|amasse|aqueça|asse|bata|coloque|coza|cubra|deixe|derreta|deite|desligue|disponha|distribua|envolva|espalhe|estenda|ferva|forre|junte|leve|misture|numa|polvilhe|pré-aqueça|prepare|recheie|retire|sirva|tape|tenda|unte|verta|ajouter|ajoutez|battre|battez|beurrer|chauffer|couper|couvrir|cuire|déposer|disposer|enfourner|enfournez|étaler|étalez|faire|faites|foncer|foncez|fouetter|fouettez|garnir|incorporer|laisser|laissez|mélanger|mélangez|mettre|mettez|piquer|placer|porter|portez|préchauffer|préchauffez|préparer|remuer|répartir|réserver|retirer|saupoudrer|servir|tamiser|verser|versez|agregar|añadir|añade|añadimos|batir|bate|batimos|calentar|calienta|cocer|cocinar|colocar|cubrir|dejar|deja|derretir|enfriar|estirar|extender|forrar|hornear|hornea|hervir|incorporar|integrar|llevar|mezclar|mezcla|mezclamos|poner|pon|precalentar|precalienta|preparar|rellenar|reservar|retirar|servir|tamizar|verter|vierte)(?!\p{L})/iu;

/** In German the verb comes last: "Den Teig ausrollen und in die Form legen."; what is done "zum Bestreuen" is a noun. */
const VERB_LAST = /(?:^|\s)\p{Ll}{2,}(?:en|ern|eln)\s*[.!]\s*$/u;

const NUMBERED =
  /^\s*(?:\(?\d{1,2}[.)]|step \d+:?|schritt \d+:?|passo \d+:?|étape \d+:?|paso \d+:?|[-•*])\s+/iu;

const QUANTITY = /^\s*(?:[-•*]\s*)?(?:\d|[½⅓⅔¼¾])/;

/** Whether a row tells what to do; of two words, where it is a sentence and no food: "Chill overnight.", not "Warm milk." */
function isStep(row: string, language: Language, own: readonly Ingredient[]): boolean {
  const bare = row.replace(NUMBERED, '');
  const words = bare.trim().split(/\s+/).length;
  const tells = VERBS.test(bare) || (language === 'de' && VERB_LAST.test(bare));
  if (QUANTITY.test(bare) || !tells) return false;
  if (words >= 3) return true;
  const { ingredientId, likely } = ingredientIn(bare, language, own);
  return words === 2 && /[.!]\s*$/.test(bare) && ingredientId === undefined && likely.length === 0;
}

/** What kitchens make themselves as often as they buy it: over a list it is a heading, in one an ingredient. */
const MADE_OR_BOUGHT: ReadonlySet<string> = new Set([
  'lemon-curd',
  'shortcrust-pastry',
  'puff-pastry',
  'filo-pastry',
  'pastry-mix',
  'caramel-sauce',
  'marzipan',
  'apple-puree',
]);

/** A number anywhere in a row: "zest of 2 lemons". */
const AMOUNT = /\d|[½⅓⅔¼¾]/;

/** A row without a number that names no food and stands over others as their heading: "Almond cream", "Massa". */
function barelyHeading(
  row: string,
  { next, apart, sectioned }: Pick<Seen, 'next' | 'apart' | 'sectioned'>,
  language: Language,
  own: readonly Ingredient[],
): boolean {
  if (AMOUNT.test(row) || row.split(/\s+/).length > 5) return false;
  if (/^(?:for|für|para|pour)\s/iu.test(row)) return true;
  const { ingredientId, likely } = ingredientIn(row, language, own);
  // "Crème" by itself, where lists have headings, is over the list that follows and no cream that nobody weighed.
  const overList = (apart || sectioned) && /^\p{Lu}\p{L}*$/u.test(row) && AMOUNT.test(next);
  if (overList && kindOfHeading(row) === 'filling') return true;
  if (kindOfHeading(row) === 'other-part') {
    // A name of its own over a list, with a line left free before it: "Slipway layer".
    const named = ingredientId === undefined && likely.length === 0 && /^\p{Lu}/u.test(row);
    return apart && named && AMOUNT.test(next) && row.split(/\s+/).length <= 3;
  }
  return ingredientId === undefined || (MADE_OR_BOUGHT.has(ingredientId) && AMOUNT.test(next));
}

const isTitle = (row: string, language: Language, own: readonly Ingredient[]): boolean =>
  !QUANTITY.test(row) &&
  !/[?:]\s*$/.test(row) &&
  row.split(/\s+/).length <= 14 &&
  ingredientIn(row.replace(/,.*$/, ''), language, own).ingredientId === undefined;

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

const linesOf = (
  row: string,
  section: string,
  language: Language,
  own: readonly Ingredient[],
): WrittenLine[] =>
  parts(row.slice(0, 240)).map((part) => ({ ...readLine(part, language, own), section }));

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
  for (const each of text.split(/\r?\n/)) {
    const row = each.trim();
    const heading = headingIn(row);
    if (heading !== undefined) section = heading;
    else if (row !== '' && read.length < LIST_LIMIT) {
      read.push(...linesOf(row, section, language, own));
    }
  }
  return read.slice(0, LIST_LIMIT);
}

/** What is known of a row besides its words. */
interface Seen {
  readonly first: boolean;
  /** It stands under the heading of the method. */
  readonly method: boolean;
  /** Lines of a list stood before it. */
  readonly listed: boolean;
  /** The row after it. */
  readonly next: string;
  /** The row before it was left free. */
  readonly apart: boolean;
  /** A list with a heading stood before it. */
  readonly sectioned: boolean;
}

/** What kind of row it is, going by itself and by what stood before. */
function kindOf(
  row: string,
  { first, method, listed, next, apart, sectioned }: Seen,
  language: Language,
  own: readonly Ingredient[],
): RowKind {
  if (row === '') return 'empty';
  if (headingIn(row) !== undefined) return first && /^#\s/.test(row) ? 'title' : 'heading';
  if (isMethod(row)) return 'heading';
  if (method) return 'step';
  if (isYield(row) && isTitle(row, language, own)) return first && isNamed(row) ? 'title' : 'yield';
  if (FOR_A_TIN.test(row) && isTinLine(row, language, own)) return 'tin';
  // "Pour 6 personnes" and "Pour un moule de 24 cm" were told by now; what is left of "pour" is a verb.
  if (isStep(row, language, own)) return 'step';
  // Over how many it is for, "Lighthouse cream" is what is made; over a line it is a list of it.
  if (first && isTitle(row, language, own) && (!opensList(row) || isYield(next))) return 'title';
  if (isYield(row) && ingredientIn(row, language, own).ingredientId === undefined) return 'yield';
  if (isTinLine(row, language, own)) return 'tin';
  if (barelyHeading(row, { next, apart, sectioned }, language, own)) return 'heading';
  // A sentence under a list is something to know, not something to weigh.
  if (listed && !QUANTITY.test(row) && row.split(/\s+/).length > 9 && /[.!]\s*$/.test(row))
    return 'step';
  return 'line';
}

/** "Pour un moule de 24 cm", "Für eine Springform (26 cm)", "Para uma forma": what follows is what it is made for. */
const FOR_A_TIN = /^(?:for|für|pour|para)\s+(?:an?|one|einen?|une?|uma?|una|1)\s/iu;

/** A first row that is the heading of a list at once: "Filling", "Crumb shell", "Massa". */
function opensList(row: string): boolean {
  const kind = kindOfHeading(row);
  return (
    (kind === 'filling' || /dough$|shell$/.test(kind)) &&
    row.split(/\s+/).length <= 2 &&
    // "Crème brûlée" is what is made, "Crème" a list of it.
    !/tart|pie\b|torta|tarta|tarte|kuchen|^cr[eè]m[ea]\s/iu.test(row)
  );
}

/** Whether something is named before it says how many: "Quince tartlets, makes 6". */
const isNamed = (row: string): boolean =>
  !/^(?:serves|makes|feeds|yields?|for|für|ergibt|reicht|pour|para|rende|rinde|faz|portions?|servings?|por[çc][õo]es)\b/iu.test(
    row,
  );

const isYield = (row: string): boolean => {
  const { serves, makes, vessels } = yieldIn(row);
  // "Caramel, for one tin" is a list of its own, for so many of the tins.
  const told = (serves ?? makes) !== undefined || (vessels !== undefined && !isNamed(row));
  return told && row.split(/\s+/).length <= 8;
};

function isTinLine(row: string, language: Language, own: readonly Ingredient[]): boolean {
  return (
    row.split(/\s+/).length <= 12 &&
    tinIn(row) !== undefined &&
    ingredientIn(row, language, own).ingredientId === undefined
  );
}

/**
 * Reads a whole recipe as it was copied: its title, how many it is for, its tin and oven, the headings of its
 * components, the lines of their lists and the steps of its method. Every row is kept, whatever it was taken for;
 * `kinds` has what the cook says a row is.
 */
export function readRecipe(
  text: string,
  language: Language,
  own: readonly Ingredient[] = [],
  kinds: ReadonlyMap<string, RowKind> = new Map(),
): RecipeText {
  const read: RecipeRow[] = [];
  let section = '';
  let method = false;
  let count = 0;
  const all = text.split(/\r?\n/).map((each) => each.trim().slice(0, ROW_LIMIT));
  for (const [at, row] of all.entries()) {
    const seen = {
      first: read.every(({ kind }) => kind === 'empty'),
      method,
      listed: count > 0,
      next: all.slice(at + 1).find((each) => each !== '') ?? '',
      apart: at > 0 && all[at - 1] === '',
      sectioned: section !== '',
    };
    const kind = kinds.get(row) ?? kindOf(row, seen, language, own);
    if (kind === 'heading') {
      const heading = headingIn(row) ?? row;
      method = isMethod(heading);
      if (!method) section = heading;
    }
    const lines = kind === 'line' && count < LIST_LIMIT ? linesOf(row, section, language, own) : [];
    count += lines.length;
    read.push({ text: row, kind, lines });
  }
  const rows = withUnheadedFilling(read);
  return {
    rows,
    lines: rows.flatMap((row) => row.lines).slice(0, LIST_LIMIT),
    steps: rows.filter(({ kind }) => kind === 'step').map((row) => row.text.replace(NUMBERED, '')),
    facts: factsOf(rows),
  };
}

const found = <T>(values: readonly (T | undefined)[]): T | undefined =>
  values.find((value) => value !== undefined);

/** Where a sentence ends and another begins. */
const BETWEEN_SENTENCES = /(?<=[.!?;])\s+(?=\p{Lu})/u;

/** What a row says of the oven. The shell is baked before the filling is: of several settings in one row the last counts as well. */
function bakingIn(row: string): ReturnType<typeof ovenIn> {
  const whole = ovenIn(row);
  const sentences = row.split(BETWEEN_SENTENCES).map(ovenIn);
  const settings = sentences.filter(({ oven }) => oven !== undefined);
  if (settings.length < 2) return whole;
  const last = sentences.lastIndexOf(settings.at(-1)!);
  return {
    oven: sentences[last]!.oven,
    minutes: found(sentences.slice(last).map(({ minutes }) => minutes)),
    bath: whole.bath,
  };
}

/** What the rows that are no lines say of the whole. */
function factsOf(rows: readonly RecipeRow[]): RecipeFacts {
  const said = rows
    .filter(({ kind }) => kind !== 'line' && kind !== 'empty')
    .map((row) => row.text);
  const title = rows.find(({ kind }) => kind === 'title')?.text;
  const ovens = said.map(bakingIn);
  // The filling goes into the oven last: of several settings the last is its own.
  const last = ovens.filter(({ oven }) => oven !== undefined).at(-1);
  return {
    title: title
      ?.replace(/^#+\s*/, '')
      .replace(/[,.:;–-]?\s*\(?(?:serves|makes|feeds|ergibt|für \d|rende|para \d|pour \d).*$/iu, '')
      .trim(),
    serves: found(said.map((row) => yieldIn(row).serves)),
    makes: found(said.map((row) => yieldIn(row).makes)),
    // What a heading says is of its own list: "Caramel, for one tin".
    vessels: found(
      rows
        .filter(({ kind }) => kind !== 'heading' && kind !== 'line')
        .map(({ text }) => yieldIn(text).vessels),
    ),
    tin: found(said.map(tinIn)),
    oven: last?.oven,
    minutes: last?.minutes,
    bath: ovens.some(({ bath }) => bath),
  };
}

/**
 * A corpus of our own in every notation of the trade (common practice). Each line is followed by its reading, worked out by
 * hand: the ingredient, the amount in its unit, and what is held back. `?` and `ask` stand where asking is the only right
 * answer. Wrong is a line that goes on the list with another food or amount than it says; asked is one that stops the cook.
 */
import { findIngredient, type Ingredient } from '../ingredients';
import { gramsPerUnit, lineGrams, type LineUnit } from '../formula';
import { DE } from './corpus/de';
import { EN } from './corpus/en';
import { ES } from './corpus/es';
import { FR } from './corpus/fr';
import { PT } from './corpus/pt';
import { LANGUAGES, type Language } from './language';
import { languageOf, readList } from './recipe';
import { readLine, type WrittenLine } from './read';
import { WORDS } from './words';

const TEXTS: Readonly<Record<Language, string>> = {
  ...{ en: EN, de: DE, pt: PT, fr: FR, es: ES },
};

interface Case {
  readonly language: Language;
  readonly text: string;
  readonly id: string;
  readonly amount: string;
  readonly heldBack: number | undefined;
}

const CASES: readonly Case[] = LANGUAGES.flatMap((language) =>
  TEXTS[language]
    .trim()
    .split('\n')
    .map((row) => {
      const [text, id, amount, heldBack] = row.split(' | ');
      if (!text || !id || !amount) throw new Error(`not a case: ${row}`);
      if (id !== '?' && !findIngredient(id)) throw new Error(`no ingredient ${id}`);
      return { language, text, id, amount, heldBack: heldBack ? Number(heldBack) : undefined };
    }),
);

const ingredientOf = (id: string): Ingredient => {
  const ingredient = findIngredient(id);
  if (!ingredient) throw new Error(`no ingredient ${id}`);
  return ingredient;
};

/** The amount of a line as the corpus writes it. */
function amountOf({ amount, unit }: WrittenLine): string {
  const figure = (value: number) => String(Number(value.toFixed(4)));
  if (amount.kind === 'by-eye' || amount.kind === 'unknown') return amount.kind;
  const value =
    amount.kind === 'exact'
      ? figure(amount.value)
      : `${figure(amount.least)}-${figure(amount.most)}`;
  return unit ? `${value} ${unit}` : value;
}

/** Whether a line would stop the cook: a food, an amount or a unit is missing, or something is asked. */
function isAsked(line: WrittenLine): boolean {
  if (line.ingredientId === undefined || line.question) return true;
  if (line.amount.kind === 'by-eye' || line.amount.kind === 'unknown') return false;
  return (
    line.unit === undefined || !gramsPerUnit(ingredientOf(line.ingredientId), line.unit, 'EU M').ok
  );
}

const near = (a: string, b: string): boolean => {
  const [x, y] = [a, b].map((each) => /^([\d.]+)(?:-([\d.]+))? ?(.*)$/.exec(each));
  if (!x || !y) return a === b;
  const close = (one: string | undefined, other: string | undefined) =>
    one === other || Math.abs(Number(one) / Number(other) - 1) < 0.001;
  return close(x[1], y[1]) && close(x[2], y[2]) && x[3] === y[3];
};

function verdictOf({ language, text, id, amount, heldBack }: Case) {
  const line = readLine(text, language);
  if (isAsked(line)) return 'asked';
  const held =
    heldBack === undefined
      ? line.heldBack === undefined
      : Math.abs((line.heldBack ?? 0) - heldBack) < 0.02 * heldBack;
  return line.ingredientId === id && near(amountOf(line), amount) && held ? 'right' : 'wrong';
}

it('has at least 300 lines, each once', () => {
  expect(new Set(CASES.map(({ text, language }) => language + text)).size).toBe(CASES.length);
  expect(CASES.length).toBeGreaterThanOrEqual(300);
});

it('reads none of them wrong', () => {
  const wrong = CASES.filter((each) => verdictOf(each) === 'wrong').map((each) => {
    const line = readLine(each.text, each.language);
    return `${each.text}: ${line.ingredientId}, ${amountOf(line)}, held ${line.heldBack}`;
  });
  expect(wrong).toEqual([]);
});

it('asks about fewer than 8 in 100, and about all that only the cook can know', () => {
  const asked = CASES.filter((each) => verdictOf(each) === 'asked');
  const mustAsk = CASES.filter(({ id, amount }) => id === '?' || amount === 'ask');
  const needless = asked.filter((each) => !mustAsk.includes(each)).map(({ text }) => text);
  expect(mustAsk.filter((each) => !asked.includes(each)).map(({ text }) => text)).toEqual([]);
  expect({ share: asked.length / CASES.length < 0.08, needless }).toEqual({
    share: true,
    needless: [],
  });
});

it('proposes the food that is meant first where it asks', () => {
  const first = (text: string, language: Language = 'en') => readLine(text, language).likely[0];
  expect(first('100 g suger')).toBe('sugar');
  expect(first('100 g buttcr')).toBe('butter');
  expect(readLine('2 lemons', 'en').likely).toEqual(['whole-lemons', 'lemon-zest', 'lemon-juice']);
  expect(readLine('walnut or pecan halves', 'en').likely).toEqual(
    expect.arrayContaining(['walnuts', 'pecans']),
  );
  expect(first('200 g moonlight')).toBeUndefined();
});

// Common practice: biscuits of this kind are made with milk, and chocolate ones may be: no allergen is left out by a name.
it('hides no milk in a biscuit', () => {
  const allergens = (text: string, language: Language) => {
    const { ingredientId } = readLine(text, language);
    return ingredientId === undefined ? 'asked' : ingredientOf(ingredientId).allergens;
  };
  expect(allergens('200 g de bolacha maria', 'pt')).toEqual(['gluten', 'milk']);
  expect(allergens('200 g de galletas maría', 'es')).toEqual(['gluten', 'milk']);
  expect(allergens('200 g de biscuits secs', 'fr')).toEqual(['gluten', 'milk']);
  expect(allergens('200 g rich tea biscuits', 'en')).toEqual(['gluten', 'milk']);
  expect(allergens('200 g chocolate biscuits', 'en')).toBe('asked');
  expect(allergens('200 g de galletas de chocolate', 'es')).toBe('asked');
});

it.each(LANGUAGES)('tells %s by its words', (language) => {
  expect(languageOf(TEXTS[language].replaceAll(/ \|.*/g, ''))).toBe(language);
});

it.each(LANGUAGES)('gives names in %s to ingredients that exist, each name once', (language) => {
  const names = WORDS[language].flatMap(([each]) => each);
  expect(names.filter((name, at) => names.indexOf(name) !== at)).toEqual([]);
  expect(WORDS[language].flatMap(([, ids]) => ids.filter((id) => !findIngredient(id)))).toEqual([]);
});

describe('a line that changes its food is never taken for the plain one', () => {
  // Foods and words that make another food of them, put together: whatever is read, it is not the plain food. Common practice.
  const PLAIN = ['flour', 'milk', 'butter', 'cream', 'sugar', 'yogurt'] as const;
  const CHANGING = [
    ...['rice', 'pea', 'hemp', 'soya', 'cashew', 'lupin', 'gluten-free', 'dairy free', 'vegan'],
    ...['plant-based', 'imitation', 'chickpea', 'sesame', 'pistachio', 'peanut', 'goat', 'barley'],
  ] as const;
  const pairs = PLAIN.flatMap((food) => CHANGING.map((word) => [food, word] as const));
  it.each(pairs)('%s with %s', (food, word) => {
    const plain = readLine(`100 g ${food}`, 'en').ingredientId;
    expect(plain).toBeDefined();
    for (const text of [
      `100 g ${word} ${food}`,
      `100 g ${food}, ${word}`,
      `100 g ${food} (${word})`,
    ])
      expect([text, readLine(text, 'en').ingredientId]).not.toEqual([text, plain]);
  });
});

it('weighs a list of its own the same in five notations', () => {
  const grams = (text: string, language: Language) =>
    readList(text, language).map((line) => {
      if (line.amount.kind !== 'exact') throw new Error(`no amount: ${line.text}`);
      const weighed = lineGrams(
        {
          ingredientId: line.ingredientId!,
          amount: line.amount.value,
          unit: line.unit as LineUnit,
        },
        'EU M',
      );
      if (!weighed.ok) throw new Error(weighed.problem.code);
      return Math.round(weighed.value);
    });
  const english = grams('1/2 l milk\n2 tbsp sugar\n1,200 g flour\n2 egg yolks', 'en');
  // 500 × 1.03; 2 × 14.787 × 0.845; two yolks of EU M, each 58 × 0.89 × 0.345.
  expect(english).toEqual([515, 25, 1200, 36]);
  expect(
    grams('0,5 l de leite\n2 colheres de sopa de açúcar\n1.200 g de farinha\n2 gemas', 'pt'),
  ).toEqual(english);
  expect(grams('50 cl de lait\n2 c. à s. de sucre\n1 200 g de farine\n2 jaunes', 'fr')).toEqual(
    english,
  );
  expect(grams('0,5 l Milch\n2 EL Zucker\n1.200 g Mehl\n2 Eigelb', 'de')).toEqual(english);
  expect(grams('½ l de leche\n2 cdas de azúcar\n1.200 g de harina\n2 yemas', 'es')).toEqual(
    english,
  );
});

/** Files out and in: what a format can hold comes back, what it cannot is said, junk is refused. */
import {
  CATALOGUE,
  isReady,
  PART_KINDS,
  PART_PLACES,
  readLine,
  unitsFor,
  type LineUnit,
} from '@hollow-moon/core';
import { PLAIN_BUILD, type FormulaData } from '../formula';
import {
  fromAnyList,
  fromCsv,
  fromFormulaFile,
  fromMarkdown,
  fromRecipe,
  lineInWords,
  lostIn,
  toCsv,
  toFormulaFile,
  toMarkdown,
  toRecipe,
} from './index';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

/** A small pseudo-random sequence, the same each time. Source: Park and Miller (1988), minimal standard. */
function sequence(seed: number) {
  let state = seed;
  return (below: number): number => {
    state = (state * 48271) % 2147483647;
    return state % below;
  };
}

const NOTES = [
  '',
  'sieved',
  'cold; diced',
  'with "quotes", commas',
  'ñ 茶 🥧',
  '=1+1',
  '-dash first',
];

const randomLines = (below: (most: number) => number, from: number): FormulaData['lines'] =>
  Array.from({ length: 1 + below(12) }, (_, index) => {
    const ingredient = CATALOGUE[below(CATALOGUE.length)]!;
    const units: readonly LineUnit[] = unitsFor(ingredient);
    const note = NOTES[below(NOTES.length)]!;
    const line = {
      id: id(from + index + 1),
      ingredientId: ingredient.id,
      amount: (1 + below(4000)) / 8,
      unit: units[below(units.length)]!,
      ...(note ? { note } : {}),
    };
    if (below(4) === 0) return { ...line, heldBack: line.amount / 4 };
    return below(4) === 0
      ? { ...line, instead: { ingredientId: 'milk', amount: 3, unit: 'g' as const } }
      : line;
  });

/** A formula made at random from the whole catalogue. */
function formulaOf(seed: number): FormulaData {
  const below = sequence(seed);
  return {
    name: `Formula ${seed} "é", <b>`,
    family: 'baked-custard',
    shell: 'sweet-dough',
    shellThicknessMm: 3,
    lines: randomLines(below, 0),
    note: 'First line.\nSecond line.',
    vesselId: id(90),
    ...PLAIN_BUILD,
    steps: ['Whisk the yolks with the sugar.', `Bake it for ${20 + seed} min.`],
    parts: Array.from({ length: below(3) }, (_, index) => ({
      id: id(200 + index),
      name: `Component ${index}`,
      kind: PART_KINDS[below(PART_KINDS.length)]!,
      place: PART_PLACES[below(PART_PLACES.length)]!,
      lines: randomLines(below, 300 + 20 * index),
      formulaId: null,
      eachG: below(2) === 0 ? null : below(400),
      vessels: below(2) === 0 ? null : 1 + below(9),
      bakesAlong: below(2) === 0,
    })),
    vesselCount: 1 + below(9),
    headspaceMm: 3,
    ovenId: id(91),
    setC: 150,
    fillingStartC: 40,
  };
}

const seeds = Array.from({ length: 60 }, (_, index) => index + 1);

describe('the formula file', () => {
  it.each(seeds)('brings back all but what belongs to a kitchen (seed %d)', (seed) => {
    const data = formulaOf(seed);
    let next = 0;
    const back = fromFormulaFile(toFormulaFile(data), () => id((next += 1)));
    // Ids are given anew; nothing refers to them.
    const plain = (of: FormulaData) =>
      JSON.parse(
        JSON.stringify(of, (key, value: unknown) => (key === 'id' ? '' : value)),
      ) as unknown;
    expect(back.ok && plain(back.value.formula)).toEqual(
      plain({ ...data, vesselId: null, ovenId: null }),
    );
  });

  it('takes along what is the kitchen’s own, and the grade of its eggs', () => {
    const own = {
      ...{ name: 'Ferry cream 50 %', like: 'cream', gramsPerMl: 0.99, gramsPerPiece: null },
      label: { water: 45, fat: 50, sugars: 2.5, starch: 0, protein: 1.7, alcohol: 0 },
      allergens: ['milk' as const],
      diet: 'vegetarian' as const,
    };
    const item = { ingredientId: 'own-1', price: null, own, archived: false };
    const other = { ...item, ingredientId: 'own-2' };
    const line = { id: id(1), ingredientId: 'own-1', amount: 5, unit: 'g' as const };
    const text = toFormulaFile(
      { ...formulaOf(1), parts: [], lines: [line] },
      { pantry: [{ data: item }, { data: other }], eggGrade: 'US large' },
    );
    const back = fromFormulaFile(text, () => id(2));
    expect(back).toMatchObject({
      ok: true,
      value: { own: [{ ingredientId: 'own-1', own }], eggGrade: 'US large' },
    });
  });

  it.each([
    ['not JSON', '{"format": ', 'file.not-json'],
    ['something else', '{"format":"other"}', 'wire.does-not-fit'],
    [
      'a negative amount',
      toFormulaFile(formulaOf(1)).replace(/"amount": [\d.]+/, '"amount": -1'),
      'limit.between',
    ],
    ['a file of a megabyte', ' '.repeat(1_000_000), 'file.too-large'],
    ['deep nesting', `${'['.repeat(90_000)}${']'.repeat(90_000)}`, 'wire.does-not-fit'],
  ])('refuses %s', (_, text, code) => {
    const back = fromFormulaFile(text, () => id(1));
    expect(back.ok ? '' : back.problem.code).toBe(code);
  });
});

describe('the formats of others', () => {
  const headed = (data: FormulaData) => [
    `Filling {.${data.family} .filling}:`,
    ...data.lines.map((line) => lineInWords(line)),
    ...data.parts.flatMap((part) => [
      `${part.name} {.${part.kind} .${part.place}}:`,
      ...part.lines.map((line) => lineInWords(line)),
    ]),
  ];
  const method = ({ steps }: FormulaData) => ['Method:', ...steps];
  const noted = ({ note }: FormulaData) => (note ? { note } : {});
  const first = (read: ReturnType<typeof fromAnyList>) => {
    if (!read.ok) throw new Error(read.problem.code);
    expect(read.value).toHaveLength(1);
    return read.value[0]!;
  };

  it.each(seeds)(
    'hold name, portions, lists with their kind and place, and steps (seed %d)',
    (seed) => {
      const data = formulaOf(seed);
      const portions = data.vesselCount * data.portionsEach;
      expect(first(fromRecipe(toRecipe(data)))).toEqual({
        name: 'Formula ' + `${seed} "é",`,
        lines: [`${portions} servings`, ...headed(data), ...method(data)],
        language: 'en',
        ...noted(data),
      });
      expect(first(fromMarkdown(toMarkdown(data)))).toEqual({
        name: data.name,
        lines: [
          `${portions} portions`,
          ...headed(data),
          'Method:',
          ...data.steps.map((step, at) => `${at + 1}. ${step}`),
        ],
        ...noted(data),
      });
      // An empty list has no row in a table.
      const rows = headed(data).filter(
        (line, at, all) => !/:$/.test(line) || !/:$/.test(all[at + 1] ?? ':'),
      );
      expect(first(fromCsv(toCsv(data)))).toEqual({ name: '', lines: rows });
    },
  );

  it('tell one from another by their text', () => {
    const data = formulaOf(7);
    for (const text of [toRecipe(data), toMarkdown(data), toCsv(data)])
      expect(first(fromAnyList(text)).lines).toEqual(expect.arrayContaining(headed(data)));
  });

  it('name what is the kitchen’s own by its name', () => {
    const own = { ...CATALOGUE[0]!, id: 'own-1', name: 'Ferry cream 50 %' };
    const find = (ingredientId: string) => (ingredientId === 'own-1' ? own : undefined);
    const line = { id: id(1), ingredientId: 'own-1', amount: 5, unit: 'g' as const };
    const data = { ...formulaOf(1), parts: [], lines: [line] };
    for (const text of [
      toRecipe(data, { find }),
      toMarkdown(data, { find }),
      toCsv(data, { find }),
    ]) {
      expect(text).toContain('ferry cream 50 %');
      expect(text).not.toContain('own-1');
    }
  });

  // What is written out in grams or eggs must be read again as the same amount of the same thing.
  it('are read again as the same amount of the same ingredient', () => {
    const misread = CATALOGUE.flatMap((ingredient) => {
      const line = { id: id(1), ingredientId: ingredient.id, amount: 125, unit: 'g' as const };
      const read = readLine(lineInWords(line), 'en');
      const same =
        isReady(read) &&
        read.ingredientId === ingredient.id &&
        read.amount.kind === 'exact' &&
        read.amount.value === 125;
      return same ? [] : [`${lineInWords(line)} -> ${read.ingredientId}`];
    });
    expect(misread).toEqual([]);
  });

  // What is not known stays unknown on its way out and in again.
  it.each([
    ['unknown', { kind: 'unknown' }],
    ['by-eye', { kind: 'by-eye' }],
  ] as const)('are read again as %s', (vague, amount) => {
    const line = { id: 'x', ingredientId: 'honey', amount: 0, unit: 'g' as const, vague };
    expect(readLine(lineInWords(line), 'en')).toMatchObject({ ingredientId: 'honey', amount });
  });

  // Source: OWASP, CSV injection: no cell may begin with =, +, - or @.
  it('put no formula into a spreadsheet', () => {
    for (const seed of seeds) {
      const cells = toCsv(formulaOf(seed)).split(/[,\r\n]/);
      expect(cells.filter((cell) => /^"?[=+@-]/.test(cell))).toEqual([]);
    }
  });

  it.each([
    ['a recipe', toRecipe],
    ['Markdown', toMarkdown],
  ] as const)('bring the note back (%s)', (_, write) => {
    const note = 'For the first boat.\nFill the shell warm.';
    const back = fromAnyList(write({ ...formulaOf(1), note }));
    expect(back.ok && back.value[0]!.note).toBe(note);
  });

  // By hand: 500 g of milk at 3.5 g protein, 4.7 g sugars, 3.6 g fat in 100 g are 5 × (4 × 8.2 + 9 × 3.6) = 326 kcal, in
  // 4 portions of 125 g. Source: EU 1169/2011, annex XIV (energy factors); the make-up is the catalogue's.
  it('say what a portion gives and whom it suits, where the list tells', () => {
    const milk = { id: id(1), ingredientId: 'milk', amount: 500, unit: 'g' as const };
    const data = { ...formulaOf(1), parts: [], lines: [milk], vesselCount: 1, portionsEach: 4 };
    const plain = { ...data, lossShare: 0 };
    const recipe = JSON.parse(toRecipe(plain, { eggGrade: 'EU M' })) as Record<string, unknown>;
    expect(recipe).toMatchObject({
      inLanguage: 'en',
      suitableForDiet: 'https://schema.org/VegetarianDiet',
      nutrition: { servingSize: '125 g' },
    });
    const { calories } = recipe.nutrition as { calories: string };
    expect(Number(calories.replace(' kcal', ''))).toBeGreaterThan(75);
    expect(Number(calories.replace(' kcal', ''))).toBeLessThan(88);
    const gelled = { ...milk, ingredientId: 'gelatine-leaf' };
    const set = JSON.parse(toRecipe({ ...plain, lines: [milk, gelled] }, { eggGrade: 'EU M' }));
    expect(set).not.toHaveProperty('suitableForDiet');
    // With something of unknown amount in it nothing of the kind is said.
    const open = { ...milk, id: id(2), vague: 'unknown' as const };
    const untold = JSON.parse(toRecipe({ ...plain, lines: [milk, open] }, { eggGrade: 'EU M' }));
    expect(untold).not.toHaveProperty('nutrition');
    expect(untold).not.toHaveProperty('suitableForDiet');
  });

  it('say what they could not hold', () => {
    expect(lostIn(formulaOf(1)).map(({ code }) => code)).toContain('file.loses-temperatures');
  });
});

describe('how long it takes', () => {
  const data = formulaOf(7);
  const only = (read: ReturnType<typeof fromRecipe>) => {
    if (!read.ok) throw new Error(read.problem.code);
    expect(read.value).toHaveLength(1);
    return read.value[0]!;
  };
  const plain = (text: string | undefined) => text?.replaceAll('\u00a0', ' ');
  // 25 min by hand, 1 h in the oven, 5 h 30 min to the table.
  const takes = { prepS: 1500, cookS: 3600, allS: 19_800 };

  it('is written as durations and read as a sentence. Source: ISO 8601, schema.org/totalTime', () => {
    const written: unknown = JSON.parse(toRecipe(data, { takes }));
    expect(written).toMatchObject({ prepTime: 'PT25M', cookTime: 'PT1H', totalTime: 'PT5H30M' });
    const back = only(fromRecipe(JSON.stringify(written)));
    expect(plain(back.note)).toBe(
      'First line.\nSecond line.\nPreparation 25 min, cooking 60 min, 5 h 30 min in all.',
    );
  });

  it('is a row of the note in Markdown', () => {
    const back = only(fromMarkdown(toMarkdown(data, { takes: { cookS: 2400 } })));
    expect(plain(back.note)).toBe('First line.\nSecond line.\nCooking 40 min.');
  });

  it.each([
    ['a Recipe', toRecipe, fromRecipe],
    ['Markdown', toMarkdown, fromMarkdown],
  ])('is said once, however often the file goes out and in, in %s', (_, out, back) => {
    const once = only(back(out(data, { takes })));
    const twice = only(back(out({ ...data, note: once.note! }, { takes })));
    expect(plain(twice.note)).toBe(plain(once.note));
  });

  it('is not written where it is not known', () => {
    expect(toRecipe(data)).not.toMatch(/Time"/);
  });
});

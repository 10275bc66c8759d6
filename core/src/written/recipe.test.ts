/** Whole recipes of our own, as they are copied out of pages, notes and messages; what each row is was set by hand. */
import { isReady } from './read';
import { languageOf, readRecipe } from './recipe';
import { kindOfHeading } from './sections';

const kinds = (text: string) => readRecipe(text, languageOf(text)).rows.map(({ kind }) => kind);

describe('an English recipe', () => {
  const TEXT = `Quince meringue tartlets, makes 6
9 in loose-bottom tin
Shortcrust
200 g plain flour
100 g cold butter
1 egg yolk
Almond cream
100 g butter
100 g sugar
2 eggs
100 g ground almonds
Method
1. Heat the oven to 350 F.
2. Rub the butter into the flour, then chill it.
3. Bake at 325 F for 25-30 min in a water bath.`;

  it('has its rows told apart', () => {
    expect(kinds(TEXT)).toEqual([
      'title',
      'tin',
      'heading',
      ...Array<string>(3).fill('line'),
      'heading',
      ...Array<string>(4).fill('line'),
      'heading',
      ...Array<string>(3).fill('step'),
    ]);
  });

  it('says its name, how many, tin and oven: 9 in is 228.6 mm, 325 °F is 162.8 °C', () => {
    const { facts, steps, lines } = readRecipe(TEXT, 'en');
    expect(facts).toEqual({
      title: 'Quince meringue tartlets',
      serves: undefined,
      makes: 6,
      vessels: undefined,
      tin: { widthMm: expect.closeTo(228.6, 1), words: '9 in loose-bottom tin' },
      oven: { setC: 162.8, fan: false },
      minutes: 30,
      bath: true,
    });
    expect(steps).toHaveLength(3);
    expect(steps[0]).toBe('Heat the oven to 350 F.');
    expect(lines.every(isReady)).toBe(true);
    expect(lines.map((line) => line.section)).toEqual([
      ...Array<string>(3).fill('Shortcrust'),
      ...Array<string>(4).fill('Almond cream'),
    ]);
  });
});

it.each([
  ['fr', 'Pour un moule de 24 cm', 'tin'],
  ['pt', 'Para uma forma de 22 cm', 'tin'],
  ['en', 'For a 23 cm tart tin', 'tin'],
  ['en', 'Pour it into a 23 cm tart tin and bake it.', 'step'],
  ['fr', 'Verser dans un moule de 24 cm.', 'step'],
] as const)('in %s “%s” is a %s', (language, row, kind) => {
  const { rows, facts } = readRecipe(`Tart\n${row}\n200 g sugar`, language);
  expect(rows[1]!.kind).toBe(kind);
  expect(facts.tin?.widthMm).toBe({ fr: 240, pt: 220, en: 230 }[language]);
});

it('takes a cream over a list for the filling, and one at the top for what is made', () => {
  const { rows, lines } = readRecipe(
    'Crème brûlée\nPour 6 personnes\n\nCrème\n500 ml de crème\n6 jaunes d’œufs',
    'fr',
  );
  expect(rows.map(({ kind }) => kind)).toEqual([
    'title',
    'yield',
    'empty',
    'heading',
    'line',
    'line',
  ]);
  expect(lines.map(({ section }) => kindOfHeading(section))).toEqual(['filling', 'filling']);
  expect(['Crème', 'Crema', 'Creme', 'Cream'].map(kindOfHeading)).toEqual(
    Array<string>(4).fill('filling'),
  );
  // Without a row left free as well, where another list has a heading; else it is cream that nobody weighed.
  const apart = readRecipe('Pâte sucrée\n250 g de farine\nCrème\n4 œufs', 'fr').lines;
  expect(apart.map(({ section }) => section)).toEqual(['Pâte sucrée', 'Crème']);
  expect(kinds('Pots\n6 jaunes d’œufs\nCrème\n80 g de sucre')).toEqual([
    'title',
    'line',
    'line',
    'line',
  ]);
  // Creams of another kind stay what they are.
  expect(['Crème d’amande', 'Crema de almendra', 'Crème fouettée'].map(kindOfHeading)).toEqual([
    'nut-cream',
    'nut-cream',
    'whipped-cream',
  ]);
});

it('takes two words for a step where they are a sentence and no food', () => {
  const text = `Lime tart
120 g sugar
Warm milk.
Cook gently, stirring.
Chill overnight.
Bake blind!
Cream cheese.`;
  expect(kinds(text)).toEqual(['title', 'line', 'line', 'step', 'step', 'step', 'line']);
});

it('reads a Portuguese recipe', () => {
  const text = `Torta fria de maracujá
Rende 10 fatias
Massa
200 g de bolacha maria moída
100 g de manteiga derretida
Recheio
395 g de leite condensado
200 ml de natas
6 folhas de gelatina
Modo de preparo
Misture a bolacha com a manteiga e forre uma forma de 22 cm.
Leve ao frigorífico por 30 minutos.`;
  const { facts, lines, steps, rows } = readRecipe(text, languageOf(text));
  expect(rows.map(({ kind }) => kind).filter((kind) => kind === 'heading')).toHaveLength(3);
  expect(facts).toMatchObject({
    title: 'Torta fria de maracujá',
    serves: 10,
    tin: { widthMm: 220 },
    oven: undefined,
  });
  expect(lines.map((line) => line.section)).toEqual([
    'Massa',
    'Massa',
    'Recheio',
    'Recheio',
    'Recheio',
  ]);
  expect(steps).toHaveLength(2);
});

it('reads a French and a Spanish one', () => {
  const french = readRecipe(
    `Tarte au citron
Pour 8 personnes
Pâte sucrée :
250 g de farine
Crème :
le jus de 3 citrons
Préparation
Enfournez 25 min à 180 °C, chaleur tournante.`,
    'fr',
  );
  expect(french.facts).toMatchObject({
    title: 'Tarte au citron',
    serves: 8,
    oven: { setC: 180, fan: true },
    minutes: 25,
  });
  const spanish = readRecipe(
    `Flan de calabaza
Para 6 personas
500 ml de leche
6 yemas
Hornear 45 minutos a 160 grados al baño maría.`,
    'es',
  );
  expect(spanish.facts).toMatchObject({
    title: 'Flan de calabaza',
    serves: 6,
    oven: { setC: 160 },
    bath: true,
  });
  expect(spanish.lines).toHaveLength(2);
});

it.each([
  ['serves 8', { serves: 8 }],
  ['Serves six', { serves: 6 }],
  ['makes six', { makes: 6 }],
  ['8 servings', { serves: 8 }],
  ['Pour 6 personnes', { serves: 6 }],
  ['8 porções', { serves: 8 }],
  ['Para 10 personas', { serves: 10 }],
  ['Para 6 moldes', { vessels: 6, serves: undefined }],
  ['Para 12 tartaletas pequeñas', { vessels: 12 }],
  ['Pour 8 petits ramequins', { vessels: 8 }],
  ['Faz duas tartes', { vessels: 2 }],
  ['Para dos moldes', { vessels: 2 }],
  ['Pour trois cercles de 20 cm', { vessels: 3 }],
  ['Para 4 forminhas individuais', { vessels: 4 }],
  ['Makes two 9-inch pies', { vessels: 2 }],
  ['Makes 6 individual tarts', { vessels: 6, makes: 6 }],
  ['For one 24 cm tin', { vessels: 1 }],
  ['Serves 8, for 2 tins', { serves: 8, vessels: 2 }],
  ['makes 24 biscuits', { vessels: undefined, makes: 24 }],
  ['Caramel, for one tin', { vessels: undefined }],
] as const)('%s', (line, facts) => {
  expect(readRecipe(`200 g sugar\n${line}`, 'en').facts).toMatchObject(facts);
});

it.each([
  ['Bake at 180 °C for 40 min', 180, 40],
  ['Bake at 350F for 40 minutes', 176.7, 40],
  ['Bake at 350 degrees for 40 to 45 min', 176.7, 45],
  // Mark 4 is 350 °F. Source: common practice.
  ['Bake at gas mark 4 for 1 h', 176.7, undefined],
  ['Bake in the oven (160 °C fan) until it just wobbles', 160, undefined],
  ['Asse a 200 °C durante 25 minutos', 200, 25],
  // The shell first, the filling after it, in one row. By hand: 350 °F is 176.7 °C.
  ['Blind bake at 400°F for 20 minutes. Pour it in and bake at 350°F for 45 minutes.', 176.7, 45],
  ['Cuire à blanc à 180 °C. Verser la crème. Enfourner à 150 °C. Cuire 35 minutes.', 150, 35],
  ['Heat the oven to 350 F. Pour in the custard and bake 40 minutes.', 176.7, 40],
] as const)('%s', (line, setC, minutes) => {
  const { facts } = readRecipe(`200 g sugar\n${line}`, 'en');
  expect([facts.oven?.setC, facts.minutes]).toEqual([setC, minutes]);
});

it('takes no line of a list for a title, a yield or a step', () => {
  expect(kinds('cream: ?\nhoney to taste\nmilk\n500 ml milk')).toEqual([
    'line',
    'line',
    'line',
    'line',
  ]);
  expect(kinds('200 g flour\nbutter for the tin\n1 egg, to glaze\nsalt')).toEqual(
    Array<string>(4).fill('line'),
  );
});

it('keeps a list without a single amount', () => {
  const { lines } = readRecipe('milk\ncream\negg yolks\nsugar', 'en');
  expect(lines.map((line) => [line.ingredientId, line.amount.kind])).toEqual([
    ['milk', 'unknown'],
    ['cream', 'unknown'],
    ['egg-yolk', 'unknown'],
    ['sugar', 'unknown'],
  ]);
});

it('takes a name of its own over a list for its heading, where a line is left free before it', () => {
  const sections = (text: string) => [
    ...new Set(readRecipe(text, 'en').lines.map(({ section }) => section)),
  ];
  const base = 'Dough\n200 g flour\n100 g butter\n';
  expect(sections(`${base}\nSlipway layer\n300 ml cream`)).toEqual(['Dough', 'Slipway layer']);
  expect(sections(`${base}Ganache\n300 ml cream`)).toEqual(['Dough', 'Ganache']);
  // Within a list, or with nothing weighed after it, it is a line that is asked about.
  expect(sections(`${base}Mahleb\n300 ml cream`)).toEqual(['Dough']);
  expect(sections(`${base}\nMahleb\n\nserve cold`)).toEqual(['Dough']);
  // Butter is no heading there either: with the cream it is the filling, which has none.
  expect(sections(`${base}\nButter\n300 ml cream`)).toEqual(['Dough', '']);
});

it('takes what is made or bought for a heading where a list follows, and for an ingredient in one', () => {
  const made = readRecipe('Pie dough\n200 g flour\nLemon curd\nzest of 2 lemons', 'en');
  expect(made.lines.map((line) => line.section)).toEqual(['Pie dough', 'Lemon curd']);
  const bought = readRecipe('1 egg\nlemon curd\nshortcrust pastry', 'en');
  expect(bought.lines.map((line) => line.ingredientId)).toEqual([
    'egg',
    'lemon-curd',
    'shortcrust-pastry',
  ]);
});

it.each([
  ['Bay-leaf set custard tart\n200 g sugar', 'Bay-leaf set custard tart'],
  ['Lemon curd tart\n200 g sugar', 'Lemon curd tart'],
  ['Custard\n200 g sugar', undefined],
  ['Pastry cream\n200 g sugar', undefined],
] as const)('the name of %j is %p', (text, title) => {
  expect(readRecipe(text, 'en').facts.title).toBe(title);
});

it('takes a list for one of its tins as a list of its own', () => {
  const { rows, facts } = readRecipe(
    'Two-tin pie\nServes 16\nFilling\n850 g pumpkin puree\nCaramel, for one tin\n150 g sugar\n60 ml water',
    'en',
  );
  expect(rows.find(({ text }) => text.startsWith('Caramel'))!.kind).toBe('heading');
  expect(facts).toMatchObject({ vessels: undefined, serves: 16 });
});

describe('a filling without a heading, under a shell that has one', () => {
  const SHELL = [
    'Slipway tart',
    '',
    'For the crust:',
    '200 g plain flour',
    '100 g butter',
    '1 egg',
  ];
  const sections = (rows: readonly string[]) =>
    readRecipe(rows.join('\n'), 'en').lines.map(({ ingredientId, section }) => [
      ingredientId,
      section,
    ]);
  const shell = [
    ['wheat-flour', 'For the crust'],
    ['butter', 'For the crust'],
    ['egg', 'For the crust'],
  ];

  it('begins after the line left free, and goes on to the end of the list', () => {
    const rows = [
      ...SHELL,
      '',
      '500 ml milk',
      '3 eggs',
      '',
      '80 g sugar',
      'Method',
      'Bake it all.',
    ];
    expect(sections(rows)).toEqual([...shell, ['milk', ''], ['egg', ''], ['sugar', '']]);
  });

  it.each([
    [
      'another list is headed as the filling',
      [...SHELL, '', '20 ml milk', '10 g sugar', 'Filling:', '300 g cream', '2 eggs'],
    ],
    ["what follows is a dough's own", [...SHELL, '', '20 g sugar', '10 ml water']],
    [
      'every row is set apart',
      SHELL.slice(3)
        .flatMap((row) => ['', row])
        .concat('', '300 g cream', '', '2 eggs'),
    ],
    ['no line is left free', [...SHELL, '500 ml milk', '3 eggs']],
  ])('is none where %s', (_, rows) => {
    const all = rows[0] === '' ? ['Slipway tart', 'For the crust:', ...rows] : rows;
    expect(sections(all).filter(([, section]) => section === '')).toEqual([]);
  });
});

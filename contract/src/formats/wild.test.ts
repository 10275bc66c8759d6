/** Recipes of our own as they are met in the wild: saved pages, exports of other programs, notes, spreadsheets. */
import { fromAnyList } from './anyList';

const read = (text: string) => {
  const all = fromAnyList(text);
  if (!all.ok) throw new Error(all.problem.code);
  return all.value;
};
const refused = (text: string) => {
  const all = fromAnyList(text);
  return all.ok ? all.value : all.problem.code;
};

const RECIPE = {
  '@type': 'Recipe',
  name: 'Slipway tart',
  recipeYield: ['8', '8 slices'],
  recipeIngredient: ['250 g flour', '125 g butter'],
  recipeInstructions: [
    {
      '@type': 'HowToSection',
      name: 'Dough',
      itemListElement: [{ '@type': 'HowToStep', text: 'Rub the butter <b>in</b>.' }],
    },
    { '@type': 'HowToStep', text: 'Bake at 180 °C.' },
  ],
};
const LINES = [
  'Serves 8',
  '250 g flour',
  '125 g butter',
  'Method:',
  'Rub the butter in .',
  'Bake at 180 °C.',
];

describe('a recipe of schema.org', () => {
  it.each([
    ['alone', { '@context': 'https://schema.org', ...RECIPE }],
    ['with an older context', { '@context': 'http://schema.org/', ...RECIPE }],
    ['by its full type', { ...RECIPE, '@type': 'http://schema.org/Recipe' }],
    ['among several types', { ...RECIPE, '@type': ['NewsArticle', 'Recipe'] }],
    ['in a list', [{ '@type': 'Person' }, RECIPE]],
    ['in a graph', { '@graph': [{ '@type': 'WebSite' }, RECIPE] }],
    ['as what a page is about', { '@type': 'WebPage', mainEntity: RECIPE }],
    ['in a list of items', { '@type': 'ItemList', itemListElement: [{ item: RECIPE }] }],
  ])('%s', (_, json) => {
    expect(read(JSON.stringify(json))).toEqual([{ name: 'Slipway tart', lines: LINES }]);
  });

  // By hand: PT1H30M are 90 min, PT45M 45. Source: ISO 8601-1, 5.5.2 (durations).
  it('brings its note, its times and its language along, and says what it leaves', () => {
    const [recipe] = read(
      JSON.stringify({
        ...RECIPE,
        description: 'For the <i>first</i> boat.',
        inLanguage: 'pt-PT',
        prepTime: 'PT45M',
        totalTime: 'PT1H30M',
        cookTime: 'soon',
        image: ['slipway.jpg'],
        nutrition: { calories: '300 kcal' },
      }),
    );
    expect(recipe!.language).toBe('pt');
    expect(recipe!.note!.replaceAll('\u00a0', ' ')).toBe(
      'For the first boat.\nPreparation 45 min, 90 min in all.',
    );
    expect(recipe!.leftOut!.map(({ code }) => code)).toEqual([
      'file.leaves-image',
      'file.leaves-nutrition',
    ]);
  });

  it('with its ingredients in one text, and its method in another', () => {
    const [recipe] = read(
      JSON.stringify({
        ...RECIPE,
        recipeYield: 4,
        recipeIngredient: '250 g flour\n125 g butter',
        recipeInstructions: 'Rub the butter in.\nBake at 180 °C.',
      }),
    );
    expect(recipe!.lines).toEqual([
      'Serves 4',
      '250 g flour',
      '125 g butter',
      'Method:',
      'Rub the butter in.',
      'Bake at 180 °C.',
    ]);
  });

  it('several in a file are all found', () => {
    const other = { ...RECIPE, name: 'Harbour pots' };
    expect(read(JSON.stringify([RECIPE, other])).map(({ name }) => name)).toEqual([
      'Slipway tart',
      'Harbour pots',
    ]);
  });

  it('is refused where there is none', () => {
    expect(refused('{"@type":"Person"}')).toBe('file.no-recipe');
    expect(refused('{"@type":"Recipe"}')).toBe('file.no-recipe');
    expect(refused('{"half":')).toBe('file.not-json');
  });
});

describe('a saved page', () => {
  const page = (inside: string) =>
    `<!DOCTYPE html><html><head><title>x</title><style>.a{b:c}</style></head><body>${inside}</body></html>`;

  it('gives the recipe it says of itself', () => {
    const script = `<script data-x="1" type="application/ld+json">${JSON.stringify(RECIPE)}</script>`;
    expect(read(page(`<nav>Home</nav>${script}<p>Advertisement</p>`))).toEqual([
      { name: 'Slipway tart', lines: LINES },
    ]);
  });

  it('or, without one, the text a reader sees', () => {
    const [recipe] = read(
      page(
        '<script>var a=1</script><h1>Slipway tart</h1><ul><li>250&nbsp;g flour</li><li>125 g <b>butter</b></li></ul>',
      ),
    );
    expect(recipe!.lines).toEqual(['Slipway tart', '250&nbsp;g flour', '125 g butter']);
  });
});

describe('Markdown', () => {
  it('with front matter, a table, boxes and numbered steps', () => {
    const [recipe] = read(
      [
        '---',
        'title: "Slipway tart"',
        'tags: [tart]',
        '---',
        '',
        '| Amount | Ingredient |',
        '| --- | --- |',
        '| 250 g | flour |',
        '| 125 g | butter |',
        '',
        '## Filling',
        '- [ ] 500 ml **cream**',
        '* 6 egg yolks',
        '',
        '## Method',
        '1. Whisk.',
        '2. Bake at 150 °C.',
      ].join('\n'),
    );
    expect(recipe).toEqual({
      name: 'Slipway tart',
      lines: [
        '250 g flour',
        '125 g butter',
        'Filling:',
        '[ ] 500 ml cream',
        '6 egg yolks',
        'Method:',
        '1. Whisk.',
        '2. Bake at 150 °C.',
      ],
    });
  });
});

describe('a table', () => {
  it.each([
    ['semicolons and decimal commas', 'Menge;Einheit;Zutat\n250;g;flour\n0,5;l;milk'],
    ['tabs', 'Qty\tUnit\tIngredient\n250\tg\tflour\n0,5\tl\tmilk'],
    ['a mark of UTF-8', '\uFEFFamount,unit,ingredient\n250,g,flour\n"0,5",l,milk'],
    ['French headings', 'Quantité;Unité;Ingrédient\n250;g;flour\n0,5;l;milk'],
    ['Portuguese headings', 'Quantidade,Unidade,Ingrediente\n250,g,flour\n"0,5",l,milk'],
  ])('with %s', (_, text) => {
    expect(read(text)[0]!.lines).toEqual(['250 g flour', '0,5 l milk']);
  });
});

it('takes plain text as it is', () => {
  expect(read('Slipway tart\r\n\r\n250 g flour\r\n1. Bake it.')[0]).toEqual({
    name: '',
    lines: ['Slipway tart', '250 g flour', '1. Bake it.'],
  });
});

it.each([
  ['%PDF-1.7 …', 'file.is-pdf'],
  ['PK\u0003\u0004word/document.xml', 'file.is-archive'],
  ['GIF89a', 'file.is-picture'],
  ['   \n ', 'file.empty'],
])('refuses %j with its reason', (text, code) => {
  expect(refused(text)).toBe(code);
});

/** Whole recipes of our own in German: how the trade writes them there is common practice. */
import { readRecipe } from './recipe';
import { isReady } from './read';
import { kindOfHeading } from './sections';
import { yieldIn } from './facts';

const TART = `Birnen-Rahmtarte
Für 8 Stücke
Für eine Tarteform (26 cm)

Mürbeteig:
200 g Mehl
100 g kalte Butter
50 g Puderzucker
1 Eigelb
1 Prise Salz

Für den Guss
3 Eier
250 ml Sahne
2 gehäufte EL Zucker
1 Päckchen Vanillezucker
Abrieb und Saft von 1 Zitrone

Zubereitung
1. Mehl, Butter, Puderzucker, Eigelb und Salz rasch verkneten.
2. Den Teig ausrollen, in die Form legen und 15 Minuten bei 190 °C Ober-/Unterhitze blindbacken.
3. Den Guss verquirlen, einfüllen und bei 160 °C Umluft 35 bis 40 Minuten backen.

Hinweis: Im Kühlschrank hält sie zwei Tage.`;

const POTS = `Vanillecreme im Glas
Ergibt 6 Förmchen
500 ml Milch
5 Eigelb
80 g Zucker
1 Vanilleschote
Die Milch mit der Vanille aufkochen und ziehen lassen.
Eigelb und Zucker verrühren.
Im Wasserbad bei 150 Grad 45 Min. im Ofen garen.`;

describe('a tart', () => {
  const { rows, lines, steps, facts } = readRecipe(TART, 'de');

  it('has its title, yield, tin and oven', () => {
    expect(facts).toMatchObject({
      ...{ title: 'Birnen-Rahmtarte', serves: 8, bath: false },
      tin: { widthMm: 260 },
      // The filling's, not the shell's.
      oven: { setC: 160, fan: true },
      minutes: 40,
    });
  });

  it('has its two lists, of which every line can be weighed but what goes in by eye', () => {
    expect(lines.map(({ section, ingredientId }) => [section, ingredientId])).toEqual([
      ['Mürbeteig', 'wheat-flour'],
      ['Mürbeteig', 'butter'],
      ['Mürbeteig', 'icing-sugar'],
      ['Mürbeteig', 'egg-yolk'],
      ['Mürbeteig', 'salt'],
      ['Für den Guss', 'egg'],
      ['Für den Guss', 'cream'],
      ['Für den Guss', 'sugar'],
      ['Für den Guss', 'vanilla-sugar'],
      ['Für den Guss', 'lemon-zest'],
      ['Für den Guss', 'lemon-juice'],
    ]);
    expect(lines.filter((line) => !isReady(line)).map(({ text }) => text)).toEqual([
      '1 Prise Salz',
    ]);
    expect(lines[7]).toMatchObject({ unit: 'tbsp', note: 'gehäufte' });
    expect(['Mürbeteig', 'Für den Guss'].map(kindOfHeading)).toEqual(['sweet-dough', 'filling']);
  });

  it('has its steps, and nothing is lost', () => {
    expect(steps.slice(0, 3).map((step) => step.split(' ').slice(0, 2).join(' '))).toEqual([
      'Mehl, Butter,',
      'Den Teig',
      'Den Guss',
    ]);
    expect(rows.map(({ text }) => text).join('\n')).toBe(TART);
  });
});

it.each([
  ['de', 'Leuchtturm-Vanillecreme', 'Für 6 Portionen', '500 ml Milch'],
  ['de', 'Zitronencreme', 'Ergibt 4 Förmchen', '500 ml Milch'],
  ['en', 'Lighthouse custard', 'Serves 6', '500 ml milk'],
] as const)(
  'in %s a cream is the title over how many it is for, and a list over a line',
  (language, name, yields, line) => {
    const titled = readRecipe(`${name}\n${yields}\n${line}`, language);
    expect([titled.rows[0]!.kind, titled.facts.title]).toEqual(['title', name]);
    expect(readRecipe(`${name}\n${line}`, language).rows[0]!.kind).toBe('heading');
  },
);

it('what goes in by eye is no step, though it is for doing something', () => {
  const { rows, lines } = readRecipe(
    'Tarte\n1 Ei\nPuderzucker zum Bestäuben.\nAlles verrühren.',
    'de',
  );
  expect(rows.map(({ kind }) => kind)).toEqual(['title', 'line', 'line', 'step']);
  expect(lines[1]).toMatchObject({ ingredientId: 'icing-sugar', amount: { kind: 'by-eye' } });
});

it('pots without a heading over their method have steps and a bath', () => {
  const { rows, facts } = readRecipe(POTS, 'de');
  expect(rows.map(({ kind }) => kind)).toEqual([
    ...['title', 'yield'],
    ...Array<string>(4).fill('line'),
    ...Array<string>(3).fill('step'),
  ]);
  expect(facts).toMatchObject({ vessels: 6, bath: true, minutes: 45, oven: { setC: 150 } });
});

it.each([
  ['Für 6 Personen', { serves: 6 }],
  ['8 Portionen', { serves: 8 }],
  ['Portionen: 12', { serves: 12 }],
  ['Ergibt 12 Törtchen', { makes: 12, vessels: 12 }],
  ['Für zwei Springformen', { vessels: 2, serves: undefined }],
  ['Für den Teig', { serves: undefined, makes: undefined, vessels: undefined }],
])('“%s” is for %j', (row, expected) => expect(yieldIn(row)).toMatchObject(expected));

it.each([
  ['Teig', 'sweet-dough'],
  ['Boden', 'sweet-dough'],
  ['Keksboden', 'crumb-shell'],
  ['Für die Füllung', 'filling'],
  ['Quarkmasse', 'filling'],
  ['Mandelcreme', 'nut-cream'],
  ['Baiser', 'meringue-raw'],
  ['Karamell', 'caramel'],
  ['Glasur', 'glaze'],
])('“%s” heads %s', (heading, kind) => expect(kindOfHeading(heading)).toBe(kind));

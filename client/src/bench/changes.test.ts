/** Two formulas side by side: nothing that can be changed may go unseen. */
import { PLAIN_OVEN_USE, PLAIN_SHELL_BAKE, type FormulaData } from '@hollow-moon/contract';
import { METRIC, wordsIn } from '@hollow-moon/words';
import { book, OVEN_ID, tart, TIN_ID } from '../testing/book';
import { compared, type Compared } from './changes';

const against = (change: Partial<FormulaData>, before: FormulaData = tart): Compared =>
  compared(
    before,
    { ...before, ...change },
    {
      grade: 'EU M',
      find: book.find,
      words: wordsIn(METRIC),
      nameOf: (id) => (id === TIN_ID ? 'Tin 24' : id === OVEN_ID ? 'Oven' : '–'),
    },
  );
const all = ({ amounts, ratios, settings }: Compared) => [...amounts, ...ratios, ...settings];
const differing = (of: Compared) => all(of).filter(({ differs }) => differs);
const whats = (of: Compared) => differing(of).map(({ what }) => what);

it('of the same formula twice says nothing differs', () => {
  expect(differing(against({}))).toEqual([]);
  expect(all(against({})).length).toBeGreaterThan(15);
});

const [cream, yolk, sugar] = tart.lines;

it('that stays liquid sets at no temperature', () => {
  const thin = [cream!, { ...yolk!, amount: 15 }, sugar!];
  const sets = differing(against({ lines: thin })).find(({ what }) => what === 'Sets at');
  expect(sets?.before).toMatch(/^\d\d.°C$/);
  expect(sets?.after).toBe('–');
});

const part = {
  id: '00000000-0000-4000-8000-000000000061',
  name: 'Caramel',
  kind: 'caramel',
  place: 'under',
  lines: [{ ...sugar!, id: '00000000-0000-4000-8000-000000000062', amount: 120 }],
  formulaId: null,
  eachG: null,
  vessels: null,
  bakesAlong: false,
} as const satisfies FormulaData['parts'][number];
const bath = { panLengthMm: 380, panBreadthMm: 280, levelMm: 20, waterC: 90 };

const oven = (change: Partial<FormulaData['ovenUse']>) => ({
  ovenUse: { ...PLAIN_OVEN_USE, ...change },
});
const shell = (change: Partial<FormulaData['shellBake']>) => ({
  shellBake: { ...PLAIN_SHELL_BAKE, ...change },
});
const [weighted, bare] = PLAIN_SHELL_BAKE.stages;

it.each<[string, Partial<FormulaData>]>([
  ['its name', { name: 'Another' }],
  ['its family', { family: 'batter-custard' }],
  ['its shell', { shell: 'pie-dough' }],
  ['how thick the shell is', { shellThicknessMm: 4 }],
  ['an amount', { lines: [{ ...cream!, amount: 480 }, yolk!, sugar!] }],
  ['a line that is new', { lines: [...tart.lines, { ...sugar!, ingredientId: 'cornflour' }] }],
  ['a line that is gone', { lines: [cream!, yolk!] }],
  ['what is kept back', { lines: [cream!, yolk!, { ...sugar!, heldBack: 20 }] }],
  ['what is said of a line', { lines: [cream!, yolk!, { ...sugar!, note: 'sifted' }] }],
  [
    'what is used instead',
    {
      lines: [
        cream!,
        yolk!,
        { ...sugar!, instead: { ingredientId: 'honey', amount: 80, unit: 'g' } },
      ],
    },
  ],
  ['a component', { parts: [part] }],
  ['the method', { steps: ['Chill it for an hour.'] }],
  ['the note', { note: 'Softer next time' }],
  ['the tin', { vesselId: null }],
  ['how many', { vesselCount: 2 }],
  ['the gap', { headspaceMm: 5 }],
  ['the oven', { ovenId: null }],
  ['its setting', { setC: 150 }],
  ['how warm it is poured', { fillingStartC: 20 }],
  ['a bath', { bath }],
  ['portions', { portionsEach: 10 }],
  ['what stays in the bowl', { lossShare: 0.04 }],
  ['a step', oven({ steps: [{ atMin: 10, to: 120 }] })],
  ['a step on a sign', oven({ steps: [{ atMin: 10, on: 'rim-set', to: 120 }] })],
  ['the door', oven({ doors: [{ atMin: 10, forS: 30 }] })],
  ['an oven not hot yet', oven({ entersAtC: 100 })],
  ['how the oven is used', oven({ mode: 'fan' })],
  ['the tray', oven({ standing: 'hot-tray' })],
  ['a foil', oven({ foil: true })],
  ['topping up', oven({ topUp: { share: 0.6, atMin: 5 } })],
  ['where it cools', oven({ out: [{ atMin: 0, place: 'fridge' }] })],
  ['a raw shell', shell({ raw: true })],
  ['the weights', shell({ weights: 'rice' })],
  ['pricking', shell({ docked: true })],
  ['how cold the shell goes in', shell({ start: 'frozen' })],
  ['its rest', shell({ restMin: 60 })],
  ['a stage of the shell', shell({ stages: [{ ...weighted!, minutes: 25 }, bare!] })],
  ['a shell out of its ring', shell({ stages: [weighted!, { ...bare!, outOfRing: true }] })],
  ['the colour aimed for', shell({ target: 'straw' })],
  ['a seal', shell({ seal: 'chocolate' })],
])('tells %s apart', (_, change) => {
  expect(differing(against(change))).not.toEqual([]);
});

it.each<[string, Partial<FormulaData['parts'][number]>]>([
  ['where it goes', { place: 'over' }],
  ['what it is', { kind: 'fruit-and-nuts' }],
  ['how much each tin has of it', { eachG: 80 }],
  ['how many tins have it', { vessels: 3 }],
  ['whether it is baked along', { bakesAlong: true }],
  ['that it comes from another formula', { formulaId: book.formulas[0]!.id }],
  ['its list', { lines: [{ ...part.lines[0], amount: 90 }] }],
])('tells of a component %s', (_, change) => {
  const before = { ...tart, parts: [part] };
  expect(differing(against({ parts: [{ ...part, ...change }] }, before))).not.toEqual([]);
});

it('tells a bag round it apart, where it stands in a bath', () => {
  const before = { ...tart, bath };
  expect(whats(against(oven({ wrapped: true }), before))).toEqual(['Bath']);
});

it('says how much, in grams and as a share of the list', () => {
  // By hand: 500 + 150 + 80 = 730 g; 520 of 750.
  const { amounts } = against({ lines: [{ ...cream!, amount: 520 }, yolk!, sugar!] });
  expect(amounts.find(({ what }) => /cream/i.test(what))).toMatchObject({
    before: '500\u00a0g, 68 %',
    after: '520\u00a0g, 69 %',
    differs: true,
  });
  // The shares of the others have moved, which a cook would see as a change too.
  expect(amounts.find(({ what }) => /yolk/i.test(what))!.after).toBe('150\u00a0g, 20 %');
});

it('keeps a component’s list under its name, and speaks in the cook’s degrees', () => {
  expect(whats(against({ parts: [part] })).some((what) => what.startsWith('Caramel: '))).toBe(true);
  const fahrenheit = compared(
    tart,
    { ...tart, setC: 150 },
    {
      grade: 'EU M',
      find: book.find,
      words: wordsIn({ ...METRIC, degrees: 'F' }),
      nameOf: () => '–',
    },
  );
  expect(fahrenheit.settings.find(({ what }) => what === 'Set to')).toMatchObject({
    before: '284\u00a0°F',
    after: '302\u00a0°F',
  });
});

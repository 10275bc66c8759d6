/** In what two states of a thing differ, in a cook's words and units. */
import { AS_USUAL, type DayData, type PantryData } from '@hollow-moon/contract';
import { METRIC, wordsIn } from '@hollow-moon/words';
import { emptyDay } from '../day/useDay';
import { RESOURCES } from '../wire/resources';
import { begunBake } from '../testing/bake';
import { book, OVEN_ID, TART_ID } from '../testing/book';
import { differences } from './differences';
import { FIELDS, type Disputed } from './fields';

const names: Readonly<Record<string, string>> = {
  [TART_ID]: 'Bay tart',
  [OVEN_ID]: 'Deck',
  cream: 'Cream',
};
const told = (kind: Disputed, mine: object, theirs: object, units = METRIC) =>
  differences(kind, mine, theirs, {
    ...wordsIn(units),
    nameOf: (id) => names[id] ?? 'no longer here',
    currency: 'EUR',
  }).map((row) =>
    [row.what, row.mine.join('\n'), row.theirs.join('\n')].map((each) =>
      each.replace(/\u00a0/g, ' '),
    ),
  );

const [{ data: oven }] = book.ovens as readonly [(typeof book.ovens)[number]];
const [{ data: tin }] = book.vessels as readonly [(typeof book.vessels)[number]];

describe('every kind of thing', () => {
  it.each(Object.keys(FIELDS) as Disputed[])('of %s no field is forgotten', (kind) => {
    const { data } = RESOURCES[kind].shape;
    const shape = 'shape' in data ? data.shape : {};
    expect(Object.keys(FIELDS[kind]).sort()).toEqual(Object.keys(shape).sort());
  });

  it('that is the same on both sides differs in nothing, be it written in another order', () => {
    expect(told('ovens', oven, Object.fromEntries(Object.entries(oven).reverse()))).toEqual([]);
    expect(told('bakes', begunBake, { ...begunBake })).toEqual([]);
  });

  it('may say nothing in several ways', () => {
    expect(told('bakes', { note: '' }, { note: null })).toEqual([]);
    expect(told('bakes', { note: '' }, { note: 'x' })).toEqual([['Note', 'none', 'x']]);
    expect(told('bakes', {}, { result: 'fair' })).toEqual([['Result', 'none', 'Will do']]);
  });
});

// 5 K are 9 °F and 228.6 mm are 9 in, by the definitions of the units.
it('an oven and a tin have words and units for what they are', () => {
  const shelves = { count: 2, lengthMm: 400, breadthMm: 300 };
  expect(
    told('ovens', { ...oven, kind: 'deck', swingK: 5 }, { ...oven, kind: 'fan', shelves }),
  ).toEqual([
    ['Kind', 'Deck', 'Fan'],
    ['Swings by', '5 °C', `${oven.swingK} °C`],
    ['Shelves', 'none', '2 shelves of 40 cm by 30 cm'],
  ]);
  const other = { ...tin, kind: 'ring', material: 'glass', baseDiameterMm: 228.6, looseBase: true };
  const american = { ...METRIC, degrees: 'F', lengths: 'in' } as const;
  expect(
    told('vessels', other, { ...other, material: 'ceramic', baseDiameterMm: 254 }, american),
  ).toEqual([
    ['Base across', '9 in', '10 in'],
    ['Made of', 'Glass', 'Ceramic'],
  ]);
  expect(told('vessels', other, { ...other, kind: 'tube', looseBase: false })).toEqual([
    ['Kind', 'Ring', 'Tube mould'],
    ['Loose base', 'yes', 'no'],
  ]);
  expect(told('ovens', { ...oven, offsetK: -5 }, { ...oven, offsetK: 0 }, american)).toEqual([
    ['Off by', '-9 °F', '0 °F'],
  ]);
});

it('of a label only the lines that differ are shown, an allergen on the side that names it', () => {
  const label = { water: 10, fat: 60, sugars: 5, starch: 5, protein: 20, alcohol: 0 };
  const mine: PantryData = {
    ...{ ingredientId: 'cream', archived: false },
    price: { price: 4.2, amount: 1, unit: 'kg' },
    own: {
      ...{ name: 'Paste', like: 'cream', label, gramsPerMl: 1, gramsPerPiece: null },
      ...{ allergens: ['nuts', 'milk'], diet: 'vegan' },
    },
  };
  const own = { ...mine.own!, label: { ...label, fat: 55 }, allergens: ['milk'] };
  expect(told('pantry', mine, { ...mine, price: null, own })).toEqual([
    ['Price', expect.stringMatching(/4\.20.* for 1 kg/), 'none'],
    ['Label of our own', 'fat 60 %\ncontains nuts', 'fat 55 %'],
  ]);
});

describe('a day', () => {
  const day: DayData = {
    ...emptyDay(new Date('2026-11-30T12:00:00')),
    wanted: [
      {
        ...{ id: 'a', formulaId: TART_ID, vessels: 2, dueMin: 370, forWhom: 'the boat' },
        ...AS_USUAL,
      },
      { id: 'b', formulaId: 'gone', vessels: 1, dueMin: 1450, forWhom: '', ...AS_USUAL },
    ],
  };
  const [first, second] = day.wanted as [DayData['wanted'][number], DayData['wanted'][number]];

  it('shows the bakes and the people that differ, by name and hour', () => {
    const later = { ...first, dueMin: 400, ovenId: OVEN_ID };
    expect(told('days', day, { ...day, wanted: [later, second] })).toEqual([
      [
        'Wanted',
        '06:10 Bay tart, 2 tins, for the boat',
        '06:40 Bay tart, 2 tins, in Deck, for the boat',
      ],
    ]);
    expect(told('days', { ...day, wanted: [first] }, day)).toEqual([
      ['Wanted', 'not there', '00:10 no longer here, one tin, on the next day'],
    ]);
    // In which order they were added is nothing that a cook would see.
    expect(told('days', { ...day, wanted: [second, first] }, day)).toEqual([]);
    const [cook] = day.people;
    expect(
      told('days', day, { ...day, people: [{ ...cook!, fromMin: 21 * 60 }], rings: 6 }),
    ).toEqual([
      ['Who works', 'Cook 1, 20:00 to 06:00', 'Cook 1, 21:00 to 06:00'],
      ['Rings', '4', '6'],
    ]);
  });

  it('says of its plan that it differs, and of its beginning how many days before', () => {
    const way = { order: ['a', 'b'], soonerMin: {} };
    expect(told('days', { ...day, beginsMin: -240 }, { ...day, beginsMin: -2880, way })).toEqual([
      ['Nothing begins before', '20:00 the day before', '00:00 2 days before'],
      ['The plan', 'as it is here', 'as it was saved'],
    ]);
    expect(told('days', { ...day, beginsMin: 300 }, { ...day, beginsMin: 0 })).toEqual([
      ['Nothing begins before', '05:00', '00:00'],
    ]);
  });

  it('shows what is in hand where it was counted otherwise', () => {
    const counted = { grams: { cream: 500 }, eggs: 12 };
    expect(told('days', day, { ...day, inHand: counted })).toEqual([
      ['In hand', '0 eggs', 'Cream: 500 g\n12 eggs'],
    ]);
  });
});

it('an order has its days and its hour, and a bake its faults and its forecast', () => {
  const order = { formulaId: TART_ID, vessels: 1, dueMin: 360, forWhom: '', archived: false };
  const week = [1, 2, 3, 4, 5, 6, 7];
  expect(
    told('orders', { ...order, weekdays: week }, { ...order, dueMin: 390, weekdays: [1, 5] }),
  ).toEqual([
    ['Ready by', '06:00', '06:30'],
    ['On these days', 'every day', 'Mon and Fri'],
  ]);
  const { window: _window, ...foreseen } = begunBake.foreseen;
  expect(
    told(
      'bakes',
      { ...begunBake, faults: ['leaked', 'sunk'] },
      { ...begunBake, faults: ['sunk'], foreseen: { ...foreseen, window: null } },
    ),
  ).toEqual([
    ['Faults', 'leaked', 'not there'],
    ['Forecast', 'as it is here', 'as it was saved'],
  ]);
});

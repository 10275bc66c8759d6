/** What is said of what was found, and what must not be said. */
import { finding } from '@hollow-moon/core';
import { EN } from './en';
import { METRIC } from './quantities';
import { isMessage, listed, say, type MessageId } from './say';
import { wordsIn } from './wordsIn';

const spaced = (text: string) => text.replaceAll('\u00a0', ' ');
const inC = wordsIn(METRIC);
const inF = wordsIn({ ...METRIC, degrees: 'F' });

it('says a message with its figures and names', () => {
  expect(say('api.too-many', { most: 40 })).toBe(
    'A bake can have up to 40 of these. Delete one first.',
  );
});

it('has no words for what does not exist, and says so loudly', () => {
  expect(() => say('no.such' as MessageId)).toThrow(RangeError);
  expect(() => inC.tell(finding('no.such'))).toThrow(/no\.such/);
  // Forgotten values are a fault, not a gap in a sentence.
  expect(() => say('api.too-many')).toThrow();
});

it('puts quantities into the cook’s own units', () => {
  const found = finding('forecast.oven-too-cool', {
    reaches: { celsius: 70 },
    sets: { celsius: 80 },
  });
  expect(spaced(inC.tell(found))).toBe(
    'This oven would reach 70 °C, and the filling sets at 80 °C. Set it hotter.',
  );
  // 70 × 1.8 + 32 = 158, 80 × 1.8 + 32 = 176.
  expect(spaced(inF.tell(found))).toContain('158 °F, and the filling sets at 176 °F');
});

it('says the unit of a range once, and never lets a temperature part from its unit', () => {
  expect(
    inC.tell(finding('card.done-between', { from: { celsius: 77 }, to: { celsius: 82 } })),
  ).toBe('Done at 77 to 82\u00a0°C.');
  // 77 × 1.8 + 32 = 170.6, 82 × 1.8 + 32 = 179.6.
  expect(
    inF.tell(finding('card.done-between', { from: { celsius: 77 }, to: { celsius: 82 } })),
  ).toBe('Done at 171 to 180\u00a0°F.');
  expect(say('curves.sets', { setC: '79', unit: '°C' })).toBe('sets 79\u00a0°C');
});

it('puts the temperatures that stand in a message into them as well', () => {
  expect(spaced(inC.tell(finding('forecast.under-71')))).toContain('below 71 °C');
  expect(spaced(inF.tell(finding('forecast.under-71')))).toContain('below 160 °F');
});

it('says a finding within another, and several of them as a list', () => {
  const found = finding('forecast.sign-never', { sign: finding('sign.rim-set') });
  expect(inC.tell(found)).toMatch(/until the rim has set, but/);
  expect(inC.tell(finding('formula.by-eye', { names: ['salt', 'honey', 'zest'] }))).toMatch(
    /salt, honey and zest\.$/,
  );
  expect(listed(['egg'])).toBe('egg');
});

it.each([
  [0, 'Enter how much cream there is to see what comes of it.'],
  [1, 'Enter how much cream there is, and one more amount, to see what comes of it.'],
  [3, 'Enter how much cream there is, and 3 more amounts, to see what comes of it.'],
])('counts: %d more', (more, said) => {
  expect(inC.tell(finding('formula.cannot-tell', { name: 'cream', more }))).toBe(said);
});

describe('the catalogue', () => {
  const ids = Object.keys(EN) as MessageId[];

  it('knows its own ids and no others', () => {
    expect(ids.every(isMessage)).toBe(true);
    expect(isMessage('toString')).toBe(false);
  });

  // Every argument of every message is given, so that each is sound ICU and leaves no brace behind.
  it('is sound in every message', () => {
    for (const id of ids) {
      const names = [...EN[id].matchAll(/\{(\w+)[,}]/g)].map(([, name]) => name!);
      const said = inC.tell(finding(id, Object.fromEntries(names.map((name) => [name, 2]))));
      expect(said).not.toMatch(/[{}]/);
      expect(said.trim()).toBe(said);
      expect(said).not.toBe('');
    }
  });

  it('gives a °F cook no °C, wherever a temperature stands', () => {
    const speaksOfScales = new Set([
      'case.ice',
      'written.too-cool',
      'written.no-scale-c',
      'written.no-scale-f',
      'probe.two-columns-are-enough-semicolons-decimal',
      // Asks in which of the two a reading was taken.
      'bake.doubted',
    ]);
    expect(ids.filter((id) => EN[id].includes('°') && !speaksOfScales.has(id))).toEqual([]);
  });
});

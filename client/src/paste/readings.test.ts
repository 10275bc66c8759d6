import { readLine } from '@hollow-moon/core';
import { tart } from '../testing/book';
import { fileName } from '../design';
import { withReadings } from './intoFormula';
import { goesOn, readingOf, type Answer } from './readings';

const reading = (text: string, answer: Answer = {}) =>
  readingOf(readLine(text, 'en'), answer, 'EU M');

describe('a reading', () => {
  it.each([
    ['200 g sugar', {}, undefined],
    ['200 g moonlight', {}, 'paste.which-ingredient'],
    ['200 g moonlight', { ingredientId: 'sugar' }, undefined],
    ['cream: ?', {}, undefined],
    ['cream: ?', { amount: 300 }, 'paste.what-unit'],
    ['cream: ?', { amount: 300, unit: 'g' }, undefined],
    ['salt to taste', {}, undefined],
    ['moonlight to taste', {}, 'paste.which-ingredient'],
    ['2 oz (75 g) butter', {}, 'written.which-amount'],
    ['2 oz (75 g) butter', { amount: 75, unit: 'g' }, undefined],
  ] as const)('%s with %j lacks %s', (text, answer, missing) => {
    expect(reading(text, answer).missing?.code).toBe(missing);
  });

  it('asks for the weight of a piece nobody has weighed', () => {
    expect(reading('3 rhubarb', { unit: 'piece' }).missing).toMatchObject({
      code: 'line.piece-unknown',
      values: { ingredient: 'Rhubarb' },
    });
  });
});

it('keeps an unknown amount unknown, on the list', () => {
  const { lines } = withReadings({ ...tart, lines: [] }, [
    reading('hazelnuts: ?'),
    reading('cream: ?', { amount: 300, unit: 'g' }),
  ]);
  expect(lines).toMatchObject([
    { ingredientId: 'hazelnuts', vague: 'unknown' },
    { ingredientId: 'cream', amount: 300, unit: 'g' },
  ]);
  expect(lines[1]!.vague).toBeUndefined();
});

describe('readings on the list', () => {
  it('take their note, their range and what was written along; the rest goes to the note', () => {
    const readings = [
      reading('about 80 to 100 g flour, sifted'),
      reading('salt to taste'),
      reading('100 g sugar', { leftOut: true }),
    ];
    expect(readings.map(goesOn)).toEqual([true, true, false]);
    const after = withReadings({ ...tart, lines: [], note: 'Old note.' }, readings);
    expect(after.lines).toMatchObject([
      {
        ingredientId: 'wheat-flour',
        // The middle of the range.
        amount: 90,
        unit: 'g',
        note: '80 to 100 as written, about, sifted',
        written: 'about 80 to 100 g flour, sifted',
      },
      // Known to be in it, though not how much: it stays on the list.
      { ingredientId: 'salt', vague: 'by-eye', written: 'salt to taste' },
    ]);
    expect(after.note).toBe('Old note.\nNot weighed: 100 g sugar.');
    // One amount is no range, and nothing written along is no note.
    const [plain] = withReadings({ ...tart, lines: [] }, [reading('90 g flour')]).lines;
    expect(plain).toMatchObject({ amount: 90 });
    expect(plain!.note).toBeUndefined();
  });

  it('leave what is on the list already', () => {
    const after = withReadings(tart, [reading('200 g milk')]);
    expect(after.lines.slice(0, 3)).toEqual(tart.lines);
    expect(after.note).toBe('');
  });
});

describe('the name of a file', () => {
  it.each([
    ['Bay-leaf set custard tart', 'Bay-leaf-set-custard-tart.json'],
    ['../../etc/passwd', 'etc-passwd.json'],
    ['   ', 'formula.json'],
    ['x'.repeat(200), `${'x'.repeat(60)}.json`],
  ])('of %j is %s', (title, name) => expect(fileName(title, 'json')).toBe(name));
});

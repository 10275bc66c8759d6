/** Every notation of one amount is that amount. Source: NIST SP 811, B.8, for units; the notations are common practice. */
import fc from 'fast-check';
import { amountOf, readLine } from './read';

const SIGNS: Readonly<Record<string, number>> = {
  ...{ '½': 1 / 2, '⅓': 1 / 3, '⅔': 2 / 3, '¼': 1 / 4, '¾': 3 / 4 },
};

const whole = fc.integer({ min: 1, max: 9 });
const fraction = fc.constantFrom(
  ['1/2', '½'],
  ['1/3', '⅓'],
  ['2/3', '⅔'],
  ['1/4', '¼'],
  ['3/4', '¾'],
);

const amount = (text: string, language: 'en' | 'pt' | 'fr' | 'es' = 'en') =>
  amountOf(readLine(text, language));

it('a mixed number is one number, however it is joined', () => {
  fc.assert(
    fc.property(
      whole,
      fraction,
      fc.constantFrom('cups', 'tbsp', 'lb'),
      (n, [slash, sign], unit) => {
        const value = n + SIGNS[sign]!;
        for (const written of [
          `${n} ${slash}`,
          `${n}-${slash}`,
          `${n} - ${slash}`,
          `${n}${sign}`,
          `${n} ${sign}`,
          `${n} and ${slash}`,
          `${n} ${slash.replace('/', '\u2044')}`,
        ]) {
          expect([written, amount(`${written} ${unit} butter`)]).toEqual([
            written,
            expect.closeTo(value, 2),
          ]);
        }
      },
    ),
  );
});

it('a comma before one or two digits, or after a nought, is decimal in any language', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 999 }),
      fc.integer({ min: 1, max: 99 }),
      fc.constantFrom('en', 'pt', 'fr', 'es'),
      fc.constantFrom('.', ','),
      (n, hundredths, language, sign) => {
        const digits = String(hundredths).padStart(2, '0');
        const name = { en: 'milk', pt: 'leite', fr: 'lait', es: 'leche' }[language];
        expect(amount(`${n}${sign}${digits} g ${name}`, language)).toBeCloseTo(
          n + hundredths / 100,
          6,
        );
        expect(amount(`0${sign}${digits}5 l ${name}`, language)).toBeCloseTo(
          (hundredths * 10 + 5) / 1000,
          6,
        );
      },
    ),
  );
});

it('thousands are parted as the language does, and so is a thousand kilos not', () => {
  fc.assert(
    fc.property(whole, fc.integer({ min: 0, max: 999 }), (n, rest) => {
      const last = String(rest).padStart(3, '0');
      const grams = n * 1000 + rest;
      expect(amount(`${n},${last} g milk`)).toBe(grams);
      expect(amount(`${n}.${last} g de leite`, 'pt')).toBe(grams);
      expect(amount(`${n} ${last} g de lait`, 'fr')).toBe(grams);
      expect(amount(`${n}\u202f${last} g de lait`, 'fr')).toBe(grams);
      for (const text of [`${n},${last} kg milk`, `${n}.${last} kg milk`])
        expect(amount(text)).toBeCloseTo(grams / 1000, 6);
    }),
  );
});

it('a point that may part thousands or decimals is asked', () => {
  expect(readLine('1.250 g milk', 'en').question?.meanings.map((each) => each.amount)).toEqual([
    1.25, 1250,
  ]);
  expect(readLine('1,250 g de sal', 'pt').question?.meanings.map((each) => each.amount)).toEqual([
    1.25, 1250,
  ]);
  expect(readLine('1,250 g milk', 'en').question).toBeUndefined();
});

it('several of one amount are that many times as much, and a second amount is no count', () => {
  fc.assert(
    fc.property(whole, fc.integer({ min: 10, max: 900 }), (n, grams) => {
      for (const times of ['x', ' x ', '×', ' × '])
        expect(amount(`${n}${times}${grams} g butter`)).toBe(n * grams);
      const ounces = (grams / 28.349523125).toFixed(1);
      for (const again of [
        `/${ounces}oz`,
        ` / ${ounces} oz`,
        ` = ${ounces} oz`,
        ` (${ounces} oz)`,
      ]) {
        expect(readLine(`${grams}g${again} butter`, 'en')).toMatchObject({
          amount: { kind: 'exact', value: grams },
          unit: 'g',
          ingredientId: 'butter',
        });
      }
    }),
  );
});

it('marks of a list are no amounts', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 30 }),
      whole,
      fc.constantFrom('.', ')', '.)'),
      (position, n, mark) => {
        fc.pre(mark !== '.)');
        expect(amount(`${position}${mark} ${n} egg yolks`)).toBe(n);
        for (const box of ['-', '•', '*', '[ ]', '[x]', '☐', '▢'])
          expect(amount(`${box} ${n} egg yolks`)).toBe(n);
      },
    ),
  );
});

it('an amount after its food is the same as before it', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 900 }),
      fc.constantFrom(' ', ': ', ', ', ' - '),
      (n, by) => {
        expect(readLine(`Butter${by}${n} g`, 'en')).toMatchObject({
          ingredientId: 'butter',
          unit: 'g',
          amount: { kind: 'exact', value: n },
        });
      },
    ),
  );
});

it('entities of a page are the signs they stand for', () => {
  expect(amount('1/4&nbsp;cup butter')).toBe(0.25);
  expect(amount('1&frac12; cups milk')).toBe(1.5);
  expect(amount('&#189; cup milk')).toBe(0.5);
});

it('digits that a scan took for letters are asked', () => {
  for (const text of ['1OO g butter', 'l00 g butter', '1O0g butter']) {
    const line = readLine(text, 'en');
    expect([text, line.amount.kind, line.question?.meanings[0]]).toMatchObject([
      text,
      'unknown',
      { amount: 100, unit: 'g' },
    ]);
  }
  expect(readLine('100 g butter', 'en').question).toBeUndefined();
});

it('what is in a pack is counted with the packs, and asked where it may be either', () => {
  expect(amount('2 (200 g) blocks cream cheese')).toBe(400);
  expect(readLine('3 pears (450 g)', 'en')).toMatchObject({
    amount: { kind: 'exact', value: 450 },
    unit: 'g',
  });
  expect(
    readLine('2 tins coconut milk (400 g)', 'en').question?.meanings.map((each) => each.amount),
  ).toEqual([400, 800]);
  expect(amount('3 pears (150 g each)')).toBe(450);
});

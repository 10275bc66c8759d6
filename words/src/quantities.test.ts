/** Figures as a cook reads them. */
import {
  amountInWords,
  centimetres,
  clock,
  duration,
  grams,
  METRIC,
  minutes,
  percent,
  quantityIn,
  temperatureFormat,
  unitFor,
  withUnit,
} from './quantities';

const spaced = (text: string) => text.replaceAll('\u00a0', ' ');

it('never parts a figure from its unit', () => {
  expect(withUnit(24, 'cm')).toBe('24\u00a0cm');
});

it.each([
  [0, '00:00'],
  [59.9, '00:59'],
  [61, '01:01'],
  [3599, '59:59'],
  [3600, '1:00:00'],
  [36_065, '10:01:05'],
  // A clock of a bake that has not begun does not run backwards.
  [-5, '00:00'],
])('a clock after %d s shows %s', (seconds, shown) => {
  expect(clock(seconds)).toBe(shown);
});

it.each([
  [0, '0 min'],
  [29, '0 min'],
  [31, '1 min'],
  [119 * 60, '119 min'],
  [120 * 60, '2 h'],
  [125 * 60, '2 h 05 min'],
  [135 * 60, '2 h 15 min'],
  // To five minutes past two hours, and never “60 min” of them.
  [178 * 60, '3 h'],
  [16 * 3600, '16 h'],
])('%d s is %s', (seconds, said) => {
  expect(spaced(duration(seconds))).toBe(said);
});

it.each([
  [9.44, '9.4'],
  [10.4, '10'],
  [999.4, '999'],
  [1002, '1000'],
  [1003, '1005'],
])('%d g is weighed as %s', (value, shown) => {
  expect(grams(value)).toBe(shown);
});

it.each([
  [12, '1'],
  [27, '2.5'],
  [99, '10'],
  [112, '11'],
])('%d mm of wobble is %s cm', (mm, shown) => {
  expect(centimetres(mm)).toBe(shown);
});

it.each([
  [0.0123, '1.2'],
  [0.0996, '10.0'],
  [0.1, '10'],
  [0.655, '66'],
])('a share of %d is %s %%', (share, shown) => {
  expect(percent(share)).toBe(shown);
});

it('gives whole minutes', () => {
  expect([minutes(89), minutes(91)]).toEqual(['1', '2']);
});

// Source: NIST SP 811: t/°F = 9/5 t/°C + 32; a difference takes the factor alone.
describe('temperatures', () => {
  const [celsius, fahrenheit] = [temperatureFormat('C'), temperatureFormat('F')];

  it('are the cook’s own degrees', () => {
    expect([celsius.degrees(82.4), celsius.unit]).toEqual(['82', '°C']);
    expect([fahrenheit.degrees(82.4), fahrenheit.unit]).toEqual(['180', '°F']);
    expect(fahrenheit.degrees(-18)).toBe('0');
    expect(fahrenheit.degrees(-40)).toBe('-40');
  });

  it('and a difference is not shifted', () => {
    expect(celsius.span(5)).toBe('5');
    expect(fahrenheit.span(5)).toBe('9');
  });

  it('never read as minus nothing', () => {
    expect(celsius.degrees(-0.3)).toBe('0');
  });
});

// By hand: 71 × 1.8 + 32 = 159.8; 5 × 1.8 = 9.
it.each([
  [{ celsius: 71 }, '71 °C', '160 °F'],
  [{ kelvin: 5 }, '5 °C', '9 °F'],
  [{ seconds: 7500 }, '2 h 05 min', '2 h 05 min'],
  [{ grams: 8.04 }, '8 g', '8 g'],
  [{ millimetres: 2.84 }, '2.8 mm', '2.8 mm'],
  [{ millimetres: 18.6 }, '19 mm', '19 mm'],
  [{ millilitres: 1232 }, '1230 ml', '1230 ml'],
  [{ millilitres: 20_000 }, '20 l', '20 l'],
  [{ share: 0.0789 }, '7.9 %', '7.9 %'],
  [{ share: 0.0789, digits: 0 }, '8 %', '8 %'],
  [{ share: 0.02 }, '2 %', '2 %'],
  [{ ratio: 0.4 }, '0.40', '0.40'],
] as const)('%j is said in the cook’s own units', (quantity, inC, inF) => {
  expect(spaced(quantityIn(quantity, METRIC))).toBe(inC);
  expect(spaced(quantityIn(quantity, { ...METRIC, degrees: 'F' }))).toBe(inF);
});

// By hand, at 25.4 mm: 241 / 25.4 = 9.488, 28 / 25.4 = 1.102 = 1 and 1.6 sixteenths, 3 / 25.4 = 1.9 sixteenths.
// Source: NIST SP 811, appendix B.8 (inch 25.4 mm, ounce 28.349 52 g, pound 16 ounces).
it.each([
  [{ widthMm: 241 }, '24 cm', '9 1/2 in'],
  [{ widthMm: 235 }, '23.5 cm', '9 1/4 in'],
  [{ millimetres: 28 }, '28 mm', '1 1/8 in'],
  [{ millimetres: 3 }, '3 mm', '1/8 in'],
  [{ millimetres: 0 }, '0 mm', '0 in'],
  [{ areaMm2: 64_516 }, '645 cm²', '100 sq in'],
  [{ grams: 170.1 }, '170 g', '6 oz'],
  [{ grams: 12 }, '12 g', '0.42 oz'],
  [{ grams: 453.6 }, '454 g', '1 lb'],
  [{ grams: 640 }, '640 g', '1 lb 6.5 oz'],
] as const)('%j is %s, and %s for who thinks in inches and ounces', (quantity, metric, other) => {
  expect(spaced(quantityIn(quantity, METRIC))).toBe(metric);
  expect(spaced(quantityIn(quantity, { degrees: 'F', lengths: 'in', weights: 'oz' }))).toBe(other);
});

// By hand, at 236.588 ml a cup, 16 spoons of 14.787 ml in it and three teaspoons in a spoon; flour is taken at 0.53 g/ml.
it.each([
  [{ grams: 244, gramsPerMl: 1.03 }, '1 cup'],
  [{ grams: 300, gramsPerMl: 1.03 }, '1 1/4 cups'],
  [{ grams: 500, gramsPerMl: 1.03 }, '2 cups + 1 tbsp'],
  [{ grams: 180, gramsPerMl: 0.53 }, '1 1/3 cups + 1 1/2 tbsp'],
  [{ grams: 30, gramsPerMl: 1 }, '2 tbsp'],
  [{ grams: 5, gramsPerMl: 1 }, '1 tsp'],
  [{ grams: 0.6, gramsPerMl: 1 }, '1/8 tsp'],
  // Too little for a spoon, and what has no measure, is weighed.
  [{ grams: 0.2, gramsPerMl: 1 }, '0.01 oz'],
  [{ grams: 170.1 }, '6 oz'],
  [{ millilitres: 355 }, '1 1/2 cups'],
  // By hand: a quart is 946.353 ml, four cups.
  [{ millilitres: 3500 }, '15 cups'],
  [{ millilitres: 5050 }, '5 1/4 quarts'],
] as const)('%j is measured as %s', (quantity, measured) => {
  const inCups = { ...METRIC, weights: 'cups' } as const;
  expect(spaced(quantityIn(quantity, inCups))).toBe(measured);
});

// By hand: whatever a measure says is within a quarter of a spoon of what is meant, or 3 %: under 8 % of the least.
it('measures nothing further off than the spoon at hand', () => {
  const cup = 236.588;
  const parts: Record<string, number> = { cup, cups: cup, tbsp: cup / 16 };
  for (let ml = 50; ml < 1200; ml += 0.5) {
    const said = spaced(quantityIn({ millilitres: ml }, { ...METRIC, weights: 'cups' }));
    const total = said.split(' + ').reduce((sum, part) => {
      const unit = part.split(' ').at(-1)!;
      const amount = part
        .split(' ')
        .slice(0, -1)
        .reduce((all, each) => {
          const [over, under = '1'] = each.split('/');
          return all + Number(over) / Number(under);
        }, 0);
      return sum + amount * parts[unit]!;
    }, 0);
    // Every figure has a number before its unit.
    expect(said).toMatch(/^\d[\d/ ]* (?:cups?|tbsp)(?: \+ \d[\d/ ]* tbsp)?$/);
    expect(Math.abs(total / ml - 1)).toBeLessThan(0.08);
  }
});

// Source: common practice: mark 4 is 350 °F, 177 °C, and each mark 25 °F; below it ½ is 250 °F and ¼ 225 °F.
it.each([
  [177, 'gas 4'],
  [180, 'gas 4'],
  [121, 'gas 1/2'],
  [170, '170 °C, between gas 3 and 4'],
  [90, '90 °C, below gas 1/4'],
  [280, '280 °C, above gas 9'],
])('an oven at %d °C is set to %s', (ovenC, said) => {
  expect(spaced(quantityIn({ ovenC }, { ...METRIC, degrees: 'gas' }))).toBe(said);
  expect(spaced(quantityIn({ celsius: ovenC }, { ...METRIC, degrees: 'gas' }))).toBe(`${ovenC} °C`);
});

it.each([
  ['cm', 'in'],
  ['mm', 'in'],
  ['g', 'oz'],
  ['ml', 'cup'],
  ['°C', '°F'],
  ['min', 'min'],
])('a field of %s is typed in %s by who thinks so', (unit, typed) => {
  expect(unitFor(unit, { degrees: 'F', lengths: 'in', weights: 'cups' })).toBe(typed);
  expect(unitFor(unit, METRIC)).toBe(unit);
});

it.each([
  [0.75, 'cup', '3/4'],
  [0.333, 'cup', '1/3'],
  [1.667, 'cup', '1 2/3'],
  [2, 'cup', '2'],
  [0.125, 'tsp', '1/8'],
  [1.5, 'tbsp', '1 1/2'],
  // What no measure holds is a figure, and so is what is weighed.
  [0.42, 'cup', '0.42'],
  [0.75, 'kg', '0.75'],
  [515, 'g', '515'],
])('%d of a %s stand on a list as %s', (amount, unit, text) => {
  expect(spaced(amountInWords(amount, unit))).toBe(text);
});

/** Figures as a cook reads them. */
import {
  centimetres,
  clock,
  duration,
  grams,
  minutes,
  percent,
  quantityIn,
  temperatureFormat,
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
  [{ share: 0.0789 }, '7.9 %', '7.9 %'],
  [{ share: 0.0789, digits: 0 }, '8 %', '8 %'],
  [{ share: 0.02 }, '2 %', '2 %'],
  [{ ratio: 0.4 }, '0.40', '0.40'],
] as const)('%j is said in the cook’s own units', (quantity, inC, inF) => {
  expect(spaced(quantityIn(quantity, temperatureFormat('C')))).toBe(inC);
  expect(spaced(quantityIn(quantity, temperatureFormat('F')))).toBe(inF);
});

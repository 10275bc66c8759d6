import {
  celsiusSpanToFahrenheit,
  celsiusToFahrenheit,
  fahrenheitToCelsius,
  fanToStillC,
  gasMarkToCelsius,
  nearestGasMark,
} from './temperature';
import { fromGrams, toGrams } from './mass';
import { fromMillilitres, toMillilitres } from './volume';
import { fromMillimetres, toMillimetres } from './length';
import { parseDecimal } from './number';

describe('temperature', () => {
  // Source: common practice, the rounded pairs printed on oven dials (each within 1 °C).
  it.each([
    [250, 121],
    [275, 135],
    [300, 149],
    [325, 163],
    [350, 177],
    [375, 191],
    [400, 204],
    [425, 218],
    [450, 232],
  ])('%d °F is %d °C', (fahrenheit, celsius) => {
    expect(Math.round(fahrenheitToCelsius(fahrenheit))).toBe(celsius);
    expect(celsiusToFahrenheit(fahrenheitToCelsius(fahrenheit))).toBeCloseTo(fahrenheit, 10);
  });

  // Source: NIST SP 811, table 6 note: water boils at 212 °F and freezes at 32 °F.
  it('meets the fixed points', () => {
    expect(celsiusToFahrenheit(100)).toBeCloseTo(212, 10);
    expect(celsiusToFahrenheit(0)).toBe(32);
    expect(celsiusToFahrenheit(-40)).toBeCloseTo(-40, 10);
    expect(celsiusSpanToFahrenheit(5)).toBeCloseTo(9, 10);
  });

  // Source: common practice. Printed tables give gas 3 as 160 to 170 °C and gas 5 as 190 °C.
  it('reads gas marks', () => {
    const three = gasMarkToCelsius(3);
    const five = gasMarkToCelsius(5);
    expect(three.ok && three.value).toBeGreaterThan(160);
    expect(three.ok && three.value).toBeLessThan(170);
    expect(five.ok && Math.round(five.value / 10) * 10).toBe(190);
    const quarter = gasMarkToCelsius(0.25);
    // 250 °F.
    const half = gasMarkToCelsius(0.5);
    expect(half.ok && half.value).toBeCloseTo(121.1, 1);
    expect(quarter.ok && Math.round(quarter.value)).toBe(107);
    expect(gasMarkToCelsius(12).ok).toBe(false);
    expect(nearestGasMark(180)).toBe(4);
    expect(nearestGasMark(500)).toBe(9);
  });

  // Source: from memory. Fan 150 acts like still 170 (printed advice ranges from 15 to 25 K).
  it('moves between fan and still', () => {
    expect(fanToStillC(150)).toBe(170);
  });
});

describe('mass, volume and length', () => {
  // Source: NIST SP 811 (2008), appendix B.8, factors to the digits printed there.
  it('uses the published factors', () => {
    expect(toGrams(1, 'oz')).toBeCloseTo(28.34952, 5);
    expect(toGrams(1, 'lb')).toBeCloseTo(453.5924, 4);
    expect(toMillilitres(1, 'cup')).toBeCloseTo(236.5882, 4);
    expect(toMillilitres(1, 'fl oz')).toBeCloseTo(29.57353, 5);
    expect(toMillilitres(1, 'tbsp')).toBeCloseTo(14.78676, 5);
    expect(toMillilitres(1, 'tsp')).toBeCloseTo(4.928922, 6);
    expect(toMillilitres(1, 'quart')).toBeCloseTo(946.3529, 4);
    expect(toMillimetres(1, 'in')).toBe(25.4);
  });

  it('returns by the way it came', () => {
    expect(fromGrams(toGrams(7.5, 'oz'), 'oz')).toBeCloseTo(7.5, 12);
    expect(fromMillilitres(toMillilitres(3.25, 'cup'), 'cup')).toBeCloseTo(3.25, 12);
    expect(fromMillimetres(toMillimetres(9, 'in'), 'in')).toBeCloseTo(9, 12);
  });
});

describe('numbers as typed', () => {
  it.each([
    ['12', 12],
    ['12.5', 12.5],
    ['12,5', 12.5],
    [' 1 200 ', 1200],
    ['1\u202f200,5', 1200.5],
    ['.5', 0.5],
    ['.625', 0.625],
    ['12,375', 12.375],
    ['7.', 7],
    ['-3', -3],
  ])('reads %p', (text, value) => {
    expect(parseDecimal(text)).toEqual({ ok: true, value });
  });

  it.each([
    ['', 'number.missing'],
    ['two', 'number.unreadable'],
    ['1.200,5', 'number.unclear'],
    ['1e9', 'number.unreadable'],
    ['9'.repeat(400), 'number.too-large'],
  ])('asks again for %p', (text, code) => {
    const result = parseDecimal(text);
    expect(result.ok ? '' : result.problem.code).toBe(code);
  });

  it.each([
    [' two ', 'number.unreadable', 'two'],
    ['1..5', 'number.unclear', '1..5'],
    ['+ 3 - 1', 'number.unclear', '+ 3 - 1'],
  ])('says what is the matter with %p', (typed, code, text) => {
    expect(parseDecimal(typed)).toEqual({ ok: false, problem: { code, values: { text } } });
  });
});

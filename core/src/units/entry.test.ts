import { parseEntry } from './entry';

const value = (text: string, unit?: string) => {
  const entry = parseEntry(text, unit);
  return entry.ok ? entry.value.value : entry.problem.code;
};

// Source: NIST SP 811, appendix B.8: 1 in = 25.4 mm, 1 oz = 28.349 52 g, t/°C = (t/°F - 32)/1.8. Mark 3 is 325 °F and
// mark ½ 250 °F (common practice).
it.each([
  ['9 in', 'cm', 22.86],
  ['9"', 'cm', 22.86],
  ['9 1/2 inches', 'cm', 24.13],
  ['10', 'cm', 10],
  ['230 mm', 'cm', 23],
  ['6 oz', 'g', 170.097],
  ['1 lb', 'g', 453.592],
  ['1,5 kg', 'g', 1500],
  ['2 cups', 'ml', 473.176],
  ['1/2', 'g', 0.5],
  ['1 1/2', 'g', 1.5],
  ['1-1/2', 'g', 1.5],
  ['1½', undefined, 1.5],
  ['¾ in', 'mm', 19.05],
  ['350F', '°C', 176.667],
  ['350 °F', '°C', 176.667],
  ['180C', '°F', 356],
  ['180', '°F', 180],
  ['gas 3', '°C', 162.778],
  ['Gas mark 3', '°F', 325],
  ['gas ½', '°C', 121.111],
  ['1 h', 'min', 60],
  ['90 s', 'min', 1.5],
  ['-18', '°C', -18],
] as const)('%s in a field of %s is %d', (text, unit, expected) => {
  expect(value(text, unit)).toBeCloseTo(expected, 2);
});

it('takes a difference by the size of its degree alone', () => {
  // 18 °F apart are 10 K apart.
  expect(parseEntry('18F', '°C', { difference: true })).toMatchObject({
    ok: true,
    value: { value: expect.closeTo(10, 8) },
  });
});

it('tells back the unit where the field has none', () => {
  expect(parseEntry('6 oz')).toMatchObject({ ok: true, value: { value: 6, typedUnit: 'oz' } });
  expect(parseEntry('2 cups')).toMatchObject({ ok: true, value: { value: 2, typedUnit: 'cup' } });
});

it.each([
  ['', 'cm', 'number.missing'],
  ['two', 'cm', 'number.unreadable'],
  ['9 oz', 'cm', 'number.unreadable'],
  ['9 in', 'g', 'number.unreadable'],
  ['350F', 'g', 'number.unreadable'],
  ['gas 12', '°C', 'temperature.gas-mark'],
  ['1.200,5', 'g', 'number.unclear'],
  ['1/0', 'g', 'number.unreadable'],
] as const)('%j in a field of %s is refused', (text, unit, code) => {
  expect(value(text, unit)).toBe(code);
});

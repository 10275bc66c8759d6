/** Slips of our own making, as the trade makes them; each answer worked out beside it. */
import { finding } from '../result';
import { kindOfHeading } from './sections';
import { readList } from './recipe';
import { slipsIn } from './checks';

describe('a statement that does not hold together', () => {
  it.each([
    // 185 × 1.8 + 32 = 365
    [
      'Bake at 185 °C (380 °F) until set',
      finding('written.not-one-temperature', {
        stated: '185 °C',
        right: '365 °F',
        wrong: '380 °F',
      }),
      '185 °C (365 °F)',
    ],
    // (350 − 32) / 1.8 = 176.7
    [
      '350F / 160C',
      finding('written.not-one-temperature', {
        stated: '350 °F',
        right: '177 °C',
        wrong: '160 °C',
      }),
      '350F / 177C',
    ],
    // (410 − 32) / 1.8 = 210
    [
      'blind bake at 410 °C',
      finding('written.too-hot', { stated: '410 °C', meant: '410 °F', right: '210 °C' }),
      '410 °F',
    ],
    // (160 − 32) / 1.8 = 71
    ['Bake at 160 °F', finding('written.too-cool', { stated: '160 °F', is: '71 °C' }), '160 °C'],
    // (325 − 32) / 1.8 = 162.8
    ['at 325 for 40 min', finding('written.no-scale-f', { value: 325, is: '163 °C' }), 'at 325 °F'],
    ['oven 160, rack low', finding('written.no-scale-c', { value: 160 }), 'oven 160 °C'],
    // 10 × 2.54 = 25.4
    [
      'a 10 in (22 cm) ring',
      finding('written.not-one-length', { stated: '10', right: '25.4', wrong: '22' }),
      '10 in (25.4 cm)',
    ],
  ])('%s', (text, says, likely) => {
    expect(slipsIn(text)).toEqual([expect.objectContaining({ says, likely })]);
  });

  // 350 °F is 176.7 °C and 9 in 22.9 cm: within what is passed in silence.
  it.each([
    'Bake at 350 °F (175 °C) for 20 min',
    'a 9 in (23 cm) tin',
    'at 160 °C',
    '300 g plums',
    'Cook to 82 °C (180 °F)',
    'chill to 40 °F',
  ])('%s passes in silence', (text) => {
    expect(slipsIn(text)).toEqual([]);
  });
});

describe('headings of a list', () => {
  it.each([
    ['For the dough', 'sweet-dough'],
    ['Massa', 'sweet-dough'],
    ['Pâte brisée', 'pie-dough'],
    ['Caramelo', 'caramel'],
    ['Base', 'sweet-dough'],
    ['Filling', 'filling'],
    ['Recheio', 'filling'],
    ['Italian meringue', 'meringue-italian'],
    ['Ginger crumb base', 'crumb-shell'],
    ['Glaze', 'glaze'],
    ['', 'filling'],
    ['To serve', 'other-part'],
  ])('%s names %s', (heading, kind) => {
    expect(kindOfHeading(heading)).toBe(kind);
  });

  it('stand over the lines after them', () => {
    const list = readList('200 g milk\n\nFor the dough:\n250 g flour\n## Glaze\n60 g jam', 'en');
    expect(list.map(({ section, text }) => [section, text])).toEqual([
      ['', '200 g milk'],
      ['For the dough', '250 g flour'],
      ['Glaze', '60 g jam'],
    ]);
  });
});

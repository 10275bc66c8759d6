/** Texts as nobody sensible would write them: each import answers, with what it found or with what to do. */
import { isMessage } from '@hollow-moon/words';
import { readList } from '@hollow-moon/core';
import fc from 'fast-check';
import {
  fromAnyList,
  fromBakeCase,
  fromCsv,
  fromFormulaFile,
  fromMarkdown,
  fromRecipe,
  probeTable,
} from './index';

const PIECES = [
  ...['1/', '½', '(', ')', '"', "'", ',', ';', ':', '\n', '\t', '- ', '#', '|', '*', '`', '<', '>'],
  ...[
    '{',
    '}',
    '[',
    ']',
    '{"',
    '"a":',
    '1e999',
    '-',
    '+',
    '=',
    '@',
    '\\',
    '&',
    '%',
    '~',
    '☃',
    '\u0000',
  ],
  ...['\u202e', '\ud83c', '\u00a0', '1 cup ', 'eggs', '500 g ', 'or ', '2-3 ', 'NaN', 'Infinity'],
  ...['"@type":"Recipe"', '"recipeIngredient":[', '"format":"hollow-moon/formula"', 'time,celsius'],
] as const;

/** A few pieces, many times over: what costs more than its length shows there first. */
const text = fc.oneof(
  fc.array(fc.constantFrom(...PIECES), { maxLength: 60 }).map((some) => some.join('')),
  fc
    .record({
      unit: fc.array(fc.constantFrom(...PIECES), { minLength: 1, maxLength: 3 }),
      times: fc.integer({ min: 1, max: 3000 }),
    })
    .map(({ unit, times }) => unit.join('').repeat(times)),
  fc.string({ unit: 'binary', maxLength: 400 }),
);

it.each([
  ['a list', fromAnyList],
  ['a recipe', fromRecipe],
  ['Markdown', fromMarkdown],
  ['a table', fromCsv],
  ['a formula', (of: string) => fromFormulaFile(of, () => crypto.randomUUID())],
  ['a bake case', fromBakeCase],
  ['a probe’s record', probeTable],
] as const)('%s of any text is read or sent back with a word, and never breaks', (_, read) => {
  fc.assert(
    fc.property(text, (given) => {
      const found = read(given);
      return found.ok || isMessage(found.problem.code);
    }),
    { numRuns: 150, seed: 20261129 },
  );
});

it('each line of any text is read as a line', () => {
  fc.assert(
    fc.property(text, (given) => {
      const lines = readList(given.slice(0, 2000), 'en', []);
      return lines.every((line) => typeof line.text === 'string');
    }),
    { numRuns: 100, seed: 20261129 },
  );
});

/** What is asked of a bake, in a line; hours before midnight and after it, and days of the week. */
import { METRIC, wordsIn } from '@hollow-moon/words';
import { askedInWords, daysInWords, hour } from './asked';

const words = wordsIn(METRIC);
const nameOf = (id: string) => (id === 'deck' ? 'Deck oven' : undefined);
const plain = { formulaId: 'f', vessels: 2, dueMin: 370, forWhom: '' };
const says = (more: object) =>
  askedInWords({ ...plain, ...more }, nameOf, words).replaceAll('\u00a0', ' ');

it.each([
  [{}, '2 tins'],
  [{ vessels: 1, forWhom: 'the boat' }, 'one tin, for the boat'],
  [{ ovenId: 'deck', ovenC: 150 }, '2 tins, in Deck oven, at 150 °C'],
  [{ ovenId: 'gone' }, '2 tins'],
  [{ frozenShell: true, dueMin: 1439 }, '2 tins, shells from the freezer'],
  [{ doughApart: true, dueMin: 1440 }, '2 tins, dough by itself, on the next day'],
])('%j is “%s”', (more, text) => expect(says(more)).toBe(text));

it.each([
  [0, '00:00'],
  [370, '06:10'],
  [1439, '23:59'],
  [1445, '00:05'],
  [-60, '23:00'],
  [-1441, '23:59'],
])('minute %d is at %s', (minute, text) => expect(hour(minute)).toBe(text));

it('days are named in the order of the week, and all seven in a word', () => {
  expect(daysInWords([5, 1])).toBe('Mon and Fri');
  expect(daysInWords([7])).toBe('Sun');
  expect(daysInWords([1, 2, 3, 4, 5, 6])).not.toBe('every day');
  expect(daysInWords([7, 6, 5, 4, 3, 2, 1])).toBe('every day');
});

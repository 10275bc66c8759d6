/** What is weighed for a task of a day, and what of a filling is kept back while it is made. */
import { AS_USUAL, type DayData, type WantedData } from '@hollow-moon/contract';
import type { Build, WeighedLine } from '@hollow-moon/core';
import type { Job } from '@hollow-moon/core/planning';
import { bookOf } from '../book/book';
import type { Works } from '../day';
import { book, storedTart, tart, TART_ID } from '../testing/book';
import { keptBackOf, vagueForJob, weighedForJob } from './weighed';

/** A line of a card, as so much of it is weighed. */
const weighed = (amount: number, grams: number | null, heldBack?: number) =>
  ({ line: { id: 'line', amount, heldBack }, grams }) as unknown as WeighedLine;

const filling = (...lines: readonly WeighedLine[]) =>
  ({ filling: { lines } }) as unknown as Pick<Build, 'filling'>;

it('is the same share of what is weighed as of the line, over all lines', () => {
  // 100 of 500 ml of cream, of which twice as much is made; and 25 of 50 g of sugar, of which half is.
  expect(keptBackOf(filling(weighed(500, 1000, 100), weighed(50, 25, 25)))).toBe(200 + 12.5);
});

it('is nothing where nothing is held back, where no amount is known, and where none is weighed', () => {
  expect(keptBackOf(filling(weighed(500, 1000)))).toBe(0);
  expect(keptBackOf(filling(weighed(0, 20, 5), weighed(500, null, 100)))).toBe(0);
});

describe('a task of a day', () => {
  const PLAIN_ID = '00000000-0000-4000-8000-000000000042';
  const salted = {
    ...tart,
    lines: [
      ...tart.lines,
      { id: 'salt', ingredientId: 'salt', amount: 0, unit: 'g' as const, vague: 'by-eye' as const },
    ],
  };
  const { kitchen, vessels, ovens, pantry } = book;
  const kept = bookOf({
    ...{ kitchen, vessels, ovens, pantry },
    formulas: [
      { ...storedTart, data: salted },
      { ...storedTart, id: PLAIN_ID, data: { ...tart, lines: tart.lines.slice(0, 1) } },
    ],
  });
  const wanted = (id: string, formulaId: string, inTins: number) =>
    ({ ...AS_USUAL, id, formulaId, vessels: inTins }) as WantedData;
  const day = {
    wanted: [wanted('one', TART_ID, 1), wanted('two', TART_ID, 2), wanted('plain', PLAIN_ID, 1)],
  } as unknown as DayData;
  const mixing = (id: string, shared?: string) =>
    ({ id, verb: 'mix-custard', of: 'filling', after: [], shared }) as unknown as Job['task'];
  const lined = {
    id: 'line',
    verb: 'roll-and-line',
    of: 'filling',
    after: [],
  } as unknown as Job['task'];
  const works = {
    bakes: [
      { id: 'one', work: { tasks: [lined, mixing('mix', 'custard')] } },
      { id: 'two', work: { tasks: [lined, mixing('mix-as-well', 'custard')] } },
      { id: 'plain', work: { tasks: [lined, mixing('mix')] } },
    ],
  } as unknown as Works;
  const job = (task: Job['task'], ...bakes: string[]) => ({ task, bakes }) as unknown as Job;
  const grams = (asked: Job, of = day) =>
    weighedForJob(asked, of, works, kept).map(({ ingredient, grams }) => [ingredient.id, grams]);

  it('has what its own bake needs, heaviest first', () => {
    expect(grams(job(mixing('mix'), 'plain'))).toEqual([['cream', 500]]);
    expect(grams(job(mixing('mix-as-well'), 'two'))).toEqual([
      ['cream', 1000],
      ['egg-yolk', 300],
      ['sugar', 160],
    ]);
    // The dough is made by then.
    expect(grams(job(lined, 'one'))).toEqual([]);
  });

  it('done for two bakes at once has what both need together, and of each what is added by eye once', () => {
    const shared = job(mixing('mix', 'custard'), 'one', 'two');
    expect(grams(shared)).toEqual([
      ['cream', 1500],
      ['egg-yolk', 450],
      ['sugar', 240],
    ]);
    expect(vagueForJob(shared, day, works, kept).map(({ line }) => line.id)).toEqual(['salt']);
    expect(vagueForJob(job(mixing('mix'), 'plain'), day, works, kept)).toEqual([]);
  });

  it('has nothing for a bake that has gone from the day or the book', () => {
    expect(grams(job(mixing('mix'), 'gone', 'plain'))).toEqual([['cream', 500]]);
    const none = { wanted: [wanted('one', PLAIN_ID.replace('42', '49'), 1)] } as unknown as DayData;
    expect(grams(job(mixing('mix'), 'one'), none)).toEqual([]);
  });
});

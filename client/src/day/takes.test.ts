/** How long a formula takes, by its tasks and forecasts; these are worked out here, on a coarse mesh. */
import { forecast, forecastBlind } from '@hollow-moon/core';
import { pool } from '../jobs';
import { book, tart } from '../testing/book';
import { takesOf } from './takes';

jest.mock('../jobs', () => ({ pool: jest.fn() }));

/** The pool works at once; what it was asked for is kept. */
function working() {
  const asked: string[] = [];
  jest.mocked(pool).mockReturnValue({
    ask: (kind: 'forecast' | 'blind', { plan }: { readonly plan: never }) => {
      asked.push(kind);
      const answer = kind === 'blind' ? forecastBlind(plan) : forecast(plan, { resolution: 0.5 });
      return { answer: Promise.resolve(answer), withdraw: () => undefined };
    },
  } as never);
  return asked;
}

it('hands are at work and the oven bakes for less than all of it, which has its rests and its cooling', async () => {
  const asked = working();
  const takes = await takesOf(tart, book);
  expect(asked).toEqual(['forecast', 'blind']);
  // Common practice: a custard tart whose dough is at hand has a quarter of an hour to an hour of hands, forty minutes to two hours
  // of oven, and is ready four to eight hours after it was begun.
  expect(takes!.prepS).toBeGreaterThan(15 * 60);
  expect(takes!.prepS).toBeLessThan(60 * 60);
  expect(takes!.cookS).toBeGreaterThan(40 * 60);
  expect(takes!.cookS).toBeLessThan(120 * 60);
  expect(takes!.allS).toBeGreaterThan(4 * 3600);
  expect(takes!.allS).toBeLessThan(8 * 3600);
});

it('as much in two tins is more work, and lies shallower, so that it is done sooner', async () => {
  working();
  const one = await takesOf(tart, book);
  const two = await takesOf({ ...tart, vesselCount: 2 }, book);
  expect(two!.prepS!).toBeGreaterThan(one!.prepS!);
  expect(two!.cookS!).toBeLessThan(one!.cookS!);
});

it('a pot without a shell has no empty bake', async () => {
  const asked = working();
  const takes = await takesOf({ ...tart, shell: 'none' }, book);
  expect(asked).toEqual(['forecast']);
  expect(takes!.cookS!).toBeLessThan((await takesOf(tart, book))!.cookS!);
});

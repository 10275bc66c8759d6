/** The pool of the application. */
import { fakeWorkers } from '../testing/workers';
import { pool } from './shared';

const mockWorkers = fakeWorkers();
jest.mock('./worker', () => ({ createJobWorker: () => mockWorkers.create() }));

it('is one for all, with two threads for what takes its time and a third for the thumb', () => {
  expect(pool()).toBe(pool());
  const ask = (first: number, priority: 'fold' | 'now') =>
    pool().ask('members', { plan: {}, unsure: {}, first, last: 9, pullS: 1 } as never, {
      priority,
    });
  for (const first of [0, 1, 2, 3]) ask(first, 'fold');
  expect(mockWorkers.made).toHaveLength(2);
  ask(4, 'now');
  ask(5, 'now');
  expect(mockWorkers.made.map(({ got }) => got.length)).toEqual([1, 1, 1]);
});

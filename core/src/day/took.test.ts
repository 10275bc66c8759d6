/** What a task took, by its taps. */
import { plainTask } from '../testing/sessions';
import type { Mark } from './running';
import { ranBy } from './running';
import { tookOf } from './took';

const task = plainTask('mix', 20, { verb: 'mix-dough' });
const ran = (...marks: readonly (readonly [Mark['kind'], number])[]) =>
  ranBy(marks.map(([kind, atMin]) => ({ task: 'mix', kind, atMin }))).get('mix');

it('is counted from its beginning to its end, without its rests', () => {
  const job = { task, minutes: 20 };
  expect(tookOf(job, ran(['begun', 100]), 131)).toEqual({
    verb: 'mix-dough',
    usualMin: 20,
    tookMin: 31,
  });
  // By hand: 31 min, of which it rested 6.
  expect(tookOf(job, ran(['begun', 100], ['paused', 110], ['begun', 116]), 131)?.tookMin).toBe(25);
  // Finished while it rests: the rest that goes on is none of it.
  expect(tookOf(job, ran(['begun', 100], ['paused', 125]), 131)?.tookMin).toBe(25);
});

// By hand: two bakes share a dough that takes 26 min in all, at a pace of 1.5 (30 for 20): 26 of 30 of 20.
it('sets what several bakes share, and what is planned at the kitchen’s pace, beside what is usual', () => {
  const own = plainTask('mix', 30, { verb: 'mix-dough', from: 'kitchen', usualMin: 20 });
  expect(tookOf({ task: own, minutes: 39 }, ran(['begun', 0]), 30)).toEqual({
    verb: 'mix-dough',
    usualMin: 26,
    tookMin: 30,
  });
});

it.each([
  ['nobody tapped its beginning', { task, minutes: 20 }, ran()],
  [
    'it must have been done, since what follows it was',
    { task, minutes: 20 },
    {
      ...ran(['begun', 100])!,
      implied: true,
    },
  ],
  [
    'the cook said what it takes',
    { task: { ...task, from: 'cook' as const }, minutes: 20 },
    ran(['begun', 100]),
  ],
  [
    'the oven does it',
    {
      task: plainTask('mix', 20, { from: 'computed' }),
      minutes: 20,
    },
    ran(['begun', 100]),
  ],
  [
    'hands come back to it',
    {
      task: plainTask('mix', 20, { hands: [{ at: 'end', offsetMin: 0, minutes: 2 }] }),
      minutes: 20,
    },
    ran(['begun', 100]),
  ],
  ['a tap was forgotten', { task, minutes: 20 }, ran(['begun', 10])],
  ['it was tapped twice at once', { task, minutes: 20 }, ran(['begun', 130])],
])('tells nothing where %s', (_, job, was) => {
  expect(tookOf(job, was, 131)).toBeUndefined();
});

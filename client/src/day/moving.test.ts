/** What it costs to move a task, in words, by what a plan with it there says; that plan is a stand-in. */
import type { Measures, Placed } from '@hollow-moon/core/planning';
import { renderHook } from '@testing-library/react';
import { useJob } from '../jobs';
import { isPutByHand, locked, useCost } from './moving';
import type { TaskOfDay } from './taskOfDay';
import { emptyDay } from './useDay';
import type { Planned } from './usePlan';

jest.mock('../jobs', () => ({ REST_MS: 120, useJob: jest.fn() }));

const day = emptyDay(new Date('2026-11-30T12:00:00'));
const placed: Placed = { task: 'tart:mix', startMin: 300, endMin: 320, people: ['one'] };
const other = { task: 'pie:mix', startMin: 100 };

/** A plan of two bakes, one of which is 20 min late, with five hours of being there. */
const planned = {
  session: {
    wanted: [
      { id: 'tart', name: 'Bay tart' },
      { id: 'pie', name: 'Milk pie' },
    ],
    locks: [other, { task: 'tart:mix', startMin: 280 }],
  },
  plan: { placed: [placed], late: [{ bake: 'pie', minutes: 20 }], left: [] },
  measures: { presenceMin: 300 },
  way: { order: ['tart', 'pie'] },
} as unknown as Planned;

type Answer = ReturnType<typeof useJob<'planned'>>['answer'];

/** The words for a plan that comes of it; what was asked of the worker beside them. */
function costOf(answer: Answer, { startMin = 330, resting = true, settled = true, of = day } = {}) {
  jest.mocked(useJob).mockReturnValue({ answer, settled, broke: false });
  const { result } = renderHook(() =>
    useCost({ placed, planned, day: of } as TaskOfDay, startMin, resting),
  );
  return { cost: result.current, asked: jest.mocked(useJob).mock.lastCall![1] };
}

const came = (
  presenceMin: number,
  more: Partial<Pick<NonNullable<Answer>, 'late' | 'left'>> = {},
): Answer => ({
  late: planned.plan.late,
  left: [],
  measures: { presenceMin } as Measures,
  way: planned.way,
  ...more,
});

it('asks for the day with the task there and nowhere else, once the thumb rests', () => {
  const { asked } = costOf(undefined);
  expect(asked).toMatchObject({
    session: { locks: [other, { task: 'tart:mix', startMin: 330 }] },
    before: null,
    presence: day.presence,
  });
  const way = { order: ['pie', 'tart'] } as never;
  expect(costOf(undefined, { of: { ...day, way } }).asked).toMatchObject({ before: planned.way });
  expect(costOf(undefined, { resting: false }).asked).toBeUndefined();
  expect(costOf(undefined, { startMin: 300 }).asked).toBeUndefined();
});

it.each([
  [375, 'This costs 1 h 15 min more of being there.'],
  [290, 'This saves 10 min of being there.'],
  [300, 'It makes no difference to how long anybody is there.'],
])('with %s minutes of being there in all it says: %s', (presenceMin, says) => {
  expect(costOf(came(presenceMin)).cost).toEqual({
    possible: true,
    says: says.replace(/(\d) (h|min)/g, '$1\u00a0$2'),
  });
});

it('what is later by it, or has no place any more, stands against it; what was so before does not', () => {
  expect(costOf(came(290, { late: [{ bake: 'pie', minutes: 20 }] })).cost.possible).toBe(true);
  expect(costOf(came(290, { late: [{ bake: 'pie', minutes: 21 }] })).cost).toEqual({
    possible: false,
    says: 'It cannot begin then: Milk pie would be late.',
  });
  expect(costOf(came(290, { late: [], left: ['tart'] })).cost).toEqual({
    possible: false,
    says: 'It cannot begin then: Bay tart would have no place.',
  });
});

it('says nothing while the answer is to something else, or there is none', () => {
  expect(costOf(came(290), { settled: false }).cost).toEqual({ possible: false, says: '' });
  expect(costOf(null).cost).toEqual({ possible: false, says: '' });
});

it('a task is put to one place, and by hand only if it lies ahead of what had happened', () => {
  // The session's minutes begin two days before the day's.
  const put = locked(locked(day, 'tart:mix', 3180), 'tart:mix', 3240);
  expect(put.locks).toEqual([{ task: 'tart:mix', startMin: 360 }]);
  expect(isPutByHand(put, 'tart:mix')).toBe(true);
  expect(isPutByHand(put, 'pie:mix')).toBe(false);
  expect(isPutByHand({ ...put, nowMin: 359 }, 'tart:mix')).toBe(true);
  expect(isPutByHand({ ...put, nowMin: 360 }, 'tart:mix')).toBe(false);
});

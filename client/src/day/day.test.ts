/** Hours of the wall, days that come again, and days from files. */
import { AS_USUAL, type MarkData } from '@hollow-moon/contract';
import { BEFORE_MIN } from '@hollow-moon/contract/planning';
import { arrived } from './arrived';
import { isPutByHand } from './moving';
import { aWeekLater, emptyDay } from './useDay';
import { tapsBy } from './usePlan';
import {
  dayAndHour,
  dayInWords,
  exactMinuteOf,
  hourOf,
  lasting,
  minuteOf,
  momentOf,
  notBeforeOf,
  weekdayInWords,
} from './when';

describe('minutes of a session', () => {
  it.each([
    ['2026-12-01', BEFORE_MIN + 370, 'Tue 06:10'],
    ['2026-12-01', BEFORE_MIN - 60, 'Mon 23:00'],
    ['2026-12-01', 0, 'Sun 00:00'],
    ['2026-12-01', BEFORE_MIN + 1440 + 5, 'Wed 00:05'],
    ['2028-03-01', BEFORE_MIN - 1, 'Tue 23:59'],
  ])('of %s, minute %p is %s', (date, minute, says) => {
    expect(dayAndHour(date, minute)).toBe(says);
    expect(hourOf(date, minute)).toBe(says.slice(4));
  });

  it('are of a day with a name', () => {
    expect(dayInWords('2026-12-01')).toBe('Tuesday 1 December');
    expect(weekdayInWords('2028-02-29')).toBe('Tuesday');
  });

  // Clocks go forward at 01:00 on 29 March 2026 and back at 02:00 on 25 October in the zone of these tests: tz database.
  it.each([
    ['2026-03-29', [60, 120]],
    ['2026-10-25', [0, 0]],
  ])('come back from the moment they stand for, over four days about %s', (date, [gone, from]) => {
    for (let minute = 0; minute < 4 * 1440; minute += 7) {
      const ofDay = minute - BEFORE_MIN;
      const isThere = ofDay < gone! || ofDay >= from!;
      expect(minuteOf(date, momentOf(date, minute))).toBe(isThere ? minute : minute + 60);
    }
  });

  it.each(['2026-03-29', '2026-10-25', '2026-12-01'])(
    'say the hour of the wall on %s, and stand for the moment at which it shows that',
    (date) => {
      for (const [minute, says] of [
        [370, '06:10'],
        [-60, '23:00'],
        [23 * 60 + 59, '23:59'],
      ] as const) {
        expect(hourOf(date, BEFORE_MIN + minute)).toBe(says);
      }
      const moment = momentOf(date, BEFORE_MIN + 370.5);
      expect([moment.getHours(), moment.getMinutes(), moment.getSeconds()]).toEqual([6, 10, 30]);
      expect(exactMinuteOf(date, moment)).toBe(BEFORE_MIN + 370.5);
    },
  );

  // 00:50 UTC is 01:50 of the first of the two hours, 01:10 UTC is 01:10 of the second.
  it('of taps in an hour that the clocks have twice keep their order', () => {
    const tap = (kind: 'begun' | 'done', at: string): MarkData => ({
      ...{ id: at, tap: at, task: 'tart:fill', kind, at },
    });
    const taps = (...all: MarkData[]) =>
      tapsBy('2026-10-25', all, new Date('2026-10-25T01:11:00Z')).taps.map(({ kind, atMin }) => [
        kind,
        atMin - BEFORE_MIN,
      ]);
    const [begun, done] = [
      tap('begun', '2026-10-25T00:50:00Z'),
      tap('done', '2026-10-25T01:10:00.000Z'),
    ];
    const kept = [
      ['begun', 110],
      ['done', 110],
    ];
    expect([taps(begun, done), taps(done, begun)]).toEqual([kept, kept]);
    expect(taps(tap('done', '2026-10-25T02:10:00Z'))).toEqual([['done', 130]]);
  });

  // By hand: 21:02 the evening before is 178 min before midnight, told as 180; two days before is 2880.
  it.each([
    ['2026-03-29', '2026-03-28T21:02:00', -180],
    ['2026-03-29', '2026-03-28T21:00:00', -180],
    ['2026-03-29', '2026-03-29T03:01:00', 180],
    ['2026-03-29', '2026-03-27T00:00:00', -2880],
    ['2026-03-29', '2026-03-26T23:00:00', null],
    ['2026-03-29', '2026-03-31T00:05:00', null],
  ])('a day of %s is planned at %s from %p on', (date, moment, fromMin) =>
    expect(notBeforeOf(date, new Date(moment))).toBe(fromMin),
  );

  it('a day that is begun, or put on another date, has only the hours that are left', () => {
    const now = new Date('2026-03-28T21:00:00');
    expect(emptyDay(now)).toMatchObject({ date: '2026-03-29', nowMin: -180 });
    const before = { ...emptyDay(now), date: '2026-03-22' };
    expect(aWeekLater(before, [], now)).toMatchObject({ date: '2026-03-29', nowMin: -180 });
    expect(aWeekLater(emptyDay(now), [], now)).toMatchObject({ date: '2026-04-05', nowMin: null });
  });

  it.each([
    [0, '0\u00a0min'],
    [45, '45\u00a0min'],
    [120, '2\u00a0h'],
    [999.6, '16\u00a0h 40\u00a0min'],
  ])('%p last %s', (minutes, says) => expect(lasting(minutes)).toBe(says));
});

it('tells what a cook has put by hand from what had begun when the day was planned anew', () => {
  const at = (startMin: number, nowMin: number | null) => ({
    ...emptyDay(new Date('2026-11-30T12:00:00')),
    ...{ nowMin, locks: [{ task: 'tart:fill', startMin }] },
  });
  expect(isPutByHand(at(60, null), 'tart:fill')).toBe(true);
  expect(isPutByHand(at(60, 59), 'tart:fill')).toBe(true);
  expect(isPutByHand(at(60, 60), 'tart:fill')).toBe(false);
  expect(isPutByHand(at(60, 59), 'pie:fill')).toBe(false);
});

describe('a day from a file', () => {
  const wanted = (id: string, formulaId: string) => ({
    ...{ id, formulaId, vessels: 1, dueMin: 400, forWhom: '', ...AS_USUAL },
  });
  const day = {
    ...emptyDay(new Date('2026-11-30T12:00:00')),
    wanted: [wanted('tart', 'here'), wanted('pie', 'elsewhere')],
    locks: ['tart:fill', 'pie:fill', 'shared:dough:rye'].map((task) => ({ task, startMin: 60 })),
    changes: ['tart', 'pie'].map((bake) => ({ bake, task: 'fill', kind: 'dropped' as const })),
    way: { order: ['pie', 'tart'], soonerMin: {} },
  };

  it('comes without what cannot be made here, and keeps what was put by hand of the rest and of what is shared', () => {
    const { day: come, lacks } = arrived(day, (formulaId) => formulaId === 'here');
    expect(lacks).toEqual(['elsewhere']);
    expect(come.wanted.map(({ id }) => id)).toEqual(['tart']);
    expect(come.locks.map(({ task }) => task)).toEqual(['tart:fill', 'shared:dough:rye']);
    expect(come.changes.map(({ bake }) => bake)).toEqual(['tart']);
    expect(come.way?.order).toEqual(['tart']);
  });

  it('is as it was where all of it can be made', () => {
    expect(arrived(day, () => true)).toEqual({ day, lacks: [] });
  });
});

/** Which day is at hand: asked of a baker whose nights follow each other. */
import { AS_USUAL, type StoredDay } from '@hollow-moon/contract';
import { currentDay } from './current';
import { emptyDay } from './useDay';

const day = (date: string, dues: readonly number[], archived = false): StoredDay => ({
  ...{ id: date, version: 1, updatedAt: '' },
  data: {
    ...emptyDay(new Date('2026-11-30T12:00:00')),
    ...{ date, archived },
    wanted: dues.map((dueMin) => ({
      ...{ id: String(dueMin), formulaId: 'f', vessels: 1, dueMin, forWhom: '', ...AS_USUAL },
    })),
  },
});
const BOAT = 370;
const at = (moment: string, ...days: StoredDay[]) => currentDay(days, new Date(moment))?.id;

// The later first, as the list of days has them.
const nights = [day('2026-12-02', [BOAT]), day('2026-12-01', [BOAT, 300])];

it.each<[string, string | undefined, string]>([
  ['2026-11-30T20:00:00', '2026-12-01', 'the evening before'],
  ['2026-12-01T06:00:00', '2026-12-01', 'before the boat'],
  ['2026-12-01T08:09:00', '2026-12-01', 'while it may still be late'],
  ['2026-12-01T08:10:00', '2026-12-02', 'once that is over'],
  ['2026-12-01T20:05:00', '2026-12-02', 'as the next night begins'],
  ['2026-12-02T09:00:00', undefined, 'when all are over'],
  ['2026-11-29T11:59:00', undefined, 'more than a day and a half before'],
  ['2026-11-29T12:00:00', '2026-12-01', 'a day and a half before'],
])('at %s it is that of %s, %s', (moment, id) => {
  expect(at(moment, ...nights)).toBe(id);
});

it('goes on past midnight for what is wanted in the early hours after it', () => {
  const late = day('2026-12-01', [1440 + 60]);
  expect(at('2026-12-02T00:30:00', late)).toBe('2026-12-01');
});

it('is none that was put away, or of which nothing is wanted', () => {
  expect(at('2026-12-01T04:00:00', day('2026-12-01', [BOAT], true), day('2026-12-01', []))).toBe(
    undefined,
  );
});

import type { StoredDay } from '@hollow-moon/contract';
import { BEFORE_MIN } from '@hollow-moon/contract/planning';
import { minuteOf } from './when';

/** A plan is at hand from a day and a half before the midnight of its day, min. */
const FROM_MIN = BEFORE_MIN - 36 * 60;
/** What is due may be late: so long after the last of it the day is over, min. */
const LATE_MIN = 120;

/**
 * The day that is at hand at a moment: of those that are near the first that is not over. A baker of the night has delivered one
 * in the morning, and begins the next on the evening of the same day.
 */
export const currentDay = (days: readonly StoredDay[], moment: Date): StoredDay | undefined =>
  days
    .filter(({ data }) => {
      if (data.archived || data.wanted.length === 0) return false;
      const at = minuteOf(data.date, moment);
      const lastMin = Math.max(...data.wanted.map(({ dueMin }) => dueMin));
      return at >= FROM_MIN && at < BEFORE_MIN + lastMin + LATE_MIN;
    })
    .toSorted((a, b) => a.data.date.localeCompare(b.data.date))[0];

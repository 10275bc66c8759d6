import { ICalCalendar, ICalCalendarMethod } from 'ical-generator';
import type { StoredDay } from '../day';
import { BEFORE_MIN } from '../sessionOf';

/** Something of a day that has an hour, by the clock of its session, min. */
export interface DayEvent {
  readonly id: string;
  readonly fromMin: number;
  readonly toMin: number;
  readonly summary: string;
  readonly description?: string;
}

/** A minute of a session as a moment whose figures in UTC are those of the clock on the wall, whatever zone this runs in. */
function onTheWall(date: string, minute: number): Date {
  const [year, month, day] = date.split('-').map(Number);
  return new Date(Date.UTC(year!, month! - 1, day, 0, minute - BEFORE_MIN));
}

/**
 * A day as a calendar. Each event keeps its name from version to version with a rising sequence, so that a calendar takes
 * a new one in place of the old; its hours are floating, those of the wall in whatever zone the kitchen is. Source: RFC 5545.
 */
export function toCalendar(
  { id, version, data }: Pick<StoredDay, 'id' | 'version' | 'data'>,
  events: readonly DayEvent[],
  now: Date,
): string {
  const calendar = new ICalCalendar({
    name: data.name,
    prodId: { company: 'hollow-moon', product: 'day', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { id: event, fromMin, toMin, summary, description } of events) {
    calendar.createEvent({
      id: `${event}@${id}`,
      sequence: version,
      stamp: now,
      floating: true,
      start: onTheWall(data.date, fromMin),
      end: onTheWall(data.date, toMin),
      summary,
      ...(description ? { description } : {}),
    });
  }
  return calendar.toString();
}

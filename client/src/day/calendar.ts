import { say } from '@hollow-moon/words';
import { ICalCalendar, ICalCalendarMethod } from 'ical-generator';
import type { StoredDay } from '@hollow-moon/contract';
import { bakesInWords, peopleInWords, taskInWords } from './dayWords';
import type { Planned } from './usePlan';
import { momentOf } from './when';

/**
 * A plan as a calendar: an event for each task, and one for each hour of service. Each keeps its name from version to
 * version with a rising sequence, so that a calendar takes a new one in place of the old. Source: RFC 5545.
 */
export function toCalendar({ id, version, data }: StoredDay, planned: Planned, now: Date): string {
  const calendar = new ICalCalendar({
    name: data.name,
    prodId: { company: say('root.hollow-moon'), product: 'day', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  // Hours of the wall, in whatever zone the kitchen is: a floating time.
  const at = (minute: number) => momentOf(data.date, minute);
  for (const { task, startMin, endMin, people } of planned.plan.placed) {
    const job = planned.model.byId.get(task)!;
    calendar.createEvent({
      id: `${task}@${id}`,
      sequence: version,
      stamp: now,
      floating: true,
      start: at(startMin),
      end: at(endMin),
      summary: taskInWords(job),
      description: [bakesInWords(job, planned), peopleInWords(people, planned)]
        .filter(Boolean)
        .join('\n'),
    });
  }
  for (const { id: bake, name, dueMin } of planned.session.wanted) {
    const forWhom = data.wanted.find((each) => each.id === bake)?.forWhom ?? '';
    calendar.createEvent({
      id: `${bake}@${id}`,
      sequence: version,
      stamp: now,
      floating: true,
      start: at(dueMin),
      end: at(dueMin),
      summary: say('day.ready', { bake: name, whom: forWhom === '' ? 'none' : forWhom }),
    });
  }
  return calendar.toString();
}

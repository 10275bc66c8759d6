import { AS_USUAL, WEEKDAYS, type WantedData, type Weekday } from '@hollow-moon/contract';
import { listed, say, type Words } from '@hollow-moon/words';
import { addDays, format } from 'date-fns';

const DAY_MIN = 1440;

const isNextDay = (dueMin: number): boolean => dueMin >= DAY_MIN;

/** The hour of the wall at a minute of a day, of the one before or the next: "06:10". */
export const hour = (minute: number): string => {
  const since = ((minute % DAY_MIN) + DAY_MIN) % DAY_MIN;
  return `${String(Math.floor(since / 60)).padStart(2, '0')}:${String(since % 60).padStart(2, '0')}`;
};

/** What is asked of a bake on whatever day. */
export type Asked = Pick<WantedData, 'formulaId' | 'vessels' | 'dueMin' | 'forWhom'>;

/** What is asked of a bake, but for which and when: "2 tins, at 150 °C, for the boat". */
export function askedInWords(
  wanted: Asked & Partial<WantedData>,
  ovenNameOf: (id: string) => string | undefined,
  { quantity }: Pick<Words, 'quantity'>,
): string {
  const { vessels, dueMin, forWhom } = wanted;
  const { ovenC, frozenShell, doughApart, ovenId } = { ...AS_USUAL, ...wanted };
  const oven = ovenId === null ? undefined : ovenNameOf(ovenId);
  return [
    say('day.vessels', { count: vessels }),
    oven === undefined ? '' : say('day.baked-in-short', { oven }),
    ovenC === null ? '' : say('day.baked-at', { setting: quantity({ ovenC }) }),
    frozenShell ? say('day.shells-frozen') : '',
    doughApart ? say('day.dough-apart-short') : '',
    forWhom === '' ? '' : say('day.for', { whom: forWhom }),
    isNextDay(dueMin) ? say('day.next-day') : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** A Monday: the names of the days are read off the week that it begins. */
const MONDAY = new Date(2026, 10, 30);
export const shortName = (weekday: Weekday): string => format(addDays(MONDAY, weekday - 1), 'EEE');

export const daysInWords = (weekdays: readonly Weekday[]): string =>
  weekdays.length === WEEKDAYS.length
    ? say('order.every-day')
    : listed(WEEKDAYS.filter((day) => weekdays.includes(day)).map(shortName));

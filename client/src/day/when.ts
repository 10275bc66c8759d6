import { BEFORE_MIN } from '@hollow-moon/contract/planning';
import { say } from '@hollow-moon/words';
import { format, parseISO } from 'date-fns';

/**
 * The moment of a minute of a session, by the clock on the wall: a day has 24 hours here, also when clocks are changed. What
 * is due at 06:10 that morning is due when the wall says so; an hour that is left out is the one after it.
 */
export function momentOf(date: string, minute: number): Date {
  const since = minute - BEFORE_MIN;
  const days = Math.floor(since / 1440);
  const ofDay = since - days * 1440;
  const moment = parseISO(date);
  moment.setDate(moment.getDate() + days);
  moment.setHours(Math.floor(ofDay / 60), Math.floor(ofDay % 60), 0, (ofDay % 1) * 60_000);
  return moment;
}

/** The minute of a session at a moment, with the part of it that has passed. */
export const exactMinuteOf = (date: string, moment: Date): number =>
  minuteOf(date, moment) + (moment.getSeconds() + moment.getMilliseconds() / 1000) / 60;

/** The minute of a session at a moment. */
export function minuteOf(date: string, moment: Date): number {
  const days = Math.round(
    (new Date(moment.getFullYear(), moment.getMonth(), moment.getDate()).getTime() -
      parseISO(date).getTime()) /
      86_400_000,
  );
  return BEFORE_MIN + days * 1440 + moment.getHours() * 60 + moment.getMinutes();
}

/** Hours that are gone are told in steps of so many minutes. */
const STEP_MIN = 5;
/** A day is planned within two days about its midnight. */
const PLANNED_MIN = 2 * 1440;

/** From when on a day can be planned at a moment, min from its midnight; null where that is long before it, or after. */
export function notBeforeOf(date: string, moment: Date): number | null {
  const sinceMin = STEP_MIN * Math.floor((minuteOf(date, moment) - BEFORE_MIN) / STEP_MIN);
  return Math.abs(sinceMin) <= PLANNED_MIN ? sinceMin : null;
}

/** An hour: "06:10". */
export const hourOf = (date: string, minute: number): string =>
  format(momentOf(date, minute), 'HH:mm');

/** A day and an hour: "Tue 06:10". */
export const dayAndHour = (date: string, minute: number): string =>
  format(momentOf(date, minute), 'EEE HH:mm');

/** A day: "Tuesday 1 December". */
export const dayInWords = (date: string): string => format(parseISO(date), 'EEEE d MMMM');

/** The day of the week of a date: "Tuesday". */
export const weekdayInWords = (date: string): string => format(parseISO(date), 'EEEE');

/** A figure and its unit, never parted at the end of a line. */
const unparted = (text: string): string => text.replaceAll(' ', '\u00a0');

/** A length of time: "45 min", "2 h", "16 h 40 min". */
export function lasting(minutes: number): string {
  const whole = Math.round(minutes);
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  const inHours = unparted(say('day.zoom-hours', { hours }));
  const inMinutes = unparted(say('day.minutes', { minutes: rest }));
  if (hours === 0) return inMinutes;
  return rest === 0 ? inHours : `${inHours} ${inMinutes}`;
}

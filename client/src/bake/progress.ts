import { say } from '@hollow-moon/words';
import type { BakeData } from '@hollow-moon/contract';
import { type OutPlace, type Sign } from '@hollow-moon/core';
import type { Reading } from '@hollow-moon/contract';
import type { MoonState } from '../moon';
import { foreseenAt, gapOf } from './foreseen';

/** Where a bake stands against its window, in the cook's words. */
export interface Standing {
  readonly elapsedS: number;
  readonly phase: 'waiting' | 'open' | 'past' | 'no-window' | 'pulled' | 'made';
  /** What to do, short. */
  readonly says: string;
  /** Seconds to the next edge of the window. */
  readonly toNextS: number | undefined;
  /** What the clock on the wall counts: down to the first look, the best pull or the last, or up past it or from the start. */
  readonly count: Count;
}

export interface Count {
  readonly to: 'look' | 'best' | 'last' | 'over' | 'elapsed';
  readonly seconds: number;
}

/** Seconds from the start of a bake to a time in ms. */
export const secondsInto = (data: Pick<BakeData, 'startedAt'>, nowMs: number): number =>
  Math.max(0, (nowMs - Date.parse(data.startedAt)) / 1000);

const inMinutes = (seconds: number): string => {
  const whole = Math.ceil(seconds / 60);
  return say('bake.min-2', { whole });
};

/** Which part of a bake is being made, or comes next. */
function partsInWords({ parts }: BakeData): string {
  const now = parts.filter(({ startedAt, endedAt }) => startedAt !== null && endedAt === null);
  if (now.length > 0)
    return now
      .map(({ part }) => say('bake.part-now', { part: say(`bake-part.${part}`) }))
      .join(' ');
  const next = parts.find(({ startedAt }) => startedAt === null);
  return next
    ? say('bake.part-next', { part: say(`bake-part.${next.part}`) })
    : say('bake.parts-done');
}

/** Reads a bake's standing at a moment; what was read in its middle moves the window. */
export function standingOf(
  data: BakeData,
  nowMs: number,
  readings: readonly Reading[] = [],
): Standing {
  const { window } = data.foreseen;
  if (data.pulledAt !== null) {
    return {
      elapsedS: secondsInto(data, Date.parse(data.pulledAt)),
      phase: 'pulled',
      says: data.parts.length > 0 ? say('bake.finished') : say('bake.pulled-let-it-come-to-rest'),
      toNextS: undefined,
      count: { to: 'elapsed', seconds: secondsInto(data, Date.parse(data.pulledAt)) },
    };
  }
  const elapsedS = secondsInto(data, nowMs);
  const elapsed: Count = { to: 'elapsed', seconds: elapsedS };
  if (data.parts.length > 0) {
    return {
      elapsedS,
      phase: 'made',
      says: partsInWords(data),
      toNextS: undefined,
      count: elapsed,
    };
  }
  if (!window) {
    return {
      elapsedS,
      phase: 'no-window',
      says: say('bake.no-window-was-foreseen-watch-the'),
      toNextS: undefined,
      count: elapsed,
    };
  }
  const behindS = gapOf(data, readings)?.behindS ?? 0;
  const [earliest, best, latest] = [window.earliest, window.best, window.latest].map(
    ({ timeS }) => ({ timeS: timeS + behindS }),
  ) as [{ timeS: number }, { timeS: number }, { timeS: number }];
  if (elapsedS < earliest.timeS) {
    const toNextS = earliest.timeS - elapsedS;
    return {
      elapsedS,
      phase: 'waiting',
      says: say('bake.look-in', { inMinutes: inMinutes(toNextS) }),
      toNextS,
      count: { to: 'look', seconds: toNextS },
    };
  }
  if (elapsedS <= latest.timeS) {
    const toNextS = latest.timeS - elapsedS;
    const says =
      elapsedS < best.timeS
        ? say('bake.best-in-check-the-wobble', { inMinutes: inMinutes(best.timeS - elapsedS) })
        : say('bake.pull-now-left', { inMinutes: inMinutes(toNextS) });
    const count: Count =
      elapsedS < best.timeS
        ? { to: 'best', seconds: best.timeS - elapsedS }
        : { to: 'last', seconds: toNextS };
    return { elapsedS, phase: 'open', says, toNextS, count };
  }
  return {
    elapsedS,
    phase: 'past',
    says: say('bake.past-the-window-pull-it'),
    toNextS: undefined,
    count: { to: 'over', seconds: elapsedS - latest.timeS },
  };
}

/** So long after its minute a thing to do is still said to be due, s. */
const STILL_DUE_S = 180;

const OUT_TO: Readonly<Record<OutPlace, string>> = {
  rack: say('bake.onto-the-rack'),
  'oven-ajar': say('bake.into-the-oven-off-door-ajar'),
  'oven-shut': say('bake.into-the-oven-off-door-shut'),
  'in-the-bath': say('bake.left-in-its-bath'),
  'ice-bath': say('bake.into-ice-water'),
  fridge: say('bake.into-the-fridge'),
  freezer: say('bake.into-the-freezer'),
};

interface ToDo {
  readonly atS: number;
  readonly what: string;
  /** What is waited for, where it is not the minute. */
  readonly on?: Sign | undefined;
}

const turned = (to: number | 'off-shut' | 'off-ajar', degrees: (celsius: number) => string) =>
  typeof to === 'number'
    ? say('bake.oven-to', { to: degrees(to) })
    : say('bake.oven-off-door', { door: to === 'off-shut' ? 'shut' : 'ajar' });

/** All that is to be done of a bake in the oven, or once it is out, and how long since that began. */
function thingsToDo(
  data: BakeData,
  nowMs: number,
  degrees: (celsius: number) => string,
): { readonly things: readonly ToDo[]; readonly elapsedS: number } {
  const { steps = [], out = [], topUpS } = data.foreseen;
  const begunMs = Date.parse(data.pulledAt ?? data.startedAt);
  const elapsedS = Math.max(0, (nowMs - begunMs) / 1000);
  const things: ToDo[] =
    data.pulledAt === null
      ? [
          ...(topUpS === undefined
            ? []
            : [{ atS: topUpS, what: say('bake.pour-the-rest-of-the-filling') }]),
          ...steps.map(({ atS, on, to }) => ({ atS, on, what: turned(to, degrees) })),
        ].sort((a, b) => a.atS - b.atS)
      : out.map(({ atS, place }) => ({ atS, what: OUT_TO[place] }));
  return { things, elapsedS };
}

const dueAmong = (things: readonly ToDo[], elapsedS: number): ToDo | undefined =>
  things.filter(({ atS }) => atS <= elapsedS && elapsedS < atS + STILL_DUE_S).at(-1);

/** When the thing was to be done that is due now, s since the bake went in; `undefined` where nothing is. */
export function dueStepS(data: BakeData, nowMs: number): number | undefined {
  const { things, elapsedS } = thingsToDo(data, nowMs, String);
  return dueAmong(things, elapsedS)?.atS;
}

/**
 * The next thing to do of a bake at a moment, or the one that is just due: the oven's steps before the
 * pull, the places it cools in after it. `undefined` when nothing more is planned.
 */
export function nextToDo(
  data: BakeData,
  nowMs: number,
  degrees: (celsius: number) => string,
): string | undefined {
  const { things, elapsedS } = thingsToDo(data, nowMs, degrees);
  const due = dueAmong(things, elapsedS);
  if (due)
    return due.on
      ? say('bake.when', { on: say(`sign.${due.on}`), what: due.what })
      : say('bake.now', { what: due.what });
  const next = things.find(({ atS }) => atS > elapsedS);
  if (!next) return undefined;
  return next.on
    ? say('bake.in-about-when', {
        inMinutes: inMinutes(next.atS - elapsedS),
        on: say(`sign.${next.on}`),
        what: next.what,
      })
    : say('bake.in-minutes', { inMinutes: inMinutes(next.atS - elapsedS), what: next.what });
}

/** The foreseen moons of a bake along its dial: to its pull as it was planned, and on as it really goes. */
export function foreseenPhases(data: BakeData, endS: number): (readonly [number, MoonState])[] {
  const { curve, stays } = data.foreseen;
  const times = [...curve, ...stays].map(([timeS]) => timeS).filter((timeS) => timeS <= endS);
  return [...new Set([...times, endS])]
    .sort((a, b) => a - b)
    .map((timeS) => [timeS, foreseenMoon(data, timeS).moon] as const);
}

/** The foreseen moon at a time of a bake, from the curve kept with it; as at its end where it does not reach so far. */
export function foreseenMoon(data: BakeData, timeS: number): { moon: MoonState; wobbleMm: number } {
  const { curve, stays } = data.foreseen;
  const moving = foreseenAt(data, timeS)?.share ?? (stays.at(-1) ?? curve.at(-1)!)[4];
  return {
    // While all of it moves it is still liquid; the ring kept with the bake says no more than that.
    moon: { liquid: moving >= 0.98 ? 1 : 0, moving, curdledFrom: 1 },
    wobbleMm: moving * data.surfaceMm,
  };
}

import type { BakeData } from '@hollow-moon/contract';
import type { MoonState } from '../moon';

/** Where a bake stands against its window, in the cook's words. */
export interface Standing {
  readonly elapsedS: number;
  readonly phase: 'waiting' | 'open' | 'past' | 'no window' | 'pulled';
  /** What to do, short. */
  readonly says: string;
  /** Seconds to the next edge of the window. */
  readonly toNextS: number | undefined;
}

/** Seconds from the start of a bake to a time in ms. */
export const secondsInto = (data: BakeData, nowMs: number): number =>
  Math.max(0, (nowMs - Date.parse(data.startedAt)) / 1000);

const inMinutes = (seconds: number): string => {
  const whole = Math.ceil(seconds / 60);
  return `${whole} min`;
};

/** Reads a bake's standing at a moment. */
export function standingOf(data: BakeData, nowMs: number): Standing {
  const { window } = data.foreseen;
  if (data.pulledAt !== null) {
    return {
      elapsedS: secondsInto(data, Date.parse(data.pulledAt)),
      phase: 'pulled',
      says: 'Pulled. Let it come to rest before you judge it.',
      toNextS: undefined,
    };
  }
  const elapsedS = secondsInto(data, nowMs);
  if (!window) {
    return {
      elapsedS,
      phase: 'no window',
      says: 'No window was foreseen. Watch the rim: pull before it weeps.',
      toNextS: undefined,
    };
  }
  const { earliest, best, latest } = window;
  if (elapsedS < earliest.timeS) {
    const toNextS = earliest.timeS - elapsedS;
    return { elapsedS, phase: 'waiting', says: `Look in ${inMinutes(toNextS)}`, toNextS };
  }
  if (elapsedS <= latest.timeS) {
    const toNextS = latest.timeS - elapsedS;
    const says =
      elapsedS < best.timeS
        ? `Best in ${inMinutes(best.timeS - elapsedS)}. Check the wobble`
        : `Pull now, ${inMinutes(toNextS)} left`;
    return { elapsedS, phase: 'open', says, toNextS };
  }
  return { elapsedS, phase: 'past', says: 'Past the window. Pull it', toNextS: undefined };
}

/** The foreseen moon at a time of a bake, from the curve kept with it. */
export function foreseenMoon(data: BakeData, timeS: number): { moon: MoonState; wobbleMm: number } {
  const { curve } = data.foreseen;
  const next = curve.findIndex(([s]) => s >= timeS);
  const at = next < 0 ? curve.length - 1 : next;
  const [s1, , , , share1] = curve[at]!;
  const [s0, , , , share0] = curve[Math.max(0, at - 1)]!;
  const weight = s1 > s0 ? Math.min(1, Math.max(0, (timeS - s0) / (s1 - s0))) : 1;
  const moving = share0 + weight * (share1 - share0);
  return {
    // While all of it moves it is still liquid; the ring kept with the bake says no more than that.
    moon: { liquid: moving >= 0.98 ? 1 : 0, moving, curdledFrom: 1 },
    wobbleMm: moving * data.surfaceMm,
  };
}

/** Foreseen centre temperature at a time, °C. */
export function foreseenCentreC(data: BakeData, timeS: number): number {
  const { curve } = data.foreseen;
  const next = curve.findIndex(([s]) => s >= timeS);
  if (next <= 0) return curve[next === 0 ? 0 : curve.length - 1]![3];
  const [a, b] = [curve[next - 1]!, curve[next]!];
  return a[3] + ((timeS - a[0]) / (b[0] - a[0])) * (b[3] - a[3]);
}

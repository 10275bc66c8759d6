import type { BakeData } from '@hollow-moon/contract';
import { say, type Words } from '@hollow-moon/words';

/** A probe and a forecast agree within this, K: common practice for a cheap probe. */
const AS_FORESEEN_K = 1.5;

/** How a bake differed from its forecast: what was done against what was foreseen for it. */
export interface Done {
  /** When it was pulled, s. */
  readonly pulledS: number | undefined;
  /** What the middle read at the pull, °C. */
  readonly probeC: number | undefined;
}

const wholeMinutes = (seconds: number): number => Math.max(1, Math.round(Math.abs(seconds) / 60));

/** When it was pulled, against the window. */
function timing({ window }: BakeData['foreseen'], pulledS: number): string {
  if (!window) return say('log.no-window-foreseen');
  const { earliest, best, latest } = window;
  if (pulledS < earliest.timeS - 30)
    return say('log.before-the-window', { min: wholeMinutes(earliest.timeS - pulledS) });
  if (pulledS > latest.timeS + 30)
    return say('log.past-the-window', { min: wholeMinutes(pulledS - latest.timeS) });
  const off = pulledS - best.timeS;
  if (Math.abs(off) < 60) return say('log.at-its-best');
  return say('log.within-the-window', {
    min: wholeMinutes(off),
    way: off < 0 ? 'before' : 'after',
  });
}

/** The difference between a bake and its forecast in one sentence; `undefined` while it is in the oven. */
export function differenceInWords(
  { foreseen }: Pick<BakeData, 'foreseen'>,
  { pulledS, probeC }: Done,
  { quantity }: Words,
): string | undefined {
  if (pulledS === undefined) return undefined;
  const when = timing(foreseen, pulledS);
  const { window } = foreseen;
  if (probeC === undefined || !window) return say('log.difference', { when, probe: '' });
  const off = probeC - window.best.probeC;
  const probe =
    Math.abs(off) <= AS_FORESEEN_K
      ? say('log.probe-as-foreseen')
      : say('log.probe-off', {
          off: quantity({ kelvin: Math.abs(off) }),
          way: off < 0 ? 'under' : 'over',
        });
  return say('log.difference', { when, probe: `, ${probe}` });
}

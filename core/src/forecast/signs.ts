import { leavesAt, lightnessAfter } from '../browning';
import { wobbleOf } from '../doneness';
import type { Moment } from '../thermal';
import { bakeUntil } from './bakeUntil';
import { topBrowningAlong } from './colouring';
import { type Prepared } from './prepared';
import type { Sign } from '../oven';

/** A sign as a quantity that falls under a level: the share that still moves, or the lightness of top or rim. */
interface Seen {
  readonly of: 'moves' | 'top' | 'rim';
  readonly level: number;
}

const SEEN: Readonly<Record<Sign, Seen>> = {
  // From memory: the outer two centimetres of 24 have set.
  'rim-set': { of: 'moves', level: 0.83 },
  'half-set': { of: 'moves', level: 0.5 },
  'shell-golden': { of: 'rim', level: leavesAt('straw') },
  'top-colours': { of: 'top', level: leavesAt('pale') },
};

/** Reads a sign's quantity off a bake as it goes on, moment by moment; nothing colours that is not there. */
function readerOf(prepared: Prepared, of: Seen['of']): (moment: Moment) => number {
  const { model, followRim, colouring } = prepared;
  if (of === 'moves') return (moment) => wobbleOf(model, moment).share;
  if (of === 'rim') {
    const lightness = followRim?.();
    return (moment) => lightness?.(model, moment) ?? Infinity;
  }
  let brown = 0;
  let before: Moment | undefined;
  return (moment) => {
    const since = before ? [before, moment] : [moment];
    brown += topBrowningAlong(model.mesh, colouring, since).at(-1)!;
    before = moment;
    return lightnessAfter(brown);
  };
}

/**
 * When a sign first shows after `fromS`, s; `undefined` when it does not within the longest bake. Of a filling
 * poured in two goes, from when all of it is in.
 */
export function firstShows(prepared: Prepared, sign: Sign, fromS: number): number | undefined {
  const { of, level } = SEEN[sign];
  const read = readerOf(prepared, of);
  let before: { readonly timeS: number; readonly value: number } | undefined;
  let shownS: number | undefined;
  bakeUntil(prepared, (moment) => {
    const { timeS } = moment;
    const value = read(moment);
    if (timeS > fromS && value <= level) {
      const drop = before ? before.value - value : 0;
      shownS =
        before && drop > 0
          ? before.timeS + ((before.value - level) / drop) * (timeS - before.timeS)
          : timeS;
    }
    before = { timeS, value };
    return shownS !== undefined;
  });
  return shownS === undefined ? undefined : Math.max(fromS, shownS);
}

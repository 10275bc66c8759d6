import type { Found } from './improve';
import type { DayWeights } from './measure';
import type { DayModel } from './model';
import { recreate } from './recreate';
import { tighten } from './tighten';

/** A search for a better plan goes by rounds of so many tries, each of another kind than the one before it, in turn. */
export const TRIES = 200;
const KINDS = [tighten, tighten, recreate] as const;
/** What is worked by already is not built anew from other hours: it is changed bake by bake and task by task. */
const AT_WORK = [recreate] as const;
/** After so many rounds in all, or so many one after another that found nothing, the solver goes on from there. */
export const ROUNDS = 18;
export const IN_VAIN = 3;

/** What a round begins with: a way to build a plan, and what it was built by where a round before has found it. */
export type Begun = Pick<Found, 'way' | 'tried'>;

/**
 * One round of the search for a better plan, the first being 1: in fewer hours of people and otherwise parted ({@link tighten}),
 * or near the plan it begins with ({@link recreate}), of a day that is worked only this. Never worse than that; the same
 * round finds the same.
 */
export function betterOn(
  model: DayModel,
  { way, tried }: Begun,
  { round, weights }: { readonly round: number; readonly weights: DayWeights },
): Found {
  const kinds = model.session.past ? AT_WORK : KINDS;
  const look = kinds[(round - 1) % kinds.length]!;
  return look(model, {
    from: way,
    ...(tried ? { tried } : {}),
    tries: TRIES,
    seed: round,
    weights,
  });
}

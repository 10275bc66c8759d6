import { costOf, leastPresence, measure, type DayWeights } from '../measure';
import type { Found } from '../improve';
import type { DayModel } from '../model';
import { polish } from '../polish';
import { atFullest, coldPlaces, crowdedIn } from '../reading';
import { keeping } from '../recreate';
import type { DayPlan, Minute } from '../session';
import { LATE_WEIGHT, type Aim } from './aim';

/** What is known of a day: `prove` learns more of it until it is {@link settled}. */
export interface Known {
  /** The best plan by the weights. */
  readonly best: Found;
  /** Minutes late and past their best, weighed, of the plan with the fewest; without end where a bake is left out. */
  readonly trouble: number;
  readonly troubleProved: boolean;
  /** The least presence of any plan that was found with no more trouble, and what no such plan can be under, min. */
  readonly presenceMin: Minute;
  readonly leastMin: Minute;
  /** The plan that has it, to begin the next run from; the best one at first. */
  readonly leanest: DayPlan;
  /** No plan with more in the fridge or the freezer is looked for: their places, or what the first plan wants of them. */
  readonly places: Aim['places'];
  /** Tasks whose coming in was too much for the fridge or the freezer in some plan: what stands there then is counted. */
  readonly crowded: readonly string[];
}

/** Minutes late, weighed, and past their best; without end where something is left out. */
export function troubleOf(model: DayModel, plan: DayPlan): number {
  const { left, lateMin, pastBestMin } = measure(model, plan);
  return left > 0 ? Infinity : LATE_WEIGHT * lateMin + pastBestMin;
}

/** What is known of a day by one plan of it, before the solver is asked. */
export function knownBy(model: DayModel, best: Found): Known {
  const { left, lateMin, pastBestMin, presenceMin } = measure(model, best.plan);
  const places = coldPlaces(model);
  return {
    best,
    trouble: troubleOf(model, best.plan),
    troubleProved: left + lateMin + pastBestMin === 0,
    presenceMin: left > 0 ? Infinity : presenceMin,
    leastMin: leastPresence(model),
    leanest: best.plan,
    places: {
      fridge: Math.max(places.fridge, atFullest(model, best.plan, 'fridge').vessels),
      freezer: Math.max(places.freezer, atFullest(model, best.plan, 'freezer').vessels),
    },
    crowded: [],
  };
}

/** Whether there is nothing more to be found or proved. */
export const settled = ({ troubleProved, presenceMin, leastMin }: Known): boolean =>
  troubleProved && (presenceMin === Infinity || presenceMin <= leastMin);

/**
 * By how much the least presence that was found is more than what no plan can be under, as a share of that; nought where
 * it is proved the least.
 */
export const gapOf = ({
  presenceMin,
  leastMin,
}: Pick<Known, 'presenceMin' | 'leastMin'>): number =>
  presenceMin <= leastMin ? 0 : (presenceMin - leastMin) / leastMin;

/** What is known once a plan of the solver has come: of the best is the better one, each moved to its best minutes. */
export function withPlan(model: DayModel, known: Known, plan: DayPlan, weights: DayWeights): Known {
  const polished = polish(model, plan, weights);
  const cost = costOf(measure(model, polished), weights);
  const { best } = known;
  // Moved to its best minutes it may have less presence than it was found with, but also more, or other things in the cold.
  const [leanest, presenceMin] = [known.leanest, plan, polished]
    .map((each) => [each, measure(model, each).presenceMin] as const)
    .filter(([each]) => each === known.leanest || isAsGood(model, known, each))
    .reduce((least, each) => (each[1] < least[1] ? each : least));
  return {
    ...known,
    leanest,
    presenceMin: Math.min(known.presenceMin, presenceMin),
    best:
      cost < best.cost - 1e-9
        ? { plan: polished, cost, way: keeping(polished, best.way.order) }
        : best,
  };
}

/** Whether a plan has no more trouble than what is known, and a place for everything. */
const isAsGood = (model: DayModel, known: Known, plan: DayPlan): boolean =>
  troubleOf(model, plan) <= known.trouble && crowdedIn(model, plan, known.places).length === 0;

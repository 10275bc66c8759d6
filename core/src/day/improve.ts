import { construct, usualOrders, type Way } from './construct';
import { costOf, EVEN, measure, type DayWeights } from './measure';
import type { DayModel } from './model';
import type { Tried } from './parting';
import type { DayPlan } from './session';

/** A plan with what it costs, and how it was built. */
export interface Found {
  readonly plan: DayPlan;
  readonly cost: number;
  readonly way: Way;
  /** What {@link tighten} built it by, to go on from there. */
  readonly tried?: Tried;
}

/** Numbers from 0 to 1 that are the same for the same seed. Source: mulberry32, a public-domain generator, from memory. */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** How much sooner than it must a bake may be ready, min: enough to share a heat with its neighbours. */
const SOONER_MIN = [0, 15, 30, 45, 60, 90, 120, 180, 240, 360, 480, 720, 960, 1200] as const;

/** A plan a little different: two bakes change places, or one is ready sooner or later than before. */
function neighbour({ order, soonerMin = {} }: Way, random: () => number): Way {
  const pick = (length: number) => Math.floor(random() * length);
  if (order.length > 1 && random() < 0.4) {
    const next = [...order];
    const [moved] = next.splice(pick(next.length), 1);
    next.splice(pick(next.length + 1), 0, moved!);
    return { order: next, soonerMin };
  }
  const bake = order[pick(order.length)]!;
  return { order, soonerMin: { ...soonerMin, [bake]: SOONER_MIN[pick(SOONER_MIN.length)]! } };
}

/** So much dearer a plan may be taken at first, as a share of the best; less and less as the search goes on. */
const FIRST_HEAT = 0.03;

/** How {@link improve} is let run. */
export interface Search {
  readonly tries: number;
  readonly weights?: DayWeights;
  readonly seed?: number;
  /** Asked before each try: true ends the search with what was found. */
  readonly stop?: () => boolean;
  /** Told of each better plan. */
  readonly onBetter?: (found: Found) => void;
  readonly from?: Way;
  /** What the plan to begin with was built by; only {@link tighten} has use for it. */
  readonly tried?: Tried;
}

/** A search that begins with a plan, with all that was not said of it. */
export const completed = ({
  tries,
  from,
  weights = EVEN,
  seed = 1,
  stop = () => false,
  onBetter = () => undefined,
}: Search & { readonly from: Way }) => ({ tries, from, weights, seed, stop, onBetter });

/** A plan built in one way, with what it costs. */
export function foundBy(model: DayModel, way: Way, weights?: DayWeights): Found {
  const plan = construct(model, way);
  return { plan, cost: costOf(measure(model, plan), weights), way };
}

/** The best of the plans by the usual orders. */
const byUsualOrders = (model: DayModel, weights?: DayWeights): Found =>
  usualOrders(model)
    .map((order) => foundBy(model, { order }, weights))
    .reduce((best, next) => (next.cost < best.cost ? next : best));

/** So many more are tried at once where the first has something late, left out or past its best. */
const MORE_AT_ONCE = 24;

/** The plan that is shown first: the best of those by the usual orders, and of some like it where that is not sound. */
export function firstPlan(model: DayModel, weights?: DayWeights): Found {
  const first = byUsualOrders(model, weights);
  const { left, lateMin, pastBestMin } = measure(model, first.plan);
  return left + lateMin + pastBestMin > 0
    ? improve(model, { tries: MORE_AT_ONCE, from: first.way, ...(weights ? { weights } : {}) })
    : first;
}

/**
 * The way a day is planned by: the one it was found by before, with bakes that are new since then at its end and without
 * those that are gone; that of the first plan where it was never found.
 */
export function wayFor(model: DayModel, before: Way | undefined, presence: number): Way {
  if (!before) return firstPlan(model, { presence }).way;
  const [usual = []] = usualOrders(model);
  const known = before.order.filter((id) => usual.includes(id));
  const fresh = usual.filter((id) => !known.includes(id));
  return { ...before, order: [...known, ...fresh] };
}

/**
 * Looks for a better plan than the first: the same construction with bakes in another order and ready a little sooner,
 * by simulated annealing. The best that was found, never worse than the first. The same seed finds the same.
 */
export function improve(model: DayModel, search: Search): Found {
  const { tries, weights, seed = 1, stop = () => false, onBetter = () => undefined } = search;
  const random = randomFrom(seed);
  let best = search.from ? foundBy(model, search.from, weights) : firstPlan(model, weights);
  let now = best;
  for (let tried = 0; tried < tries && !stop(); tried += 1) {
    const next = foundBy(model, neighbour(now.way, random), weights);
    const heat = FIRST_HEAT * best.cost * (1 - tried / tries);
    if (next.cost < now.cost || (heat > 0 && random() < Math.exp((now.cost - next.cost) / heat))) {
      now = next;
    }
    if (next.cost < best.cost - 1e-9) {
      best = next;
      onBetter(best);
    }
  }
  return best;
}

import { construct, type Kept, type Way } from './construct';
import { completed, randomFrom, type Found, type Search } from './improve';
import { costOf, measure } from './measure';
import type { DayModel } from './model';
import { polish } from './polish';
import type { DayPlan } from './session';

/** Up to so many bakes are taken out of a plan at once. */
const TAKEN_OUT = 3;
/** How often a single task is moved beside another, instead. */
const MOVED_BESIDE = 0.7;
/** So much dearer a plan may be taken at first, as a share of the best; less and less as the search goes on. */
const FIRST_HEAT = 0.01;

/** A plan as a way that builds it again. */
export const keeping = (plan: DayPlan, order: Way['order']): Way => ({
  order,
  keep: plan.placed.map(({ endMin: _, ...kept }) => kept),
});

/** Some bakes taken out of a plan, to be put in last and anew, at their latest or some hours before. */
function takenOut(model: DayModel, { order, keep = [] }: Way, random: () => number): Way {
  const pick = (length: number) => Math.floor(random() * length);
  const staying = [...order];
  const out = Array.from({ length: Math.min(staying.length, 1 + pick(TAKEN_OUT)) }, () =>
    staying.splice(pick(staying.length), 1),
  ).flat();
  const sharedToo = random() < 0.5;
  return {
    order: [...staying, ...out],
    soonerMin: Object.fromEntries(out.map((bake) => [bake, random() < 0.5 ? 0 : pick(24) * 10])),
    keep: keep.filter(({ task }) => {
      const { bakes, id } = model.byId.get(task)!;
      return id.startsWith('shared:')
        ? !(sharedToo && bakes.some((bake) => out.includes(bake)))
        : !out.includes(bakes[0]!);
    }),
  };
}

/** One task moved to just before or just after another, and all that it drags along with it. */
function movedBeside(model: DayModel, { order, keep = [] }: Way, random: () => number): Way {
  const any = () => keep[Math.floor(random() * keep.length)]!;
  const [moved, beside] = [any(), any()];
  const minutesOf = ({ task }: Kept) => model.byId.get(task)!.minutes;
  const startMin =
    random() < 0.5 ? beside.startMin - minutesOf(moved) : beside.startMin + minutesOf(beside);
  return { order, keep: keep.map((each) => (each === moved ? { ...each, startMin } : each)) };
}

/**
 * Looks for better plans near one: a task is moved beside another, or some bakes are taken out and put in anew, each as
 * late as the rest lets it; what is gained by that is moved to its best minutes. Begins with the plan that `from` builds;
 * never worse than it, and the same seed finds the same. Source: "ruin and recreate" (Schrimpf et al., Journal of
 * Computational Physics 159, 2000).
 */
export function recreate(model: DayModel, search: Search & { readonly from: Way }): Found {
  const { tries, from, weights, seed, stop, onBetter } = completed(search);
  const random = randomFrom(seed);
  const found = (plan: DayPlan, order: Way['order']): Found => ({
    plan,
    cost: costOf(measure(model, plan), weights),
    way: keeping(plan, order),
  });
  const polished = ({ plan, way }: Found) => found(polish(model, plan, weights), way.order);
  const first = found(construct(model, from), from.order);
  let best = polished(first);
  let now = best;
  for (let tried = 0; tried < tries && !stop(); tried += 1) {
    const change = random() < MOVED_BESIDE ? movedBeside : takenOut;
    const way = change(model, now.way, random);
    const next = found(construct(model, way), way.order);
    const heat = FIRST_HEAT * best.cost * (1 - tried / tries);
    if (next.cost >= now.cost && !(heat > 0 && random() < Math.exp((now.cost - next.cost) / heat)))
      continue;
    now = next;
    if (now.cost < best.cost - 1e-9) {
      now = polished(now);
      best = now;
      onBetter(best);
    }
  }
  return best;
}

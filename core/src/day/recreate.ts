import { construct, type Way } from './construct';
import { randomFrom, type Found, type Search } from './improve';
import { costOf, EVEN, measure } from './measure';
import type { DayModel } from './model';
import { polish } from './polish';
import type { DayPlan } from './session';

/** Up to so many bakes are taken out of a plan at once. */
const TAKEN_OUT = 3;
/** So much dearer a plan may be taken at first, as a share of the best; less and less as the search goes on. */
const FIRST_HEAT = 0.01;

/** A plan as a way that builds it again. */
export const keeping = (plan: DayPlan, order: Way['order']): Way => ({
  order,
  keep: plan.placed.map(({ endMin: _, ...kept }) => kept),
});

/**
 * Looks for better plans near one: some bakes are taken out of it and put in anew, each as late as the rest lets it, and
 * what is gained by that is moved to its best minutes. Begins with the plan that `from` builds; never worse than it, and
 * the same seed finds the same. Source: "ruin and recreate" (Schrimpf et al., Journal of Computational Physics 159, 2000).
 */
export function recreate(model: DayModel, search: Search & { readonly from: Way }): Found {
  const {
    tries,
    from,
    weights = EVEN,
    seed = 1,
    stop = () => false,
    onBetter = () => undefined,
  } = search;
  const random = randomFrom(seed);
  const pick = (length: number) => Math.floor(random() * length);
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
    const staying = [...now.way.order];
    const out = Array.from({ length: Math.min(staying.length, 1 + pick(TAKEN_OUT)) }, () =>
      staying.splice(pick(staying.length), 1),
    ).flat();
    const again = random() < 0.5;
    const keep = now.way.keep!.filter(({ task }) => {
      const { bakes, id } = model.byId.get(task)!;
      const shared = id.startsWith('shared:');
      return shared
        ? !(again && bakes.some((bake) => out.includes(bake)))
        : !out.includes(bakes[0]!);
    });
    const soonerMin = Object.fromEntries(
      out.map((bake) => [bake, random() < 0.5 ? 0 : pick(24) * 10]),
    );
    const order = [...staying, ...out];
    const next = found(construct(model, { order, soonerMin, keep }), order);
    const heat = FIRST_HEAT * best.cost * (1 - tried / tries);
    if (next.cost >= now.cost && !(heat > 0 && random() < Math.exp((now.cost - next.cost) / heat)))
      continue;
    now = next;
    if (now.cost < best.cost * (1 + FIRST_HEAT)) now = polished(now);
    if (now.cost < best.cost - 1e-9) {
      best = now;
      onBetter(best);
    }
  }
  return best;
}

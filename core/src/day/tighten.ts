import { construct, type Way } from './construct';
import { completed, randomFrom, type Found, type Search } from './improve';
import { costOf, measure } from './measure';
import type { DayModel } from './model';
import { polish } from './polish';
import { keeping } from './recreate';
import type { DayPlan, Minute, Person } from './session';

/** A stretch that somebody works in, and the part of it that a plan may use; none where it may use nothing of it. */
interface Shift {
  readonly person: string;
  readonly fromMin: Minute;
  readonly toMin: Minute;
  readonly open: readonly [fromMin: Minute, toMin: Minute] | undefined;
}

/** The stretches of everybody, each open from the first hand to the last that a plan has in it. */
function shiftsOf(model: DayModel, plan: DayPlan): Shift[] {
  return model.session.means.people.flatMap(({ id, hours }) => {
    const mine = plan.placed.flatMap(({ task, startMin, people }) =>
      model.byId
        .get(task)!
        .busy.flatMap(({ fromMin, minutes }, index) =>
          people[index] === id ? [[startMin + fromMin, startMin + fromMin + minutes] as const] : [],
        ),
    );
    return hours.map(([fromMin, toMin]): Shift => {
      const here = mine.filter(([start]) => start >= fromMin && start < toMin);
      const open: Shift['open'] =
        here.length > 0
          ? [Math.min(...here.map(([start]) => start)), Math.max(...here.map(([, end]) => end))]
          : undefined;
      return { person: id, fromMin, toMin, open };
    });
  });
}

/** A day on which people are there no longer than their stretches are open. */
function within(model: DayModel, shifts: readonly Shift[]): DayModel {
  const { session } = model;
  const people = session.means.people.map((person): Person => ({
    ...person,
    hours: shifts.flatMap(({ person: of, open }) => (of === person.id && open ? [open] : [])),
  }));
  return { ...model, session: { ...session, means: { ...session.means, people } } };
}

/** By how much a stretch is opened or shut at once, min: up to two hours, in steps of five minutes. */
const STEP_MIN = 5;
const STEPS = 24;
/** A stretch that is opened anew is so long, min: at the least, and as much more as is drawn. */
const OPENED = { leastMin: 30, moreMin: 300 } as const;

type Draw = (below: number) => number;

/** One stretch opened, shut, made longer or shorter at one end, or moved. */
function changed(shift: Shift, draw: Draw): Shift {
  const { fromMin, toMin, open } = shift;
  if (!open) {
    if (draw(3) > 0) return shift;
    const begins = fromMin + draw(Math.max(1, toMin - fromMin - OPENED.leastMin));
    const length = OPENED.leastMin + draw(OPENED.moreMin);
    return { ...shift, open: [begins, Math.min(toMin, begins + length)] };
  }
  const by = STEP_MIN * (1 + draw(STEPS));
  const [from, to] = open;
  const way = draw(10);
  const next: readonly [Minute, Minute] | undefined =
    way === 0
      ? undefined
      : way < 4
        ? [from + by, to]
        : way < 7
          ? [from, to - by]
          : way === 7
            ? [Math.max(fromMin, from - by), to]
            : way === 8
              ? [from, Math.min(toMin, to + by)]
              : draw(2) === 0
                ? [Math.max(fromMin, from - by), to - by]
                : [from + by, Math.min(toMin, to + by)];
  return { ...shift, open: next && next[1] - next[0] >= STEP_MIN ? next : undefined };
}

/** A bake may be ready so many half hours sooner than it must. */
const SOONER = { stepMin: 30, steps: 24 } as const;

/** The order of a way and what is sooner in it, now and then a little different: what fits the hours is another plan then. */
function reordered({ order, soonerMin = {} }: Way, draw: Draw): Way {
  const next = [...order];
  if (draw(10) < 3) {
    const [moved] = next.splice(draw(next.length), 1);
    next.splice(draw(next.length + 1), 0, moved!);
  }
  const bake = next[draw(next.length)]!;
  const by = draw(2) === 0 ? 0 : SOONER.stepMin * draw(SOONER.steps);
  return { order: next, soonerMin: draw(10) < 3 ? { ...soonerMin, [bake]: by } : soonerMin };
}

/** So much dearer a plan may be taken at first, as a share of the best; less and less as the search goes on. */
const FIRST_HEAT = 0.02;

/**
 * Looks for plans in which people are there for less long: their hours are shut from either end, or altogether, and the day is
 * built anew in what is left of them, by simulated annealing over what is open. Begins with the plan that `from` builds; never
 * worse than it, every plan holds in the hours there really are, and the same seed finds the same.
 */
export function tighten(model: DayModel, search: Search & { readonly from: Way }): Found {
  const { tries, from, weights, seed, stop, onBetter } = completed(search);
  const random = randomFrom(seed);
  const draw: Draw = (below) => Math.floor(random() * below);
  const found = (plan: DayPlan, { order }: Way): Found => ({
    plan,
    cost: costOf(measure(model, plan), weights),
    way: keeping(plan, order),
  });
  const first = construct(model, from);
  let best = found(first, from);
  if (from.order.length === 0) return best;
  let now = { cost: best.cost, shifts: shiftsOf(model, first), way: from };
  for (let tried = 0; tried < tries && !stop(); tried += 1) {
    const shifts = [...now.shifts];
    for (let times = 1 + draw(2); times > 0; times -= 1) {
      const which = draw(shifts.length);
      const shift = shifts[which];
      if (shift) shifts[which] = changed(shift, draw);
    }
    const way = reordered(now.way, draw);
    const plan = construct(within(model, shifts), way);
    const next = found(plan, way);
    const heat = FIRST_HEAT * best.cost * (1 - tried / tries);
    if (next.cost >= now.cost && !(heat > 0 && random() < Math.exp((now.cost - next.cost) / heat)))
      continue;
    now = { cost: next.cost, shifts: shiftsOf(model, plan), way };
    if (next.cost < best.cost - 1e-9) {
      best = next;
      onBetter(best);
    }
  }
  const polished = found(polish(model, best.plan, weights), best.way);
  return polished.cost < best.cost ? polished : best;
}

import { construct, usualOrders, type Way } from './construct';
import { completed, randomFrom, type Found, type Search } from './improve';
import { costOf, measure } from './measure';
import type { DayModel } from './model';
import {
  alikeParted,
  partedAs,
  partedOtherwise,
  partingsIn,
  type Draw,
  type Parted,
  type Partings,
  type Shift,
  type Tried,
} from './parting';
import { polish } from './polish';
import { keeping } from './recreate';
import type { DayPlan, Minute, Person } from './session';

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

/** So much dearer a plan may be taken at first, as a share of the best; less and less as the search goes on. */
const FIRST_HEAT = 0.008;

/** Of ten changes of hours so many are of something else as well; of ten other changes so many are of two things at once. */
const WITH_MORE = 3;
const TWO_AT_ONCE = 3;

/** Something tried, with the plan that came of it. */
interface Came {
  readonly tried: Tried;
  readonly plan: DayPlan;
  readonly cost: number;
}

/** The hours a plan uses, one or two stretches of them changed. */
function otherHours(model: DayModel, plan: DayPlan, draw: Draw): Shift[] {
  const shifts = shiftsOf(model, plan);
  for (let times = 1 + draw(2); times > 0; times -= 1) {
    const which = draw(shifts.length);
    const shift = shifts[which];
    if (shift) shifts[which] = changed(shift, draw);
  }
  return shifts;
}

/** Something a little different from what came of a try: other hours, parted otherwise, or both. */
function changedFrom(model: DayModel, partings: Partings, now: Came, draw: Draw): Tried {
  const stretches = model.session.means.people.flatMap(({ hours }) => hours).length;
  // The more stretches there are, the more of the search lies in them: half of it where there are two.
  const inHours = draw(stretches + 2) < stretches;
  const shifts = inHours ? otherHours(model, now.plan, draw) : now.tried.shifts;
  const two = draw(10) < TWO_AT_ONCE ? 2 : 1;
  let parted: Parted = now.tried;
  for (let times = inHours && draw(10) >= WITH_MORE ? 0 : two; times > 0; times -= 1)
    parted = partedOtherwise(model, partings, parted, now.plan, draw);
  const { way, latestMin } = parted;
  return { way, latestMin, ...(shifts ? { shifts } : {}) };
}

/**
 * Looks for plans in which people are there for less long: their hours are shut from either end, or altogether, bakes lie over
 * from one stretch of work to another ({@link partedOtherwise}), and the day is built anew by that, by simulated annealing.
 * Begins with the plan that `from` builds and goes on from what it was `tried` by; from how it is parted where that is not
 * said but a search found it; else, before the first of its tries, with all bakes parted at the same place, in each of the
 * usual orders. Never worse than it, every plan holds in the hours there really are, and the same seed finds the same.
 */
export function tighten(model: DayModel, search: Search & { readonly from: Way }): Found {
  const { tries, from, weights, seed, stop, onBetter } = completed(search);
  const random = randomFrom(seed);
  const draw: Draw = (below) => Math.floor(random() * below);
  const built = (tried: Tried): Came => {
    const { way, latestMin, shifts } = tried;
    const plan = construct(shifts ? within(model, shifts) : model, way, latestMin);
    return { tried, plan, cost: costOf(measure(model, plan), weights) };
  };
  const found = ({ plan, cost, tried }: Came): Found => ({
    ...{ plan, cost, tried },
    way: keeping(plan, from.order),
  });
  const first = built({ way: from, latestMin: {} });
  let best = first;
  const consider = (came: Came): void => {
    if (came.cost >= best.cost - 1e-9) return;
    best = came;
    onBetter(found(best));
  };
  if (from.order.length === 0) return found(first);
  const partings = partingsIn(model);
  const known = search.tried ?? (from.keep && partedAs(model, first.plan, from.order));
  const starts =
    tries === 0
      ? []
      : known
        ? [known]
        : usualOrders(model).flatMap((order) => alikeParted(model, partings, order));
  let now = first;
  for (const start of starts) {
    if (stop()) break;
    const came = built(start);
    // What a search found is built by its partings only nearly: what is changed next is changed in those, even so.
    if (known || came.cost < now.cost) now = came;
    consider(came);
  }
  for (let tried = 0; tried < tries && !stop(); tried += 1) {
    const next = built(changedFrom(model, partings, now, draw));
    const heat = FIRST_HEAT * best.cost * (1 - tried / tries);
    if (next.cost >= now.cost && random() >= Math.exp((now.cost - next.cost) / heat)) continue;
    now = next;
    consider(now);
  }
  const plan = polish(model, best.plan, weights);
  const polished = { ...best, plan, cost: costOf(measure(model, plan), weights) };
  return found(polished.cost < best.cost ? polished : best);
}

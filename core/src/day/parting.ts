import type { Latest, Way } from './construct';
import type { DayModel } from './model';
import type { DayPlan, Minute } from './session';

/** Draws a whole number from nought to one less than this. */
export type Draw = (below: number) => number;

/** What a plan is built from: an order, what is ready sooner than it must, and what starts no later than it may. */
export interface Parted {
  readonly way: Way;
  readonly latestMin: Latest;
}

/** A stretch that somebody works in, and the part of it that a plan may use; none where it may use nothing of it. */
export interface Shift {
  readonly person: string;
  readonly fromMin: Minute;
  readonly toMin: Minute;
  readonly open: readonly [fromMin: Minute, toMin: Minute] | undefined;
}

/** How bakes are parted, and the hours they are built in; all there are where none are said. */
export interface Tried extends Parted {
  readonly shifts?: readonly Shift[];
}

/** What may lie for so much longer than it must can be parted there: from one stretch of work to another. */
const LIES_MIN = 240;
/** What lies so much longer in a plan than it must is parted there. */
const LAIN_MIN = 60;
/** Bakes may be ready together so long before the first of them is wanted, in these steps, min. */
const TOGETHER = { stepMin: 30, mostMin: 600 } as const;
/** Of these, what is tried at once. */
const TOGETHER_AT_ONCE = [0, 120, 300, 600] as const;
/** A task is moved up by so much at the most, min. */
const MOVED_UP_MIN = 90;

/** Tasks after which a bake can lie for hours, from the last to the first. */
function partingsOf(model: DayModel, bake: string): string[] {
  const lies = (id: string) => {
    const after = model.after.get(id) ?? [];
    return (
      after.length > 0 && after.every(({ leastMin, mostMin }) => mostMin >= leastMin + LIES_MIN)
    );
  };
  return model.jobs
    .filter(({ id, bakes, past }) => !past && bakes.includes(bake) && lies(id))
    .sort((a, b) => model.headMin.get(b.id)! - model.headMin.get(a.id)!)
    .map(({ id }) => id);
}

/** The bakes of a day as they can be parted, and when stretches of work end. */
export interface Partings {
  readonly dueMin: ReadonlyMap<string, Minute>;
  readonly tasks: ReadonlyMap<string, readonly string[]>;
  /** The most places any bake can be parted at. */
  readonly places: number;
  readonly endsMin: readonly Minute[];
}

/** Where the bakes of a day can be parted. */
export function partingsIn(model: DayModel): Partings {
  const { wanted, means } = model.session;
  const tasks = new Map(wanted.map(({ id }) => [id, partingsOf(model, id)]));
  return {
    dueMin: new Map(wanted.map(({ id, dueMin }) => [id, dueMin])),
    tasks,
    places: Math.max(0, ...[...tasks.values()].map(({ length }) => length)),
    endsMin: [...new Set(means.people.flatMap(({ hours }) => hours.map(([, to]) => to)))],
  };
}

/** Some bakes with one place each at which they are parted, what comes before it done by an hour; nowhere where `place` is none. */
function partedAt(
  model: DayModel,
  { tasks }: Partings,
  latestMin: Latest,
  { bakes, place, byMin }: { bakes: readonly string[]; place: number | undefined; byMin: Minute },
): Latest {
  const next: Record<string, Minute> = { ...latestMin };
  for (const bake of bakes) {
    for (const task of tasks.get(bake)!) delete next[task];
    const task = place === undefined ? undefined : tasks.get(bake)![place];
    if (task !== undefined) next[task] = byMin - model.byId.get(task)!.minutes;
  }
  return next;
}

/** Some bakes ready at one hour, those that are wanted before it at their own. */
const readyAt = (
  { dueMin }: Partings,
  soonerMin: Way['soonerMin'],
  bakes: readonly string[],
  atMin: Minute,
): Way['soonerMin'] => ({
  ...soonerMin,
  ...Object.fromEntries(bakes.map((bake) => [bake, Math.max(0, dueMin.get(bake)! - atMin)])),
});

const firstDue = ({ dueMin }: Partings): Minute => Math.min(...dueMin.values());

/** All bakes of an order parted at the same place, ready together or each at its hour. */
export function alikeParted(
  model: DayModel,
  partings: Partings,
  order: Way['order'],
): readonly Parted[] {
  const together = [undefined, ...TOGETHER_AT_ONCE.map((by) => firstDue(partings) - by)];
  const places = Array.from({ length: partings.places }, (_, place) => place);
  const nowhere = { place: undefined, byMin: 0 };
  return [
    nowhere,
    ...partings.endsMin.flatMap((byMin) => places.map((place) => ({ place, byMin }))),
  ]
    .map((where) => partedAt(model, partings, {}, { bakes: order, ...where }))
    .flatMap((latestMin) =>
      together.map((atMin) => ({
        way:
          atMin === undefined
            ? { order }
            : { order, soonerMin: readyAt(partings, {}, order, atMin) },
        latestMin,
      })),
    );
}

/** A plan as it is parted: built from this it is much the same, and can be changed in one place. */
export function partedAs(model: DayModel, plan: DayPlan, order: Way['order']): Parted {
  const at = new Map(plan.placed.map((each) => [each.task, each]));
  const spareMin = new Map<string, Minute>();
  for (const { bake, job, dueMin, leastMin } of model.dues) {
    const held = at.get(job);
    if (!held) continue;
    const spare = Math.max(0, dueMin - leastMin - held.endMin);
    spareMin.set(bake, Math.min(spare, spareMin.get(bake) ?? Infinity));
  }
  const lain = model.jobs.flatMap(({ id, past }) => {
    const held = at.get(id);
    const after = (model.after.get(id) ?? []).flatMap(({ to, leastMin }) => {
      const next = at.get(to);
      return held && next ? [next.startMin - held.endMin - leastMin] : [];
    });
    return held && !past && after.length > 0 && Math.min(...after) > LAIN_MIN
      ? [[id, held.startMin] as const]
      : [];
  });
  return {
    way: { order, soonerMin: Object.fromEntries(spareMin) },
    latestMin: Object.fromEntries(lain),
  };
}

/** Some of the bakes: all of them, a few or none, as it is drawn. */
function someOf(order: Way['order'], draw: Draw): string[] {
  const share = 1 + draw(10);
  return order.filter(() => draw(10) < share);
}

/** One task that starts before another or sooner than it did; or that may start as late as it can, again. */
function oneMoved(model: DayModel, { way, latestMin }: Parted, plan: DayPlan, draw: Draw): Parted {
  const { placed } = plan;
  const held = placed[draw(placed.length)];
  if (!held) return { way, latestMin };
  const known = Object.keys(latestMin);
  const kind = draw(10);
  if (kind < 4 && known.length > 0) {
    const { [known[draw(known.length)]!]: _, ...others } = latestMin;
    return { way, latestMin: others };
  }
  const startMin =
    kind < 8
      ? placed[draw(placed.length)]!.startMin - model.byId.get(held.task)!.minutes
      : held.startMin - 1 - draw(MOVED_UP_MIN);
  return { way, latestMin: { ...latestMin, [held.task]: startMin } };
}

/** One bake somewhere else in the order. */
function reordered({ way, latestMin }: Parted, draw: Draw): Parted {
  const order = [...way.order];
  const [moved] = order.splice(draw(order.length), 1);
  order.splice(draw(order.length + 1), 0, moved!);
  return { way: { ...way, order }, latestMin };
}

/**
 * A little different: a bake elsewhere in the order or ready sooner, some ready together, some parted at the same place, or one
 * task moved. What lies best over a night lies so for several bakes at once, and no bake gains by it alone.
 */
export function partedOtherwise(
  model: DayModel,
  partings: Partings,
  parted: Parted,
  plan: DayPlan,
  draw: Draw,
): Parted {
  const { way, latestMin } = parted;
  const { order, soonerMin } = way;
  const kind = draw(20);
  if (kind < 3) return reordered(parted, draw);
  if (kind < 5) {
    const bake = order[draw(order.length)]!;
    const by = draw(2) === 0 ? 0 : TOGETHER.stepMin * draw(TOGETHER.mostMin / TOGETHER.stepMin);
    return { way: { ...way, soonerMin: { ...soonerMin, [bake]: by } }, latestMin };
  }
  if (kind < 7) {
    const last = Math.max(...partings.dueMin.values());
    const atMin = last - draw(last - firstDue(partings) + TOGETHER.mostMin);
    return {
      way: { ...way, soonerMin: readyAt(partings, soonerMin, someOf(order, draw), atMin) },
      latestMin,
    };
  }
  if (kind < 12) {
    const place = draw(partings.places + 1);
    return {
      way,
      latestMin: partedAt(model, partings, latestMin, {
        bakes: someOf(order, draw),
        place: place === partings.places ? undefined : place,
        byMin: partings.endsMin[draw(partings.endsMin.length)]!,
      }),
    };
  }
  return oneMoved(model, parted, plan, draw);
}

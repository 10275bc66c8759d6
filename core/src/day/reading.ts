import { preheatMin } from '../oven';
import { COLD_ROOM_OF, COLD_ROOMS, OUT_OF_THE_COLD_MIN, type ColdRoom, type Verb } from '../work';
import { changeMin } from './taken';
import type { DayModel } from './model';
import type { DayOven, DayPlan, Minute, Placed } from './session';

/** What an oven does for a stretch: heats to a setting, or has a load in it. */
export interface OvenStretchOfDay {
  readonly ovenId: string;
  readonly fromMin: Minute;
  readonly toMin: Minute;
  readonly kind: 'heating' | 'cooling' | 'load';
  readonly setC: number;
  /** The jobs that are in it. */
  readonly tasks: readonly string[];
}

/** Longer than this between two loads an oven is switched off, min. Common practice. */
export const OFF_AFTER_MIN = 90;

/** The heats of one oven over a plan: when it is switched on, turned, loaded. */
export function programmeOfOven(model: DayModel, plan: DayPlan, oven: DayOven): OvenStretchOfDay[] {
  const { roomC } = model.session.means;
  const loads = plan.placed
    .filter(({ ovenId }) => ovenId === oven.id)
    .sort((a, b) => a.startMin - b.startMin);
  const stretches: OvenStretchOfDay[] = [];
  let before: { readonly toMin: Minute; readonly endC: number } | undefined;
  for (const { task, startMin, endMin } of loads) {
    const { setC, endC } = model.byId.get(task)!.oven!.need;
    const off = !before || startMin - before.toMin > OFF_AFTER_MIN;
    const turned = before && Math.abs(before.endC - setC) > 0;
    const heatMin = off
      ? Math.ceil(preheatMin(oven.kind, setC + oven.offsetK, roomC))
      : turned
        ? changeMin(oven, before!.endC, setC, roomC)
        : 0;
    if (heatMin > 0) {
      stretches.push({
        ovenId: oven.id,
        fromMin: startMin - heatMin,
        toMin: startMin,
        kind: !off && before!.endC > setC ? 'cooling' : 'heating',
        setC,
        tasks: [],
      });
    }
    stretches.push({
      ovenId: oven.id,
      fromMin: startMin,
      toMin: endMin,
      kind: 'load',
      setC,
      tasks: [task],
    });
    before = { toMin: Math.max(endMin, before?.toMin ?? -Infinity), endC };
  }
  return together(stretches);
}

/** Loads that go in together, or while the oven is at the same heat, as one stretch. */
function together(stretches: readonly OvenStretchOfDay[]): OvenStretchOfDay[] {
  const joined: OvenStretchOfDay[] = [];
  for (const each of stretches) {
    const last = joined.at(-1);
    if (
      last?.kind === 'load' &&
      each.kind === 'load' &&
      last.setC === each.setC &&
      each.fromMin < last.toMin
    ) {
      joined[joined.length - 1] = {
        ...last,
        toMin: Math.max(last.toMin, each.toMin),
        tasks: [...last.tasks, ...each.tasks],
      };
    } else joined.push(each);
  }
  return joined;
}

/** After these a thing is in its tins, and takes a place for each; before, a bowl or a disc takes one. */
const IN_TINS: ReadonlySet<Verb> = new Set([
  'roll-and-line',
  'press-in',
  'spread-under',
  'fill',
  'lay-on',
  'to-the-fridge',
]);

/** What stands in the fridge or the freezer from the end of a job until the last of `to` begins and the last hour of `dueMin`. */
export interface Chilled {
  readonly task: string;
  readonly room: ColdRoom;
  readonly to: readonly string[];
  readonly dueMin: readonly Minute[];
  readonly vessels: number;
}

/** All that stands in the cold at some time of a day, whatever its plan. */
export const chilledIn = (model: DayModel): Chilled[] =>
  model.jobs.flatMap(({ id, task: { verb, vessels } }) =>
    COLD_ROOMS.flatMap((room) => {
      const to = (model.after.get(id) ?? [])
        .filter(({ wait }) => COLD_ROOM_OF[wait] === room)
        .map((edge) => edge.to);
      // What was chilled last is in the fridge until it is fetched.
      const dueMin =
        room === 'fridge' && (verb === 'to-the-fridge' || verb === 'fill')
          ? model.dues.filter(({ job }) => job === id).map((due) => due.dueMin)
          : [];
      return to.length + dueMin.length > 0
        ? [{ task: id, room, to, dueMin, vessels: IN_TINS.has(verb) ? vessels : 1 }]
        : [];
    }),
  );

/** Whether anything of a day is ever in the freezer. */
export const freezes = (model: DayModel): boolean =>
  chilledIn(model).some(({ room }) => room === 'freezer');

/** Places in each cold room. */
export const coldPlaces = ({
  session: { means },
}: DayModel): Readonly<Record<ColdRoom, number>> => ({
  fridge: means.fridgePlaces,
  freezer: means.freezerPlaces,
});

/** What stands in a cold room by a plan, and until when. */
function chilledAfter(model: DayModel, plan: DayPlan, of: ColdRoom) {
  const at = new Map(plan.placed.map((each) => [each.task, each]));
  return chilledIn(model).flatMap(({ task, room, to, dueMin, vessels }) => {
    const held = at.get(task);
    if (!held || room !== of) return [];
    const toMin = Math.max(...to.flatMap((next) => at.get(next)?.startMin ?? []), ...dueMin);
    return toMin > held.endMin ? [{ fromMin: held.endMin, toMin, vessels }] : [];
  });
}

/** So many vessels in the cold from a minute on. */
export interface InTheCold {
  readonly fromMin: Minute;
  readonly vessels: number;
}

/** What stands in a cold room over a plan, from each minute at which that changes on; empty where nothing ever does. */
export function coldCourse(model: DayModel, plan: DayPlan, room: ColdRoom): InTheCold[] {
  const cold = chilledAfter(model, plan, room);
  const minutes = [...new Set(cold.flatMap(({ fromMin, toMin }) => [fromMin, toMin]))];
  return minutes
    .sort((a, b) => a - b)
    .map((fromMin) => ({
      fromMin,
      vessels: cold
        .filter((each) => each.fromMin <= fromMin && each.toMin > fromMin)
        .reduce((sum, each) => sum + each.vessels, 0),
    }));
}

/** Places of a cold room that a plan wants at its fullest, and when. */
export const atFullest = (
  model: DayModel,
  plan: DayPlan,
  room: ColdRoom,
): { readonly vessels: number; readonly atMin: Minute } =>
  coldCourse(model, plan, room).reduce(
    (most, { fromMin, vessels }) => (vessels > most.vessels ? { vessels, atMin: fromMin } : most),
    { vessels: 0, atMin: 0 },
  );

/** The tasks that put into a cold room what it has no place for, by a plan. */
export const crowdedIn = (
  model: DayModel,
  plan: DayPlan,
  places: Readonly<Record<ColdRoom, number>>,
): string[] =>
  COLD_ROOMS.flatMap((room) => {
    const over = new Set(
      coldCourse(model, plan, room).flatMap(({ fromMin, vessels }) =>
        vessels > places[room] ? [fromMin] : [],
      ),
    );
    if (over.size === 0) return [];
    const end = new Map(plan.placed.map(({ task, endMin }) => [task, endMin]));
    return chilledIn(model).flatMap((each) =>
      each.room === room && over.has(end.get(each.task) ?? NaN) ? [each.task] : [],
    );
  });

/** Bakes of egg and dairy that stand out of the cold for longer than they may before their hour, and for how long. */
export function tooLongOut(
  model: DayModel,
  plan: DayPlan,
): { readonly bake: string; readonly minutes: Minute }[] {
  const at = new Map(plan.placed.map((each) => [each.task, each]));
  return model.dues.flatMap(({ bake, job, dueMin, mostMin }) => {
    const held = at.get(job);
    if (!held || model.byId.get(job)!.task.verb !== 'bake' || mostMin > OUT_OF_THE_COLD_MIN) {
      return [];
    }
    const minutes = dueMin - held.endMin;
    return minutes > mostMin ? [{ bake, minutes }] : [];
  });
}

/** What one person does, in order. */
export function worklistOf(
  model: DayModel,
  plan: DayPlan,
  personId: string,
): { readonly placed: Placed; readonly fromMin: Minute; readonly minutes: number }[] {
  return plan.placed
    .flatMap((placed) =>
      model.byId
        .get(placed.task)!
        .busy.flatMap(({ fromMin, minutes }, index) =>
          placed.people[index] === personId
            ? [{ placed, fromMin: placed.startMin + fromMin, minutes }]
            : [],
        ),
    )
    .sort((a, b) => a.fromMin - b.fromMin);
}

/** When each bake is ready by a plan: its last task over and what follows it waited for; none of one that was left out. */
export function readyAt(model: DayModel, plan: DayPlan): ReadonlyMap<string, Minute> {
  const ends = new Map(plan.placed.map(({ task, endMin }) => [task, endMin]));
  const ready = new Map<string, Minute>();
  for (const { bake, job, leastMin } of model.dues) {
    const endMin = ends.get(job);
    if (endMin === undefined || plan.left.includes(bake)) continue;
    ready.set(bake, Math.max(ready.get(bake) ?? -Infinity, endMin + leastMin));
  }
  return ready;
}

import { preheatMin } from '../oven';
import { COLD_WAITS, type Wait } from '../work';
import { changeMin } from './taken';
import type { DayModel } from './model';
import type { DayOven, DayPlan, Minute, Placed } from './session';

/** What an oven does for a stretch: heats to a setting, or has a load in it. */
export interface OvenStretchOfDay {
  readonly ovenId: string;
  readonly fromMin: Minute;
  readonly toMin: Minute;
  readonly kind: 'heating' | 'cooling' | 'load' | 'waiting';
  readonly setC: number;
  /** The jobs that are in it. */
  readonly tasks: readonly string[];
}

/** Longer than this between two loads an oven is switched off, min. Common practice. */
const OFF_AFTER_MIN = 90;

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

/** A stretch in which something waits, and where. */
export interface Waiting {
  readonly from: string;
  readonly to: string;
  readonly fromMin: Minute;
  readonly toMin: Minute;
  readonly wait: Wait;
  readonly vessels: number;
}

/** What waits between two tasks of a plan, and between the last task and the table. */
export function waitingIn(model: DayModel, plan: DayPlan): Waiting[] {
  const at = new Map(plan.placed.map((each) => [each.task, each]));
  return model.edges.flatMap(({ from, to, wait }) => {
    const [a, b] = [at.get(from), at.get(to)];
    if (!a || !b || b.startMin <= a.endMin) return [];
    const { vessels } = model.byId.get(from)!.task;
    return [{ from, to, fromMin: a.endMin, toMin: b.startMin, wait, vessels }];
  });
}

/** Places of the fridge that a plan wants at its fullest, and when. */
export function fridgeAtFullest(
  model: DayModel,
  plan: DayPlan,
): { readonly vessels: number; readonly atMin: Minute } {
  const at = new Map(plan.placed.map((each) => [each.task, each]));
  const cold = [
    ...waitingIn(model, plan).filter(({ wait }) => COLD_WAITS.has(wait)),
    // In the fridge until they are fetched.
    ...model.dues.flatMap(({ job, dueMin }) => {
      const held = at.get(job);
      const { verb, vessels } = model.byId.get(job)!.task;
      const inCold = verb === 'to-the-fridge' || (verb === 'fill' && held);
      return held && inCold ? [{ fromMin: held.endMin, toMin: dueMin, vessels }] : [];
    }),
  ];
  return cold.reduce(
    (most, { fromMin }) => {
      const vessels = cold
        .filter((each) => each.fromMin <= fromMin && each.toMin > fromMin)
        .reduce((sum, each) => sum + each.vessels, 0);
      return vessels > most.vessels ? { vessels, atMin: fromMin } : most;
    },
    { vessels: 0, atMin: 0 },
  );
}

/** Food kept for service without heat or cold is eaten or thrown away within so long, min. Source: FDA Food Code 2017, 3-501.19 (4 h), from memory. */
export const OUT_OF_THE_COLD_MIN = 4 * 60;

/** How long a finished bake stands out of the cold before its hour, min; nothing where it is chilled. */
export function outOfTheCold(
  model: DayModel,
  plan: DayPlan,
): { readonly bake: string; readonly minutes: Minute }[] {
  const at = new Map(plan.placed.map((each) => [each.task, each]));
  return model.session.wanted.flatMap(({ id, dueMin, work }) => {
    if (work.tasks.some(({ verb }) => verb === 'to-the-fridge')) return [];
    const bake = model.jobs.find(({ bakes, task }) => bakes.includes(id) && task.verb === 'bake');
    const held = bake && at.get(bake.id);
    return held ? [{ bake: id, minutes: dueMin - held.endMin }] : [];
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

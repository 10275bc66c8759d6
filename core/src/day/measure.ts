import type { DayModel } from './model';
import type { DayPlan, Minute } from './session';

/** What a plan costs, all in minutes but the changes of heat. */
export interface Measures {
  /** Bakes that were left out, and minutes that the others come late. */
  readonly left: number;
  readonly lateMin: Minute;
  /** Minutes that something is past its best when it is served. */
  readonly pastBestMin: Minute;
  /** Minutes that people are there: from the first thing to the last in each of their stretches. */
  readonly presenceMin: Minute;
  /** Of these, minutes that they are busy: no plan has less presence than this. */
  readonly busyMin: Minute;
  /** Minutes waited for longer than it must be, over all waits that are not for keeping. */
  readonly waitedMin: Minute;
  /** Times an oven is turned to another heat. */
  readonly changes: number;
}

/** What a wait costs against presence: what stands in the cold suffers little, what stands in the room more. */
const SUFFERS: Readonly<Record<string, number>> = {
  'rest-cold': 0.2,
  chill: 0.5,
  set: 0.5,
  keep: 0.2,
};

/** Measures a plan; it need not be a good one. */
export function measure(model: DayModel, plan: DayPlan): Measures {
  const at = new Map(plan.placed.map((each) => [each.task, each]));
  const { people, ovens } = model.session.means;
  let presenceMin = 0;
  let busyMin = 0;
  for (const { id, hours } of people) {
    const mine = plan.placed.flatMap(({ task, startMin, people: hands }) => {
      const { busy } = model.byId.get(task)!;
      return busy.flatMap(({ fromMin, minutes }, index) =>
        hands[index] === id ? [[startMin + fromMin, startMin + fromMin + minutes] as const] : [],
      );
    });
    for (const [from, to] of hours) {
      const here = mine.filter(([start]) => start >= from && start < to);
      if (here.length === 0) continue;
      presenceMin += Math.max(...here.map(([, end]) => end)) - Math.min(...here.map(([s]) => s));
      busyMin += here.reduce((sum, [start, end]) => sum + end - start, 0);
    }
  }
  const waitedMin = model.edges.reduce((sum, { from, to, leastMin, wait }) => {
    const [a, b] = [at.get(from), at.get(to)];
    return a && b ? sum + (SUFFERS[wait] ?? 1) * (b.startMin - a.endMin - leastMin) : sum;
  }, 0);
  const pastBestMin = model.dues.reduce((sum, { bake, job, dueMin, mostMin }) => {
    const late = plan.late.find((each) => each.bake === bake)?.minutes ?? 0;
    const held = at.get(job);
    return held ? sum + Math.max(0, dueMin + late - held.endMin - mostMin) : sum;
  }, 0);
  const changes = ovens.reduce((sum, { id }) => {
    const loads = plan.placed
      .filter(({ ovenId }) => ovenId === id)
      .map(({ task }) => model.byId.get(task)!.oven!.need);
    return (
      sum + loads.filter(({ setC }, index) => index > 0 && setC !== loads[index - 1]!.endC).length
    );
  }, 0);
  return {
    left: plan.left.length,
    lateMin: plan.late.reduce((sum, { minutes }) => sum + minutes, 0),
    pastBestMin,
    presenceMin,
    busyMin,
    waitedMin,
    changes,
  };
}

/** What a minute of being there is worth against a minute of waiting; 0.5 where the cook has not said. */
export interface DayWeights {
  readonly presence: number;
}

/** Being late is worse than any presence; leaving something out is worse than being late. */
const LATE = 1000;
const LEFT = 1e6;
const PAST_BEST = 20;
/** A change of heat, in minutes of presence. Common practice: the look and the turn, and what the oven burns. */
const CHANGE_MIN = 6;
const WAITED = 0.2;

/** One figure for what a plan costs, less being better: in the order in which a kitchen minds. */
export const costOf = (of: Measures, { presence }: DayWeights = { presence: 0.5 }): number =>
  LEFT * of.left +
  LATE * of.lateMin +
  PAST_BEST * of.pastBestMin +
  2 * presence * of.presenceMin +
  2 * (1 - presence) * WAITED * of.waitedMin +
  CHANGE_MIN * of.changes;

/**
 * The least presence any plan can have: all the hands there are to be given, since nobody does two things at once. The
 * true least may be more.
 */
export const leastPresence = (model: DayModel): Minute =>
  model.jobs.reduce(
    (sum, { busy }) => sum + busy.reduce((all, { minutes }) => all + minutes, 0),
    0,
  );

import { COLD_ROOMS, type Wait } from '../work';
import type { DayModel } from './model';
import { atFullest, coldPlaces } from './reading';
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
  /** Vessels for which there is no place in the fridge at its fullest, and in the freezer at its own. */
  readonly coldOver: number;
  /** Times an oven is turned to another heat. */
  readonly changes: number;
  /** Tasks that begin at another minute than where the session says they stood. */
  readonly moved: number;
}

/** What a wait costs against presence: what stands in the cold suffers little, what stands in the room more. */
const SUFFERS: Readonly<Partial<Record<Wait, number>>> = {
  'rest-cold': 0.2,
  freeze: 0.2,
  chill: 0.5,
  set: 0.5,
  keep: 0.2,
};
export const suffersOf = (wait: Wait): number => SUFFERS[wait] ?? 1;

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
    return a && b ? sum + suffersOf(wait) * (b.startMin - a.endMin - leastMin) : sum;
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
    coldOver: COLD_ROOMS.reduce(
      (sum, room) =>
        sum + Math.max(0, atFullest(model, plan, room).vessels - coldPlaces(model)[room]),
      0,
    ),
    changes,
    moved: (model.session.stood ?? []).filter(({ task, startMin }) => {
      const now = at.get(task);
      return now !== undefined && now.startMin !== startMin;
    }).length,
  };
}

/** What a minute of being there is worth against a minute of waiting; 0.5 where the cook has not said. */
export interface DayWeights {
  readonly presence: number;
}

/**
 * What a minute of each weighs. Being late is worse than any presence; leaving something out is worse than being late. A
 * change of heat is worth some minutes of presence: the look and the turn, and what the oven burns. Common practice; that
 * of a task that moves is from memory.
 */
export const WEIGHT = {
  left: 1e6,
  late: 1000,
  pastBest: 20,
  /** A vessel for which room has to be made. */
  cold: 60,
  change: 6,
  /** Whoever works by a plan has to read it anew where it moves. */
  moved: 3,
  presence: ({ presence }: DayWeights) => 2 * presence,
  waited: ({ presence }: DayWeights) => 2 * (1 - presence) * 0.2,
} as const;

/** Where the cook has not said what counts more. */
export const EVEN: DayWeights = { presence: 0.5 };

/** One figure for what a plan costs, less being better: in the order in which a kitchen minds. */
export const costOf = (of: Measures, weights: DayWeights = EVEN): number =>
  WEIGHT.left * of.left +
  WEIGHT.late * of.lateMin +
  WEIGHT.pastBest * of.pastBestMin +
  WEIGHT.presence(weights) * of.presenceMin +
  WEIGHT.waited(weights) * of.waitedMin +
  WEIGHT.cold * of.coldOver +
  WEIGHT.change * of.changes +
  WEIGHT.moved * of.moved;

/**
 * The least presence any plan can have: all the hands there are to be given, since nobody does two things at once. The
 * true least may be more.
 */
export const leastPresence = (model: DayModel): Minute =>
  model.jobs.reduce(
    (sum, { busy }) => sum + busy.reduce((all, { minutes }) => all + minutes, 0),
    0,
  );

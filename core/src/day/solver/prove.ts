import { checkPlan } from '../check';
import type { Found } from '../improve';
import { costOf, leastPresence, measure, type DayWeights } from '../measure';
import type { DayModel } from '../model';
import { polish } from '../polish';
import { atFullest, coldPlaces } from '../reading';
import { keeping } from '../recreate';
import type { DayPlan, Minute } from '../session';
import { planFrom } from './answer';
import { dataOf, LATE_WEIGHT, type Aim } from './data';
import type { Ended, Solver } from './engine';
import { DAY_PROGRAM } from './program';

/** What is known of a day, and what has been tried: it goes through {@link proveOn} until it is {@link settled}. */
export interface Known {
  /** The best plan by the weights. */
  readonly best: Found;
  /** Minutes late and past their best, weighed, of the plan with the fewest; without end where a bake is left out. */
  readonly trouble: number;
  readonly troubleProved: boolean;
  /** The least presence of any plan that was found with no more trouble, and what no such plan can be under, min. */
  readonly presenceMin: Minute;
  readonly leastMin: Minute;
  /** No plan with more in the fridge or the freezer is looked for: their places, or what the first plan wants of them. */
  readonly places: Aim['places'];
  /** Runs one after another that found nothing. */
  readonly vain: number;
}

/** How a step is run. */
export interface Proving {
  readonly solver: Solver;
  readonly weights: DayWeights;
  /** A step is given so long at the most. */
  readonly seconds: number;
}

/** Each run is let go on for so long at first, s: to read the program takes the longer, the more there is to do. */
const sliceS = ({ jobs }: DayModel): number => 6 + jobs.length / 12;
/** From what nothing is under to the most that is asked for in so many steps. */
const STEPS = 6;
/**
 * What is so near its bound, and a day of so few tasks, is asked for minute by minute, in one run: of several, most would go
 * into reading the program.
 */
const NEAR_MIN = 60;
const FEW = 15;
/** How far from that bound to the best so far a run may look, in turn: a bold aim is often met at once. */
const REACH = [0.4, 1] as const;
/** A bake that was left out may come so late, min. */
const MOST_LATE = 720;
/** So many of the last plans of a run are polished: each has less presence than the one before, and mostly more waiting. */
const POLISHED = 3;

/** Minutes late, weighed, and past their best; without end where something is left out. */
function troubleOf(model: DayModel, plan: DayPlan): number {
  const { left, lateMin, pastBestMin } = measure(model, plan);
  return left > 0 ? Infinity : LATE_WEIGHT * lateMin + pastBestMin;
}

/** A question to the solver, with all the plans it found in answer. */
interface Answered {
  readonly ended: Ended;
  readonly plans: readonly DayPlan[];
}

async function ask(model: DayModel, aim: Aim, { solver, seconds }: Proving): Promise<Answered> {
  const asked = dataOf(model, aim);
  if ('impossible' in asked) return { ended: 'none', plans: [] };
  const plans: DayPlan[] = [];
  let fault: unknown;
  const run = solver({ program: DAY_PROGRAM, data: asked.data, seconds }, (answer) => {
    try {
      plans.push(checked(model, answer));
    } catch (cause) {
      fault ??= cause;
    }
  });
  const ended = await run.end;
  if (fault) throw fault as Error;
  return { ended, plans };
}

/** A plan of the solver; one that breaks anything is a fault of the program, and stops everything. */
function checked(model: DayModel, answer: unknown): DayPlan {
  const plan = planFrom(model, answer);
  const [breach] = checkPlan(model, plan);
  if (!breach) return plan;
  throw new Error(`the solver's plan breaks ${breach.code}: ${breach.tasks.join(', ')}`);
}

/** The better of the best so far and of a plan, at its best minutes. */
function better(model: DayModel, weights: DayWeights, best: Found, plan: DayPlan): Found {
  const polished = polish(model, plan, weights);
  const cost = costOf(measure(model, polished), weights);
  return cost < best.cost - 1e-9
    ? { plan: polished, cost, way: keeping(polished, best.way.order) }
    : best;
}

/** No plan with more trouble than this is wanted. */
const troubleAtMost = ({ dues }: DayModel, trouble: number): Aim['most'] =>
  trouble === Infinity
    ? { lateMin: MOST_LATE, pastMin: MOST_LATE, trouble: MOST_LATE * LATE_WEIGHT * dues.length }
    : {
        lateMin: Math.floor(trouble / LATE_WEIGHT),
        pastMin: Math.floor(trouble),
        trouble: Math.floor(trouble),
      };

const allHours = ({ session }: DayModel): Minute =>
  session.means.people
    .flatMap(({ hours }) => hours)
    .reduce((sum, [from, to]) => sum + to - from, 0);

/** One step towards the least that is late or past its best. */
async function lessTrouble(model: DayModel, known: Known, proving: Proving): Promise<Known> {
  const { ended, plans } = await ask(
    model,
    {
      at: 'trouble',
      stepMin: 1,
      presence: { least: leastPresence(model), most: allHours(model) },
      most: troubleAtMost(model, known.trouble),
      places: known.places,
    },
    proving,
  );
  const last = plans.at(-1);
  const trouble = last ? troubleOf(model, last) : known.trouble;
  return {
    ...known,
    trouble,
    troubleProved: ended === 'best' || ended === 'none' || trouble === 0,
    ...(last
      ? {
          presenceMin: measure(model, last).presenceMin,
          best: better(model, proving.weights, known.best, last),
        }
      : { vain: known.vain + 1 }),
  };
}

/** One step towards the least presence, or towards the proof that there is no less. */
async function lessPresence(model: DayModel, known: Known, proving: Proving): Promise<Known> {
  const { presenceMin, leastMin, vain } = known;
  const near = presenceMin - leastMin <= NEAR_MIN || model.jobs.length <= FEW;
  const reach = near ? 1 : REACH[vain % REACH.length]!;
  const most = Math.min(presenceMin - 1, Math.floor(leastMin + reach * (presenceMin - leastMin)));
  const stepMin = near ? 1 : Math.max(1, Math.floor((most - leastMin) / STEPS));
  const { ended, plans } = await ask(
    model,
    {
      at: 'presence',
      stepMin,
      presence: { least: leastMin, most },
      most: troubleAtMost(model, known.trouble),
      places: known.places,
    },
    { ...proving, seconds: Math.min(proving.seconds, sliceS(model) * 1.5 ** vain) },
  );
  const fewest = Math.min(...plans.map((plan) => measure(model, plan).presenceMin));
  // Nothing has fewer steps than the best, so nothing lies under the foot of its own.
  const proved = { best: Math.floor(fewest / stepMin) * stepMin, none: most + 1 };
  const best = plans
    .slice(-POLISHED)
    .reduce((before, plan) => better(model, proving.weights, before, plan), known.best);
  // Moved to its best minutes it may have less than it was found with.
  const polished =
    troubleOf(model, best.plan) <= known.trouble ? measure(model, best.plan).presenceMin : Infinity;
  return {
    ...known,
    presenceMin: Math.min(presenceMin, fewest, polished),
    leastMin: ended === 'best' || ended === 'none' ? Math.max(leastMin, proved[ended]) : leastMin,
    best,
    vain: ended === 'out-of-time' && plans.length === 0 ? vain + 1 : 0,
  };
}

/** What is known of a day by one plan of it, before the solver is asked. */
export function knownBy(model: DayModel, best: Found): Known {
  const { left, lateMin, pastBestMin, presenceMin } = measure(model, best.plan);
  const places = coldPlaces(model);
  return {
    best,
    trouble: troubleOf(model, best.plan),
    troubleProved: left + lateMin + pastBestMin === 0,
    presenceMin: left > 0 ? Infinity : presenceMin,
    leastMin: leastPresence(model),
    places: {
      fridge: Math.max(places.fridge, atFullest(model, best.plan, 'fridge').vessels),
      freezer: Math.max(places.freezer, atFullest(model, best.plan, 'freezer').vessels),
    },
    vain: 0,
  };
}

/** Whether there is nothing more to be found or proved. */
export const settled = ({ troubleProved, presenceMin, leastMin }: Known): boolean =>
  troubleProved && (presenceMin === Infinity || presenceMin <= leastMin);

/**
 * One step of improving a plan by a solver of constraints and of proving how far it is from the best: first what is late
 * or past its best, then how long people have to be there. Each plan that the solver finds is held against
 * {@link checkPlan} and moved to its best minutes ({@link polish}) before it is told; one that breaks anything is an error,
 * never a plan.
 *
 * The bound holds for presence, in minutes, over all plans that have no more trouble than the best that is known and want no
 * more of the fridge and the freezer than there is, or than the first plan wanted.
 */
export function proveOn(model: DayModel, known: Known, proving: Proving): Promise<Known> {
  if (settled(known)) return Promise.resolve(known);
  return known.troubleProved
    ? lessPresence(model, known, proving)
    : lessTrouble(model, known, proving);
}

/**
 * By how much the least presence that was found is more than what no plan can be under, as a share of that; nought where
 * it is proved the least.
 */
export const gapOf = ({
  presenceMin,
  leastMin,
}: Pick<Known, 'presenceMin' | 'leastMin'>): number =>
  presenceMin <= leastMin ? 0 : (presenceMin - leastMin) / leastMin;

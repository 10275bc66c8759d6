import { checkPlan } from '../check';
import type { Found } from '../improve';
import { costOf, leastPresence, measure, type DayWeights } from '../measure';
import type { DayModel } from '../model';
import { polish } from '../polish';
import { COLD_ROOMS } from '../../work';
import { atFullest, coldPlaces } from '../reading';
import { keeping } from '../recreate';
import type { DayPlan, Minute } from '../session';
import { planFrom } from './answer';
import { LATE_WEIGHT, type Aim } from './aim';
import type { Ended, Solver } from './engine';
import { programOf } from './program';

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
  /** The plan that has it, to begin the next run from; the best one at first. */
  readonly leanest: DayPlan;
  /** No plan with more in the fridge or the freezer is looked for: their places, or what the first plan wants of them. */
  readonly places: Aim['places'];
  /** Whether small steps are asked to keep to the places: only where they did not do for what was found without. */
  readonly housed: boolean;
  /** Runs one after another that found and proved nothing. */
  readonly vain: number;
  /** What is tried next, and how far from the bound to the best so far a run that is to raise it will look. */
  readonly turn: Turn;
  readonly reach: number;
}

/**
 * Ways to less presence, in turn: to ask boldly for much less, which is often met at once in a day of many bakes; to go on in small
 * steps from the best so far; and to ask for so little that it may be proved not to be had, which raises the bound.
 */
type Turn = 'bold' | 'steps' | 'bound';

/** How a step is run. */
export interface Proving {
  readonly solver: Solver;
  readonly weights: DayWeights;
  /** A step is given so long at the most. */
  readonly seconds: number;
}

/** Each run is let go on for so long at first, s, and half as long again after each in vain. */
const sliceS = ({ jobs }: DayModel): number => 4 + jobs.length / 12;
/** Small steps: so many lie between the bound and the best so far. Where much is asked at once, they are fewer. */
const STEPS = 40;
const BOLD_STEPS = 6;
/** A bold run looks no farther from the bound to the best so far. */
const BOLD = 0.4;
/** A run that is to raise the bound looks so far at first, and half as far where that was too far. */
const REACH = 0.5;
/** A day of so few tasks is looked for as it is best proved, and never boldly. */
const FEW = 60;
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

async function ask(
  model: DayModel,
  aim: Aim,
  { solver, seconds }: Proving,
  from: DayPlan | undefined,
): Promise<Answered> {
  const asked = programOf(model, aim, from);
  if ('impossible' in asked) return { ended: 'none', plans: [] };
  const plans: DayPlan[] = [];
  let fault: unknown;
  const run = solver({ program: asked.program, seconds }, (answer) => {
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
      by: 'clock',
    },
    proving,
    known.leanest,
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
          leanest: last,
          best: better(model, proving.weights, known.best, last),
        }
      : { vain: known.vain + 1 }),
  };
}

/** Fridge and freezer without end: where what stands in them is not counted, small steps find and proofs prove far more. */
const ROOMY: Aim['places'] = { fridge: 1e6, freezer: 1e6 };

/** Whether a plan wants no more of the fridge and the freezer than that. */
const isHoused = (model: DayModel, plan: DayPlan, places: Aim['places']): boolean =>
  COLD_ROOMS.every((room) => atFullest(model, plan, room).vessels <= places[room]);

/** What a run for less presence may have at the most, in which steps it is counted, how hands are stated, and from where. */
function aimed(model: DayModel, { presenceMin, leastMin, leanest, turn, reach }: Known) {
  const few = model.jobs.length <= FEW;
  // What is known may be found again where a run goes on from it; it is of no use to one that must find less.
  if (turn === 'steps') {
    const stepMin = Math.max(1, Math.round((presenceMin - leastMin) / STEPS));
    return { most: presenceMin, stepMin, by: few ? 'presence' : 'clock', from: leanest } as const;
  }
  const far = turn === 'bold' ? BOLD : reach;
  const most = Math.floor(leastMin + far * (presenceMin - 1 - leastMin));
  const stepMin = Math.max(1, Math.floor((most - leastMin) / BOLD_STEPS));
  return { most, stepMin, by: turn === 'bold' ? 'clock' : 'presence', from: undefined } as const;
}

/** What is tried after a run: a bold one again where it found something, small steps again where their plans had no place. */
function turnAfter(model: DayModel, turn: Turn, found: boolean, homeless: boolean): Turn {
  if (turn === 'steps') return homeless ? 'steps' : 'bound';
  if (model.jobs.length <= FEW) return 'steps';
  return turn === 'bound' || found ? 'bold' : 'steps';
}

/** One step towards the least presence, or towards the proof that there is no less. */
async function lessPresence(model: DayModel, known: Known, proving: Proving): Promise<Known> {
  const { presenceMin, leastMin, vain, turn, reach } = known;
  const { most, stepMin, by, from } = aimed(model, known);
  const { ended, plans } = await ask(
    model,
    {
      at: 'presence',
      stepMin,
      presence: { least: leastMin, most },
      most: troubleAtMost(model, known.trouble),
      places: turn === 'bold' || (turn === 'steps' && known.housed) ? known.places : ROOMY,
      by,
    },
    { ...proving, seconds: Math.min(proving.seconds, sliceS(model) * 1.5 ** vain) },
    from,
  );
  const presenceOf = (plan: DayPlan): Minute => measure(model, plan).presenceMin;
  // Nothing has fewer steps than the best, so nothing lies under the foot of its own, housed or not.
  const fewest = Math.min(...plans.map(presenceOf));
  const proved = { best: Math.floor(fewest / stepMin) * stepMin, none: most + 1 };
  const found = plans.filter((plan) => isHoused(model, plan, known.places));
  const best = found
    .slice(-POLISHED)
    .reduce((before, plan) => better(model, proving.weights, before, plan), known.best);
  // Moved to its best minutes it may have less than it was found with.
  const isLean =
    troubleOf(model, best.plan) <= known.trouble && isHoused(model, best.plan, known.places);
  const leanest = [...found.slice(-1), ...(isLean ? [best.plan] : [])].reduce(
    (least, plan) => (presenceOf(plan) < presenceOf(least) ? plan : least),
    known.leanest,
  );
  const bounded = ended === 'best' || ended === 'none';
  const less = Math.min(presenceMin, presenceOf(leanest));
  const homeless = less === presenceMin && found.length < plans.length;
  return {
    ...known,
    presenceMin: less,
    leastMin: bounded ? Math.max(leastMin, Math.min(less, proved[ended])) : leastMin,
    leanest,
    best,
    vain: bounded || less < presenceMin ? 0 : vain + 1,
    housed: known.housed || homeless,
    turn: turnAfter(model, turn, less < presenceMin, homeless && !known.housed),
    reach: turn === 'bound' && !bounded && less === presenceMin ? reach / 2 : reach,
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
    leanest: best.plan,
    housed: false,
    places: {
      fridge: Math.max(places.fridge, atFullest(model, best.plan, 'fridge').vessels),
      freezer: Math.max(places.freezer, atFullest(model, best.plan, 'freezer').vessels),
    },
    vain: 0,
    turn: model.jobs.length <= FEW ? 'steps' : 'bold',
    reach: REACH,
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

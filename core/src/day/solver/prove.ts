import type { Found } from '../improve';
import { leastPresence, measure, type DayWeights } from '../measure';
import type { DayModel } from '../model';
import { crowdedIn } from '../reading';
import type { DayPlan, Minute } from '../session';
import { ask, type Question } from './asking';
import type { Run, Solver } from './engine';
import { knownBy, settled, troubleOf, withPlan, type Known } from './known';
import { bold, bound, near, troubleAtMost, type Lane } from './lanes';

/** How a day is proved. */
export interface Proving {
  readonly solver: Solver;
  readonly weights: DayWeights;
  /** So long at the most. */
  readonly seconds: number;
  /** Told whenever more is known. */
  readonly tell?: (known: Known) => void;
}

/** The bound of a day of so few tasks is raised while less presence is looked for; a longer one's hardly ever is. */
const FEW = 60;
/** A run is not begun for less than this, s: the solver would hardly be there. */
const WORTH_S = 1.5;
/** So many more tasks that crowd the fridge or the freezer are enough to begin anew with them counted. */
const CROWDING = 3;
/** Plans that come one soon after another are told of no more often than that, ms. */
const TELL_EVERY_MS = 2000;

const allHours = ({ session }: DayModel): Minute =>
  session.means.people
    .flatMap(({ hours }) => hours)
    .reduce((sum, [from, to]) => sum + to - from, 0);

/** What is late or past its best by less, as far as the time goes. */
async function lessTrouble(
  model: DayModel,
  known: Known,
  { solver, weights }: Proving,
  seconds: number,
): Promise<Known> {
  const { ended, plans } = await ask(
    model,
    {
      aim: {
        at: 'trouble',
        stepMin: 1,
        presence: { least: leastPresence(model), most: allHours(model) },
        most: troubleAtMost(model, known.trouble),
        places: known.places,
        by: 'clock',
      },
      from: known.leanest,
      seconds,
      patienceS: Infinity,
      housed: true,
    },
    { solver, runs: new Set(), onPlan: () => true },
  );
  const last = plans.at(-1);
  const trouble = last ? troubleOf(model, last) : known.trouble;
  const troubleProved = ended === 'best' || ended === 'none' || trouble === 0;
  if (!last) return { ...known, troubleProved };
  const { presenceMin } = measure(model, last);
  return withPlan(
    model,
    { ...known, trouble, troubleProved, presenceMin, leanest: last },
    last,
    weights,
  );
}

/** Less and less presence, and a higher and higher bound, each lane with a run of the solver beside the others. */
async function lessPresence(
  model: DayModel,
  from: Known,
  { solver, weights, tell }: Proving,
  leftS: () => number,
): Promise<Known> {
  const runs = new Set<Run>();
  let now = from;
  let over = false;
  let toldAt = Date.now();
  /** Found, and not moved to its best minutes yet. */
  let found: DayPlan | undefined;
  const learn = (known: Known): void => {
    now = known;
    toldAt = Date.now();
    tell?.(now);
  };
  const heedFound = (): void => {
    if (!found) return;
    const plan = found;
    found = undefined;
    learn(withPlan(model, now, plan, weights));
  };
  const hear = (plan: DayPlan, before: Known, { housed }: Question): boolean => {
    const crowded = crowdedIn(model, plan, now.places);
    if (crowded.length > 0) {
      if (!housed) return true;
      now = { ...now, crowded: [...new Set([...now.crowded, ...crowded])] };
      return now.crowded.length - before.crowded.length <= CROWDING;
    }
    const { presenceMin } = measure(model, plan);
    if (
      presenceMin < Math.min(now.presenceMin, found ? measure(model, found).presenceMin : Infinity)
    ) {
      found = plan;
    }
    if (Date.now() - toldAt > TELL_EVERY_MS) heedFound();
    return true;
  };
  const along = async (first: Lane): Promise<void> => {
    let lane: Lane | undefined = first;
    while (lane && !over && !settled(now) && leftS() > WORTH_S) {
      const before = now;
      const question = lane.question(before);
      const seconds = Math.min(question.seconds, leftS());
      const answered = await ask(
        model,
        { ...question, seconds },
        { solver, runs, onPlan: (plan) => hear(plan, before, question) },
      );
      heedFound();
      const learnt = lane.after({ ...answered, question, before, now });
      const leastMin = Math.min(now.presenceMin, learnt.leastMin);
      if (leastMin > now.leastMin) learn({ ...now, leastMin });
      // What there is none of is not asked for again.
      else if (answered.ended === 'none') return;
      lane = learnt.lane;
      if (settled(now)) for (const run of runs) run.stop();
    }
  };
  const few = model.jobs.length <= FEW;
  try {
    await Promise.all([along(near(model)), along(few ? bound(model) : bold(model))]);
  } finally {
    over = true;
    for (const run of runs) run.stop();
  }
  return now;
}

/**
 * Improves a plan by a solver of constraints and proves how far it is from the best: first what is late
 * or past its best, then how long people have to be there. Each plan that the solver finds is held against
 * `checkPlan` and moved to its best minutes before it is told; one that breaks anything is an error, never a plan.
 *
 * The bound holds for presence, in minutes, over all plans that have no more trouble than the best that is known and want no
 * more of the fridge and the freezer than there is, or than the first plan wanted.
 */
export async function prove(model: DayModel, from: Found, proving: Proving): Promise<Known> {
  const until = Date.now() + proving.seconds * 1000;
  const leftS = (): number => (until - Date.now()) / 1000;
  let known = knownBy(model, from);
  if (!known.troubleProved) {
    known = await lessTrouble(model, known, proving, leftS());
    proving.tell?.(known);
  }
  return known.troubleProved && !settled(known)
    ? lessPresence(model, known, proving, leftS)
    : known;
}

import { measure } from '../measure';
import type { DayModel } from '../model';
import type { Minute } from '../session';
import { LATE_WEIGHT, type Aim } from './aim';
import type { Answered, Question } from './asking';
import { FIRST_HOOD, hoodAfter, nearOf, stepOf, type Hood } from './hood';
import type { Known } from './known';

/** One way to go on with what is known, run after run: what it asks next, and what it has learnt from the answer. */
export interface Lane {
  readonly question: (known: Known) => Question;
  readonly after: (came: Came) => Learnt;
}

/** What came of a question, with what was known when it was asked and what is known by now. */
export interface Came extends Answered {
  readonly question: Question;
  readonly before: Known;
  readonly now: Known;
}

export interface Learnt {
  /** What no plan can be under, min; nought where nothing was proved. */
  readonly leastMin: Minute;
  /** How it goes on; it does not where it has no more to look for. */
  readonly lane: Lane | undefined;
}

/** A run is let go on for so long at first, s, and half as long again after each in vain. */
const sliceS = ({ jobs }: DayModel, vain: number): number => (4 + jobs.length / 12) * 1.5 ** vain;
/** A run in a neighbourhood is given up when it has found nothing for so long, s. */
const PATIENCE_S = 3;
/** Where much is asked at once it is counted in so few steps; where all of it may be proved, in so many. */
const FEW_STEPS = 6;
const MANY_STEPS = 40;
/** A day of so few tasks may be proved as a whole; of more, no farther from the bound to the best so far than that at once. */
const WHOLE = 30;
const REACH = 0.35;
/** A bold run looks no farther from the bound to the best so far. */
const BOLD = 0.4;
/** A bake that was left out may come so late, min. */
const MOST_LATE = 720;

/** No plan with more trouble than this is wanted. */
export const troubleAtMost = ({ dues }: DayModel, trouble: number): Aim['most'] =>
  trouble === Infinity
    ? { lateMin: MOST_LATE, pastMin: MOST_LATE, trouble: MOST_LATE * LATE_WEIGHT * dues.length }
    : {
        lateMin: Math.floor(trouble / LATE_WEIGHT),
        pastMin: Math.floor(trouble),
        trouble: Math.floor(trouble),
      };

/** So far from the bound to less than the best so far, and no farther, in so many steps. */
function farther(model: DayModel, known: Known, share: number, steps: number) {
  const { leastMin, presenceMin, trouble, places } = known;
  const most = Math.floor(leastMin + share * (presenceMin - 1 - leastMin));
  return {
    at: 'presence',
    stepMin: Math.max(1, Math.floor((most - leastMin) / steps)),
    presence: { least: leastMin, most },
    most: troubleAtMost(model, trouble),
    places,
  } as const;
}

/** What no plan can be under once a run has ended that looked everywhere; nought where it proved nothing. */
function provedBy(model: DayModel, { question: { aim }, ended, plans }: Came): Minute {
  if (ended === 'none') return aim.presence.most + 1;
  if (ended !== 'best') return 0;
  // Nothing has fewer steps than the best, so nothing lies under the foot of its own, housed or not.
  const fewest = Math.min(...plans.map((plan) => measure(model, plan).presenceMin));
  return Math.floor(fewest / aim.stepMin) * aim.stepMin;
}

/** Less presence in the neighbourhood of the plan that has the least so far. */
export const near = (model: DayModel, hood: Hood = FIRST_HOOD, vain = 0): Lane => ({
  question: (known) => ({
    aim: {
      at: 'presence',
      stepMin: stepOf(hood, known.presenceMin - known.leastMin),
      presence: { least: known.leastMin, most: known.presenceMin },
      most: troubleAtMost(model, known.trouble),
      places: known.places,
      crowded: known.crowded,
      near: nearOf(model, known.leanest, hood),
      by: 'clock',
    },
    from: known.leanest,
    seconds: sliceS(model, vain),
    patienceS: PATIENCE_S * 1.5 ** vain,
    housed: true,
  }),
  after: ({ before, now, question: { aim } }) => {
    const found =
      now.presenceMin < before.presenceMin || now.crowded.length > before.crowded.length;
    const lane = found
      ? near(model, hood)
      : near(model, hoodAfter(hood, aim.stepMin), aim.stepMin > 1 ? vain : vain + 1);
    return { leastMin: 0, lane };
  },
});

/**
 * Much less presence at once, wherever tasks may have to begin for it: what lies far from the plan is found only so. It keeps to all
 * places of the cold from the start, which takes much memory, and is given up once it has found nothing.
 */
export const bold = (model: DayModel): Lane => ({
  question: (known) => ({
    aim: { ...farther(model, known, BOLD, FEW_STEPS), by: 'clock' },
    from: undefined,
    seconds: sliceS(model, 0),
    patienceS: Infinity,
    housed: true,
  }),
  after: (came) => ({
    leastMin: provedBy(model, came),
    lane: came.plans.length > 0 ? bold(model) : undefined,
  }),
});

/** So little presence that it may be proved not to be had, whatever stands in the cold. */
export const bound = (
  model: DayModel,
  share = model.jobs.length <= WHOLE ? 1 : REACH,
  vain = 0,
): Lane => ({
  question: (known) => ({
    aim: {
      ...farther(model, known, share, share === 1 ? MANY_STEPS : FEW_STEPS),
      crowded: [],
      by: 'presence',
    },
    from: undefined,
    seconds: sliceS(model, vain),
    patienceS: Infinity,
    housed: false,
  }),
  after: (came) => {
    const leastMin = provedBy(model, came);
    const lane = leastMin > 0 ? bound(model, share) : bound(model, share / 2, vain + 1);
    return { leastMin, lane };
  },
});

import { checkPlan } from '../check';
import type { DayModel } from '../model';
import type { DayPlan } from '../session';
import type { Aim } from './aim';
import { planFrom } from './answer';
import type { Ended, Run, Solver } from './engine';
import { programOf } from './program';

/** What is asked of the solver. */
export interface Question {
  readonly aim: Aim;
  /** The plan it begins from. */
  readonly from: DayPlan | undefined;
  /** So long at the most, and given up when no plan has come for so long, s. */
  readonly seconds: number;
  readonly patienceS: number;
  /** What in its plans is too much for the fridge or the freezer is counted from then on. */
  readonly housed: boolean;
}

/** What came of it: how it ended, and all the plans it found, one better than the other. */
export interface Answered {
  readonly ended: Ended;
  readonly plans: readonly DayPlan[];
}

/** Who asks: by which solver, told of each plan at once; the run is among the others for as long as it goes on. */
export interface Asking {
  readonly solver: Solver;
  readonly runs: Set<Run>;
  /** Whether to go on looking after this plan. */
  readonly onPlan: (plan: DayPlan) => boolean;
}

/** A plan of the solver; one that breaks anything is a fault of the program, and stops everything. */
function checked(model: DayModel, answer: unknown): DayPlan {
  const plan = planFrom(model, answer);
  const [breach] = checkPlan(model, plan);
  if (!breach) return plan;
  throw new Error(`the solver's plan breaks ${breach.code}: ${breach.tasks.join(', ')}`);
}

/** Asks the solver one question. Throws where a plan of it breaks anything. */
export async function ask(
  model: DayModel,
  { aim, from, seconds, patienceS }: Question,
  { solver, runs, onPlan }: Asking,
): Promise<Answered> {
  const asked = programOf(model, aim, from);
  if ('impossible' in asked) return { ended: 'none', plans: [] };
  const plans: DayPlan[] = [];
  let fault: unknown;
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const held: { run?: Run } = {};
  const stop = (): void => held.run?.stop();
  const run = solver({ program: asked.program, seconds }, (answer) => {
    clearTimeout(waiting);
    try {
      const plan = checked(model, answer);
      plans.push(plan);
      if (!onPlan(plan)) stop();
      else if (patienceS < seconds) waiting = setTimeout(stop, patienceS * 1000);
    } catch (cause) {
      fault ??= cause;
      stop();
    }
  });
  held.run = run;
  // A plan that broke something may have come before there was a run to stop.
  if (fault !== undefined) stop();
  runs.add(run);
  const ended = await run.end;
  runs.delete(run);
  clearTimeout(waiting);
  if (fault) throw fault as Error;
  return { ended, plans };
}

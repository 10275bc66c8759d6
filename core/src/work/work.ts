import { isFamily, type Family } from '../formula';
import { fail, succeed, type Result } from '../result';
import { bakeTasks, bestMin, fillTask, intoTheOven, setTasks, type Baked } from './baking';
import { besideTasks, finishTasks, FOAMS, keepsMin } from './beside';
import { fillingTasks } from './filling';
import { after, makingOf, task, type Making } from './making';
import { FOAM_AT_BEST_MIN, USUAL_WAITS } from './practice';
import type { WorkPlan } from './plan';
import { shellTasks } from './shell';
import { withSteps } from './steps';
import type { After, AtTable, Task, WorkList } from './task';

/** Families that no oven has to set: the hob has, or the cold does. */
const SET_COLD: ReadonlySet<Family> = new Set([
  'starch-cream',
  'starch-pudding',
  'curd',
  'cold-set',
]);

/** A dough, a caramel, a glaze made by itself: one task, and it keeps. */
function madeAlone(making: Making): WorkList {
  const { formula, build } = making.plan;
  const dough = formula.family.endsWith('-dough');
  const make = task(making, 'filling/make', dough ? 'mix-dough' : 'make-part', {
    grams: build.filling.totalG,
    station: dough ? 'mixer' : 'bench',
  });
  return {
    tasks: [make],
    ready: [
      {
        task: make.id,
        leastMin: 0,
        mostMin: dough ? USUAL_WAITS.doughRest[1] : keepsMin(formula.family),
      },
    ],
    besides: [],
  };
}

/** Tins with a caramel under their filling are turned over. */
function turnedOut(making: Making, cut: After): Task[] {
  const { formula, build } = making.plan;
  const caramel = build.parts.some(({ part }) => part.kind === 'caramel' && part.place === 'under');
  return caramel && formula.shell === 'none'
    ? [task(making, 'turn-out', 'turn-out', { after: [cut] })]
    : [];
}

/** How soon what was turned out is eaten, min: it weeps. Common practice. */
const TURNED_OUT_AT_BEST_MIN = 120;

/** From the bake to the table: turned out, finished, or only waited for. */
function toTheTable(
  making: Making,
  family: Family,
  baked: Baked,
  finishing: Parameters<typeof finishTasks>[1],
): { readonly tasks: readonly Task[]; readonly ready: AtTable } {
  const out = turnedOut(making, baked.cut);
  const from = out[0] ? after(out[0].id, 'stand', [0, TURNED_OUT_AT_BEST_MIN]) : baked.cut;
  const finished = finishTasks(making, finishing, [from]);
  const tasks = [...out, ...finished];
  const lastTask = tasks.at(-1);
  if (!lastTask) {
    const { last, cut, mostMin } = baked;
    return { tasks, ready: { task: last, leastMin: cut.leastMin, mostMin } };
  }
  const mostMin = tasks.some(({ verb }) => FOAMS.has(verb))
    ? FOAM_AT_BEST_MIN
    : lastTask === out[0]
      ? TURNED_OUT_AT_BEST_MIN
      : bestMin(family);
  return { tasks, ready: { task: lastTask.id, leastMin: 0, mostMin } };
}

/**
 * The tasks of one bake in their order, each with how long it takes, what it waits for and whose hands it wants: from
 * the dough to the table, by the rules of the trade for the kind of every component.
 *
 * Minutes of ovens, hob and cooling are what `computed` says; rests, chills and minutes of hands are common practice.
 * Fails with `work.no-forecast` where an oven is to set the filling and nothing says how long it takes, and with
 * `work.no-shell-forecast` where a shell is to be baked empty and nothing says so of it.
 */
export function workOf(plan: WorkPlan): Result<WorkList> {
  const { formula, computed } = plan;
  const making = makingOf(plan);
  const { family } = formula;
  if (!isFamily(family)) return succeed(withSteps(madeAlone(making), formula.steps));
  const shell = shellTasks(making);
  const blindWanted = shell.tasks.some(({ verb }) => verb === 'roll-and-line');
  if (
    blindWanted &&
    !formula.shellBake.raw &&
    !shell.tasks.some(({ verb }) => verb === 'blind-bake')
  ) {
    return fail('work.no-shell-forecast');
  }
  const beside = besideTasks(making, shell.ready);
  const filling = fillingTasks(making, family);
  // What is laid or brushed into the shell comes between it and the filling.
  const under = beside.before.length > 0 ? beside.before : shell.ready;
  const into = [...filling.ready, ...under];
  const before = [...shell.tasks, ...beside.tasks, ...filling.tasks];
  if (SET_COLD.has(family)) {
    const baked = setTasks(making, family, into);
    return finished(making, family, before, baked, beside);
  }
  if (!computed.bake) return fail('work.no-forecast');
  const fill = fillTask(making, into);
  const lay = beside.onTop.length
    ? [
        task(making, 'lay-on', 'lay-on', {
          after: [after(fill.id, 'stand', [0, 20]), ...beside.onTop],
        }),
      ]
    : [];
  const last = lay[0] ?? fill;
  const baked = bakeTasks(making, family, [intoTheOven(making, last.id)]);
  if (!baked) return fail('work.no-forecast');
  return finished(making, family, [...before, fill, ...lay], baked, beside);
}

function finished(
  making: Making,
  family: Family,
  before: readonly Task[],
  baked: Baked,
  { finishing, apart }: ReturnType<typeof besideTasks>,
): Result<WorkList> {
  const table = toTheTable(making, family, baked, finishing);
  const tasks = [...before, ...baked.tasks, ...table.tasks];
  return succeed(
    withSteps({ tasks, ready: [table.ready, ...apart], besides: [] }, making.plan.formula.steps),
  );
}

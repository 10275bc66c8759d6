import type { DayModel } from '../model';
import type { DayPlan } from '../session';
import { LATE_WEIGHT, type Aim } from './aim';
import { atMost, between, exactly, follows, nothingWritten, textOf, type Hint } from './flatzinc';
import { statedHands } from './hands';
import { loadsOf, stated, type Choice, type Stated } from './parts';
import { statedCold, statedOvens, statedStations } from './rooms';
import { startsOf } from './starts';

/** One task after another: at least so long, at most so long where that matters. */
function statedOrder({ model, written, start }: Stated): void {
  for (const { from, to, leastMin, mostMin } of model.edges) {
    const [a, b] = [start.get(from)!, start.get(to)!];
    const { minutes } = model.byId.get(from)!;
    follows(written, a, b, minutes + Math.ceil(leastMin));
    if (mostMin < Infinity) follows(written, b, a, -minutes - Math.floor(mostMin));
  }
}

/** What is ready when: late for a bake, past its best for each part of it; and both weighed together. */
function statedTrouble({ model, aim, written, start }: Stated) {
  const late = new Map(
    model.session.wanted.map(({ id }) => [id, between(written, 0, aim.most.lateMin)]),
  );
  const past = model.dues.flatMap(({ bake, job, dueMin, leastMin, mostMin }) => {
    const at = start.get(job)!;
    const { minutes } = model.byId.get(job)!;
    follows(written, at, late.get(bake)!, minutes + Math.ceil(leastMin) - dueMin);
    if (mostMin === Infinity) return [];
    const over = between(written, 0, aim.most.pastMin);
    atMost(
      written,
      [
        [1, late.get(bake)!],
        [-1, over],
        [-1, at],
      ],
      minutes + Math.floor(mostMin) - dueMin,
    );
    return [over];
  });
  const trouble = between(written, 0, aim.most.trouble);
  exactly(
    written,
    [
      [-1, trouble],
      ...[...late.values()].map((each) => [LATE_WEIGHT, each] as const),
      ...past.map((each) => [1, each] as const),
    ],
    0,
  );
  return { trouble, variables: [...late.values(), ...past, trouble] };
}

/** What a plan that is known says, for the solver to begin from: of what was left out it says nothing. */
function hintsOf(day: Stated, ovens: readonly Choice[], { placed }: DayPlan): Hint[] {
  const { model, start, hands, shifts } = day;
  const at = new Map(placed.map((each) => [each.task, each]));
  const known = (choice: Choice, index: number): Hint =>
    choice.is.has(index + 1) ? [[choice.of, index + 1]] : [];
  return [
    placed.map(({ task, startMin }) => [start.get(task)!, Math.round(startMin)] as const),
    hands.flatMap(({ job, nth, fromMin, shift }) => {
      const held = at.get(job.id);
      if (!held) return [];
      const when = held.startMin + fromMin;
      return known(
        shift,
        shifts.findIndex(
          (each) => each.person === held.people[nth] && when >= each.fromMin && when < each.toMin,
        ),
      );
    }),
    loadsOf(model).flatMap(({ job }, nth) =>
      known(
        ovens[nth]!,
        model.session.means.ovens.findIndex(({ id }) => id === at.get(job.id)?.ovenId),
      ),
    ),
  ];
}

/** A plan of nothing, where none is known. */
const NO_PLAN: DayPlan = { placed: [], late: [], left: [] };

/**
 * A day as a program for a solver of constraints by lazy clause generation (Chuffed), with a plan of it to begin from; the task that
 * has no hour at all where it cannot be. Times are whole minutes from the session's own midnight. What waits is no task but the
 * distance between two; what nobody may do at night is a hole in the hours a task can start at ({@link startsOf}). Every
 * variable in whole numbers is labelled: with a search that leaves one out the solver may call a plan the best that is not even a
 * plan.
 */
export function programOf(
  model: DayModel,
  aim: Aim,
  from: DayPlan = NO_PLAN,
): { readonly program: string } | { readonly impossible: string } {
  if (model.session.past) throw new RangeError('a day that has begun is not proved');
  const starts = startsOf(model, aim.most, aim.near);
  const impossible = [...starts].find(([, stretches]) => stretches.length === 0)?.[0];
  if (impossible !== undefined) return { impossible };
  const written = nothingWritten();
  const day = stated(model, aim, written, starts);
  if ('impossible' in day) return day;
  statedOrder(day);
  const { trouble, variables } = statedTrouble(day);
  const counted = statedHands(day);
  const ovens = statedOvens(day, counted.asFar);
  statedStations(day);
  statedCold(day);
  const { stepMin } = aim;
  const aimed = { trouble, presence: day.presence }[aim.at];
  const steps = between(written, 0, Math.ceil(Math.max(aim.most.trouble, aim.presence.most)));
  atMost(
    written,
    [
      [stepMin, steps],
      [-1, aimed],
    ],
    0,
  );
  atMost(
    written,
    [
      [1, aimed],
      [-stepMin, steps],
    ],
    stepMin - 1,
  );
  const start = [...day.start.values()];
  const shift = day.hands.map((hand) => hand.shift.of);
  const oven = ovens.map(({ of }) => of);
  return {
    program: textOf(
      written,
      { start, shift, oven },
      hintsOf(day, ovens, from),
      [
        [day.there, 'input_order', 'indomain_min'],
        [shift, 'first_fail', 'indomain_max'],
        [start, 'largest', 'indomain_max'],
        [oven, 'first_fail', 'indomain_min'],
        [counted.variables, 'input_order', 'indomain_min'],
        [day.come, 'input_order', 'indomain_max'],
        [[...variables, day.presence, steps], 'input_order', 'indomain_min'],
      ],
      steps,
    ),
  };
}

import type { BuiltPart } from '../build';
import type { PartKind } from '../formula';
import { after, task, type Making } from './making';
import { USUAL_WAITS } from './practice';
import type { After, AtTable, Task, Verb } from './task';

/** Components beside shell and filling: what is made of them, and what each waits for. */
export interface BesideTasks {
  readonly tasks: readonly Task[];
  /** Before the filling goes in. */
  readonly before: readonly After[];
  /** Before it goes in the oven: what is laid on top and bakes with it. */
  readonly onTop: readonly After[];
  /** Once it is done: what is put on, in order. */
  readonly finishing: readonly BuiltPart[];
  /** Made beside, ready by the hour of service. */
  readonly apart: readonly AtTable[];
}

const own = ({ part, wantedG, vessels }: BuiltPart) => ({
  of: part.id,
  what: part.name,
  grams: wantedG,
  vessels,
});

/** A caramel is cooked and poured into the moulds at once. */
function caramel(making: Making, part: BuiltPart): { tasks: Task[]; ready: After } {
  const { id } = part.part;
  const cook = task(making, `${id}/cook`, 'cook-caramel', { ...own(part), station: 'hob' });
  const coat = task(making, `${id}/coat`, 'coat', {
    ...own(part),
    after: [after(cook.id, 'stand', [0, 2])],
  });
  return {
    tasks: [cook, coat],
    ready: after(coat.id, 'stand', USUAL_WAITS.caramelHard, 'caramel-hard'),
  };
}

const MADE_BY: Partial<Readonly<Record<PartKind, Verb>>> = {
  'fruit-and-nuts': 'prepare-fruit',
  'nut-cream': 'cream-nuts',
  'starch-cream': 'cook-cream',
  'starch-pudding': 'cook-cream',
  curd: 'cook-cream',
  'cold-set': 'set-with-gelatine',
  'baked-custard': 'mix-custard',
  'puree-custard': 'mix-puree',
  'fruit-filling': 'mix-fruit',
};

/** Keeps for so long once it is made, min: fruit that was cut, creams and mixes, what is dry. Common practice. */
const KEEPS_MIN: Partial<Readonly<Record<PartKind, number>>> = {
  'fruit-and-nuts': USUAL_WAITS.cutFruit[1],
  praline: 5 * 1440,
  syrup: 5 * 1440,
};
const CREAM_KEEPS_MIN = 1440;

/** How long after it was made a component is used, min. */
export const keepsMin = (kind: PartKind): number => KEEPS_MIN[kind] ?? CREAM_KEEPS_MIN;

function made(making: Making, part: BuiltPart): Task {
  const { kind, id } = part.part;
  const verb = MADE_BY[kind] ?? 'make-part';
  return task(making, `${id}/make`, verb, {
    ...own(part),
    ...(kind === 'praline' || verb === 'cook-cream' ? { station: 'hob' as const } : {}),
  });
}

/** What lies under the filling: caramel in the mould, fruit, a layer, a seal brushed on. */
function under(making: Making, part: BuiltPart, shell: readonly After[]): [Task[], After] {
  const { kind, id } = part.part;
  if (kind === 'caramel') {
    const { tasks, ready } = caramel(making, part);
    return [tasks, ready];
  }
  if (kind === 'seal') {
    const seal = task(making, `${id}/seal`, 'seal', { ...own(part), after: shell });
    return [[seal], after(seal.id, 'stand', [2, USUAL_WAITS.bakedShell[1]])];
  }
  const make = made(making, part);
  const spread = task(making, `${id}/spread`, 'spread-under', {
    ...own(part),
    after: [...shell, after(make.id, 'stand', [0, keepsMin(kind)])],
  });
  return [[make, spread], after(spread.id, 'stand', [0, 60])];
}

/** The components of a build beside its shell; `shell` is what anything laid into it waits for. */
export function besideTasks(making: Making, shell: readonly After[]): BesideTasks {
  const tasks: Task[] = [];
  const before: After[] = [];
  const onTop: After[] = [];
  const finishing: BuiltPart[] = [];
  const apart: AtTable[] = [];
  for (const part of making.plan.build.parts) {
    const { place, bakesAlong, kind } = part.part;
    if (place === 'under') {
      const [more, ready] = under(making, part, shell);
      tasks.push(...more);
      before.push(ready);
    } else if (place === 'over' && bakesAlong) {
      const make = made(making, part);
      tasks.push(make);
      onTop.push(after(make.id, 'stand', [0, keepsMin(kind)]));
    } else if (place === 'over') {
      finishing.push(part);
    } else if (place === 'apart') {
      const make = made(making, part);
      tasks.push(make);
      apart.push({ task: make.id, leastMin: 0, mostMin: keepsMin(kind) });
    }
  }
  return { tasks, before, onTop, finishing, apart };
}

const FINISHED_BY: Partial<Readonly<Record<PartKind, Verb>>> = {
  glaze: 'glaze',
  'whipped-cream': 'whip-and-pipe',
  'meringue-raw': 'meringue',
  'meringue-swiss': 'meringue',
  'meringue-italian': 'meringue',
};

/** Foams that do not keep: what carries one is eaten the same half day. */
export const FOAMS: ReadonlySet<Verb> = new Set(['whip-and-pipe', 'meringue']);

/**
 * What is put on once the bake is ready, one after the other. `from` is what the first of them waits for. A fruit is
 * prepared before, at its own time.
 */
export function finishTasks(
  making: Making,
  parts: readonly BuiltPart[],
  from: readonly After[],
): Task[] {
  let before = from;
  return parts.flatMap((part) => {
    const { kind, id } = part.part;
    const verb = FINISHED_BY[kind] ?? 'put-on';
    const make = verb === 'put-on' ? made(making, part) : undefined;
    const put = task(making, `${id}/finish`, verb, {
      ...own(part),
      ...(verb === 'whip-and-pipe' || verb === 'meringue' ? { station: 'mixer' as const } : {}),
      after: make ? [...before, after(make.id, 'stand', [0, keepsMin(kind)])] : before,
    });
    before = [after(put.id, 'stand', [0, 120])];
    return make ? [make, put] : [put];
  });
}

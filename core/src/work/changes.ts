import type { After, Task, WorkList } from './task';

/** What a cook has changed of a list of work. `task` is the one that is changed; of one that is added, the name it gets. */
export type WorkChange =
  /** It takes another time. */
  | { readonly task: string; readonly kind: 'retimed'; readonly minutes: number }
  /** It is not done. */
  | { readonly task: string; readonly kind: 'dropped' }
  /** A step of the cook's own, between another and what follows that. */
  | {
      readonly task: string;
      readonly kind: 'added';
      readonly name: string;
      readonly minutes: number;
      readonly after: string;
    }
  /** It is done in two parts, the first of which takes so long, with as long a pause as the day wants. */
  | { readonly task: string; readonly kind: 'split'; readonly minutes: number }
  /** It waits for another too; `atOnce`: in one go with it, no sooner and no later than it has to wait. */
  | {
      readonly task: string;
      readonly kind: 'after';
      readonly after: string;
      readonly atOnce: boolean;
    };

/** A list of work as a cook has changed it, and the changes that fit nothing in it any more. */
export interface Changed {
  readonly work: WorkList;
  readonly unfit: readonly WorkChange[];
}

/** Hands are on it from beginning to end. */
const handsThroughout = ({ hands, span }: Task): boolean =>
  hands.length === 1 && hands[0]!.minutes >= span.expectedMin;

/** A task that takes so long; hands that were on it throughout still are, others keep their place. */
function retimed(task: Task, minutes: number): Task {
  const { usualMin: _, ...rest } = task;
  return {
    ...rest,
    span: { earliestMin: minutes, expectedMin: minutes, latestMin: minutes },
    from: 'cook',
    hands: handsThroughout(task) ? [{ at: 'start', offsetMin: 0, minutes }] : task.hands,
  };
}

/** What came after a task that is not done comes after what that came after, with the waits of both. */
function without({ tasks, ready, besides }: WorkList, gone: Task): WorkList | undefined {
  if (ready.some(({ task }) => task === gone.id)) return undefined;
  const over = (each: After, { mostMin, ...before }: After): After => ({
    ...before,
    leastMin: each.leastMin + before.leastMin,
    ...(each.mostMin === undefined || mostMin === undefined
      ? {}
      : { mostMin: each.mostMin + mostMin }),
  });
  const kept = tasks
    .filter(({ id }) => id !== gone.id)
    .map((task) => ({
      ...task,
      after: task.after.flatMap((each) =>
        each.task === gone.id ? gone.after.map((before) => over(each, before)) : [each],
      ),
    }));
  return { tasks: kept, ready, besides };
}

const straightAfter = (task: string): After => ({ task, wait: 'stand', leastMin: 0 });

/** A step of the cook's own after another: what followed that follows both, and so does the table. */
function withOwn(
  work: WorkList,
  { task: id, name, minutes, after }: Extract<WorkChange, { kind: 'added' }>,
): WorkList | undefined {
  const before = work.tasks.find((each) => each.id === after);
  if (!before || work.tasks.some((each) => each.id === id)) return undefined;
  const own: Task = {
    ...{ id, verb: 'own', of: before.of, what: name, vessels: before.vessels, grams: 0 },
    ...{ station: 'bench', from: 'cook', after: [straightAfter(after)] },
    span: { earliestMin: minutes, expectedMin: minutes, latestMin: minutes },
    hands: [{ at: 'start', offsetMin: 0, minutes }],
  };
  return {
    ...work,
    tasks: work.tasks.flatMap((task) => {
      const follows = task.after.some((each) => each.task === after);
      const next = follows ? { ...task, after: [...task.after, straightAfter(id)] } : task;
      return task === before ? [next, own] : [next];
    }),
    ready: work.ready.flatMap((each) =>
      each.task === after ? [each, { ...each, task: id, leastMin: 0 }] : [each],
    ),
  };
}

/** Whether a task can be left off and gone on with: hands are on it throughout, and nothing of it is on the fire or baking. */
export const canSplit = (task: Task): boolean =>
  (task.station === 'bench' || task.station === 'mixer') &&
  task.from !== 'computed' &&
  task.part === undefined &&
  task.span.expectedMin >= 2 &&
  handsThroughout(task);

/** The name of the second part of a task. */
export const secondPart = (task: string): string => `${task}/2`;

/** A task in two parts. What is looked for at its end belongs to the second; neither is done for other bakes as well. */
function inTwo(work: WorkList, task: Task, minutes: number): WorkList | undefined {
  const rest = task.span.expectedMin - minutes;
  if (!canSplit(task) || rest < 1) return undefined;
  const id = secondPart(task.id);
  const { sign, shared: _, steps, ...plain } = task;
  const first: Task = { ...retimed(plain, minutes), part: 1, ...(steps ? { steps } : {}) };
  const second: Task = {
    ...retimed(plain, rest),
    ...{ id, part: 2, after: [straightAfter(task.id)] },
    ...(sign ? { sign } : {}),
  };
  const moved = <T extends { readonly task: string }>(each: T): T =>
    each.task === task.id ? { ...each, task: id } : each;
  return {
    ...work,
    tasks: work.tasks.flatMap((each) =>
      each === task ? [first, second] : [{ ...each, after: each.after.map(moved) }],
    ),
    ready: work.ready.map(moved),
  };
}

/** The tasks that a task can wait for: those that do not wait for it themselves, at whatever remove. */
export function canFollow(tasks: readonly Task[], id: string): Task[] {
  const waiting = new Set([id]);
  for (let before = 0; before < waiting.size;) {
    before = waiting.size;
    for (const { id: each, after } of tasks) {
      if (after.some(({ task }) => waiting.has(task))) waiting.add(each);
    }
  }
  return tasks.filter((each) => !waiting.has(each.id));
}

/** A task that waits for one more; where it did so already, it goes on doing so. */
function following(
  work: WorkList,
  task: Task,
  { after, atOnce }: Extract<WorkChange, { kind: 'after' }>,
): WorkList | undefined {
  if (!canFollow(work.tasks, task.id).some(({ id }) => id === after)) return undefined;
  const known = task.after.some((each) => each.task === after);
  const waits = (known ? task.after : [...task.after, straightAfter(after)]).map((each) =>
    atOnce && each.task === after ? { ...each, mostMin: each.leastMin } : each,
  );
  return {
    ...work,
    tasks: work.tasks.map((each) => (each === task ? { ...task, after: waits } : each)),
  };
}

/** A list with one change; `undefined` where it fits nothing in it. */
function changedBy(work: WorkList, change: WorkChange): WorkList | undefined {
  if (change.kind === 'added') return withOwn(work, change);
  const task = work.tasks.find(({ id }) => id === change.task);
  if (!task) return undefined;
  switch (change.kind) {
    case 'retimed':
      return {
        ...work,
        tasks: work.tasks.map((each) => (each === task ? retimed(task, change.minutes) : each)),
      };
    case 'dropped':
      return without(work, task);
    case 'split':
      return inTwo(work, task, change.minutes);
    case 'after':
      return following(work, task, change);
  }
}

/**
 * A list of work with what a cook has changed of it, one change after another. A change of a task that the formula no longer
 * has fits nothing, and is told; so does leaving out what the table waits for, leaving off what has to be done in one go,
 * and waiting for what waits itself.
 */
export function withChanges(work: WorkList, changes: readonly WorkChange[]): Changed {
  const unfit: WorkChange[] = [];
  const changed = changes.reduce((before, change) => {
    const after = changedBy(before, change);
    if (!after) unfit.push(change);
    return after ?? before;
  }, work);
  return { work: changed, unfit };
}

import type { After, Task, WorkList } from './task';

/** What a cook has changed of a task: how long it takes, or that it is not done. */
export type WorkChange =
  | { readonly task: string; readonly kind: 'retimed'; readonly minutes: number }
  | { readonly task: string; readonly kind: 'dropped' };

/** A list of work as a cook has changed it, and the changes that fit nothing in it any more. */
export interface Changed {
  readonly work: WorkList;
  readonly unfit: readonly WorkChange[];
}

/** A task that takes so long; hands that were on it throughout still are, others keep their place. */
function retimed(task: Task, minutes: number): Task {
  const throughout = task.hands.length === 1 && task.hands[0]!.minutes >= task.span.expectedMin;
  const { usualMin: _, ...rest } = task;
  return {
    ...rest,
    span: { earliestMin: minutes, expectedMin: minutes, latestMin: minutes },
    from: 'cook',
    hands: throughout ? [{ at: 'start', offsetMin: 0, minutes }] : task.hands,
  };
}

/** What came after a task that is not done comes after what that came after, with the waits of both. */
function without(tasks: readonly Task[], gone: Task): Task[] {
  const over = (each: After, { mostMin, ...before }: After): After => ({
    ...before,
    leastMin: each.leastMin + before.leastMin,
    ...(each.mostMin === undefined || mostMin === undefined
      ? {}
      : { mostMin: each.mostMin + mostMin }),
  });
  return tasks
    .filter(({ id }) => id !== gone.id)
    .map((task) => ({
      ...task,
      after: task.after.flatMap((each) =>
        each.task === gone.id ? gone.after.map((before) => over(each, before)) : [each],
      ),
    }));
}

/**
 * A list of work with what a cook has changed of it. A change of a task that the formula no longer has fits nothing, and is
 * told; so does leaving out what the table waits for.
 */
export function withChanges(work: WorkList, changes: readonly WorkChange[]): Changed {
  let { tasks } = work;
  const unfit: WorkChange[] = [];
  for (const change of changes) {
    const task = tasks.find(({ id }) => id === change.task);
    const needed =
      change.kind === 'dropped' && work.ready.some(({ task: id }) => id === change.task);
    if (!task || needed) {
      unfit.push(change);
      continue;
    }
    tasks =
      change.kind === 'dropped'
        ? without(tasks, task)
        : tasks.map((each) => (each === task ? retimed(task, change.minutes) : each));
  }
  return { work: { ...work, tasks }, unfit };
}

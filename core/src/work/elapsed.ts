import type { Task, WorkList } from './task';

/** When each task can begin at the soonest with everything at hand, min from the first; it throws on tasks that wait for each other. */
export function soonest(tasks: readonly Task[]): Map<string, number> {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const starts = new Map<string, number>();
  const under = new Set<string>();
  const startOf = (task: Task): number => {
    const known = starts.get(task.id);
    if (known !== undefined) return known;
    if (under.has(task.id)) throw new RangeError(`'${task.id}' waits for itself`);
    under.add(task.id);
    const start = Math.max(
      0,
      ...task.after.map((each) => {
        const before = byId.get(each.task);
        if (!before)
          throw new RangeError(`'${task.id}' waits for '${each.task}', which is no task`);
        return startOf(before) + before.span.expectedMin + each.leastMin;
      }),
    );
    under.delete(task.id);
    starts.set(task.id, start);
    return start;
  };
  tasks.forEach(startOf);
  return starts;
}

/**
 * Minutes from the first thing done to the table, with hands and ovens enough. What is only taken out of the fridge
 * to lose its chill is not counted: cooks do that with the evening's last look.
 */
export function elapsedMin({ tasks, ready }: Pick<WorkList, 'tasks' | 'ready'>): number {
  const warm = tasks
    .filter(({ verb }) => !verb.startsWith('take-out'))
    .map((task) => ({
      ...task,
      after: task.after.filter(({ wait }) => wait !== 'soften'),
    }));
  const starts = soonest(warm);
  return Math.max(
    ...ready.map(({ task, leastMin }) => {
      const last = warm.find(({ id }) => id === task);
      if (!last) throw new RangeError(`ready after '${task}', which is no task`);
      return starts.get(task)! + last.span.expectedMin + leastMin;
    }),
  );
}

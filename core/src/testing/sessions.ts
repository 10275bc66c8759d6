import type { Session } from '../day';
import type { After, OvenNeed, Task, WorkList } from '../work';

/** A task that says nothing but how long it takes: hands from beginning to end, unless said otherwise. */
export function plainTask(
  id: string,
  minutes: number,
  given: Partial<Omit<Task, 'after'>> & { readonly after?: readonly After[] } = {},
): Task {
  return {
    id,
    verb: 'make-part',
    of: 'filling',
    what: id,
    vessels: 1,
    grams: 0,
    station: 'bench',
    span: { earliestMin: minutes, expectedMin: minutes, latestMin: minutes },
    from: 'usual',
    hands: [{ at: 'start', offsetMin: 0, minutes }],
    after: [],
    ...given,
  };
}

/** What a 24 cm tin wants of an oven at a setting. */
export const inOvenAt = (
  setC: number,
  given: Partial<OvenNeed> = {},
): { readonly station: 'oven'; readonly oven: OvenNeed } => ({
  station: 'oven',
  oven: {
    ovenId: 'oven',
    setC,
    endC: setC,
    programme: `${setC}`,
    staged: false,
    vessels: 1,
    pieces: 1,
    lengthMm: 260,
    breadthMm: 260,
    ...given,
  },
});

/** Tasks one after another, each after the one before it by so many minutes at the least. */
export const chain = (tasks: readonly Task[], waitMin = 0): Task[] =>
  tasks.map((task, index) =>
    index === 0
      ? task
      : {
          ...task,
          after: [{ task: tasks[index - 1]!.id, wait: 'stand', leastMin: waitMin }],
        },
  );

/** A list of work that is ready with its last task. */
export const workFrom = (tasks: readonly Task[], leastMin = 0, mostMin = 1440): WorkList => ({
  tasks,
  ready: [{ task: tasks.at(-1)!.id, leastMin, mostMin }],
  besides: [],
});

/** A kitchen with one cook from midnight to noon, one still oven of two shelves for one tin each, four rings, one mixer. */
export const KITCHEN: Session['means'] = {
  people: [{ id: 'cook', name: 'Cook', hours: [[0, 720]] }],
  ovens: [
    {
      id: 'oven',
      name: 'Oven',
      kind: 'still',
      offsetK: 0,
      shelves: 2,
      lengthMm: 400,
      breadthMm: 300,
    },
  ],
  rings: 4,
  mixers: 1,
  fridgePlaces: 10,
  freezerPlaces: 4,
  roomC: 22,
};

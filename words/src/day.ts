import type { DayPlan, Job, Session, Task } from '@hollow-moon/core/planning';
import { listed, say } from './say';

/** The day that something is of. */
interface OfDay {
  readonly session: Session;
}

/** What a task of a bake is called among the others: "Roll and line, Rye shell". */
export const nameOfTask = ({ verb, what, part }: Task): string =>
  verb === 'own'
    ? what
    : [say(`work.${verb}`), what, part ? say('day.part', { which: part }) : '']
        .filter(Boolean)
        .join(', ');

/** What a task is called, with what it is done to: "Roll and line: Rye shell, 3 tins". */
export function taskInWords({ id, task, bakes }: Job): string {
  const [, load] = id.split('#');
  const own = task.verb === 'own';
  const about = [
    own ? '' : task.what,
    bakes.length > 1 ? say('day.for-several', { count: bakes.length }) : '',
    bakes.length > 1 ? '' : say('day.vessels', { count: task.oven?.vessels ?? task.vessels }),
    load ? say('day.load', { which: load }) : '',
    task.part ? say('day.part', { which: task.part }) : '',
  ].filter(Boolean);
  const name = own ? task.what : say(`work.${task.verb}`);
  return say('day.task-line', { task: name, what: about.join(', ') });
}

/** More bakes than this are counted, not named. */
const NAMED = 2;

/** The bakes that a job is done for, by name; nothing where they are many, since the task says how many. */
export const bakesInWords = ({ bakes }: Job, { session }: OfDay): string =>
  bakes.length > NAMED
    ? ''
    : listed(
        bakes
          .map((bake) => session.wanted.find(({ id }) => id === bake)?.name ?? '')
          .filter(Boolean),
      );

/** Those whose hands a task wants, each once, by name. */
export const peopleInWords = (people: readonly string[], { session }: OfDay): string =>
  listed(
    [...new Set(people)].map(
      (person) => session.means.people.find(({ id }) => id === person)?.name ?? '',
    ),
  );

/** A day as a calendar has it: an event for each task, and one for each hour of service. */
export const eventsInWords = (
  planned: OfDay & {
    readonly model: { readonly byId: ReadonlyMap<string, Job> };
    readonly plan: DayPlan;
  },
  forWhomOf: (bake: string) => string | undefined,
) => [
  ...planned.plan.placed.map(({ task, startMin, endMin, people }) => {
    const job = planned.model.byId.get(task)!;
    return {
      id: task,
      fromMin: startMin,
      toMin: endMin,
      summary: taskInWords(job),
      description: [bakesInWords(job, planned), peopleInWords(people, planned)]
        .filter(Boolean)
        .join('\n'),
    };
  }),
  ...planned.session.wanted.map(({ id, name, dueMin }) => ({
    id,
    fromMin: dueMin,
    toMin: dueMin,
    summary: say('day.ready', { bake: name, whom: forWhomOf(id) || 'none' }),
  })),
];

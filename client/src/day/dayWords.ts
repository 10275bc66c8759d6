import type { Job, Task } from '@hollow-moon/core/planning';
import { listed, say } from '@hollow-moon/words';
import type { Planned } from './usePlan';

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
export const bakesInWords = ({ bakes }: Job, { session }: Pick<Planned, 'session'>): string =>
  bakes.length > NAMED
    ? ''
    : listed(
        bakes
          .map((bake) => session.wanted.find(({ id }) => id === bake)?.name ?? '')
          .filter(Boolean),
      );

/** Those whose hands a task wants, each once, by name. */
export const peopleInWords = (
  people: readonly string[],
  { session }: Pick<Planned, 'session'>,
): string =>
  listed(
    [...new Set(people)].map(
      (person) => session.means.people.find(({ id }) => id === person)?.name ?? '',
    ),
  );

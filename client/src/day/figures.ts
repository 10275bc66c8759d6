import { energyOf, readyAt } from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import type { Planned } from './usePlan';
import { dayAndHour, lasting } from './when';

/** What a plan comes to, line by line, to be laid beside another. */
export interface Figure {
  readonly id: string;
  readonly label: string;
  readonly value: string;
}

/** What the ovens take over a plan, kWh to a tenth; `undefined` where none is lit. */
export function ovensKWh({ model, plan }: Planned): string | undefined {
  const ovens = energyOf(model, plan);
  return ovens.length > 0 ? ovens.reduce((sum, { kWh }) => sum + kWh, 0).toFixed(1) : undefined;
}

/** The figures of a plan: who is there how long, what the ovens do, and when each bake is ready. */
export function figuresOf(planned: Planned, date: string): Figure[] {
  const { plan, model, measures, session } = planned;
  const ready = readyAt(model, plan);
  const kWh = ovensKWh(planned);
  const of = (id: string, label: string, value: string): Figure => ({ id, label, value });
  return [
    of(
      'begins',
      say('day.figure-begins'),
      dayAndHour(date, Math.min(...plan.placed.map(({ startMin }) => startMin))),
    ),
    of(
      'ends',
      say('day.figure-ends'),
      dayAndHour(date, Math.max(...plan.placed.map(({ endMin }) => endMin))),
    ),
    of('there', say('day.figure-there'), lasting(measures.presenceMin)),
    of('busy', say('day.figure-busy'), lasting(measures.busyMin)),
    ...(kWh === undefined
      ? []
      : [
          of('heats', say('day.figure-heats'), `${measures.changes}`),
          of('energy', say('day.figure-energy'), say('day.figure-kwh', { kWh })),
        ]),
    ...session.wanted.map(({ id, name }) => {
      const at = ready.get(id);
      return of(id, name, at === undefined ? say('day.figure-left') : dayAndHour(date, at));
    }),
  ];
}

/** A line of two plans; a figure that only one of them has is empty in the other. */
export interface Pair {
  readonly label: string;
  readonly kept: string;
  readonly now: string;
}

/** Two plans line by line: those of the one as it stands, then what only the kept one has. */
export function besideOf(kept: readonly Figure[], now: readonly Figure[]): Pair[] {
  const find = (among: readonly Figure[], id: string) =>
    among.find((each) => each.id === id)?.value ?? '–';
  return [
    ...now.map(({ id, label, value }) => ({ label, kept: find(kept, id), now: value })),
    ...kept
      .filter(({ id }) => !now.some((each) => each.id === id))
      .map(({ label, value }) => ({ label, kept: value, now: '–' })),
  ];
}

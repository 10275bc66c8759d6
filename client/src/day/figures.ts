import type { KitchenData } from '@hollow-moon/contract';
import { energyOf, readyAt } from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import { money } from '../design/money';
import type { Planned } from './usePlan';
import { dayAndHour, lasting } from './when';

/** What a plan comes to, line by line, to be laid beside another. */
export interface Figure {
  readonly id: string;
  readonly label: string;
  readonly value: string;
}

/** What energy costs in a kitchen. */
export type Energy = Pick<KitchenData, 'kWhPrice' | 'currency'>;

/**
 * What the ovens take over a plan, kWh to a tenth, and what that costs where the kitchen has said its price; `undefined`
 * where none is lit.
 */
export function ovensTake(
  { model, plan }: Pick<Planned, 'model' | 'plan'>,
  { kWhPrice, currency }: Energy,
): { readonly kWh: string; readonly cost?: string } | undefined {
  const ovens = energyOf(model, plan);
  if (ovens.length === 0) return undefined;
  const kWh = ovens.reduce((sum, each) => sum + each.kWh, 0);
  return {
    kWh: kWh.toFixed(1),
    ...(kWhPrice === null ? {} : { cost: money(kWh * kWhPrice, currency) }),
  };
}

/** What the ovens take in words: as a part of a sentence. */
export const energyInWords = ({ kWh, cost }: NonNullable<ReturnType<typeof ovensTake>>): string =>
  cost === undefined ? say('day.energy', { kWh }) : say('day.energy-cost', { kWh, cost });

/** The figures of a plan: who is there how long, what the ovens do, and when each bake is ready. */
export function figuresOf(planned: Planned, date: string, energy: Energy): Figure[] {
  const { plan, model, measures, session } = planned;
  const ready = readyAt(model, plan);
  const taken = ovensTake(planned, energy);
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
    ...(taken === undefined
      ? []
      : [
          of('heats', say('day.figure-heats'), `${measures.changes}`),
          of(
            'energy',
            say('day.figure-energy'),
            taken.cost === undefined
              ? say('day.figure-kwh', { kWh: taken.kWh })
              : say('day.figure-kwh-cost', { kWh: taken.kWh, cost: taken.cost }),
          ),
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

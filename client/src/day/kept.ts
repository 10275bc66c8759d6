import type { DayData } from '@hollow-moon/contract';
import { wayDataOf } from '@hollow-moon/contract/planning';
import { keeping } from '@hollow-moon/core/planning';
import type { Planned } from './usePlan';

/**
 * A day with its plan kept task by task, so that it stands whatever is changed later: a bake more, an oven less, another
 * formula. Nothing where it is kept already.
 */
export function keptAsPlanned(
  day: DayData,
  { plan, way }: Pick<Planned, 'plan' | 'way'>,
): DayData | undefined {
  const kept = new Set(day.way?.keep?.map(({ task }) => task));
  if (plan.placed.every(({ task }) => kept.has(task))) return undefined;
  return { ...day, way: wayDataOf(keeping(plan, way.order)) };
}

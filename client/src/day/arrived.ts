import type { DayData } from '@hollow-moon/contract';

/** Tasks that several bakes share are named by what they share, and by none of the bakes. */
const SHARED = 'shared:';

/**
 * A day from a file as it can be planned here: without the bakes whose formulas `isHere` does not know, and without what was
 * put by hand of those. What it lacks are the ids of their formulas.
 */
export function arrived(
  day: DayData,
  isHere: (formulaId: string) => boolean,
): { readonly day: DayData; readonly lacks: string[] } {
  const kept = day.wanted.filter(({ formulaId }) => isHere(formulaId));
  const ids = new Set(kept.map(({ id }) => id));
  const isOfKept = (task: string): boolean =>
    task.startsWith(SHARED) || [...ids].some((id) => task.startsWith(id));
  return {
    day: {
      ...day,
      wanted: kept,
      locks: day.locks.filter(({ task }) => isOfKept(task)),
      changes: day.changes.filter(({ bake }) => ids.has(bake)),
      way: day.way && { ...day.way, order: day.way.order.filter((id) => ids.has(id)) },
    },
    lacks: day.wanted.flatMap(({ formulaId }) => (isHere(formulaId) ? [] : [formulaId])),
  };
}

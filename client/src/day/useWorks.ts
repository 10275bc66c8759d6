import type { DayData } from '@hollow-moon/contract';
import {
  asWanted,
  bakedAs,
  workAskOf,
  workedBakeOf,
  type WorkedBake,
  type WorkedIn,
} from '@hollow-moon/contract/planning';
import type { Problem, Rings } from '@hollow-moon/core';
import { computedFrom, type Computed } from '@hollow-moon/core/planning';
import { useEffect, useMemo, useState } from 'react';
import type { KitchenBook } from '../book/book';
import { pool, type Priority } from '../jobs';

/** A bake whose tasks are not known, and why. */
export interface Unknown {
  readonly id: string;
  readonly name: string;
  readonly why: Problem;
}

/** The work of a day as far as it has been worked out. */
export interface Works {
  readonly bakes: readonly WorkedBake[];
  readonly unknown: readonly Unknown[];
  /** The rings of each bake at its pull, as the moon draws them. */
  readonly moons: ReadonlyMap<string, Rings>;
  /** Formulas that have been worked out, of how many. */
  readonly done: number;
  readonly all: number;
}

/** A kitchen's book as the room of work looks into it. */
export const workedIn = (book: KitchenBook): WorkedIn => ({
  kitchen: book.kitchen.data,
  vesselOf: (id) => book.vessels.find((each) => each.id === id)?.data,
  ovens: book.ovens,
  own: book.own,
  formulaOf: book.formulaOf,
});

/** What the tasks of each formula take, worked out beside the screen; what is known is remembered. */
function useComputed(
  wanted: DayData['wanted'],
  where: WorkedIn,
  priority: Priority,
): ReadonlyMap<string, Computed> {
  const [known, setKnown] = useState<ReadonlyMap<string, Computed>>(new Map());
  const asks = useMemo(
    () =>
      [...new Map(wanted.map((each) => [bakedAs(each), each]))].flatMap(([id, each]) => {
        const data = where.formulaOf(each.formulaId);
        return data ? [{ id, ask: workAskOf(asWanted(data, each), where) }] : [];
      }),
    [wanted, where],
  );
  const key = JSON.stringify(asks);
  useEffect(() => {
    // The shelf asks the same forecasts: what is known of it is not worked out again.
    const asked = (JSON.parse(key) as typeof asks).map(({ id, ask: { bake, blind } }) => {
      const baked = bake && pool().ask('forecast', { plan: bake }, { priority });
      const shell = blind && pool().ask('blind', { plan: blind }, { priority });
      Promise.all([baked?.answer, shell?.answer]).then(
        ([forecast, empty]) =>
          setKnown((before) =>
            new Map(before).set(
              id,
              computedFrom({
                ...(forecast?.ok ? { forecast: forecast.value } : {}),
                ...(empty?.ok ? { blind: empty.value } : {}),
              }),
            ),
          ),
        () => setKnown((before) => new Map(before).set(id, {})),
      );
      return [baked, shell];
    });
    return () => asked.flat().forEach((job) => job?.withdraw());
  }, [key, priority]);
  return known;
}

/** The tasks of every bake that is wanted. */
export function useWorks(
  wanted: DayData['wanted'],
  book: KitchenBook,
  priority: Priority = 'list',
): Works {
  const where = useMemo(() => workedIn(book), [book]);
  const computed = useComputed(wanted, where, priority);
  return useMemo(() => {
    const bakes: WorkedBake[] = [];
    const unknown: Unknown[] = [];
    const formulas = new Set<string>();
    const moons = new Map<string, Rings>();
    for (const each of wanted) {
      const known = computed.get(bakedAs(each));
      if (where.formulaOf(each.formulaId)) formulas.add(bakedAs(each));
      const worked = known && workedBakeOf(each, known, where);
      if (!worked) continue;
      if (known.moon) moons.set(each.id, known.moon);
      if ('bake' in worked) bakes.push(worked.bake);
      else unknown.push({ id: each.id, ...worked });
    }
    const done = [...formulas].filter((id) => computed.has(id)).length;
    return { bakes, unknown, moons, done, all: formulas.size };
  }, [wanted, where, computed]);
}

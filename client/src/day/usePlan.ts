import { type DayData } from '@hollow-moon/contract';
import { sessionOf, wayFromData } from '@hollow-moon/contract/planning';
import { type Problem } from '@hollow-moon/core';
import {
  checkPlan,
  construct,
  measure,
  modelOf,
  usualOrders,
  firstPlan,
  type Breach,
  type DayModel,
  type DayPlan,
  type Measures,
  type Session,
  type Way,
} from '@hollow-moon/core/planning';
import { useMemo } from 'react';
import type { KitchenBook } from '../book/book';
import { workedIn, type Works } from './useWorks';

/** A day as it is planned: what was asked, what was found, and that it holds. */
export interface Planned {
  readonly session: Session;
  readonly model: DayModel;
  readonly way: Way;
  readonly plan: DayPlan;
  readonly measures: Measures;
  /** Empty, or the plan is not one to work by. */
  readonly breaches: readonly Breach[];
}

/** The way a plan was found before, with bakes that are new since then at its end and without those that are gone. */
function wayOf({ way, presence }: DayData, model: DayModel): Way {
  if (!way) return firstPlan(model, { presence }).way;
  const [usual = []] = usualOrders(model);
  const known = way.order.filter((id) => usual.includes(id));
  const fresh = usual.filter((id) => !known.includes(id));
  return { ...wayFromData(way), order: [...known, ...fresh] };
}

/** Plans a day from what is known of its work; a bake that fits no oven here is told. Some milliseconds. */
export function planned(
  day: DayData,
  works: Pick<Works, 'bakes'>,
  book: KitchenBook,
): { readonly planned: Planned } | { readonly problem: Problem } {
  const session = sessionOf(day, works.bakes, workedIn(book));
  const made = modelOf(session);
  if (!made.ok) return { problem: made.problem };
  const model = made.value;
  const way = wayOf(day, model);
  const plan = construct(model, way);
  return {
    planned: {
      session,
      model,
      way,
      plan,
      measures: measure(model, plan),
      breaches: checkPlan(model, plan),
    },
  };
}

/** The plan of a day; it follows every change of it at once. */
export const usePlan = (day: DayData, works: Works, book: KitchenBook) =>
  useMemo(() => planned(day, works, book), [day, works, book]);

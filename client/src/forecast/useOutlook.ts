import type { FormulaData, Tried } from '@hollow-moon/contract';
import {
  analyse,
  bakesOf,
  judgePart,
  type Bakes,
  type ForecastPlan,
  type PartVerdict,
} from '@hollow-moon/core';
import type { Priority } from '../jobs';
import { useMemo, useState, type Dispatch, type SetStateAction } from 'react';
import type { KitchenBook } from '../book/book';
import { planFor } from './planFor';
import { useForecast, type ForecastState } from './useForecast';

/** What a formula on the bench leads to: judged, planned, forecast. */
export interface Outlook extends ForecastState {
  readonly judged: PartVerdict;
  /** Lines of its list whose amount nobody knows. */
  readonly missingAmounts: number;
  /** How the oven sets it; `undefined` where it does not. */
  readonly bakes: Bakes | undefined;
  /** What the forecast is of, where there can be one. */
  readonly plan: ForecastPlan | undefined;
  /** What is missing before there can be a forecast. */
  readonly missing: string | undefined;
  readonly tried: Tried;
  readonly setTried: Dispatch<SetStateAction<Tried>>;
}

/**
 * Keeps the outlook of a formula up to date; one for all the places of a screen that show it. `slot`
 * names who asks: each has one forecast waiting at the most.
 */
export function useOutlook(
  data: FormulaData,
  book: KitchenBook,
  slot: string,
  priority: Priority,
): Outlook {
  const [tried, setTried] = useState<Tried>({});
  const { lines, family, shell } = data;
  const { find } = book;
  const { eggGrade } = book.kitchen.data;
  const analysis = useMemo(
    () => analyse(lines, eggGrade, find, family),
    [lines, eggGrade, find, family],
  );
  const judged = useMemo(() => judgePart(analysis, family, shell), [analysis, family, shell]);
  const wish = planFor(data, book, tried);
  const bakes = useMemo(() => bakesOf(judged, family, shell), [judged, family, shell]);
  const plan = bakes && 'plan' in wish ? wish.plan : undefined;
  const state = useForecast(slot, plan, priority);
  return {
    ...state,
    // A forecast of an earlier plan says nothing about one that cannot be made.
    forecast: plan ? state.forecast : undefined,
    answered: plan && state.answered,
    judged,
    missingAmounts: analysis.unknown.length,
    bakes,
    plan,
    missing: bakes && 'missing' in wish ? wish.missing : undefined,
    tried,
    setTried,
  };
}

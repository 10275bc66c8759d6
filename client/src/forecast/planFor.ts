import { say } from '@hollow-moon/words';
import { planOf, type FormulaData, type Tried } from '@hollow-moon/contract';
import type { ForecastPlan } from '@hollow-moon/core';
import { weakMapMemoize } from '@reduxjs/toolkit';
import type { KitchenBook } from '../book/book';

type Wish = { readonly plan: ForecastPlan } | { readonly missing: string };

const NOTHING_TRIED: Tried = {};

/**
 * The plan of a formula in its kitchen, or the one thing that is missing. Remembered: it is asked for
 * as a slider moves, and again as the screen is drawn.
 */
export const planFor = (data: FormulaData, book: KitchenBook, tried: Tried = NOTHING_TRIED): Wish =>
  planned(data, book, tried);

const planned = weakMapMemoize((data: FormulaData, book: KitchenBook, tried: Tried): Wish => {
  const vessel = book.vessels.find((each) => each.id === data.vesselId);
  if (!vessel) return { missing: say('forecast.choose-a-tin-to-see-the') };
  const oven = book.ovens.find((each) => each.id === data.ovenId);
  if (!oven) return { missing: say('forecast.choose-an-oven-to-see-the') };
  const { own, formulaOf } = book;
  const where = {
    kitchen: book.kitchen.data,
    vessel: vessel.data,
    oven: oven.data,
    own,
    formulaOf,
  };
  return { plan: planOf(data, where, tried) };
});

import {
  planOf,
  type FormulaData,
  type KitchenData,
  type OvenData,
  type VesselData,
} from '@hollow-moon/contract';
import { buildOf, findAmong, fitOf, forecast, judgePart, type Ingredient } from '@hollow-moon/core';
import { cardOf, wordsIn, type Card, type Units } from '@hollow-moon/words';

/** What a bench card is made of; all of it can be sent to a thread. */
export interface CardNeeds {
  readonly kitchen: KitchenData;
  readonly version: number;
  /** The day it is printed, as it is written. */
  readonly day: string;
  /** How its cook reads. */
  readonly units: Units;
  readonly formula: FormulaData;
  /** All formulas of the kitchen by id: it may be made of others. */
  readonly formulas: Readonly<Record<string, FormulaData>>;
  readonly vessel: VesselData | undefined;
  readonly oven: OvenData | undefined;
  readonly own: readonly Ingredient[];
}

/** The bench card of a formula, worked out anew: amounts, window and cautions of today. */
export function cardFrom(needs: CardNeeds): Card {
  const { kitchen, version, day, units, formula, formulas, vessel, oven, own } = needs;
  const formulaOf = (id: string): FormulaData | undefined => formulas[id];
  const build = buildOf(formula, {
    grade: kitchen.eggGrade,
    vessel,
    formulaOf,
    find: findAmong(own),
  });
  const fit = vessel && fitOf(formula, build, vessel);
  const verdict = judgePart(build.filling, formula.family, formula.shell);
  const foreseen =
    vessel && oven
      ? forecast(planOf(formula, { kitchen, vessel, oven, own, formulaOf }))
      : undefined;
  return cardOf(
    {
      formula,
      build,
      verdict,
      fit: fit?.ok ? fit.value : undefined,
      vessel,
      oven,
      forecast: foreseen?.ok ? foreseen.value : undefined,
      stamp: { kitchen: kitchen.name, version, day },
    },
    wordsIn(units),
  );
}

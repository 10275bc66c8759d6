import { ownIngredients, planOf, type FormulaData } from '@hollow-moon/contract';
import {
  buildOf,
  cardOf,
  findAmong,
  fitOf,
  forecast,
  judgePart,
  type Card,
} from '@hollow-moon/core';
import type { Database } from '../database/pool';
import { notFound } from '../errors';
import { ovens, pantry, vessels } from '../repositories/equipment';
import { formulas } from '../repositories/formulas';
import { kitchens } from '../repositories/kitchens';

/** The bench card of a formula as it is kept, worked out anew: amounts, window and cautions of today. */
export async function cardFor(database: Database, kitchenId: string, id: string): Promise<Card> {
  const [kitchen, all, tins, stoves, stock] = await Promise.all([
    kitchens.find(database, kitchenId, kitchenId),
    formulas.list(database, kitchenId),
    vessels.list(database, kitchenId),
    ovens.list(database, kitchenId),
    pantry.list(database, kitchenId),
  ]);
  const data = all.find((each) => each.id === id)?.data;
  if (!kitchen || !data) throw notFound('formula');
  const own = ownIngredients(stock);
  const formulaOf = (wanted: string): FormulaData | undefined =>
    all.find((each) => each.id === wanted)?.data;
  const vessel = tins.find((each) => each.id === data.vesselId)?.data;
  const oven = stoves.find((each) => each.id === data.ovenId)?.data;
  const build = buildOf(data, {
    grade: kitchen.data.eggGrade,
    vessel,
    formulaOf,
    find: findAmong(own),
  });
  const fit = vessel && fitOf(data, build, vessel);
  const verdict = judgePart(build.filling, data.family, data.shell);
  const foreseen =
    vessel && oven
      ? forecast(planOf(data, { kitchen: kitchen.data, vessel, oven, own, formulaOf }))
      : undefined;
  return cardOf({
    formula: data,
    build,
    verdict,
    fit: fit?.ok ? fit.value : undefined,
    vessel,
    oven,
    forecast: foreseen?.ok ? foreseen.value : undefined,
  });
}

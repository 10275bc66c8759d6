import { ownIngredients, type FormulaData } from '@hollow-moon/contract';
import type { CardNeeds } from '../card/card';
import type { Database } from '../database/pool';
import { notFound } from '../errors';
import { ovens, pantry, vessels } from '../repositories/equipment';
import { formulas } from '../repositories/formulas';
import { kitchens } from '../repositories/kitchens';

/** All that the bench card of a formula is made of, as the kitchen has it today. */
export async function cardNeeds(
  database: Database,
  kitchenId: string,
  id: string,
): Promise<Omit<CardNeeds, 'day' | 'units'>> {
  const [kitchen, all, tins, stoves, stock] = await Promise.all([
    kitchens.find(database, kitchenId, kitchenId),
    formulas.list(database, kitchenId),
    vessels.list(database, kitchenId),
    ovens.list(database, kitchenId),
    pantry.list(database, kitchenId),
  ]);
  const stored = all.find((each) => each.id === id);
  const byId: Readonly<Record<string, FormulaData>> = Object.fromEntries(
    all.map((each) => [each.id, each.data]),
  );
  if (!kitchen || !stored) throw notFound('formula');
  const formula = stored.data;
  return {
    kitchen: kitchen.data,
    version: stored.version,
    formula,
    formulas: byId,
    vessel: tins.find((each) => each.id === formula.vesselId)?.data,
    oven: stoves.find((each) => each.id === formula.ovenId)?.data,
    own: ownIngredients(stock),
  };
}

import type { Database } from '../database/pool';
import { bakes } from '../repositories/bakes';
import { days } from '../repositories/days';
import { ovens, pantry, vessels } from '../repositories/equipment';
import { formulas } from '../repositories/formulas';
import { kitchens } from '../repositories/kitchens';
import { orders } from '../repositories/orders';
import type { Repository } from '../repositories/table';
import { DEEDS, notedOf, READINGS, WOBBLES } from '../repositories/noted';
import type { ThingName } from '../errors';
import { keeperOf } from '../services/keep';
import { note } from '../services/note';
import { demoBakes, LAST_DEMO_BAKE_ID } from './bakes';
import { demoDays, demoOrders } from './days';
import { demoFormulas } from './formulas';
import { DEMO_KITCHEN_ID, demoKitchen, demoOvens, demoVessels } from './kitchen';
import { demoPantry } from './pantry';

/**
 * Loads the demonstration kitchen into a database that has no kitchen yet; says whether it did. Each
 * thing's write carries its own id, and what is there already is left: a load that was cut off goes on where it stopped.
 */
export async function loadDemo(database: Database, now: () => Date): Promise<boolean> {
  const present = await kitchens.list(database, '');
  const last = await notedOf(database, DEMO_KITCHEN_ID, LAST_DEMO_BAKE_ID);
  const foreign = present.some((kitchen) => kitchen.id !== DEMO_KITCHEN_ID);
  if (last.wobbles.length > 0 || foreign) return false;

  const putAll = async <Data>(
    repository: Repository<Data>,
    what: ThingName,
    things: Readonly<Record<string, Data>>,
  ) => {
    const keeper = keeperOf(database, repository, what, now);
    for (const [id, data] of Object.entries(things)) {
      if (await repository.find(database, DEMO_KITCHEN_ID, id)) continue;
      await keeper.put(DEMO_KITCHEN_ID, id, { writeId: id, version: 0, data });
    }
  };
  await putAll(kitchens, 'kitchen', { [DEMO_KITCHEN_ID]: demoKitchen });
  await putAll(ovens, 'oven', demoOvens);
  await putAll(vessels, 'vessel', demoVessels);
  await putAll(pantry, 'ingredient', demoPantry);
  await putAll(formulas, 'formula', demoFormulas);
  await putAll(days, 'day', demoDays(now()));
  await putAll(orders, 'order', demoOrders);
  for (const [id, { data, noted }] of Object.entries(demoBakes(now()))) {
    await putAll(bakes, 'bake', { [id]: data });
    for (const entry of noted.readings) await note(database, READINGS, DEMO_KITCHEN_ID, id, entry);
    for (const entry of noted.wobbles) await note(database, WOBBLES, DEMO_KITCHEN_ID, id, entry);
    for (const entry of noted.deeds) await note(database, DEEDS, DEMO_KITCHEN_ID, id, entry);
  }
  return true;
}

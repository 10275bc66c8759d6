import { inTransaction, type Database } from '../database/pool';
import { notFound, Refusal } from '../errors';
import { bakes } from '../repositories/bakes';
import { countNoted, findNoted, insertNoted, type NotedKind } from '../repositories/noted';

const same = (a: object, b: object): boolean =>
  JSON.stringify(Object.entries(a).sort()) === JSON.stringify(Object.entries(b).sort());

/**
 * Notes an entry of a bake. Sent again, it is answered as if noted now; another under its id is refused. The bake is
 * locked meanwhile, so that its number of entries holds.
 */
export const note = <Entry extends { readonly id: string }>(
  database: Database,
  kind: NotedKind<Entry>,
  kitchenId: string,
  bakeId: string,
  entry: Entry,
): Promise<Entry> =>
  inTransaction(database, async (transaction) => {
    if (!(await bakes.find(transaction, kitchenId, bakeId, 'for update'))) throw notFound('bake');
    const there = await findNoted(transaction, kind, kitchenId, bakeId, entry.id);
    if (there && same(there, entry)) return there;
    if (there) {
      throw new Refusal(409, 'id-taken');
    }
    if ((await countNoted(transaction, kind, kitchenId, bakeId)) >= kind.most) {
      throw new Refusal(422, 'too-many', { values: { most: kind.most }, path: '' });
    }
    await insertNoted(transaction, kind, kitchenId, bakeId, entry);
    return entry;
  });

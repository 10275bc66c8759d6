import { inTransaction, type Database } from '../database/pool';
import { notFound, Refusal } from '../errors';
import { countNoted, findNoted, insertNoted, type NotedKind } from '../repositories/noted';

const same = (a: object, b: object): boolean =>
  JSON.stringify(Object.entries(a).sort()) === JSON.stringify(Object.entries(b).sort());

/**
 * Notes an entry of a bake or a day. Sent again, it is answered as if noted now; another under its id is refused. What it is
 * noted of is locked meanwhile, so that its number of entries holds.
 */
export const note = <Entry extends { readonly id: string }>(
  database: Database,
  kind: NotedKind<Entry>,
  kitchenId: string,
  parentId: string,
  entry: Entry,
): Promise<Entry> =>
  inTransaction(database, async (transaction) => {
    if (!(await kind.of.find(transaction, kitchenId, parentId, 'for update'))) {
      throw notFound(kind.of.what);
    }
    const there = await findNoted(transaction, kind, kitchenId, parentId, entry.id);
    if (there && (same(there, entry) || kind.alike?.(there, entry))) return there;
    if (there) {
      throw new Refusal(409, 'id-taken');
    }
    if ((await countNoted(transaction, kind, kitchenId, parentId)) >= kind.most) {
      throw new Refusal(422, 'too-many', { values: { most: kind.most }, path: '' });
    }
    await insertNoted(transaction, kind, kitchenId, parentId, entry);
    return entry;
  });

import { inTransaction, type Database } from '../database/pool';
import { notFound, Refusal } from '../errors';
import type { Repository, Stored } from '../repositories/table';

/** A write as the client sends it. */
export interface Write<Data> {
  readonly writeId: string;
  readonly version: number;
  readonly data: Data;
  readonly why?: string | undefined;
}

/** Keeping one kind of thing of a kitchen: reading, and writing without losing anybody's work. */
export interface Keeper<Data, Search> {
  list(kitchenId: string, search?: Search): Promise<Stored<Data>[]>;
  find(kitchenId: string, id: string): Promise<Stored<Data>>;
  put(kitchenId: string, id: string, write: Write<Data>): Promise<Stored<Data>>;
}

const DUPLICATE_KEY = 1062;

/**
 * Rules of writing, the same for everything:
 * - version 0 makes a new thing, any other must be the version now stored, else the write is stale
 *   and is refused with both sides shown;
 * - a write that was already done (its id is the last one stored) is answered as if done now.
 */
export function keeperOf<Data, Search = undefined>(
  database: Database,
  repository: Repository<Data, Search>,
  what: string,
  now: () => Date,
): Keeper<Data, Search> {
  return {
    list: (kitchenId, search) => repository.list(database, kitchenId, search),
    async find(kitchenId, id) {
      const found = await repository.find(database, kitchenId, id);
      if (!found) throw notFound(what);
      return found;
    },
    async put(kitchenId, id, write) {
      const { writeId, version, data } = write;
      const stale = (current: Stored<Data>) =>
        new Refusal(409, {
          code: 'stale',
          message: `This ${what} was changed elsewhere since you opened it. Choose which to keep.`,
          current: {
            id,
            version: current.version,
            updatedAt: current.updatedAt,
            data: current.data,
          },
          yours: data,
        });
      try {
        return await inTransaction(database, async (transaction) => {
          const current = await repository.find(transaction, kitchenId, id, 'for update');
          if (current?.lastWriteId === writeId) return current;
          if (!current && version > 0) throw notFound(what);
          if (current && current.version !== version) throw stale(current);
          const next: Stored<Data> = {
            id,
            version: version + 1,
            updatedAt: now().toISOString(),
            lastWriteId: writeId,
            data,
          };
          if (current) await repository.update(transaction, kitchenId, next);
          else await repository.insert(transaction, kitchenId, next);
          await repository.record?.(transaction, kitchenId, next, write.why ?? '');
          return next;
        });
      } catch (cause) {
        if ((cause as { errno?: number }).errno !== DUPLICATE_KEY) throw cause;
        // Somebody made the same id at the same moment, or it belongs to another kitchen.
        const current = await repository.find(database, kitchenId, id);
        if (current?.lastWriteId === writeId) return current;
        if (current) throw stale(current);
        throw new Refusal(409, {
          code: 'id-taken',
          message: 'This id is already used. Try again.',
        });
      }
    },
  };
}

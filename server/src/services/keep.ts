import { createHash } from 'node:crypto';
import { inTransaction, type Database, type Transaction } from '../database/pool';
import { finding } from '@hollow-moon/core';
import { notFound, Refusal, type ThingName } from '../errors';
import type { Repository, Stored } from '../repositories/table';

/** A write as the client sends it. */
export interface Write<Data> {
  readonly writeId: string;
  readonly version: number;
  readonly data: Data;
  readonly why?: string | undefined;
}

/** Keeping one kind of thing of a kitchen: reading, and writing without losing anybody's work. */
export interface Keeper<Data> {
  readonly list: (kitchenId: string) => Promise<Stored<Data>[]>;
  readonly find: (kitchenId: string, id: string) => Promise<Stored<Data>>;
  readonly put: (kitchenId: string, id: string, write: Write<Data>) => Promise<Stored<Data>>;
}

/** What has to hold between a thing and the rest of its kitchen before it is written; throws a refusal. */
export type Rule<Data> = (
  on: Transaction,
  kitchenId: string,
  id: string,
  data: Data,
) => Promise<void>;

const DUPLICATE_KEY = 1062;

/** By this a write that is sent again is told from another under the same id. */
const hashOf = (data: unknown): string =>
  createHash('sha256').update(JSON.stringify(data)).digest('hex');

/**
 * Rules of writing, the same for everything:
 * - version 0 makes a new thing, any other must be the version now stored, else the write is stale
 *   and is refused with both sides shown;
 * - a write that was already done (its id is the last one stored) is answered as if done now; another under its id is
 *   refused;
 * - what there may be one of in a kitchen, and is there under another id, makes a write stale as well.
 */
export function keeperOf<Data>(
  database: Database,
  repository: Repository<Data>,
  what: ThingName,
  now: () => Date,
  rule?: Rule<Data>,
): Keeper<Data> {
  const stale = (current: Stored<Data>, yours: Data) =>
    new Refusal(409, 'stale', {
      values: { what: finding(`thing.${what}`) },
      current: {
        id: current.id,
        version: current.version,
        updatedAt: current.updatedAt,
        data: current.data,
      },
      yours,
    });
  /** The answer to a write that was done already; `undefined` for one that was not. */
  const answered = (current: Stored<Data> | undefined, writeId: string, hash: string) => {
    if (current?.lastWriteId !== writeId) return undefined;
    // What was written before hashes were kept has none.
    if (current.lastWriteHash !== null && current.lastWriteHash !== hash) {
      throw new Refusal(409, 'write-id-used');
    }
    return current;
  };
  return {
    list: (kitchenId) => repository.list(database, kitchenId),
    async find(kitchenId, id) {
      const found = await repository.find(database, kitchenId, id);
      if (!found) throw notFound(what);
      return found;
    },
    async put(kitchenId, id, write) {
      const { writeId, version, data } = write;
      const hash = hashOf(data);
      try {
        return await inTransaction(database, async (transaction) => {
          const current = await repository.find(transaction, kitchenId, id, 'for update');
          const done = answered(current, writeId, hash);
          if (done) return done;
          if (!current && version > 0) throw notFound(what);
          if (current && current.version !== version) throw stale(current, data);
          await rule?.(transaction, kitchenId, id, data);
          const next: Stored<Data> = {
            id,
            version: version + 1,
            updatedAt: now().toISOString(),
            lastWriteId: writeId,
            lastWriteHash: hash,
            data,
          };
          if (current) await repository.update(transaction, kitchenId, next);
          else await repository.insert(transaction, kitchenId, next);
          await repository.record?.(transaction, kitchenId, next, write.why ?? '');
          return next;
        });
      } catch (cause) {
        if ((cause as { errno?: number }).errno !== DUPLICATE_KEY) throw cause;
        // Somebody made the same id at the same moment, or there is one already of what there may be one of.
        const current =
          (await repository.find(database, kitchenId, id)) ??
          (await repository.sameAs?.(database, kitchenId, data));
        const done = answered(current, writeId, hash);
        if (done) return done;
        if (current) throw stale(current, data);
        // It belongs to another kitchen.
        throw new Refusal(409, 'id-taken');
      }
    },
  };
}

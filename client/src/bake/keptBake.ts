import { bakeDataSchema, notedSchema } from '@hollow-moon/contract';
import { v4 as uuid } from 'uuid';
import { z } from 'zod';
import type { Write } from '../outgoing/writes';
import type { LocalBake } from './bakes';
import { entriesOf, notedEntries, type LocalEntry } from './noted';

const version = z.int().min(0);

/** A bake as the storage has it: always a sound one, since nothing else is ever noted. */
export const keptBakeSchema = z.object({
  kitchenId: z.string(),
  version,
  data: bakeDataSchema,
}) as unknown as z.ZodType<LocalBake>;

/** As bakes were kept when their readings were written with them, and each sent itself. */
export const earlierBakeSchema = z
  .object({
    kitchenId: z.string(),
    version,
    data: z.looseObject({ ...notedSchema.shape }),
    unsent: z.boolean(),
  })
  .transform(
    ({ kitchenId, version, unsent, data: { readings, wobbles, deeds, ...data } }, context) => {
      const sound = bakeDataSchema.safeParse(data);
      const noted = { readings, wobbles, deeds };
      if (sound.success) return { kitchenId, version, unsent, data: sound.data, noted };
      context.addIssue({ code: 'custom', message: 'unreadable' });
      return z.NEVER;
    },
  );
type EarlierBake = z.infer<typeof earlierBakeSchema>;

/** Such a bake as bakes are now, and what of it has still to be sent: notes that the book has already do no harm. */
export function upgradedBake(
  id: string,
  { unsent, kitchenId, version, data, noted }: EarlierBake,
): {
  readonly bake: LocalBake;
  readonly entries: readonly LocalEntry[];
  readonly writes: readonly Write[];
} {
  const works: Write['work'][] = unsent
    ? [
        { op: 'put', kind: 'bakes', version, data },
        ...notedEntries(noted).map((each) => ({ op: 'note', ...each }) as const),
      ]
    : [];
  const writes = works.map((work, order): Write => ({
    id: uuid(),
    ...{ kitchenId, thing: id, order, work },
    tried: false,
    refused: null,
  }));
  const bake = { kitchenId, version, data };
  return { bake, entries: entriesOf(id, noted), writes };
}

import { finding, type Finding } from '@hollow-moon/core';
import { isMessage, say, type Words } from '@hollow-moon/words';
import {
  apiErrorSchema,
  bakeDataSchema,
  daySchema,
  formulaSchema,
  kitchenSchema,
  orderSchema,
  ovenSchema,
  pantryItemSchema,
  storedSchema,
  vesselSchema,
  type ApiError,
} from '@hollow-moon/contract';
import type { z } from 'zod';

/** The things of the book that are written whole. */
export const RESOURCES = {
  kitchens: kitchenSchema,
  formulas: formulaSchema,
  vessels: vesselSchema,
  ovens: ovenSchema,
  pantry: pantryItemSchema,
  days: daySchema,
  orders: orderSchema,
  bakes: storedSchema.extend({ data: bakeDataSchema }),
} as const;
export type ResourceKind = keyof typeof RESOURCES;
/** One of them as the book has it. */
export type StoredThing = z.infer<(typeof RESOURCES)[ResourceKind]>;

export type Refused = ApiError['error'];

const AWAY: Refused = { code: 'away', message: say('api.away') };

/** What the server said against a request, in its one shape; no answer at all is a shape of ours. */
export function refusalFrom(error: unknown): Refused {
  const parsed = apiErrorSchema.safeParse((error as { readonly data?: unknown }).data);
  return parsed.success ? parsed.data.error : AWAY;
}

/** What a refusal says: in our words where we have them for its code, else as the server says it. */
export function refusalInWords({ tell }: Pick<Words, 'tell'>, refused: Refusal): string {
  // Where several things are wrong, the first of them is said.
  const [first] = refused.issues ?? [];
  if (first) return refusalInWords({ tell }, first);
  const values = refused.values as Finding['values'];
  const id = [refused.code, `api.${refused.code}`].find(isMessage);
  return id === undefined ? refused.message : tell(finding(id, values));
}

/** A refusal, or one of the things that it says are wrong. */
type Refusal = Pick<Refused, 'code' | 'values' | 'message'> & Pick<Partial<Refused>, 'issues'>;

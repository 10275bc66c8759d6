import {
  apiErrorSchema,
  bakeDataSchema,
  formulaSchema,
  kitchenSchema,
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
  bakes: storedSchema.extend({ data: bakeDataSchema }),
} as const;
export type ResourceKind = keyof typeof RESOURCES;
/** One of them as the book has it. */
export type StoredThing = z.infer<(typeof RESOURCES)[ResourceKind]>;

export type Refused = ApiError['error'];

const AWAY: Refused = {
  code: 'away',
  message: 'The kitchen’s book cannot be reached. Try again when it can.',
};

/** What the server said against a request, in its one shape; no answer at all is a shape of ours. */
export function refusalFrom(error: unknown): Refused {
  const parsed = apiErrorSchema.safeParse((error as { readonly data?: unknown }).data);
  return parsed.success ? parsed.data.error : AWAY;
}

import type { WantedData } from '@hollow-moon/contract';
import { madeFor } from '@hollow-moon/contract/planning';
import { buildOf, type Build } from '@hollow-moon/core';
import type { KitchenBook } from '../book/book';

/** The build of a bake that is wanted, in as many tins as are; nothing where its formula is gone. */
export function buildOfWanted(
  wanted: Pick<WantedData, 'formulaId' | 'vessels' | 'frozenShell'>,
  book: KitchenBook,
): Build | undefined {
  const data = book.formulaOf(wanted.formulaId);
  if (!data) return undefined;
  const vessel = book.vessels.find(({ id }) => id === data.vesselId)?.data;
  const { formulaOf, find } = book;
  const context = { grade: book.kitchen.data.eggGrade, vessel, formulaOf, find };
  return buildOf(madeFor(data, wanted), context);
}

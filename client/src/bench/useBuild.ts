import type { FormulaData } from '@hollow-moon/contract';
import { buildOf, fitOf, type Build, type Fit, type Result, type Vessel } from '@hollow-moon/core';
import { useMemo } from 'react';
import type { KitchenBook } from '../book/book';

/** A formula worked out as a whole, in its vessel where one is chosen. */
export interface BuildInKitchen {
  readonly build: Build;
  readonly vessel: Vessel | undefined;
  /** `undefined` while no vessel is chosen or the count is none. */
  readonly fit: Result<Fit> | undefined;
}

export function useBuild(data: FormulaData, book: KitchenBook): BuildInKitchen {
  return useMemo(() => {
    const vessel = book.vessels.find((each) => each.id === data.vesselId)?.data;
    const build = buildOf(data, {
      grade: book.kitchen.data.eggGrade,
      vessel,
      formulaOf: book.formulaOf,
      find: book.find,
      prices: book.prices,
    });
    const counted = Number.isInteger(data.vesselCount) && data.vesselCount >= 1;
    return {
      build,
      vessel,
      fit: vessel && counted ? fitOf(data, build, vessel) : undefined,
    };
  }, [data, book]);
}

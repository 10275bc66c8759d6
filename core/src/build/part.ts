import type { Formula, Line, PartKind } from '../formula';

/** Where a component goes, from the tin upwards; `apart` is made beside and put on or given with it. */
export const PART_PLACES = ['shell', 'under', 'over', 'apart'] as const;
export type PartPlace = (typeof PART_PLACES)[number];

/** One component of a build beside its main filling. */
export interface BuildPart {
  readonly id: string;
  readonly name: string;
  readonly kind: PartKind;
  readonly place: PartPlace;
  /** Its own list; empty where it is made from a formula of the book. */
  readonly lines: readonly Line[];
  /** The formula of the book it is a part batch of. */
  readonly formulaId: string | null;
  /** Grams that go into, onto or round one vessel; `null` for all that is made, shared out evenly. */
  readonly eachG: number | null;
  /** In how many of the vessels it goes; `null` for every one. */
  readonly vessels: number | null;
  /** Over the filling: in the oven with it. A filling under it: raw, so that the bake has to set it. */
  readonly bakesAlong: boolean;
}

/** A formula with its components and how it is served. */
export interface BuildFormula extends Formula {
  readonly parts: readonly BuildPart[];
  readonly vesselCount: number;
  readonly shellThicknessMm: number;
  readonly headspaceMm: number;
  /** Portions of one vessel. */
  readonly portionsEach: number;
  /** Share of the filling that stays in sieve, pan and bowl, 0 to 0.3. */
  readonly lossShare: number;
}

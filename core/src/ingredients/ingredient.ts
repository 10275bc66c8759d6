import type { Composition } from './composition';
import type { EggPart } from './eggs';

/** Allergens named on the lists in force in the EU (Regulation 1169/2011, annex II) and the US. */
export type Allergen =
  'egg' | 'milk' | 'gluten' | 'nuts' | 'soya' | 'sesame' | 'sulphites' | 'lupin' | 'peanut';

/** What part an ingredient plays in the ratios cooks speak of. */
export type Role =
  'egg' | 'liquid' | 'sugar' | 'starch' | 'fat' | 'puree' | 'fruit' | 'nut' | 'flavour' | 'other';

/** Whom an ingredient suits: vegan foods suit vegetarians too; gelatine and lard suit neither. */
export type Diet = 'vegan' | 'vegetarian' | 'neither';

/** A caution about an ingredient: each has its words. */
export const HAZARDS = ['honey', 'raw-flour', 'stones', 'alcohol', 'enzyme'] as const;
export type Hazard = (typeof HAZARDS)[number];

export interface Ingredient {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly composition: Composition;
  /** Grams of one millilitre as a cook measures it: poured, or spooned and levelled. */
  readonly gramsPerMl: number;
  /** Grams of one piece (pod, leaf, stick), where a cook counts it. Eggs go by grade instead. */
  readonly gramsPerPiece?: number;
  readonly pieceName?: string;
  readonly eggPart?: EggPart;
  /** Strength of a gelatine, grams Bloom. */
  readonly bloom?: number;
  readonly allergens: readonly Allergen[];
  readonly diet: Diet;
  /** A caution that travels with the ingredient into whatever it is used in. */
  readonly hazard?: Hazard;
  readonly source: string;
}

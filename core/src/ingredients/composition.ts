/** What a food is made of, as mass fractions of the edible part (0 to 1, summing to about 1). */
export interface Composition {
  readonly water: number;
  /** Egg proteins are kept apart by origin, since white and yolk set at different temperatures. */
  readonly eggWhiteProtein: number;
  readonly eggYolkProtein: number;
  readonly milkProtein: number;
  readonly wheatProtein: number;
  readonly otherProtein: number;
  readonly fat: number;
  readonly sucrose: number;
  /** Glucose, fructose, lactose, maltose. */
  readonly otherSugars: number;
  readonly starch: number;
  readonly otherCarbohydrate: number;
  readonly fibre: number;
  readonly ash: number;
  /** Organic acids, as citric. */
  readonly acid: number;
  readonly alcohol: number;
}

export type Component = keyof Composition;

export const COMPONENTS: readonly Component[] = [
  'water',
  'eggWhiteProtein',
  'eggYolkProtein',
  'milkProtein',
  'wheatProtein',
  'otherProtein',
  'fat',
  'sucrose',
  'otherSugars',
  'starch',
  'otherCarbohydrate',
  'fibre',
  'ash',
  'acid',
  'alcohol',
];

const NOTHING: Composition = Object.freeze(
  Object.fromEntries(COMPONENTS.map((name) => [name, 0])) as Record<Component, number>,
);

/** A composition from grams per 100 g, as published tables print it; what is not named is zero. */
export function per100g(grams: Partial<Record<Component, number>>): Composition {
  const fractions: Record<Component, number> = { ...NOTHING };
  for (const name of COMPONENTS) fractions[name] = (grams[name] ?? 0) / 100;
  return fractions;
}

/** One part of a mixture. */
export interface Part {
  readonly composition: Composition;
  readonly grams: number;
}

/**
 * Composition of a mixture by conservation of mass. Grams not negative; an empty or weightless
 * mixture has no composition and gives `undefined`.
 */
export function blend(parts: readonly Part[]): Composition | undefined {
  const totalG = parts.reduce((sum, part) => sum + part.grams, 0);
  if (!(totalG > 0)) return undefined;
  const mixed: Record<Component, number> = { ...NOTHING };
  for (const part of parts) {
    for (const name of COMPONENTS) mixed[name] += (part.composition[name] * part.grams) / totalG;
  }
  return mixed;
}

/** Sum of all fractions, about 1 for a complete composition. */
export const totalFraction = (of: Composition): number =>
  COMPONENTS.reduce((sum, name) => sum + of[name], 0);

/** Mass fraction of all proteins. */
export const proteinFraction = (of: Composition): number =>
  of.eggWhiteProtein + of.eggYolkProtein + of.milkProtein + of.wheatProtein + of.otherProtein;

/** Mass fraction of all sugars. */
export const sugarFraction = (of: Composition): number => of.sucrose + of.otherSugars;

/** Energy of a gram of each kind of component, kJ. Source: Regulation (EU) 1169/2011, annex XIV. */
const ENERGY_KJ_G = {
  carbohydrate: 17,
  fat: 37,
  protein: 17,
  alcohol: 29,
  fibre: 8,
  acid: 13,
} as const;

/** Energy in kJ per 100 g of a composition. Source: as {@link ENERGY_KJ_G}. */
export const energyKjPer100g = (of: Composition): number =>
  100 *
  (ENERGY_KJ_G.carbohydrate * (sugarFraction(of) + of.starch + of.otherCarbohydrate) +
    ENERGY_KJ_G.fat * of.fat +
    ENERGY_KJ_G.protein * proteinFraction(of) +
    ENERGY_KJ_G.alcohol * of.alcohol +
    ENERGY_KJ_G.fibre * of.fibre +
    ENERGY_KJ_G.acid * of.acid);

/** Kilojoules in a kilocalorie (thermochemical). Source: NIST SP 811, appendix B.8. */
export const KJ_PER_KCAL = 4.184;

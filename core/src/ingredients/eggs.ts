/**
 * Weight grades of hens' eggs in shell, grams.
 *
 * Sources: EU: Commission Regulation (EC) 589/2008, article 4 (S under 53, M 53 to 63, L 63 to 73,
 * XL 73 and over); US: USDA AMS 56.210 ff., minimum net weight per dozen (medium 21 oz, large
 * 24 oz, extra large 27 oz, jumbo 30 oz). `typicalG` is the middle of a closed band,
 * a value 3 g inside an open one (from memory), and just over the US minima, which are averages
 * over a dozen already.
 */
export const EGG_GRADES = {
  'EU S': { leastG: 0, typicalG: 50 },
  'EU M': { leastG: 53, typicalG: 58 },
  'EU L': { leastG: 63, typicalG: 68 },
  'EU XL': { leastG: 73, typicalG: 76 },
  'US medium': { leastG: 49.6, typicalG: 50 },
  'US large': { leastG: 56.7, typicalG: 57 },
  'US extra large': { leastG: 63.8, typicalG: 64 },
  'US jumbo': { leastG: 70.9, typicalG: 71.5 },
} as const;

export type EggGrade = keyof typeof EGG_GRADES;

export const DEFAULT_EGG_GRADE: EggGrade = 'EU M';

/** Share of an egg's weight that is shell. Source: common practice, about 11 %. */
export const SHELL_SHARE = 0.11;

/** Share of the edible part that is yolk. Source: common practice, yolk : white about 1 : 2. */
export const YOLK_SHARE = 0.345;

/** The parts of an egg that a cook counts. */
export type EggPart = 'whole' | 'yolk' | 'white';

/**
 * Edible grams of one egg, or of its yolk or white, for a weight grade.
 * Sources: {@link EGG_GRADES}, {@link SHELL_SHARE}, {@link YOLK_SHARE}.
 */
export function eggPartGrams(grade: EggGrade, part: EggPart): number {
  const edibleG = EGG_GRADES[grade].typicalG * (1 - SHELL_SHARE);
  if (part === 'whole') return edibleG;
  return part === 'yolk' ? edibleG * YOLK_SHARE : edibleG * (1 - YOLK_SHARE);
}

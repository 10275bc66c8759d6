import {
  blend,
  findIngredient,
  per100g,
  proteinFraction,
  YOLK_SHARE,
  sugarFraction,
  type Allergen,
  type Composition,
  type Diet,
  type EggGrade,
  type FindIngredient,
  type Ingredient,
} from '../ingredients';
import { foodProperties } from '../properties';
import type { Problem } from '../result';
import { lineGrams, type Line } from './line';

/** A line with what could be worked out for it. */
export interface WeighedLine {
  readonly line: Line;
  readonly ingredient: Ingredient | undefined;
  /** `undefined` when the line has a problem. */
  readonly grams: number | undefined;
}

/** What a formula's quantities come to. Shares are mass fractions (0 to 1) of the mixture. */
export interface Analysis {
  readonly lines: readonly WeighedLine[];
  /** Everything on the list, grams. */
  readonly totalG: number;
  /** The mixture that is baked, grams: without what is infused and strained out, fruit and nuts. */
  readonly mixtureG: number;
  readonly composition: Composition;
  readonly eggG: { readonly whole: number; readonly yolk: number; readonly white: number };
  readonly liquidG: number;
  /** Grams of egg of any part to grams of dairy, juice and the like; `undefined` without liquid. */
  readonly eggToLiquid: number | undefined;
  /** Grams of yolk to grams of white, those inside whole eggs counted; `undefined` without white. */
  readonly yolkToWhite: number | undefined;
  readonly share: {
    readonly egg: number;
    readonly sugar: number;
    readonly fat: number;
    readonly starch: number;
    readonly water: number;
    readonly solids: number;
    readonly protein: number;
  };
  /** Mixture at 20 °C without air. */
  readonly densityGMl: number;
  readonly volumeMl: number;
  readonly allergens: readonly Allergen[];
  /** Whom everything on the list suits. */
  readonly diet: Diet;
  readonly hazards: readonly string[];
  readonly problems: readonly Problem[];
}

/** Parts of the list that are strained out or lie in the filling without becoming part of it. */
const APART: ReadonlySet<string> = new Set(['flavour', 'fruit', 'nut']);

const EMPTY_MESSAGE = 'Nothing on the list yet. Add eggs, a liquid and sugar to see the ratios.';

/** Stands in for the composition of an empty formula, so that its density is that of water. */
const NO_MIXTURE = per100g({ water: 100 });

function weigh(
  lines: readonly Line[],
  grade: EggGrade,
  find: FindIngredient,
): [WeighedLine[], Problem[]] {
  const problems: Problem[] = [];
  const weighed = lines.map((line, index): WeighedLine => {
    const grams = lineGrams(line, grade, find);
    if (!grams.ok) problems.push({ ...grams.problem, path: `lines.${index}.amount` });
    return {
      line,
      ingredient: find(line.ingredientId),
      grams: grams.ok ? grams.value : undefined,
    };
  });
  return [weighed, problems];
}

/** What suits everybody whom each of the parts suits. */
const strictest = (diets: readonly Diet[]): Diet =>
  diets.includes('neither') ? 'neither' : diets.includes('vegetarian') ? 'vegetarian' : 'vegan';

const unique = <T>(values: readonly T[]): T[] => [...new Set(values)];

/**
 * Weighs a formula's lines and works out its ratios. Lines with a problem are left out of the sums
 * and listed in `problems`, each with its path; an empty formula gives zeros and a problem. Never
 * throws. Definitions of the ratios: common practice (egg : liquid is grams of egg of any kind to
 * grams of dairy or juice; shares are of the mixture without fruit, nuts and infusions).
 */
export function analyse(
  lines: readonly Line[],
  grade: EggGrade,
  find: FindIngredient = findIngredient,
): Analysis {
  const [weighed, problems] = weigh(lines, grade, find);
  const sumOf = (wanted: (ingredient: Ingredient) => boolean): number =>
    weighed.reduce(
      (sum, { ingredient, grams }) =>
        ingredient && grams && wanted(ingredient) ? sum + grams : sum,
      0,
    );
  const inMixture = (ingredient: Ingredient) => !APART.has(ingredient.role);
  const totalG = sumOf(() => true);
  const mixtureG = sumOf(inMixture);
  const eggG = {
    whole: sumOf((each) => each.eggPart === 'whole'),
    yolk: sumOf((each) => each.eggPart === 'yolk'),
    white: sumOf((each) => each.eggPart === 'white'),
  };
  const eggTotalG = eggG.whole + eggG.yolk + eggG.white;
  const liquidG = sumOf((each) => each.role === 'liquid');
  const yolkG = eggG.yolk + YOLK_SHARE * eggG.whole;
  const whiteG = eggG.white + (1 - YOLK_SHARE) * eggG.whole;

  const mixture = blend(
    weighed.flatMap(({ ingredient, grams }) =>
      ingredient && grams && inMixture(ingredient)
        ? [{ composition: ingredient.composition, grams }]
        : [],
    ),
  );
  if (!mixture) problems.push({ code: 'formula-empty', message: EMPTY_MESSAGE, path: 'lines' });
  const composition = mixture ?? NO_MIXTURE;
  const densityGMl = foodProperties(composition).densityKgM3 / 1000;
  const present = weighed.filter(({ grams }) => grams);

  return {
    lines: weighed,
    totalG,
    mixtureG,
    composition,
    eggG,
    liquidG,
    eggToLiquid: liquidG > 0 ? eggTotalG / liquidG : undefined,
    yolkToWhite: whiteG > 0 ? yolkG / whiteG : undefined,
    share: {
      egg: mixtureG > 0 ? eggTotalG / mixtureG : 0,
      sugar: mixture ? sugarFraction(mixture) : 0,
      fat: mixture?.fat ?? 0,
      starch: mixture?.starch ?? 0,
      water: mixture?.water ?? 0,
      solids: mixture ? 1 - mixture.water - mixture.alcohol : 0,
      protein: mixture ? proteinFraction(mixture) : 0,
    },
    densityGMl,
    volumeMl: mixtureG / densityGMl,
    allergens: unique(present.flatMap(({ ingredient }) => ingredient?.allergens ?? [])),
    diet: strictest(present.map(({ ingredient }) => ingredient?.diet ?? 'vegan')),
    hazards: unique(present.flatMap(({ ingredient }) => ingredient?.hazard ?? [])),
    problems,
  };
}

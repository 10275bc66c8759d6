import type { Hazard } from '../ingredients';
import {
  blend,
  per100g,
  proteinFraction,
  YOLK_SHARE,
  sugarFraction,
  type Allergen,
  type Composition,
  type Diet,
  type EggGrade,
  type Ingredient,
} from '../ingredients';
import { findIngredient, type FindIngredient } from '../ingredients/catalogue';
import { foodProperties } from '../properties';
import type { Problem } from '../result';
import type { PartKind } from './kinds';
import { lineGrams, type Line } from './line';

/** A line with what could be worked out for it. */
export interface WeighedLine {
  readonly line: Line;
  readonly ingredient: Ingredient | undefined;
  /** `undefined` when the line has a problem. */
  readonly grams: number | undefined;
}

/** Everything that goes into the vessel: what has the mass, the volume and the heat. */
export interface Whole {
  /** Grams: the mixture with its fruit and nuts, without what is infused and strained out. */
  readonly grams: number;
  readonly composition: Composition;
  /** At 20 °C without air. */
  readonly densityGMl: number;
  readonly volumeMl: number;
}

/**
 * What a formula's quantities come to, seen in two ways: the mixture, on which the trade takes its ratios, and
 * the whole of what goes into the vessel. Shares are mass fractions (0 to 1) of the mixture.
 */
export interface Analysis {
  readonly lines: readonly WeighedLine[];
  /** Everything on the list, grams. */
  readonly totalG: number;
  /** The mixture, grams: without what is infused and strained out, and without the pieces in it. */
  readonly mixtureG: number;
  readonly composition: Composition;
  readonly whole: Whole;
  /** Lines whose amount nobody knows, as they stand on the list: what depends on them cannot be told. */
  readonly unknown: readonly WeighedLine[];
  /** Lines added by eye: left out of every ratio, and named. */
  readonly byEye: readonly WeighedLine[];
  readonly eggG: { readonly whole: number; readonly yolk: number; readonly white: number };
  readonly liquidG: number;
  /** Grams of egg of any part to grams of dairy, juice and the like; `undefined` without liquid. */
  readonly eggToLiquid: number | undefined;
  /** Grams of yolk to grams of white, those inside whole eggs counted; `undefined` without white. */
  readonly yolkToWhite: number | undefined;
  readonly share: {
    readonly egg: number;
    /** As cooks count: sugar added, a syrup by its weight; flour and starch by weight; fat added as such. */
    readonly addedSugar: number;
    readonly addedStarch: number;
    readonly addedFat: number;
    /** As chemists do: all sugars, milk's and fruit's own among them; pure starch; all fat. */
    readonly sugar: number;
    readonly fat: number;
    readonly starch: number;
    readonly water: number;
    readonly solids: number;
    readonly protein: number;
  };
  readonly allergens: readonly Allergen[];
  /** Whom everything on the list suits. */
  readonly diet: Diet;
  readonly hazards: readonly Hazard[];
  readonly problems: readonly Problem[];
}

/** Kinds into whose mixture nuts are ground; in all others they lie as pieces. Common practice. */
const GROUND_IN: ReadonlySet<PartKind> = new Set([
  'nut-cream',
  'sweet-dough',
  'pie-dough',
  'pressed-dough',
  'crumb-shell',
]);

/** Kinds that are fruit and nuts and little else, so that these are the mixture. */
const OF_PIECES: ReadonlySet<PartKind> = new Set(['fruit-filling', 'fruit-and-nuts', 'other-part']);

/** Whether an ingredient belongs to the mixture on which a kind's ratios are taken. Common practice. */
function inMixtureOf(kind: PartKind | undefined): (ingredient: Ingredient) => boolean {
  const nutsToo = kind !== undefined && (GROUND_IN.has(kind) || OF_PIECES.has(kind));
  const fruitToo = kind !== undefined && OF_PIECES.has(kind);
  return ({ role }) =>
    role === 'nut' ? nutsToo : role === 'fruit' ? fruitToo : role !== 'flavour';
}

/** Stands in for the composition of an empty formula, so that its density is that of water. */
const NO_MIXTURE = per100g({ water: 100 });

function weigh(
  lines: readonly Line[],
  grade: EggGrade,
  find: FindIngredient,
): [WeighedLine[], Problem[]] {
  const problems: Problem[] = [];
  const weighed = lines.map((line, index): WeighedLine => {
    const ingredient = find(line.ingredientId);
    if (line.vague && ingredient) return { line, ingredient, grams: undefined };
    const grams = lineGrams(line, grade, find);
    if (!grams.ok) {
      const field = ingredient ? 'amount' : 'ingredientId';
      problems.push({ ...grams.problem, path: `lines.${index}.${field}` });
    }
    return { line, ingredient, grams: grams.ok ? grams.value : undefined };
  });
  return [weighed, problems];
}

/** What suits everybody whom each of the parts suits. */
const strictest = (diets: readonly Diet[]): Diet =>
  diets.includes('neither') ? 'neither' : diets.includes('vegetarian') ? 'vegetarian' : 'vegan';

const unique = <T>(values: readonly T[]): T[] => [...new Set(values)];

/**
 * The cautions that travel with what is in a list. That raw fruit keeps gelatine from setting is one only beside gelatine,
 * and whoever judges a cold-set layer says it with the fruit's name.
 */
function hazardsOf(present: readonly WeighedLine[], kind: PartKind | undefined): Hazard[] {
  const gelatine = present.some(({ ingredient }) => ingredient?.bloom !== undefined);
  const said = (hazard: Hazard) => hazard !== 'enzyme' || (gelatine && kind !== 'cold-set');
  return unique(present.flatMap(({ ingredient }) => ingredient?.hazard ?? [])).filter(said);
}

type Wanted = (ingredient: Ingredient) => boolean;

const sumAmong = (weighed: readonly WeighedLine[], wanted: Wanted): number =>
  weighed.reduce(
    (sum, { ingredient, grams }) => (ingredient && grams && wanted(ingredient) ? sum + grams : sum),
    0,
  );

const blendAmong = (weighed: readonly WeighedLine[], wanted: Wanted) =>
  blend(
    weighed.flatMap(({ ingredient, grams }) =>
      ingredient && grams && wanted(ingredient)
        ? [{ composition: ingredient.composition, grams }]
        : [],
    ),
  );

/** Sugar as a cook weighs it; a sweetened milk brings what they would else have weighed. */
const addedSugarAmong = (weighed: readonly WeighedLine[]): number =>
  weighed.reduce((sum, { ingredient, grams }) => {
    if (!ingredient || !grams) return sum;
    if (ingredient.role === 'sugar') return sum + grams;
    return ingredient.role === 'liquid' ? sum + grams * ingredient.composition.sucrose : sum;
  }, 0);

/**
 * Weighs a formula's lines and works out its ratios. Lines with a problem are left out of the sums
 * and listed in `problems`, each with its path; lines of an unknown amount and those added by eye are
 * left out too and listed as such; an empty formula gives zeros and a problem. Never throws. `kind` is
 * what the list makes, which decides whether its nuts are ground into the mixture. Allergens, diets and
 * cautions are those of every line, weighed or not. Definitions of the ratios: common practice
 * (egg : liquid is grams of egg of any kind to grams of dairy or juice; shares are of the mixture
 * without fruit, pieces of nut and infusions).
 */
export function analyse(
  lines: readonly Line[],
  grade: EggGrade,
  find: FindIngredient = findIngredient,
  kind?: PartKind,
): Analysis {
  const [weighed, problems] = weigh(lines, grade, find);
  const sumOf = (wanted: Wanted): number => sumAmong(weighed, wanted);
  const inMixture = inMixtureOf(kind);
  const inVessel = (ingredient: Ingredient) => ingredient.role !== 'flavour';
  const totalG = sumOf(() => true);
  const mixtureG = sumOf(inMixture);
  const eggG = {
    whole: sumOf((each) => each.eggPart === 'whole'),
    yolk: sumOf((each) => each.eggPart === 'yolk'),
    white: sumOf((each) => each.eggPart === 'white'),
  };
  const eggTotalG = eggG.whole + eggG.yolk + eggG.white;
  const liquidG = sumOf((each) => each.role === 'liquid');
  const addedSugarG = addedSugarAmong(weighed);
  const yolkG = eggG.yolk + YOLK_SHARE * eggG.whole;
  const whiteG = eggG.white + (1 - YOLK_SHARE) * eggG.whole;

  const blendOf = (wanted: Wanted) => blendAmong(weighed, wanted);
  const mixture = blendOf(inMixture);
  if (!mixture) problems.push({ code: 'formula.empty', path: 'lines' });
  const composition = mixture ?? NO_MIXTURE;
  const wholeG = sumOf(inVessel);
  const wholeComposition = blendOf(inVessel) ?? NO_MIXTURE;
  const densityGMl = foodProperties(wholeComposition).densityKgM3 / 1000;
  // What is on the list is in the food, however little is known of how much.
  const present = weighed.filter(({ line, grams }) => grams !== 0 || line.vague);

  return {
    lines: weighed,
    totalG,
    mixtureG,
    composition,
    whole: {
      grams: wholeG,
      composition: wholeComposition,
      densityGMl,
      volumeMl: wholeG / densityGMl,
    },
    unknown: weighed.filter(({ line }) => line.vague === 'unknown'),
    byEye: weighed.filter(({ line }) => line.vague === 'by-eye'),
    eggG,
    liquidG,
    eggToLiquid: liquidG > 0 ? eggTotalG / liquidG : undefined,
    yolkToWhite: whiteG > 0 ? yolkG / whiteG : undefined,
    share: {
      egg: mixtureG > 0 ? eggTotalG / mixtureG : 0,
      addedSugar: mixtureG > 0 ? addedSugarG / mixtureG : 0,
      addedStarch: mixtureG > 0 ? sumOf(({ role }) => role === 'starch') / mixtureG : 0,
      addedFat: mixtureG > 0 ? sumOf(({ role }) => role === 'fat') / mixtureG : 0,
      sugar: mixture ? sugarFraction(mixture) : 0,
      fat: mixture?.fat ?? 0,
      starch: mixture?.starch ?? 0,
      water: mixture?.water ?? 0,
      solids: mixture ? 1 - mixture.water - mixture.alcohol : 0,
      protein: mixture ? proteinFraction(mixture) : 0,
    },
    allergens: unique(present.flatMap(({ ingredient }) => ingredient?.allergens ?? [])),
    diet: strictest(present.map(({ ingredient }) => ingredient?.diet ?? 'vegan')),
    hazards: hazardsOf(present, kind),
    problems,
  };
}

import type { Hazard } from '../ingredients';
import {
  eggPartGrams,
  energyKjPer100g,
  type Allergen,
  type Diet,
  type EggGrade,
} from '../ingredients';
import { analyse, type Analysis, type WeighedLine } from '../formula';
import { findIngredient, type FindIngredient } from '../ingredients/catalogue';
import { finding, type Problem } from '../result';
import { judgePart, type PartVerdict } from '../setting';
import { doughDisc } from '../shell';
import { shellWorkOf } from './shellWork';
import type { Vessel } from '../vessel';
import { eggsLeft, podsLeft, remnant, type ByProduct } from './byProducts';
import type { BuildFormula, BuildPart } from './part';
import { eggsToCrack, needsOf, type Batch, type EggsToCrack, type Need } from './shopping';

/** What a build is worked out with. */
export interface BuildContext {
  readonly grade: EggGrade;
  readonly vessel: Vessel | undefined;
  /** Formulas of the book, for components that are made from one. */
  readonly formulaOf: (id: string) => BuildFormula | undefined;
  readonly find?: FindIngredient;
  /** Money for a gram, by ingredient. */
  readonly prices?: ReadonlyMap<string, number>;
}

/** A component, weighed and judged. */
export interface BuiltPart {
  readonly part: BuildPart;
  /** Of one batch of its list. */
  readonly analysis: Analysis;
  readonly verdict: PartVerdict;
  /** What one batch gives, and what the vessels want of it, g. */
  readonly batchG: number;
  readonly wantedG: number;
  /** How many batches are made: 1 for its own list, as many as are wanted of one from the book. */
  readonly batches: number;
  /** What is over (or, negative, short) once the vessels have theirs. */
  readonly leftG: number;
  readonly vessels: number;
  /** Of one vessel, mL: the room that a component under or over the filling takes. */
  readonly eachMl: number;
  /** Cut off what was rolled, for all the vessels, g. */
  readonly trimmedG: number;
  /** What is sold of it, for all the vessels, g. */
  readonly usedG: number;
}

/** A whole build: what is made, fetched, left over, and what a portion of it is. */
export interface Build {
  readonly filling: Analysis;
  readonly parts: readonly BuiltPart[];
  /** What lies under the filling in one vessel, mL. */
  readonly takenMl: number;
  readonly needs: readonly Need[];
  readonly eggs: EggsToCrack;
  readonly byProducts: readonly ByProduct[];
  readonly allergens: readonly Allergen[];
  readonly diet: Diet;
  readonly hazards: readonly Hazard[];
  readonly portions: number;
  /** Lines of any of it whose amount nobody knows, and those added by eye. */
  readonly unknown: readonly WeighedLine[];
  readonly byEye: readonly WeighedLine[];
  /** Of one portion as it is sold: kJ and grams where every amount is known, and money where every price is too. */
  readonly energyKj: number | undefined;
  readonly portionG: number | undefined;
  readonly cost: number | undefined;
  /** Cost of all that is bought, as far as it is priced, and what is not. */
  readonly knownCost: number;
  readonly unpriced: readonly string[];
  readonly problems: readonly Problem[];
}

/** A component made from the book may have components of its own; deeper than this it is a circle. */
const DEEPEST = 4;

/** A formula by itself: the lists that are its own, and how many batches of others go into one of it. */
interface Own {
  readonly lists: readonly Analysis[];
  readonly uses: ReadonlyMap<BuildFormula, number>;
}

/** Looks formulas up by themselves, each once. */
function ownOf(context: BuildContext): (formula: BuildFormula) => Own {
  const { grade, find = findIngredient, formulaOf } = context;
  const known = new Map<BuildFormula, Own>();
  const fillings = new Map<BuildFormula, Analysis>();
  const fillingOf = (formula: BuildFormula): Analysis => {
    const made = fillings.get(formula) ?? analyse(formula.lines, grade, find, formula.family);
    fillings.set(formula, made);
    return made;
  };
  return (formula) => {
    const made = known.get(formula);
    if (made) return made;
    const lists = [fillingOf(formula)];
    const uses = new Map<BuildFormula, number>();
    for (const part of formula.parts) {
      if (part.formulaId === null) {
        lists.push(analyse(part.lines, grade, find, part.kind));
        continue;
      }
      const from = formulaOf(part.formulaId);
      if (!from) continue;
      const batchG = fillingOf(from).totalG;
      const wantedG =
        part.eachG === null ? batchG : part.eachG * (part.vessels ?? formula.vesselCount);
      const batches = batchG > 0 ? wantedG / batchG : 0;
      uses.set(from, (uses.get(from) ?? 0) + batches);
    }
    const own = { lists, uses };
    known.set(formula, own);
    return own;
  };
}

/**
 * The lists of a formula and of all it is made of, and how often each is made for one batch of it. Level by level,
 * each formula once in a level: however often one is used in another, the work grows with the book, not with the ways
 * through it.
 */
function listsOf(
  formula: BuildFormula,
  own: (formula: BuildFormula) => Own,
): { readonly made: readonly Batch[]; readonly circular: boolean } {
  const made: Batch[] = [];
  let level = new Map([[formula, 1]]);
  for (let depth = 1; level.size > 0; depth += 1) {
    if (depth > DEEPEST) return { made, circular: true };
    const below = new Map<BuildFormula, number>();
    for (const [each, batches] of level) {
      const { lists, uses } = own(each);
      made.push(...lists.map((analysis) => ({ analysis, batches })));
      for (const [from, share] of uses) {
        below.set(from, (below.get(from) ?? 0) + batches * share);
      }
    }
    level = below;
  }
  return { made, circular: false };
}

const times = (made: readonly Batch[], factor: number): Batch[] =>
  made.map((each) => ({ ...each, batches: each.batches * factor }));

/** Room that set caramel takes, mL for a gram of its sugar. Common practice: 70 mL for 100 g. */
const CARAMEL_ML_G = 0.7;

/** Density of fruit, nuts and the like as they lie, g/mL. From memory. */
const LYING_G_ML = 1;

function builtPart(
  part: BuildPart,
  index: number,
  formula: BuildFormula,
  context: BuildContext,
  problems: Problem[],
): BuiltPart {
  const { grade, vessel, find = findIngredient, formulaOf } = context;
  const from = part.formulaId === null ? undefined : formulaOf(part.formulaId);
  if (part.formulaId !== null && !from) {
    problems.push({
      code: 'build.part-missing',
      path: `parts.${index}.formulaId`,
    });
  }
  const analysis = analyse(from?.lines ?? part.lines, grade, find, part.kind);
  for (const problem of analysis.problems) {
    if (problem.code !== 'formula.empty') {
      problems.push({ ...problem, path: `parts.${index}.${problem.path ?? 'lines'}` });
    }
  }
  const vessels = Math.min(part.vessels ?? formula.vesselCount, formula.vesselCount);
  const batchG =
    part.kind === 'caramel' ? analysis.totalG * (1 - analysis.share.water) : analysis.totalG;
  const work = part.place === 'shell' ? shellWorkOf({ ...formula, parts: [part] }) : 'none';
  const disc =
    (work === 'rolled' || work === 'pressed') && vessel && formula.shellThicknessMm > 0
      ? doughDisc(vessel, formula.shellThicknessMm)
      : undefined;
  // Rolled dough is trimmed round the tin; pressed dough is only what lines it.
  const eachG = part.eachG ?? (work === 'pressed' ? disc?.liningG : disc?.massG);
  const wantedG = eachG === undefined ? batchG : eachG * vessels;
  const batches = from ? (batchG > 0 ? wantedG / batchG : 0) : 1;
  const inOneG = vessels > 0 ? wantedG / vessels : 0;
  const eachMl =
    part.place !== 'under' && part.place !== 'over'
      ? 0
      : part.kind === 'caramel'
        ? CARAMEL_ML_G * inOneG
        : inOneG / (part.kind === 'fruit-and-nuts' ? LYING_G_ML : analysis.whole.densityGMl);
  const trimmedG =
    disc && work === 'rolled' && part.eachG === null
      ? wantedG * (1 - disc.liningG / disc.massG)
      : 0;
  return {
    part,
    analysis,
    verdict: judgePart(analysis, part.kind, formula.shell),
    batchG,
    wantedG,
    batches,
    leftG: batchG * batches - wantedG,
    vessels,
    eachMl,
    trimmedG,
    usedG: Math.max(0, Math.min(wantedG, batchG * batches) - trimmedG),
  };
}

const isDough = ({ kind }: BuildPart): boolean => kind === 'sweet-dough' || kind === 'pie-dough';

const SHELL_EGGS: ReadonlySet<string> = new Set(['egg', 'egg-yolk', 'egg-white']);

const unique = <T>(values: readonly T[]): T[] => [...new Set(values)];

/** The energy of so much of a list, kJ; what only flavours is not eaten. */
const energyOf = ({ lines }: Analysis, share: number): number =>
  lines.reduce(
    (sum, { ingredient, grams }) =>
      ingredient && grams && ingredient.role !== 'flavour'
        ? sum + (grams / 100) * energyKjPer100g(ingredient.composition) * share
        : sum,
    0,
  );

/** What is served of a build, all portions together: the share `kept` of its filling, and what is used of its components. */
function servedOf(
  filling: Analysis,
  parts: readonly BuiltPart[],
  kept: number,
): { readonly energyKj: number; readonly soldG: number } {
  return {
    energyKj:
      energyOf(filling, kept) +
      parts.reduce(
        (sum, { analysis, batchG, usedG }) =>
          sum + (batchG > 0 ? energyOf(analysis, usedG / batchG) : 0),
        0,
      ),
    soldG: filling.totalG * kept + parts.reduce((sum, { usedG }) => sum + usedG, 0),
  };
}

/** What is to be fetched costs, as far as its prices are known. */
function costOf(
  needs: readonly Need[],
  eggs: number,
  { grade, find = findIngredient, prices }: BuildContext,
): { readonly knownCost: number; readonly unpriced: string[] } {
  let knownCost = 0;
  const unpriced: string[] = [];
  for (const { ingredient, grams } of needs) {
    if (ingredient.id === 'water' || SHELL_EGGS.has(ingredient.id)) continue;
    const perG = prices?.get(ingredient.id);
    if (perG === undefined) unpriced.push(ingredient.name);
    else knownCost += perG * grams;
  }
  // Yolks and whites are bought in whole eggs, whatever becomes of the other halves.
  const eggPerG = prices?.get('egg');
  if (eggs > 0 && eggPerG === undefined) unpriced.push(find('egg')!.name);
  else knownCost += (eggPerG ?? 0) * eggs * eggPartGrams(grade, 'whole');
  return { knownCost, unpriced };
}

/**
 * Works out a whole build: each component weighed against what the vessels want of it, everything to
 * be fetched, what is left over, allergens and cautions of all of it, and a portion's energy, weight
 * and cost. Never throws; what stands in the way is in `problems`, each with its path.
 *
 * Energy is that of the filling and of the components as they are used, without trimmings and
 * leftovers, and counts nothing as lost in the oven but water.
 */
export function buildOf(formula: BuildFormula, context: BuildContext): Build {
  const { grade, find = findIngredient, prices } = context;
  const problems: Problem[] = [];
  const filling = analyse(formula.lines, grade, find, formula.family);
  problems.push(...filling.problems);
  const parts = formula.parts.map((part, index) =>
    builtPart(part, index, formula, context, problems),
  );
  const own = ownOf(context);
  const lists = parts.map((built) => {
    const { formulaId } = built.part;
    const from = formulaId === null ? undefined : context.formulaOf(formulaId);
    const below = from
      ? listsOf(from, own)
      : { made: [{ analysis: built.analysis, batches: 1 }], circular: false };
    return { made: times(below.made, built.batches), circular: below.circular };
  });
  if (lists.some((each) => each.circular)) {
    problems.push({
      code: 'build.part-circular',
      path: 'parts',
    });
  }
  const made: Batch[] = [{ analysis: filling, batches: 1 }, ...lists.flatMap((each) => each.made)];
  const needs = needsOf(made);
  const unknown = made.flatMap(({ analysis }) => analysis.unknown);
  const eggs = eggsToCrack(needs, grade);
  const byProducts = [
    ...eggsLeft(eggs, grade),
    ...parts.flatMap(({ part, leftG, trimmedG }) => {
      const name = part.name.trim() || finding('build.component');
      return [
        ...remnant(finding('build.trimmings', { name }), trimmedG, true),
        ...remnant(finding('build.left-over', { name }), leftG, isDough(part)),
      ];
    }),
    ...podsLeft((needs.find((need) => need.ingredient.id === 'vanilla-pod')?.grams ?? 0) / 3),
  ];

  const portions = Math.max(1, formula.vesselCount * formula.portionsEach);
  const { energyKj, soldG } = servedOf(filling, parts, 1 - formula.lossShare);
  const { knownCost, unpriced } = costOf(needs, eggs.eggs, context);
  return {
    filling,
    parts,
    takenMl: parts.reduce(
      (sum, { part, eachMl }) => sum + (part.place === 'under' ? eachMl : 0),
      0,
    ),
    needs,
    eggs,
    byProducts,
    allergens: unique(made.flatMap(({ analysis }) => analysis.allergens)),
    diet: strictestOf(made.map(({ analysis }) => analysis.diet)),
    hazards: unique(made.flatMap(({ analysis }) => analysis.hazards)),
    portions,
    unknown,
    byEye: made.flatMap(({ analysis }) => analysis.byEye),
    energyKj: unknown.length === 0 ? energyKj / portions : undefined,
    portionG: unknown.length === 0 ? soldG / portions : undefined,
    cost:
      unknown.length === 0 && unpriced.length === 0 && prices ? knownCost / portions : undefined,
    knownCost,
    unpriced,
    problems,
  };
}

const strictestOf = (diets: readonly Diet[]): Diet =>
  diets.includes('neither') ? 'neither' : diets.includes('vegetarian') ? 'vegetarian' : 'vegan';

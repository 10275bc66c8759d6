import { eggPartGrams, type EggGrade, type Ingredient } from '../ingredients';
import type { Analysis } from '../formula';

/** One thing to fetch, for everything that is made. */
export interface Need {
  readonly ingredient: Ingredient;
  readonly grams: number;
  /** Grams of it that are kept back at first. */
  readonly heldBackG: number;
  /** In how many of the components it is used. */
  readonly uses: number;
}

/** A list and how many times it is made. */
export interface Batch {
  readonly analysis: Analysis;
  readonly batches: number;
}

/** Everything that has to be fetched, each thing once, heaviest first. */
export function needsOf(made: readonly Batch[]): Need[] {
  const byId = new Map<string, Need>();
  for (const { analysis, batches } of made) {
    const seen = new Set<string>();
    for (const { ingredient, grams, line } of analysis.lines) {
      if (!ingredient || !grams) continue;
      const before = byId.get(ingredient.id);
      const held = line.amount > 0 ? ((line.heldBack ?? 0) / line.amount) * grams : 0;
      byId.set(ingredient.id, {
        ingredient,
        grams: (before?.grams ?? 0) + grams * batches,
        heldBackG: (before?.heldBackG ?? 0) + held * batches,
        uses: (before?.uses ?? 0) + (seen.has(ingredient.id) ? 0 : 1),
      });
      seen.add(ingredient.id);
    }
  }
  return [...byId.values()].sort((a, b) => b.grams - a.grams);
}

/** What is fetched for several builds together, each thing once, heaviest first. */
export function fetchedTogether(lists: readonly (readonly Need[])[]): Need[] {
  const byId = new Map<string, Need>();
  for (const need of lists.flat()) {
    const before = byId.get(need.ingredient.id);
    byId.set(need.ingredient.id, {
      ...need,
      grams: need.grams + (before?.grams ?? 0),
      heldBackG: need.heldBackG + (before?.heldBackG ?? 0),
      uses: need.uses + (before?.uses ?? 0),
    });
  }
  return [...byId.values()].sort((a, b) => b.grams - a.grams);
}

/** Eggs in shell to crack for what is needed, and the halves left in the bowl. */
export interface EggsToCrack {
  readonly eggs: number;
  readonly leftYolks: number;
  readonly leftWhites: number;
}

/**
 * Whole eggs to crack so that there are enough whole ones, yolks and whites, and what is left over of
 * them, in eggs (tenths count: half a white is left over too). Pasteurised egg is not cracked.
 */
export function eggsToCrack(needs: readonly Need[], grade: EggGrade): EggsToCrack {
  const count = (id: string, part: 'whole' | 'yolk' | 'white') =>
    (needs.find((need) => need.ingredient.id === id)?.grams ?? 0) / eggPartGrams(grade, part);
  const whole = count('egg', 'whole');
  const yolks = count('egg-yolk', 'yolk');
  const whites = count('egg-white', 'white');
  // A hair under a whole number is that number: 6.0000001 yolks are six.
  const eggs = Math.ceil(whole + Math.max(yolks, whites) - 1e-6);
  const parted = eggs - whole;
  return { eggs, leftYolks: parted - yolks, leftWhites: parted - whites };
}

import type { Analysis, ShellKind } from '../formula';
import { foodProperties } from '../properties';

/** What a dough is to the oven; mass fractions of the raw dough. */
export interface DoughMix {
  readonly water: number;
  readonly fat: number;
  readonly sugar: number;
  /** Everything but water and fat: what holds the water. */
  readonly dryG: number;
  readonly conductivityWmK: number;
  /** Without its water, J/(kg of dry and fat K). */
  readonly solidsJkgK: number;
}

/** A sweet dough of two parts butter to four of flour, for a shell without a list of its own. Common practice. */
export const USUAL_DOUGH: DoughMix = {
  water: 0.18,
  fat: 0.22,
  sugar: 0.17,
  dryG: 0.6,
  conductivityWmK: 0.27,
  solidsJkgK: 1750,
};

/** A flaky dough: more fat and water, hardly any sugar. Common practice. */
const FLAKY_DOUGH: DoughMix = {
  water: 0.22,
  fat: 0.28,
  sugar: 0.02,
  dryG: 0.5,
  conductivityWmK: 0.27,
  solidsJkgK: 1800,
};

/** The dough of a shell known by its kind alone. */
export const mixOfShell = (kind: ShellKind): DoughMix =>
  kind === 'pie-dough' ? FLAKY_DOUGH : USUAL_DOUGH;

/** A dough by its list; the usual one where there is nothing on it. */
export function doughMixOf(analysis: Analysis): DoughMix {
  if (analysis.totalG <= 0) return USUAL_DOUGH;
  const of = analysis.composition;
  const food = foodProperties(of, 25);
  const [c0] = food.heatCapacityJkgK;
  return {
    water: of.water,
    fat: of.fat,
    sugar: of.sucrose + of.otherSugars,
    dryG: Math.max(0.05, 1 - of.water - of.fat),
    // Air and layers of fat make a dough a poorer conductor than its parts. From memory.
    conductivityWmK: 0.75 * food.conductivityWmK[0],
    solidsJkgK: (c0 - 4180 * of.water) / Math.max(0.05, 1 - of.water),
  };
}

/**
 * Water activity of a dough or baked shell by its water on dry matter without fat, kg/kg.
 * Oswin's isotherm X = A (a / (1 - a))^B. Source: Oswin (1946); A and B for short biscuits at 25 °C
 * and over, from memory.
 */
export const OSWIN = { a: 0.08, b: 0.42 } as const;

export const doughActivity = (waterOnDry: number): number =>
  waterOnDry <= 0 ? 0 : 1 / (1 + (OSWIN.a / waterOnDry) ** (1 / OSWIN.b));

/** The inverse: water on dry matter at a water activity, 0 to under 1. */
export const waterOnDryAt = (activity: number): number =>
  OSWIN.a * (activity / (1 - Math.min(0.999, activity))) ** OSWIN.b;

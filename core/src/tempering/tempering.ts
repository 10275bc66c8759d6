import type { Analysis } from '../formula';
import { blend, type Composition, type Ingredient } from '../ingredients';
import { evaluate, foodProperties } from '../properties';
import { panLoss } from '../stove';

/** What is joined, at a temperature. */
export interface Warm {
  readonly composition: Composition;
  readonly grams: number;
  readonly celsius: number;
}

/** Heat capacity of a warm part, J/K. */
const capacityJK = ({ composition, grams, celsius }: Warm): number =>
  (grams / 1000) * evaluate(foodProperties(composition).heatCapacityJkgK, celsius);

/**
 * Temperature of what comes of joining warm parts, °C: the mean weighted by heat capacity. How slowly
 * they are joined does not enter, since no heat leaves. Parts of 0 to 100 °C; throws without any.
 * Source: first law; heat capacities of Choi and Okos, see {@link foodProperties}.
 */
export function joinedC(parts: readonly Warm[]): number {
  const weighed = parts.filter((part) => part.grams > 0);
  const capacity = weighed.reduce((sum, part) => sum + capacityJK(part), 0);
  if (!(capacity > 0)) throw new RangeError('nothing to join');
  return weighed.reduce((sum, part) => sum + capacityJK(part) * part.celsius, 0) / capacity;
}

/** Where the sugar waits before the two are joined. */
export type SugarWith = 'liquid' | 'egg';

/** The two sides of a custard before they are joined. */
export interface Sides {
  readonly hot: { readonly composition: Composition; readonly grams: number };
  readonly cold: { readonly composition: Composition; readonly grams: number };
}

/**
 * Parts a formula into the liquid that is heated and the egg that waits, or `undefined` when one of
 * them is missing. Butter, starch and flour wait with neither: they are left out.
 */
export function sidesOf(analysis: Analysis, sugarWith: SugarWith): Sides | undefined {
  const side = (wanted: (ingredient: Ingredient) => boolean) => {
    const parts = analysis.lines.flatMap(({ ingredient, grams }) =>
      ingredient && grams && wanted(ingredient)
        ? [{ composition: ingredient.composition, grams }]
        : [],
    );
    const composition = blend(parts);
    return composition && { composition, grams: parts.reduce((sum, part) => sum + part.grams, 0) };
  };
  const hot = side(
    (each) => each.role === 'liquid' || (sugarWith === 'liquid' && each.role === 'sugar'),
  );
  const cold = side(
    (each) => each.role === 'egg' || (sugarWith === 'egg' && each.role === 'sugar'),
  );
  const egg = side((each) => each.role === 'egg');
  return hot && cold && egg ? { hot, cold } : undefined;
}

/** Temperature of the mix when liquid of `hotC` meets egg of `coldC`, °C. */
export const mixC = ({ hot, cold }: Sides, hotC: number, coldC: number): number =>
  joinedC([
    { ...hot, celsius: hotC },
    { ...cold, celsius: coldC },
  ]);

/**
 * Temperature to which the liquid must come down for the mix to be `wantedC`, °C: {@link mixC} turned
 * round by bisection between `coldC` and 100.
 */
export function liquidForC(sides: Sides, wantedC: number, coldC: number): number {
  let low = coldC;
  let high = 100;
  for (let halving = 0; halving < 40; halving += 1) {
    const middle = (low + high) / 2;
    if (mixC(sides, middle, coldC) < wantedC) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The open pan in which a liquid rests: 20 cm across. Common practice. */
const PAN_RADIUS_M = 0.1;
const STEP_S = 5;
const LONGEST_REST_S = 3 * 3600;

/**
 * Seconds for an uncovered pan of liquid to cool from one temperature to another in a room, or
 * `undefined` when that takes more than three hours. One temperature throughout (stirred now and
 * then); top and sides give off heat by convection, radiation and, on top, evaporation of a wet
 * surface. Good to about a third. Sources: lumped capacity; {@link panLoss}.
 */
export function restS(
  hot: Sides['hot'],
  fromC: number,
  toC: number,
  roomC: number,
  altitudeM = 0,
): number | undefined {
  const { heatCapacityJkgK } = foodProperties(hot.composition);
  const loss = panLoss({ ...hot, radiusM: PAN_RADIUS_M, roomC, altitudeM });
  let celsius = fromC;
  for (let seconds = 0; seconds <= LONGEST_REST_S; seconds += STEP_S) {
    if (celsius <= toC) return seconds;
    const lost = loss(celsius).lossW * STEP_S;
    celsius -= lost / ((hot.grams / 1000) * evaluate(heatCapacityJkgK, celsius));
  }
  return undefined;
}

/** How near to its setting temperature a mix may come in the bowl, K. Common practice. */
export const SAFE_BELOW_K = 10;
const SCRAMBLES_BELOW_K = 3;

/** What becomes of the egg in the bowl. */
export type Joining = 'safe' | 'thickens' | 'scrambles';

/** Judges a mix against the temperature at which it sets. */
export const joiningOf = (mixedC: number, setC: number): Joining =>
  mixedC > setC - SCRAMBLES_BELOW_K
    ? 'scrambles'
    : mixedC > setC - SAFE_BELOW_K
      ? 'thickens'
      : 'safe';

import {
  COMPONENTS,
  proteinFraction,
  sugarFraction,
  type Component,
  type Composition,
} from './composition';

/** What a label or table says of a food, grams in 100 g. */
export interface LabelValues {
  readonly water: number;
  readonly fat: number;
  readonly sugars: number;
  readonly starch: number;
  readonly protein: number;
  readonly alcohol: number;
}

/** The label values of a composition, as a cook would copy them. */
export const labelOf = (of: Composition): LabelValues => ({
  water: 100 * of.water,
  fat: 100 * of.fat,
  sugars: 100 * sugarFraction(of),
  starch: 100 * of.starch,
  protein: 100 * proteinFraction(of),
  alcohol: 100 * of.alcohol,
});

const SUGARS: readonly Component[] = ['sucrose', 'otherSugars'];
const PROTEINS: readonly Component[] = [
  'eggWhiteProtein',
  'eggYolkProtein',
  'milkProtein',
  'wheatProtein',
  'otherProtein',
];
const REST: readonly Component[] = ['otherCarbohydrate', 'fibre', 'ash', 'acid'];

/**
 * A composition with the label values of one food and the kinds of sugar and protein of a `like` one:
 * what the label does not name (fibre, ash, acid) keeps its proportions and takes what is left of
 * 100 g. Values from 0 to 100; `undefined` when they come to more than 102 g.
 */
export function likeBut(like: Composition, label: LabelValues): Composition | undefined {
  const values: readonly number[] = Object.values(label);
  if (!values.every((value) => value >= 0 && value <= 100)) return undefined;
  const named = values.reduce((sum, value) => sum + value, 0) / 100;
  if (named > 1.02) return undefined;
  const next: Record<Component, number> = { ...like };
  const share = (names: readonly Component[], fallback: Component, wanted: number) => {
    const before = names.reduce((sum, name) => sum + like[name], 0);
    for (const name of names) next[name] = before > 0 ? (like[name] / before) * wanted : 0;
    if (!(before > 0)) next[fallback] = wanted;
  };
  next.water = label.water / 100;
  next.fat = label.fat / 100;
  next.starch = label.starch / 100;
  next.alcohol = label.alcohol / 100;
  share(SUGARS, 'otherSugars', label.sugars / 100);
  share(PROTEINS, 'otherProtein', label.protein / 100);
  share(REST, 'otherCarbohydrate', Math.max(0, 1 - named));
  const total = COMPONENTS.reduce((sum, name) => sum + next[name], 0);
  for (const name of COMPONENTS) next[name] /= total;
  return next;
}

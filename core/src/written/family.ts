import type { Family } from '../formula';
import type { Ingredient } from '../ingredients';

/** What a name says of the filling, in five languages; the first that is found counts. Common practice. */
const BY_NAME: readonly (readonly [RegExp, Family])[] = [
  [
    /\bcurd\b|lemon (?:tart|pie)|zitronen-?tarte|tarte (?:au|aux) citrons?|tarte de lim[ãa]o/iu,
    'curd',
  ],
  [
    /pastry cream|konditorcreme|cr[èe]me p[âa]tissi[èe]re|creme de pasteleiro|crema pastelera/iu,
    'starch-cream',
  ],
  [
    /cheesecake|käsekuchen|topfenkuchen|cream cheese|quark|ricotta|queijada|quesada|tarta de queso|fromage blanc/iu,
    'fresh-cheese',
  ],
  [
    /frangipane|almond cream|nut cream|mandelcreme|cr[èe]me d.amandes?|creme de am[êe]ndoa|crema de almendra/iu,
    'nut-cream',
  ],
  [/pumpkin|kürbis|squash|sweet potato|parsnip|potiron|ab[óo]bora|calabaza/iu, 'puree-custard'],
  [/pecan pie|walnut tart|pekannuss-?tarte|syrup/iu, 'syrup-nut'],
  [/clafoutis|batter|far breton/iu, 'batter-custard'],
  [/no[- ]bake|panna ?cotta|mousse|torta fria|tarta fr[íi]a|bavarois|ganache/iu, 'cold-set'],
];

/** A line of a list by weight. */
export interface WeighedFood {
  readonly ingredient: Ingredient;
  readonly grams: number;
}

/**
 * The family a filling most likely belongs to, by its name and by what is in it: what sets it, and what there is most of.
 * A proposal for the cook to look at, never a finding. Common practice.
 */
export function familyOf(name: string, foods: readonly WeighedFood[], stirred = false): Family {
  const named = BY_NAME.find(([words]) => words.test(name))?.[1];
  const share = (test: (food: Ingredient) => boolean): number => {
    const all = foods.reduce((sum, { grams }) => sum + grams, 0);
    const some = foods.reduce((sum, food) => sum + (test(food.ingredient) ? food.grams : 0), 0);
    return all > 0 ? some / all : 0;
  };
  const egg = share(({ role }) => role === 'egg');
  const starch = share(({ role }) => role === 'starch');
  const liquid = share(({ role }) => role === 'liquid');
  const fruit = share(({ role }) => role === 'fruit');
  if (foods.some(({ ingredient }) => ingredient.bloom !== undefined || ingredient.id === 'agar'))
    return 'cold-set';
  if (named) return named;
  // Chocolate and cream without egg or starch set as they cool.
  if (share(({ id }) => /chocolate|gianduja/.test(id)) > 0.25 && egg === 0 && starch === 0)
    return 'cold-set';
  if (share(({ role }) => role === 'puree') > 0.25) return 'puree-custard';
  if (share(({ id }) => /juice$/.test(id)) > 0.12 && egg > 0.1) return 'curd';
  if (share(({ id }) => /cheese|ricotta|quark|mascarpone/.test(id)) > 0.3) return 'fresh-cheese';
  if (share(({ role }) => role === 'nut') > 0.15)
    return share(({ id }) => /syrup|honey/.test(id)) > 0.15 ? 'syrup-nut' : 'nut-cream';
  if (fruit > 0.4 && egg < 0.08) return 'fruit-filling';
  if (starch > 0.03 && egg === 0 && liquid > 0.4) return 'starch-pudding';
  if (starch > 0.03 && starch <= 0.09 && stirred) return 'starch-cream';
  if (starch > 0.07 && liquid > 0.3) return 'batter-custard';
  return starch > 0.035 && liquid > 0.4 ? 'starch-cream' : 'baked-custard';
}

import {
  findIngredient,
  likeBut,
  LINE_UNITS,
  type Allergen,
  type Diet,
  type Ingredient,
  type LineUnit,
} from '@hollow-moon/core';
import { z } from 'zod';
import { refusal, within } from './limits';
import { archivedSchema, ingredientIdSchema, nameSchema, storedSchema } from './wire';

export const ALLERGENS = [
  'egg',
  'milk',
  'gluten',
  'nuts',
  'soya',
  'sesame',
  'sulphites',
  'lupin',
  'peanut',
] as const satisfies readonly Allergen[];

const DIETS = ['vegan', 'vegetarian', 'neither'] as const satisfies readonly Diet[];

const IN_100_G = { least: 0, most: 100 } as const;

/** An ingredient as its label has it, like one of the catalogue in everything the label leaves out. */
export const ownIngredientSchema = z
  .object({
    name: nameSchema,
    like: z.string().refine((id) => findIngredient(id) !== undefined, refusal('pantry.like-what')),
    label: z.object({
      water: within('label-water', IN_100_G),
      fat: within('label-fat', IN_100_G),
      sugars: within('label-sugars', IN_100_G),
      starch: within('label-starch', IN_100_G),
      protein: within('label-protein', IN_100_G),
      alcohol: within('label-alcohol', IN_100_G),
    }),
    gramsPerMl: within('grams-per-ml', { least: 0.05, most: 3 }),
    gramsPerPiece: within('grams-per-piece', { least: 0.01, most: 20_000 }).nullable(),
    allergens: z.array(z.enum(ALLERGENS)).max(ALLERGENS.length),
    diet: z.enum(DIETS),
  })
  .refine(
    ({ like, label }) => {
      const base = findIngredient(like);
      return base === undefined || likeBut(base.composition, label) !== undefined;
    },
    {
      message: refusal('pantry.over-100-g'),
      path: ['label', 'water'],
    },
  );
/** What a kitchen knows of an ingredient beyond the catalogue: its price, or what is really in it. */
export const pantryDataSchema = z.object({
  /** Of the catalogue, where that is priced or corrected; else its own, `own-` and an id. */
  ingredientId: ingredientIdSchema,
  price: z
    .object({
      price: within('price', { least: 0, most: 1_000_000 }),
      amount: within('priced-amount', { least: 0.001, most: 1_000_000 }),
      unit: z.enum(LINE_UNITS as [LineUnit, ...LineUnit[]]),
    })
    .nullable(),
  own: ownIngredientSchema.nullable(),
  /** Put away: the catalogue's word holds again. */
  archived: archivedSchema,
});
export type PantryData = z.infer<typeof pantryDataSchema>;

export const pantryItemSchema = storedSchema.extend({ data: pantryDataSchema });
export type PantryItem = z.infer<typeof pantryItemSchema>;

/** The kitchen's own ingredients, as the computation takes them. */
export const ownIngredients = (pantry: readonly Pick<PantryItem, 'data'>[]): Ingredient[] =>
  pantry.flatMap(({ data: { ingredientId, own } }): Ingredient[] => {
    const base = own && findIngredient(own.like);
    const composition = base && likeBut(base.composition, own.label);
    if (!base || !composition) return [];
    const { gramsPerPiece: _piece, pieceName: _name, hazard, ...rest } = base;
    return [
      {
        ...rest,
        id: ingredientId,
        name: own.name,
        composition,
        gramsPerMl: own.gramsPerMl,
        ...(own.gramsPerPiece === null ? {} : { gramsPerPiece: own.gramsPerPiece }),
        ...(hazard === undefined ? {} : { hazard }),
        allergens: own.allergens,
        diet: own.diet,
        source: 'own-label',
      },
    ];
  });

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
import { finite, ingredientIdSchema, nameSchema, storedSchema } from './wire';

const ALLERGENS = [
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
export { ALLERGENS };

const DIETS = ['vegan', 'vegetarian', 'neither'] as const satisfies readonly Diet[];

const label = (what: string) =>
  finite(`Enter the ${what}, in 100 g.`)
    .min(0, `The ${what} cannot be less than nothing.`)
    .max(100, `There is no more than 100 g of ${what} in 100 g.`);

/** An ingredient as its label has it, like one of the catalogue in everything the label leaves out. */
export const ownIngredientSchema = z
  .object({
    name: nameSchema,
    like: z
      .string()
      .refine((id) => findIngredient(id) !== undefined, 'Choose what it is most like.'),
    label: z.object({
      water: label('water'),
      fat: label('fat'),
      sugars: label('sugars'),
      starch: label('starch'),
      protein: label('protein'),
      alcohol: label('alcohol'),
    }),
    gramsPerMl: finite('Enter the weight of a millilitre.')
      .min(0.05, 'Nothing in a kitchen is that light.')
      .max(3, 'Nothing in a kitchen is that heavy.'),
    gramsPerPiece: finite('Enter the weight of a piece.').min(0.01).max(20_000).nullable(),
    allergens: z.array(z.enum(ALLERGENS)).max(ALLERGENS.length),
    diet: z.enum(DIETS),
  })
  .refine(
    ({ like, label }) => {
      const base = findIngredient(like);
      return base === undefined || likeBut(base.composition, label) !== undefined;
    },
    {
      message: 'These come to more than 100 g. Look at the label again.',
      path: ['label', 'water'],
    },
  );
export type OwnIngredient = z.infer<typeof ownIngredientSchema>;

/** What a kitchen knows of an ingredient beyond the catalogue: its price, or what is really in it. */
export const pantryDataSchema = z.object({
  /** Of the catalogue, where that is priced or corrected; else its own, `own-` and an id. */
  ingredientId: ingredientIdSchema,
  price: z
    .object({
      price: finite('Enter the price.').min(0, 'A price cannot be negative.').max(1_000_000),
      amount: finite('Enter for how much.').gt(0, 'For more than nothing.').max(1_000_000),
      unit: z.enum(LINE_UNITS as [LineUnit, ...LineUnit[]]),
    })
    .nullable(),
  own: ownIngredientSchema.nullable(),
  /** Put away: the catalogue's word holds again. */
  archived: z.boolean().default(false),
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
        source: 'this kitchen’s own label',
      },
    ];
  });

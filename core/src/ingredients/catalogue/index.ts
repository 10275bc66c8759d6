import type { Ingredient } from '../ingredient';
import { EGGS } from './eggs';
import { DAIRY } from './dairy';
import { SUGARS } from './sugars';
import { FLOURS } from './flours';
import { FATS } from './fats';
import { NUTS } from './nuts';
import { FRUIT } from './fruit';
import { JUICES } from './juices';
import { VEGETABLES } from './vegetables';
import { CHOCOLATE } from './chocolate';
import { SETTING } from './setting';
import { BISCUITS } from './biscuits';
import { FLAVOURS } from './flavours';
import { SPIRITS } from './spirits';

/** Shelves of the catalogue, in the order a cook walks along them. */
export const CATALOGUE: readonly Ingredient[] = [
  ...EGGS,
  ...DAIRY,
  ...SUGARS,
  ...FLOURS,
  ...FATS,
  ...NUTS,
  ...FRUIT,
  ...JUICES,
  ...VEGETABLES,
  ...CHOCOLATE,
  ...SETTING,
  ...BISCUITS,
  ...FLAVOURS,
  ...SPIRITS,
];

const BY_ID: ReadonlyMap<string, Ingredient> = new Map(CATALOGUE.map((each) => [each.id, each]));

/** The catalogue's ingredient of that id, or `undefined`. */
export const findIngredient = (id: string): Ingredient | undefined => BY_ID.get(id);

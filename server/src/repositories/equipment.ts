import {
  ownIngredientSchema,
  type OvenData,
  type PantryData,
  type VesselData,
} from '@hollow-moon/contract';
import { fromJson, repositoryOf, select, type Repository } from './table';

export const vessels = repositoryOf<VesselData>({
  table: 'vessels',
  order: 'name, id',
  columns: [
    { name: 'name', write: (data) => data.name },
    { name: 'kind', write: (data) => data.kind },
    { name: 'base_diameter_mm', write: (data) => data.baseDiameterMm },
    { name: 'top_diameter_mm', write: (data) => data.topDiameterMm },
    { name: 'height_mm', write: (data) => data.heightMm },
    { name: 'lip_mm', write: (data) => data.lipMm },
    { name: 'material', write: (data) => data.material },
    { name: 'owned', write: (data) => data.owned },
    { name: 'breadth_mm', write: (data) => data.breadthMm ?? null },
    { name: 'tube_mm', write: (data) => data.tubeMm ?? null },
    { name: 'capacity_ml', write: (data) => data.capacityMl ?? null },
    { name: 'loose_base', write: (data) => (data.looseBase ? 1 : 0) },
    { name: 'archived', write: (data) => (data.archived ? 1 : 0) },
  ],
  read: (row) => ({
    name: String(row.name),
    kind: row.kind as VesselData['kind'],
    baseDiameterMm: Number(row.base_diameter_mm),
    topDiameterMm: Number(row.top_diameter_mm),
    heightMm: Number(row.height_mm),
    lipMm: Number(row.lip_mm),
    material: row.material as VesselData['material'],
    owned: Number(row.owned),
    ...(row.breadth_mm === null ? {} : { breadthMm: Number(row.breadth_mm) }),
    ...(row.tube_mm === null ? {} : { tubeMm: Number(row.tube_mm) }),
    ...(row.capacity_ml === null ? {} : { capacityMl: Number(row.capacity_ml) }),
    ...(row.loose_base ? { looseBase: true } : {}),
    archived: Boolean(row.archived),
  }),
});

export const ovens = repositoryOf<OvenData>({
  table: 'ovens',
  order: 'name, id',
  columns: [
    { name: 'name', write: (data) => data.name },
    { name: 'kind', write: (data) => data.kind },
    { name: 'offset_k', write: (data) => data.offsetK },
    { name: 'swing_k', write: (data) => data.swingK },
    { name: 'shelf_count', write: (data) => data.shelves?.count ?? null },
    { name: 'shelf_length_mm', write: (data) => data.shelves?.lengthMm ?? null },
    { name: 'shelf_breadth_mm', write: (data) => data.shelves?.breadthMm ?? null },
    { name: 'archived', write: (data) => (data.archived ? 1 : 0) },
  ],
  read: (row) => ({
    name: String(row.name),
    kind: row.kind as OvenData['kind'],
    offsetK: Number(row.offset_k),
    swingK: Number(row.swing_k),
    ...(row.shelf_count === null
      ? {}
      : {
          shelves: {
            count: Number(row.shelf_count),
            lengthMm: Number(row.shelf_length_mm),
            breadthMm: Number(row.shelf_breadth_mm),
          },
        }),
    archived: Boolean(row.archived),
  }),
});

const pantryRows = repositoryOf<PantryData>({
  table: 'pantry',
  order: 'ingredient_id, id',
  columns: [
    { name: 'ingredient_id', write: (data) => data.ingredientId },
    { name: 'price', write: (data) => data.price?.price ?? null },
    { name: 'price_amount', write: (data) => data.price?.amount ?? null },
    { name: 'price_unit', write: (data) => data.price?.unit ?? null },
    { name: 'own', write: (data) => (data.own ? JSON.stringify(data.own) : null) },
    { name: 'archived', write: (data) => (data.archived ? 1 : 0) },
  ],
  read: (row) => ({
    ingredientId: String(row.ingredient_id),
    price:
      row.price === null
        ? null
        : {
            price: Number(row.price),
            amount: Number(row.price_amount),
            unit: row.price_unit as NonNullable<PantryData['price']>['unit'],
          },
    own: row.own === null ? null : fromJson(ownIngredientSchema, row.own),
    archived: Boolean(row.archived),
  }),
});

/** One entry for each ingredient. */
export const pantry: Repository<PantryData> = {
  ...pantryRows,
  async sameAs(on, kitchenId, { ingredientId }) {
    const [row] = await select(
      on,
      'SELECT id FROM pantry WHERE kitchen_id = ? AND ingredient_id = ?',
      [kitchenId, ingredientId],
    );
    return row && pantryRows.find(on, kitchenId, String(row.id));
  },
};

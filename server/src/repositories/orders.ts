import { orderDataSchema, type OrderData } from '@hollow-moon/contract';
import { fromJson, repositoryOf } from './table';

const { weekdays: weekdaysSchema } = orderDataSchema.shape;

/** Standing orders, by the hour they are wanted. */
export const orders = repositoryOf<OrderData>({
  table: 'orders',
  order: 'due_min, id',
  columns: [
    { name: 'formula_id', write: (data) => data.formulaId },
    { name: 'vessels', write: (data) => data.vessels },
    { name: 'due_min', write: (data) => data.dueMin },
    { name: 'for_whom', write: (data) => data.forWhom },
    { name: 'weekdays', write: (data) => JSON.stringify(data.weekdays) },
    { name: 'archived', write: (data) => (data.archived ? 1 : 0) },
  ],
  read: (row) => ({
    formulaId: String(row.formula_id),
    vessels: Number(row.vessels),
    dueMin: Number(row.due_min),
    forWhom: String(row.for_whom),
    weekdays: fromJson(weekdaysSchema, row.weekdays),
    archived: Boolean(row.archived),
  }),
});

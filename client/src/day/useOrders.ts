import {
  AS_USUAL,
  WEEKDAYS,
  type DayData,
  type OrderData,
  type StoredOrder,
  type WantedData,
  type Weekday,
} from '@hollow-moon/contract';
import { getISODay, parseISO } from 'date-fns';
import { useMemo } from 'react';
import { v4 as uuid } from 'uuid';
import { withUnderWay } from '../book/book';
import { useWrites } from '../outgoing/useWrites';
import { dataUnderWay, type Write } from '../outgoing/writes';
import { useOrdersQuery } from '../wire/api';

const isOfOrders = ({ work }: Write): boolean => work.op === 'put' && work.kind === 'orders';

/** The standing orders of a kitchen as they will be when what is on its way has come into the book. */
export function useOrders(kitchenId: string): readonly StoredOrder[] | undefined {
  const { data } = useOrdersQuery(kitchenId);
  const writes = useWrites(isOfOrders);
  return useMemo(() => data && withUnderWay(data, dataUnderWay(writes, 'orders')), [data, writes]);
}

export const weekdayOf = (date: string): Weekday => getISODay(parseISO(date)) as Weekday;

type Bake = Pick<WantedData, 'formulaId' | 'forWhom' | 'dueMin'>;

/** The same bake at the same hour for the same people. */
const isSame = (a: Bake, b: Bake): boolean =>
  a.formulaId === b.formulaId && a.forWhom === b.forWhom && a.dueMin === b.dueMin;

const isThere = (wanted: readonly WantedData[], order: OrderData) =>
  wanted.some((each) => isSame(each, order));

/** The standing order for a bake, on whatever days of the week. */
export const standingFor = (
  wanted: Bake,
  orders: readonly StoredOrder[],
): StoredOrder | undefined => orders.find(({ data }) => !data.archived && isSame(data, wanted));

/** A bake of a day that is wanted on its day of every week from now on, besides the days it stood for before. */
export const standingOn = (
  { formulaId, vessels, dueMin, forWhom }: WantedData,
  date: string,
  before: OrderData | undefined,
): OrderData => ({
  ...{ formulaId, vessels, dueMin, forWhom, archived: false },
  weekdays: WEEKDAYS.filter((day) => day === weekdayOf(date) || before?.weekdays.includes(day)),
});

/** What stands for a day's weekday, the soonest first, and is not wanted of it yet: the same bake at that hour for those people. */
export const ordersFor = (
  { date, wanted }: Pick<DayData, 'date' | 'wanted'>,
  orders: readonly StoredOrder[],
): OrderData[] =>
  orders
    .map(({ data }) => data)
    .filter(
      (order) =>
        !order.archived && order.weekdays.includes(weekdayOf(date)) && !isThere(wanted, order),
    )
    .sort((a, b) => a.dueMin - b.dueMin);

/** What is wanted of one day, by an order or otherwise. */
export const wantedBy = ({
  formulaId,
  vessels,
  dueMin,
  forWhom,
}: Pick<OrderData, 'formulaId' | 'vessels' | 'dueMin' | 'forWhom'>): WantedData => ({
  ...{ id: uuid(), formulaId, vessels, dueMin, forWhom, ...AS_USUAL },
});

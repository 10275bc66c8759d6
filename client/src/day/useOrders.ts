import type { DayData, OrderData, StoredOrder, WantedData, Weekday } from '@hollow-moon/contract';
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

const isThere = (wanted: readonly WantedData[], { formulaId, forWhom, dueMin }: OrderData) =>
  wanted.some(
    (each) => each.formulaId === formulaId && each.forWhom === forWhom && each.dueMin === dueMin,
  );

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

/** What an order wants of one day. */
export const wantedBy = ({ formulaId, vessels, dueMin, forWhom }: OrderData): WantedData => ({
  ...{ id: uuid(), formulaId, vessels, dueMin, forWhom },
});

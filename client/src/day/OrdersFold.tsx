import { WEEKDAYS, type OrderData, type StoredOrder, type Weekday } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { format } from 'date-fns';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import type { KitchenBook } from '../book/book';
import { Button, Fold, focusOn, icons, Notice, Read, Soft, Tick } from '../design';
import { useWriting } from '../equipment';
import { daysInWords, shortName } from './asked';
import { useOrders, weekdayOf } from './useOrders';
import { AddBake, NOON_MIN, WantedFields, WantedLine } from './WantedFields';

/** On which days of the week; the last of them stays. */
function Days({
  id,
  weekdays,
  onChange,
}: {
  readonly id: string;
  readonly weekdays: readonly Weekday[];
  readonly onChange: (weekdays: Weekday[]) => void;
}) {
  const [none, setNone] = useState(false);
  return (
    <View role="group" aria-label={say('order.on-days')} className="gap-2">
      <Read>{say('order.on-days')}</Read>
      <View className="flex-row flex-wrap gap-2">
        {WEEKDAYS.map((day) => (
          <Tick
            key={day}
            label={shortName(day)}
            ticked={weekdays.includes(day)}
            testID={`day-${day}-${id}`}
            onChange={(ticked) => {
              const next = WEEKDAYS.filter((each) =>
                each === day ? ticked : weekdays.includes(each),
              );
              setNone(next.length === 0);
              if (next.length > 0) onChange(next);
            }}
          />
        ))}
      </View>
      {none ? <Soft>{say('order.no-day')}</Soft> : null}
    </View>
  );
}

/** One order in a line; a tap opens it to be changed. */
function OrderRow({
  order: { id, version, data },
  book,
  open,
  onOpen,
  onRemoved,
}: {
  readonly order: StoredOrder;
  readonly book: KitchenBook;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onRemoved: () => void;
}) {
  const write = useWriting('orders', book.kitchen.id, id);
  const name = book.formulaOf(data.formulaId)?.name ?? '';
  return (
    <WantedLine
      wanted={data}
      days={daysInWords(data.weekdays)}
      book={book}
      open={open}
      onOpen={onOpen}
      testID={`open-order-${id}`}
    >
      <View className="gap-3 pb-4">
        <WantedFields
          wanted={{ ...data, id }}
          book={book}
          onChange={({ id: _, ...next }) => write(next, version)}
        />
        <Days
          id={id}
          weekdays={data.weekdays}
          onChange={(weekdays) => write({ ...data, weekdays }, version)}
        />
        <View className="self-start">
          <Button
            label={say('day.remove', { bake: name })}
            icon={icons.remove}
            testID={`remove-order-${id}`}
            onPress={() => {
              write({ ...data, archived: true }, version);
              onRemoved();
            }}
          />
        </View>
      </View>
    </WantedLine>
  );
}

/** An order that was just removed, and the way back. */
function Removed({
  order: { id, version, data },
  book,
  onBack,
}: {
  readonly order: StoredOrder;
  readonly book: KitchenBook;
  readonly onBack: () => void;
}) {
  const write = useWriting('orders', book.kitchen.id, id);
  return (
    <Notice
      kind="hint"
      testID="order-removed"
      actions={
        <Button
          label={say('order.take-back')}
          testID="order-back"
          onPress={() => {
            write({ ...data, archived: false }, version);
            onBack();
          }}
        />
      }
    >
      {say('order.removed', { bake: book.formulaOf(data.formulaId)?.name ?? '' })}
    </Notice>
  );
}

/** What is wanted on the same days of every week: each day that is planned can take its own over. */
export function OrdersFold({ book }: { readonly book: KitchenBook }) {
  const kitchenId = book.kitchen.id;
  const all = useOrders(kitchenId);
  const [open, setOpen] = useState<string>();
  const [removed, setRemoved] = useState<string>();
  const [fresh, setFresh] = useState(() => uuid());
  const write = useWriting('orders', kitchenId, fresh);
  if (!all) return null;
  const orders = all.filter(({ data }) => !data.archived);
  const gone = all.find(({ id, data }) => id === removed && data.archived);
  const add = (formulaId: string) => {
    const vessels = book.formulaOf(formulaId)?.vesselCount;
    if (vessels === undefined) return;
    const order: OrderData = {
      ...{ formulaId, vessels, dueMin: NOON_MIN, forWhom: '', archived: false },
      weekdays: [weekdayOf(format(new Date(), 'yyyy-MM-dd'))],
    };
    write(order, 0);
    setOpen(fresh);
    focusOn(`tins-${fresh}`);
    setFresh(uuid());
  };
  return (
    <Fold
      id="orders"
      title={say('order.standing')}
      summary={say('order.in-short', { count: orders.length })}
    >
      {() => (
        <>
          {orders.length === 0 ? <Soft>{say('order.none-yet')}</Soft> : null}
          <View role="list">
            {orders.map((order) => (
              <OrderRow
                key={order.id}
                order={order}
                book={book}
                open={open === order.id}
                onOpen={() => setOpen(open === order.id ? undefined : order.id)}
                onRemoved={() => setRemoved(order.id)}
              />
            ))}
          </View>
          {gone ? <Removed order={gone} book={book} onBack={() => setRemoved(undefined)} /> : null}
          <AddBake label={say('order.add')} book={book} onAdd={add} testID="add-order" />
        </>
      )}
    </Fold>
  );
}

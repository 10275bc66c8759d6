import type { DayData, WantedData } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import type { KitchenBook } from '../book/book';
import type { EditDay } from './useDay';
import { ordersFor, useOrders, wantedBy } from './useOrders';
import { weekdayInWords } from './when';
import { AddBake, hour, NOON_MIN, WantedFields, WantedLine } from './WantedFields';
import { Button, Fold, focusOn, icons } from '../design';

interface RowOf {
  readonly wanted: WantedData;
  readonly book: KitchenBook;
  readonly onChange: (wanted: WantedData) => void;
  readonly onRemove: () => void;
}

/** A bake that is wanted, open to be changed. */
function WantedEditor({ wanted, book, onChange, onRemove }: RowOf) {
  const name = book.formulaOf(wanted.formulaId)?.name ?? '';
  return (
    <View className="gap-3 pb-4">
      <WantedFields wanted={wanted} book={book} onChange={onChange} />
      <View className="self-start">
        <Button
          label={say('day.remove', { bake: name })}
          icon={icons.remove}
          testID={`remove-${wanted.id}`}
          onPress={onRemove}
        />
      </View>
    </View>
  );
}

/** What stands for the day's weekday, to be taken over while it is not wanted yet. */
function FromOrders({
  day,
  book,
  onEdit,
}: {
  readonly day: DayData;
  readonly book: KitchenBook;
  readonly onEdit: EditDay;
}) {
  const orders = ordersFor(day, useOrders(book.kitchen.id) ?? []).filter(
    ({ formulaId }) => book.formulaOf(formulaId)?.archived === false,
  );
  if (orders.length === 0) return null;
  return (
    <View className="self-start">
      <Button
        label={say('day.add-standing', {
          weekday: weekdayInWords(day.date),
          count: orders.length,
        })}
        icon={icons.add}
        testID="add-standing"
        onPress={() =>
          onEdit((data) => ({ ...data, wanted: [...data.wanted, ...orders.map(wantedBy)] }))
        }
      />
    </View>
  );
}

/** What is wanted of a day: which bakes, how many, by when, for whom. */
export function WantedFold({
  day,
  book,
  onEdit,
}: {
  readonly day: DayData;
  readonly book: KitchenBook;
  readonly onEdit: EditDay;
}) {
  const { wanted } = day;
  const [open, setOpen] = useState<string>();
  const change = (next: WantedData) =>
    onEdit(
      (data) => ({
        ...data,
        wanted: data.wanted.map((each) => (each.id === next.id ? next : each)),
      }),
      next.id,
    );
  const add = (formulaId: string) => {
    const vessels = book.formulaOf(formulaId)?.vesselCount;
    if (vessels === undefined) return;
    const id = uuid();
    const dueMin = wanted.at(-1)?.dueMin ?? NOON_MIN;
    onEdit((data) => ({
      ...data,
      wanted: [...data.wanted, { id, formulaId, vessels, dueMin, forWhom: '' }],
    }));
    setOpen(id);
    focusOn(`tins-${id}`);
  };
  const first = Math.min(...wanted.map(({ dueMin }) => dueMin));
  return (
    <Fold
      id="wanted"
      title={say('day.wanted')}
      summary={
        wanted.length === 0
          ? say('day.nothing-yet')
          : say('day.wanted-in-short', { count: wanted.length, first: hour(first) })
      }
      begin={wanted.length === 0}
    >
      {() => (
        <>
          <View role="list">
            {wanted.map((each) => (
              <WantedLine
                key={each.id}
                wanted={each}
                book={book}
                open={open === each.id}
                onOpen={() => setOpen(open === each.id ? undefined : each.id)}
                testID={`open-wanted-${each.id}`}
              >
                <WantedEditor
                  wanted={each}
                  book={book}
                  onChange={change}
                  onRemove={() =>
                    onEdit((data) => ({
                      ...data,
                      wanted: data.wanted.filter(({ id }) => id !== each.id),
                      locks: data.locks.filter(({ task }) => !task.startsWith(each.id)),
                      changes: data.changes.filter(({ bake }) => bake !== each.id),
                    }))
                  }
                />
              </WantedLine>
            ))}
          </View>
          <AddBake label={say('day.add')} book={book} onAdd={add} testID="add-wanted" />
          <FromOrders day={day} book={book} onEdit={onEdit} />
        </>
      )}
    </Fold>
  );
}

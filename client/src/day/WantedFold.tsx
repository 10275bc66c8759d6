import type { DayData, WantedData } from '@hollow-moon/contract';
import { shellWorkOf, type ShellWork } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import type { KitchenBook } from '../book/book';
import type { EditDay } from './useDay';
import { ordersFor, standingFor, standingOn, useOrders, wantedBy, weekdayOf } from './useOrders';
import { weekdayInWords } from './when';
import { AddBake, hour, NOON_MIN, WantedFields, WantedLine } from './WantedFields';
import { useWriting } from '../equipment';
import { Button, Fold, focusOn, icons, Soft, Tick, useWords } from '../design';

/** Shells that are lined, and can be put by for another day. */
const LINED: ReadonlySet<ShellWork> = new Set(['rolled', 'pressed']);

interface RowOf {
  readonly wanted: WantedData;
  readonly date: string;
  readonly book: KitchenBook;
  readonly onChange: (wanted: WantedData) => void;
  readonly onRemove: () => void;
}

/** A bake that is to be wanted every week, by one tap; where it is, that is said. */
function EveryWeek({
  wanted,
  date,
  kitchenId,
}: {
  readonly wanted: WantedData;
  readonly date: string;
  readonly kitchenId: string;
}) {
  const orders = useOrders(kitchenId);
  const [fresh, setFresh] = useState(() => uuid());
  const before = orders && standingFor(wanted, orders);
  const write = useWriting('orders', kitchenId, before?.id ?? fresh);
  if (!orders) return null;
  const weekday = weekdayInWords(date);
  return before?.data.weekdays.includes(weekdayOf(date)) ? (
    <Soft testID={`stands-${wanted.id}`}>{say('day.stands-every', { weekday })}</Soft>
  ) : (
    <Button
      label={say('day.every', { weekday })}
      testID={`every-week-${wanted.id}`}
      onPress={() => {
        write(standingOn(wanted, date, before?.data), before?.version ?? 0);
        setFresh(uuid());
      }}
    />
  );
}

/** A bake that is wanted, open to be changed. */
function WantedEditor({ wanted, date, book, onChange, onRemove }: RowOf) {
  const { quantity } = useWords();
  const formula = book.formulaOf(wanted.formulaId);
  const name = formula?.name ?? '';
  return (
    <View className="gap-3 pb-4">
      <WantedFields
        wanted={wanted}
        book={book}
        // Another formula has a heat of its own.
        onChange={(next) =>
          onChange(
            next.formulaId === wanted.formulaId
              ? next
              : { ...next, ovenC: null, frozenShell: false },
          )
        }
      />
      <View className="gap-2 self-start">
        {formula && LINED.has(shellWorkOf(formula)) ? (
          <Tick
            label={say('day.frozen-shell')}
            ticked={wanted.frozenShell}
            testID={`frozen-${wanted.id}`}
            onChange={(frozenShell) => onChange({ ...wanted, frozenShell })}
          />
        ) : null}
        {wanted.ovenC === null || !formula ? null : (
          <Button
            label={say('day.baked-as-usual', { setting: quantity({ ovenC: formula.setC }) })}
            testID={`own-heat-${wanted.id}`}
            onPress={() => onChange({ ...wanted, ovenC: null })}
          />
        )}
        <EveryWeek wanted={wanted} date={date} kitchenId={book.kitchen.id} />
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
    const fresh = wantedBy({
      ...{ formulaId, vessels, forWhom: '' },
      dueMin: wanted.at(-1)?.dueMin ?? NOON_MIN,
    });
    onEdit((data) => ({ ...data, wanted: [...data.wanted, fresh] }));
    setOpen(fresh.id);
    focusOn(`tins-${fresh.id}`);
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
                  date={day.date}
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

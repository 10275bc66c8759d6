import { AS_USUAL, type DayData, type WantedData } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import type { KitchenBook } from '../book/book';
import { addedTo, bookDoughOf, isBakeBegun, isDoughBegun, isLined, type Happened } from './begun';
import type { EditDay } from './useDay';
import { ordersFor, standingFor, standingOn, useOrders, wantedBy, weekdayOf } from './useOrders';
import { weekdayInWords } from './when';
import { hour } from './asked';
import { AddBake, NOON_MIN, WantedFields, WantedLine } from './WantedFields';
import { useWriting } from '../equipment';
import { Button, Fold, focusOn, icons, Picker, Soft, Tick, useWords } from '../design';

interface RowOf {
  readonly wanted: WantedData;
  readonly date: string;
  readonly book: KitchenBook;
  readonly happened: Happened;
  readonly onChange: (wanted: WantedData) => void;
  readonly onMore: () => void;
  readonly onRemove: () => void;
}

/** The oven that a bake is baked in on this day: its formula's, or another that is in use. */
function OvenOfDay({ wanted, book, onChange }: Pick<RowOf, 'wanted' | 'book' | 'onChange'>) {
  const usual = book.formulaOf(wanted.formulaId)?.ovenId;
  if (!usual) return null;
  const { id, ovenId } = wanted;
  const nameOf = (oven: string) => book.ovens.find((each) => each.id === oven)?.data.name ?? '';
  return (
    <Picker
      label={say('day.baked-in')}
      value={ovenId ?? ''}
      testID={`baked-in-${id}`}
      // What is said of heat is said of an oven.
      onChange={(next) => onChange({ ...wanted, ovenId: next === '' ? null : next, ovenC: null })}
      options={[
        { value: '', label: say('day.oven-of-formula', { oven: nameOf(usual) }) },
        ...book.ovens
          .filter((each) => each.id !== usual && (!each.data.archived || each.id === ovenId))
          .map((each) => ({ value: each.id, label: each.data.name })),
      ]}
    />
  );
}

/** Whose dough a bake is made of: that which others share, or its own. */
function WhoseDough({
  wanted,
  book,
  happened,
  onChange,
}: Pick<RowOf, 'wanted' | 'book' | 'happened' | 'onChange'>) {
  const formula = book.formulaOf(wanted.formulaId);
  const dough = formula && bookDoughOf(formula, wanted);
  if (dough === undefined) return null;
  const { id, doughApart } = wanted;
  return (
    <>
      <Tick
        label={say('day.dough-apart')}
        ticked={doughApart}
        testID={`dough-apart-${id}`}
        onChange={(next) => onChange({ ...wanted, doughApart: next })}
      />
      {!doughApart && isDoughBegun(dough, happened) && !isBakeBegun(id, happened) ? (
        <Soft>{say('day.dough-begun')}</Soft>
      ) : null}
    </>
  );
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
function WantedEditor({ wanted, date, book, happened, onChange, onMore, onRemove }: RowOf) {
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
              : addedTo(happened, { ...next, ...AS_USUAL }, book.formulaOf(next.formulaId)),
          )
        }
      />
      {isBakeBegun(wanted.id, happened) ? (
        <View className="gap-2 self-start">
          <Soft>{say('day.bake-begun')}</Soft>
          <Button
            label={say('day.more-of-it')}
            icon={icons.add}
            testID={`more-of-${wanted.id}`}
            onPress={onMore}
          />
        </View>
      ) : null}
      <View className="gap-2 self-start">
        {formula && isLined(formula) ? (
          <Tick
            label={say('day.frozen-shell')}
            ticked={wanted.frozenShell}
            testID={`frozen-${wanted.id}`}
            onChange={(frozenShell) => onChange({ ...wanted, frozenShell })}
          />
        ) : null}
        <WhoseDough {...{ wanted, book, happened, onChange }} />
        <OvenOfDay {...{ wanted, book, onChange }} />
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

interface WantedOf {
  readonly day: DayData;
  readonly book: KitchenBook;
  /** What has happened by now of the tasks of this day. */
  readonly happened: Happened;
  readonly onEdit: EditDay;
}

/** What stands for the day's weekday, to be taken over while it is not wanted yet. */
function FromOrders({ day, book, happened, onEdit }: WantedOf) {
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
          onEdit((data) => ({
            ...data,
            wanted: [
              ...data.wanted,
              ...orders.map((order) =>
                addedTo(happened, wantedBy(order), book.formulaOf(order.formulaId)),
              ),
            ],
          }))
        }
      />
    </View>
  );
}

/** What is wanted of a day: which bakes, how many, by when, for whom. */
export function WantedFold({ day, book, happened, onEdit }: WantedOf) {
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
  const add = (wished: WantedData) => {
    const fresh = addedTo(happened, wished, book.formulaOf(wished.formulaId));
    onEdit((data) => ({ ...data, wanted: [...data.wanted, fresh] }));
    setOpen(fresh.id);
    focusOn(`tins-${fresh.id}`);
  };
  const addOf = (formulaId: string) => {
    const vessels = book.formulaOf(formulaId)?.vesselCount;
    if (vessels === undefined) return;
    const dueMin = wanted.at(-1)?.dueMin ?? NOON_MIN;
    add(wantedBy({ formulaId, vessels, dueMin, forWhom: '' }));
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
                  happened={happened}
                  onChange={change}
                  onMore={() => add({ ...each, id: uuid(), vessels: 1 })}
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
          <AddBake label={say('day.add')} book={book} onAdd={addOf} testID="add-wanted" />
          <FromOrders {...{ day, book, happened, onEdit }} />
        </>
      )}
    </Fold>
  );
}

import type { DayData, WantedData } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import type { KitchenBook } from '../book/book';
import type { EditDay } from './useDay';
import {
  Button,
  Fold,
  focusOn,
  HourField,
  icons,
  NumberField,
  Picker,
  TextField,
  Tick,
  Read,
  Soft,
} from '../design';

/** A bake is asked for at noon until somebody says otherwise. */
const NOON_MIN = 12 * 60;
const DAY_MIN = 1440;

const hour = (minute: number): string =>
  `${String(Math.floor((minute % DAY_MIN) / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

interface RowOf {
  readonly wanted: WantedData;
  readonly book: KitchenBook;
  readonly onChange: (wanted: WantedData) => void;
  readonly onRemove: () => void;
}

/** A bake that is wanted, open to be changed. */
function WantedEditor({ wanted, book, onChange, onRemove }: RowOf) {
  const { id, formulaId, vessels, dueMin, forWhom } = wanted;
  const name = book.formulaOf(formulaId)?.name ?? '';
  return (
    <View className="gap-3 pb-4">
      <Picker
        label={say('day.which')}
        value={formulaId}
        onChange={(next) => onChange({ ...wanted, formulaId: next })}
        testID={`which-${id}`}
        options={book.formulas
          .filter(({ id: each, data }) => !data.archived || each === formulaId)
          .map(({ id: value, data }) => ({ value, label: data.name }))}
      />
      <View className="flex-row flex-wrap items-end gap-3">
        <NumberField
          label={say('day.how-many')}
          value={vessels}
          decimals={0}
          className="w-24"
          testID={`tins-${id}`}
          onChange={(next) => {
            // What is being typed is not asked for yet.
            if (Number.isInteger(next) && next >= 1 && next <= 200) {
              onChange({ ...wanted, vessels: next });
            }
          }}
        />
        <HourField
          label={say('day.ready-by')}
          minutes={dueMin % DAY_MIN}
          testID={`due-${id}`}
          onChange={(minute) =>
            onChange({ ...wanted, dueMin: minute + (dueMin >= DAY_MIN ? DAY_MIN : 0) })
          }
        />
        <Tick
          label={say('day.next-day')}
          ticked={dueMin >= DAY_MIN}
          onChange={(next) =>
            onChange({ ...wanted, dueMin: (dueMin % DAY_MIN) + (next ? DAY_MIN : 0) })
          }
        />
      </View>
      <TextField
        label={say('day.for-whom')}
        value={forWhom}
        testID={`for-${id}`}
        onChange={(next) => onChange({ ...wanted, forWhom: next.slice(0, 120) })}
      />
      <View className="self-start">
        <Button
          label={say('day.remove', { bake: name })}
          icon={icons.remove}
          testID={`remove-${id}`}
          onPress={onRemove}
        />
      </View>
    </View>
  );
}

/** A bake that is wanted in a line; a tap opens it. */
function WantedRow({
  open,
  onOpen,
  ...of
}: RowOf & { readonly open: boolean; readonly onOpen: () => void }) {
  const { id, formulaId, vessels, dueMin, forWhom } = of.wanted;
  const name = of.book.formulaOf(formulaId)?.name ?? '';
  const about = [
    say('day.vessels', { count: vessels }),
    forWhom === '' ? '' : say('day.for', { whom: forWhom }),
    dueMin >= DAY_MIN ? say('day.next-day') : '',
  ].filter(Boolean);
  return (
    <View role="listitem" className="border-t border-line">
      <Pressable
        role="button"
        aria-expanded={open}
        testID={`open-wanted-${id}`}
        onPress={onOpen}
        className="min-h-14 flex-row items-center gap-3 py-2 active:opacity-70"
      >
        <Text className="w-14 font-figures-strong text-base text-ink">{hour(dueMin)}</Text>
        <View className="min-w-0 flex-1">
          <Read className="font-read-strong">{name}</Read>
          <Soft>{about.join(', ')}</Soft>
        </View>
        {open ? (
          <icons.shut size={18} className="text-ink-soft" aria-hidden />
        ) : (
          <icons.open size={18} className="text-ink-soft" aria-hidden />
        )}
      </Pressable>
      {open ? <WantedEditor {...of} /> : null}
    </View>
  );
}

/** One bake more: chosen among the formulas that are in use. */
const AddBake = ({
  book,
  onAdd,
}: {
  readonly book: KitchenBook;
  readonly onAdd: (formulaId: string) => void;
}) => (
  <Picker
    label={say('day.add')}
    value=""
    onChange={onAdd}
    testID="add-wanted"
    options={[
      { value: '', label: say('day.choose-a-formula') },
      ...book.formulas
        .filter(({ data }) => !data.archived)
        .map(({ id, data }) => ({ value: id, label: data.name })),
    ]}
  />
);

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
              <WantedRow
                key={each.id}
                wanted={each}
                book={book}
                open={open === each.id}
                onOpen={() => setOpen(open === each.id ? undefined : each.id)}
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
            ))}
          </View>
          <AddBake book={book} onAdd={add} />
        </>
      )}
    </Fold>
  );
}

import { wantedSchema, type WantedData } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import type { ReactNode } from 'react';
import { Pressable, Text, View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { HourField, icons, Picker, Read, Soft, TextField, Tick, useWords } from '../design';
import { askedInWords, hour, type Asked } from './asked';
import { CountField } from './CountField';

/** A bake is asked for at noon until somebody says otherwise. */
export const NOON_MIN = 12 * 60;
const DAY_MIN = 1440;

/** A bake with its hour in a line; a tap opens what is under it. `days` stands before how many and for whom. */
export function WantedLine({
  wanted,
  days = '',
  book,
  open,
  onOpen,
  testID,
  children,
}: {
  readonly wanted: Asked & Partial<WantedData>;
  readonly days?: string;
  readonly book: KitchenBook;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly testID: string;
  readonly children: ReactNode;
}) {
  const words = useWords();
  const { formulaId, dueMin } = wanted;
  const ovenNameOf = (oven: string) => book.ovens.find(({ id }) => id === oven)?.data.name;
  const about = askedInWords(wanted, ovenNameOf, words);
  return (
    <View role="listitem" className="border-t border-line">
      <Pressable
        role="button"
        aria-expanded={open}
        testID={testID}
        onPress={onOpen}
        className="min-h-14 flex-row items-center gap-3 py-2 active:opacity-70"
      >
        <Text className="w-14 font-figures-strong text-base text-ink">{hour(dueMin)}</Text>
        <View className="min-w-0 flex-1">
          <Read className="font-read-strong">{book.formulaOf(formulaId)?.name ?? ''}</Read>
          <Soft>{[days, about].filter(Boolean).join(' · ')}</Soft>
        </View>
        {open ? (
          <icons.shut size={18} className="text-ink-soft" aria-hidden />
        ) : (
          <icons.open size={18} className="text-ink-soft" aria-hidden />
        )}
      </Pressable>
      {open ? children : null}
    </View>
  );
}

/** What is asked of a bake: which, in how many tins, by when, for whom. `id` names its fields. */
export function WantedFields<T extends Asked & Pick<WantedData, 'id'>>({
  wanted,
  book,
  onChange,
}: {
  readonly wanted: T;
  readonly book: KitchenBook;
  readonly onChange: (wanted: T) => void;
}) {
  const { id, formulaId, vessels, dueMin, forWhom } = wanted;
  return (
    <>
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
        <CountField
          label={say('day.how-many')}
          value={vessels}
          schema={wantedSchema.shape.vessels}
          className="w-24"
          testID={`tins-${id}`}
          onCount={(count) => onChange({ ...wanted, vessels: count })}
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
    </>
  );
}

/** One bake more: chosen among the formulas that are in use. */
export const AddBake = ({
  label,
  testID,
  book,
  onAdd,
}: {
  readonly label: string;
  readonly testID: string;
  readonly book: KitchenBook;
  readonly onAdd: (formulaId: string) => void;
}) => (
  <Picker
    label={label}
    value=""
    onChange={onAdd}
    testID={testID}
    options={[
      { value: '', label: say('day.choose-a-formula') },
      ...book.formulas
        .filter(({ data }) => !data.archived)
        .map(({ id, data }) => ({ value: id, label: data.name })),
    ]}
  />
);

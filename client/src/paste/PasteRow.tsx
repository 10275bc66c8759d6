import {
  gramsPerUnit,
  isMethod,
  kindOfList,
  unitsFor,
  type LineUnit,
  type RecipeRow,
  type RowKind,
} from '@hollow-moon/core';
import { measureInWords, say, unitInWords, type Words } from '@hollow-moon/words';
import { useState, type ReactNode } from 'react';
import { Pressable, Text, View } from 'react-native';
import { Button, Choice, NumberField, Picker, Soft, useWords } from '../design';
import type { KitchenBook } from '../book/book';
import { IngredientField } from '../book/IngredientField';
import { mainSection } from './intoFormula';
import { type Answer, type Reading } from './readings';

/** What was made of a line, in words. */
function readAs(
  { written, ingredientId, amount, unit, vague }: Reading,
  book: KitchenBook,
  { put }: Words,
): string {
  const ingredient = ingredientId === undefined ? undefined : book.find(ingredientId);
  if (!ingredient) return '';
  const name = ingredient.name.toLowerCase();
  if (vague) {
    return vague === 'unknown' ? say('paste.amount-open', { name }) : say('paste.by-eye', { name });
  }
  if (amount === undefined || unit === undefined) return name;
  const each = gramsPerUnit(ingredient, unit, book.kitchen.data.eggGrade);
  const whole =
    unit === 'g' || !each.ok
      ? measureInWords(Number(amount.toFixed(2)), unit, ingredient)
      : put('paste.grams-of', { name, weight: { grams: amount * each.value } });
  return written.heldBack === undefined || !each.ok || unit !== written.unit
    ? whole
    : put('paste.held-back', { whole, weight: { grams: written.heldBack * each.value } });
}

/** Ingredient, amount and unit, to be given by hand. */
function AmountFields({
  reading,
  answer,
  book,
  name,
  onAnswer,
}: {
  readonly reading: Reading;
  readonly answer: Answer;
  readonly book: KitchenBook;
  readonly name: string;
  readonly onAnswer: (answer: Answer) => void;
}) {
  const ingredient = reading.ingredientId ? book.find(reading.ingredientId) : undefined;
  return (
    <View className="flex-row flex-wrap items-start gap-2">
      <View className="w-full max-w-72">
        <IngredientField
          label={say('bench.ingredient', { name })}
          value={reading.ingredientId}
          book={book}
          onChange={(ingredientId) => onAnswer({ ...answer, ingredientId })}
        />
      </View>
      <NumberField
        label={say('bench.how-much', { name })}
        hideLabel
        mayBeEmpty
        value={reading.amount ?? NaN}
        onChange={(amount) => onAnswer({ ...answer, amount })}
        className="w-24"
      />
      <View className="w-28">
        <Picker
          label={say('bench.in-what-unit', { name })}
          hideLabel
          value={reading.unit ?? ''}
          options={[
            { value: '', label: say('bench.choose-a-unit') },
            ...unitsFor(ingredient).map((value) => ({
              value,
              label: unitInWords(value, ingredient, 1),
            })),
          ]}
          onChange={(value) => onAnswer({ ...answer, unit: value as LineUnit })}
        />
      </View>
    </View>
  );
}

/** What a line in doubt may mean, each a tap. */
function Likely({
  reading,
  answer,
  book,
  name,
  onAnswer,
}: {
  readonly reading: Reading;
  readonly answer: Answer;
  readonly book: KitchenBook;
  readonly name: string;
  readonly onAnswer: (answer: Answer) => void;
}) {
  const { tell } = useWords();
  const { question, likely } = reading.written;
  if (reading.ingredientId === undefined) {
    return likely.length === 0 ? null : (
      <Choice
        label={say('bench.which-is-meant', { name })}
        hideLabel
        value={undefined}
        options={likely.map((id) => ({ value: id, label: book.find(id)?.name ?? id }))}
        onChange={(ingredientId) => onAnswer({ ...answer, ingredientId })}
      />
    );
  }
  return question && answer.unit === undefined ? (
    <Choice
      label={say('bench.which-is-meant', { name })}
      hideLabel
      value={undefined}
      options={question.meanings.map(({ label }, index) => ({
        value: String(index),
        label: tell(label),
      }))}
      onChange={(index) => {
        const meant = question.meanings[Number(index)];
        if (meant) onAnswer({ ...answer, amount: meant.amount, unit: meant.unit });
      }}
    />
  ) : null;
}

/** The row itself: what was written, and what it is taken for. A tap opens what can be changed. */
function Row({
  mark,
  text,
  reads,
  open,
  muted = false,
  onPress,
}: {
  readonly mark: string;
  readonly text: string;
  readonly reads: string;
  readonly open: boolean;
  readonly muted?: boolean;
  readonly onPress: () => void;
}) {
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      onPress={onPress}
      className="min-h-12 flex-row items-center gap-2"
    >
      <Text
        aria-hidden
        className={`w-4 text-center font-read-strong text-base ${mark === '?' ? 'text-scorch' : 'text-ink-soft'}`}
      >
        {mark}
      </Text>
      <Text
        numberOfLines={open ? 6 : 1}
        className={`min-w-0 flex-1 font-read text-base ${muted ? 'text-ink-soft' : 'text-ink'}`}
      >
        {text}
      </Text>
      <Text
        numberOfLines={open ? 4 : 1}
        className="max-w-[50%] text-right font-read text-small text-ink-soft"
      >
        {reads}
      </Text>
    </Pressable>
  );
}

/** One line of a list: as written, as read, and under it what is asked. */
export function LineRow({
  reading,
  answer,
  book,
  position,
  kinds,
  onAnswer,
}: {
  readonly reading: Reading;
  readonly answer: Answer;
  readonly book: KitchenBook;
  readonly position: number;
  /** What else the row may be, to choose from. */
  readonly kinds: ReactNode;
  readonly onAnswer: (answer: Answer) => void;
}) {
  const words = useWords();
  const { tell } = words;
  const [wished, setWished] = useState(false);
  const { written, missing, leftOut } = reading;
  const asks = missing !== undefined && !leftOut;
  const hasChips =
    asks &&
    (reading.ingredientId === undefined
      ? written.likely.length > 0
      : written.question !== undefined);
  const open = wished || (asks && !hasChips);
  const name = say('bench.line', { position: position + 1 });
  const mark = leftOut ? '–' : asks ? '?' : reading.vague === 'unknown' ? '·' : '✓';
  const reads = leftOut
    ? say('paste.to-note')
    : asks
      ? missing
        ? tell(missing)
        : ''
      : readAs(reading, book, words);
  const fields = { reading, answer, book, name, onAnswer };
  return (
    <View
      className={`border-t border-line ${open || asks ? 'gap-1 pb-2' : ''}`}
      testID={`read-${position}`}
    >
      <Row
        mark={mark}
        text={written.text}
        reads={reads}
        open={open || asks}
        onPress={() => setWished(!wished)}
      />
      {written.remarks.map((remark) => (
        <Soft key={remark.code}>{tell(remark)}</Soft>
      ))}
      {asks ? <Likely {...fields} /> : null}
      {open ? <AmountFields {...fields} /> : null}
      {asks || open ? (
        <View className="flex-row flex-wrap gap-2">
          {open ? null : (
            <Button label={say('paste.another')} weight="quiet" onPress={() => setWished(true)} />
          )}
          <Button
            label={leftOut ? say('paste.onto-list') : say('bench.to-the-note')}
            weight="quiet"
            onPress={() => onAnswer({ ...answer, leftOut: !leftOut })}
          />
          {wished ? kinds : null}
        </View>
      ) : null}
    </View>
  );
}

/** What a row is taken for, in a word. */
function kindInWords(row: RecipeRow, readings: readonly Reading[]): string {
  if (row.kind !== 'heading') return say(`paste.kind.${row.kind as Exclude<RowKind, 'empty'>}`);
  if (isMethod(row.text)) return say('paste.heading-method');
  const heading = row.text.replace(/^#+\s*|:$/g, '').trim();
  const under = readings.filter(({ written }) => written.section === heading);
  const kind = kindOfList(
    heading,
    under.map(({ ingredientId }) => ingredientId),
  );
  const main = mainSection([...new Set(readings.map(({ written }) => written.section))]);
  return kind === 'filling' || heading === main
    ? say('paste.heading-filling')
    : say('paste.heading-part', { kind: say(`part.${kind}`).toLowerCase() });
}

const KINDS: readonly Exclude<RowKind, 'empty'>[] = [
  'line',
  'heading',
  'title',
  'yield',
  'tin',
  'step',
];

/** Chooses what a row is, where it was taken for something else. */
export function KindChoice({
  kind,
  name,
  onKind,
}: {
  readonly kind: RowKind;
  readonly name: string;
  readonly onKind: (kind: RowKind) => void;
}) {
  return (
    <Choice
      label={say('paste.it-is', { name })}
      hideLabel
      value={kind}
      options={KINDS.map((value) => ({ value, label: say(`paste.kind.${value}`) }))}
      onChange={onKind}
    />
  );
}

/** A row that is no line of a list: a name, a heading, a step. */
export function OtherRow({
  row,
  at,
  readings,
  kinds,
}: {
  readonly row: RecipeRow;
  readonly at: number;
  readonly readings: readonly Reading[];
  readonly kinds: ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <View className="gap-1 border-t border-line" testID={`row-${at}`}>
      <Row
        mark=""
        text={row.text.replace(/^#+\s*|\s*\{[^{}]*\}/g, '')}
        reads={kindInWords(row, readings)}
        open={open}
        muted={row.kind !== 'heading'}
        onPress={() => setOpen(!open)}
      />
      {open ? kinds : null}
    </View>
  );
}

/** Where a list without a heading is taken for the filling. */
export const UnheadedRow = () => (
  <View className="min-h-12 justify-center border-t border-line" testID="unheaded">
    <Soft>{say('paste.unheaded')}</Soft>
  </View>
);

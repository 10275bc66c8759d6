import {
  isMassUnit,
  LINE_UNITS,
  remarksOn,
  swapped,
  unitsFor,
  VAGUE,
  type Analysis,
  type Line,
  type LineUnit,
  type Remark,
  type Vague,
  type WeighedLine,
} from '@hollow-moon/core';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import {
  Button,
  Choice,
  FieldProblem,
  icons,
  NumberField,
  Picker,
  Read,
  Soft,
  TextField,
  useWords,
} from '../design';
import { measureInWords, say, unitInWords } from '@hollow-moon/words';
import type { KitchenBook } from '../book/book';
import { IngredientField } from '../book/IngredientField';
import { withLine, withoutLine } from '../drafts/drafts';
import type { Edit } from '../drafts/edits';

type Measure = Pick<Line, 'ingredientId' | 'amount' | 'unit'> & {
  readonly vague?: Vague | undefined;
};

const VAGUE_WORDS: Readonly<Record<Vague, string>> = {
  unknown: say('bench.amount-unknown'),
  'by-eye': say('bench.by-eye-2'),
};

const HOW_MUCH = [
  { value: 'measured' as const, label: say('bench.measured') },
  ...VAGUE.map((value) => ({ value, label: say(`vague.${value}`) })),
];

/** How much of it, in what. */
function AmountAndUnit({
  name,
  measure,
  book,
  onChange,
  testID,
}: {
  readonly name: string;
  readonly measure: Measure;
  readonly book: KitchenBook;
  readonly onChange: (field: string, measure: Partial<Measure>) => void;
  readonly testID: string;
}) {
  return (
    <>
      <NumberField
        label={say('bench.amount', { name })}
        hideLabel
        value={measure.amount}
        onChange={(amount) => onChange('amount', { amount })}
        onUnit={(unit, amount) => {
          const known = LINE_UNITS.find((each) => each === unit);
          onChange('amount', known ? { amount, unit: known } : { amount: Number.NaN });
        }}
        className="w-28"
        decimals={3}
        testID={`amount-${testID}`}
      />
      <View className="w-32">
        <Picker
          label={say('bench.unit', { name })}
          hideLabel
          options={unitsFor(book.find(measure.ingredientId)).map((unit) => ({
            value: unit,
            label: unitInWords(unit, book.find(measure.ingredientId), 1),
          }))}
          value={measure.unit}
          onChange={(unit) => onChange('unit', { unit: unit as LineUnit })}
        />
      </View>
    </>
  );
}

/** An ingredient and how much of it. */
function MeasureFields({
  name,
  measure,
  book,
  onChange,
  beside,
  under,
  testID,
}: {
  readonly name: string;
  readonly measure: Measure;
  readonly book: KitchenBook;
  readonly onChange: (field: string, measure: Partial<Measure>) => void;
  /** What stands at the end of each of its two rows. */
  readonly beside?: ReactNode;
  readonly under?: ReactNode;
  readonly testID: string;
}) {
  const { vague } = measure;
  const chooseIngredient = (ingredientId: string) => {
    const units = unitsFor(book.find(ingredientId));
    onChange('ingredient', {
      ingredientId,
      unit: units.includes(measure.unit) ? measure.unit : 'g',
    });
  };
  return (
    <View className="gap-1">
      <View className="flex-row items-center gap-2">
        <View className="min-w-0 flex-1">
          <IngredientField
            label={say('bench.ingredient', { name })}
            value={measure.ingredientId}
            book={book}
            onChange={chooseIngredient}
          />
        </View>
        {beside}
      </View>
      <View className="flex-row items-center gap-2">
        {vague === undefined ? (
          <AmountAndUnit
            name={name}
            measure={measure}
            book={book}
            onChange={onChange}
            testID={testID}
          />
        ) : (
          <>
            <Read className="font-read-strong" testID={`vague-${testID}`}>
              {VAGUE_WORDS[vague]}
            </Read>
            <Button
              label={say('bench.give-an-amount')}
              onPress={() => onChange('vague', { vague: undefined })}
              testID={`give-${testID}`}
            />
          </>
        )}
        {under}
      </View>
    </View>
  );
}

/** What else there is to a line: its note, what is kept back of it, what may be used instead. */
function LineMore({
  line,
  name,
  book,
  onChange,
  testID,
}: {
  readonly line: Line;
  readonly name: string;
  readonly book: KitchenBook;
  readonly onChange: (field: string, next: Partial<Line>) => void;
  readonly testID: string;
}) {
  const { instead } = line;
  return (
    <View className="gap-2 border-l-2 border-line pl-3" testID={`more-${testID}`}>
      <TextField
        label={say('bench.how-it-is-used', { name })}
        value={line.note ?? ''}
        onChange={(note) => onChange('note', { note: note === '' ? undefined : note })}
      />
      <Choice
        label={say('bench.amount-2')}
        options={HOW_MUCH}
        value={line.vague ?? 'measured'}
        onChange={(how) => onChange('vague', { vague: how === 'measured' ? undefined : how })}
      />
      <NumberField
        label={say('bench.kept-back-at-first')}
        unit={unitInWords(line.unit, book.find(line.ingredientId), line.heldBack ?? 0)}
        value={line.heldBack ?? 0}
        onChange={(heldBack) =>
          onChange('held', { heldBack: heldBack === 0 ? undefined : heldBack })
        }
        className="w-48"
        testID={`held-${testID}`}
      />
      {instead ? (
        <View className="gap-2">
          <Soft>{say('bench.or-in-its-place')}</Soft>
          <MeasureFields
            name={say('bench.line-instead', { name })}
            measure={instead}
            book={book}
            onChange={(field, next) =>
              onChange(`instead/${field}`, { instead: { ...instead, ...next } })
            }
            testID={`instead-${testID}`}
          />
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={say('bench.use-it-now')}
              onPress={() => onChange('swap', swapped(line))}
              testID={`swap-${testID}`}
            />
            <Button
              label={say('bench.forget-it')}
              weight="quiet"
              onPress={() => onChange('instead', { instead: undefined })}
            />
          </View>
        </View>
      ) : (
        <Button
          label={say('bench.name-something-to-use-instead')}
          onPress={() => {
            const { ingredientId, amount, unit } = line;
            onChange('instead', { instead: { ingredientId, amount, unit } });
          }}
          testID={`name-instead-${testID}`}
        />
      )}
    </View>
  );
}

/** What is odd about a line, with what it was probably meant to be. */
function Remarks({
  remarks,
  onLikely,
}: {
  readonly remarks: readonly Remark[];
  readonly onLikely: (line: Partial<Line>) => void;
}) {
  const { tell } = useWords();
  return (
    <>
      {remarks.map(({ says, likely }) => (
        <View key={says.code} className="flex-row flex-wrap items-center gap-2">
          <Read className="flex-1">{tell(says)}</Read>
          {likely ? (
            <Button label={tell(likely.label)} onPress={() => onLikely(likely.line)} />
          ) : null}
        </View>
      ))}
    </>
  );
}

/** What is said of a line besides its amount: its note, what is kept back, what may stand in for it. */
function asideOf(
  { note, heldBack, instead, unit, ingredientId }: Line,
  book: KitchenBook,
): string[] {
  const other = instead && book.find(instead.ingredientId);
  return [
    note ?? '',
    heldBack
      ? say('bench.keep-back', {
          amount: Number(heldBack.toFixed(2)),
          unit: unitInWords(unit, book.find(ingredientId), heldBack),
        })
      : '',
    other
      ? say('bench.or', {
          measure: measureInWords(Number(instead.amount.toFixed(2)), instead.unit, other),
        })
      : '',
  ].filter(Boolean);
}

/** One line of a list: ingredient, amount, unit, and what it weighs. */
function LineEditor({
  weighed,
  name,
  testID,
  problem,
  remarks,
  book,
  onEdit,
}: {
  readonly weighed: WeighedLine;
  readonly name: string;
  readonly testID: string;
  readonly problem: string | undefined;
  readonly remarks: readonly Remark[];
  readonly book: KitchenBook;
  readonly onEdit: Edit;
}) {
  const { line } = weighed;
  const [more, setMore] = useState(false);
  const change = (field: string, next: Partial<Line>) =>
    onEdit(`${line.id}/${field}`, (data) => withLine(data, line.id, next));
  const { quantity, units } = useWords();
  const aside = asideOf(line, book);
  const gramsPerMl = book.find(line.ingredientId)?.gramsPerMl;
  // What is counted or measured is weighed beside; what is weighed is measured, for who measures.
  const byWeight = isMassUnit(line.unit);
  const weight =
    weighed.grams === undefined
      ? '?'
      : quantity({ grams: weighed.grams, ...(byWeight && gramsPerMl ? { gramsPerMl } : {}) });
  return (
    <View className="gap-1 border-b border-line pb-2" testID={`line-${testID}`}>
      <MeasureFields
        name={name}
        measure={line}
        book={book}
        onChange={change}
        testID={testID}
        beside={
          <>
            <Button
              label={say('bench.more-of', { name: name.toLowerCase() })}
              icon={icons.more}
              iconOnly
              weight="quiet"
              pressed={more}
              onPress={() => setMore(!more)}
              testID={`open-more-${testID}`}
            />
            <Button
              label={say('bench.take-off', { name: book.find(line.ingredientId)?.name ?? name })}
              icon={icons.remove}
              iconOnly
              weight="quiet"
              onPress={() => onEdit(`${line.id}/remove`, (data) => withoutLine(data, line.id))}
            />
          </>
        }
        under={
          <Soft className="flex-1 text-right" testID={`grams-${testID}`}>
            {(line.unit === 'g' && units.weights === 'g') || line.vague ? '' : `= ${weight}`}
          </Soft>
        }
      />
      {problem && (line.vague || Number.isFinite(line.amount)) ? (
        <FieldProblem>{problem}</FieldProblem>
      ) : null}
      <Remarks remarks={remarks} onLikely={(likely) => change('likely', likely)} />
      {more ? (
        <LineMore line={line} name={name} book={book} onChange={change} testID={testID} />
      ) : (
        aside.map((text) => <Soft key={text}>{text}</Soft>)
      )}
      {line.written ? <Soft>{say('bench.written', { written: line.written })}</Soft> : null}
    </View>
  );
}

/** All the lines of one list, with a way to add one. */
export function LineList({
  analysis,
  book,
  prefix = '',
  problemAt,
  onEdit,
}: {
  readonly analysis: Analysis;
  readonly book: KitchenBook;
  /** Tells the lists of several components apart. */
  readonly prefix?: string;
  readonly problemAt: (path: string) => string | undefined;
  readonly onEdit: Edit;
}) {
  const remarks = remarksOn(analysis);
  return (
    <>
      {analysis.lines.map((weighed, position) => (
        <LineEditor
          key={weighed.line.id}
          weighed={weighed}
          name={say('bench.line', { position: position + 1 })}
          testID={`${prefix}${position}`}
          problem={problemAt(`lines.${position}.amount`)}
          remarks={remarks.filter(({ lineId }) => lineId === weighed.line.id)}
          book={book}
          onEdit={onEdit}
        />
      ))}
    </>
  );
}

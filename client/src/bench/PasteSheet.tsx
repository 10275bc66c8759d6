import { fromAnyList, fromFormulaFile } from '@hollow-moon/contract';
import {
  gramsPerUnit,
  LANGUAGE_NAMES,
  LANGUAGES,
  languageOf,
  readList,
  slipsIn,
  unitsFor,
  type Language,
  type LineUnit,
} from '@hollow-moon/core';
import { useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import {
  Button,
  Choice,
  FileButton,
  Notice,
  NumberField,
  Picker,
  Read,
  Sheet,
  Soft,
  TextField,
  useWords,
} from '../design';
import { v4 as uuid } from 'uuid';
import { grams, measureInWords, say, unitInWords } from '@hollow-moon/words';
import type { KitchenBook } from '../book/book';
import { goesOn, readingOf, withReadings, type Answer, type Reading } from './paste';
import type { Edit } from '../drafts/edits';

const LANGUAGE_OPTIONS = [
  { value: 'auto' as const, label: say('bench.by-its-words') },
  ...LANGUAGES.map((value) => ({ value, label: LANGUAGE_NAMES[value] })),
];

/** What was made of a line, in words. */
function readAs({ ingredientId, amount, unit, vague }: Reading, book: KitchenBook): string {
  const ingredient = ingredientId === undefined ? undefined : book.find(ingredientId);
  if (ingredient && vague) {
    const how =
      vague === 'unknown' ? say('bench.amount-unknown-until-you-give-one') : say('bench.by-eye');
    return `${ingredient.name.toLowerCase()}, ${how}`;
  }
  if (!ingredient || amount === undefined || unit === undefined) return '';
  const each = gramsPerUnit(ingredient, unit, book.kitchen.data.eggGrade);
  const weight = each.ok && unit !== 'g' ? ` = ${grams(amount * each.value)} g` : '';
  return `${measureInWords(Number(amount.toFixed(2)), unit, ingredient)}${weight}`;
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
    <>
      {ingredient ? null : (
        <View className="w-56">
          <Picker
            label={say('bench.ingredient', { name })}
            hideLabel
            value={answer.ingredientId ?? ''}
            options={[{ value: '', label: say('bench.choose') }, ...book.ingredientOptions]}
            onChange={(value) => onAnswer({ ...answer, ingredientId: value })}
          />
        </View>
      )}
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
    </>
  );
}

/** What is asked about a line: which of its meanings, or what is missing of it. */
function Answers({
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
  const { question } = reading.written;
  return (
    <View className="flex-row flex-wrap items-end gap-2">
      {question && reading.ingredientId ? (
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
      ) : (
        <AmountFields
          reading={reading}
          answer={answer}
          book={book}
          name={name}
          onAnswer={onAnswer}
        />
      )}
      <Button
        label={say('bench.to-the-note')}
        weight="quiet"
        onPress={() => onAnswer({ ...answer, leftOut: true })}
      />
    </View>
  );
}

/** One line: as written, as read, and what is asked about it. */
function ReadingRow({
  reading,
  answer,
  book,
  position,
  onAnswer,
}: {
  readonly reading: Reading;
  readonly answer: Answer;
  readonly book: KitchenBook;
  readonly position: number;
  readonly onAnswer: (answer: Answer) => void;
}) {
  const { tell } = useWords();
  const { written, missing, leftOut } = reading;
  const ready = goesOn(reading);
  return (
    <View className="gap-2 border-t border-line py-2" testID={`read-${position}`}>
      <Soft>{written.section ? `${written.section}: ${written.text}` : written.text}</Soft>
      {ready ? (
        <Read>{`✓ ${readAs(reading, book)}`}</Read>
      ) : leftOut ? (
        <Read className="text-ink-soft">{say('bench.goes-to-the-note-unweighed')}</Read>
      ) : (
        <Read className="font-read-strong">{missing ? tell(missing) : ''}</Read>
      )}
      {written.remarks.map((remark) => (
        <Soft key={remark.code}>{tell(remark)}</Soft>
      ))}
      {(ready && !reading.vague) || leftOut ? null : (
        <Answers
          reading={reading}
          answer={answer}
          book={book}
          name={say('bench.line', { position: position + 1 })}
          onAnswer={onAnswer}
        />
      )}
    </View>
  );
}

/** Words that look like a slip of the pen, with what they probably were. */
function Slips({
  text,
  onPutRight,
}: {
  readonly text: string;
  readonly onPutRight: (words: string, likely: string) => void;
}) {
  const { tell } = useWords();
  const slips = useMemo(() => slipsIn(text), [text]);
  return (
    <>
      {slips.map(({ text: words, says, likely }) => (
        <Notice
          key={`${words}/${says.code}`}
          kind="hint"
          testID="slip"
          actions={
            likely === undefined ? undefined : (
              <Button
                label={say('bench.make-it', { likely })}
                onPress={() => onPutRight(words, likely)}
              />
            )
          }
        >
          {`“${words}”: ${tell(says)}`}
        </Notice>
      ))}
    </>
  );
}

/** A list out of a file: one of our own goes onto the bench as it is, any other is read line by line. */
function OpenFile({
  onEdit,
  onLines,
  onClose,
}: {
  readonly onEdit: Edit;
  readonly onLines: (text: string) => void;
  readonly onClose: () => void;
}) {
  const { tell } = useWords();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const open = (content: string) => {
    setProblem(undefined);
    if (content.includes('"hollow-moon/formula"')) {
      const formula = fromFormulaFile(content, uuid);
      if (!formula.ok) {
        setProblem(tell(formula.problem));
        return;
      }
      // Its own tin and oven stay: a file knows none of this kitchen's.
      onEdit('file', ({ vesselId, ovenId }) => ({ ...formula.value, vesselId, ovenId }));
      onClose();
      return;
    }
    const list = fromAnyList(content);
    if (list.ok) onLines(list.value.lines.join('\n'));
    else setProblem(tell(list.problem));
  };
  return (
    <>
      <View className="flex-row flex-wrap items-center gap-2">
        <FileButton
          label={say('bench.open-a-file')}
          accept=".json,.jsonld,.md,.csv,.txt,application/json,application/ld+json,text/*"
          onText={open}
          testID="open-file"
        />
        <Soft className="flex-1">{say('bench.a-formula-file-a-recipe-markdown')}</Soft>
      </View>
      {problem ? (
        <Notice kind="danger" testID="file-problem">
          {problem}
        </Notice>
      ) : null}
    </>
  );
}

/** A whole list, typed or pasted as it is written, read line by line before it goes onto the bench. */
export function PasteSheet({
  book,
  onEdit,
  onClose,
}: {
  readonly book: KitchenBook;
  readonly onEdit: Edit;
  readonly onClose: () => void;
}) {
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<Language | 'auto'>('auto');
  const [answers, setAnswers] = useState<Readonly<Record<string, Answer>>>({});
  const settled = useDeferredValue(text);
  const language = chosen === 'auto' ? languageOf(settled) : chosen;
  const lines = useMemo(() => readList(settled, language, book.own), [settled, language, book]);
  // An answer belongs to what was written: it stays when another line is put in before.
  const readings = lines.map((line) =>
    readingOf(line, answers[line.text] ?? {}, book.kitchen.data.eggGrade, book.find),
  );
  const ready = readings.filter(goesOn).length;
  const unanswered = readings.filter((each) => !goesOn(each) && !each.leftOut).length;
  return (
    <Sheet title={say('bench.a-list-as-written')}>
      <TextField
        label={say('bench.one-ingredient-a-line-a-heading')}
        value={text}
        onChange={setText}
        lines={6}
        placeholder={say('bench.2-1-2-cups-milk-5')}
        testID="paste-text"
      />
      <OpenFile onEdit={onEdit} onLines={setText} onClose={onClose} />
      <Choice
        label={say('bench.written-in')}
        value={chosen}
        options={LANGUAGE_OPTIONS}
        onChange={setChosen}
      />
      {chosen === 'auto' && lines.length > 0 ? (
        <Soft>{say('bench.read-as', { LANGUAGENAMES: LANGUAGE_NAMES[language] })}</Soft>
      ) : null}
      <Slips text={settled} onPutRight={(words, likely) => setText(text.replace(words, likely))} />
      <View>
        {readings.map((reading, position) => (
          <ReadingRow
            key={`${position}/${reading.written.text}`}
            reading={reading}
            answer={answers[reading.written.text] ?? {}}
            book={book}
            position={position}
            onAnswer={(answer) => setAnswers({ ...answers, [reading.written.text]: answer })}
          />
        ))}
      </View>
      {unanswered > 0 ? (
        <Soft testID="paste-open">
          {say('bench.still-to-be-answered-unanswered', { unanswered })}
        </Soft>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={
            ready === 0 ? say('bench.put-on-the-list') : say('bench.put-on-the-list-2', { ready })
          }
          weight="main"
          disabled={ready === 0}
          testID="paste-done"
          onPress={() => {
            onEdit('paste', (data) => withReadings(data, readings));
            onClose();
          }}
        />
        <Button label={say('bench.leave-it')} onPress={onClose} />
      </View>
    </Sheet>
  );
}

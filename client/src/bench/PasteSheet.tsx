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
import { grams } from '@hollow-moon/words';
import type { KitchenBook } from '../book/book';
import { goesOn, readingOf, withReadings, type Answer, type Reading } from './paste';
import { unitName } from './unitName';
import type { Edit } from '../drafts/edits';

const LANGUAGE_OPTIONS = [
  { value: 'auto' as const, label: 'By its words' },
  ...LANGUAGES.map((value) => ({ value, label: LANGUAGE_NAMES[value] })),
];

/** What was made of a line, in words. */
function readAs({ ingredientId, amount, unit, vague }: Reading, book: KitchenBook): string {
  const ingredient = ingredientId === undefined ? undefined : book.find(ingredientId);
  if (ingredient && vague) {
    const how = vague === 'unknown' ? 'amount unknown until you give one' : 'by eye';
    return `${ingredient.name.toLowerCase()}, ${how}`;
  }
  if (!ingredient || amount === undefined || unit === undefined) return '';
  const each = gramsPerUnit(ingredient, unit, book.kitchen.data.eggGrade);
  const weight = each.ok && unit !== 'g' ? ` = ${grams(amount * each.value)} g` : '';
  return `${Number(amount.toFixed(2))} ${unitName(unit, ingredient.id)} ${ingredient.name.toLowerCase()}${weight}`;
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
  const ingredient = reading.ingredientId ? book.find(reading.ingredientId) : undefined;
  const name = `Line ${position + 1}`;
  return (
    <View className="gap-2 border-t border-line py-2" testID={`read-${position}`}>
      <Soft>{written.section ? `${written.section}: ${written.text}` : written.text}</Soft>
      {ready ? (
        <Read>{`✓ ${readAs(reading, book)}`}</Read>
      ) : leftOut ? (
        <Read className="text-ink-soft">Goes to the note, unweighed.</Read>
      ) : (
        <Read className="font-read-strong">{missing ? tell(missing) : ''}</Read>
      )}
      {written.remarks.map((remark) => (
        <Soft key={remark.code}>{tell(remark)}</Soft>
      ))}
      {(ready && !reading.vague) || leftOut ? null : (
        <View className="flex-row flex-wrap items-end gap-2">
          {written.question && ingredient ? (
            <Choice
              label={`${name}: which is meant`}
              hideLabel
              value={undefined}
              options={written.question.meanings.map(({ label }, index) => ({
                value: String(index),
                label: tell(label),
              }))}
              onChange={(index) => {
                const meant = written.question?.meanings[Number(index)];
                if (meant) onAnswer({ ...answer, amount: meant.amount, unit: meant.unit });
              }}
            />
          ) : (
            <>
              {ingredient ? null : (
                <View className="w-56">
                  <Picker
                    label={`${name}, ingredient`}
                    hideLabel
                    value={answer.ingredientId ?? ''}
                    options={[{ value: '', label: 'Choose' }, ...book.ingredientOptions]}
                    onChange={(value) => onAnswer({ ...answer, ingredientId: value })}
                  />
                </View>
              )}
              <NumberField
                label={`${name}, how much`}
                hideLabel
                mayBeEmpty
                value={reading.amount ?? NaN}
                onChange={(amount) => onAnswer({ ...answer, amount })}
                className="w-24"
              />
              <View className="w-28">
                <Picker
                  label={`${name}, in what unit`}
                  hideLabel
                  value={reading.unit ?? ''}
                  options={[
                    { value: '', label: 'Unit' },
                    ...unitsFor(ingredient).map((value) => ({
                      value,
                      label: unitName(value, ingredient?.id ?? ''),
                    })),
                  ]}
                  onChange={(value) => onAnswer({ ...answer, unit: value as LineUnit })}
                />
              </View>
            </>
          )}
          <Button
            label="To the note"
            weight="quiet"
            onPress={() => onAnswer({ ...answer, leftOut: true })}
          />
        </View>
      )}
    </View>
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
  const { tell } = useWords();
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<Language | 'auto'>('auto');
  const [answers, setAnswers] = useState<Readonly<Record<string, Answer>>>({});
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
    if (list.ok) setText(list.value.lines.join('\n'));
    else setProblem(tell(list.problem));
  };
  const settled = useDeferredValue(text);
  const language = chosen === 'auto' ? languageOf(settled) : chosen;
  const lines = useMemo(() => readList(settled, language, book.own), [settled, language, book]);
  const slips = useMemo(() => slipsIn(settled), [settled]);
  // An answer belongs to what was written: it stays when another line is put in before.
  const readings = lines.map((line) =>
    readingOf(line, answers[line.text] ?? {}, book.kitchen.data.eggGrade, book.find),
  );
  const ready = readings.filter(goesOn).length;
  const unanswered = readings.filter((each) => !goesOn(each) && !each.leftOut).length;
  return (
    <Sheet title="A list as written">
      <TextField
        label="One ingredient a line; a heading with a colon begins a component"
        value={text}
        onChange={setText}
        lines={6}
        placeholder={
          '2 1/2 cups milk\n5 yolks + 1 whole egg\n3 oz (85 g) sugar\n\nFor the dough:\n250 g flour'
        }
        testID="paste-text"
      />
      <View className="flex-row flex-wrap items-center gap-2">
        <FileButton
          label="Open a file"
          accept=".json,.jsonld,.md,.csv,.txt,application/json,application/ld+json,text/*"
          onText={open}
          testID="open-file"
        />
        <Soft className="flex-1">A formula file, a recipe, Markdown or a table.</Soft>
      </View>
      {problem ? (
        <Notice kind="danger" testID="file-problem">
          {problem}
        </Notice>
      ) : null}
      <Choice label="Written in" value={chosen} options={LANGUAGE_OPTIONS} onChange={setChosen} />
      {chosen === 'auto' && lines.length > 0 ? (
        <Soft>{`Read as ${LANGUAGE_NAMES[language]}.`}</Soft>
      ) : null}
      {slips.map(({ text: words, says, likely }) => (
        <Notice
          key={`${words}/${says.code}`}
          kind="hint"
          testID="slip"
          actions={
            likely === undefined ? undefined : (
              <Button
                label={`Make it “${likely}”`}
                onPress={() => setText(text.replace(words, likely))}
              />
            )
          }
        >
          {`“${words}”: ${tell(says)}`}
        </Notice>
      ))}
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
        <Soft testID="paste-open">{`${unanswered} still to be answered: unanswered ones go to the note, unweighed.`}</Soft>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={ready === 0 ? 'Put on the list' : `Put ${ready} on the list`}
          weight="main"
          disabled={ready === 0}
          testID="paste-done"
          onPress={() => {
            onEdit('paste', (data) => withReadings(data, readings));
            onClose();
          }}
        />
        <Button label="Leave it" onPress={onClose} />
      </View>
    </Sheet>
  );
}

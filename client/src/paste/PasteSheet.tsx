import type { FormulaData, ListedRecipe } from '@hollow-moon/contract';
import {
  LANGUAGE_NAMES,
  LANGUAGES,
  languageOf,
  readRecipe,
  slipsIn,
  type Language,
  type RecipeText,
  type RowKind,
  type Finding,
} from '@hollow-moon/core';
import { listed, say } from '@hollow-moon/words';
import { useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button, Notice, Picker, Sheet, Soft, TextField, Tick, useWords, focusOn } from '../design';
import type { KitchenBook } from '../book/book';
import type { Edit } from '../drafts/edits';
import { foundIn, withText, type Found } from './intoFormula';
import { OpenFile } from './OpenFile';
import { KindChoice, LineRow, OtherRow, UnheadedRow } from './PasteRow';
import { goesOn, readingOf, type Answer, type Reading } from './readings';

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

/** What the text says of the bake as a whole; each can be left out. */
function Facts({
  found,
  without,
  onWithout,
}: {
  readonly found: readonly Found[];
  readonly without: readonly string[];
  readonly onWithout: (without: readonly string[]) => void;
}) {
  const { quantity } = useWords();
  if (found.length === 0) return null;
  return (
    <View className="gap-1" testID="facts">
      <Soft>{say('paste.the-text-says')}</Soft>
      <View className="flex-row flex-wrap gap-2">
        {found.map(({ key, says, change }) => (
          <Tick
            key={key}
            label={
              change.setC === undefined ? says : `${quantity({ ovenC: change.setC })}, ${says}`
            }
            ticked={!without.includes(key)}
            onChange={(ticked) =>
              onWithout(ticked ? without.filter((each) => each !== key) : [...without, key])
            }
            testID={`fact-${key}`}
          />
        ))}
      </View>
    </View>
  );
}

/** How many lines stand before a row. */
const firstLineOf = ({ rows }: RecipeText, at: number): number =>
  rows.slice(0, at).reduce((sum, { lines }) => sum + lines.length, 0);

/** Whether after a row that was left free the filling begins, under no heading of its own. */
function beginsUnheaded(rows: RecipeText['rows'], at: number): boolean {
  const before = rows.slice(0, at).findLast(({ lines }) => lines.length > 0);
  return rows[at + 1]?.lines[0]?.section === '' && (before?.lines[0]?.section ?? '') !== '';
}

/** The text itself, row by row, each with what it is taken for. */
function Rows({
  recipe,
  readings,
  answers,
  book,
  onAnswer,
  onKind,
}: {
  readonly recipe: RecipeText;
  readonly readings: readonly Reading[];
  readonly answers: Readonly<Record<string, Answer>>;
  readonly book: KitchenBook;
  readonly onAnswer: (text: string, answer: Answer) => void;
  readonly onKind: (text: string, kind: RowKind) => void;
}) {
  return (
    <View>
      {recipe.rows.map((row, at) => {
        const kinds = (
          <KindChoice
            kind={row.kind}
            name={say('paste.row', { at: at + 1 })}
            onKind={(kind) => onKind(row.text, kind)}
          />
        );
        if (row.kind === 'empty')
          return beginsUnheaded(recipe.rows, at) ? <UnheadedRow key={at} /> : null;
        if (row.kind !== 'line')
          return <OtherRow key={at} row={row} at={at} readings={readings} kinds={kinds} />;
        const first = firstLineOf(recipe, at);
        return readings
          .slice(first, first + row.lines.length)
          .map((reading, index) => (
            <LineRow
              key={`${at}/${index}`}
              reading={reading}
              answer={answers[reading.written.text] ?? {}}
              book={book}
              position={first + index}
              kinds={kinds}
              onAnswer={(answer) => onAnswer(reading.written.text, answer)}
            />
          ));
      })}
    </View>
  );
}

const LANGUAGE_OPTIONS = LANGUAGES.map((value) => ({ value, label: LANGUAGE_NAMES[value] }));

/** A recipe of a file as the text that is read row by row. */
const textOf = ({ name, lines }: ListedRecipe): string =>
  [name, ...lines].filter(Boolean).join('\n');

/** The text, what is read of it with the cook's answers laid over, and what it says of the whole. */
function useRecipe(data: FormulaData, book: KitchenBook) {
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<Language | undefined>(undefined);
  const [answers, setAnswers] = useState<Readonly<Record<string, Answer>>>({});
  const [arrived, setArrived] = useState<ListedRecipe | undefined>(undefined);
  const [kinds, setKinds] = useState<ReadonlyMap<string, RowKind>>(new Map());
  const settled = useDeferredValue(text);
  const language = chosen ?? languageOf(settled);
  const recipe = useMemo(
    () => readRecipe(settled, language, book.own, kinds),
    [settled, language, book, kinds],
  );
  // An answer belongs to what was written: it stays when another line is put in before.
  const readings = recipe.lines.map((line) =>
    readingOf(line, answers[line.text] ?? {}, book.kitchen.data.eggGrade, book.find),
  );
  const fresh = data.lines.length === 0 && data.parts.length === 0;
  const { facts, steps } = recipe;
  // What a file says beside its text holds as long as there is text of it.
  const beside = settled.trim() === '' ? undefined : arrived;
  const found = foundIn({ facts, steps, readings, fresh, note: beside?.note }, data, book);
  return {
    ...{ text, setText, settled, language, setChosen, recipe, readings, answers, found },
    leftOut: beside?.leftOut ?? [],
    arrive: (file: ListedRecipe) => {
      setArrived(file);
      setChosen(file.language);
      setText(textOf(file));
    },
    answer: (line: string, given: Answer) => setAnswers({ ...answers, [line]: given }),
    take: (row: string, kind: RowKind) => setKinds(new Map([...kinds, [row, kind]])),
  };
}

/** What of a file is not taken over, and how many lines have still to be answered. */
function StillOpen({
  leftOut,
  unanswered,
}: {
  readonly leftOut: readonly Finding[];
  readonly unanswered: number;
}) {
  const { tell } = useWords();
  return (
    <>
      {leftOut.length > 0 ? (
        <Soft testID="left-out">{say('paste.not-taken', { what: listed(leftOut.map(tell)) })}</Soft>
      ) : null}
      {unanswered > 0 ? (
        <Soft testID="paste-open">
          {say('bench.still-to-be-answered-unanswered', { unanswered })}
        </Soft>
      ) : null}
    </>
  );
}

/** A whole recipe, typed or pasted as it is written, read row by row before it goes onto the bench. */
export function PasteSheet({
  data,
  book,
  onEdit,
  onClose,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly onEdit: Edit;
  /** None where there is nothing to go back to. */
  readonly onClose?: () => void;
}) {
  const reading = useRecipe(data, book);
  const { text, setText, settled, language, setChosen, recipe, readings, found } = reading;
  const [without, setWithout] = useState<readonly string[]>([]);
  const ready = readings.filter(goesOn).length;
  const unanswered = readings.filter((each) => !goesOn(each) && !each.leftOut).length;
  const started = settled.trim() !== '';
  return (
    <Sheet title={say('bench.a-list-as-written')}>
      <TextField
        label={say('bench.one-ingredient-a-line-a-heading')}
        value={text}
        onChange={setText}
        lines={started ? 3 : 8}
        placeholder={say('bench.2-1-2-cups-milk-5')}
        testID="paste-text"
      />
      <View className="flex-row flex-wrap items-end justify-between gap-2">
        <OpenFile
          book={book}
          onEdit={onEdit}
          onRecipe={reading.arrive}
          onClose={() => onClose?.()}
        />
        {started ? (
          <View className="w-40">
            <Picker
              label={say('bench.written-in')}
              value={language}
              options={LANGUAGE_OPTIONS}
              onChange={(value) => setChosen(value as Language)}
              testID="paste-language"
            />
          </View>
        ) : null}
      </View>
      <Slips text={settled} onPutRight={(words, likely) => setText(text.replace(words, likely))} />
      <Rows
        recipe={recipe}
        readings={readings}
        answers={reading.answers}
        book={book}
        onAnswer={reading.answer}
        onKind={reading.take}
      />
      <Facts found={found} without={without} onWithout={setWithout} />
      <StillOpen leftOut={reading.leftOut} unanswered={unanswered} />
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={
            ready === 0 ? say('bench.put-on-the-list') : say('bench.put-on-the-list-2', { ready })
          }
          weight="main"
          disabled={ready === 0}
          testID="paste-done"
          onPress={() => {
            const taken = found.filter(({ key }) => !without.includes(key));
            onEdit('paste', (now) => withText(now, readings, taken));
            onClose?.();
            focusOn(onClose ? 'open-line-0' : 'start-tin');
          }}
        />
        {onClose ? <Button label={say('bench.leave-it')} onPress={onClose} /> : null}
      </View>
    </Sheet>
  );
}

import { say } from '@hollow-moon/words';
import { finding, languageOf, readList, type Line, type Finding } from '@hollow-moon/core';
import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { Button, FieldProblem, Soft, useWords } from '../design';
import type { KitchenBook } from '../book/book';
import { lineFrom, readingOf } from '../paste/readings';

/**
 * A line typed as it is said, "500 g milk", and on the list with Enter: quicker than choosing. What is
 * not clear is asked under it, and what was typed stays.
 */
export function QuickLine({
  book,
  onLines,
  testID,
}: {
  readonly book: KitchenBook;
  readonly onLines: (lines: readonly Line[]) => void;
  readonly testID: string;
}) {
  const { tell } = useWords();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<Finding | undefined>(undefined);
  const add = () => {
    if (text.trim() === '') return;
    const readings = readList(text, languageOf(text), book.own).map((line) =>
      readingOf(line, {}, book.kitchen.data.eggGrade, book.find),
    );
    const missing = readings.find((reading) => reading.missing !== undefined)?.missing;
    if (missing !== undefined || readings.length === 0) {
      setProblem(missing ?? finding('paste.nothing'));
      return;
    }
    onLines(readings.map(lineFrom));
    setText('');
    setProblem(undefined);
  };
  return (
    <View className="gap-1">
      <Soft>{say('bench.type-a-line-then-enter')}</Soft>
      <View className="flex-row items-center gap-2">
        <TextInput
          testID={testID}
          aria-label={say('bench.type-a-line-then-enter')}
          aria-invalid={problem !== undefined}
          value={text}
          onChangeText={(next) => {
            setText(next);
            setProblem(undefined);
          }}
          onSubmitEditing={add}
          submitBehavior="submit"
          placeholder={say('bench.example-line')}
          className={`min-h-12 min-w-0 flex-1 rounded border bg-sheet px-3 font-read text-base text-ink ${problem ? 'border-scorch' : 'border-ink-soft'}`}
        />
        <Button label={say('bench.add')} onPress={add} testID={`${testID}-add`} />
      </View>
      {problem ? <FieldProblem>{tell(problem)}</FieldProblem> : null}
    </View>
  );
}

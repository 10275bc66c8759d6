import type { Line, Remark, WeighedLine } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { Button, FieldProblem, icons, Read, Soft, useWords } from '../design';
import { withLine, withLineMoved, withoutLine } from '../drafts/drafts';
import type { Edit } from '../drafts/edits';
import { useWide } from '../layout';
import { LineMore } from './LineMore';
import { MeasureFields } from './MeasureFields';

/** What is odd about a line, with what it was probably meant to be. */
export function Remarks({
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

/** What may be done with a line besides giving its amount. */
function LineActions({
  line,
  name,
  food,
  more,
  onMore,
  onDone,
  onRemove,
  onEdit,
  testID,
}: {
  readonly line: Line;
  readonly name: string;
  readonly food: string;
  readonly more: boolean;
  readonly onMore: () => void;
  readonly onDone: () => void;
  readonly onRemove: () => void;
  readonly onEdit: Edit;
  readonly testID: string;
}) {
  const move = (by: -1 | 1) =>
    onEdit(`${line.id}/move`, (data) => withLineMoved(data, line.id, by));
  return (
    <>
      <View className="flex-row gap-1">
        <Button
          label={say('bench.move-up', { name: name.toLowerCase() })}
          icon={icons.shut}
          iconOnly
          className="flex-1"
          onPress={() => move(-1)}
        />
        <Button
          label={say('bench.move-down', { name: name.toLowerCase() })}
          icon={icons.open}
          iconOnly
          className="flex-1"
          onPress={() => move(1)}
        />
      </View>
      <View className="flex-row gap-1">
        <Button
          label={say('bench.more-of', { name: name.toLowerCase() })}
          icon={icons.more}
          iconOnly
          className="flex-1"
          pressed={more}
          onPress={onMore}
          testID={`open-more-${testID}`}
        />
        <Button
          label={say('bench.take-off', { name: food })}
          icon={icons.remove}
          iconOnly
          className="flex-1"
          onPress={onRemove}
        />
      </View>
      <Button label={say('bench.done')} onPress={onDone} testID={`done-${testID}`} />
    </>
  );
}

/** One line of a list opened to be worked on. */
export function LineEditor({
  weighed: { line },
  name,
  testID,
  problem,
  remarks,
  book,
  onDone,
  onRemoved,
  onEdit,
}: {
  readonly weighed: WeighedLine;
  readonly name: string;
  readonly testID: string;
  readonly problem: string | undefined;
  readonly remarks: readonly Remark[];
  readonly book: KitchenBook;
  readonly onDone: () => void;
  readonly onRemoved: () => void;
  readonly onEdit: Edit;
}) {
  const wide = useWide();
  const [more, setMore] = useState(false);
  const change = (field: string, next: Partial<Line>) =>
    onEdit(`${line.id}/${field}`, (data) => withLine(data, line.id, next));
  return (
    <View className="gap-2 bg-ground px-4 py-2" testID={`editor-${testID}`}>
      <MeasureFields
        name={name}
        measure={line}
        book={book}
        onChange={change}
        keypad={!wide}
        testID={testID}
        beside={
          <LineActions
            line={line}
            name={name}
            food={book.find(line.ingredientId)?.name ?? name}
            more={more}
            onMore={() => setMore(!more)}
            onDone={onDone}
            onRemove={() => {
              onRemoved();
              onEdit(`${line.id}/remove`, (data) => withoutLine(data, line.id));
            }}
            onEdit={onEdit}
            testID={testID}
          />
        }
      />
      {problem && (line.vague || Number.isFinite(line.amount)) ? (
        <FieldProblem>{problem}</FieldProblem>
      ) : null}
      <Remarks remarks={remarks} onLikely={(likely) => change('likely', likely)} />
      {more ? (
        <LineMore line={line} name={name} book={book} onChange={change} testID={testID} />
      ) : null}
      {line.written ? <Soft>{say('bench.written', { written: line.written })}</Soft> : null}
    </View>
  );
}

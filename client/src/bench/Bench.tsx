import { refusalInWords, type Refused } from '../wire/resources';
import { say } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import { judgePart, PART_KINDS, type Analysis, type PartKind } from '@hollow-moon/core';
import { memo, useState } from 'react';
import { TextInput, View } from 'react-native';
import { Button, icons, Notice, Picker, Sheet, Soft, TextField, useWords } from '../design';
import { withKeeping } from '../device/device';
import type { KitchenBook } from '../book/book';
import { useAppSelector } from '../state/state';
import { EggSheet } from './EggSheet';
import { BuildSheet } from './BuildSheet';
import { FetchSheet } from './FetchSheet';
import { LineList } from './LineEditor';
import { newLine } from '../drafts/newFormula';
import { PasteSheet } from '../paste/PasteSheet';
import { QuickLine } from './QuickLine';
import { RatioSheet } from './RatioSheet';
import { ServeSheet } from './ServeSheet';
import { ShareSheet } from './ShareSheet';
import { VerdictSheet } from './VerdictSheet';
import { TemperSheet } from './TemperSheet';
import { TinSheet } from './TinSheet';
import { useBuild } from './useBuild';
import type { Edit } from '../drafts/edits';
import type { FormulaDraft } from '../drafts/useFormulaDraft';
import { VersionsSheet } from './VersionsSheet';

/** Undo, redo and save, with what the book says about the last save. */
export const SaveBar = memo(function SaveBar({
  canUndo,
  canRedo,
  changed,
  saving,
  refused,
  why,
  onWhy,
  onUndo,
  onRedo,
  onSave,
}: {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly changed: boolean;
  readonly saving: boolean;
  readonly refused: Refused | undefined;
  /** Why it is changed; `undefined` for a new formula, which needs no reason. */
  readonly why: string | undefined;
  readonly onWhy: (why: string) => void;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
  readonly onSave: () => void;
}) {
  const words = useWords();
  const refuses = useAppSelector((state) => state.device.refuses);
  return (
    <View className="gap-2">
      <View className="flex-row items-center gap-2">
        <Button
          label={say('bench.undo')}
          icon={icons.undo}
          iconOnly
          onPress={onUndo}
          disabled={!canUndo}
        />
        <Button
          label={say('bench.redo')}
          icon={icons.redo}
          iconOnly
          onPress={onRedo}
          disabled={!canRedo}
        />
        <Soft className="flex-1 text-right" testID="save-state">
          {saving
            ? say('bench.keeping')
            : changed
              ? say('bench.not-kept-yet')
              : say('bench.kept-in-the-book')}
        </Soft>
        <Button
          label={say('bench.keep')}
          weight="main"
          onPress={onSave}
          disabled={!changed || saving}
          testID="save"
        />
      </View>
      {changed && why !== undefined ? (
        <TextInput
          testID="why"
          aria-label={say('bench.why-it-is-changed')}
          value={why}
          onChangeText={onWhy}
          placeholder={say('bench.why-for-whoever-looks-back')}
          maxLength={240}
          className="min-h-12 rounded border border-line bg-sheet px-3 font-read text-base text-ink"
        />
      ) : null}
      {refused ? (
        <Notice kind="danger" testID="refused">
          {withKeeping(refusalInWords(words, refused), refuses)}
        </Notice>
      ) : null}
    </View>
  );
});

/** What the save bar shows of a formula on the bench. */
export const saveBarOf = ({ draft, saving, refused, undo, redo, sayWhy, save }: FormulaDraft) => ({
  canUndo: (draft?.past.length ?? 0) > 0,
  canRedo: (draft?.future.length ?? 0) > 0,
  changed: draft !== undefined,
  saving,
  refused,
  why: draft && draft.version > 0 ? draft.why : undefined,
  onWhy: sayWhy,
  onUndo: undo,
  onRedo: redo,
  onSave: save,
});

type ProblemAt = (path: string) => string | undefined;

/** What it is called, and what it makes. */
function NameAndKind({
  data,
  problemAt,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly problemAt: ProblemAt;
  readonly onEdit: Edit;
}) {
  return (
    <Sheet>
      <TextField
        label={say('bench.name')}
        testID="formula-name"
        value={data.name}
        onChange={(name) => onEdit('name', (data) => ({ ...data, name }))}
        problem={problemAt('name')}
      />
      <Picker
        label={say('bench.it-makes')}
        testID="kind-picker"
        value={data.family}
        options={PART_KINDS.map((value) => ({ value, label: say(`part.${value}`) }))}
        onChange={(family) => onEdit('family', (data) => ({ ...data, family: family as PartKind }))}
      />
    </Sheet>
  );
}

/** Its list, line by line, with the ways to add to it. */
function ListSheet({
  data,
  analysis,
  book,
  problemAt,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly analysis: Analysis;
  readonly book: KitchenBook;
  readonly problemAt: ProblemAt;
  readonly onEdit: Edit;
}) {
  const { tell } = useWords();
  const [pasting, setPasting] = useState(false);
  const empty = analysis.problems.find((problem) => problem.code === 'formula.empty');
  return (
    <>
      {pasting ? (
        <PasteSheet data={data} book={book} onEdit={onEdit} onClose={() => setPasting(false)} />
      ) : null}
      <Sheet
        title={say('bench.the-list')}
        aside={
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={say('bench.paste-a-list')}
              pressed={pasting}
              onPress={() => setPasting(!pasting)}
            />
            <Button
              label={say('bench.add-a-line')}
              icon={icons.add}
              onPress={() =>
                onEdit(`add/${data.lines.length}`, (data) => ({
                  ...data,
                  lines: [...data.lines, newLine()],
                }))
              }
            />
          </View>
        }
      >
        {data.lines.length === 0 && empty ? <Soft>{tell(empty)}</Soft> : null}
        <LineList analysis={analysis} book={book} problemAt={problemAt} onEdit={onEdit} />
        <QuickLine
          book={book}
          onLines={(lines) =>
            onEdit(`quick/${data.lines.length}`, (data) => ({
              ...data,
              lines: [...data.lines, ...lines] as FormulaData['lines'],
            }))
          }
          testID="quick"
        />
      </Sheet>
    </>
  );
}

/** What the next cook should know. */
function NoteSheet({
  note,
  problem,
  onEdit,
}: {
  readonly note: string;
  readonly problem: string | undefined;
  readonly onEdit: Edit;
}) {
  return (
    <Sheet title={say('bench.note')}>
      <TextField
        label={say('bench.what-the-next-cook-should-know')}
        value={note}
        lines={3}
        onChange={(note) => onEdit('note', (data) => ({ ...data, note }))}
        problem={problem}
      />
    </Sheet>
  );
}

/** What is done, a step a row. */
function MethodSheet({
  steps,
  problem,
  onEdit,
}: {
  readonly steps: readonly string[];
  readonly problem: string | undefined;
  readonly onEdit: Edit;
}) {
  return (
    <Sheet title={say('bench.method')}>
      <TextField
        label={say('bench.one-step-a-row')}
        value={steps.join('\n')}
        lines={Math.min(12, Math.max(3, steps.length + 1))}
        onChange={(text) =>
          onEdit('steps', (data) => ({ ...data, steps: text === '' ? [] : text.split('\n') }))
        }
        problem={problem}
        testID="steps"
      />
    </Sheet>
  );
}

/** One formula on the bench: its list, and what it comes to, as you type. */
export const Bench = memo(function Bench({
  id,
  data,
  book,
  bench,
}: {
  readonly id: string;
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly bench: FormulaDraft;
}) {
  const { tell } = useWords();
  const { edit, draft, refused } = bench;
  const grade = book.kitchen.data.eggGrade;
  const inKitchen = useBuild(data, book);
  const { build } = inKitchen;
  const analysis = build.filling;
  const verdict = judgePart(analysis, data.family, data.shell);
  const problemAt = (path: string): string | undefined => {
    const found = build.problems.find((problem) => problem.path === path);
    if (found) return tell(found);
    const issue = (refused?.issues ?? (refused ? [refused] : [])).find(
      (each) => each.path === `data.${path}`,
    );
    return issue && refusalInWords({ tell }, issue);
  };
  const stored = book.formulas.some((each) => each.id === id);
  return (
    <View className="gap-4">
      <NameAndKind data={data} problemAt={problemAt} onEdit={edit} />
      <VerdictSheet verdict={verdict} />
      <ListSheet data={data} analysis={analysis} book={book} problemAt={problemAt} onEdit={edit} />
      <BuildSheet
        data={data}
        inKitchen={inKitchen}
        book={book}
        ownId={id}
        problemAt={problemAt}
        onEdit={edit}
      />
      <TinSheet data={data} inKitchen={inKitchen} book={book} onEdit={edit} />
      <ServeSheet data={data} inKitchen={inKitchen} book={book} onEdit={edit} />
      <FetchSheet build={build} />
      <RatioSheet analysis={analysis} />
      <TemperSheet
        analysis={analysis}
        family={data.family}
        verdict={verdict}
        roomC={book.kitchen.data.roomC}
      />
      <EggSheet data={data} analysis={analysis} grade={grade} find={book.find} onEdit={edit} />
      <MethodSheet steps={data.steps} problem={problemAt('steps')} onEdit={edit} />
      <NoteSheet note={data.note} problem={problemAt('note')} onEdit={edit} />
      {stored ? <VersionsSheet id={id} data={data} book={book} onEdit={edit} /> : null}
      <ShareSheet id={id} data={data} book={book} changed={draft !== undefined} onEdit={edit} />
    </View>
  );
});

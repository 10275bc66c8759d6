import type { FormulaData } from '@hollow-moon/contract';
import { analyse, FAMILIES, FAMILY_NAMES, judgeSetting, type Family } from '@hollow-moon/core';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { Button, icons, Notice, Picker, Sheet, Soft, TextField } from '../design';
import type { KitchenBook } from '../store/kitchen';
import { EggSheet } from './EggSheet';
import { LineEditor } from './LineEditor';
import { newLine } from './newFormula';
import { PasteSheet } from './PasteSheet';
import { RatioSheet } from './RatioSheet';
import { ShareSheet } from './ShareSheet';
import { VerdictSheet } from './VerdictSheet';
import { TemperSheet } from './TemperSheet';
import { TinSheet } from './TinSheet';
import type { FormulaDraft } from './useFormulaDraft';

/** Undo, redo and save, with what the book says about the last save. */
export const SaveBar = memo(function SaveBar({
  canUndo,
  canRedo,
  changed,
  saving,
  refused,
  onUndo,
  onRedo,
  onSave,
}: {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly changed: boolean;
  readonly saving: boolean;
  readonly refused: string | undefined;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
  readonly onSave: () => void;
}) {
  return (
    <View className="gap-2">
      <View className="flex-row items-center gap-2">
        <Button label="Undo" icon={icons.undo} iconOnly onPress={onUndo} disabled={!canUndo} />
        <Button label="Redo" icon={icons.redo} iconOnly onPress={onRedo} disabled={!canRedo} />
        <Soft className="flex-1 text-right" testID="save-state">
          {saving ? 'Keeping' : changed ? 'Not kept yet' : 'Kept in the book'}
        </Soft>
        <Button
          label="Keep"
          weight="main"
          onPress={onSave}
          disabled={!changed || saving}
          testID="save"
        />
      </View>
      {refused ? (
        <Notice kind="danger" testID="refused">
          {refused}
        </Notice>
      ) : null}
    </View>
  );
});

/** What the save bar shows of a formula on the bench. */
export const saveBarOf = ({ draft, saving, undo, redo, save }: FormulaDraft) => ({
  canUndo: (draft?.past.length ?? 0) > 0,
  canRedo: (draft?.future.length ?? 0) > 0,
  changed: draft !== undefined,
  saving,
  refused: draft?.refused?.message,
  onUndo: undo,
  onRedo: redo,
  onSave: save,
});

/** One formula on the bench: its list, and what it comes to, as you type. */
export const Bench = memo(function Bench({
  data,
  book,
  bench,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly bench: FormulaDraft;
}) {
  const { edit, draft } = bench;
  const [pasting, setPasting] = useState(false);
  const grade = book.kitchen.data.eggGrade;
  const analysis = analyse(data.lines, grade);
  const verdict = judgeSetting(analysis, data.family, data.shell);
  const problemAt = (path: string): string | undefined =>
    analysis.problems.find((problem) => problem.path === path)?.message ??
    (draft?.refused?.path === `data.${path}` ? draft.refused.message : undefined);
  const empty = analysis.problems.find((problem) => problem.code === 'formula-empty');
  return (
    <View className="gap-4">
      <Sheet>
        <TextField
          label="Name"
          testID="formula-name"
          value={data.name}
          onChange={(name) => edit('name', { ...data, name })}
          problem={problemAt('name')}
        />
        <Picker
          label="Kind of filling"
          value={data.family}
          options={FAMILIES.map((value) => ({ value, label: FAMILY_NAMES[value] }))}
          onChange={(family) => edit('family', { ...data, family: family as Family })}
        />
      </Sheet>
      <VerdictSheet verdict={verdict} />
      {pasting ? (
        <PasteSheet data={data} grade={grade} onEdit={edit} onClose={() => setPasting(false)} />
      ) : null}
      <Sheet
        title="The list"
        aside={
          <View className="flex-row flex-wrap gap-2">
            <Button label="Paste a list" pressed={pasting} onPress={() => setPasting(!pasting)} />
            <Button
              label="Add a line"
              icon={icons.add}
              onPress={() =>
                edit(`add/${data.lines.length}`, { ...data, lines: [...data.lines, newLine()] })
              }
            />
          </View>
        }
      >
        {data.lines.length === 0 && empty ? <Soft>{empty.message}</Soft> : null}
        {analysis.lines.map((weighed, position) => (
          <LineEditor
            key={weighed.line.id}
            data={data}
            weighed={weighed}
            position={position}
            problem={problemAt(`lines.${position}.amount`)}
            onEdit={edit}
          />
        ))}
      </Sheet>
      <RatioSheet analysis={analysis} />
      <TinSheet data={data} analysis={analysis} book={book} onEdit={edit} />
      <TemperSheet
        analysis={analysis}
        family={data.family}
        verdict={verdict}
        roomC={book.kitchen.data.roomC}
      />
      <EggSheet data={data} analysis={analysis} grade={grade} onEdit={edit} />
      <Sheet title="Note">
        <TextField
          label="What the next cook should know"
          value={data.note}
          lines={3}
          onChange={(note) => edit('note', { ...data, note })}
          problem={problemAt('note')}
        />
      </Sheet>
      <ShareSheet data={data} />
    </View>
  );
});

import type { FormulaData } from '@hollow-moon/contract';
import { analyse, FAMILIES, FAMILY_NAMES, judgeSetting, type Family } from '@hollow-moon/core';
import { View } from 'react-native';
import { Button, icons, Notice, Picker, Sheet, Soft, TextField } from '../design';
import type { KitchenBook } from '../store/kitchen';
import { EggSheet } from './EggSheet';
import { LineEditor } from './LineEditor';
import { newLine } from './newFormula';
import { RatioSheet, VerdictSheet } from './RatioSheet';
import { TinSheet } from './TinSheet';
import type { FormulaDraft } from './useFormulaDraft';

/** Undo, redo and save, with what the book says about the last save. */
export function SaveBar({ bench }: { readonly bench: FormulaDraft }) {
  const { draft, undo, redo, save, saving } = bench;
  return (
    <View className="gap-2">
      <View className="flex-row items-center gap-2">
        <Button
          label="Undo"
          icon={icons.undo}
          iconOnly
          onPress={undo}
          disabled={!draft?.past.length}
        />
        <Button
          label="Redo"
          icon={icons.redo}
          iconOnly
          onPress={redo}
          disabled={!draft?.future.length}
        />
        <Soft className="flex-1 text-right" testID="save-state">
          {saving ? 'Keeping' : draft ? 'Not kept yet' : 'Kept in the book'}
        </Soft>
        <Button
          label="Keep"
          weight="main"
          onPress={() => void save()}
          disabled={!draft || saving}
          testID="save"
        />
      </View>
      {draft?.refused ? (
        <Notice kind="danger" testID="refused">
          {draft.refused.message}
        </Notice>
      ) : null}
    </View>
  );
}

/** One formula on the bench: its list, and what it comes to, as you type. */
export function Bench({
  data,
  book,
  bench,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly bench: FormulaDraft;
}) {
  const { edit, draft } = bench;
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
      <Sheet
        title="The list"
        aside={
          <Button
            label="Add a line"
            icon={icons.add}
            onPress={() =>
              edit(`add/${data.lines.length}`, { ...data, lines: [...data.lines, newLine()] })
            }
          />
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
    </View>
  );
}

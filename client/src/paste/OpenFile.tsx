import { fromAnyList, fromFormulaFile, type ListedRecipe } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Choice, FileButton, Notice, useWords } from '../design';
import type { KitchenBook } from '../book/book';
import type { Edit } from '../drafts/edits';
import { queued } from '../outgoing/writes';
import { useAppDispatch } from '../state/state';
import { ownArriving, renamed, withGrade } from './arriving';

/** As many recipes of one file as can be chosen from at a glance. */
const MOST_SHOWN = 30;

/** A list out of a file: one of our own goes onto the bench as it is, any other is read line by line. */
export function OpenFile({
  book,
  onEdit,
  onRecipe,
  onClose,
}: {
  readonly book: KitchenBook;
  readonly onEdit: Edit;
  readonly onRecipe: (recipe: ListedRecipe) => void;
  readonly onClose: () => void;
}) {
  const { tell } = useWords();
  const dispatch = useAppDispatch();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [several, setSeveral] = useState<readonly ListedRecipe[]>([]);
  const open = (content: string) => {
    setProblem(undefined);
    setSeveral([]);
    if (content.includes('"hollow-moon/formula"')) {
      const opened = fromFormulaFile(content, uuid);
      if (!opened.ok) {
        setProblem(tell(opened.problem));
        return;
      }
      const { writes, ids } = ownArriving(opened.value.own, book);
      for (const { id, data } of writes) {
        const work = { op: 'put' as const, kind: 'pantry' as const, version: 0, data };
        dispatch(queued({ kitchenId: book.kitchen.id, thing: id, work }));
      }
      const graded = withGrade(renamed(opened.value.formula, ids), opened.value.eggGrade, book);
      // Its own tin and oven stay: a file knows none of this kitchen's.
      onEdit('file', ({ vesselId, ovenId }) => ({ ...graded, vesselId, ovenId }));
      onClose();
      return;
    }
    const found = fromAnyList(content);
    if (!found.ok) {
      setProblem(tell(found.problem));
      return;
    }
    const [first, ...others] = found.value;
    if (first && others.length === 0) onRecipe(first);
    else setSeveral(found.value);
  };
  return (
    <View className="gap-2">
      <FileButton
        label={say('bench.open-a-file')}
        accept=".json,.jsonld,.md,.csv,.tsv,.txt,.html,.htm,application/json,application/ld+json,text/*"
        onText={open}
        testID="open-file"
      />
      {several.length > 0 ? (
        <Choice
          label={say('paste.which-recipe', { count: several.length })}
          value={undefined}
          options={several.slice(0, MOST_SHOWN).map(({ name }, at) => ({
            value: String(at),
            label: name || say('paste.unnamed', { at: at + 1 }),
          }))}
          onChange={(at) => {
            const chosen = several[Number(at)];
            if (chosen) onRecipe(chosen);
            setSeveral([]);
          }}
        />
      ) : null}
      {problem ? (
        <Notice kind="danger" testID="file-problem">
          {problem}
        </Notice>
      ) : null}
    </View>
  );
}

import { fromAnyList, fromFormulaFile, type ListedRecipe } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Choice, FileButton, Notice, useWords } from '../design';
import type { Edit } from '../drafts/edits';

/** A recipe of a file as the text that is read row by row. */
const textOf = ({ name, lines }: ListedRecipe): string =>
  [name, ...lines].filter(Boolean).join('\n');

/** As many recipes of one file as can be chosen from at a glance. */
const MOST_SHOWN = 30;

/** A list out of a file: one of our own goes onto the bench as it is, any other is read line by line. */
export function OpenFile({
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
  const [several, setSeveral] = useState<readonly ListedRecipe[]>([]);
  const open = (content: string) => {
    setProblem(undefined);
    setSeveral([]);
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
    const found = fromAnyList(content);
    if (!found.ok) {
      setProblem(tell(found.problem));
      return;
    }
    const [first, ...others] = found.value;
    if (first && others.length === 0) onLines(textOf(first));
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
            if (chosen) onLines(textOf(chosen));
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

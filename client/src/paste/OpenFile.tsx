import { fromAnyList, fromFormulaFile } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { FileButton, Notice, useWords } from '../design';
import type { Edit } from '../drafts/edits';

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
    <View className="gap-2">
      <FileButton
        label={say('bench.open-a-file')}
        accept=".json,.jsonld,.md,.csv,.txt,application/json,application/ld+json,text/*"
        onText={open}
        testID="open-file"
      />
      {problem ? (
        <Notice kind="danger" testID="file-problem">
          {problem}
        </Notice>
      ) : null}
    </View>
  );
}

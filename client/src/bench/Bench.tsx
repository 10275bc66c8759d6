import { refusalInWords } from '../wire/resources';
import { say } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import { judgePart, PART_KINDS, type Analysis, type PartKind } from '@hollow-moon/core';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { Button, Fold, Picker, Sheet, Soft, TextField, Title, useWords } from '../design';
import type { KitchenBook } from '../book/book';
import { EggFold } from './EggFold';
import { BuildFold } from './BuildFold';
import { FetchFold } from './FetchFold';
import { LineList } from './LineList';
import { PasteSheet } from '../paste/PasteSheet';
import { RatioFold } from './RatioFold';
import { PortionFold } from './PortionFold';
import { ShareFold } from './ShareFold';
import { VerdictFold } from './VerdictFold';
import { TemperFold } from './TemperFold';
import { TinFold } from './TinFold';
import { useBuild } from './useBuild';
import type { Edit } from '../drafts/edits';
import type { FormulaDraft } from '../drafts/useFormulaDraft';
import { VersionsFold } from './VersionsFold';

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
  const problem = problemAt('name');
  return (
    <Fold
      id="name-and-kind"
      title={say('bench.name-and-kind')}
      summary={say('bench.name-of-kind', {
        name: data.name || say('formulas.unnamed'),
        kind: say(`part.${data.family}`).toLowerCase(),
      })}
      begin={data.name === '' || problem !== undefined}
    >
      {() => (
        <>
          <TextField
            label={say('bench.name')}
            testID="formula-name"
            value={data.name}
            onChange={(name) => onEdit('name', (data) => ({ ...data, name }))}
            problem={problem}
          />
          <Picker
            label={say('bench.it-makes')}
            testID="kind-picker"
            value={data.family}
            options={PART_KINDS.map((value) => ({ value, label: say(`part.${value}`) }))}
            onChange={(family) =>
              onEdit('family', (data) => ({ ...data, family: family as PartKind }))
            }
          />
        </>
      )}
    </Fold>
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
      <Sheet className="pt-0">
        <View className="sr-only">
          <Title level={2}>{say('bench.the-list')}</Title>
        </View>
        {data.lines.length === 0 && empty ? (
          <View className="pt-4">
            <Soft>{tell(empty)}</Soft>
          </View>
        ) : null}
        <LineList
          analysis={analysis}
          book={book}
          problemAt={problemAt}
          onEdit={onEdit}
          onLines={(how, lines) =>
            onEdit(`${how}/${data.lines.length}`, (data) => ({
              ...data,
              lines: [...data.lines, ...lines] as FormulaData['lines'],
            }))
          }
        >
          <Button
            label={say('bench.paste-a-list')}
            pressed={pasting}
            onPress={() => setPasting(!pasting)}
          />
        </LineList>
      </Sheet>
    </>
  );
}

/** What the next cook should know. */
function NoteFold({
  note,
  problem,
  onEdit,
}: {
  readonly note: string;
  readonly problem: string | undefined;
  readonly onEdit: Edit;
}) {
  return (
    <Fold
      id="note"
      title={say('bench.note')}
      summary={note.split('\n')[0] || say('bench.no-note')}
      begin={problem !== undefined}
    >
      {() => (
        <TextField
          label={say('bench.what-the-next-cook-should-know')}
          value={note}
          lines={3}
          onChange={(note) => onEdit('note', (data) => ({ ...data, note }))}
          problem={problem}
        />
      )}
    </Fold>
  );
}

/** What is done, a step a row. */
function MethodFold({
  steps,
  problem,
  onEdit,
}: {
  readonly steps: readonly string[];
  readonly problem: string | undefined;
  readonly onEdit: Edit;
}) {
  return (
    <Fold
      id="method"
      title={say('bench.method')}
      summary={say('bench.steps-in-all', { count: steps.length })}
      begin={problem !== undefined}
    >
      {() => (
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
      )}
    </Fold>
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
    <View className="gap-2">
      <ListSheet data={data} analysis={analysis} book={book} problemAt={problemAt} onEdit={edit} />
      <View>
        <VerdictFold verdict={verdict} />
        <BuildFold
          data={data}
          inKitchen={inKitchen}
          book={book}
          ownId={id}
          problemAt={problemAt}
          onEdit={edit}
        />
        <TinFold data={data} inKitchen={inKitchen} book={book} onEdit={edit} />
      </View>
      <View>
        <PortionFold data={data} inKitchen={inKitchen} book={book} onEdit={edit} />
        <FetchFold build={build} />
        <RatioFold analysis={analysis} />
        <EggFold data={data} analysis={analysis} grade={grade} find={book.find} onEdit={edit} />
        <TemperFold
          analysis={analysis}
          family={data.family}
          verdict={verdict}
          roomC={book.kitchen.data.roomC}
        />
      </View>
      <View>
        <NameAndKind data={data} problemAt={problemAt} onEdit={edit} />
        <MethodFold steps={data.steps} problem={problemAt('steps')} onEdit={edit} />
        <NoteFold note={data.note} problem={problemAt('note')} onEdit={edit} />
        {stored ? <VersionsFold id={id} data={data} book={book} onEdit={edit} /> : null}
        <ShareFold id={id} data={data} book={book} changed={draft !== undefined} onEdit={edit} />
      </View>
    </View>
  );
});

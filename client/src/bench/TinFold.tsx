import type { FormulaData } from '@hollow-moon/contract';
import { finding, SHELL_KINDS, shellOfKind, shellPartOf, type ShellKind } from '@hollow-moon/core';
import { View } from 'react-native';
import { Fold, Choice, NumberField, Soft, useWords } from '../design';
import { say } from '@hollow-moon/words';
import { inVessel, type KitchenBook } from '../book/book';
import { ChooseTin } from '../equipment';
import type { BuildInKitchen } from './useBuild';
import type { Edit } from '../drafts/edits';
import { FitLines } from './FitLines';

/** What stands in the way of a fit, at its field. */
function problemOf({ vessel, fit }: BuildInKitchen) {
  if (!vessel) return { problem: finding('tin.choose'), field: 'vessel' };
  if (!fit) return { problem: finding('tin.count'), field: 'count' };
  if (fit.ok) return undefined;
  const field = fit.problem.path === 'headspaceMm' ? 'headspace' : 'shell';
  return { problem: fit.problem, field };
}

type SetField = (field: keyof FormulaData) => (value: unknown) => void;

const setter =
  (onEdit: Edit): SetField =>
  (field) =>
  (value) =>
    onEdit(field, (data) => ({ ...data, [field]: value }));

/** How many tins, how far they are filled, and how thick the shell is. */
function CountAndGap({
  data,
  problemAt,
  onSet,
}: {
  readonly data: FormulaData;
  readonly problemAt: (field: string) => string | undefined;
  readonly onSet: SetField;
}) {
  return (
    <View className="flex-row flex-wrap gap-3">
      <NumberField
        label={say('bench.how-many')}
        value={data.vesselCount}
        onChange={onSet('vesselCount')}
        problem={problemAt('count')}
        className="w-24"
      />
      <NumberField
        label={say('bench.gap-to-the-rim')}
        unit="mm"
        value={data.headspaceMm}
        onChange={onSet('headspaceMm')}
        problem={problemAt('headspace')}
        className="w-32"
        testID="headspace"
      />
      {data.shell === 'none' ? null : (
        <NumberField
          label={say('bench.shell')}
          unit="mm"
          value={data.shellThicknessMm}
          onChange={onSet('shellThicknessMm')}
          problem={problemAt('shell')}
          className="w-28"
          testID="shell-thickness"
        />
      )}
    </View>
  );
}

/** What the shell is: as its component says, or asked where none says it. */
function ShellOf({
  data,
  onShell,
}: {
  readonly data: FormulaData;
  readonly onShell: (shell: ShellKind) => void;
}) {
  const part = shellPartOf(data.parts);
  if (part && shellOfKind(part.kind) === data.shell) {
    return (
      <Soft testID="shell-of-part">
        {say('bench.the-shell-is-its-component', {
          name: part.name,
          shell: say(`shell.${data.shell}`).toLowerCase(),
        })}
      </Soft>
    );
  }
  return (
    <Choice
      label={say(part?.kind === 'bought-shell' ? 'bench.bought-shell-of' : 'bench.shell-of')}
      options={SHELL_KINDS.map((value) => ({ value, label: say(`shell.${value}`) }))}
      value={data.shell}
      onChange={onShell}
    />
  );
}

/** The tin, the shell and the level, and what they do to masses, disc and depth. */
export function TinFold({
  data,
  inKitchen,
  book,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly inKitchen: BuildInKitchen;
  readonly book: KitchenBook;
  readonly onEdit: Edit;
}) {
  const { tell } = useWords();
  const set = setter(onEdit);
  const found = problemOf(inKitchen);
  const problemAt = (field: string) => (found?.field === field ? tell(found.problem) : undefined);
  const fit = inKitchen.fit?.ok ? inKitchen.fit.value : undefined;
  const vessel = book.vessels.find((each) => each.id === data.vesselId);
  const vesselInShort = vessel
    ? say('bench.tin-in-short', {
        count: data.vesselCount,
        tin: vessel.data.name,
        shell: say(`shell.${data.shell}`).toLowerCase(),
      })
    : say('bench.choose-a-tin');
  return (
    <Fold id="tin" title={say('bench.tin-and-shell')} summary={vesselInShort} begin>
      {() => (
        <>
          <ChooseTin
            label={say('bench.tin')}
            none={say('bench.choose-a-tin')}
            value={data.vesselId}
            book={book}
            onChange={(id, made) =>
              onEdit('vesselId', (data) => inVessel(data, id, book.vessels, made))
            }
            testID="tin-picker"
          />
          {problemAt('vessel') ? <Soft>{problemAt('vessel') ?? ''}</Soft> : null}
          <CountAndGap data={data} problemAt={problemAt} onSet={set} />
          <ShellOf data={data} onShell={set('shell')} />
          {fit ? <FitLines data={data} inKitchen={inKitchen} fit={fit} onEdit={onEdit} /> : null}
        </>
      )}
    </Fold>
  );
}

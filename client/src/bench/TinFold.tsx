import type { FormulaData } from '@hollow-moon/contract';
import {
  batchStands,
  checkDisc,
  discsFrom,
  doughDisc,
  finding,
  HEADSPACE,
  insideOf,
  isFamily,
  judgePart,
  levelWarning,
  plainName,
  PLATE_BEYOND_MM,
  SHELL_KINDS,
  shellOfKind,
  shellPartOf,
  shellWorkOf,
  type ShellKind,
  type Analysis,
  type Build,
  type DoughDisc,
  type Fit,
} from '@hollow-moon/core';
import { useState } from 'react';
import { View } from 'react-native';
import {
  Fold,
  Button,
  Choice,
  Figure,
  Labelled,
  Notice,
  NumberField,
  Read,
  Soft,
  useWords,
} from '../design';
import { grams, say, type Measured, type Words } from '@hollow-moon/words';
import { BatchNotice } from '../forecast';
import { withLine } from '../drafts/drafts';
import { inVessel, type KitchenBook } from '../book/book';
import { ChooseTin } from '../equipment';
import type { BuildInKitchen } from './useBuild';
import type { Edit } from '../drafts/edits';

/** What stands in the way of a fit, at its field. */
function problemOf({ vessel, fit }: BuildInKitchen) {
  if (!vessel) return { problem: finding('tin.choose'), field: 'vessel' };
  if (!fit) return { problem: finding('tin.count'), field: 'count' };
  if (fit.ok) return undefined;
  const field = fit.problem.path === 'headspaceMm' ? 'headspace' : 'shell';
  return { problem: fit.problem, field };
}

/** What one unknown amount would have to be, for the tins to be full. */
function UnknownAmount({
  data,
  analysis,
  fit,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly analysis: Analysis;
  readonly fit: Fit;
  readonly onEdit: Edit;
}) {
  const { put } = useWords();
  const [line] = analysis.unknown;
  if (!line) return null;
  const wantsG = fit.unknownWantsG;
  return (
    <Notice
      kind="hint"
      testID="unknown-amount"
      actions={
        wantsG !== undefined ? (
          <Button
            label={put('bench.take-g', { wants: { grams: wantsG } })}
            onPress={() =>
              onEdit(`${line.line.id}/amount`, (data) =>
                withLine(data, line.line.id, {
                  amount: Number(grams(wantsG)),
                  unit: 'g',
                  vague: undefined,
                }),
              )
            }
          />
        ) : undefined
      }
    >
      {wantsG !== undefined
        ? put('bench.the-tins-need', {
            tins: data.vesselCount,
            wants: { grams: wantsG },
            name: plainName(line),
          })
        : say('formula.amounts-missing', { count: analysis.unknown.length })}
    </Notice>
  );
}

/** Whether it is meant to leave its mould: caramel lies under it, or it is firm enough to. */
const turnsOut = (data: FormulaData, build: Build): boolean => {
  const verdict = judgePart(build.filling, data.family, data.shell);
  return (
    build.parts.some(({ part }) => part.kind === 'caramel' && part.place === 'under') ||
    ('firmness' in verdict && verdict.firmness === 'unmouldable')
  );
};

/** How wide the dough is rolled, and how broad where it is no round. */
function widthOf({ diameterMm, breadthMm }: DoughDisc, { measured }: Words): Measured {
  const across = measured({ widthMm: diameterMm });
  return diameterMm === breadthMm
    ? { value: across.value, unit: say('bench.wide', { unit: across.unit }) }
    : {
        value: `${across.value} × ${measured({ widthMm: breadthMm }).value}`,
        unit: across.unit,
      };
}

/** The dough: how wide it is rolled, and what the dough in hand can give. */
function DoughLines({ disc, data }: { readonly disc: DoughDisc; readonly data: FormulaData }) {
  const words = useWords();
  const { measured, put, tell } = words;
  const [inHand, setInHand] = useState(Number.NaN);
  const discs = discsFrom(inHand, disc);
  const round = disc.diameterMm === disc.breadthMm;
  const each = inHand / data.vesselCount;
  const tie =
    inHand > 0 && round
      ? checkDisc({
          massG: each,
          diameterMm: disc.diameterMm,
          thicknessMm: data.shellThicknessMm,
        })
      : undefined;
  return (
    <>
      <View className="flex-row flex-wrap gap-x-6 gap-y-3">
        <Labelled label={say('bench.roll-the-dough')}>
          <Figure {...widthOf(disc, words)} size="figure" testID="disc" />
        </Labelled>
        <Labelled label={say('bench.dough-a-tin')}>
          <Figure {...measured({ grams: disc.massG })} size="figure" testID="dough" />
        </Labelled>
      </View>
      <Soft>
        {put('bench.about-g-of-it-is', { trimmed: { grams: disc.massG - disc.liningG } })}
      </Soft>
      <NumberField
        label={say('bench.dough-in-hand')}
        unit="g"
        mayBeEmpty
        value={inHand}
        onChange={setInHand}
        className="w-36"
        testID="dough-in-hand"
      />
      {inHand > 0 ? (
        <Read testID="dough-gives">
          {[
            put('bench.lines-g-over', {
              fresh: discs.fresh,
              rerolled: discs.rerolled,
              left: { grams: discs.leftG },
            }),
            ...(tie && !tie.ok && discs.fresh < data.vesselCount
              ? [say('bench.for', { vesselCount: data.vesselCount, problem: tell(tie.problem) })]
              : []),
          ].join(' ')}
        </Read>
      ) : null}
    </>
  );
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

/** What the tins take, and whether the batch fills them. */
function FitLines({
  data,
  inKitchen,
  fit,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly inKitchen: BuildInKitchen;
  readonly fit: Fit;
  readonly onEdit: Edit;
}) {
  const { measured, put, tell } = useWords();
  const { build, vessel } = inKitchen;
  const analysis = build.filling;
  const level = levelWarning(data.family, fit.wanted.depthMm, data.headspaceMm);
  const usual = isFamily(data.family) ? HEADSPACE[data.family] : undefined;
  const work = shellWorkOf(data);
  const disc =
    vessel && data.shell !== 'none' && data.shellThicknessMm > 0
      ? doughDisc(vessel, data.shellThicknessMm)
      : undefined;
  return (
    <>
      <View className="flex-row flex-wrap gap-x-6 gap-y-3">
        <Labelled label={say('bench.filling-wanted')}>
          <Figure {...measured({ grams: fit.toMixG })} size="figure" testID="filling-wanted" />
        </Labelled>
        <Labelled label={say('bench.into-each')}>
          <Figure {...measured({ grams: fit.wanted.massG })} size="figure" testID="each-tin" />
        </Labelled>
        <Labelled label={say('bench.depth')}>
          <Figure {...measured({ millimetres: fit.wanted.depthMm })} size="figure" />
        </Labelled>
      </View>
      {build.takenMl > 0 ? (
        <Soft>
          {put('bench.what-lies-under-it-takes', { taken: { millilitres: build.takenMl } })}
        </Soft>
      ) : null}
      {level && usual ? (
        <Notice
          kind="hint"
          testID="level"
          actions={
            <Button
              label={put('bench.leave-mm', { gap: { millimetres: usual.mm } })}
              onPress={() => setter(onEdit)('headspaceMm')(usual.mm)}
            />
          }
        >
          {tell(level)}
        </Notice>
      ) : null}
      {disc && work === 'rolled' ? <DoughLines disc={disc} data={data} /> : null}
      {disc && work === 'pressed' ? (
        <Labelled label={say('bench.dough-a-tin')}>
          <Figure {...measured({ grams: disc.liningG })} size="figure" testID="dough" />
        </Labelled>
      ) : null}
      {vessel && data.shell === 'none' && turnsOut(data, build) ? (
        <Soft>
          {put('bench.to-turn-one-out-a-plate', {
            across: { widthMm: insideOf(vessel).topLengthMm + PLATE_BEYOND_MM },
          })}
        </Soft>
      ) : null}
      {analysis.unknown.length > 0 ? (
        <UnknownAmount data={data} analysis={analysis} fit={fit} onEdit={onEdit} />
      ) : analysis.whole.grams <= 0 ? (
        <Soft>{say('bench.nothing-mixed-yet')}</Soft>
      ) : batchStands(fit.level) === 'fits' ? (
        <Soft testID="batch-fits">{say('bench.the-batch-fills-the-tins-as')}</Soft>
      ) : (
        <BatchNotice data={data} level={fit.level} onEdit={onEdit} />
      )}
    </>
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

import type { FormulaData } from '@hollow-moon/contract';
import {
  batchStands,
  cannotTell,
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
  type Analysis,
  type Build,
  type DoughDisc,
  type Fit,
} from '@hollow-moon/core';
import { useState } from 'react';
import { View } from 'react-native';
import {
  Button,
  Choice,
  Figure,
  Labelled,
  Notice,
  NumberField,
  Picker,
  Read,
  Sheet,
  Soft,
  useWords,
} from '../design';
import { say, grams, centimetres } from '@hollow-moon/words';
import { BatchNotice } from '../forecast';
import { withLine } from '../drafts/drafts';
import { optionsOf, type KitchenBook } from '../book/book';
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
  const untold = cannotTell(analysis);
  if (!untold) return null;
  const [line] = analysis.unknown;
  const wantsG = fit.unknownWantsG;
  const tins = data.vesselCount === 1 ? 'The tin wants' : `The ${data.vesselCount} tins want`;
  const offer =
    line && wantsG !== undefined ? ` ${tins} about ${grams(wantsG)} g of ${plainName(line)}.` : '';
  return (
    <Notice
      kind="hint"
      testID="unknown-amount"
      actions={
        line && wantsG !== undefined ? (
          <Button
            label={`Take ${grams(wantsG)} g`}
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
      {`${untold}${offer}`}
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

const width = ({ diameterMm, breadthMm }: DoughDisc): string =>
  diameterMm === breadthMm
    ? centimetres(diameterMm)
    : `${centimetres(diameterMm)} × ${centimetres(breadthMm)}`;

/** The dough: how wide it is rolled, and what the dough in hand can give. */
function DoughLines({ disc, data }: { readonly disc: DoughDisc; readonly data: FormulaData }) {
  const { tell } = useWords();
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
        <Labelled label="Roll the dough">
          <Figure value={width(disc)} unit={round ? 'cm wide' : 'cm'} size="figure" testID="disc" />
        </Labelled>
        <Labelled label="Dough a tin">
          <Figure value={grams(disc.massG)} unit="g" size="figure" testID="dough" />
        </Labelled>
      </View>
      <Soft>{`About ${grams(disc.massG - disc.liningG)} g of it is trimmed off. Base, walls and 2 cm to trim; 1.2 g/cm³.`}</Soft>
      <NumberField
        label="Dough in hand"
        unit="g"
        mayBeEmpty
        value={inHand}
        onChange={setInHand}
        className="w-36"
        testID="dough-in-hand"
      />
      {inHand > 0 ? (
        <Read testID="dough-gives">
          {`Lines ${discs.fresh}${discs.rerolled > 0 ? ` and ${discs.rerolled} from the scraps` : ''}, ${grams(discs.leftG)} g over.${tie && !tie.ok && discs.fresh < data.vesselCount ? ` For ${data.vesselCount}: ${tell(tie.problem)}` : ''}`}
        </Read>
      ) : null}
    </>
  );
}

/** The tin, the shell and the level, and what they do to masses, disc and depth. */
export function TinSheet({
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
  const set = (field: keyof FormulaData) => (value: unknown) =>
    onEdit(field, (data) => ({ ...data, [field]: value }));
  const { build, vessel } = inKitchen;
  const analysis = build.filling;
  const found = problemOf(inKitchen);
  const problemAt = (field: string) => (found?.field === field ? tell(found.problem) : undefined);
  const fit = inKitchen.fit?.ok ? inKitchen.fit.value : undefined;
  const level = fit && levelWarning(data.family, fit.wanted.depthMm, data.headspaceMm);
  const usual = isFamily(data.family) ? HEADSPACE[data.family] : undefined;
  const disc =
    vessel && data.shell !== 'none' && data.shellThicknessMm > 0
      ? doughDisc(vessel, data.shellThicknessMm)
      : undefined;
  return (
    <Sheet title="Tin and shell">
      <Picker
        label="Tin"
        testID="tin-picker"
        value={data.vesselId ?? ''}
        onChange={(value) => set('vesselId')(value === '' ? null : value)}
        options={[{ value: '', label: 'Choose a tin' }, ...optionsOf(book.vessels, data.vesselId)]}
      />
      {problemAt('vessel') ? <Soft>{problemAt('vessel') ?? ''}</Soft> : null}
      <View className="flex-row flex-wrap gap-3">
        <NumberField
          label="How many"
          value={data.vesselCount}
          onChange={set('vesselCount')}
          problem={problemAt('count')}
          className="w-24"
        />
        <NumberField
          label="Gap to the rim"
          unit="mm"
          value={data.headspaceMm}
          onChange={set('headspaceMm')}
          problem={problemAt('headspace')}
          className="w-32"
          testID="headspace"
        />
        {data.shell === 'none' ? null : (
          <NumberField
            label="Shell"
            unit="mm"
            value={data.shellThicknessMm}
            onChange={set('shellThicknessMm')}
            problem={problemAt('shell')}
            className="w-28"
            testID="shell-thickness"
          />
        )}
      </View>
      <Choice
        label="Shell of"
        options={SHELL_KINDS.map((value) => ({ value, label: say(`shell.${value}`) }))}
        value={data.shell}
        onChange={set('shell')}
      />
      {fit ? (
        <>
          <View className="flex-row flex-wrap gap-x-6 gap-y-3">
            <Labelled label="Filling wanted">
              <Figure value={grams(fit.toMixG)} unit="g" size="figure" testID="filling-wanted" />
            </Labelled>
            <Labelled label="Into each">
              <Figure value={grams(fit.wanted.massG)} unit="g" size="figure" testID="each-tin" />
            </Labelled>
            <Labelled label="Depth">
              <Figure value={centimetres(fit.wanted.depthMm)} unit="cm" size="figure" />
            </Labelled>
          </View>
          {build.takenMl > 0 ? (
            <Soft>{`What lies under it takes ${grams(build.takenMl)} ml of each.`}</Soft>
          ) : null}
          {level && usual ? (
            <Notice
              kind="hint"
              testID="level"
              actions={
                <Button
                  label={`Leave ${usual.mm} mm`}
                  onPress={() => set('headspaceMm')(usual.mm)}
                />
              }
            >
              {tell(level)}
            </Notice>
          ) : null}
          {disc && data.shell !== 'crumb-shell' ? <DoughLines disc={disc} data={data} /> : null}
          {vessel && data.shell === 'none' && turnsOut(data, build) ? (
            <Soft>{`To turn one out, a plate of ${centimetres(insideOf(vessel).topLengthMm + PLATE_BEYOND_MM)} cm or more.`}</Soft>
          ) : null}
          {cannotTell(analysis) ? (
            <UnknownAmount data={data} analysis={analysis} fit={fit} onEdit={onEdit} />
          ) : analysis.whole.grams <= 0 ? (
            <Soft>Nothing mixed yet.</Soft>
          ) : batchStands(fit.level) === 'fits' ? (
            <Soft testID="batch-fits">The batch fills the tins as wanted.</Soft>
          ) : (
            <BatchNotice data={data} level={fit.level} onEdit={onEdit} />
          )}
        </>
      ) : null}
    </Sheet>
  );
}

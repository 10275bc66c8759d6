// What the tins take, whether the batch fills them, and the dough that lines them.
import type { FormulaData } from '@hollow-moon/contract';
import {
  batchStands,
  checkDisc,
  discsFrom,
  doughDisc,
  HEADSPACE,
  insideOf,
  isFamily,
  judgePart,
  levelWarning,
  plainName,
  PLATE_BEYOND_MM,
  shellWorkOf,
  type Analysis,
  type Build,
  type DoughDisc,
  type Fit,
} from '@hollow-moon/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, Figure, Labelled, Notice, NumberField, Read, Soft, useWords } from '../design';
import { grams, say, type Measured, type Words } from '@hollow-moon/words';
import { BatchNotice } from '../forecast';
import { withLine } from '../drafts/drafts';
import type { BuildInKitchen } from './useBuild';
import type { Edit } from '../drafts/edits';

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

/** What the tins take, and whether the batch fills them. */
export function FitLines({
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
              onPress={() => onEdit('headspaceMm', (data) => ({ ...data, headspaceMm: usual.mm }))}
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

import type { FormulaData } from '@hollow-moon/contract';
import {
  checkDisc,
  discsFrom,
  doughDisc,
  HEADSPACE,
  insideOf,
  isFamily,
  judgePart,
  levelWarning,
  PLATE_BEYOND_MM,
  scaleLines,
  SHELL_KINDS,
  SHELL_NAMES,
  type Build,
  type DoughDisc,
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
} from '../design';
import { centimetres, grams } from '../design/format';
import type { KitchenBook } from '../store/kitchen';
import type { BuildInKitchen } from './useBuild';

type Edit = (field: string, data: FormulaData) => void;

/** What stands in the way of a fit, at its field. */
function problemOf({ vessel, fit }: BuildInKitchen) {
  if (!vessel) return { problem: 'Choose a tin to see masses, disc and depth.', field: 'vessel' };
  if (!fit) return { problem: 'How many? A whole number, at least one.', field: 'count' };
  if (fit.ok) return undefined;
  const field = fit.problem.path === 'headspaceMm' ? 'headspace' : 'shell';
  return { problem: fit.problem.message, field };
}

/** How the batch sits in the tins: short, over, or just right. */
function balance(wantedG: number, mixtureG: number): string {
  const spareG = mixtureG - wantedG;
  if (mixtureG <= 0) return 'Nothing mixed yet.';
  if (Math.abs(spareG) <= 0.02 * wantedG) return 'The batch fills the tins as wanted.';
  return spareG > 0
    ? `The batch is ${grams(spareG)} g more than the tins want.`
    : `The batch is ${grams(-spareG)} g short for the tins.`;
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
          {`Lines ${discs.fresh}${discs.rerolled > 0 ? ` and ${discs.rerolled} from the scraps` : ''}, ${grams(discs.leftG)} g over.${tie && !tie.ok && discs.fresh < data.vesselCount ? ` For ${data.vesselCount}: ${tie.problem.message}` : ''}`}
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
  const set = (field: keyof FormulaData) => (value: unknown) =>
    onEdit(field, { ...data, [field]: value });
  const { build, vessel } = inKitchen;
  const analysis = build.filling;
  const found = problemOf(inKitchen);
  const problemAt = (field: string) => (found?.field === field ? found.problem : undefined);
  const fit = inKitchen.fit?.ok ? inKitchen.fit.value : undefined;
  const overflow = fit && !fit.asMixed.ok ? fit.asMixed.problem.message : undefined;
  const level = fit && levelWarning(data.family, fit.wanted.depthMm, data.headspaceMm);
  const usual = isFamily(data.family) ? HEADSPACE[data.family] : undefined;
  const scale = () => {
    if (!fit || analysis.mixtureG <= 0) return;
    onEdit('scale', { ...data, lines: scaleLines(data.lines, fit.toMixG / analysis.mixtureG) });
  };
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
        options={[
          { value: '', label: 'Choose a tin' },
          ...book.vessels.map(({ id, data: { name } }) => ({ value: id, label: name })),
        ]}
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
        options={SHELL_KINDS.map((value) => ({ value, label: SHELL_NAMES[value] }))}
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
              {level}
            </Notice>
          ) : null}
          {disc && data.shell !== 'crumb-shell' ? <DoughLines disc={disc} data={data} /> : null}
          {vessel && data.shell === 'none' && turnsOut(data, build) ? (
            <Soft>{`To turn one out, a plate of ${centimetres(insideOf(vessel).topLengthMm + PLATE_BEYOND_MM)} cm or more.`}</Soft>
          ) : null}
          {overflow ? (
            <Notice
              kind="danger"
              testID="overflow"
              actions={<Button label="Scale to the tins" weight="main" onPress={scale} />}
            >
              {overflow}
            </Notice>
          ) : (
            <View className="flex-row flex-wrap items-center justify-between gap-2">
              <Soft className="flex-1">{balance(fit.toMixG, analysis.mixtureG)}</Soft>
              <Button label="Scale to the tins" onPress={scale} disabled={analysis.mixtureG <= 0} />
            </View>
          )}
        </>
      ) : null}
    </Sheet>
  );
}

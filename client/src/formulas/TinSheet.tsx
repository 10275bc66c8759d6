import type { FormulaData } from '@hollow-moon/contract';
import {
  doughDisc,
  fillToHeadspace,
  fillWithMass,
  roomInside,
  scaleLines,
  SHELL_KINDS,
  SHELL_NAMES,
  type Analysis,
} from '@hollow-moon/core';
import { View } from 'react-native';
import {
  Button,
  Choice,
  Figure,
  Labelled,
  Notice,
  NumberField,
  Picker,
  Sheet,
  Soft,
} from '../design';
import { centimetres, grams } from '../design/format';
import type { KitchenBook } from '../store/kitchen';

type Edit = (field: string, data: FormulaData) => void;

interface Fit {
  readonly depthMm: number;
  readonly wantedG: number;
  readonly surfaceMm: number;
  readonly discMm: number;
  readonly doughG: number;
  readonly trimmingsG: number;
}

/** What a formula comes to in its tins, or what stands in the way. */
function fitIn(data: FormulaData, analysis: Analysis, book: KitchenBook) {
  const vessel = book.vessels.find((each) => each.id === data.vesselId)?.data;
  if (!vessel)
    return { problem: 'Choose a tin to see masses, disc and depth.', field: 'vessel' } as const;
  if (!Number.isInteger(data.vesselCount) || data.vesselCount < 1) {
    return { problem: 'How many? A whole number, at least one.', field: 'count' } as const;
  }
  const room = roomInside(vessel, data.shell === 'none' ? 0 : data.shellThicknessMm);
  if (!room.ok) return { problem: room.problem.message, field: 'shell' } as const;
  const fill = fillToHeadspace(room.value, data.headspaceMm, analysis.densityGMl);
  if (!fill.ok) return { problem: fill.problem.message, field: 'headspace' } as const;
  const disc = doughDisc(vessel, data.shellThicknessMm);
  const fit: Fit = {
    depthMm: fill.value.depthMm,
    wantedG: fill.value.massG * data.vesselCount,
    surfaceMm: room.value.topLengthMm,
    discMm: disc.diameterMm,
    doughG: disc.massG,
    trimmingsG: disc.massG - disc.liningG,
  };
  const asIs = fillWithMass(room.value, analysis.mixtureG / data.vesselCount, analysis.densityGMl);
  return { fit, asIs, vessel } as const;
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

/** The tin, the shell and the level, and what they do to masses, disc and depth. */
export function TinSheet({
  data,
  analysis,
  book,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly analysis: Analysis;
  readonly book: KitchenBook;
  readonly onEdit: Edit;
}) {
  const set = (field: keyof FormulaData) => (value: unknown) =>
    onEdit(field, { ...data, [field]: value });
  const found = fitIn(data, analysis, book);
  const problemAt = (field: string) =>
    'problem' in found && found.field === field ? found.problem : undefined;
  const fit = 'fit' in found ? found.fit : undefined;
  const overflow =
    'asIs' in found && found.asIs && !found.asIs.ok ? found.asIs.problem.message : undefined;
  const scale = () => {
    if (!fit || analysis.mixtureG <= 0) return;
    onEdit('scale', { ...data, lines: scaleLines(data.lines, fit.wantedG / analysis.mixtureG) });
  };
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
              <Figure value={grams(fit.wantedG)} unit="g" size="figure" testID="filling-wanted" />
            </Labelled>
            <Labelled label="Depth">
              <Figure value={centimetres(fit.depthMm)} unit="cm" size="figure" />
            </Labelled>
            {data.shell === 'none' ? null : (
              <>
                <Labelled label="Roll the dough">
                  <Figure
                    value={centimetres(fit.discMm)}
                    unit="cm wide"
                    size="figure"
                    testID="disc"
                  />
                </Labelled>
                <Labelled label="Dough a tin">
                  <Figure value={grams(fit.doughG)} unit="g" size="figure" testID="dough" />
                </Labelled>
              </>
            )}
          </View>
          {data.shell === 'none' ? null : (
            <Soft>{`About ${grams(fit.trimmingsG)} g of it is trimmed off. Base, walls and 2 cm to trim; 1.2 g/cm³.`}</Soft>
          )}
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
              <Soft className="flex-1">{balance(fit.wantedG, analysis.mixtureG)}</Soft>
              <Button label="Scale to the tins" onPress={scale} disabled={analysis.mixtureG <= 0} />
            </View>
          )}
        </>
      ) : null}
    </Sheet>
  );
}

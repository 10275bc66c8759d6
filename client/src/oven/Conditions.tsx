import { Choice, Fold, NumberField, OvenField, Range, Soft, useWords } from '../design';
import { say } from '@hollow-moon/words';
import type { FormulaData, Tried } from '@hollow-moon/contract';
import { memo, useCallback, type Dispatch, type SetStateAction } from 'react';
import {
  OVEN_KINDS,
  START_LIMITS_C,
  type BathForecast,
  type OvenKind,
  type Problem,
} from '@hollow-moon/core';
import { View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { ChooseOven } from '../equipment';
import { BathChoice } from './BathChoice';
import type { Edit } from '../drafts/edits';

/** Sliders run where custards are baked; a figure outside is typed. */
const OVEN_SLIDER_C = { least: 80, most: 230 } as const;

const MODES = OVEN_KINDS.map((value) => ({ value, label: say(`oven-kind.${value}`) }));

/** Which oven, and how it is used. */
const OvenChoice = memo(function OvenChoice({
  book,
  ovenId,
  mode,
  onOven,
  onMode,
}: {
  readonly book: KitchenBook;
  readonly ovenId: string | null;
  readonly mode: OvenKind | undefined;
  readonly onOven: (ovenId: string | null) => void;
  readonly onMode: (mode: OvenKind) => void;
}) {
  return (
    <>
      <ChooseOven
        label={say('oven.oven')}
        none={say('oven.choose-an-oven')}
        value={ovenId}
        book={book}
        onChange={onOven}
        testID="oven-picker"
      />
      <Choice label={say('oven.used-as')} options={MODES} value={mode} onChange={onMode} />
    </>
  );
});

/** What is chosen goes onto the formula, or is only tried; the same functions each time, so that nothing is drawn again for them. */
function useChoices(onEdit: Edit, onTried: Dispatch<SetStateAction<Tried>>) {
  const chooseOven = useCallback(
    // Another oven is used as what it is.
    (ovenId: string | null) =>
      onEdit('ovenId', (data) => ({
        ...data,
        ovenId,
        ovenUse: { ...data.ovenUse, mode: null },
      })),
    [onEdit],
  );
  const chooseMode = useCallback(
    (mode: OvenKind) => onEdit('mode', (data) => ({ ...data, ovenUse: { ...data.ovenUse, mode } })),
    [onEdit],
  );
  const chooseSet = useCallback(
    (setC: number) => onEdit('setC', (data) => ({ ...data, setC })),
    [onEdit],
  );
  const chooseBath = useCallback(
    (bath: FormulaData['bath']) => onEdit('bath', (data) => ({ ...data, bath })),
    [onEdit],
  );
  const chooseAltitude = useCallback(
    (altitudeM: number) => onTried((before) => ({ ...before, altitudeM })),
    [onTried],
  );
  return {
    oven: chooseOven,
    mode: chooseMode,
    set: chooseSet,
    bath: chooseBath,
    altitude: chooseAltitude,
  };
}

/** What an oven that is off really comes to. */
function RealHeat({ setC, offsetK }: { readonly setC: number; readonly offsetK: number }) {
  const { put } = useWords();
  return (
    <Soft>
      {put('oven.runs-c-it-really', {
        offset: { kelvin: Math.abs(offsetK) },
        way: offsetK < 0 ? 'cool' : 'hot',
        reaches: { celsius: setC + offsetK },
      })}
    </Soft>
  );
}

/** What a slider is too coarse or too short for. */
function Exactly({
  setC,
  altitudeM,
  onSet,
  onAltitude,
  problem,
}: {
  readonly setC: number;
  readonly altitudeM: number;
  readonly onSet: (setC: number) => void;
  readonly onAltitude: (altitudeM: number) => void;
  readonly problem: Problem | undefined;
}) {
  const { tell } = useWords();
  const problemAt = (path: string) => (problem?.path === path ? tell(problem) : undefined);
  return (
    <View className="flex-row flex-wrap gap-3">
      <OvenField
        label={say('oven.oven-exactly')}
        value={setC}
        onChange={onSet}
        problem={problemAt('setC')}
        className="w-36"
        testID="oven-exact"
      />
      <NumberField
        label={say('oven.altitude')}
        unit="m"
        value={altitudeM}
        onChange={onAltitude}
        problem={problemAt('altitudeM')}
        className="w-36"
        testID="altitude"
      />
    </View>
  );
}

/** The two that are turned to see what they do: what the oven is set to, and how warm the filling is poured. */
export const OvenStrips = memo(function OvenStrips({
  data,
  book,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly onEdit: Edit;
}) {
  const { degrees, quantity, unit, units } = useWords();
  const chooseSet = useCallback(
    (setC: number) => onEdit('setC', (data) => ({ ...data, setC })),
    [onEdit],
  );
  const chooseStart = useCallback(
    (fillingStartC: number) => onEdit('fillingStartC', (data) => ({ ...data, fillingStartC })),
    [onEdit],
  );
  const offsetK = book.ovens.find((each) => each.id === data.ovenId)?.data.offsetK ?? 0;
  return (
    <View>
      <Range
        label={say('oven.set-here')}
        testID="oven-slider"
        value={data.setC}
        least={OVEN_SLIDER_C.least}
        most={OVEN_SLIDER_C.most}
        step={1}
        shown={units.degrees === 'gas' ? quantity({ ovenC: data.setC }) : degrees(data.setC)}
        {...(units.degrees === 'gas' ? {} : { unit })}
        onChange={chooseSet}
      />
      {offsetK === 0 ? null : <RealHeat setC={data.setC} offsetK={offsetK} />}
      <Range
        label={say('oven.filling-poured-at')}
        testID="start-slider"
        value={data.fillingStartC}
        least={START_LIMITS_C.least}
        most={START_LIMITS_C.most}
        step={1}
        shown={degrees(data.fillingStartC)}
        unit={unit}
        onChange={chooseStart}
      />
    </View>
  );
});

/** Oven, its exact setting, bath and altitude: what a forecast hangs on besides formula and tin. */
export const ConditionsFold = memo(function ConditionsFold({
  data,
  book,
  tried,
  onTried,
  onEdit,
  problem,
  bath,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly tried: Tried;
  readonly onTried: Dispatch<SetStateAction<Tried>>;
  readonly onEdit: Edit;
  readonly problem: Problem | undefined;
  readonly bath: BathForecast | undefined;
}) {
  const { put } = useWords();
  const oven = book.ovens.find((each) => each.id === data.ovenId)?.data;
  const vessel = book.vessels.find((each) => each.id === data.vesselId)?.data;
  const choose = useChoices(onEdit, onTried);
  return (
    <Fold
      id="conditions"
      title={say('oven.oven-and-filling')}
      summary={put('oven.in-short', {
        oven: oven?.name ?? say('oven.no-oven-chosen'),
        set: { ovenC: data.setC },
        bath: data.bath ? 'yes' : 'no',
      })}
      begin={data.ovenId === null || ['setC', 'altitudeM', 'levelMm'].includes(problem?.path ?? '')}
    >
      {() => (
        <>
          <OvenChoice
            book={book}
            ovenId={data.ovenId}
            mode={data.ovenUse.mode ?? oven?.kind}
            onOven={choose.oven}
            onMode={choose.mode}
          />
          <BathChoice
            bath={data.bath}
            vessel={vessel}
            vesselCount={data.vesselCount}
            foreseen={bath}
            problem={problem}
            onBath={choose.bath}
          />
          <Exactly
            setC={data.setC}
            altitudeM={tried.altitudeM ?? book.kitchen.data.altitudeM}
            onSet={choose.set}
            onAltitude={choose.altitude}
            problem={problem}
          />
        </>
      )}
    </Fold>
  );
});

import type { FormulaData } from '@hollow-moon/contract';
import { memo } from 'react';
import { OVEN_KIND_NAMES, OVEN_KINDS, START_LIMITS_C, type Problem } from '@hollow-moon/core';
import { View } from 'react-native';
import { Choice, NumberField, Picker, Range, Sheet, Soft } from '../design';
import type { KitchenBook } from '../store/kitchen';
import { useTemperature } from '../store/useTemperature';
import type { Tried } from './plan';

/** Sliders run where custards are baked; a figure outside is typed. */
const OVEN_SLIDER_C = { least: 80, most: 230 } as const;

/** Oven, setting, start temperature and altitude: what a forecast hangs on besides formula and tin. */
export const Conditions = memo(function Conditions({
  data,
  book,
  tried,
  onTried,
  onEdit,
  problem,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly tried: Tried;
  readonly onTried: (tried: Tried) => void;
  readonly onEdit: (field: string, data: FormulaData) => void;
  readonly problem: Problem | undefined;
}) {
  const { degrees, unit } = useTemperature();
  const problemAt = (path: string) => (problem?.path === path ? problem.message : undefined);
  const oven = book.ovens.find((each) => each.id === data.ovenId)?.data;
  const offset = oven?.offsetK ?? 0;
  return (
    <Sheet title="Oven and filling">
      <Picker
        label="Oven"
        testID="oven-picker"
        value={data.ovenId ?? ''}
        options={[
          { value: '', label: 'Choose an oven' },
          ...book.ovens.map(({ id, data: { name } }) => ({ value: id, label: name })),
        ]}
        onChange={(value) => {
          onTried({ ...tried, mode: undefined });
          onEdit('ovenId', { ...data, ovenId: value === '' ? null : value });
        }}
      />
      <Choice
        label="Used as"
        options={OVEN_KINDS.map((value) => ({ value, label: OVEN_KIND_NAMES[value] }))}
        value={tried.mode ?? oven?.kind}
        onChange={(mode) => onTried({ ...tried, mode })}
      />
      <Range
        label="Set to"
        testID="oven-slider"
        value={data.setC}
        least={OVEN_SLIDER_C.least}
        most={OVEN_SLIDER_C.most}
        step={1}
        shown={degrees(data.setC)}
        unit={unit}
        onChange={(setC) => onEdit('setC', { ...data, setC })}
      />
      {offset === 0 ? null : (
        <Soft>{`Runs ${Math.abs(offset)} °C ${offset < 0 ? 'cool' : 'hot'}: it really reaches ${degrees(data.setC + offset)} ${unit}.`}</Soft>
      )}
      <Range
        label="Filling poured at"
        testID="start-slider"
        value={data.fillingStartC}
        least={START_LIMITS_C.least}
        most={START_LIMITS_C.most}
        step={1}
        shown={degrees(data.fillingStartC)}
        unit={unit}
        onChange={(fillingStartC) => onEdit('fillingStartC', { ...data, fillingStartC })}
      />
      <View className="flex-row flex-wrap gap-3">
        <NumberField
          label="Oven, exactly"
          unit="°C"
          value={data.setC}
          onChange={(setC) => onEdit('setC', { ...data, setC })}
          problem={problemAt('setC')}
          className="w-36"
          testID="oven-exact"
        />
        <NumberField
          label="Altitude"
          unit="m"
          value={tried.altitudeM ?? book.kitchen.data.altitudeM}
          onChange={(altitudeM) => onTried({ ...tried, altitudeM })}
          problem={problemAt('altitudeM')}
          className="w-36"
          testID="altitude"
        />
      </View>
    </Sheet>
  );
});

import type { FormulaData } from '@hollow-moon/contract';
import { bathSize, insideOf, type BathForecast, type Problem } from '@hollow-moon/core';
import { View } from 'react-native';
import { Choice, Notice, NumberField, Range, Soft } from '../design';
import { minutes, withUnit } from '../design/format';
import type { KitchenBook } from '../store/kitchen';
import { useTemperature } from '../store/useTemperature';

/** A kettle, ml. Common practice: 1.7 l, filled to 1.5. */
const KETTLE_ML = 1500;

const litres = (ml: number): string =>
  `${(Math.round(ml / 50) * 0.05).toFixed(2).replace(/0$/, '')} l`;

/** Whether the vessels stand in water, how much of it, and what becomes of it. */
export function BathChoice({
  data,
  book,
  bath,
  problem,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  /** What the forecast says of it. */
  readonly bath: BathForecast | undefined;
  readonly problem: Problem | undefined;
  readonly onEdit: (field: string, data: FormulaData) => void;
}) {
  const { degrees, unit } = useTemperature();
  const vessel = book.vessels.find((each) => each.id === data.vesselId)?.data;
  const set = (change: Partial<NonNullable<FormulaData['bath']>>) =>
    data.bath && onEdit('bath', { ...data, bath: { ...data.bath, ...change } });
  const begin = () =>
    onEdit('bath', {
      ...data,
      bath: {
        panLengthMm: 380,
        panBreadthMm: 280,
        // Half-way up: common practice.
        levelMm: vessel ? Math.round(insideOf(vessel).heightMm / 2) : 20,
        waterC: 90,
      },
    });
  const at = (path: string) => (problem?.path === `bath.${path}` ? problem.message : undefined);
  const size =
    data.bath && vessel ? bathSize({ ...data.bath, vessels: data.vesselCount }, vessel) : undefined;
  return (
    <>
      <Choice
        label="Round the vessels"
        value={data.bath ? 'bath' : 'dry'}
        onChange={(value) => (value === 'bath' ? begin() : onEdit('bath', { ...data, bath: null }))}
        options={[
          { value: 'dry', label: 'Dry oven' },
          { value: 'bath', label: 'Water bath' },
        ]}
      />
      {data.bath ? (
        <>
          <View className="flex-row flex-wrap gap-3">
            <NumberField
              label="Pan, long"
              unit="cm"
              value={data.bath.panLengthMm / 10}
              onChange={(cm) => set({ panLengthMm: cm * 10 })}
              problem={at('panLengthMm')}
              className="w-28"
              testID="pan-length"
            />
            <NumberField
              label="and broad"
              unit="cm"
              value={data.bath.panBreadthMm / 10}
              onChange={(cm) => set({ panBreadthMm: cm * 10 })}
              className="w-28"
              testID="pan-breadth"
            />
            <NumberField
              label="Water comes up"
              unit="mm"
              value={data.bath.levelMm}
              onChange={(levelMm) => set({ levelMm })}
              problem={at('levelMm')}
              className="w-32"
              testID="bath-level"
            />
          </View>
          <Range
            label="Water poured at"
            testID="water-slider"
            value={data.bath.waterC}
            least={10}
            most={100}
            step={1}
            shown={degrees(data.bath.waterC)}
            unit={unit}
            onChange={(waterC) => set({ waterC })}
          />
          {size?.ok ? (
            <Soft testID="bath-water">
              {`Takes ${litres(size.value.waterMl)} of water, ${Math.ceil(size.value.waterMl / KETTLE_ML)} ${size.value.waterMl > KETTLE_ML ? 'kettles' : 'kettle'}.${
                bath
                  ? ` At the pull it is at ${withUnit(degrees(bath.atPullC), unit)} and ${litres(bath.leftMl)} are left.`
                  : ''
              }`}
            </Soft>
          ) : null}
          {bath?.simmersAtS === undefined ? null : (
            <Notice kind="danger" testID="bath-simmers">
              {`Lower the oven, or pour cooler water: the bath simmers from ${minutes(bath.simmersAtS)} min, and shakes the custard to grains.`}
            </Notice>
          )}
        </>
      ) : null}
    </>
  );
}

import type { Forecast, Pull } from '@hollow-moon/core';
import { Pressable, View } from 'react-native';
import { Figure, Labelled, Read, Soft } from '../design';
import { centimetres, minutes, withUnit } from '../design/format';
import { useTemperature } from '../store/useTemperature';

/** Earliest, best and latest side by side: minute, probe, wobble and coast; a tap goes there. */
export function WindowTable({
  forecast,
  onTime,
}: {
  readonly forecast: Forecast;
  readonly onTime: (timeS: number) => void;
}) {
  const { degrees, unit } = useTemperature();
  const { verdict } = forecast;
  if (verdict.kind === 'no-window') return null;
  const columns: [string, Pull][] = [
    ['Earliest', verdict.earliest],
    ['Best', verdict.best],
    [verdict.latestIsLimit ? 'Latest' : 'Still fine', verdict.latest],
  ];
  return (
    <View className="flex-row gap-2">
      {columns.map(([label, pull]) => (
        <Pressable
          key={label}
          role="button"
          aria-label={`${label}: ${minutes(pull.timeS)} min, probe ${degrees(pull.probeC)} ${unit}. Show it`}
          onPress={() => onTime(pull.timeS)}
          className={`flex-1 gap-1 rounded border p-2 active:opacity-70 ${label === 'Best' ? 'border-2 border-ink' : 'border-line'}`}
        >
          <Labelled label={label}>
            <Figure
              value={minutes(pull.timeS)}
              unit="min"
              size="figure"
              testID={`pull-${label.toLowerCase()}`}
            />
          </Labelled>
          <Read>{`probe ${withUnit(degrees(pull.probeC), unit)}`}</Read>
          <Soft>
            {pull.wobble.diameterM > 0.005
              ? `wobble ${withUnit(centimetres(pull.wobble.diameterM * 1000), 'cm')}`
              : 'only quivers'}
          </Soft>
          <Soft>{`coasts to ${withUnit(degrees(pull.peakC), unit)}`}</Soft>
        </Pressable>
      ))}
    </View>
  );
}

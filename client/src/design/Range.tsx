import { createElement, memo } from 'react';
import { View } from 'react-native';
import { Figure, Soft } from './Text';

/** A slider in a row: what it sets, the browser's own slider with its keyboard and its voice, and what it is set to. */
export const Range = memo(function Range({
  label,
  value,
  least,
  most,
  step,
  onChange,
  shown,
  unit,
  testID,
}: {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  readonly onChange: (value: number) => void;
  /** The value in words, for the eye and for those who listen. */
  readonly shown: string;
  readonly unit?: string;
  readonly testID?: string;
}) {
  return (
    <View className="min-h-12 flex-row items-center gap-3">
      <View className="w-20">
        <Soft>{label}</Soft>
      </View>
      <View className="min-w-0 flex-1">
        {createElement('input', {
          type: 'range',
          className: 'moon-range',
          'aria-label': label,
          'aria-valuetext': unit ? `${shown} ${unit}` : shown,
          'data-testid': testID,
          min: least,
          max: most,
          step,
          value,
          onChange: (event: { target: { value: string } }) => onChange(Number(event.target.value)),
        })}
      </View>
      <Figure value={shown} className="min-w-20 text-right" {...(unit ? { unit } : {})} />
    </View>
  );
});

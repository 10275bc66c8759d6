import { createElement, memo } from 'react';
import { View } from 'react-native';
import { Figure, Soft } from './Text';

/** A slider: the browser's own, with its keyboard and its voice, dressed in global.css. */
export const Range = memo(function Range({
  label,
  value,
  least,
  most,
  step,
  onChange,
  shown,
  unit,
  hideLabel = false,
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
  readonly hideLabel?: boolean;
  readonly testID?: string;
}) {
  return (
    <View>
      {hideLabel ? null : (
        <View className="flex-row items-baseline justify-between">
          <Soft>{label}</Soft>
          <Figure value={shown} {...(unit ? { unit } : {})} />
        </View>
      )}
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
  );
});

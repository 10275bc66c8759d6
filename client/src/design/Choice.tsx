import { createElement } from 'react';
import { Pressable, Text, View } from 'react-native';
import { useRadioKeys } from './radioKeys';
import { Soft } from './Text';

export interface Option<T extends string> {
  readonly value: T;
  readonly label: string;
}

/** A few alternatives side by side. */
export function Choice<T extends string>({
  label,
  options,
  value,
  onChange,
  hideLabel = false,
}: {
  readonly label: string;
  readonly options: readonly Option<T>[];
  readonly value: T | undefined;
  readonly onChange: (value: T) => void;
  readonly hideLabel?: boolean;
}) {
  const values = options.map((option) => option.value);
  const keysOf = useRadioKeys(values, value, onChange);
  return (
    <View className="gap-1">
      {hideLabel ? null : <Soft>{label}</Soft>}
      <View role="radiogroup" aria-label={label} className="flex-row flex-wrap gap-2">
        {options.map((option) => {
          const chosen = option.value === value;
          return (
            <Pressable
              key={option.value}
              role="radio"
              aria-checked={chosen}
              onPress={() => onChange(option.value)}
              {...keysOf(option.value)}
              className={`min-h-12 min-w-12 items-center justify-center rounded border px-3 ${chosen ? 'border-ink bg-ink' : 'border-ink-soft bg-sheet'}`}
            >
              <Text className={`font-read-strong text-base ${chosen ? 'text-ground' : 'text-ink'}`}>
                {option.label}
              </Text>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}

/** One of many, by the browser's own list: it is searched by typing and works for everybody. */
export function Picker({
  label,
  options,
  value,
  onChange,
  hideLabel = false,
  testID,
}: {
  readonly label: string;
  readonly options: readonly Option<string>[];
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly hideLabel?: boolean;
  readonly testID?: string;
}) {
  return (
    <View className="gap-1">
      {hideLabel ? null : <Soft>{label}</Soft>}
      {createElement(
        'select',
        {
          className: 'moon-select',
          'aria-label': label,
          'data-testid': testID,
          value,
          onChange: (event: { target: { value: string } }) => onChange(event.target.value),
        },
        options.map((option) =>
          createElement('option', { key: option.value, value: option.value }, option.label),
        ),
      )}
    </View>
  );
}
